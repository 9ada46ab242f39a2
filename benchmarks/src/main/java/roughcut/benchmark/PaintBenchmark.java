package roughcut.benchmark;

import atlantafx.base.theme.PrimerLight;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import roughcut.design.Decisions;
import roughcut.design.FittingDecisions;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.session.Workspace;
import roughcut.desktop.shell.ShopWindow;
import roughcut.desktop.shell.Windows;
import roughcut.desktop.station.StationId;
import roughcut.file.DemoFolder;
import roughcut.record.CurrentTime;

/**
 * What the maker waits for: an edit, and the knife, to be painted by the software renderer, the
 * whole 1280 × 800 window in one go.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class PaintBenchmark {
  /** Place of the Routs station in the window. */
  private ShopWindow window;

  private Scene scene;
  private WritableImage image;
  private int key;
  private int page;

  @Setup
  public void open() throws Exception {
    CountDownLatch started = new CountDownLatch(1);
    Platform.startup(started::countDown);
    started.await();
    Path data = Files.createTempDirectory("rough-cut-benchmark");
    DemoFolder.reset(data.resolve("demo"), CurrentTime.ofThisMachine().today());
    onScreen(
        () -> {
          Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
          window =
              new ShopWindow(
                  Workspace.open(
                      DemoFolder.heron(data.resolve("demo")), data, CurrentTime.ofThisMachine()),
                  Preferences.in(data));
          scene = Windows.scene(window);
          Stage stage = new Stage();
          stage.setScene(scene);
          stage.show();
          image = scene.snapshot(null);
          return null;
        });
  }

  @TearDown
  public void close() throws Exception {
    onScreen(
        () -> {
          window.workspace().close();
          return null;
        });
    Platform.exit();
  }

  private static <T> T onScreen(Callable<T> work) throws Exception {
    FutureTask<T> task = new FutureTask<>(work);
    Platform.runLater(task);
    return task.get();
  }

  /** An edit, its plan, its marks, and everything painted. */
  @Benchmark
  @Goal(median = 50)
  public Object editToPainted() throws Exception {
    double angle = 10 + key++ % 50 / 10.0;
    return onScreen(
        () -> {
          window
              .workspace()
              .session()
              .edit(
                  "angle",
                  "head.angle",
                  b -> b.withDesign(Decisions.HEAD_ANGLE.with(b.design(), angle)));
          return scene.snapshot(image);
        });
  }

  /** The knife moves: its layer and the section are drawn anew, the rest is only shown again. */
  @Benchmark
  public Object knifeToPainted() throws Exception {
    double x = key++ % 480;
    return onScreen(
        () -> {
          window.surface().knife(x);
          return scene.snapshot(image);
        });
  }

  /** A pickup moved at the Routs station, and everything painted. */
  @Benchmark
  @Goal(median = 50)
  public Object pickupToPainted() throws Exception {
    double place = 42 + key++ % 30 / 2.0;
    return onScreen(
        () -> {
          window.choose(StationId.ROUTS);
          window
              .workspace()
              .session()
              .edit(
                  "pickup",
                  "pickup.bridge.from-saddle",
                  b ->
                      b.withDesign(
                          FittingDecisions.number(
                                  b.design().fitting("bridge").orElseThrow(), "from-saddle")
                              .with(b.design(), place)));
          return scene.snapshot(image);
        });
  }

  /** Another page, by turns of every station, and everything painted. */
  @Benchmark
  @Goal(median = 100)
  public Object pageToPainted() throws Exception {
    return onScreen(
        () -> {
          StationId[] all = StationId.values();
          if (window.here().pageTitles().size() <= ++page) {
            page = 0;
            window.choose(all[++key % all.length]);
          }
          List<String> titles = window.here().pageTitles();
          if (!titles.isEmpty()) {
            window.page(titles.get(page));
          }
          return scene.snapshot(image);
        });
  }
}
