package roughcut.desktop.session;

import static roughcut.desktop.words.Words.say;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import roughcut.desktop.words.Words;
import roughcut.file.Autosave;
import roughcut.file.BuildFile;
import roughcut.file.DemoFolder;
import roughcut.file.FileException;
import roughcut.file.RescueCopies;
import roughcut.file.ShopFile;
import roughcut.file.UnfinishedEntries;
import roughcut.file.Versions;
import roughcut.measure.Refused;
import roughcut.measure.Text;
import roughcut.record.Build;
import roughcut.record.CurrentTime;
import roughcut.shop.Shop;

/**
 * Where a session's build and shop are kept: their files, saved shortly after every edit, their
 * versions, and what can be done when saving fails.
 */
public final class Workspace {
  private final Session session;
  private final Path data;
  private final RescueCopies rescue;
  private final Autosave autosave;
  private final ReadOnlyObjectWrapper<Autosave.State> state;
  private final String said;

  private Workspace(
      Session session, BuildFile.Opened build, ShopFile.Opened shop, Path data, String said) {
    this.session = session;
    this.data = data;
    this.said = said;
    this.rescue = new RescueCopies(data);
    this.autosave =
        new Autosave(
            build.file(), build.build(), shop.file(), shop.shop(), rescue, this::savingStands);
    this.state = new ReadOnlyObjectWrapper<>(autosave.state());
    session.build().addListener((p, was, is) -> changed());
    session.shop().addListener((p, was, is) -> changed());
    session.whatIf().addListener((p, was, is) -> changed());
    changed();
  }

  private void savingStands(Autosave.State next) {
    if (Platform.isFxApplicationThread()) {
      state.set(next);
    } else {
      Platform.runLater(() -> state.set(autosave.state()));
    }
  }

  /**
   * Opens a build for working on. One that is sound in its file but can't be worked out opens as
   * its newest version that can.
   *
   * @param data the user's data folder, for rescue copies
   * @param now the clock that it goes by
   * @throws FileTrouble in words
   */
  public static Workspace open(Path path, Path data, CurrentTime now) throws FileException {
    BuildFile.Opened opened = BuildFile.open(path);
    ShopFile.Opened shop = ShopFile.openFor(opened.file());
    String said = shop.trouble().map(Words::say).orElse(null);
    try {
      return new Workspace(new Session(opened.build(), shop.shop(), now), opened, shop, data, said);
    } catch (RuntimeException | StackOverflowError e) {
      System.getLogger("roughcut").log(System.Logger.Level.WARNING, "a build can't be shown", e);
      return earlier(path, data, now, opened, shop);
    }
  }

  private static Workspace earlier(
      Path path, Path data, CurrentTime now, BuildFile.Opened opened, ShopFile.Opened shop)
      throws FileException {
    try {
      for (Versions.Version version : Versions.of(path)) {
        try {
          Session session = new Session(BuildFile.open(version.path()).build(), shop.shop(), now);
          return new Workspace(
              session,
              opened,
              shop,
              data,
              say(
                  "The last saved version can't be calculated. This is the version "
                      + "before it, of {at}; the last one is kept among the versions.",
                  RelativeDay.at(version.at())));
        } catch (FileException | RuntimeException | StackOverflowError e) {
          // the one before that, then
        }
      }
    } catch (IOException e) {
      throw new FileException(
          Text.of("The earlier versions can't be listed: {why}", Refused.why(e)), e);
    }
    throw new FileException(
        Text.of(
            "{file} is intact but can't be calculated, and no earlier version can",
            path.getFileName()));
  }

  public Session session() {
    return session;
  }

  /** What is to be said of what was opened; empty for nothing. */
  public Optional<String> said() {
    return Optional.ofNullable(said);
  }

  public Path path() {
    return autosave.file().path();
  }

  /** What was begun at this build's bench and not entered. */
  public UnfinishedEntries halfway() {
    return new UnfinishedEntries(data, this::path);
  }

  /** The folder of the shop that the build belongs to. */
  public Path shopFolder() {
    return autosave.shopFile().folder();
  }

  /** The demo shop's folder, whether it is open or not. */
  public Path demoFolder() {
    return data.resolve("demo");
  }

  public boolean isDemo() {
    return path().toAbsolutePath().startsWith(demoFolder().toAbsolutePath());
  }

  public ReadOnlyObjectProperty<Autosave.State> state() {
    return state.getReadOnlyProperty();
  }

  private void changed() {
    autosave.keep(session.stored().build(), session.stored().shop());
  }

  /** Saves now. */
  public void save() {
    autosave.flush();
  }

  /**
   * Saves to another place and goes on working there, in the name of that file.
   *
   * @param shop the shop that it belongs to from there on
   * @throws FileTrouble in words; the work goes on where it was
   */
  public void saveAs(Path path, ShopFile.Opened shop) throws FileException {
    autosave.flush();
    BuildFile next = autosave.file().to(path, shop.file().folder());
    String file = path.getFileName().toString();
    String name = file.substring(0, file.length() - BuildFile.ENDING.length());
    Build named = session.build().get().withName(name);
    next.save(named);
    // What was decided can still be undone; what is owned is another's from here on.
    Shop owned = shop.shop();
    autosave.move(next, named, shop.file(), owned);
    session.moved(work -> new EditHistory(work.build().withName(name), owned));
  }

  /**
   * A shop of its own for a build that is saved elsewhere, with the boards and tools of this one.
   *
   * @param folder where it is laid out
   * @throws FileTrouble in words
   */
  public ShopFile.Opened copyOfShop(Path folder) throws FileException {
    autosave.shopFile().to(folder.resolve(ShopFile.NAME)).save(session.shop().get());
    return ShopFile.open(folder);
  }

  /** The shop that the build belongs to now. */
  public ShopFile.Opened shop() throws FileException {
    autosave.flush();
    return ShopFile.open(shopFolder());
  }

  /**
   * Takes the files as they are on disk, for the one who wants the other program's changes; an edit
   * that can be undone.
   *
   * @throws FileTrouble in words
   */
  public void reload() throws FileException {
    BuildFile.Opened opened = BuildFile.open(path());
    ShopFile.Opened shop = ShopFile.openFor(opened.file());
    EditHistory theirs = new EditHistory(opened.build(), shop.shop());
    Optional<String> refusal = session.canTake(theirs);
    if (refusal.isPresent()) {
      throw new FileException(Text.raw(refusal.get()));
    }
    autosave.move(opened.file(), opened.build(), shop.file(), shop.shop());
    rescue.letGo(path());
    session.take(say("loading the other changes"), theirs);
  }

  /**
   * Takes in what happened to the build in another window or program, where it can be told apart
   * from what happened here: readings, operations done, or a design that only one of the two
   * changed.
   *
   * @return whether it could; otherwise somebody has to choose, and nothing is changed
   */
  public boolean join() {
    Optional<Build> base = autosave.lastSeen();
    if (base.isEmpty()) {
      return false;
    }
    try {
      BuildFile.Opened opened = BuildFile.open(path());
      ShopFile.Opened shop = ShopFile.openFor(opened.file());
      EditHistory mine = session.stored();
      Optional<Build> joined =
          shop.shop().equals(mine.shop())
              ? mine.build().joined(base.get(), opened.build())
              : Optional.empty();
      Optional<EditHistory> both = joined.map(mine::with);
      if (both.isEmpty() || session.canTake(both.get()).isPresent()) {
        return false;
      }
      autosave.move(opened.file(), opened.build(), shop.file(), shop.shop());
      rescue.letGo(path());
      return session.take(say("work in another window"), both.get()).isEmpty();
    } catch (FileException e) {
      return false;
    }
  }

  /** Whether somebody else wrote the files; asks the disk, so not in the window's thread. */
  public boolean supersededElsewhere() {
    return autosave.supersededElsewhere();
  }

  /**
   * Takes in what another window or program wrote into the files, while nothing is unsaved or being
   * typed here.
   *
   * @return what to say of it; empty where nobody wrote there
   */
  public Optional<String> follow() {
    if (session.typed() || session.whatIf().get() != null || !autosave.supersededElsewhere()) {
      return Optional.empty();
    }
    try {
      BuildFile.Opened opened = BuildFile.open(path());
      ShopFile.Opened shop = ShopFile.openFor(opened.file());
      EditHistory theirs = new EditHistory(opened.build(), shop.shop());
      Optional<String> refusal = session.canTake(theirs);
      if (refusal.isPresent()) {
        return Optional.of(say("Changed elsewhere and not loaded: {refusal}.", refusal.get()));
      }
      autosave.move(opened.file(), opened.build(), shop.file(), shop.shop());
      session.take(say("work in another window"), theirs);
      return Optional.of(
          say("Another window or program changed this build. You see its current state."));
    } catch (FileException e) {
      return Optional.of(say("Changed elsewhere and unreadable: {why}.", Words.why(e)));
    }
  }

  /** Overwrites the file with what is here; what was there stays among its versions. */
  public void keepMine() {
    autosave.overwrite();
  }

  /**
   * Goes back to an earlier version of the build, as an edit that can be undone.
   *
   * @throws FileTrouble in words
   */
  public void restore(Path version) throws FileException {
    Build earlier = BuildFile.open(version).build();
    took(session.take(say("restoring an earlier version"), session.work().with(earlier)));
  }

  /** Goes back to an earlier version of the shop, as an edit that can be undone. */
  public void restoreShop(Path version) throws FileException {
    Shop earlier = ShopFile.read(version);
    took(session.take(say("restoring an earlier shop"), session.work().with(earlier)));
  }

  private static void took(Optional<String> refusal) throws FileException {
    if (refusal.isPresent()) {
      throw new FileException(Text.raw(refusal.get()));
    }
  }

  /** Work on this build that couldn't be saved in an earlier session. */
  public Optional<RescueCopies.Copy> rescued() {
    return rescue.of(path());
  }

  /** Brings back what was rescued, as an edit that can be undone. */
  public void takeRescued(RescueCopies.Copy copy) throws FileException {
    Build kept = BuildFile.open(copy.copy()).build();
    took(session.take(say("restoring rescued work"), session.work().with(kept)));
    if (!autosave.flush().troubled()) {
      rescue.letGo(copy.belongs());
    }
  }

  /** Lets a rescue copy go. */
  public void letGo(RescueCopies.Copy copy) {
    rescue.letGo(copy.belongs());
  }

  /** Every version of the shop, the newest first. */
  public java.util.List<Versions.Version> shopVersions() throws IOException {
    return Versions.of(autosave.shopFile().path());
  }

  /**
   * Lays the demo out anew, all of its builds and its shop, and works on it; for the open one an
   * edit that can be undone.
   *
   * @return all that was there, to be brought back
   * @throws FileTrouble in words
   */
  public DemoFolder.Before resetDemo() throws FileException {
    autosave.flush();
    DemoFolder.Before before = DemoFolder.reset(demoFolder(), session.now().today());
    reload();
    return before;
  }

  /** Brings the demo back as it was before it was reset. */
  public void bringBack(DemoFolder.Before before) throws FileException {
    autosave.flush();
    before.bringBack();
    reload();
  }

  /** Saves what is waiting, and tells how saving stands. */
  public Autosave.State settle() {
    return autosave.flush();
  }

  /** Saves what is waiting and stops. */
  public void close() {
    autosave.close();
  }
}
