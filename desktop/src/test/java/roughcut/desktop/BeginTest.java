package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import atlantafx.base.controls.Tile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.design.Decisions;
import roughcut.design.Handedness;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.session.OwnShop;
import roughcut.desktop.shell.ShopWindow;
import roughcut.file.BuildFile;
import roughcut.file.ShopBuilds;
import roughcut.file.ShopFile;
import roughcut.measure.Units;
import roughcut.record.Brief;
import roughcut.record.Build;
import roughcut.start.InstrumentKind;
import roughcut.start.NewInstrument;

/** The first card, a new instrument, and the shop's builds, as one who comes in the first time. */
class BeginTest extends WindowTest {
  @Start
  void start(Stage shown) throws IOException {
    open(shown);
  }

  @Stop
  void stop() {
    List.copyOf(Window.getWindows()).stream()
        .filter(w -> w != stage && w.getScene() != null)
        .map(w -> w.getScene().getUserData())
        .filter(ShopWindow.class::isInstance)
        .forEach(w -> ((ShopWindow) w).workspace().close());
    close();
  }

  private ShopBuilds own() throws IOException {
    return new ShopBuilds(new OwnShop(data).folder());
  }

  private void hide(ShopWindow other) {
    show(() -> other.root().getScene().getWindow().hide());
  }

  @Test
  void theFirstCardHasThreeDoorsAndEscLeavesIt() {
    show(window::welcome);
    assertThat(there("home.new")).isTrue();
    assertThat(there("home.demo")).isTrue();
    assertThat(there("home.open")).isTrue();
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(there("home.new")).isFalse();
    show(window::welcome);
    click("home.demo");
    assertThat(there("tour")).as("the look round").isTrue();
  }

  /** While they are read nobody is told that there are none. */
  @Test
  void whileBuildsAreReadItIsSaid() {
    String[] first = new String[1];
    show(
        () -> {
          window.welcome();
          first[0] =
              ((Label) ((ListView<?>) find(robot, "home.builds", Node.class)).getPlaceholder())
                  .getText();
        });
    assertThat(first[0]).isEqualTo("Reading your builds …");
  }

  /** A size remembered from a larger screen: the window is no larger than the one that is there. */
  @Test
  void aWindowFitsTheScreenThatIsThere() throws Exception {
    roughcut.desktop.session.Preferences preferences =
        roughcut.desktop.session.Preferences.in(data);
    preferences.remember("window.width", 5000);
    preferences.remember("window.height", 4000);
    preferences.save();
    Path other = own().begin(NewInstrument.usual("Plover", InstrumentKind.SIX_STRINGS).build());
    ShopWindow[] opened = new ShopWindow[1];
    show(
        () -> {
          try {
            opened[0] = roughcut.desktop.shell.Windows.open(other);
          } catch (IOException e) {
            throw new AssertionError(e);
          }
        });
    Window shown = opened[0].root().getScene().getWindow();
    javafx.geometry.Rectangle2D room = javafx.stage.Screen.getPrimary().getVisualBounds();
    assertThat(shown.getWidth()).isLessThanOrEqualTo(room.getWidth());
    assertThat(shown.getHeight()).isLessThanOrEqualTo(room.getHeight());
    hide(opened[0]);
  }

  /** Each stop rings something that is there, within the window; the last leads to one's own. */
  @Test
  void theLookRoundPointsAtRealControlsAndEndsWithOnesOwn() {
    robot.push(KeyCode.F1);
    settle();
    click("help.look");
    Node ring = robot.lookup(".tour-ring").query();
    Node card = find(robot, "tour", Node.class);
    List<javafx.geometry.Bounds> rings = new java.util.ArrayList<>();
    for (int i = 0; i < 5; i++) {
      settle();
      javafx.geometry.Bounds at = ring.localToScene(ring.getBoundsInLocal());
      assertThat(ring.isVisible()).isTrue();
      assertThat(at.getWidth()).isBetween(30.0, 1280.0);
      assertThat(rings).as("stop " + i).doesNotContain(at);
      rings.add(at);
      javafx.geometry.Bounds words = card.localToScene(card.getLayoutBounds());
      assertThat(words.getMinX()).isGreaterThanOrEqualTo(0);
      assertThat(words.getMaxX()).isLessThanOrEqualTo(stage.getScene().getWidth());
      assertThat(words.getMaxY()).isLessThanOrEqualTo(stage.getScene().getHeight());
      if (i == 2) {
        click("tour-back");
        settle();
        assertThat(ring.localToScene(ring.getBoundsInLocal())).isEqualTo(rings.get(1));
        click("tour-next");
      }
      click("tour-next");
    }
    assertThat(there("new.begin")).as("Start your own").isTrue();
    assertThat(there("tour")).isFalse();
  }

  /** From nothing to one's own instrument without a mouse: a name, another kind, Enter. */
  @Test
  void anInstrumentOfOnesOwnIsBegunByKeysAlone() throws Exception {
    robot.push(KeyCode.CONTROL, KeyCode.N);
    settle();
    robot.write("Plover", 0);
    tabTo("new.kind");
    downTo("new.kind", "Four-string bass"); // past the guitars
    assertThat(find(robot, "new.scale", javafx.scene.control.TextField.class).getText())
        .as("the bass's usual scale")
        .isEqualTo("864");
    tabTo("new.hand");
    downTo("new.hand", "left-handed");
    tabTo("new.scale");
    robot.push(KeyCode.CONTROL, KeyCode.A).write("34 in", 0);
    until(
        () ->
            find(robot, "new.scale", javafx.scene.control.TextField.class)
                .getText()
                .equals("34 in"));
    robot.push(KeyCode.ENTER);
    until(() -> own().all().size() == 1);
    ShopWindow mine = opened("Plover");
    Build build = BuildFile.open(own().all().get(0).path()).build();
    assertThat(build.design().strings()).hasSize(4);
    assertThat(Decisions.HAND.in(build.design())).isEqualTo(Handedness.LEFT);
    assertThat(mine.workspace().session().plan().get().frets().scale().value())
        .isEqualTo(34 * 25.4);
    assertThat(build.log().readings()).isEmpty();
    assertThat(mine.workspace().isDemo()).isFalse();
    assertThat(mine.workspace().session().shop().get().boards()).as("none of the demo's").isEmpty();
    hide(mine);
  }

  /** One Tab leads there. */
  private void tabTo(String id) {
    Node from = stage.getScene().getFocusOwner();
    robot.push(KeyCode.TAB);
    until(() -> stage.getScene().getFocusOwner() != from);
    assertThat(ControlNames.of(stage.getScene().getFocusOwner())).isEqualTo(id);
  }

  /** Down the list until that is chosen. */
  private void downTo(String box, String words) {
    javafx.scene.control.ComboBox<?> combo = find(robot, box, javafx.scene.control.ComboBox.class);
    for (int i = 0; i < combo.getItems().size() && !shown(combo).equals(words); i++) {
      robot.push(KeyCode.DOWN);
      settle();
    }
    assertThat(shown(combo)).isEqualTo(words);
  }

  private static <T> String shown(javafx.scene.control.ComboBox<T> combo) {
    return combo.getConverter().toString(combo.getValue());
  }

  /** In inches the usual scale is shown rounded; begun as it stands it is the usual one. */
  @Test
  void theUsualScaleIsNotRounded() throws Exception {
    robot.push(KeyCode.CONTROL, KeyCode.U);
    robot.push(KeyCode.CONTROL, KeyCode.N);
    settle();
    assertThat(find(robot, "new.scale", javafx.scene.control.TextField.class).getText())
        .isEqualTo("25.197");
    robot.write("Redshank", 0);
    robot.push(KeyCode.ENTER);
    until(() -> shown("Redshank").isPresent());
    ShopWindow mine = opened("Redshank");
    assertThat(Decisions.SCALE_LENGTH.in(mine.workspace().session().build().get().design()))
        .isEqualTo(640);
    hide(mine);
  }

  /** What can't be is said beside the answers, and nothing is begun until it can. */
  @Test
  void anAnswerThatCanNotBeIsSaidAndKeptAsTyped() throws Exception {
    robot.push(KeyCode.CONTROL, KeyCode.N);
    settle();
    keys(robot, "new.scale", "64");
    assertThat(find(robot, "new.wrong", Label.class).getText())
        .contains("between 560 mm and 900 mm");
    assertThat(find(robot, "new.begin", Button.class).isDisabled()).isTrue();
    robot.push(KeyCode.ENTER);
    settle();
    assertThat(own().all()).isEmpty();
    keys(robot, "new.scale", "six");
    assertThat(find(robot, "new.wrong", Label.class).getText()).contains("six");
    keys(robot, "new.scale", "640");
    assertThat(find(robot, "new.wrong", Label.class).getText()).isEmpty();
    assertThat(find(robot, "new.begin", Button.class).isDisabled()).isFalse();
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(there("new.scale")).isFalse();
  }

  private ListView<?> list() {
    return find(robot, "home.builds", ListView.class);
  }

  /** One build copied, begun anew from and binned, all by keys; the bin gives it back. */
  @Test
  void theShopsBuildsAreCopiedBinnedAndTakenBack() throws Exception {
    own().begin(NewInstrument.usual("Plover", InstrumentKind.SIX_STRINGS).build());
    robot.push(KeyCode.CONTROL, KeyCode.H);
    settle();
    until(() -> list().getItems().size() == 6);
    show(
        () -> {
          list().requestFocus();
          list().getSelectionModel().select(0);
        });
    robot.push(KeyCode.D);
    until(() -> list().getItems().size() == 7);
    assertThat(own().all())
        .extracting(ShopBuilds.Entry::name)
        .containsExactlyInAnyOrder("Plover", "Plover 2");
    robot.push(KeyCode.DELETE);
    until(() -> list().getItems().size() == 6);
    assertThat(own().all()).hasSize(1);
    assertThat(own().deletedBuilds()).hasSize(1);
    robot.push(KeyCode.ESCAPE);
    settle();
    Node back =
        robot.lookup((Node n) -> n instanceof Button b && "Restore".equals(b.getText())).query();
    show(((Button) back)::fire);
    assertThat(own().all()).hasSize(2);
    assertThat(own().deletedBuilds()).isEmpty();
  }

  private int rowOf(String build) {
    return IntStream.range(0, list().getItems().size())
        .filter(i -> list().getItems().get(i).toString().contains(build))
        .findFirst()
        .orElseThrow();
  }

  /** Of the demo's Heron one's own is begun: its design in one's own shop, none of its readings. */
  @Test
  void oneLikeTheDemosIsBegunInOnesOwnShop() throws Exception {
    robot.push(KeyCode.CONTROL, KeyCode.H);
    until(() -> list().getItems().size() == 5);
    show(
        () -> {
          list().requestFocus();
          list().getSelectionModel().select(rowOf("Heron"));
        });
    robot.push(KeyCode.N);
    until(() -> list().getItems().size() == 6);
    assertThat(own().all()).hasSize(1);
    Build like = own().all().get(0).build().orElseThrow();
    assertThat(like.log().readings()).isEmpty();
    assertThat(like.log().done()).isEmpty();
    try (var files = Files.list(Path.of(heron.getParent().toString()))) {
      assertThat(files.filter(f -> f.toString().endsWith(BuildFile.ENDING)))
          .as("the demo has its five")
          .hasSize(5);
    }
  }

  /** What is wrong with a build is told in the maker's units before it is opened, too. */
  @Test
  void aBrokenWishIsListedInTheMakersUnits() throws Exception {
    Build plover = NewInstrument.usual("Plover", InstrumentKind.SIX_STRINGS).build();
    own()
        .begin(
            plover.withBrief(
                plover
                    .brief()
                    .with(
                        new Brief.Wish(
                            "a scale as short as mine",
                            Brief.Kind.AT_MOST,
                            "fret.12.from-nut",
                            25.4,
                            false))));
    for (Units units : List.of(Units.DECIMAL_INCH, Units.MM)) {
      show(() -> session().units().set(units));
      robot.push(KeyCode.CONTROL, KeyCode.H);
      String ends = units.metric() ? " mm" : " in";
      until(() -> wish().filter(w -> w.endsWith(ends)).isPresent());
      assertThat(wish().orElseThrow()).doesNotContain(units.metric() ? " in" : " mm");
      robot.push(KeyCode.ESCAPE);
      settle();
    }
  }

  private Optional<String> wish() {
    return robot
        .lookup(
            (Node n) -> n instanceof Label l && String.valueOf(l.getText()).contains("as short as"))
        .tryQueryAs(Label.class)
        .map(Label::getText);
  }

  /** A shop file that nobody can read hides no build: they are listed, and why is said. */
  @Test
  void aBrokenShopFileHidesNoBuilds() throws Exception {
    Path shop = data.resolve("demo").resolve(ShopFile.NAME);
    Files.writeString(shop, "{ \"kind\": ");
    robot.push(KeyCode.CONTROL, KeyCode.H);
    until(() -> there("home"));
    until(() -> list().getItems().size() >= 4);
    unreadable();
  }

  /** What went wrong stays until it is answered, whatever is told or goes wrong meanwhile. */
  @Test
  void anUnansweredNoticeIsThereAgainUnderALaterOne() {
    for (String why : List.of("one", "two", "two", "three")) {
      refused(why);
      assertThat(notice()).isEqualTo("Not done: " + why + ".");
    }
    for (String why : List.of("two", "one")) {
      dismiss();
      assertThat(notice()).as("each once").isEqualTo("Not done: " + why + ".");
    }
    dismiss();
    assertThat(there("notice")).isFalse();
  }

  private void refused(String why) {
    show(
        () ->
            session()
                .make(
                    why,
                    why,
                    b -> {
                      throw new IllegalArgumentException(why);
                    }));
  }

  /** The window follows its shop's file too: what it tells of that may lie over this. */
  private void unreadable() {
    until(
        () -> {
          boolean told = notice().contains("can't be shown correctly");
          if (!told && there("notice")) {
            dismiss();
          }
          return told;
        });
  }

  private String notice() {
    return String.valueOf(find(robot, "notice", Tile.class).getDescription());
  }

  private void dismiss() {
    show(
        robot
                .lookup((Node n) -> n instanceof Button b && b.getText().equals("Dismiss"))
                .queryButton()
            ::fire);
  }

  /** Home of a build from anywhere lists the builds of its own shop first. */
  @Test
  void homeListsTheShopOfTheBuildInTheWindow() throws Exception {
    Path elsewhere = data.resolve("elsewhere");
    ShopFile.at(elsewhere.resolve(ShopFile.NAME)).save(roughcut.shop.Shop.usual("Another shop"));
    ShopBuilds there = new ShopBuilds(elsewhere);
    Path first = there.begin(NewInstrument.usual("Dotterel", InstrumentKind.SIX_STRINGS).build());
    there.begin(NewInstrument.usual("Sanderling", InstrumentKind.SIX_STRINGS).build());
    ShopWindow[] opened = new ShopWindow[1];
    show(
        () -> {
          try {
            opened[0] = roughcut.desktop.shell.Windows.open(first);
          } catch (IOException e) {
            throw new AssertionError(e);
          }
        });
    Stage shown = (Stage) opened[0].root().getScene().getWindow();
    show(shown::requestFocus);
    until(shown::isFocused);
    robot.push(KeyCode.CONTROL, KeyCode.H);
    until(() -> listIn(opened[0]).filter(l -> l.getItems().size() >= 6).isPresent());
    assertThat(listIn(opened[0]).orElseThrow().getItems().subList(0, 2))
        .extracting(Object::toString)
        .allMatch(r -> r.contains("elsewhere"))
        .anyMatch(r -> r.contains("otterel"))
        .anyMatch(r -> r.contains("anderling"));
    hide(opened[0]);
  }

  private static Optional<ListView<?>> listIn(ShopWindow in) {
    return in.root().getScene().getRoot().lookupAll(".list-view").stream()
        .filter(n -> roughcut.desktop.control.ControlNames.is(n, "home.builds"))
        .findFirst()
        .map(n -> (ListView<?>) n);
  }
}
