package roughcut.desktop.shell;

import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import roughcut.desktop.session.Session;
import roughcut.desktop.station.StationId;

/** What keys do anywhere in a window. */
final class Keys {
  private static final KeyCombination REDO =
      new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);
  private static final KeyCombination CALIPER =
      new KeyCodeCombination(KeyCode.M, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);

  private final ShopWindow window;
  private final Session session;

  Keys(ShopWindow window) {
    this.window = window;
    this.session = window.workspace().session();
  }

  void pressed(KeyEvent e) {
    Runnable action = action(e);
    if (action != null) {
      action.run();
      e.consume();
    }
  }

  private Runnable action(KeyEvent e) {
    if (REDO.match(e)) {
      return session::redo;
    }
    if (CALIPER.match(e)) {
      return window.atBench()::openCaliper;
    }
    Runnable anywhere =
        switch (e.getCode()) {
          case F1 -> window::showHelp;
          case F4 -> () -> window.atBench().fromCaliper(window.root().getScene().getFocusOwner());
          case F9 -> window.atBench()::openMachine;
          default -> null;
        };
    return anywhere == null && e.isShortcutDown() && !e.isAltDown() && !e.isShiftDown()
        ? shortcut(e)
        : anywhere;
  }

  private Runnable shortcut(KeyEvent e) {
    int digit =
        e.getCode().isDigitKey() && e.getText().length() == 1 ? e.getText().charAt(0) - '0' : -1;
    Optional<StationId> station = StationId.at(digit);
    if (station.isPresent()) {
      return () -> window.choose(station.get());
    }
    return switch (e.getCode()) {
      case Z -> session::undo;
      case Y -> session::redo;
      case S -> window::save;
      case O -> window.files()::open;
      case P -> window::print;
      case K -> window.find()::open;
      case H -> window::home;
      case N -> window::begin;
      case T -> session::beginWhatIf;
      case U -> window::nextUnits;
      case B -> () -> session.asBuilt().set(!session.asBuilt().get());
      default -> null;
    };
  }
}
