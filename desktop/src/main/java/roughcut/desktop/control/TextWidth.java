package roughcut.desktop.control;

import javafx.scene.text.Font;
import javafx.scene.text.Text;

/** How wide words are. */
public final class TextWidth {
  private TextWidth() {}

  /** Of words in one line, px. */
  public static double of(String words, Font font) {
    Text measured = new Text(words);
    measured.setFont(font);
    return measured.getLayoutBounds().getWidth();
  }
}
