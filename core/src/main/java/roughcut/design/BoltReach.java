package roughcut.design;

import roughcut.measure.Text;

/** How far up a neck bolt may go. */
public enum BoltReach implements Choice {
  GLUE_LINE(Text.of("below the fretboard")),
  INTO_FRETBOARD(Text.of("into the fretboard"));

  private final Text label;

  BoltReach(Text label) {
    this.label = label;
  }

  @Override
  public Text label() {
    return label;
  }

  /** What stands over the bolt's tip. */
  public String stops() {
    return this == GLUE_LINE ? "fretboard" : "slots";
  }
}
