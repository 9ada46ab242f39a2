package roughcut.shop;

import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * The least wood that a maker wants left somewhere.
 *
 * @param warn below it: look, mm
 * @param fail below it: stop, mm; not a number where nothing but a look is called for
 */
public record Limit(double warn, double fail) {
  /** Stands for the stop of a limit that only warns. */
  public static final double NO_STOP = Double.NaN;

  public Limit {
    if (Double.isNaN(warn) || fail > warn) {
      throw new InvalidValue(Text.of("a limit's target is at or above its minimum"));
    }
  }
}
