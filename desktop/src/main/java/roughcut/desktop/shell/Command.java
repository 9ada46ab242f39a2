package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import roughcut.finding.Search;

/**
 * Something that the maker can do or find by its words.
 *
 * @param words what it is called
 * @param detail a number or a key shown beside it
 * @param id of the decision or value, so that it is found by that too
 * @param hint what else is said of it
 * @param keys that do it anywhere in the window; null for none
 */
record Command(
    String words, String detail, String id, String hint, KeyCombination keys, Runnable action) {
  Command(String words, String detail, String id, String hint, Runnable action) {
    this(words, detail, id, hint, null, action);
  }

  Command(String words, String detail, Runnable action) {
    this(words, detail, "", "", action);
  }

  /** One without a key. */
  static Command of(String words, Runnable action) {
    return new Command(words, "", action);
  }

  /** One that Ctrl and a key does, too. */
  static Command of(String words, KeyCode key, Runnable action) {
    return of(
        words,
        say("Ctrl+{key}", key == KeyCode.COMMA ? "," : key.getName()),
        new KeyCodeCombination(key, KeyCombination.SHORTCUT_DOWN),
        action);
  }

  /**
   * One that keys do, too.
   *
   * @param told as the keys are told
   */
  static Command of(String words, String told, KeyCombination keys, Runnable action) {
    return new Command(words, told, "", "", keys, action);
  }

  /** The same, to be found by its words. */
  Search.Entry<Command> entry() {
    return Search.Entry.of(this, words, id, hint);
  }
}
