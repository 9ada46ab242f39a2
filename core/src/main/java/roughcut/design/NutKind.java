package roughcut.design;

/** How the nut is seated (handbook page 2, "Nut"). */
public enum NutKind implements Choice {
  /** Against the fretboard's end. */
  END(
      "at the fretboard's end",
      "seat against head wood or the veneer's edge; fretboard cut at the nut line"),
  /** With fretboard before and behind it. */
  SLOT("in a slot of the fretboard", "fretboard goes on behind it; slot floor flat, cut square"),
  SHELF("on an overhanging shelf", "shelf under the nut; keep pins and stiffeners clear of it"),
  /** An extra fret on the nut line carries the strings. */
  ZERO_FRET(
      "zero fret with guide", "an extra slot on the nut line; the nut only guides, behind it"),
  LOCKING("locking", "screws from front or back: stiffeners end before them");

  private final String label;
  private final String seat;

  NutKind(String label, String seat) {
    this.label = label;
    this.seat = seat;
  }

  @Override
  public String label() {
    return label;
  }

  /** What its seat asks for. */
  public String seat() {
    return seat;
  }
}
