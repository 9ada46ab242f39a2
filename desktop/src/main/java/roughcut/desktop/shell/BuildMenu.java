package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCode;
import roughcut.desktop.session.Preferences;
import roughcut.desktop.session.RecentBuilds;
import roughcut.desktop.session.Session;
import roughcut.file.BuildFile;

/** The menu under a build's name: everything that is done to a build as a whole, in groups. */
final class BuildMenu {
  private final ShopWindow window;
  private final Session session;
  private final MenuButton button;

  BuildMenu(ShopWindow window, MenuButton button) {
    this.window = window;
    this.session = window.workspace().session();
    this.button = button;
  }

  /** Puts the menu in; what may change meanwhile is looked up each time it opens. */
  void fill() {
    List<MenuItem> items = new ArrayList<>();
    List<List<Command>> groups = window.menu();
    Menu recent = new Menu(say("Open recent"));
    group(groups.get(0), items);
    items.add(recent);
    group(groups.get(1), items);
    MenuItem undo = item(Command.of(say("Undo"), KeyCode.Z, session::undo));
    MenuItem redo = item(Command.of(say("Redo"), KeyCode.Y, session::redo));
    items.add(new SeparatorMenuItem());
    items.addAll(
        List.of(undo, redo, item(Command.of(say("What if …"), KeyCode.T, session::beginWhatIf))));
    groups.subList(2, groups.size()).forEach(g -> group(g, items));
    button.getItems().setAll(items);
    button.setOnShowing(
        e -> {
          named(undo, say("Undo"), session.history().undoName());
          named(redo, say("Redo"), session.history().redoName());
          fill(recent);
        });
  }

  private void group(List<Command> group, List<MenuItem> items) {
    if (!items.isEmpty()) {
      items.add(new SeparatorMenuItem());
    }
    group.forEach(c -> items.add(item(c)));
  }

  private MenuItem item(Command command) {
    MenuItem item = new MenuItem(command.words());
    // The window's own keys come first; this shows them, in a column of their own.
    item.setAccelerator(command.keys());
    item.setOnAction(
        e -> {
          if (!window.cards().open()) {
            command.action().run();
          }
        });
    return item;
  }

  private void fill(Menu recent) {
    Path here = window.workspace().path().toAbsolutePath().normalize();
    List<MenuItem> builds = new ArrayList<>();
    // Other windows open builds, too.
    for (Path path : RecentBuilds.of(Preferences.in(Windows.data()))) {
      if (!path.equals(here)) {
        MenuItem item = new MenuItem(BuildFile.stem(path));
        item.setOnAction(e -> window.files().openInNewWindow(path));
        builds.add(item);
      }
    }
    recent.getItems().setAll(builds);
    recent.setDisable(builds.isEmpty());
  }

  /** What would be undone stands beside the word. */
  private static void named(MenuItem item, String verb, Optional<String> what) {
    item.setText(what.map(w -> say("{undo} {what}", verb, w)).orElse(verb));
    item.setDisable(what.isEmpty());
  }
}
