package roughcut.desktop.session;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.util.Duration;
import roughcut.design.Build;
import roughcut.file.BuildFile;
import roughcut.file.DemoFolder;
import roughcut.file.FileTrouble;
import roughcut.file.ShopFile;

/**
 * Where a session's build is kept: its file, and saving it shortly after every edit. When saving
 * fails the work goes to a rescue copy in the user's data folder, so that nothing is lost while the
 * maker decides.
 */
public final class Workspace {
  /** How saving stands. */
  public enum Saving {
    SAVED,
    WAITING,
    FAILED,
    CHANGED_ON_DISK
  }

  /**
   * How saving stands, with the words for it.
   *
   * @param rescue where the work is kept meanwhile, or null
   */
  public record State(Saving saving, String words, Path rescue) {}

  private static final Duration QUIET = Duration.millis(500);

  private final Session session;
  private final Path data;
  private final ExecutorService disk =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "saving");
            thread.setDaemon(true);
            return thread;
          });
  private final PauseTransition debounce = new PauseTransition(QUIET);
  private final ReadOnlyObjectWrapper<State> state =
      new ReadOnlyObjectWrapper<>(new State(Saving.SAVED, "saved", null));
  private BuildFile file;
  private Build onDisk;

  private Workspace(Session session, BuildFile file, Path data) {
    this.session = session;
    this.file = file;
    this.data = data;
    this.onDisk = session.build().get();
    debounce.setOnFinished(e -> save());
    session.build().addListener((p, was, is) -> changed(is));
  }

  /**
   * Opens a build for working on.
   *
   * @param data the user's data folder, for rescue copies
   * @throws FileTrouble in words
   */
  public static Workspace open(Path path, Path data) throws FileTrouble {
    BuildFile.Opened opened = BuildFile.open(path);
    return new Workspace(new Session(opened.build(), ShopFile.shopOf(path)), opened.file(), data);
  }

  public Session session() {
    return session;
  }

  public Path path() {
    return file.path();
  }

  /** The demo shop's folder, whether it is open or not. */
  public Path demoFolder() {
    return data.resolve("demo");
  }

  public boolean isDemo() {
    return path().toAbsolutePath().startsWith(demoFolder().toAbsolutePath());
  }

  public ReadOnlyObjectProperty<State> state() {
    return state.getReadOnlyProperty();
  }

  private void changed(Build build) {
    if (build.equals(onDisk)) {
      debounce.stop();
      return;
    }
    if (state.get().saving() == Saving.SAVED) {
      state.set(new State(Saving.WAITING, "saving …", null));
    }
    debounce.playFromStart();
  }

  /** Saves now, in the background. */
  public void save() {
    debounce.stop();
    Build build = session.build().get();
    BuildFile target = file;
    disk.execute(() -> write(target, build));
  }

  private void write(BuildFile target, Build build) {
    State result;
    try {
      target.save(build);
      result = new State(Saving.SAVED, "saved", null);
    } catch (FileTrouble.ChangedOnDisk e) {
      result = rescued(Saving.CHANGED_ON_DISK, e, build);
    } catch (FileTrouble e) {
      result = rescued(Saving.FAILED, e, build);
    }
    State shown = result;
    Platform.runLater(
        () -> {
          if (shown.saving() == Saving.SAVED) {
            onDisk = build;
          }
          state.set(shown);
        });
  }

  private State rescued(Saving saving, FileTrouble trouble, Build build) {
    Path rescue = data.resolve("rescue").resolve(file.path().getFileName());
    try {
      BuildFile.at(rescue).save(build);
      return new State(saving, trouble.getMessage(), rescue);
    } catch (FileTrouble e) {
      return new State(saving, trouble.getMessage(), null);
    }
  }

  /**
   * Saves to another place and goes on working there.
   *
   * @throws FileTrouble in words; the work goes on where it was
   */
  public void saveAs(Path path) throws FileTrouble {
    BuildFile next = BuildFile.at(path);
    next.save(session.build().get());
    file = next;
    onDisk = session.build().get();
    state.set(new State(Saving.SAVED, "saved", null));
  }

  /**
   * Takes the file as it is on disk, for the one who wants the other program's changes.
   *
   * @throws FileTrouble in words
   */
  public void reload() throws FileTrouble {
    BuildFile.Opened opened = BuildFile.open(path());
    file = opened.file();
    onDisk = opened.build();
    session.replace(opened.build());
    state.set(new State(Saving.SAVED, "saved", null));
  }

  /** Overwrites the file with what is here; what was there stays among its versions. */
  public void keepMine() {
    file = BuildFile.at(path());
    save();
  }

  /**
   * Goes back to an earlier version, as an edit that can be undone.
   *
   * @throws FileTrouble in words
   */
  public void restore(Path version) throws FileTrouble {
    Build earlier = BuildFile.open(version).build();
    session.edit("going back to an earlier version", "version", current -> earlier);
  }

  /**
   * Lays the demo out anew and works on it.
   *
   * @throws FileTrouble in words
   */
  public void resetDemo() throws FileTrouble {
    DemoFolder.reset(demoFolder(), LocalDate.now());
    reload();
  }

  /** Saves what is waiting and stops; waits for the disk a few seconds at most. */
  public void close() {
    debounce.stop();
    if (!session.build().get().equals(onDisk)) {
      save();
    }
    disk.shutdown();
    try {
      if (!disk.awaitTermination(10, TimeUnit.SECONDS)) {
        disk.shutdownNow();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** Whether the file is still there. */
  public boolean fileExists() {
    return Files.exists(path());
  }
}
