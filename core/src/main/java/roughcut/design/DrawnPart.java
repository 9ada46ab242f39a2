package roughcut.design;

import roughcut.measure.Text;

/** What may have an outline that was drawn elsewhere. */
public enum DrawnPart {
  BODY(Text.of("body"), 200, 800),
  HEAD(Text.of("headstock"), 70, 400);

  private final Text words;
  private final double shortest;
  private final double longest;

  DrawnPart(Text words, double shortest, double longest) {
    this.words = words;
    this.shortest = shortest;
    this.longest = longest;
  }

  public Text words() {
    return words;
  }

  /** Whether a part of that length, mm, is one that somebody plays: else the unit is in doubt. */
  public boolean plausible(double length) {
    return length >= shortest && length <= longest;
  }
}
