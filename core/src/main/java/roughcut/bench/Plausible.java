package roughcut.bench;

import java.util.Optional;
import roughcut.measure.NumberWriter;
import roughcut.measure.Range;
import roughcut.measure.Units;
import roughcut.measure.Unreadable;
import roughcut.measure.Value;

/** Readings as they are typed: what can't be what was meant is asked about. */
public final class Plausible {
  /**
   * How near a reading lies to 25.4 times what is drawn, or to a 25.4th, to be taken for a slip.
   */
  private static final double NEAR = 0.12;

  private Plausible() {}

  /**
   * Reads a typed reading: an inch taken for a millimetre, or the other way, is asked about before
   * anything else is said, unless its unit was typed with it.
   *
   * @param nominal what it should be; empty where nothing says
   * @return the value in the quantity's unit
   * @throws Unreadable in words for the maker
   */
  public static double read(Optional<Value> nominal, Range range, String text, Units units)
      throws Unreadable {
    double value = range.number(text, units);
    Optional<String> slip =
        unitTyped(text) ? Optional.empty() : nominal.flatMap(n -> slip(n, value, units));
    if (slip.isPresent()) {
      throw new Unreadable(slip.get());
    }
    if (!range.allows(value)) {
      throw new Unreadable(range.refusal(value, units));
    }
    return value;
  }

  private static boolean unitTyped(String text) {
    return text.matches("(?i).*(mm|cm|in|inch|\"|″)\\s*");
  }

  /**
   * What a reading was probably meant to be, in words; empty where it may be right.
   *
   * @param value as it was understood, in the nominal's unit
   */
  static Optional<String> slip(Value nominal, double value, Units units) {
    if (!nominal.quantity().isLength() || nominal.value() <= 0 || value <= 0) {
      return Optional.empty();
    }
    double times = value / nominal.value();
    double meant =
        Math.abs(times * Units.INCH - 1) < NEAR
            ? value * Units.INCH
            : Math.abs(times / Units.INCH - 1) < NEAR ? value / Units.INCH : 0;
    return meant == 0
        ? Optional.empty()
        : Optional.of(
            NumberWriter.text(value, nominal.quantity(), units)
                + " is "
                + (meant > value ? "a 25th of" : "25 times")
                + " what is drawn: did you mean "
                + NumberWriter.text(meant, nominal.quantity(), units)
                + "? Type it with its unit");
  }
}
