package roughcut.desktop.shell;

import roughcut.finding.Search;

/**
 * Something that the maker can do or find by its words.
 *
 * @param words what it is called
 * @param detail a number or a key shown beside it
 * @param id of the decision or value, so that it is found by that too
 * @param hint what else is said of it
 */
record Command(String words, String detail, String id, String hint, Runnable action) {
  Command(String words, String detail, Runnable action) {
    this(words, detail, "", "", action);
  }

  /** The same, to be found by its words. */
  Search.Entry<Command> entry() {
    return Search.Entry.of(this, words, id, hint);
  }
}
