package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.lang.reflect.Field;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.api.FxToolkitContext;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.service.support.FiredEvents;
import org.testfx.util.WaitForAsyncUtils;
import roughcut.design.Design;
import roughcut.desktop.control.ControlNames;
import roughcut.desktop.session.Session;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.Windows;
import roughcut.desktop.station.StationId;
import roughcut.drawing.Mark;
import roughcut.file.DemoFolder;
import roughcut.plan.Plan;
import roughcut.record.CurrentTime;
import roughcut.record.Reading;

/** The demo in a real window, for tests that type and click as the maker does. */
@ExtendWith(ApplicationExtension.class)
abstract class WindowTest {
  @TempDir static Path shared;
  final FxRobot robot = new FxRobot();
  Path data;
  Path heron;
  TestClock time;
  ShopWindow window;
  Stage stage;

  /**
   * Opens the demo; each test class calls this from its own start, where the test library looks for
   * it.
   */
  void open(Stage shown) throws IOException {
    open(shown, DemoFolder::heron);
  }

  /** Where the build to open lies, made if need be, in a shop folder. */
  interface Begun {
    Path in(Path shop) throws IOException;
  }

  /** Opens another build in the demo's shop. */
  void open(Stage shown, Begun begun) throws IOException {
    data = Files.createTempDirectory(shared, "data");
    time = new TestClock();
    Windows.clock(clock());
    DemoFolder.reset(data.resolve("demo"), clock().today());
    heron = DemoFolder.heron(data.resolve("demo"));
    Windows.dataFolder(data);
    stage = shown;
    window = Windows.open(begun.in(data.resolve("demo")), shown);
    stage.setX(0);
    stage.setY(0);
    stage.requestFocus();
    forgetEvents();
  }

  /** What the program takes for now. */
  CurrentTime clock() {
    return new CurrentTime(time);
  }

  /** The test library keeps each event for good, and by it every window that was ever shown. */
  private static void forgetEvents() {
    try {
      Field kept = FxToolkitContext.class.getDeclaredField("firedEvents");
      kept.setAccessible(true);
      ((FiredEvents) kept.get(FxToolkit.toolkitContext())).stopStoringFiredEvents();
    } catch (ReflectiveOperationException e) {
      throw new AssertionError("the test library keeps its events elsewhere", e);
    }
  }

  /** The other window in which a build of that name is open. */
  Optional<ShopWindow> shown(String name) {
    return Window.getWindows().stream()
        .filter(w -> w != stage && w.getScene() != null)
        .map(w -> w.getScene().getUserData())
        .filter(ShopWindow.class::isInstance)
        .map(ShopWindow.class::cast)
        .filter(w -> w.workspace().session().build().get().name().equals(name))
        .findFirst();
  }

  ShopWindow opened(String name) {
    return shown(name).orElseThrow(() -> new AssertionError("no window with " + name));
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
        seen(robot, node -> ControlNames.is(node, id)).stream()
            .filter(Node::isVisible)
            .findFirst()
            .orElseThrow(() -> new AssertionError("nothing on the screen is called " + id)));
  }

  /** Nodes of any window, looked for while nothing changes them: on the toolkit's own thread. */
  static Set<Node> seen(FxRobot robot, Predicate<Node> which) {
    return Platform.isFxApplicationThread()
        ? robot.lookup(which).queryAll()
        : WaitForAsyncUtils.waitForAsyncFx(60_000, () -> robot.lookup(which).queryAll());
  }

  /**
   * Types into a decision's field as a person would: click, select all, type; nothing is entered.
   */
  static void keys(FxRobot robot, String id, String text) {
    TextField field = find(robot, id, TextField.class);
    robot.clickOn(field).push(KeyCode.CONTROL, KeyCode.A);
    robot.write(text, 0);
    WaitForAsyncUtils.waitForFxEvents();
  }

  /** Types and enters it. */
  static void type(FxRobot robot, String id, String text) {
    keys(robot, id, text);
    robot.push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
  }

  /** Whether any label that is shown has those words in it. */
  static boolean said(FxRobot robot, String words) {
    return !seen(
            robot, n -> n instanceof Label l && l.getText() != null && l.getText().contains(words))
        .isEmpty();
  }

  static String words(FxRobot robot, String id) {
    return find(robot, id, Labeled.class).getText();
  }

  static void until(Callable<Boolean> condition) {
    try {
      WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, condition);
    } catch (TimeoutException e) {
      throw new AssertionError("waited in vain", e);
    }
    WaitForAsyncUtils.waitForFxEvents();
  }

  void show(Runnable action) {
    robot.interact(action);
    settle();
  }

  static void settle() {
    WaitForAsyncUtils.waitForFxEvents();
  }

  boolean there(String id) {
    return robot.lookup((Node n) -> ControlNames.is(n, id) && n.isVisible()).tryQuery().isPresent();
  }

  void click(String id) {
    robot.clickOn(scrolledTo(find(robot, id, Node.class)));
    settle();
  }

  /** Scrolls to a control as a person does who wants to click on it. */
  <T extends Node> T scrolledTo(T node) {
    show(
        () -> {
          for (Node n = node.getParent(); n != null; n = n.getParent()) {
            if (n instanceof ScrollPane scroll) {
              Bounds all = scroll.getContent().getLayoutBounds();
              Bounds at =
                  scroll.getContent().sceneToLocal(node.localToScene(node.getLayoutBounds()));
              double room = all.getHeight() - scroll.getViewportBounds().getHeight();
              double seen = scroll.getVvalue() * room;
              boolean out =
                  at.getMinY() < seen
                      || at.getMaxY() > seen + scroll.getViewportBounds().getHeight();
              if (room > 0 && out) {
                scroll.setVvalue(Math.max(0, Math.min(1, (at.getMinY() - 40) / room)));
                scroll.layout();
              }
            }
          }
        });
    return node;
  }

  /** Goes to a decision's field, wherever it is, and types. */
  void type(String id, String text) {
    show(() -> window.goTo(id));
    settle();
    robot.push(KeyCode.CONTROL, KeyCode.A);
    robot.write(text, 0).push(KeyCode.ENTER);
    settle();
  }

  /** Takes one edit back; a key comes from the display when that gets round to it. */
  void undo() {
    Object before = session().work();
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    until(() -> session().work() != before);
    settle();
  }

  Plan plan() {
    return session().plan().get();
  }

  Design design() {
    return session().build().get().design();
  }

  double value(String id) {
    return plan().value(id).orElseThrow().value();
  }

  @SuppressWarnings("unchecked")
  void pick(String box, String thing) {
    ComboBox<Object> combo = find(robot, box, ComboBox.class);
    show(
        () ->
            combo.getItems().stream()
                .filter(
                    o ->
                        o.toString().equals(thing)
                            || combo.getConverter().toString(o).equals(thing))
                .findFirst()
                .ifPresent(combo::setValue));
  }

  String text(String label) {
    return words(robot, label);
  }

  /** What can be dragged on the drawing, by its id. */
  Mark.Handle handle(String id) {
    return window.surface().targets().stream()
        .map(t -> t.handle())
        .filter(h -> h != null && h.grip().key().equals(id))
        .reduce((a, b) -> b)
        .orElseThrow();
  }

  Point2D screen(double x, double y) {
    return WaitForAsyncUtils.waitForAsyncFx(
        2000,
        () ->
            window
                .surface()
                .localToScreen(window.surface().view().px(x), window.surface().view().py(y)));
  }

  /** Drags what has that id by so many millimetres of the drawing. */
  void dragHandle(String id, double dx, double dy) {
    Mark.Handle handle = handle(id);
    double scale = window.surface().view().scale();
    Point2D at = screen(handle.at().x(), handle.at().y());
    long paints = window.surface().stillPaints();
    robot
        .drag(at, MouseButton.PRIMARY)
        .moveTo(at.add(dx * scale / 2, -dy * scale / 2))
        .moveTo(at.add(dx * scale, -dy * scale));
    settle();
    assertThat(window.surface().stillPaints())
        .as("only the moving layer is painted")
        .isEqualTo(paints);
    robot.drop();
    settle();
  }

  /** Goes to a station by its number from 0, and turns to one of its pages. */
  void page(int station, String name) {
    show(() -> window.choose(StationId.values()[station]));
    show(() -> window.page(name));
  }

  /** Reads something off what was made, in its own unit. */
  void readOff(String of, double value) {
    show(
        () ->
            session()
                .edit("read", of, b -> b.withReading(Reading.of(of, value, clock().second()))));
  }
}
