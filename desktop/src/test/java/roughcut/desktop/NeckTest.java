package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;
import roughcut.design.Design;
import roughcut.design.DrawnPart;
import roughcut.design.HeadMaking;
import roughcut.design.NeckDecisions;
import roughcut.desktop.control.ControlNames;
import roughcut.neck.HeadFace;

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

  /** Headless: what is asked and told is a headpiece's, and the way back is one press. */
  @Test
  void aHeadlessNeckAsksForItsHeadpiece(FxRobot robot) {
    assertThat(asked("head.angle") && !asked("head.stub")).isTrue();
    robot.clickOn(
        robot
            .lookup((Node n) -> n instanceof Button b && "headless".equals(b.getText()))
            .<Button>query());
    until(() -> asked("head.stub") && !asked("head.angle"));
    assertThat(
            session().plan().get().findings().stream().filter(f -> f.stops()).map(f -> f.words()))
        .anyMatch(w -> w.startsWith("Nothing tunes the strings"))
        .anyMatch(w -> w.startsWith("The rod is adjusted at the headstock"));
    page(robot, "head");
    until(() -> asked("headpiece.strings"));
    assertThat(asked("tuner.first") || asked("head.outline.start")).isFalse();
    type("headpiece.spread", "39");
    assertThat(session().plan().get().details().headpiece().orElseThrow().places().get(0).y())
        .isEqualTo(-19.5);
    assertThat(value("headpiece.edge")).isLessThan(1);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    until(() -> asked("tuner.first") && !asked("headpiece.strings"));
  }

  /** Whether it can be seen: all that it stands in, too. */
  private boolean asked(String id) {
    return robot.lookup((Node n) -> ControlNames.is(n, id) && seen(n)).tryQuery().isPresent();
  }

  private static boolean seen(Node node) {
    return node == null || node.isVisible() && seen(node.getParent());
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

  /** An in-line headstock, dropped on its page: its tip at the left, as it is seen from above. */
  @Test
  void aHeadstockDrawnElsewhereIsTakenInStretchedAndGivenUp(FxRobot robot) throws Exception {
    page(robot, "head");
    double nut = session().plan().get().taper().halfWidth(0);
    Path file = Files.createTempDirectory("head").resolve("in-line.svg");
    Files.writeString(
        file,
        "<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='100mm' viewBox='0 0 200 100'>"
            + "<path d='M 195 "
            + (50 - nut)
            + " L 10 "
            + (50 - nut)
            + " L 5 55 L 20 92 C 80 80 150 90 195 "
            + (50 + nut)
            + " Z'/></svg>");
    robot.interact(() -> window.take(file));
    Design design = session().build().get().design();
    assertThat(design.drawn(DrawnPart.HEAD).orElseThrow().source()).isEqualTo("in-line.svg");
    assertThat(design.drawn()).as("not the body's").isEmpty();
    assertThat(words(robot, "head.outline.said")).contains("190.0 mm long");
    assertThat(find(robot, "head.length", TextField.class).getText()).isEqualTo("190");
    HeadFace face = session().plan().get().headFace();
    // With the tip at the left the bass side is below.
    assertThat(face.reach(-1, 150)).isGreaterThan(30);
    assertThat(face.reach(1, 150)).isCloseTo(nut, within(0.01));
    assertThat(session().plan().get().findings())
        .noneMatch(f -> f.words().contains("wide at the nut"));
    type(robot, "head.length", "200");
    assertThat(session().plan().get().headFace().outline().bounds().right())
        .isCloseTo(200, within(1e-6));
    robot.interact(() -> find(robot, "head.outline.own", Button.class).fire());
    assertThat(session().build().get().design().drawn(DrawnPart.HEAD)).isEmpty();
    robot.interact(() -> session().undo());
    assertThat(session().build().get().design().drawn(DrawnPart.HEAD)).isPresent();
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
