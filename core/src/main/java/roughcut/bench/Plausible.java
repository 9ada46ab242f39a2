package roughcut.bench;

import java.util.Optional;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;

/** Readings that can't be what was meant: an inch taken for a millimetre, or the other way. */
public final class Plausible {
  /**
   * How near a reading lies to 25.4 times what is drawn, or to a 25.4th, to be taken for a slip.
   */
  private static final double NEAR = 0.12;

  private Plausible() {}

  /**
   * What a reading was probably meant to be, in words; empty where it may be right.
   *
   * @param value as it was understood, in the nominal's unit
   */
  public static Optional<String> slip(HoldPoint hold, double value, Units units) {
    return hold.nominal()
        .filter(n -> n.quantity().isLength() && n.value() > 0 && value > 0)
        .flatMap(
            n -> {
              double times = value / n.value();
              double meant =
                  Math.abs(times * Units.INCH - 1) < NEAR
                      ? value * Units.INCH
                      : Math.abs(times / Units.INCH - 1) < NEAR ? value / Units.INCH : 0;
              return meant == 0
                  ? Optional.empty()
                  : Optional.of(
                      NumberWriter.text(value, n.quantity(), units)
                          + " is "
                          + (meant > value ? "a 25th of" : "25 times")
                          + " what is drawn: did you mean "
                          + NumberWriter.text(meant, n.quantity(), units)
                          + "? Type it with its unit");
            });
  }
}
