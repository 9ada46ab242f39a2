package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.control.Button;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;
import roughcut.clearance.ClearanceKind;
import roughcut.desktop.draw.DrawingSurface;
import roughcut.desktop.draw.View;
import roughcut.desktop.station.Station;

class DrawingTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private Point2D onScreen(double x, double py) {
    DrawingSurface surface = window.surface();
    Bounds bounds =
        WaitForAsyncUtils.waitForAsyncFx(
            2000, () -> surface.localToScreen(surface.getBoundsInLocal()));
    return new Point2D(bounds.getMinX() + surface.view().px(x), bounds.getMinY() + py);
  }

  @Test
  void theKnifeIsDraggedWithoutPaintingTheStillDrawingAgain(FxRobot robot) {
    robot.interact(() -> window.surface().knife(50));
    long paints = window.surface().stillPaints();
    robot
        .drag(onScreen(50, 250), MouseButton.PRIMARY)
        .moveTo(onScreen(180, 250))
        .moveTo(onScreen(300, 250))
        .drop();
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(window.surface().knife()).isCloseTo(300, within(3.0));
    assertThat(window.surface().stillPaints()).isEqualTo(paints);
    assertThat(words(robot, "section-title"))
        .matches("Section (at fret 11|between frets 1[01] and 1[12])");
  }

  @Test
  void theKnifeStepsByMillimetreAndByFret(FxRobot robot) {
    robot.clickOn(onScreen(200, 330));
    robot.push(KeyCode.HOME).push(KeyCode.RIGHT).push(KeyCode.RIGHT);
    assertThat(window.surface().knife()).isEqualTo(2);
    robot.push(KeyCode.SHIFT, KeyCode.RIGHT).push(KeyCode.SHIFT, KeyCode.RIGHT);
    assertThat(window.surface().knife()).isCloseTo(69.8248, within(1e-3));
    robot.push(KeyCode.END);
    assertThat(window.surface().knife()).isEqualTo(500);
  }

  @Test
  void zoomKeepsThePlaceUnderThePointerAndFitBringsAllBack(FxRobot robot) {
    View before = window.surface().view();
    robot.moveTo(onScreen(200, 200)).scroll(3, javafx.geometry.VerticalDirection.UP);
    WaitForAsyncUtils.waitForFxEvents();
    View closer = window.surface().view();
    assertThat(closer.scale()).isNotEqualTo(before.scale());
    assertThat(closer.px(200)).isCloseTo(before.px(200), within(1.5));
    robot.clickOn(onScreen(200, 330)).push(KeyCode.DIGIT0);
    assertThat(window.surface().view()).isEqualTo(before);
  }

  @Test
  void aThinSpotIsFlownToWithTheKnifeInPlace(FxRobot robot) {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT1);
    robot.clickOn(find(robot, "thin.shaft.spare", Button.class));
    double x = session().plan().get().clearances().get(0).x();
    assertThat(window.surface().knife()).isCloseTo(x, within(1e-9));
    assertThat(window.surface().view().px(x))
        .isCloseTo(window.surface().getWidth() / 2, within(1.0));
    assertThat(find(robot, "sum-card", javafx.scene.layout.Region.class).isVisible()).isTrue();
  }

  @Test
  void aFretInTheTableAndTheKnifeLightEachOtherUp(FxRobot robot) {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT1);
    TableView<?> table = find(robot, "fret-list", TableView.class);
    robot.interact(() -> table.getSelectionModel().clearAndSelect(4));
    assertThat(window.surface().knife()).isCloseTo(160.5417, within(1e-3));
    robot.interact(() -> window.surface().knife(session().plan().get().frets().at(9)));
    assertThat(table.getSelectionModel().getSelectedIndex()).isEqualTo(8);
  }

  @Test
  void aClickedDimensionShowsItsSum(FxRobot robot) {
    robot.interact(() -> window.surface().knife(400));
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT4);
    DrawingSurface surface = window.surface();
    var target =
        surface.targets().stream()
            .filter(t -> "scarf.run".equals(t.link()))
            .findFirst()
            .orElseThrow();
    Point2D at =
        WaitForAsyncUtils.waitForAsyncFx(
            2000,
            () -> surface.localToScreen(target.box().getCenterX(), target.box().getCenterY()));
    robot.clickOn(at);
    assertThat(find(robot, "sum-card", roughcut.desktop.control.SumCard.class).isVisible())
        .isTrue();
  }

  /** Each kind of thin spot is looked at on a page that there is, of its own chapter's station. */
  @Test
  void everyKindOfThinSpotHasAPageOfItsChapter() {
    for (ClearanceKind kind : ClearanceKind.values()) {
      Station station =
          window.stations().stream()
              .filter(s -> s.chapter().filter(c -> c == kind.owner()).isPresent())
              .findFirst()
              .orElseThrow();
      show(() -> window.choose(station.id()));
      show(() -> window.page(kind.view().toString()));
      assertThat(station.pageName()).as(kind.id()).isEqualTo(kind.view().toString());
    }
  }

  /** Frets from another line, on a rule that begins elsewhere, and what a wrong mark means. */
  @Test
  void theFretTableGoesByTheRuleThatIsLaid(FxRobot robot) {
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT1);
    TableView<?> table = find(robot, "fret-list", TableView.class);
    assertThat(table.getColumns().get(1).getText()).isEqualTo("from the nut line");
    pick("rule.from", "HEEL_END");
    type(robot, "rule.shows", "10");
    assertThat(table.getColumns().get(1).getText()).isEqualTo("ruler reading");
    double first = plan().frets().at(1);
    assertThat(table.getColumns().get(1).getCellData(0).toString())
        .isEqualTo(String.format(java.util.Locale.ROOT, "%.2f", 510 - first));
    type(robot, "rule.marked", "475");
    assertThat(text("rule.told")).contains("Fret 1 is marked", "too far towards the nut");
  }
}
