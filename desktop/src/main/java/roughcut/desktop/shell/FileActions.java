package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.ChoiceDialog;
import javafx.scene.control.TextInputDialog;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import roughcut.desktop.session.OwnShop;
import roughcut.desktop.session.Workspace;
import roughcut.desktop.station.StationId;
import roughcut.desktop.words.Words;
import roughcut.file.Autosave;
import roughcut.file.BuildFile;
import roughcut.file.DemoFolder;
import roughcut.file.FileException;
import roughcut.file.RescueCopies;
import roughcut.file.ShopBuilds;
import roughcut.file.ShopFile;
import roughcut.record.Build;

/** Opening, saving, naming and going back, with what they say when they can't. */
final class FileActions {
  private static FileChooser.ExtensionFilter builds() {
    return new FileChooser.ExtensionFilter(say("Builds"), "*" + BuildFile.ENDING);
  }

  private final Workspace workspace;
  private final Notice notice;
  private final Supplier<Window> window;

  FileActions(Workspace workspace, Notice notice, Supplier<Window> window) {
    this.workspace = workspace;
    this.notice = notice;
    this.window = window;
  }

  /** Where the menu leads besides files. */
  interface MenuWays {
    void home();

    void begin();

    void save();

    void versions();

    void shopVersions();

    void sheets();

    void outline();

    void boards();

    void close();

    void quit();

    void print();

    void shelves();

    void woods();

    void preferences();

    void help();
  }

  /** The menu under the build's name, group by group; the first ends with opening a file. */
  List<List<Command>> menu(MenuWays ways) {
    List<List<Command>> groups = new ArrayList<>();
    groups.add(
        List.of(
            Command.of(say("All builds …"), KeyCode.H, ways::home),
            Command.of(say("New instrument …"), KeyCode.N, ways::begin),
            Command.of(say("New from this one, design only"), this::like),
            Command.of(say("Open …"), KeyCode.O, this::open)));
    groups.add(
        List.of(
            Command.of(say("Save"), KeyCode.S, ways::save),
            Command.of(say("Save as …"), this::saveAs),
            Command.of(say("Rename …"), this::rename),
            Command.of(say("Earlier versions of this build …"), ways::versions),
            Command.of(say("Earlier versions of the shop …"), ways::shopVersions)));
    groups.add(
        List.of(
            Command.of(say("Import outline (SVG, DXF) …"), ways::outline),
            Command.of(say("Import boards (CSV) …"), ways::boards),
            Command.of(say("Export sheets, SVG, DXF, CSV"), KeyCode.DIGIT8, ways::sheets),
            Command.of(say("Print …"), KeyCode.P, ways::print)));
    groups.add(
        List.of(
            Command.of(say("Inventory: strings and hardware …"), ways::shelves),
            Command.of(say("Woods: names, weight, movement …"), ways::woods),
            Command.of(say("Preferences …"), KeyCode.COMMA, ways::preferences),
            Command.of(
                say("Help: stations, keys, safety"),
                "F1",
                new KeyCodeCombination(KeyCode.F1),
                ways::help)));
    if (workspace.isDemo()) {
      groups.add(List.of(Command.of(say("Reset demo …"), this::askReset)));
    }
    groups.add(
        List.of(
            Command.of(say("Close window"), KeyCode.W, ways::close),
            Command.of(say("Quit"), KeyCode.Q, ways::quit)));
    return groups;
  }

  /** Begins a build in the maker's own shop, in a window of its own. */
  void begin(Build build) {
    begun(own -> own.begin(build));
  }

  /** A new instrument like this one, in the maker's own shop: nothing read, nothing done. */
  private void like() {
    workspace.session().enterTyped();
    workspace.save();
    begun(own -> own.like(workspace.path()));
  }

  /** Something that makes a build in a shop. */
  private interface Making {
    Path in(ShopBuilds own) throws FileException;
  }

  private void begun(Making making) {
    try {
      Path path = making.in(new ShopBuilds(new OwnShop(Windows.data()).folder()));
      Windows.open(path).choose(StationId.LAYOUT);
    } catch (FileException e) {
      notice.show(say("Not started: {why}.", Words.why(e)));
    }
  }

  void open() {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(say("Open a build"));
    chooser.getExtensionFilters().add(builds());
    chooser.setInitialDirectory(folder(workspace.path().toAbsolutePath().getParent()));
    File chosen = chooser.showOpenDialog(window.get());
    if (chosen != null) {
      openInNewWindow(chosen.toPath());
    }
  }

  /**
   * A build opens in a window of its own; one that can't be read is told about here and changes
   * nothing.
   */
  void openInNewWindow(Path path) {
    try {
      Windows.open(path);
    } catch (FileException e) {
      notice.show(say("Not opened: {why}", Words.why(e)));
    }
  }

  private static File folder(Path folder) {
    return folder != null && folder.toFile().isDirectory() ? folder.toFile() : null;
  }

  /** Own work is offered a place in the maker's own shop, even when it began as the demo's. */
  void saveAs() {
    workspace.session().enterTyped();
    FileChooser chooser = new FileChooser();
    chooser.setTitle(say("Save as"));
    chooser.getExtensionFilters().add(builds());
    try {
      chooser.setInitialDirectory(
          folder(
              workspace.isDemo()
                  ? new OwnShop(Windows.data()).builds()
                  : workspace.path().toAbsolutePath().getParent()));
    } catch (FileException e) {
      notice.show(say("Your own shop can't be created: {why}", Words.why(e)));
    }
    chooser.setInitialFileName(workspace.session().build().get().name() + BuildFile.ENDING);
    File chosen = chooser.showSaveDialog(window.get());
    if (chosen != null) {
      Path typed = chosen.toPath();
      Path path = typed.resolveSibling(BuildFile.named(chosen.getName()));
      try {
        shops(path).ifPresent(shop -> saveTo(path, shop));
      } catch (FileException e) {
        notice.show(say("Not saved: {why}", Words.why(e)));
      }
    }
  }

  /** Finds or makes the shop that a build belongs to. */
  interface ShopFinder {
    ShopFile.Opened find() throws FileException;
  }

  /**
   * The shops that a build saved there may belong to, in words; one of them is asked for unless
   * there is no question.
   */
  private Optional<ShopFinder> shops(Path path) throws FileException {
    Map<String, ShopFinder> shops = shopsFor(path);
    if (shops.size() == 1) {
      return shops.values().stream().findFirst();
    }
    List<String> words = List.copyOf(shops.keySet());
    ChoiceDialog<String> dialog = new ChoiceDialog<>(words.get(0), words);
    dialog.initOwner(window.get());
    dialog.setTitle(say("Save as"));
    dialog.setHeaderText(
        say(
            "Which shop does it belong to? A shop holds the wood rack, saws, cutters and "
                + "templates."));
    dialog.setContentText(say("Shop"));
    dialog.setGraphic(null);
    return dialog.showAndWait().map(shops::get);
  }

  /** The shops that a build saved there may belong to, the likeliest first. */
  Map<String, ShopFinder> shopsFor(Path path) throws FileException {
    Map<String, ShopFinder> shops = new LinkedHashMap<>();
    Path now = workspace.shopFolder();
    Optional<Path> around = ShopFile.around(path);
    if (around.isPresent() && around.get().equals(now)) {
      shops.put("", workspace::shop);
      return shops;
    }
    around.ifPresent(
        f -> shops.put(say("The shop in that folder: {f}", f), () -> ShopFile.open(f)));
    Path own = new OwnShop(Windows.data()).folder();
    if (!own.equals(now) && !around.map(own::equals).orElse(false)) {
      shops.put(say("My own shop: {own}", own), () -> ShopFile.open(own));
    }
    if (!workspace.isDemo()) {
      shops.put(say("Its current shop: {now}", now), workspace::shop);
    }
    Path folder = path.toAbsolutePath().normalize().getParent();
    if (around.isEmpty()) {
      shops.put(
          say("A new shop there, with these boards and tools"), () -> workspace.copyOfShop(folder));
    }
    return shops;
  }

  void saveTo(Path path, ShopFinder shop) {
    try {
      workspace.saveAs(path, shop.find());
      notice.savingIsWell();
    } catch (FileException e) {
      notice.saving(
          say("Not saved: {why}", Words.why(e)), new Command(say("Save as …"), "", this::saveAs));
    } catch (IllegalArgumentException e) {
      notice.saving(say("Not saved: {why}", Words.why(e)));
    }
  }

  private void rename() {
    TextInputDialog dialog = new TextInputDialog(workspace.session().build().get().name());
    dialog.initOwner(window.get());
    dialog.setTitle(say("Rename"));
    dialog.setHeaderText(null);
    dialog.setGraphic(null);
    dialog.setContentText(say("Name"));
    dialog
        .showAndWait()
        .flatMap(
            name ->
                workspace
                    .session()
                    .edit(say("name"), "name", build -> build.withName(name.strip())))
        .ifPresent(notice::show);
  }

  private void askReset() {
    notice.ask(
        say(
            "Reset the demo? All five instruments, their boards and tools go back to the "
                + "start. Your own shop isn't touched. You can undo this."),
        new Command(say("Reset"), "", this::resetDemo));
  }

  void resetDemo() {
    try {
      DemoFolder.Before before = workspace.resetDemo();
      notice.tell(
          say("The demo is reset."), new Command(say("Undo reset"), "", () -> bringBack(before)));
    } catch (FileException e) {
      notice.show(say("Not reset: {why}", Words.why(e)));
    }
  }

  private void bringBack(DemoFolder.Before before) {
    try {
      workspace.bringBack(before);
    } catch (FileException e) {
      notice.show(say("Not restored: {why}", Words.why(e)));
    }
  }

  private static String said(String what, String kept) {
    return kept.isEmpty() ? what : say("{what} {rescue}", what, kept);
  }

  /**
   * Tells when saving stopped working, with the ways out; and takes it back when it works again.
   */
  void tellSaving(Autosave.State state) {
    String kept =
        state.rescue() == null ? "" : say("A rescue copy is at {rescue}.", state.rescue());
    switch (state.saving()) {
      case FAILED ->
          notice.saving(
              said(say("Not saved: {state}.", state.words()), kept),
              new Command(say("Try again"), "", workspace::save),
              new Command(say("Save as …"), "", this::saveAs));
      case CHANGED_ON_DISK -> {
        if (workspace.join()) {
          notice.tell(say("Another window changed this build too. Work done in both is kept."));
        } else {
          notice.saving(
              said(say(state.words()), kept),
              new Command(say("Use their version"), "", this::reload),
              new Command(say("Keep mine"), "", workspace::keepMine));
        }
      }
      case SAVED -> notice.savingIsWell();
      default -> {}
    }
  }

  private void reload() {
    try {
      workspace.reload();
    } catch (FileException e) {
      notice.show(say("Not reloaded: {why}", Words.why(e)));
    }
  }

  /** What is to be said of a build that was just opened. */
  void opened() {
    Optional<RescueCopies.Copy> copy = workspace.rescued();
    if (copy.isPresent()) {
      notice.ask(
          say("The last changes to this build couldn't be saved. A copy was kept."),
          new Command(say("Restore"), "", () -> take(copy.get())),
          new Command(say("Discard"), "", () -> workspace.letGo(copy.get())));
    } else {
      workspace.said().ifPresent(notice::show);
    }
  }

  /** Offers work on another build that couldn't be saved where it belongs. */
  void offer(RescueCopies.Copy copy) {
    notice.ask(
        say(
            "Changes to {file} couldn't be saved to {folder}. A copy was " + "kept.",
            copy.belongs().getFileName(),
            copy.belongs().getParent()),
        new Command(say("Open copy"), "", () -> openInNewWindow(copy.copy())),
        new Command(say("Discard"), "", () -> workspace.letGo(copy)));
  }

  private void take(RescueCopies.Copy copy) {
    try {
      workspace.takeRescued(copy);
    } catch (FileException e) {
      notice.show(say("Not restored: {why}", Words.why(e)));
    }
  }
}
