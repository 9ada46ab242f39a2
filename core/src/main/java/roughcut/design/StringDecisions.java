package roughcut.design;

import static roughcut.measure.Quantity.FINE_LENGTH;

/** Decided about frets and strings in height. */
public final class StringDecisions {
  static final DecisionBook BOOK = new DecisionBook();

  public static final NumberDecision WIRE_HEIGHT =
      BOOK.number("wire.height", "Fret height", FINE_LENGTH, 1.1, 0.3, 3, 0.05)
          .measured("Of the fret's crown over the fretboard.");
  public static final NumberDecision ACTION_NUT =
      BOOK.number("strings.action-nut", "Action over fret 1", FINE_LENGTH, 0.45, 0.05, 3, 0.05)
          .hint("Under the string at the nut's slot, over the plane of the frets.");
  public static final NumberDecision ACTION_12 =
      BOOK.number("strings.action-12", "Action at the octave", FINE_LENGTH, 1.8, 0.3, 6, 0.05)
          .hint("Under the string, over the octave fret.");

  private StringDecisions() {}
}
