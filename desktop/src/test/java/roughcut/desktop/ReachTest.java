package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.HashSet;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BorderPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.station.StationId;

/** Everything within a few keys: regions, pages, the rail, and what is found by another word. */
class ReachTest extends WindowTest {
  @Start
  void start(Stage shown) throws IOException {
    open(shown);
  }

  @Stop
  void stop() {
    close();
  }

  private Node owner() {
    return stage.getScene().getFocusOwner();
  }

  private boolean inPanel() {
    for (Node n = owner(); n != null; n = n.getParent()) {
      if (n == find(robot, "body", BorderPane.class).getRight()) {
        return true;
      }
    }
    return false;
  }

  /** F6 goes round to what is decided, and at most five Tabs lead to its first field. */
  @Test
  void theFirstDecisionOfEveryStationIsFiveTabsAway() {
    for (StationId id : StationId.values()) {
      if (id == StationId.SHEETS || id == StationId.BENCH) {
        continue; // nothing is decided there
      }
      show(() -> window.choose(id));
      int rounds = 0;
      do {
        robot.push(KeyCode.F6);
        settle();
      } while (!inPanel() && ++rounds < 5);
      assertThat(inPanel()).as(id.title()).isTrue();
      int tabs = 0;
      while (!(owner() instanceof TextField || owner() instanceof ComboBox) && tabs < 6) {
        robot.push(KeyCode.TAB);
        settle();
        tabs++;
      }
      assertThat(tabs).as(id.title()).isLessThanOrEqualTo(5);
      assertThat(inPanel()).as(id.title()).isTrue();
    }
  }

  @Test
  void altAndADigitTurnsThePages() {
    show(() -> window.choose(StationId.NECK));
    robot.push(KeyCode.ALT, KeyCode.DIGIT3);
    settle();
    assertThat(there("page.channels")).isTrue();
    assertThat(window.stations().get(3).pageName()).isEqualTo("Channels");
    robot.push(KeyCode.ALT, KeyCode.DIGIT9);
    settle();
    assertThat(window.stations().get(3).pageName()).as("there is no ninth").isEqualTo("Channels");
    robot.push(KeyCode.CONTROL, KeyCode.DIGIT5);
    robot.push(KeyCode.ALT, KeyCode.DIGIT1);
    settle();
    assertThat(window.stations().get(4).pageName()).isEqualTo("Outline");
  }

  /** The rail is one stop; arrows go along it and Enter flies to the spot. */
  @Test
  void arrowsGoAlongTheThinSpots() {
    String first = "thin." + plan().clearances().get(0).left().id();
    show(() -> find(robot, first, Node.class).requestFocus());
    Set<Node> visited = new HashSet<>();
    for (int i = 0; i < 6; i++) {
      visited.add(owner());
      robot.push(KeyCode.RIGHT);
      settle();
    }
    assertThat(visited).hasSize(6);
    robot.push(KeyCode.LEFT).push(KeyCode.LEFT).push(KeyCode.LEFT);
    robot.push(KeyCode.LEFT).push(KeyCode.LEFT).push(KeyCode.LEFT);
    settle();
    assertThat(ControlNames.of(owner())).isEqualTo(first);
    robot.push(KeyCode.SPACE);
    settle();
    assertThat(window.surface().knife()).isEqualTo(plan().clearances().get(0).x());
  }

  /** Slim until something turns to stop; opened and closed by its own button. */
  @Test
  void theRailOpensWhenSomethingTurnsToStop() {
    double slim = find(robot, "thin-rail", Node.class).getBoundsInLocal().getHeight();
    type("heel.thickness", "14");
    settle();
    double told = find(robot, "thin-rail", Node.class).getBoundsInLocal().getHeight();
    assertThat(plan().clearances().get(0).state().word()).isEqualTo("stop");
    assertThat(told).isGreaterThan(slim + 50);
    click("thin.more");
    assertThat(find(robot, "thin-rail", Node.class).getBoundsInLocal().getHeight()).isEqualTo(slim);
    undo();
    assertThat(find(robot, "thin-rail", Node.class).getBoundsInLocal().getHeight())
        .as("better opens nothing")
        .isEqualTo(slim);
  }

  /** At 1280 × 800 a body from above is drawn at 1.2 pixels a millimetre or more. */
  @Test
  void theBodyIsDrawnLarge() {
    // What a page is for takes its line until the maker knows it.
    click("page-hint.hide");
    for (StationId station : new StationId[] {StationId.BODY, StationId.ROUTS}) {
      show(() -> window.choose(station));
      show(() -> window.page(station == StationId.BODY ? "Outline" : "Cuts"));
      assertThat(stage.getScene().getHeight()).isLessThanOrEqualTo(800);
      assertThat(window.surface().view().scale()).as(station.title()).isGreaterThan(1.2);
    }
  }

  /** The drawing's lower edge is moved by mouse and keys, kept by each station, and put back. */
  @Test
  void theDrawingTakesWhatIsBeneathIt() {
    double neck = window.surface().getHeight();
    show(() -> window.choose(StationId.BODY));
    double drawing = window.surface().getHeight();
    assertThat(drawing).as("a body wants room").isGreaterThan(neck + 60);
    double scale = window.surface().view().scale();
    Node grip = find(robot, "lower.grip", Node.class);
    javafx.geometry.Point2D at = grip.localToScreen(200, 3);
    robot.drag(at, javafx.scene.input.MouseButton.PRIMARY).dropTo(at.add(0, 40));
    settle();
    assertThat(window.surface().getHeight()).isCloseTo(drawing + 40, within(3.0));
    show(() -> window.surface().fit());
    assertThat(window.surface().view().scale()).as("the body is larger").isGreaterThan(scale);
    show(grip::requestFocus);
    robot.push(KeyCode.UP);
    settle();
    assertThat(window.surface().getHeight()).isCloseTo(drawing + 20, within(3.0));
    show(() -> window.choose(StationId.NECK));
    assertThat(window.surface().getHeight())
        .as("another station's is its own")
        .isCloseTo(neck, within(3.0));
    show(() -> window.choose(StationId.BODY));
    assertThat(window.surface().getHeight()).isCloseTo(drawing + 20, within(3.0));
    robot.doubleClickOn(find(robot, "lower.grip", Node.class));
    settle();
    assertThat(window.surface().getHeight()).isCloseTo(drawing, within(3.0));
  }

  @Test
  void whatGoesByAnotherWordIsFoundAndPagesAreToo() {
    robot.push(KeyCode.CONTROL, KeyCode.K);
    robot.write("truss", 0);
    settle();
    ListView<?> found = find(robot, "find-results", ListView.class);
    assertThat(found.getItems().toString()).contains("Rod channel length");
    robot.push(KeyCode.CONTROL, KeyCode.A).write("go to carving", 0);
    settle();
    robot.push(KeyCode.ENTER);
    settle();
    assertThat(window.stations().get(3).pageName()).isEqualTo("Carving");
  }
}
