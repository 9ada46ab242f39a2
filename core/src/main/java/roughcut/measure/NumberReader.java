package roughcut.measure;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads lengths, angles and plain numbers as a maker types them. Decimal mark is a point or a
 * comma. Lengths may be {@code 640}, {@code 640mm}, {@code 64 cm}, {@code 25.2in}, {@code 25.2"},
 * {@code 25 1/4"}, {@code 1-3/8in}, {@code 3/8"} or {@code 9/64 in}; a bare number is in the unit
 * that the maker works in. Everything else is refused in words (handbook, "Units").
 */
public final class NumberReader {
  private static final String DECIMAL = "(?:\\d+(?:[.,]\\d*)?|[.,]\\d+)";
  private static final Pattern NUMBER = Pattern.compile("([-+−]?)\\s*(" + DECIMAL + ")");
  private static final Pattern LENGTH =
      Pattern.compile(
          "([-+−]?)\\s*(?:(\\d{1,9})(?:\\s+|\\s*-\\s*))??(?:(\\d{1,9})\\s*/\\s*(\\d{1,9})|("
              + DECIMAL
              + "))\\s*(mm|cm|in|inch|inches|\"|″)?");

  /** What stands behind the digits. */
  private static final Pattern SIGN = Pattern.compile("([^\\d\\s.,]\\S*)$");

  private static final int LONGEST = 40;

  private static final String NO_LENGTH = "“{typed}” is not a length; write for example {example}";
  private static final String NO_NUMBER = "“{typed}” is not a number; write for example {example}";
  private static final String NO_COUNT =
      "“{typed}” is not a whole number; write for example {example}";
  private static final String NO_ANGLE =
      "“{typed}” is not an angle in degrees; write for example {example}";

  private NumberReader() {}

  /**
   * Reads a length.
   *
   * @return millimetres
   * @throws Unreadable when the text is not a length; the message shows the text and an example of
   *     what is read
   */
  public static double length(String text, Units units) throws InvalidInput {
    Matcher m = LENGTH.matcher(bounded(text).toLowerCase(java.util.Locale.ROOT));
    if (!m.matches()) {
      throw isNotNumber(NO_LENGTH, text, lengthExample(units));
    }
    boolean fraction = m.group(3) != null;
    String unit = m.group(6);
    boolean whole = m.group(2) != null;
    if (whole && !fraction || fraction && ("mm".equals(unit) || "cm".equals(unit))) {
      throw isNotNumber(NO_LENGTH, text, lengthExample(units));
    }
    if (fraction && unit == null && units.metric()) {
      throw new InvalidInput(
          Text.of("“{typed}” is a fraction without a unit; write for example 3/8 in", shown(text)));
    }
    double value;
    if (fraction) {
      double denominator = Double.parseDouble(m.group(4));
      if (denominator == 0) {
        throw isNotNumber(NO_LENGTH, text, lengthExample(units));
      }
      value =
          Double.parseDouble(m.group(3)) / denominator
              + (whole ? Double.parseDouble(m.group(2)) : 0);
    } else {
      value = decimal(m.group(5));
    }
    return signed(m.group(1), value) * millimetres(unit, units);
  }

  /**
   * Reads an angle in degrees: {@code 12.5}, {@code 12,5°}, {@code 12.5 deg}.
   *
   * @throws Unreadable when the text is not an angle
   */
  public static double angle(String text) throws InvalidInput {
    return number(bounded(text).replaceFirst("\\s*(°|deg|degrees)$", ""), text, NO_ANGLE, "12.5");
  }

  /**
   * Reads a whole number.
   *
   * @throws Unreadable when the text is not a whole number
   */
  public static double count(String text) throws InvalidInput {
    double value = number(bounded(text), text, NO_COUNT, "22");
    if (value != Math.rint(value)) {
      throw isNotNumber(NO_COUNT, text, "22");
    }
    return value;
  }

  /**
   * Reads a plain number.
   *
   * @throws Unreadable when the text is not a number
   */
  public static double ratio(String text) throws InvalidInput {
    return number(bounded(text), text, NO_NUMBER, "2.5");
  }

  /**
   * Reads a number of any kind, in the maker's units unless it says another: {@code 500 g} is read
   * by one who weighs in ounces, and {@code 70 °F} by one who doesn't.
   *
   * @return the value in the quantity's own unit
   * @throws InvalidInput when the text is no such number
   */
  public static double amount(String text, Quantity quantity, Units units) throws InvalidInput {
    return switch (quantity) {
      case FINE_LENGTH, LENGTH, ROUGH_LENGTH -> length(text, units);
      case ANGLE -> angle(text);
      case COUNT -> count(text);
      case PITCH -> Pitch.read(text);
      default -> measured(text, quantity, units);
    };
  }

  /** The sign decides; without one it is what the field shows. */
  private static double measured(String text, Quantity quantity, Units units) throws InvalidInput {
    Matcher sign = SIGN.matcher(bounded(text));
    String typed = sign.find() ? sign.group(1) : "";
    boolean own = !typed.isEmpty() && typed.equalsIgnoreCase(quantity.sign());
    Optional<CustomaryUnit> said = quantity.customarySigned(typed);
    Optional<CustomaryUnit> customary =
        own ? Optional.empty() : said.or(() -> quantity.customary(units));
    String digits = own || said.isPresent() ? text.strip().substring(0, sign.start(1)) : text;
    double value = number(digits.strip(), text, NO_NUMBER, "2.5");
    return customary.map(c -> c.own(value)).orElse(value);
  }

  private static double number(String trimmed, String text, String sentence, String example)
      throws InvalidInput {
    Matcher m = NUMBER.matcher(trimmed);
    if (!m.matches()) {
      throw isNotNumber(sentence, text, example);
    }
    return signed(m.group(1), decimal(m.group(2)));
  }

  private static String bounded(String text) throws InvalidInput {
    if (text == null || text.isBlank()) {
      throw new InvalidInput(Text.of("no number typed yet"));
    }
    if (text.length() > LONGEST) {
      throw new InvalidInput(Text.of("“{typed}” is too long for a number", shown(text)));
    }
    return text.strip();
  }

  private static double decimal(String digits) {
    return Double.parseDouble(digits.replace(',', '.'));
  }

  private static double signed(String sign, double value) {
    return sign.isEmpty() || sign.equals("+") ? value : -value;
  }

  private static double millimetres(String unit, Units units) {
    if (unit == null) {
      return units.metric() ? 1 : Units.INCH;
    }
    return switch (unit) {
      case "mm" -> 1;
      case "cm" -> 10;
      default -> Units.INCH;
    };
  }

  private static String lengthExample(Units units) {
    return units.metric() ? "640 or 25 1/4 in" : "25.2 or 25 1/4 or 640 mm";
  }

  private static InvalidInput isNotNumber(String sentence, String text, String example) {
    return new InvalidInput(Text.of(sentence, shown(text), example));
  }

  private static String shown(String text) {
    String line = text.strip().replaceAll("\\s+", " ");
    return line.length() > 24 ? line.substring(0, 22) + "…" : line;
  }
}
