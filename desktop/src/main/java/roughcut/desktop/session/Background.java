package roughcut.desktop.session;

import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/** Work that nobody has to wait for with the window standing still. */
public final class Background {
  private static final Executor WORKING =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread thread = new Thread(work, "background");
            thread.setDaemon(true);
            return thread;
          });

  private Background() {}

  /**
   * Works something out and hands it over in the window's own time.
   *
   * @param work touches nothing of the window
   */
  public static <T> void work(Supplier<T> work, Consumer<T> then) {
    WORKING.execute(
        () -> {
          T found = work.get();
          Platform.runLater(() -> then.accept(found));
        });
  }
}
