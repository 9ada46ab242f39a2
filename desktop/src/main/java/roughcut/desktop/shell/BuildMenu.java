package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
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
    for (Command command : window.menu()) {
      items.add(command == null ? new SeparatorMenuItem() : item(command));
    }
    Menu recent = new Menu(say("Open recent"));
    items.add(after(items, FileActions.openCommand()), recent);
    button.getItems().setAll(items);
    button.setOnShowing(e -> opening(recent));
  }

  private static int after(List<MenuItem> items, String words) {
    for (int i = 0; i < items.size(); i++) {
      if (Objects.equals(items.get(i).getText(), words)) {
        return i + 1;
      }
    }
    throw new IllegalStateException("not in the menu: " + words);
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

  private void opening(Menu recent) {
    named(say("Undo"), session.history().undoName());
    named(say("Redo"), session.history().redoName());
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
  private void named(String verb, Optional<String> what) {
    for (MenuItem item : button.getItems()) {
      String text = item.getText();
      if (text != null && (text.equals(verb) || text.startsWith(verb + " "))) {
        item.setText(what.map(w -> say("{undo} {what}", verb, w)).orElse(verb));
        item.setDisable(what.isEmpty());
      }
    }
  }
}
