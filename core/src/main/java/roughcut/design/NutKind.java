package roughcut.design;

import roughcut.measure.Text;

/** How the nut is seated (handbook page 2, "Nut"). */
public enum NutKind implements Choice {
  /** Against the fretboard's end. */
  END(
      Text.of("at the fretboard end"),
      Text.of("sits against headstock wood or the veneer edge; fretboard cut at the nut line")),
  /** With fretboard before and behind it. */
  SLOT(
      Text.of("in a slot of the fretboard"),
      Text.of("the fretboard continues behind it; slot floor flat, cut square")),
  SHELF(
      Text.of("on an overhanging shelf"),
      Text.of("shelf under the nut; keep pins and stiffeners clear of it")),
  /** An extra fret on the nut line carries the strings. */
  ZERO_FRET(
      Text.of("zero fret with guide"),
      Text.of("an extra slot on the nut line; the nut behind it only guides")),
  LOCKING(Text.of("locking"), Text.of("screws from front or back; stiffeners end before them"));

  private final Text label;
  private final Text seat;

  NutKind(Text label, Text seat) {
    this.label = label;
    this.seat = seat;
  }

  @Override
  public Text label() {
    return label;
  }

  /** What its seat asks for. */
  public Text seat() {
    return seat;
  }
}
