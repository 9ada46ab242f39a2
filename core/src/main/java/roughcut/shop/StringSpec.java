package roughcut.shop;

import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * One string of the set, as bought.
 *
 * @param gauge outer diameter, mm
 * @param wound wound rather than plain
 * @param core diameter of a wound string's core, mm; 0 where it isn't known
 * @param pitch to which it is tuned, Hz
 */
public record StringSpec(double gauge, boolean wound, double core, double pitch) {
  /**
   * What a string is tuned to until it is decided, Hz: the A of a tuning fork, two octaves down.
   */
  public static final double USUAL_PITCH = 110;

  /** No string is thinner or thicker, mm. */
  private static final double LEAST = 0.1;

  private static final double MOST = 5;

  public StringSpec {
    if (!(gauge >= LEAST && gauge <= MOST)) {
      throw new InvalidValue(
          Text.of(
              "a string is between {least} and {most} thick, not {gauge}",
              Text.length(LEAST, 1),
              Text.length(MOST, 0),
              Text.length(gauge, 3)));
    }
    if (!(core >= 0 && core < MOST)) {
      throw new InvalidValue(
          Text.of(
              "a string's core is between 0 and {most}, not {core}",
              Text.length(MOST, 0),
              Text.length(core, 3)));
    }
    if (!(pitch >= 10 && pitch <= 2000)) {
      throw new InvalidValue(Text.of("a string is tuned to 10 to 2000 Hz, not {pitch}", pitch));
    }
  }

  public StringSpec(double gauge, boolean wound) {
    this(gauge, wound, 0, USUAL_PITCH);
  }

  public StringSpec withGauge(double mm) {
    return new StringSpec(mm, wound, core, pitch);
  }

  public StringSpec withWound(boolean next) {
    return new StringSpec(gauge, next, core, pitch);
  }

  public StringSpec withCore(double mm) {
    return new StringSpec(gauge, wound, mm, pitch);
  }

  public StringSpec withPitch(double hertz) {
    return new StringSpec(gauge, wound, core, hertz);
  }
}
