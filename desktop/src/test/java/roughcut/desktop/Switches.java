package roughcut.desktop;

import atlantafx.base.theme.PrimerLight;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.image.WritableImage;
import javafx.stage.Window;
import javafx.stage.WindowEvent;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.Windows;
import roughcut.desktop.station.StationId;
import roughcut.file.DemoFolder;

/**
 * A window that goes from build to build and from page to page all day: what it holds in memory
 * after each stretch must not grow. Run by {@code ./stress memory}.
 */
public final class Switches {
  private static final int STRETCH = 50;

  /** What is held at the end may be so many times what was halfway, when all caches are full. */
  private static final double GROWTH = 1.15;

  private static WritableImage picture;

  private Switches() {}

  /** How many switches, the seed of their order, and after how many another build is opened. */
  public static void main(String[] args) throws Exception {
    int count = Integer.parseInt(args[0]);
    Random random = new Random(Long.parseLong(args[1]));
    int windows = Integer.parseInt(args[2]);
    CountDownLatch started = new CountDownLatch(1);
    Platform.startup(started::countDown);
    started.await();
    Path data = Files.createTempDirectory("rough-cut-switches");
    DemoFolder.reset(data.resolve("demo"), Windows.now().today());
    List<String> builds = List.of("Heron", "Bittern", "Dunlin", "Avocet", "Dotterel");
    Windows.dataFolder(data);
    onScreen(
        () -> {
          Platform.setImplicitExit(false);
          Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
          return true;
        });
    List<Double> held = new ArrayList<>();
    ShopWindow window = null;
    for (int i = 0; i < count; i++) {
      ShopWindow before = window;
      String build = builds.get(random.nextInt(builds.size()));
      StationId station = StationId.values()[random.nextInt(StationId.values().length)];
      boolean other = before == null || i % windows == 0;
      window =
          onScreen(
              () -> {
                ShopWindow next = other ? opened(before, data, build) : before;
                next.choose(station);
                List<String> pages = next.here().pageTitles();
                if (!pages.isEmpty()) {
                  next.page(pages.get(random.nextInt(pages.size())));
                }
                // Always into the same picture: the toolkit lets go of pictures when it likes.
                picture = next.root().getScene().snapshot(picture);
                return next;
              });
      if ((i + 1) % STRETCH == 0) {
        held.add(held());
        System.out.printf("%d switches, %.1f MB held%n", i + 1, held.get(held.size() - 1));
      }
    }
    double half = held.get(held.size() / 2);
    double last = held.get(held.size() - 1);
    boolean grows = last > half * GROWTH;
    System.out.printf(
        "memory: %d switches, %.1f MB held halfway, %.1f MB at the end%s%n",
        count, half, last, grows ? ": it grows" : "");
    System.exit(grows ? 1 : 0);
  }

  /** Opens a build in a window of its own, as from the home card, and closes the one before. */
  private static ShopWindow opened(ShopWindow before, Path data, String build) throws Exception {
    ShopWindow next = Windows.open(DemoFolder.build(data.resolve("demo"), build));
    if (before != null) {
      Window shown = before.root().getScene().getWindow();
      shown.fireEvent(new WindowEvent(shown, WindowEvent.WINDOW_CLOSE_REQUEST));
      shown.hide();
    }
    return next;
  }

  /** After what is held softly was let go: that takes as many ms as MB are free. */
  private static double held() throws InterruptedException {
    for (int i = 0; i < 6; i++) {
      System.gc();
      Thread.sleep(300);
    }
    Runtime runtime = Runtime.getRuntime();
    return (runtime.totalMemory() - runtime.freeMemory()) / 1e6;
  }

  private static <T> T onScreen(Callable<T> work) throws Exception {
    FutureTask<T> task = new FutureTask<>(work);
    Platform.runLater(task);
    return task.get();
  }
}
