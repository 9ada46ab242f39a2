package roughcut.desktop.control;

import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.measure.Value;

/** Putting numbers on the clipboard. */
public final class NumberClipboard {
  private NumberClipboard() {}

  /**
   * Copies a plain number, as finely as it is shown, with a true hyphen for minus so that other
   * programs read it.
   */
  public static void copy(Value value, Units units) {
    copy(NumberWriter.number(value.value(), value.quantity(), units).replace('−', '-'));
  }

  public static void copy(String text) {
    ClipboardContent content = new ClipboardContent();
    content.putString(text);
    Clipboard.getSystemClipboard().setContent(content);
  }
}
