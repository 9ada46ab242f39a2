package roughcut.measure;

/**
 * The unit that the maker works in, what a bare typed number means and how a length is shown; and
 * the language that is read. A person's habits, never part of a file.
 *
 * @param system millimetres, decimal inches or fractions of an inch
 * @param denominator the finest fraction when the system is {@link System#FRACTION}: 8, 16, 32 or
 *     64
 * @param measures what is told of weights, forces, areas and temperatures
 */
public record Units(System system, int denominator, Language language, Measures measures) {
  /** The three ways to write a length. */
  public enum System {
    MM,
    INCH,
    FRACTION
  }

  /** Millimetres in an inch; exact by definition. */
  public static final double INCH = 25.4;

  public static final Units MM = new Units(System.MM, 64);
  public static final Units DECIMAL_INCH = new Units(System.INCH, 64);
  public static final Units FRACTION_64 = new Units(System.FRACTION, 64);

  /** Read in English. */
  public Units(System system, int denominator) {
    this(system, denominator, Language.ENGLISH, Measures.METRIC);
  }

  /** The same units, read in another language. */
  public Units in(Language next) {
    return new Units(system, denominator, next, measures);
  }

  /** Lengths written otherwise, all else as it is. */
  public Units lengths(Units next) {
    return new Units(next.system, next.denominator, language, measures);
  }

  /** Weights, forces, areas and temperatures told otherwise, lengths as they are. */
  public Units with(Measures next) {
    return new Units(system, denominator, language, next);
  }

  public Units {
    if (denominator != 8 && denominator != 16 && denominator != 32 && denominator != 64) {
      throw new IllegalArgumentException("denominator must be 8, 16, 32 or 64, not " + denominator);
    }
  }

  public boolean metric() {
    return system == System.MM;
  }

  /** The unit sign put behind a shown length. */
  public String sign() {
    return metric() ? "mm" : "in";
  }
}
