package roughcut.desktop;

import atlantafx.base.theme.PrimerLight;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import roughcut.desktop.session.Habits;
import roughcut.desktop.session.Workspace;
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

  /** What later stretches may hold more than the first ones, which fill caches. */
  private static final double GROWTH = 1.15;

  private Switches() {}

  /** How many switches, and the seed of their order. */
  public static void main(String[] args) throws Exception {
    int count = Integer.parseInt(args[0]);
    Random random = new Random(Long.parseLong(args[1]));
    CountDownLatch started = new CountDownLatch(1);
    Platform.startup(started::countDown);
    started.await();
    Path data = Files.createTempDirectory("rough-cut-switches");
    DemoFolder.reset(data.resolve("demo"), LocalDate.now());
    List<String> builds = List.of("Heron", "Bittern", "Dunlin", "Avocet");
    Stage stage =
        onScreen(
            () -> {
              Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
              return new Stage();
            });
    List<Double> held = new ArrayList<>();
    ShopWindow window = null;
    for (int i = 0; i < count; i++) {
      ShopWindow before = window;
      String build = builds.get(random.nextInt(builds.size()));
      StationId station = StationId.values()[random.nextInt(StationId.values().length)];
      boolean other = before == null || i % 3 == 0;
      window =
          onScreen(
              () -> {
                ShopWindow next = other ? opened(before, data, build, stage) : before;
                next.choose(station);
                List<String> pages = next.here().pageTitles();
                if (!pages.isEmpty()) {
                  next.page(pages.get(random.nextInt(pages.size())));
                }
                stage.getScene().snapshot(null);
                return next;
              });
      if ((i + 1) % STRETCH == 0) {
        held.add(held());
        System.out.printf("%d switches, %.1f MB held%n", i + 1, held.get(held.size() - 1));
      }
    }
    int half = held.size() / 2;
    double first = held.subList(0, half).stream().mapToDouble(d -> d).max().orElse(0);
    double last = held.subList(half, held.size()).stream().mapToDouble(d -> d).min().orElse(0);
    boolean grows = last > first * GROWTH;
    System.out.printf(
        "memory: %d switches, most held in the first half %.1f MB, least in the second %.1f MB%s%n",
        count, first, last, grows ? ": it grows" : "");
    System.exit(grows ? 1 : 0);
  }

  private static ShopWindow opened(ShopWindow before, Path data, String build, Stage stage)
      throws Exception {
    if (before != null) {
      before.workspace().close();
    }
    Path file = DemoFolder.build(data.resolve("demo"), build);
    ShopWindow next = new ShopWindow(Workspace.open(file, data), Habits.in(data));
    stage.setScene(Windows.scene(next));
    stage.show();
    return next;
  }

  private static double held() throws InterruptedException {
    for (int i = 0; i < 4; i++) {
      System.gc();
      Thread.sleep(150);
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
