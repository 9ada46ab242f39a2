package roughcut.measure;

import java.util.Optional;

/**
 * Shows numbers: millimetres with as many decimals as the quantity deserves, decimal inches with
 * three, or the nearest fraction of an inch with the error that rounding makes when it exceeds 0.1
 * mm (handbook, "Units"); what is fine or small in thousandths even then. Rounding is for showing
 * only. Always a decimal point, whatever the machine's locale, so that a number copied from the
 * screen is read back as it was.
 */
public final class NumberWriter {
  /** Rounding to a fraction is owned up to from here on, in mm. */
  private static final double TOLD_ERROR = 0.1;

  /** An eighth of an inch, mm: below it makers who work in fractions think in thousandths. */
  private static final double SMALL = Units.INCH / 8;

  private NumberWriter() {}

  /** The number alone, without its unit. */
  public static String number(double value, Quantity quantity, Units units) {
    if (Double.isNaN(value)) {
      return "–";
    }
    Optional<CustomaryUnit> customary = quantity.customary(units);
    if (customary.isPresent()) {
      return fixed(customary.get().of(value), customary.get().decimals());
    }
    if (!quantity.isLength()) {
      return quantity == Quantity.ANGLE || quantity == Quantity.RATIO
          ? shortest(value, quantity.decimals())
          : fixed(value, quantity.decimals());
    }
    return switch (units.system()) {
      case MM -> fixed(value, quantity.decimals());
      case INCH -> fixed(value / Units.INCH, 3);
      case FRACTION ->
          inThousandths(value, quantity, units)
              ? fixed(value / Units.INCH, 3)
              : fraction(value, units.denominator());
    };
  }

  /**
   * Whether a maker who works in fractions reads this length in thousandths: what is placed with a
   * knife, and what is so small that a fraction would be a third of it or nothing at all.
   */
  private static boolean inThousandths(double value, Quantity quantity, Units units) {
    return Math.abs(fractionError(value, units.denominator())) > Precision.NEAR
        && (quantity == Quantity.FINE_LENGTH || Math.abs(value) < SMALL);
  }

  /** The number with its unit sign, and for a fraction the error of rounding when it matters. */
  public static String text(double value, Quantity quantity, Units units) {
    String number = number(value, quantity, units);
    String error = quantity.isLength() ? roundingError(value, quantity, units) : "";
    return number + suffix(quantity, units) + (error.isEmpty() ? "" : " (" + error + ")");
  }

  /** The unit as it stands behind a number, with its space where it has one. */
  static String suffix(Quantity quantity, Units units) {
    String sign = sign(quantity, units);
    return quantity == Quantity.ANGLE || sign.isEmpty() ? sign : " " + sign;
  }

  /** The unit sign for a quantity: mm, in, ° or nothing. */
  public static String sign(Quantity quantity, Units units) {
    return quantity.isLength()
        ? units.sign()
        : quantity.customary(units).map(CustomaryUnit::sign).orElse(quantity.sign());
  }

  /**
   * What shows in a field that the maker types into: no more decimals than needed. In inches it is
   * what a maker reads off: a fraction where it is one, otherwise thousandths, and tenths of these
   * for what is placed with a knife. It may be rounded: a field takes the words that it shows for
   * the value that it has.
   */
  public static String editable(double value, Quantity quantity, Units units) {
    Optional<CustomaryUnit> customary = quantity.customary(units);
    if (customary.isPresent()) {
      return shortest(customary.get().of(value), customary.get().decimals() + 2);
    }
    if (!quantity.isLength() || units.metric()) {
      return shortest(value, 4);
    }
    String nearest = fraction(value, units.denominator());
    return units.system() == Units.System.FRACTION
            && Math.abs(fractionError(value, units.denominator())) < Precision.NEAR
        ? nearest
        : shortest(value / Units.INCH, inchDecimals(value, quantity));
  }

  private static int inchDecimals(double value, Quantity quantity) {
    if (Math.abs(value) < SMALL / 10) {
      return 5;
    }
    return quantity == Quantity.FINE_LENGTH || Math.abs(value) < SMALL ? 4 : 3;
  }

  /**
   * The error made by showing this length as a fraction, “+.006 in”, or nothing when it is too
   * small to matter: in thousandths, for one who reads fractions reads those on the caliper. Less
   * than half the coarsest fraction, it begins with its point.
   */
  public static String roundingError(double value, Quantity quantity, Units units) {
    if (!quantity.isLength()
        || units.system() != Units.System.FRACTION
        || inThousandths(value, quantity, units)) {
      return "";
    }
    double error = fractionError(value, units.denominator());
    return Math.abs(error) <= TOLD_ERROR
        ? ""
        : (error > 0 ? "+" : "−") + fixed(Math.abs(error) / Units.INCH, 3).substring(1) + " in";
  }

  /** Exactly so many decimals, a true minus sign, and never a negative zero. */
  public static String fixed(double value, int decimals) {
    if (!Double.isFinite(value)) {
      return value > 0 ? "∞" : value < 0 ? "−∞" : "–";
    }
    String digits =
        new java.math.BigDecimal(Math.abs(value))
            .setScale(decimals, java.math.RoundingMode.HALF_UP)
            .toPlainString();
    boolean zero = digits.chars().allMatch(c -> c == '0' || c == '.');
    return value < 0 && !zero ? "−" + digits : digits;
  }

  private static String shortest(double value, int decimals) {
    String digits = fixed(value, decimals);
    return digits.indexOf('.') < 0 ? digits : digits.replaceFirst("\\.?0+$", "");
  }

  private static double fractionError(double value, int denominator) {
    return Math.rint(value / Units.INCH * denominator) / denominator * Units.INCH - value;
  }

  private static String fraction(double value, int denominator) {
    long parts = Math.round(Math.abs(value) / Units.INCH * denominator);
    long whole = parts / denominator;
    long over = parts % denominator;
    String minus = value < 0 && parts > 0 ? "−" : "";
    if (over == 0) {
      return minus + whole;
    }
    long shared = Long.lowestOneBit(over);
    String fraction = over / shared + "/" + denominator / shared;
    return minus + (whole == 0 ? "" : whole + " ") + fraction;
  }
}
