package roughcut.desktop.control;

import java.util.Locale;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyEvent;

/** A list that can be typed into: the first thing whose words begin so is chosen. */
final class SearchAsYouType {
  /** Letters that come later than this begin a new word, ms. */
  private static final long PAUSE = 900;

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
          long now = System.nanoTime() / 1_000_000;
          if (now - last[0] > PAUSE) {
            typed.setLength(0);
          }
          last[0] = now;
          typed.append(letter.toLowerCase(Locale.ROOT));
          for (T item : box.getItems()) {
            String words = box.getConverter().toString(item).toLowerCase(Locale.ROOT);
            if (words.startsWith(typed.toString())) {
              box.setValue(item);
              e.consume();
              return;
            }
          }
        });
  }
}
