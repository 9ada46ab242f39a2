package roughcut.design;

/** Which way a through-neck's blank is laid: what of the instrument its top lies along. */
public enum CoreLaid implements Choice {
  /** Its top is the face under the fretboard: nothing is lost over the neck. */
  ALONG_NECK("along the neck"),
  /** Its top lies level with the body: the neck's lean is sawn into it. */
  LEVEL("level with the body");

  private final String label;

  CoreLaid(String label) {
    this.label = label;
  }

  @Override
  public String label() {
    return label;
  }
}
