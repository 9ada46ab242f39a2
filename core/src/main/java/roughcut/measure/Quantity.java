package roughcut.measure;

import java.util.Optional;

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
  MASS("g", 0, "oz", CustomaryUnit.POUND / 16, 1),
  /** A time on the clock. */
  SECONDS("s", 0),
  /** A clamping force. */
  FORCE("kN", 1, "lbf", CustomaryUnit.POUND_FORCE / 1000, 0),
  /** A share in hundredths, moisture among them. */
  PERCENT("%", 1),
  /** A pitch. */
  PITCH("Hz", 2),
  /** A pull or tension. */
  NEWTON("N", 1, "lbf", CustomaryUnit.POUND_FORCE, 2),
  /** An electrical resistance. */
  RESISTANCE("kΩ", 2),
  /** Hundredths of a semitone. */
  CENTS("cents", 2),
  /** A temperature in degrees Celsius. */
  CELSIUS("°C", 0, new CustomaryUnit("°F", 5 / 9.0, -160 / 9.0, 0)),
  /** An area. */
  AREA("cm²", 1, "in²", 2.54 * 2.54, 2),
  /** A volume. */
  VOLUME("cm³", 1, "in³", 2.54 * 2.54 * 2.54, 2),
  /** A mass by volume. */
  DENSITY("kg/m³", 0, "lb/ft³", CustomaryUnit.POUND / 0.3048 / 0.3048 / 304.8, 1),
  /** A pressure, or a stiffness. */
  PRESSURE("MPa", 2, "psi", CustomaryUnit.POUND_FORCE / (Units.INCH * Units.INCH), 0),
  /** A mass along a length: a string's. */
  LINEAR_MASS("g/m", 2, "oz/ft", CustomaryUnit.POUND / 16 / 0.3048, 4),
  /** A mass spread over an area. */
  COVERAGE("g/m²", 0, "oz/ft²", CustomaryUnit.POUND / 16 / (0.3048 * 0.3048), 2);

  private final String unit;
  private final int decimals;
  private final Optional<CustomaryUnit> customary;

  Quantity(String unit, int decimals) {
    this.unit = unit;
    this.decimals = decimals;
    this.customary = Optional.empty();
  }

  Quantity(String unit, int decimals, CustomaryUnit customary) {
    this.unit = unit;
    this.decimals = decimals;
    this.customary = Optional.of(customary);
  }

  Quantity(String unit, int decimals, String sign, double size, int shown) {
    this(unit, decimals, new CustomaryUnit(sign, size, 0, shown));
  }

  /** The customary unit that it is told in, where the maker chose these and there is one. */
  Optional<CustomaryUnit> customary(Units units) {
    return switch (units.measures()) {
      case METRIC -> Optional.empty();
      case CUSTOMARY -> customary;
    };
  }

  /** The customary unit with that sign, whatever the maker chose. */
  Optional<CustomaryUnit> customarySigned(String typed) {
    return customary.filter(c -> c.sign().equalsIgnoreCase(typed));
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
