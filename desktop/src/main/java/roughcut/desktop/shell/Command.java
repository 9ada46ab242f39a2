package roughcut.desktop.shell;

import roughcut.finding.Synonyms;

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

  /** Whether it goes by all of these words, or by others for the same things. */
  boolean answersTo(String wanted) {
    return Synonyms.answer(words + " " + id, wanted);
  }

  /** Whether it goes by these words as they were typed. */
  boolean isCalled(String wanted) {
    return Synonyms.matches(words, wanted);
  }
}
