package roughcut.finding;

/** What a finding is about, within its chapter. */
public enum Topic {
  LAYOUT(Chapter.LAYOUT, "layout"),
  NECK_BLANK(Chapter.BLANKS, "neck blank"),
  BODY_BLANK(Chapter.BLANKS, "body blank"),
  PLANER(Chapter.BLANKS, "planer"),
  NECK(Chapter.NECK, "neck"),
  FRETBOARD(Chapter.FRETBOARD, "fretboard"),
  STRINGS(Chapter.STRINGS, "bridge"),
  BODY(Chapter.BODY, "body"),
  ROUTS(Chapter.ROUTS, "routs");

  private final Chapter chapter;
  private final String words;

  Topic(Chapter chapter, String words) {
    this.chapter = chapter;
    this.words = words;
  }

  public Chapter chapter() {
    return chapter;
  }

  /** What it is, for a line that begins with it. */
  public String words() {
    return words;
  }
}
