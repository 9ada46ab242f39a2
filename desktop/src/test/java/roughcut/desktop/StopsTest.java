package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.clearance.Clearance;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.desktop.control.ControlNames;
import roughcut.finding.Chapter;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.measure.InvalidInput;
import roughcut.measure.Units;

/** What stops the work is on the rails, leads to where it is mended, and goes when it is. */
class StopsTest extends WindowTest {
  private static final Map<Chapter, String> STATIONS =
      Map.of(
          Chapter.LAYOUT, "layout",
          Chapter.BLANKS, "blanks",
          Chapter.NECK, "neck",
          Chapter.FRETBOARD, "fretboard",
          Chapter.STRINGS, "bridge",
          Chapter.BODY, "body",
          Chapter.ROUTS, "routs");

  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private void decide(String... settings) {
    show(
        () ->
            session()
                .edit(
                    "settings",
                    "settings",
                    build -> {
                      Design design = build.design();
                      for (String setting : settings) {
                        String[] parts = setting.split("=", 2);
                        Design now = design;
                        try {
                          design =
                              Decisions.find(now, parts[0])
                                  .orElseThrow()
                                  .typed(now, parts[1], Units.MM);
                        } catch (InvalidInput e) {
                          throw new AssertionError(setting, e);
                        }
                      }
                      return build.withDesign(design);
                    }));
  }

  /** What the station's button says under its name. */
  private String state(String station) {
    Node button = robot.lookup((Node n) -> ControlNames.is(n, "station." + station)).query();
    return button.lookupAll(".station-state").stream()
        .map(n -> ((Label) n).getText())
        .collect(Collectors.joining());
  }

  private Set<String> cards() {
    return robot.lookup((Node n) -> ControlNames.of(n).startsWith("stop.")).queryAll().stream()
        .map(n -> ControlNames.of(n).substring(5))
        .collect(Collectors.toCollection(TreeSet::new));
  }

  /** Nothing in the drawer reaches the deepest routs. */
  private void shallowDrawer() {
    show(
        () ->
            session()
                .makeShop(
                    "drawer",
                    "drawer",
                    s ->
                        s.withCutters(
                            s.cutters().stream()
                                .filter(c -> !c.name().endsWith(" long"))
                                .toList())));
  }

  @Test
  void bothRailsSayWhatThePlanSays(FxRobot robot) {
    shallowDrawer();
    decide(
        "pocket.finish=goes-in", "pocket.clearance=0.05", "rod.length=900", "marker.thickness=0.3");
    Set<String> stopped =
        session().plan().get().findings().stream()
            .filter(Finding::stops)
            .map(f -> f.topic().name().toLowerCase(Locale.ROOT))
            .collect(Collectors.toCollection(TreeSet::new));
    assertThat(stopped).contains("neck", "body", "fretboard", "routs", "neck_blank");
    assertThat(cards()).isEqualTo(stopped);
    Map<String, String> said = new TreeMap<>();
    Map<String, String> known = new TreeMap<>();
    STATIONS.forEach(
        (chapter, station) -> {
          said.put(station, state(station));
          known.put(station, session().plan().get().standing(chapter).words().toString());
        });
    assertThat(said).isEqualTo(known);
    assertThat(said.get("body")).isEqualTo("1 not ready");
  }

  @Test
  void aStopLeadsToItsFieldAndGoesWhenMended(FxRobot robot) {
    decide("pocket.finish=goes-in", "pocket.clearance=0.05", "finish.film=0.12");
    click("stop.body");
    assertThat(there("pocket.clearance")).as("its page is open").isTrue();
    assertThat(ControlNames.of(stage.getScene().getFocusOwner())).isEqualTo("pocket.clearance");
    robot.push(KeyCode.CONTROL, KeyCode.A).write("0.2").push(KeyCode.ENTER);
    settle();
    assertThat(cards()).doesNotContain("body");
  }

  @Test
  void aStopWithoutAFieldLeadsToThePageThatTellsIt(FxRobot robot) {
    shallowDrawer();
    for (Topic topic : List.of(Topic.NECK_BLANK, Topic.ROUTS)) {
      click("stop." + topic.name().toLowerCase(Locale.ROOT));
      Finding told = session().plan().get().about(topic).get(0);
      assertThat(told.stops()).isTrue();
      String words = told.words().replaceFirst("^[^:]*: ", "");
      String shown = words.split("\\d")[0].toLowerCase(Locale.ROOT);
      assertThat(
              robot
                  .lookup(
                      (Node n) ->
                          n instanceof Label l
                              && n.getScene() != null
                              && !l.getStyleClass().contains("thin-what")
                              && l.getText() != null
                              && l.getText().toLowerCase(Locale.ROOT).contains(shown))
                  .queryAll())
          .as("%s: “%s”", topic, shown)
          .isNotEmpty();
    }
    Button card = find(robot, "stop.routs", Button.class);
    assertThat(card.getAccessibleText()).contains("3 to get");
  }

  private Clearance rod() {
    return session().plan().get().clearances().stream()
        .filter(t -> t.left().id().equals("rod.least"))
        .findFirst()
        .orElseThrow();
  }

  private void limit(FxRobot robot, String id, String text) {
    robot.clickOn(find(robot, id, TextField.class));
    robot.push(KeyCode.CONTROL, KeyCode.A).write(text, 0).push(KeyCode.ENTER);
    settle();
  }

  @Test
  void aLimitIsChangedWhereItsSpotIsLookedAtAndPutBack(FxRobot robot) {
    Clearance before = rod();
    click("thin.rod.least");
    limit(robot, "limit.better", "9");
    assertThat(rod().limit().warn()).isEqualTo(9);
    limit(robot, "limit.least", "12");
    assertThat(rod().limit().fail()).as("nothing stops before it warns").isEqualTo(2.5);
    robot.push(KeyCode.ESCAPE);
    click("thin.rod.least");
    click("limit.usual");
    assertThat(rod().limit()).isEqualTo(before.limit());
  }
}
