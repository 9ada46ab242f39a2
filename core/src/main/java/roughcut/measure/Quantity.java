package roughcut.measure;

/**
 * What kind of number a value is: its unit inside the program and in files, and how finely it
 * deserves to be shown.
 */
public enum Quantity {
  /** A length placed with a knife line: shown to 0.01 mm. */
  FINE_LENGTH("mm", 2),
  /** A length set on a machine or read off a ruler: shown to 0.1 mm. */
  LENGTH("mm", 1),
  /** Rough stock: shown to the millimetre. */
  ROUGH_LENGTH("mm", 0),
  /** An angle in degrees. */
  ANGLE("deg", 2),
  /** A whole number of things. */
  COUNT("count", 0),
  /** A plain number without a unit. */
  RATIO("ratio", 2),
  /** A mass. */
  MASS("g", 0),
  /** A time on the clock. */
  SECONDS("s", 0),
  /** A clamping force. */
  FORCE("kN", 1),
  /** A share in hundredths, moisture among them. */
  PERCENT("%", 1),
  /** A pitch. */
  PITCH("Hz", 2),
  /** A pull or tension. */
  NEWTON("N", 1),
  /** An electrical resistance. */
  RESISTANCE("kΩ", 2),
  /** Hundredths of a semitone. */
  CENTS("cents", 2),
  /** A temperature in degrees Celsius. */
  CELSIUS("°C", 0),
  /** An area. */
  AREA("cm²", 1),
  /** A volume. */
  VOLUME("cm³", 1),
  /** A mass by volume. */
  DENSITY("kg/m³", 0),
  /** A pressure, or a stiffness. */
  PRESSURE("MPa", 2),
  /** A mass along a length: a string's. */
  LINEAR_MASS("g/m", 2),
  /** A mass spread over an area. */
  COVERAGE("g/m²", 0);

  private final String unit;
  private final int decimals;

  Quantity(String unit, int decimals) {
    this.unit = unit;
    this.decimals = decimals;
  }

  /** The unit's name in files and reports: mm, deg, count, ratio, g … */
  public String unit() {
    return unit;
  }

  /** Digits after the decimal mark when shown in the program's own unit. */
  public int decimals() {
    return decimals;
  }

  public boolean isLength() {
    return unit.equals("mm");
  }

  /**
   * The sign put behind the number when shown, apart from lengths, which depend on the maker's
   * units; empty for none.
   */
  public String sign() {
    return switch (this) {
      case ANGLE -> "°";
      case COUNT, RATIO -> "";
      default -> unit;
    };
  }
}
