package roughcut.shop;

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

  public StringSpec {
    if (!(gauge >= 0.1 && gauge <= 5)) {
      throw new IllegalArgumentException("a string is between 0.1 and 5 mm thick, not " + gauge);
    }
    if (!(core >= 0 && core < 5)) {
      throw new IllegalArgumentException("a string's core is between 0 and 5 mm, not " + core);
    }
    if (!(pitch >= 10 && pitch <= 2000)) {
      throw new IllegalArgumentException("a string is tuned to 10 to 2000 Hz, not " + pitch);
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
