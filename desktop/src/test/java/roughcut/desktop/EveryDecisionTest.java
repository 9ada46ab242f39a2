package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import atlantafx.base.controls.Tile;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;
import roughcut.clearance.Clearance;
import roughcut.clearance.ClearanceKind;
import roughcut.design.Applicability;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.desktop.control.ControlNames;

/** Every decision has a field that a search leads to, or it is said why it doesn't count. */
class EveryDecisionTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  @Test
  void everyDecisionThatCountsHasAField(FxRobot robot) {
    Design design = session().build().get().design();
    List<Decision> all = Decisions.of(design);
    List<String> nowhere = new ArrayList<>();
    robot.interact(
        () -> {
          for (Decision decision : all) {
            if (Applicability.idle(design, decision.id()).isEmpty()
                && window.stations().stream().noneMatch(s -> s.goTo(decision.id()))) {
              nowhere.add(decision.id());
            }
          }
        });
    assertThat(nowhere).isEmpty();
  }

  @Test
  void aSearchForWhatDoesNotCountSaysWhere(FxRobot robot) {
    robot.interact(() -> window.goTo("access.pocket-depth"));
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(
            robot
                .lookup((Node n) -> ControlNames.is(n, "notice"))
                .queryAs(Tile.class)
                .getDescription())
        .contains("Headstock pocket depth Used only where");
  }

  @Test
  void fieldsThatDoNotCountAreNotShown(FxRobot robot) {
    robot.interact(() -> window.goTo("rod.worked-from"));
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(shown(robot, "access.pocket-depth")).isFalse();
    robot.interact(
        () ->
            session()
                .make(
                    "rod",
                    "rod",
                    b ->
                        b.withDesign(
                            roughcut.design.NeckDecisions.ROD_REACH.with(
                                b.design(), roughcut.design.RodReach.HEAD_POCKET))));
    WaitForAsyncUtils.waitForFxEvents();
    robot.interact(() -> window.goTo("access.pocket-depth"));
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(shown(robot, "access.pocket-depth")).isTrue();
    assertThat(shown(robot, "access.tilt")).isFalse();
  }

  private static boolean shown(FxRobot robot, String id) {
    return robot.lookup((Node n) -> ControlNames.is(n, id)).queryAll().stream()
        .anyMatch(n -> n.isVisible() && n.getParent().getParent().isManaged() && treeVisible(n));
  }

  private static boolean treeVisible(Node node) {
    for (Node n = node; n != null; n = n.getParent()) {
      if (!n.isVisible()) {
        return false;
      }
    }
    return true;
  }

  @Test
  void everyKindOfThinSpotHasOneStation() {
    Clearance any = session().plan().get().clearances().get(0);
    for (ClearanceKind kind : ClearanceKind.values()) {
      Clearance clearance =
          new Clearance(
              kind,
              roughcut.measure.Text.of("a spot"),
              any.left(),
              kind.limit(),
              0,
              Double.NaN,
              List.of("rod.depth"));
      assertThat(
              window.stations().stream()
                  .filter(s -> s.chapter().filter(c -> c == clearance.kind().owner()).isPresent())
                  .count())
          .as(kind.id())
          .isEqualTo(1);
    }
  }
}
