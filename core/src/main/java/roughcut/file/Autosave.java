package roughcut.file;

import java.nio.file.Path;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import roughcut.measure.Text;
import roughcut.record.Build;
import roughcut.shop.Shop;

/**
 * Keeps a build and its shop on disk while they are worked on: at the latest {@value #LATEST} ms
 * after an edit they are written, however many edits follow. What can't be written goes to a rescue
 * copy, and is tried again with the next edit. Its own thread writes; all methods may be called
 * from any.
 */
public final class Autosave {
  /** An edit is on its way to the disk after this, ms. */
  public static final long LATEST = 500;

  /** What was last seen in the files: both are empty once what is there is to be replaced. */
  public synchronized Optional<Build> lastSeen() {
    return shop.equals(shopOnDisk) ? Optional.ofNullable(buildOnDisk) : Optional.empty();
  }

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
  public record State(Saving saving, Text words, Path rescue) {
    static final State DONE = new State(Saving.SAVED, Text.of("saved"), null);
    static final State SOON = new State(Saving.WAITING, Text.of("saving …"), null);

    /** Whether somebody has to decide something. */
    public boolean troubled() {
      return saving == Saving.FAILED || saving == Saving.CHANGED_ON_DISK;
    }
  }

  private final Object writing = new Object();

  /** When the program is told to end, what isn't written yet is written first. */
  private final Thread atTheEnd = new Thread(this::flush, "saves when you close");

  private final RescueCopies rescue;
  private final Consumer<State> told;
  private final ScheduledExecutorService disk;
  private BuildFile file;
  private ShopFile shopFile;
  private Build build;
  private Shop shop;
  private Build buildOnDisk;
  private Shop shopOnDisk;
  private State state = State.DONE;
  private boolean onItsWay;

  /** Files of which a rescue copy was made here; touched only while writing. */
  private final Set<Path> rescued = new HashSet<>();

  /**
   * Keeps what was just read.
   *
   * @param told gets every change of how saving stands, in whatever thread it happens
   */
  public Autosave(
      BuildFile file,
      Build build,
      ShopFile shopFile,
      Shop shop,
      RescueCopies rescue,
      Consumer<State> told) {
    this(file, build, shopFile, shop, rescue, told, ofItsOwn());
  }

  /**
   * As above, on a given clock.
   *
   * @param disk runs what is to be written when its time has come
   */
  Autosave(
      BuildFile file,
      Build build,
      ShopFile shopFile,
      Shop shop,
      RescueCopies rescue,
      Consumer<State> told,
      ScheduledExecutorService disk) {
    this.disk = disk;
    this.file = file;
    this.shopFile = shopFile;
    this.build = build;
    this.shop = shop;
    this.buildOnDisk = build;
    this.shopOnDisk = shop;
    this.rescue = rescue;
    this.told = told;
    Runtime.getRuntime().addShutdownHook(atTheEnd);
  }

  /** A thread that does nothing else. */
  static ScheduledExecutorService ofItsOwn() {
    return Executors.newSingleThreadScheduledExecutor(
        task -> {
          Thread thread = new Thread(task, "saving");
          thread.setDaemon(true);
          return thread;
        });
  }

  /** The build's file. */
  public synchronized BuildFile file() {
    return file;
  }

  /** The shop's file. */
  public synchronized ShopFile shopFile() {
    return shopFile;
  }

  /** How saving stands. */
  public synchronized State state() {
    return state;
  }

  /**
   * Whether somebody else wrote the build or its shop while everything of here is saved; what isn't
   * saved yet finds that out by itself.
   */
  public boolean supersededElsewhere() {
    if (state().saving() != Saving.SAVED) {
      return false;
    }
    synchronized (writing) {
      synchronized (this) {
        return state.saving() == Saving.SAVED
            && !onItsWay
            && (file.changed() || shopFile.changed());
      }
    }
  }

  /** What is to be kept from now on. */
  public synchronized void keep(Build nextBuild, Shop nextShop) {
    build = nextBuild;
    shop = nextShop;
    if (build.equals(buildOnDisk) && shop.equals(shopOnDisk)) {
      return;
    }
    if (state.saving() == Saving.SAVED) {
      tell(State.SOON);
    }
    soon();
  }

  /** One write is on its way at a time; edits that come meanwhile go along with it. */
  private void soon() {
    if (!onItsWay && !disk.isShutdown()) {
      onItsWay = true;
      disk.schedule(this::flush, LATEST, TimeUnit.MILLISECONDS);
    }
  }

  /** Works in other files from now on, which hold just this. */
  public void move(BuildFile next, Build nextBuild, ShopFile nextShopFile, Shop nextShop) {
    synchronized (writing) {
      synchronized (this) {
        file = next;
        shopFile = nextShopFile;
        build = nextBuild;
        buildOnDisk = nextBuild;
        shop = nextShop;
        shopOnDisk = nextShop;
        tell(State.DONE);
      }
    }
  }

  /** Overwrites what somebody else wrote; it stays among the versions. */
  public void overwrite() {
    synchronized (this) {
      file = file.overwriting();
      shopFile = shopFile.overwriting();
      buildOnDisk = null;
    }
    flush();
  }

  /** Writes what isn't written yet, now and in this thread. */
  public State flush() {
    synchronized (writing) {
      BuildFile target;
      ShopFile shopTarget;
      Build nextBuild;
      Shop nextShop;
      boolean buildToo;
      boolean shopToo;
      synchronized (this) {
        onItsWay = false;
        target = file;
        shopTarget = shopFile;
        nextBuild = build;
        nextShop = shop;
        buildToo = !nextBuild.equals(buildOnDisk);
        shopToo = !nextShop.equals(shopOnDisk);
      }
      State ofBuild =
          buildToo
              ? attempt(
                  () -> target.save(nextBuild),
                  target.path(),
                  p -> target.to(p, shopTarget.folder()).save(nextBuild))
              : State.DONE;
      State ofShop =
          shopToo
              ? attempt(
                  () -> shopTarget.save(nextShop),
                  shopTarget.path(),
                  p -> shopTarget.to(p).save(nextShop))
              : State.DONE;
      synchronized (this) {
        if (buildToo && !ofBuild.troubled()) {
          buildOnDisk = nextBuild;
        }
        if (shopToo && !ofShop.troubled()) {
          shopOnDisk = nextShop;
        }
        boolean more = !build.equals(nextBuild) || !shop.equals(nextShop);
        State shown = ofBuild.troubled() ? ofBuild : ofShop;
        tell(more && !shown.troubled() ? State.SOON : shown);
        if (more) {
          soon();
        }
        return state;
      }
    }
  }

  private void tell(State next) {
    if (!next.equals(state)) {
      state = next;
      told.accept(next);
    }
  }

  /** Something that writes a file. */
  private interface Write {
    void run() throws FileException;
  }

  /** Something that writes to a place. */
  private interface WriteTo {
    void run(Path path) throws FileException;
  }

  private State attempt(Write write, Path path, WriteTo copy) {
    try {
      write.run();
      // One of an earlier session stays until the maker has decided about it.
      if (rescued.remove(path)) {
        rescue.letGo(path);
      }
      return State.DONE;
    } catch (FileException e) {
      Saving saving =
          e instanceof FileException.ChangedOnDisk ? Saving.CHANGED_ON_DISK : Saving.FAILED;
      Path place = rescue.place(path);
      try {
        copy.run(place);
        rescue.note(path);
        rescued.add(path);
        return new State(saving, e.told(), place);
      } catch (FileException worse) {
        return new State(saving, e.told(), null);
      }
    }
  }

  /** Writes what isn't written yet and stops. */
  public State close() {
    disk.shutdown();
    State last = flush();
    try {
      Runtime.getRuntime().removeShutdownHook(atTheEnd);
    } catch (IllegalStateException e) {
      // The program is ending already, and the hook runs.
    }
    return last;
  }
}
