package roughcut.measure;

/**
 * How near is the same. Computers count in binary and round the last digits; what the maker knows
 * as “exactly three” may come out as 2.9999999996.
 */
public final class Precision {
  /** A count this near to a whole number is that number. */
  public static final double WHOLE = 1e-9;

  /** Two numbers this near are one: lengths in mm, angles in degrees, shares. */
  public static final double SAME = 1e-9;

  /** Two places this near are one place, where wood is concerned: mm. */
  public static final double NEAR = 1e-6;

  /** What a sum of numbers near one leaves over or lacks by rounding. */
  public static final double ROUNDING = 1e-12;

  /** The square of a length that is none, mm². */
  public static final double SQUARE = 1e-18;

  /** A difference that a length told to a hundredth doesn't show, mm. */
  public static final double SHOWN = 0.005;

  /** Things that touch are taken to be so far apart, so that they don't cut each other, mm. */
  public static final double TOUCHING = 0.01;

  private Precision() {}

  /** The whole number below, or the one that it is. */
  public static double floor(double value) {
    return Math.floor(value + WHOLE);
  }

  /** The whole number above, or the one that it is. */
  public static double ceil(double value) {
    return Math.ceil(value - WHOLE);
  }
}
