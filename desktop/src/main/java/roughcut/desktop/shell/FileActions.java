package roughcut.desktop.shell;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.ChoiceDialog;
import javafx.scene.control.TextInputDialog;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import roughcut.design.Build;
import roughcut.desktop.session.Workspace;
import roughcut.file.BuildFile;
import roughcut.file.FileTrouble;
import roughcut.file.SafeFile;

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

  /** The menu under the build's name; null stands for a rule between groups. */
  List<Command> menu(Runnable sheets, Runnable help) {
    List<Command> menu = new ArrayList<>();
    menu.add(new Command("Open …", "Ctrl+O", this::open));
    menu.add(new Command("Save now", "Ctrl+S", workspace::save));
    menu.add(new Command("Save as …", "", this::saveAs));
    menu.add(new Command("Rename …", "", this::rename));
    menu.add(new Command("Earlier versions …", "", this::versions));
    menu.add(null);
    menu.add(new Command("Full-size sheets", "Ctrl+P", sheets));
    menu.add(new Command("What can be pressed", "F1", help));
    if (workspace.isDemo()) {
      menu.add(null);
      menu.add(new Command("Reset the demo", "", this::resetDemo));
    }
    return menu;
  }

  void open() {
    FileChooser chooser = new FileChooser();
    chooser.setTitle("Open a build");
    chooser.getExtensionFilters().add(BUILDS);
    chooser.setInitialDirectory(folder());
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
    } catch (FileTrouble e) {
      notice.show("Not opened: " + e.getMessage());
    }
  }

  private File folder() {
    Path parent = workspace.path().toAbsolutePath().getParent();
    return parent != null && parent.toFile().isDirectory() ? parent.toFile() : null;
  }

  void saveAs() {
    FileChooser chooser = new FileChooser();
    chooser.setTitle("Save as");
    chooser.getExtensionFilters().add(BUILDS);
    chooser.setInitialDirectory(folder());
    chooser.setInitialFileName(workspace.session().build().get().name() + BuildFile.ENDING);
    File chosen = chooser.showSaveDialog(window.get());
    if (chosen != null) {
      String name = chosen.getName();
      saveTo(
          name.endsWith(BuildFile.ENDING)
              ? chosen.toPath()
              : chosen.toPath().resolveSibling(name + BuildFile.ENDING));
    }
  }

  void saveTo(Path path) {
    try {
      workspace.saveAs(path);
      notice.hide();
    } catch (FileTrouble e) {
      notice.show(
          "Not saved: " + e.getMessage(), new Command("save elsewhere …", "", this::saveAs));
    }
  }

  private void rename() {
    TextInputDialog dialog = new TextInputDialog(workspace.session().build().get().name());
    dialog.initOwner(window.get());
    dialog.setTitle("Rename");
    dialog.setHeaderText(null);
    dialog.setGraphic(null);
    dialog.setContentText("Called");
    dialog
        .showAndWait()
        .flatMap(
            name ->
                workspace.session().edit("the name", "name", build -> build.withName(name.strip())))
        .ifPresent(notice::show);
  }

  private void versions() {
    try {
      List<Path> versions = SafeFile.versions(workspace.path());
      if (versions.isEmpty()) {
        notice.show(
            "No earlier version is kept yet; one is put aside at every save, the last "
                + SafeFile.VERSIONS_KEPT
                + " are kept.");
        return;
      }
      ChoiceDialog<Path> dialog = new ChoiceDialog<>(versions.get(0), versions);
      dialog.initOwner(window.get());
      dialog.setTitle("Earlier versions");
      dialog.setHeaderText("Going back can be undone.");
      dialog.setGraphic(null);
      Optional<Path> chosen = dialog.showAndWait();
      if (chosen.isPresent()) {
        workspace.restore(chosen.get());
      }
    } catch (FileTrouble e) {
      notice.show("Not restored: " + e.getMessage());
    } catch (IOException e) {
      notice.show("The earlier versions can't be listed: " + e.getMessage());
    }
  }

  private void resetDemo() {
    Build before = workspace.session().build().get();
    try {
      workspace.resetDemo();
      notice.show(
          "The demo is as it was at first.",
          new Command(
              "bring mine back",
              "",
              () -> workspace.session().edit("bringing the demo back", "demo", b -> before)));
    } catch (FileTrouble e) {
      notice.show("Not reset: " + e.getMessage());
    }
  }

  /** Tells when saving stopped working, with the ways out. */
  void tellSaving(Workspace.State state) {
    String kept = state.rescue() == null ? "" : " A rescue copy is at " + state.rescue() + ".";
    switch (state.saving()) {
      case FAILED ->
          notice.show(
              "Not saved: " + state.words() + "." + kept,
              new Command("try again", "", workspace::save),
              new Command("save elsewhere …", "", this::saveAs));
      case CHANGED_ON_DISK ->
          notice.show(
              state.words() + kept,
              new Command("take theirs", "", this::reload),
              new Command("keep mine", "", workspace::keepMine));
      default -> {}
    }
  }

  private void reload() {
    try {
      workspace.reload();
    } catch (FileTrouble e) {
      notice.show("Not read again: " + e.getMessage());
    }
  }
}
