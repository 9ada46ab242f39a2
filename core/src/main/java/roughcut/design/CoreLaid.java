package roughcut.design;

import roughcut.measure.Text;

/** Which way a through-neck's blank is laid: what of the instrument its top lies along. */
public enum CoreLaid implements Choice {
  /** Its top is the face under the fretboard: nothing is lost over the neck. */
  ALONG_NECK(Text.of("along the neck")),
  /** Its top lies level with the body: the neck's lean is sawn into it. */
  LEVEL(Text.of("level with the body"));

  private final Text label;

  CoreLaid(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }
}
