package roughcut.finding;

import roughcut.measure.Text;

/** What a finding is about, within its chapter. */
public enum Topic {
  LAYOUT(Chapter.LAYOUT, Text.of("layout")),
  NECK_BLANK(Chapter.BLANKS, Text.of("neck blank")),
  BODY_BLANK(Chapter.BLANKS, Text.of("body blank")),
  PLANER(Chapter.BLANKS, Text.of("planer")),
  NECK(Chapter.NECK, Text.of("neck")),
  FRETBOARD(Chapter.FRETBOARD, Text.of("fretboard")),
  STRINGS(Chapter.STRINGS, Text.of("bridge")),
  BODY(Chapter.BODY, Text.of("body")),
  ROUTS(Chapter.ROUTS, Text.of("routs"));

  private final Chapter chapter;
  private final Text words;

  Topic(Chapter chapter, Text words) {
    this.chapter = chapter;
    this.words = words;
  }

  public Chapter chapter() {
    return chapter;
  }

  /** What it is, for a line that begins with it. */
  public Text words() {
    return words;
  }
}
