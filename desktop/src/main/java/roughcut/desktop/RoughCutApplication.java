package roughcut.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.Windows;
import roughcut.file.DemoFolder;
import roughcut.file.FileTrouble;

/** The application: the demo shop, a build, or screenshots of every view. */
public final class RoughCutApplication extends Application {

  @Override
  public void start(Stage stage) {
    List<String> args = getParameters().getRaw();
    try {
      if (args.size() == 3 && args.get(0).equals("screenshots")) {
        Screenshots.take(stage, Path.of(args.get(2)));
        Platform.exit();
      } else if (args.size() == 2 && args.get(0).equals("open")) {
        Windows.open(Path.of(args.get(1)), stage);
      } else {
        demo(stage, args.contains("--reset"));
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

  private static void demo(Stage stage, boolean reset) throws FileTrouble {
    Path folder = Windows.data().resolve("demo");
    if (reset) {
      DemoFolder.reset(folder, LocalDate.now());
    } else {
      DemoFolder.ensure(folder, LocalDate.now());
    }
    ShopWindow window = Windows.open(DemoFolder.heron(folder), stage);
    window.welcome();
  }

  /** For the start-up benchmark: says how long the first window took, and leaves. */
  private static void reportStart() {
    long started = Long.getLong("roughcut.timing");
    System.out.println("first window after " + (System.currentTimeMillis() - started) + " ms");
    Platform.exit();
  }
}
