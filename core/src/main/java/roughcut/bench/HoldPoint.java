package roughcut.bench;

import java.util.Optional;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.record.Measurable;
import roughcut.record.Reading;

/**
 * What has to be known before an operation: measured, or looked at (handbook page 7, "Hold
 * points").
 *
 * @param of id of its readings: a decision's or a measurable's where it is measured, of its own
 *     where it is looked at
 * @param what in the maker's words
 * @param nominal what it should be; empty where it is looked at, or where nothing says
 * @param tolerance how far from that the next cut may go on as planned, in the nominal's unit
 * @param datum where it is taken, in the one sentence that all screens share; empty where it is
 *     looked at
 * @param how with what and how
 * @param reason what depends on it
 * @param days how long it counts; 0 for good, until it is read again
 */
public record HoldPoint(
    String of,
    Text what,
    Optional<Value> nominal,
    double tolerance,
    Text datum,
    Text how,
    Text reason,
    int days) {
  /** Handbook page 8: wood at rest stays flat so long. */
  static final int FLAT_DAYS = 14;

  /**
   * One that is measured, and counts until it is measured again.
   *
   * @param nominal what it should be; empty where nothing says
   */
  static HoldPoint measured(
      Measurable measurable, Optional<Value> nominal, double tolerance, Text how, Text reason) {
    return new HoldPoint(
        measurable.id(),
        measurable.label(),
        nominal,
        tolerance,
        measurable.kind().where(),
        how,
        reason,
        0);
  }

  /** One that is looked at: yes or no. */
  static HoldPoint look(String id, Text what, Text how, Text reason) {
    return new HoldPoint(Reading.LOOK + id, what, Optional.empty(), 0, Text.NONE, how, reason, 0);
  }

  /** The same, true for so many days only. */
  HoldPoint within(int limit) {
    return new HoldPoint(of, what, nominal, tolerance, datum, how, reason, limit);
  }

  /** Whether it is looked at rather than measured; its readings are 1 for yes and 0 for no. */
  public boolean looked() {
    return of.startsWith(Reading.LOOK);
  }

  /** What it should be and how far from that it may be, in the maker's units; empty for neither. */
  public Text wanted(Units units) {
    return nominal
        .map(n -> Text.of("{n} ± {tolerance}", Text.shown(n), tolerance(n.quantity(), units)))
        .orElse(Text.NONE);
  }

  /** Fractions are too coarse for a tolerance: in inches it is told in thousandths. */
  private Text tolerance(Quantity quantity, Units units) {
    return !quantity.isLength() || units.metric()
        ? Text.only(Text.shown(tolerance, quantity.isLength() ? Quantity.FINE_LENGTH : quantity))
        : Text.of("{number} in", Text.fixed(tolerance / Units.INCH, 3));
  }

  /** How a hold point stands. */
  public enum State {
    MISSING(Text.of("to measure")),
    STALE(Text.of("to measure again")),
    OFF(Text.of("off")),
    HOLDS(Text.of("holds"));

    private final Text word;

    State(Text word) {
      this.word = word;
    }

    public Text word() {
      return word;
    }

    /** Whether an irreversible cut may follow. */
    public boolean known() {
      return this == HOLDS || this == OFF;
    }
  }
}
