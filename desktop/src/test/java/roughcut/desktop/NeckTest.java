package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;
import roughcut.design.HeadMaking;
import roughcut.design.NeckDecisions;

/** The neck's pages through the real controls. */
class NeckTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private void page(FxRobot robot, String name) {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT4);
    robot.clickOn(find(robot, "page." + name, ToggleButton.class));
    WaitForAsyncUtils.waitForFxEvents();
  }

  @Test
  void aWayToMakeTheHeadIsPickedWithOnePressAndTakenBack(FxRobot robot) {
    Button flat =
        robot
            .lookup((Node n) -> n instanceof Button b && "flat, stepped down".equals(b.getText()))
            .query();
    robot.clickOn(flat);
    assertThat(NeckDecisions.HEAD_MAKING.in(session().build().get().design()))
        .isEqualTo(HeadMaking.FLAT);
    assertThat(session().plan().get().problems()).as("its bore comes out of the step").isEmpty();
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    Button piece =
        robot.lookup((Node n) -> n instanceof Button b && "one piece".equals(b.getText())).query();
    robot.clickOn(piece);
    assertThat(NeckDecisions.HEAD_MAKING.in(session().build().get().design()))
        .isEqualTo(HeadMaking.ONE_PIECE);
    assertThat(value("stack.depth")).isGreaterThan(50);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    assertThat(session().plan().get().scarf()).isPresent();
  }

  @Test
  void theKnifeStepsFromFeatureToFeature(FxRobot robot) {
    robot.interact(() -> window.surface().knife(0));
    robot.interact(() -> window.surface().requestFocus());
    robot.push(KeyCode.PAGE_DOWN);
    assertThat(window.surface().knife()).as("the rod begins").isEqualTo(2);
    robot.push(KeyCode.PAGE_DOWN);
    double second = window.surface().knife();
    assertThat(second).isGreaterThan(2);
    robot.push(KeyCode.END).push(KeyCode.PAGE_UP);
    assertThat(window.surface().knife()).as("the body begins").isEqualTo(432);
  }

  @Test
  void tunersAreSpacedByDragging(FxRobot robot) {
    page(robot, "head");
    dragHandle("tuner.first", -6, 0);
    assertThat(value("tuner.1.x")).isCloseTo(48, within(1.0));
    type(robot, "tuner.treble-side", "0");
    assertThat(session().plan().get().details().tuners().tuners()).noneMatch(t -> t.trebleSide());
  }

  @Test
  void aRodOfTheBookSetsItsChannelAndABoreIsTypedUntilItFails(FxRobot robot) {
    page(robot, "channels");
    type(robot, "stiffener.count", "0");
    assertThat(session().plan().get().details().stiffeners()).isEmpty();
    type(robot, "rod.depth", "17");
    assertThat(words(robot, "rod.depth.message")).contains("deeper than the carved neck");
    page(robot, "access");
    type(robot, "rod.axis-depth", "4");
    assertThat(value("access.opens-at"))
        .isCloseTo(1 / Math.tan(Math.toRadians(12.5)), within(1e-6));
    page(robot, "carving");
    type(robot, "carve.rounds", "4");
    assertThat(session().plan().get().value("facet.1.4.on-side")).isPresent();
    type(robot, "neck.roughing-margin", "0");
    assertThat(value("facet.1.1.on-back")).isPositive();
  }
}
