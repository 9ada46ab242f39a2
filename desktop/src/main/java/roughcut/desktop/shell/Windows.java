package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Rectangle2D;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;
import javafx.stage.WindowEvent;
import javafx.util.Duration;
import roughcut.desktop.session.Background;
import roughcut.desktop.session.Computer;
import roughcut.desktop.session.LeftOff;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.session.RecentBuilds;
import roughcut.desktop.session.Session;
import roughcut.desktop.session.Workspace;
import roughcut.file.Autosave;
import roughcut.file.EarlierWork;
import roughcut.file.FileException;
import roughcut.measure.Units;
import roughcut.record.Build;
import roughcut.record.CurrentTime;
import roughcut.shop.Shop;

/** Opens windows with our fonts and style, where they stood last time. */
public final class Windows {
  public static final double USUAL_WIDTH = 1280;
  public static final double USUAL_HEIGHT = 800;
  private static final double LEAST_WIDTH = 1000;
  private static final double LEAST_HEIGHT = 640;

  /** Under which habit the build is remembered that was open last. */
  public static final String LAST_BUILD = "build.last";

  private static Path data = dataFolder();
  private static Computer computer = Computer.own(path -> {});
  private static CurrentTime now = CurrentTime.ofThisMachine();

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
  private static final Duration FOLLOWING = Duration.seconds(2);

  /** So far undo goes back into earlier sessions. */
  private static final int STEPS = 25;

  private static final Background LOOKING = new Background("whether files were changed");

  public static void dataFolder(Path folder) {
    data = folder;
  }

  public static Path data() {
    return data;
  }

  /** Everything that is opened from here on goes by that clock. */
  public static void clock(CurrentTime next) {
    now = next;
  }

  /** Everything that is opened from here on asks that for printers and for other programs. */
  public static void computer(Computer next) {
    computer = next;
  }

  static Computer computer() {
    return computer;
  }

  /** The clock that the program goes by. */
  public static CurrentTime now() {
    return now;
  }

  /**
   * Opens a build in a window of its own; one that is open already comes to the front instead.
   *
   * @throws FileTrouble in words
   */
  public static ShopWindow open(Path build) throws FileException {
    Optional<ShopWindow> there = showing(build);
    if (there.isPresent()) {
      Stage stage = (Stage) there.get().root().getScene().getWindow();
      stage.setIconified(false);
      stage.toFront();
      stage.requestFocus();
      return there.get();
    }
    return open(build, new Stage());
  }

  /** The window in which a build is open. */
  private static Optional<ShopWindow> showing(Path build) {
    return Window.getWindows().stream()
        .filter(w -> w.getScene() != null && w.isShowing())
        .map(w -> w.getScene().getUserData())
        .filter(ShopWindow.class::isInstance)
        .map(ShopWindow.class::cast)
        .filter(w -> same(w.workspace().path(), build))
        .findFirst();
  }

  private static boolean same(Path one, Path other) {
    try {
      return Files.isSameFile(one, other);
    } catch (IOException e) {
      return one.toAbsolutePath().normalize().equals(other.toAbsolutePath().normalize());
    }
  }

  /**
   * Opens a build in that window.
   *
   * @throws FileTrouble in words
   */
  public static ShopWindow open(Path build, Stage stage) throws FileException {
    Preferences preferences = Preferences.in(data);
    ShopWindow window = new ShopWindow(Workspace.open(build, data, now), preferences);
    Scene scene = scene(window);
    stage.setScene(scene);
    stage
        .titleProperty()
        .bind(
            window
                .workspace()
                .session()
                .build()
                .map(shown -> say("{shown} – Rough Cut", shown.name())));
    Rectangle2D room = Screen.getPrimary().getVisualBounds();
    stage.setMinWidth(Math.min(room.getWidth(), LEAST_WIDTH));
    stage.setMinHeight(Math.min(room.getHeight(), LEAST_HEIGHT));
    place(stage, preferences);
    stage.setOnCloseRequest(e -> closing(e, stage, window));
    whileShown(stage, scene, window::back);
    follow(stage, scene, window);
    Thread.currentThread().setUncaughtExceptionHandler((t, e) -> failed(e));
    stage.show();
    size(stage, preferences); // some window managers open at the least size
    window.surface().requestFocus();
    LeftOff.of(preferences, build).ifPresent(window.ways()::goBackTo);
    RecentBuilds.opened(preferences, build);
    earlier(window);
    window.opened();
    return window;
  }

  /** Undo goes back over what was done before; that is read while the maker looks already. */
  private static void earlier(ShopWindow window) {
    Session session = window.workspace().session();
    Path path = window.workspace().path();
    Build opened = session.build().get();
    Shop shop = session.shop().get();
    Units units = session.units().get();
    LOOKING.work(
        () -> EarlierWork.of(path, opened, STEPS, units), steps -> session.earlier(steps, shop));
  }

  /** While it is seen, a window looks now and then whether another one wrote its files. */
  private static void follow(Stage stage, Scene scene, ShopWindow window) {
    PauseTransition wait = new PauseTransition(FOLLOWING);
    wait.setOnFinished(
        e -> {
          if (stage.getScene() == scene && stage.isShowing()) {
            LOOKING.work(
                window.workspace()::supersededElsewhere,
                is -> {
                  if (is && stage.getScene() == scene) {
                    window.follow();
                  }
                  wait.playFromStart();
                });
          }
        });
    wait.play();
  }

  /** Does something whenever the stage is turned to, as long as the scene is its. */
  private static void whileShown(Stage stage, Scene scene, Runnable back) {
    ChangeListener<Boolean> turnedTo =
        (p, was, is) -> {
          if (is) {
            back.run();
          }
        };
    stage.focusedProperty().addListener(turnedTo);
    stage
        .sceneProperty()
        .addListener(
            new ChangeListener<>() {
              @Override
              public void changed(ObservableValue<? extends Scene> p, Scene was, Scene is) {
                if (is != scene) {
                  // A stage may outlive its window, which would else be held and woken with it.
                  stage.focusedProperty().removeListener(turnedTo);
                  stage.sceneProperty().removeListener(this);
                }
              }
            });
  }

  private static void failed(Throwable e) {
    System.getLogger("roughcut").log(System.Logger.Level.ERROR, "went wrong", e);
    for (Window shown : List.copyOf(Window.getWindows())) {
      if (shown.getScene() != null && shown.getScene().getUserData() instanceof ShopWindow window) {
        window.failed();
      }
    }
  }

  /** A scene with our style around a window's content. */
  public static Scene scene(ShopWindow window) {
    Scene scene = styled(window.root());
    scene.setUserData(window);
    return scene;
  }

  /** A scene with our style. */
  static Scene styled(Parent root) {
    loadFonts();
    // Here and not in the application's start, so that windows opened by tests look the same.
    Theme look = Theme.of(Preferences.in(data));
    look.prepare();
    Scene scene = new Scene(root, USUAL_WIDTH, USUAL_HEIGHT);
    look.style(scene);
    return scene;
  }

  private static void loadFonts() {
    for (String name : new String[] {"B612-Regular.ttf", "B612-Bold.ttf"}) {
      Font.loadFont(Windows.class.getResourceAsStream("/roughcut/fonts/" + name), 12);
    }
  }

  private static void place(Stage stage, Preferences preferences) {
    size(stage, preferences);
    double x = preferences.number("window.x", Double.NaN);
    double y = preferences.number("window.y", Double.NaN);
    List<Rectangle2D> screens = Screen.getScreens().stream().map(Screen::getVisualBounds).toList();
    WindowPlace.inside(stage.getWidth(), stage.getHeight(), x, y, screens)
        .ifPresent(
            at -> {
              stage.setX(at.getX());
              stage.setY(at.getY());
            });
    stage.setMaximized(preferences.number("window.maximized", 0) > 0);
  }

  /** As large as the last window was, or as usual, and no larger than the screen. */
  static void size(Stage stage, Preferences preferences) {
    if (!stage.isMaximized()) {
      // One remembered from a larger screen is no larger than the screen that is there.
      Rectangle2D room = Screen.getPrimary().getVisualBounds();
      stage.setWidth(Math.min(room.getWidth(), preferences.number("window.width", USUAL_WIDTH)));
      stage.setHeight(
          Math.min(room.getHeight(), preferences.number("window.height", USUAL_HEIGHT)));
    }
  }

  private static void closing(WindowEvent e, Stage stage, ShopWindow window) {
    Workspace workspace = window.workspace();
    workspace.session().enterTyped();
    if (workspace.session().whatIf().get() != null && !settled(stage, workspace.session())) {
      e.consume();
      return;
    }
    Autosave.State state = workspace.settle();
    if (state.troubled() && !mayClose(stage, state)) {
      e.consume();
      return;
    }
    Preferences preferences = Preferences.in(data);
    preferences.remember("window.maximized", stage.isMaximized() ? 1 : 0);
    if (!stage.isMaximized()) {
      preferences.remember("window.x", stage.getX());
      preferences.remember("window.y", stage.getY());
      preferences.remember("window.width", stage.getWidth());
      preferences.remember("window.height", stage.getHeight());
    }
    preferences.remember(LAST_BUILD, workspace.path().toAbsolutePath().toString());
    window.ways().leftOff().remember(preferences, workspace.path());
    preferences.save();
    Optional<MachineWindow> machine = window.atMachine().filter(MachineWindow::showing);
    if (machine.isPresent()) {
      // Work at the machine goes on, and is saved, until that screen is closed too.
      machine
          .get()
          .onClosed(
              () -> {
                workspace.settle();
                window.bench().keep();
                workspace.close();
              });
    } else {
      window.bench().keep();
      workspace.close();
    }
    // The window's controls and textures go with it, whoever still holds the stage.
    stage.setScene(new Scene(new Region()));
  }

  /** Closes a window as its own button does; it stays where the maker wants to stay. */
  static boolean close(ShopWindow window) {
    Stage stage = (Stage) window.root().getScene().getWindow();
    WindowEvent asked = new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST);
    stage.getOnCloseRequest().handle(asked);
    if (!asked.isConsumed()) {
      stage.hide();
    }
    return !asked.isConsumed();
  }

  /** Closes every window, until one is to stay. */
  static void quit() {
    for (Window shown : List.copyOf(Window.getWindows())) {
      if (shown.getScene() != null
          && shown.getScene().getUserData() instanceof ShopWindow window
          && !close(window)) {
        return;
      }
    }
    // What is open at the machine goes with them.
    List.copyOf(Window.getWindows()).forEach(Window::hide);
  }

  /** What is only tried is kept or dropped before the window goes. */
  private static boolean settled(Stage stage, Session session) {
    ButtonType stay = new ButtonType(say("Cancel"), ButtonBar.ButtonData.CANCEL_CLOSE);
    ButtonType keep = new ButtonType(say("Keep"), ButtonBar.ButtonData.YES);
    ButtonType drop = new ButtonType(say("Discard"), ButtonBar.ButtonData.NO);
    Alert ask =
        new Alert(
            Alert.AlertType.NONE,
            say("You are trying changes. Keep them, or discard them?"),
            keep,
            drop,
            stay);
    ask.initOwner(stage);
    ask.setTitle(say("What if"));
    ButtonType answer = ask.showAndWait().orElse(stay);
    if (answer == keep) {
      session.keepWhatIf();
    } else if (answer == drop) {
      session.dropWhatIf();
    }
    return answer != stay;
  }

  /** Asks before work is left that isn't saved. */
  private static boolean mayClose(Stage stage, Autosave.State state) {
    ButtonType stay = new ButtonType(say("Cancel"), ButtonBar.ButtonData.CANCEL_CLOSE);
    ButtonType close = new ButtonType(say("Close without saving"), ButtonBar.ButtonData.OTHER);
    Alert ask =
        new Alert(
            Alert.AlertType.NONE,
            say(
                state.rescue() == null
                    ? "The last changes aren't saved: {why}.\n\nA rescue copy couldn't be made"
                        + " either. If you close now, they are lost."
                    : "The last changes aren't saved: {why}.\n\nA rescue copy is kept. You can"
                        + " restore it when you open this build again.",
                state.words()),
            close,
            stay);
    ask.initOwner(stage);
    ask.setTitle(say("Not saved"));
    return ask.showAndWait().orElse(stay) == close;
  }
}
