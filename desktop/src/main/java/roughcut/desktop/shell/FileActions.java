package roughcut.desktop.shell;

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
import javafx.stage.FileChooser;
import javafx.stage.Window;
import roughcut.desktop.session.OwnShop;
import roughcut.desktop.session.Workspace;
import roughcut.desktop.station.StationId;
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
  private static final FileChooser.ExtensionFilter BUILDS =
      new FileChooser.ExtensionFilter("Builds", "*" + BuildFile.ENDING);

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

    void shelves();

    void woods();

    void preferences();

    void help();
  }

  /** The menu under the build's name; null stands for a rule between groups. */
  List<Command> menu(MenuWays ways) {
    List<Command> menu = new ArrayList<>();
    menu.add(new Command("All builds …", "Ctrl+H", ways::home));
    menu.add(new Command("New instrument …", "Ctrl+N", ways::begin));
    menu.add(new Command("New from this one, design only", "", this::like));
    menu.add(new Command("Open …", "Ctrl+O", this::open));
    menu.add(new Command("Save", "Ctrl+S", ways::save));
    menu.add(new Command("Save as …", "", this::saveAs));
    menu.add(new Command("Rename …", "", this::rename));
    menu.add(new Command("Earlier versions of this build …", "", ways::versions));
    menu.add(new Command("Earlier versions of the shop …", "", ways::shopVersions));
    menu.add(null);
    menu.add(new Command("What if …", "Ctrl+T", workspace.session()::beginWhatIf));
    menu.add(new Command("Full-size sheets", "Ctrl+P", ways::sheets));
    menu.add(new Command("Inventory: strings and hardware …", "", ways::shelves));
    menu.add(new Command("Woods: names, weight, movement …", "", ways::woods));
    menu.add(new Command("Preferences …", "Ctrl+,", ways::preferences));
    menu.add(new Command("Help: stations, keys, safety", "F1", ways::help));
    if (workspace.isDemo()) {
      menu.add(null);
      menu.add(new Command("Reset demo …", "", this::askReset));
    }
    return menu;
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
      notice.show("Not started: " + e.getMessage() + ".");
    }
  }

  void open() {
    FileChooser chooser = new FileChooser();
    chooser.setTitle("Open a build");
    chooser.getExtensionFilters().add(BUILDS);
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
      notice.show("Not opened: " + e.getMessage());
    }
  }

  private static File folder(Path folder) {
    return folder != null && folder.toFile().isDirectory() ? folder.toFile() : null;
  }

  /** Own work is offered a place in the maker's own shop, even when it began as the demo's. */
  void saveAs() {
    workspace.session().enterTyped();
    FileChooser chooser = new FileChooser();
    chooser.setTitle("Save as");
    chooser.getExtensionFilters().add(BUILDS);
    try {
      chooser.setInitialDirectory(
          folder(
              workspace.isDemo()
                  ? new OwnShop(Windows.data()).builds()
                  : workspace.path().toAbsolutePath().getParent()));
    } catch (FileException e) {
      notice.show("Your own shop can't be created: " + e.getMessage());
    }
    chooser.setInitialFileName(workspace.session().build().get().name() + BuildFile.ENDING);
    File chosen = chooser.showSaveDialog(window.get());
    if (chosen != null) {
      Path typed = chosen.toPath();
      Path path = typed.resolveSibling(BuildFile.named(chosen.getName()));
      try {
        shops(path).ifPresent(shop -> saveTo(path, shop));
      } catch (FileException e) {
        notice.show("Not saved: " + e.getMessage());
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
    dialog.setTitle("Save as");
    dialog.setHeaderText(
        "Which shop does it belong to? A shop holds the wood rack, saws, cutters and "
            + "templates.");
    dialog.setContentText("Shop");
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
    around.ifPresent(f -> shops.put("The shop in that folder: " + f, () -> ShopFile.open(f)));
    Path own = new OwnShop(Windows.data()).folder();
    if (!own.equals(now) && !around.map(own::equals).orElse(false)) {
      shops.put("My own shop: " + own, () -> ShopFile.open(own));
    }
    if (!workspace.isDemo()) {
      shops.put("Its current shop: " + now, workspace::shop);
    }
    Path folder = path.toAbsolutePath().normalize().getParent();
    if (around.isEmpty()) {
      shops.put(
          "A new shop there, with these boards and tools", () -> workspace.copyOfShop(folder));
    }
    return shops;
  }

  void saveTo(Path path, ShopFinder shop) {
    try {
      workspace.saveAs(path, shop.find());
      notice.hide();
    } catch (FileException e) {
      notice.show("Not saved: " + e.getMessage(), new Command("Save as …", "", this::saveAs));
    } catch (IllegalArgumentException e) {
      notice.show("Not saved: " + e.getMessage());
    }
  }

  private void rename() {
    TextInputDialog dialog = new TextInputDialog(workspace.session().build().get().name());
    dialog.initOwner(window.get());
    dialog.setTitle("Rename");
    dialog.setHeaderText(null);
    dialog.setGraphic(null);
    dialog.setContentText("Name");
    dialog
        .showAndWait()
        .flatMap(
            name -> workspace.session().edit("name", "name", build -> build.withName(name.strip())))
        .ifPresent(notice::show);
  }

  private void askReset() {
    notice.ask(
        "Reset the demo? All four instruments, their boards and tools go back to the "
            + "start. Your own shop isn't touched. You can undo this.",
        new Command("Reset", "", this::resetDemo));
  }

  void resetDemo() {
    try {
      DemoFolder.Before before = workspace.resetDemo();
      notice.tell("The demo is reset.", new Command("Undo reset", "", () -> bringBack(before)));
    } catch (FileException e) {
      notice.show("Not reset: " + e.getMessage());
    }
  }

  private void bringBack(DemoFolder.Before before) {
    try {
      workspace.bringBack(before);
    } catch (FileException e) {
      notice.show("Not restored: " + e.getMessage());
    }
  }

  /**
   * Tells when saving stopped working, with the ways out; and takes it back when it works again.
   */
  void tellSaving(Autosave.State state) {
    String kept = state.rescue() == null ? "" : " A rescue copy is at " + state.rescue() + ".";
    switch (state.saving()) {
      case FAILED ->
          notice.saving(
              "Not saved: " + state.words() + "." + kept,
              new Command("Try again", "", workspace::save),
              new Command("Save as …", "", this::saveAs));
      case CHANGED_ON_DISK -> {
        if (workspace.join()) {
          notice.tell("Another window changed this build too. Work done in both is kept.");
        } else {
          notice.saving(
              state.words() + kept,
              new Command("Use their version", "", this::reload),
              new Command("Keep mine", "", workspace::keepMine));
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
      notice.show("Not reloaded: " + e.getMessage());
    }
  }

  /** What is to be said of a build that was just opened. */
  void opened() {
    Optional<RescueCopies.Copy> copy = workspace.rescued();
    if (copy.isPresent()) {
      notice.ask(
          "The last changes to this build couldn't be saved. A copy was kept.",
          new Command("Restore", "", () -> take(copy.get())),
          new Command("Discard", "", () -> workspace.letGo(copy.get())));
    } else {
      workspace.said().ifPresent(notice::show);
    }
  }

  /** Offers work on another build that couldn't be saved where it belongs. */
  void offer(RescueCopies.Copy copy) {
    notice.ask(
        "Changes to "
            + copy.belongs().getFileName()
            + " couldn't be saved to "
            + copy.belongs().getParent()
            + ". A copy was kept.",
        new Command("Open copy", "", () -> openInNewWindow(copy.copy())),
        new Command("Discard", "", () -> workspace.letGo(copy)));
  }

  private void take(RescueCopies.Copy copy) {
    try {
      workspace.takeRescued(copy);
    } catch (FileException e) {
      notice.show("Not restored: " + e.getMessage());
    }
  }
}
