package roughcut.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import roughcut.desktop.session.Computer;
import roughcut.desktop.session.OwnShop;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.TroubleWindow;
import roughcut.desktop.shell.Windows;
import roughcut.desktop.words.Words;
import roughcut.file.DemoFolder;
import roughcut.file.FileException;
import roughcut.file.RescueCopies;
import roughcut.measure.Pseudo;

/** The application: the demo shop, a build, or screenshots of every view. */
public final class RoughCutApplication extends Application {

  @Override
  public void start(Stage stage) {
    List<String> args = getParameters().getRaw();
    if (Boolean.getBoolean("roughcut.pseudo")) {
      Words.speak(new Pseudo());
    }
    Windows.computer(Computer.own(path -> getHostServices().showDocument(path.toUri().toString())));
    try {
      if (args.size() == 3 && args.get(0).equals("screenshots")) {
        Screenshots.take(stage, Path.of(args.get(2)));
        Platform.exit();
      } else if (args.size() == 2 && args.get(0).equals("open")) {
        open(stage, Path.of(args.get(1)));
      } else {
        usual(stage, args.contains("--reset"));
      }
    } catch (IOException e) {
      System.err.println("roughcut: " + e.getMessage());
      Platform.exit();
      System.exit(2);
    }
    if (Long.getLong("roughcut.timing") != null) {
      Platform.runLater(() -> Platform.runLater(RoughCutApplication::reportStart));
    }
  }

  /** Where the maker left off; the demo at first, and when it is asked for. */
  private static void usual(Stage stage, boolean reset) throws FileException {
    Path folder = Windows.data().resolve("demo");
    Optional<Path> last =
        Preferences.in(Windows.data()).text(Windows.LAST_BUILD).map(Path::of).filter(p -> !reset);
    try {
      new OwnShop(Windows.data()).builds();
    } catch (FileException e) {
      // Its disk may not be there today; that is said when the shop is wanted.
      System.getLogger("roughcut").log(System.Logger.Level.INFO, e.getMessage());
    }
    try {
      if (reset) {
        DemoFolder.reset(folder, Windows.now().today());
      } else {
        DemoFolder.ensure(folder, Windows.now().today());
      }
    } catch (FileException e) {
      if (last.isEmpty()) {
        throw e;
      }
    }
    open(stage, last.orElse(DemoFolder.heron(folder)));
  }

  /** Opens a build; one that can't be opened is told about in a window, with ways on. */
  private static void open(Stage stage, Path build) {
    try {
      ShopWindow window = Windows.open(build, stage);
      new RescueCopies(Windows.data())
          .builds().stream()
              .filter(c -> !c.belongs().equals(build.toAbsolutePath().normalize()))
              .filter(c -> !c.copy().equals(build.toAbsolutePath().normalize()))
              .findFirst()
              .ifPresent(window::offer);
      if (window.workspace().isDemo()) {
        window.welcome();
      }
    } catch (FileException e) {
      new TroubleWindow(stage, build, DemoFolder.heron(Windows.data().resolve("demo"))).show(e);
    }
  }

  /** For the start-up benchmark: says how long the first window took, and leaves. */
  private static void reportStart() {
    long started = Long.getLong("roughcut.timing");
    System.out.println("first window after " + (System.currentTimeMillis() - started) + " ms");
    Platform.exit();
  }
}
