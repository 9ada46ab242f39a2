package roughcut.design;

/** How the nut is seated (handbook page 2, "Nut"). */
public enum NutKind implements Choice {
  END(
      "at the fretboard's end",
      "seat against head wood or the veneer's edge; fretboard cut at the nut line",
      false,
      false),
  SLOT(
      "in a slot of the fretboard",
      "fretboard goes on behind it; slot floor flat, cut square",
      true,
      false),
  SHELF(
      "on an overhanging shelf",
      "shelf under the nut; keep pins and stiffeners clear of it",
      false,
      false),
  ZERO_FRET(
      "zero fret with guide",
      "an extra slot on the nut line; the nut only guides, behind it",
      false,
      true),
  LOCKING("locking", "screws from front or back: stiffeners end before them", false, false);

  private final String label;
  private final String seat;
  private final boolean slotted;
  private final boolean onZeroFret;

  NutKind(String label, String seat, boolean slotted, boolean onZeroFret) {
    this.slotted = slotted;
    this.onZeroFret = onZeroFret;
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

  /** Whether it stands in a slot, with fretboard before and behind it. */
  public boolean slotted() {
    return slotted;
  }

  /** Whether an extra fret on the nut line carries the strings, and the nut only guides them. */
  public boolean onZeroFret() {
    return onZeroFret;
  }
}
