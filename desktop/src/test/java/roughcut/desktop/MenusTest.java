package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import atlantafx.base.controls.Tile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;
import roughcut.desktop.station.StationId;

/** What the right button offers does what it says; help is searched; files are dropped. */
class MenusTest extends WindowTest {
  @Start
  void start(Stage stage) throws IOException {
    open(stage);
  }

  @Stop
  void stop() {
    close();
  }

  private static List<MenuItem> offered() {
    return WaitForAsyncUtils.waitForAsyncFx(
        2000,
        () ->
            Window.getWindows().stream()
                .filter(ContextMenu.class::isInstance)
                .flatMap(w -> ((ContextMenu) w).getItems().stream())
                .toList());
  }

  private void choose(String words) {
    MenuItem item =
        offered().stream()
            .filter(i -> i.getText() != null && i.getText().startsWith(words))
            .findFirst()
            .orElseThrow(() -> new AssertionError("not offered: " + words));
    show(
        () -> {
          Window.getWindows().stream()
              .filter(ContextMenu.class::isInstance)
              .toList()
              .forEach(Window::hide);
          item.fire();
        });
  }

  private String clipboard() {
    return WaitForAsyncUtils.waitForAsyncFx(2000, () -> Clipboard.getSystemClipboard().getString());
  }

  @SuppressWarnings("unchecked")
  private List<String> found() {
    ListView<Object> list = find(robot, "find-results", ListView.class);
    return list.getItems().stream().map(Object::toString).toList();
  }

  @Test
  void aDecisionIsMeasuredCopiedAndAskedWhatItChanges() {
    TextField field = find(robot, "head.thickness", TextField.class);
    robot.clickOn(field, MouseButton.SECONDARY);
    settle();
    choose("Copy number");
    assertThat(clipboard()).isEqualTo("14");
    robot.clickOn(field, MouseButton.SECONDARY);
    settle();
    choose("Enter measured size");
    robot.write("13.6", 0).push(KeyCode.ENTER);
    settle();
    assertThat(session().build().get().measured().get("head.thickness").value()).isEqualTo(13.6);
    robot.clickOn(field, MouseButton.SECONDARY);
    settle();
    choose("Remove measurement");
    assertThat(session().build().get().measured()).doesNotContainKey("head.thickness");
    robot.clickOn(find(robot, "head.angle", TextField.class), MouseButton.SECONDARY);
    settle();
    choose("What this changes");
    assertThat(find(robot, "find-words", TextField.class).getPromptText())
        .isEqualTo("what “Headstock angle” changes");
    assertThat(found())
        .anyMatch(c -> c.contains("scarf.run"))
        .noneMatch(c -> c.contains("fret.1."));
    robot.write("run of", 0).push(KeyCode.ENTER);
    settle();
    assertThat(there("sum-card")).isTrue();
  }

  @Test
  void aSettingSaysWhichDecisionsChangeIt() {
    robot.clickOn(find(robot, "setting.scarf.run", Node.class), MouseButton.SECONDARY);
    settle();
    choose("What changes this");
    assertThat(found()).anyMatch(c -> c.contains("head.angle"));
    robot.write("angle", 0).push(KeyCode.ENTER);
    settle();
    until(() -> find(robot, "head.angle", TextField.class).isFocused());
  }

  @Test
  void aTableIsCopiedWithItsTitles() {
    page(5, "Drawer");
    TableView<?> table = find(robot, "drawer", TableView.class);
    robot.clickOn(table, MouseButton.SECONDARY);
    settle();
    choose("Copy ");
    String[] lines = clipboard().split("\n");
    assertThat(lines[0]).contains("kind\tdiameter\tedges");
    assertThat(lines).hasSize(session().shop().get().cutters().size() + 1);
    assertThat(lines[1]).startsWith(session().shop().get().cutters().get(0).name() + "\t");
  }

  @Test
  void theDrawerDrawsTheCutterThatIsChosen() {
    page(5, "Drawer");
    TableView<?> table = find(robot, "drawer", TableView.class);
    show(() -> table.getSelectionModel().select(3));
    String name = session().shop().get().cutters().get(3).name();
    assertThat(find(robot, "cutter.name", TextField.class).getText()).isEqualTo(name);
    assertThat(window.surface().getAccessibleText()).isNotBlank();
    assertThat(window.here().drawing(plan(), session().units().get()).title()).isEqualTo(name);
  }

  @Test
  void theDrawingIsZoomedByButtonsThatAreSeen() {
    double whole = window.surface().view().scale();
    click("zoom.in");
    assertThat(window.surface().view().scale()).isGreaterThan(whole * 1.2);
    click("zoom.fit");
    assertThat(window.surface().view().scale()).isEqualTo(whole);
    robot.moveTo(window.surface()).clickOn(MouseButton.SECONDARY);
    settle();
    choose("Zoom in");
    assertThat(window.surface().view().scale()).isGreaterThan(whole * 1.2);
  }

  @Test
  void helpIsSearched() {
    robot.push(KeyCode.F1);
    settle();
    assertThat(helpLines()).anyMatch(l -> l.startsWith("Full-size drawings"));
    robot.write("rags", 0);
    settle();
    assertThat(helpLines())
        .anyMatch(l -> l.contains("catch fire"))
        .noneMatch(l -> l.startsWith("Full-size"));
    robot.push(KeyCode.CONTROL, KeyCode.A);
    robot.write("xyzzy", 0);
    settle();
    assertThat(helpLines()).isEmpty();
    robot.push(KeyCode.ESCAPE);
    settle();
    assertThat(there("help-card")).isFalse();
  }

  private List<String> helpLines() {
    return find(robot, "help.lines", javafx.scene.layout.GridPane.class).getChildren().stream()
        .map(n -> ((Label) n).getText())
        .toList();
  }

  @Test
  void filesAreDropped() throws Exception {
    Path boards = data.resolve("rack.csv");
    Files.writeString(
        boards, "name,species,length_mm,width_mm,thickness_mm\nplum-9,plum,900,160,30\n");
    int before = session().shop().get().boards().size();
    show(() -> window.take(boards));
    until(() -> session().shop().get().boards().size() == before + 1);
    Path outline = data.resolve("body.svg");
    Files.writeString(
        outline,
        "<svg xmlns='http://www.w3.org/2000/svg' width='400mm' height='340mm' viewBox='0 0 400"
            + " 340'><path d='M0 170 C0 20 120 0 220 20 C340 0 400 60 400 170 C400 280 340 340 220"
            + " 320 C120 340 0 320 0 170 Z'/></svg>");
    show(() -> window.take(outline));
    assertThat(window.here().id()).isEqualTo(StationId.BODY);
    show(() -> window.take(data.resolve("holiday.jpg")));
    assertThat(find(robot, "notice", Tile.class).getDescription())
        .startsWith("holiday.jpg can't be opened here");
  }
}
