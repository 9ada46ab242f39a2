package roughcut.desktop.shell;

import atlantafx.base.theme.PrimerLight;
import java.nio.file.Path;
import javafx.application.Application;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import javafx.stage.Screen;
import javafx.stage.Stage;
import roughcut.desktop.session.Habits;
import roughcut.desktop.session.Workspace;
import roughcut.file.FileTrouble;

/** Opens windows with our fonts and style, where they stood last time. */
public final class Windows {
  public static final double USUAL_WIDTH = 1280;
  public static final double USUAL_HEIGHT = 800;
  private static final double LEAST_WIDTH = 1000;
  private static final double LEAST_HEIGHT = 640;

  private static Path data = dataFolder();

  private Windows() {}

  /**
   * The person's data folder: {@code -Droughcut.data}, or where the desktop says, or {@code
   * ~/.local/share/rough-cut}.
   */
  public static Path dataFolder() {
    String set = System.getProperty("roughcut.data");
    if (set != null) {
      return Path.of(set);
    }
    String xdg = System.getenv("XDG_DATA_HOME");
    Path share =
        xdg != null && !xdg.isBlank()
            ? Path.of(xdg)
            : Path.of(System.getProperty("user.home"), ".local", "share");
    return share.resolve("rough-cut");
  }

  /** Keeps habits, demo and rescue copies somewhere else from here on. */
  public static void dataFolder(Path folder) {
    data = folder;
  }

  public static Path data() {
    return data;
  }

  /**
   * Opens a build in a window of its own.
   *
   * @throws FileTrouble in words
   */
  public static ShopWindow open(Path build) throws FileTrouble {
    return open(build, new Stage());
  }

  /**
   * Opens a build in that window.
   *
   * @throws FileTrouble in words
   */
  public static ShopWindow open(Path build, Stage stage) throws FileTrouble {
    Habits habits = Habits.in(data);
    ShopWindow window = new ShopWindow(Workspace.open(build, data), habits);
    stage.setScene(scene(window));
    stage
        .titleProperty()
        .bind(window.workspace().session().build().map(shown -> shown.name() + " – Rough Cut"));
    stage.setMinWidth(LEAST_WIDTH);
    stage.setMinHeight(LEAST_HEIGHT);
    place(stage, habits);
    stage.setOnCloseRequest(e -> closing(stage, window, habits));
    stage.show();
    return window;
  }

  /** A scene with our style around a window's content. */
  public static Scene scene(ShopWindow window) {
    loadFonts();
    // Here and not in the application's start, so that windows opened by tests look the same.
    Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
    Scene scene = new Scene(window.root(), USUAL_WIDTH, USUAL_HEIGHT);
    scene
        .getStylesheets()
        .add(Windows.class.getResource("/roughcut/desktop/rough-cut.css").toExternalForm());
    return scene;
  }

  private static void loadFonts() {
    for (String name : new String[] {"B612-Regular.ttf", "B612-Bold.ttf"}) {
      Font.loadFont(Windows.class.getResourceAsStream("/roughcut/fonts/" + name), 12);
    }
  }

  private static void place(Stage stage, Habits habits) {
    double x = habits.number("window.x", Double.NaN);
    double y = habits.number("window.y", Double.NaN);
    double width = habits.number("window.width", USUAL_WIDTH);
    double height = habits.number("window.height", USUAL_HEIGHT);
    stage.setWidth(width);
    stage.setHeight(height);
    boolean seen =
        Screen.getScreens().stream()
            .map(Screen::getVisualBounds)
            .anyMatch((Rectangle2D b) -> b.contains(x + 60, y + 20));
    if (seen) {
      stage.setX(x);
      stage.setY(y);
    }
    stage.setMaximized(habits.number("window.maximized", 0) > 0);
  }

  private static void closing(Stage stage, ShopWindow window, Habits habits) {
    habits.remember("window.maximized", stage.isMaximized() ? 1 : 0);
    if (!stage.isMaximized()) {
      habits.remember("window.x", stage.getX());
      habits.remember("window.y", stage.getY());
      habits.remember("window.width", stage.getWidth());
      habits.remember("window.height", stage.getHeight());
    }
    habits.save();
    window.workspace().close();
  }
}
