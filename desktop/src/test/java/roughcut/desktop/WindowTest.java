package roughcut.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;
import roughcut.desktop.session.Session;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.Windows;
import roughcut.file.DemoFolder;

/** The demo in a real window, for tests that type and click as the maker does. */
@ExtendWith(ApplicationExtension.class)
abstract class WindowTest {
  @TempDir static Path shared;
  Path data;
  Path heron;
  ShopWindow window;
  Stage stage;

  /**
   * Opens the demo; each test class calls this from its own start, where the test library looks for
   * it.
   */
  void open(Stage shown) throws IOException {
    data = Files.createTempDirectory(shared, "data");
    DemoFolder.reset(data.resolve("demo"), LocalDate.now());
    heron = DemoFolder.heron(data.resolve("demo"));
    Windows.dataFolder(data);
    stage = shown;
    window = Windows.open(heron, shown);
    stage.setX(0);
    stage.setY(0);
    stage.requestFocus();
  }

  void close() {
    window.workspace().close();
  }

  Session session() {
    return window.workspace().session();
  }

  /** The control of that id; ids have points in them, which a style selector would misread. */
  static <T extends Node> T find(FxRobot robot, String id, Class<T> type) {
    return type.cast(
        robot.lookup((Node node) -> id.equals(node.getId())).queryAll().stream()
            .filter(Node::isVisible)
            .findFirst()
            .orElseThrow(() -> new AssertionError("nothing on the screen is called " + id)));
  }

  /** Types into a decision's field as a person would: click, select all, type. */
  static void type(FxRobot robot, String id, String text) {
    TextField field = find(robot, id, TextField.class);
    robot.clickOn(field).push(KeyCode.CONTROL, KeyCode.A);
    robot.write(text, 0);
    WaitForAsyncUtils.waitForFxEvents();
  }

  static String words(FxRobot robot, String id) {
    return find(robot, id, Labeled.class).getText();
  }

  static void until(Callable<Boolean> condition) {
    try {
      WaitForAsyncUtils.waitFor(8, TimeUnit.SECONDS, condition);
    } catch (TimeoutException e) {
      throw new AssertionError("waited in vain", e);
    }
    WaitForAsyncUtils.waitForFxEvents();
  }
}
