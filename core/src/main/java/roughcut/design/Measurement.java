package roughcut.design;

import java.time.LocalDate;

/**
 * One reading taken from the wood.
 *
 * @param value in the decision's own unit, mm or degrees
 * @param on the day
 */
public record Measurement(double value, LocalDate on) {
  public Measurement {
    if (!Double.isFinite(value) || on == null) {
      throw new IllegalArgumentException("a measurement needs a number and a day");
    }
  }
}
