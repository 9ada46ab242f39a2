package roughcut.caliper;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roughcut.measure.Units;

/**
 * What a line-based caliper sends, over a serial line or as a keyboard: a number, with or without
 * leading zeros, a sign and a unit; a comma or a point. A bare number is in the unit that the
 * caliper is set to.
 *
 * @param mm the reading; empty for a line that only tells something
 * @param trouble what it tells
 */
public record CaliperLine(OptionalDouble mm, Optional<Caliper.Trouble> trouble) {
  private static final int LONGEST = 40;

  private static final Pattern READING =
      Pattern.compile(
          "[^0-9+\\-−]{0,8}?([+\\-−]?)\\s*0*(\\d{1,4}(?:[.,]\\d{1,4})?)\\s*(mm|in|inch|\")?\\s*",
          Pattern.CASE_INSENSITIVE);

  /** Readings beyond this no caliper takes, mm. */
  private static final double MOST = 1100;

  /**
   * Reads a line.
   *
   * @param metric what a bare number is in
   */
  public static CaliperLine of(String line, boolean metric) {
    String text = line.strip();
    if (text.length() > LONGEST) {
      return trouble(Caliper.Trouble.UNREADABLE);
    }
    if (text.equalsIgnoreCase("LOW")
        || text.equalsIgnoreCase("BAT")
        || text.equalsIgnoreCase("B")) {
      return trouble(Caliper.Trouble.LOW_BATTERY);
    }
    Matcher matcher = READING.matcher(text);
    if (!matcher.matches()) {
      return trouble(Caliper.Trouble.UNREADABLE);
    }
    double number = Double.parseDouble(matcher.group(2).replace(',', '.'));
    String unit = matcher.group(3);
    boolean inch = unit == null ? !metric : !unit.equalsIgnoreCase("mm");
    double mm = (inch ? number * Units.INCH : number) * (matcher.group(1).matches("[-−]") ? -1 : 1);
    return Math.abs(mm) > MOST
        ? trouble(Caliper.Trouble.UNREADABLE)
        : new CaliperLine(OptionalDouble.of(mm), Optional.empty());
  }

  private static CaliperLine trouble(Caliper.Trouble trouble) {
    return new CaliperLine(OptionalDouble.empty(), Optional.of(trouble));
  }
}
