package roughcut.desktop.control;

import java.util.Locale;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyEvent;

/** A list that can be typed into: the first thing whose words begin so is chosen. */
final class SearchAsYouType {
  /** Letters that come later than this begin a new word, ms. */
  private static final long PAUSE = 1500;

  private SearchAsYouType() {}

  static <T> void on(ComboBox<T> box) {
    StringBuilder typed = new StringBuilder();
    long[] last = {0};
    box.addEventFilter(
        KeyEvent.KEY_TYPED,
        e -> {
          String letter = e.getCharacter();
          boolean space = letter.equals(" ") && typed.length() == 0;
          if (e.isShortcutDown() || letter.isBlank() && !letter.equals(" ") || space) {
            return;
          }
          if (now() - last[0] > PAUSE) {
            typed.setLength(0);
          }
          typed.append(letter.toLowerCase(Locale.ROOT));
          if (choose(box, typed.toString())) {
            e.consume();
          }
          // What a choice costs is not a pause of the one who types.
          last[0] = now();
        });
  }

  private static long now() {
    return System.nanoTime() / 1_000_000;
  }

  private static <T> boolean choose(ComboBox<T> box, String typed) {
    for (T item : box.getItems()) {
      if (box.getConverter().toString(item).toLowerCase(Locale.ROOT).startsWith(typed)) {
        box.setValue(item);
        return true;
      }
    }
    return false;
  }
}
