package roughcut.desktop.shell;

import java.util.List;
import java.util.Locale;

/**
 * Something that the maker can do or find by its words.
 *
 * @param words what it is called
 * @param detail a number or a key shown beside it
 * @param id of the decision or value, so that it is found by that too
 */
record Command(String words, String detail, String id, Runnable action) {
  Command(String words, String detail, Runnable action) {
    this(words, detail, "", action);
  }

  /** Whether all of these words, in small letters, are in what it is called or in its id. */
  boolean answersTo(List<String> wanted) {
    String text = (words + " " + id).toLowerCase(Locale.ROOT);
    return wanted.stream().allMatch(text::contains);
  }
}
