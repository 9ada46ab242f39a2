package roughcut.desktop.session;

import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/**
 * Work that nobody has to wait for with the window standing still: one after the other, each kind
 * of work on a thread of its own. What fails there fails in the window, where it is told.
 */
public final class Background {
  private final Executor working;

  /**
   * Makes one.
   *
   * @param name of its thread
   */
  public Background(String name) {
    working =
        Executors.newSingleThreadExecutor(
            work -> {
              Thread thread = new Thread(work, name);
              thread.setDaemon(true);
              return thread;
            });
  }

  /** Does something that touches nothing of the window. */
  public void run(Runnable work) {
    working.execute(
        () -> {
          try {
            work.run();
          } catch (RuntimeException e) {
            Platform.runLater(
                () -> {
                  throw e;
                });
          }
        });
  }

  /**
   * Works something out and hands it over in the window's own time.
   *
   * @param work touches nothing of the window
   */
  public <T> void work(Supplier<T> work, Consumer<T> then) {
    run(
        () -> {
          T found = work.get();
          Platform.runLater(() -> then.accept(found));
        });
  }
}
