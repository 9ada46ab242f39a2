package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;
import roughcut.desktop.control.FretList;
import roughcut.desktop.control.SlotList;
import roughcut.desktop.station.StationId;
import roughcut.record.FretStage;
import roughcut.strings.Bridge;

/** The stations Fretboard and Bridge through the real controls. */
class StringsAndFretsTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private void page(FxRobot robot, KeyCode station, String name) {
    robot.push(KeyCode.CONTROL, station);
    robot.clickOn(find(robot, "page." + name, ToggleButton.class));
    WaitForAsyncUtils.waitForFxEvents();
  }

  @Test
  void aRowPutsTheKnifeOnItsSlotAndTheKnifeLightsItsRow(FxRobot robot) {
    page(robot, KeyCode.DIGIT3, "slots");
    SlotList list = find(robot, "slot-list", SlotList.class);
    robot.interact(() -> list.getSelectionModel().select(4));
    assertThat(window.surface().knife())
        .isCloseTo(session().plan().get().frets().at(5), within(1e-9));
    robot.interact(() -> window.surface().knife(session().plan().get().frets().at(7)));
    assertThat(list.getSelectionModel().getSelectedItem().number()).isEqualTo(7);
    type(robot, "wire.tang", "2.1");
    assertThat(list.getItems().get(0).done().value()).isCloseTo(2.4, within(1e-9));
  }

  @Test
  void everyFretIsTickedByItselfAndUndone(FxRobot robot) {
    page(robot, KeyCode.DIGIT3, "frets");
    robot.clickOn(find(robot, "fret.2.seated", CheckBox.class));
    assertThat(session().build().get().frets().when(2, FretStage.SEATED)).isPresent();
    robot.clickOn(find(robot, "frets.all.levelled", Button.class));
    assertThat(session().build().get().frets().count(22, FretStage.LEVELLED)).isEqualTo(22);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(session().build().get().frets().count(22, FretStage.LEVELLED)).isZero();
    assertThat(session().build().get().frets().when(2, FretStage.SEATED)).isPresent();
  }

  @Test
  void aStringIsTunedByItsNoteAndWhatCannotBeReadIsSaid(FxRobot robot) {
    page(robot, KeyCode.DIGIT7, "strings");
    type(robot, "string.pitch", "A4");
    assertThat(session().build().get().design().strings().get(0).pitch()).isEqualTo(440);
    type(robot, "string.pitch", "H9x");
    assertThat(words(robot, "string.pitch.message")).contains("neither a note nor a frequency");
    robot.clickOn(find(robot, "string.add", Button.class));
    assertThat(session().plan().get().strings().count()).isEqualTo(7);
  }

  @Test
  void theBridgeIsDraggedWithinItsWindowAndNoFurther(FxRobot robot) {
    page(robot, KeyCode.DIGIT7, "bridge");
    Bridge before = session().plan().get().stringPlan().bridge();
    dragHandle("bridge.place", 2, 0);
    assertThat(value("bridge.datum")).isCloseTo(before.datum().value() + 2, within(0.8));
    dragHandle("bridge.place", 60, 0);
    assertThat(value("bridge.datum")).isCloseTo(before.back().value(), within(1e-6));
    robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(value("bridge.datum")).isCloseTo(before.datum().value(), within(1e-9));
  }

  /** A fan's two scales stand where the one stood; without a fan they are a fold away. */
  @Test
  void bothScalesOfAFanStandOnLayout(FxRobot robot) {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT1);
    settle();
    assertThat(shown(robot, "scale.length")).isTrue();
    assertThat(shown(robot, "scale.bass")).isFalse();
    show(() -> window.goTo("scale.bass"));
    assertThat(shown(robot, "scale.bass")).as("unfolded").isTrue();
    robot.push(KeyCode.CONTROL, KeyCode.A);
    robot.write("660", 0).push(KeyCode.TAB).push(KeyCode.CONTROL, KeyCode.A);
    robot.write("630", 0).push(KeyCode.ENTER);
    settle();
    assertThat(session().plan().get().frets().fan().bass()).isEqualTo(660);
    assertThat(session().plan().get().frets().fan().treble()).isEqualTo(630);
    show(() -> window.goTo("scale.frets"));
    show(() -> window.choose(StationId.LAYOUT));
    assertThat(shown(robot, "scale.length")).as("no fan has one scale").isFalse();
    Node bass = find(robot, "scale.bass", javafx.scene.control.TextField.class);
    Node frets = find(robot, "scale.frets", javafx.scene.control.TextField.class);
    assertThat(bass.localToScene(0, 0).getY()).isLessThan(frets.localToScene(0, 0).getY());
    assertThat(find(robot, "fret-list", FretList.class).getColumns().get(1).getText())
        .isEqualTo("on the centre line");
    robot.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
    settle();
    assertThat(shown(robot, "scale.length")).isTrue();
    assertThat(find(robot, "fret-list", FretList.class).getColumns().get(1).getText())
        .isEqualTo("from the nut line");
  }

  private static boolean shown(FxRobot robot, String id) {
    return robot
        .lookup((Node n) -> roughcut.desktop.control.ControlNames.is(n, id))
        .queryAll()
        .stream()
        .anyMatch(n -> n.localToScene(n.getBoundsInLocal()).getWidth() > 0 && inView(n));
  }

  private static boolean inView(Node node) {
    for (Node n = node; n != null; n = n.getParent()) {
      if (!n.isVisible()) {
        return false;
      }
    }
    return true;
  }

  /** They are tried in the background, on the plan that stands, and come when they are there. */
  @Test
  void waysOutOfASeatThatIsOffComeOnThePageOfHeights(FxRobot robot) {
    page(robot, KeyCode.DIGIT7, "heights");
    double standing = value("proof.standing-wanted");
    double edge = value("proof.straightedge-wanted");
    readOff("proof.standing", standing - 0.8);
    readOff("proof.straightedge", edge - 0.8);
    until(() -> said(robot, "under the heel, 0.80 mm"));
    assertThat(said(robot, "trying …")).isFalse();
    readOff("proof.standing", standing);
    readOff("proof.straightedge", edge);
    until(() -> said(robot, "the saddle height is as planned"));
    assertThat(said(robot, "Full-face shim")).isFalse();
  }

  @Test
  void theAngleFollowsTheHeightsAndABridgeOutOfReachIsExplained(FxRobot robot) {
    page(robot, KeyCode.DIGIT7, "heights");
    assertThat(value("neck.angle")).isCloseTo(1.58, within(0.01));
    type(robot, "saddle.height", "30");
    assertThat(value("neck.angle")).isGreaterThan(4);
    Node words =
        robot
            .lookup(
                (Node n) ->
                    n instanceof javafx.scene.control.Label l
                        && l.getText() != null
                        && l.getText().contains("higher than this bridge goes"))
            .query();
    assertThat(words.isVisible()).isTrue();
  }
}
