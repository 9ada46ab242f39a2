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
import roughcut.shop.Shop;

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
  private ShopFile shopFile;
  private Build onDisk;
  private Shop shopOnDisk;

  private Workspace(Session session, BuildFile file, ShopFile shopFile, Path data) {
    this.session = session;
    this.file = file;
    this.shopFile = shopFile;
    this.data = data;
    this.onDisk = session.build().get();
    this.shopOnDisk = session.shop().get();
    debounce.setOnFinished(e -> save());
    session.build().addListener((p, was, is) -> changed());
    session.shop().addListener((p, was, is) -> changed());
  }

  /**
   * Opens a build for working on.
   *
   * @param data the user's data folder, for rescue copies
   * @throws FileTrouble in words
   */
  public static Workspace open(Path path, Path data) throws FileTrouble {
    BuildFile.Opened opened = BuildFile.open(path);
    ShopFile.Opened shop = ShopFile.openFor(path);
    return new Workspace(
        new Session(opened.build(), shop.shop()), opened.file(), shop.file(), data);
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

  private boolean saved() {
    return session.build().get().equals(onDisk) && session.shop().get().equals(shopOnDisk);
  }

  private void changed() {
    if (saved()) {
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
    Shop shop = session.shop().get();
    BuildFile target = file;
    ShopFile shopTarget = shop.equals(shopOnDisk) ? null : shopFile;
    disk.execute(() -> write(target, build, shopTarget, shop));
  }

  /** Writes the build, and the shop when it changed; each goes to its own rescue when it can't. */
  private void write(BuildFile target, Build build, ShopFile shopTarget, Shop shop) {
    State buildState =
        attempt(() -> target.save(build), file.path(), p -> BuildFile.at(p).save(build));
    State shopState =
        shopTarget == null
            ? buildState
            : attempt(
                () -> shopTarget.save(shop), shopTarget.path(), p -> ShopFile.at(p).save(shop));
    State shown = buildState.saving() == Saving.SAVED ? shopState : buildState;
    Platform.runLater(
        () -> {
          if (buildState.saving() == Saving.SAVED) {
            onDisk = build;
          }
          if (shopState.saving() == Saving.SAVED && shopTarget != null) {
            shopOnDisk = shop;
          }
          state.set(shown);
        });
  }

  /** Something that writes a file. */
  private interface Write {
    void run() throws FileTrouble;
  }

  /** Something that writes to a place. */
  private interface WriteTo {
    void run(Path path) throws FileTrouble;
  }

  private State attempt(Write write, Path path, WriteTo rescue) {
    try {
      write.run();
      return new State(Saving.SAVED, "saved", null);
    } catch (FileTrouble.ChangedOnDisk e) {
      return rescued(Saving.CHANGED_ON_DISK, e, path, rescue);
    } catch (FileTrouble e) {
      return rescued(Saving.FAILED, e, path, rescue);
    }
  }

  private State rescued(Saving saving, FileTrouble trouble, Path path, WriteTo write) {
    Path rescue = data.resolve("rescue").resolve(path.getFileName());
    try {
      write.run(rescue);
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
    ShopFile.Opened shop = ShopFile.openFor(path());
    file = opened.file();
    shopFile = shop.file();
    onDisk = opened.build();
    shopOnDisk = shop.shop();
    session.replace(opened.build(), shop.shop());
    state.set(new State(Saving.SAVED, "saved", null));
  }

  /** Overwrites the file with what is here; what was there stays among its versions. */
  public void keepMine() {
    file = BuildFile.at(path());
    shopFile = ShopFile.at(shopFile.path());
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
    if (!saved()) {
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
