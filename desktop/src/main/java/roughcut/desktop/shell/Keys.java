package roughcut.desktop.shell;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.Parent;
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

  private static final Set<KeyCode> CARDS = Set.of(KeyCode.K, KeyCode.H, KeyCode.N);

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
    // While a card is open nothing behind it moves; only other cards take its place.
    boolean card =
        e.getCode() == KeyCode.F1
            || e.isShortcutDown() && CARDS.contains(e.getCode()) && !e.isShiftDown();
    if (window.cards().open() && !card) {
      return null;
    }
    if (REDO.match(e)) {
      return session::redo;
    }
    if (CALIPER.match(e)) {
      return window.atBench()::openCaliper;
    }
    if (e.isAltDown() && !e.isShortcutDown() && digit(e) > 0) {
      return () -> page(digit(e));
    }
    Runnable anywhere =
        switch (e.getCode()) {
          case F1 -> window.cards().help()::turn;
          case F4 -> () -> window.atBench().fromCaliper(window.root().getScene().getFocusOwner());
          case F6 -> () -> region(e.isShiftDown() ? -1 : 1);
          case F9 -> window.atBench()::openMachine;
          default -> null;
        };
    return anywhere == null && e.isShortcutDown() && !e.isAltDown() && !e.isShiftDown()
        ? shortcut(e)
        : anywhere;
  }

  /** The digit of a key, 1 to 9; 0 for another key. */
  private static int digit(KeyEvent e) {
    int code = e.getCode().getCode() - KeyCode.DIGIT0.getCode();
    return e.getCode().isDigitKey() && code > 0 && code < 10 ? code : 0;
  }

  /** Turns to a page by its place. */
  private void page(int digit) {
    List<String> titles = window.here().pageTitles();
    if (digit <= titles.size()) {
      session.enterTyped();
      window.page(titles.get(digit - 1));
    }
  }

  /**
   * Goes round the window's regions: what is decided, the drawing, the thin spots, the stations.
   *
   * @param way 1 on, −1 back
   */
  private void region(int way) {
    List<Node> regions = window.regions();
    Node owner = window.root().getScene().getFocusOwner();
    int at = -1;
    for (Node n = owner; n != null; n = n.getParent()) {
      at = Math.max(at, regions.indexOf(n));
    }
    for (int i = 1; i <= regions.size(); i++) {
      Node next = regions.get(Math.floorMod(at + way * i, regions.size()));
      if (focus(next)) {
        return;
      }
    }
  }

  /** Gives the keyboard to the first thing in a region that takes it. */
  private static boolean focus(Node node) {
    if (!node.isVisible() || node.isDisabled()) {
      return false;
    }
    if (node.isFocusTraversable()) {
      node.requestFocus();
      return true;
    }
    return node instanceof Parent parent
        && parent.getChildrenUnmodifiable().stream().anyMatch(Keys::focus);
  }

  private Runnable shortcut(KeyEvent e) {
    Optional<StationId> station = StationId.at(digit(e));
    if (station.isPresent()) {
      return () -> window.choose(station.get());
    }
    return switch (e.getCode()) {
      case Z -> session::undo;
      case Y -> session::redo;
      case S -> window::save;
      case O -> window.files()::open;
      case P -> window::print;
      case W -> () -> Windows.close(window);
      case Q -> Windows::quit;
      case K -> window.cards().find()::open;
      case H -> window.cards().beginning()::home;
      case N -> window.cards().beginning()::begin;
      case T -> session::beginWhatIf;
      case U -> window::nextUnits;
      case COMMA -> window.cards().preferences()::open;
      case B -> () -> session.asBuilt().set(!session.asBuilt().get());
      default -> null;
    };
  }
}
