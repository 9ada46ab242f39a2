package roughcut.measure;

import java.util.regex.Pattern;

/**
 * Between which limits a number of one quantity makes sense, and how it is read from what the maker
 * types.
 *
 * @param least smallest value taken, in the quantity's unit
 * @param most largest value taken
 */
public record Range(Quantity quantity, double least, double most) {
  public boolean allows(double value) {
    return value >= least && value <= most;
  }

  /**
   * Reads a typed value within the limits.
   *
   * @return the value in the quantity's unit
   * @throws Unreadable in words for the maker
   */
  public double read(String text, Units units) throws InvalidInput {
    double value = number(text, units);
    if (!allows(value)) {
      throw new InvalidInput(refusal(value, units));
    }
    return value;
  }

  /**
   * Reads a typed value, whether it lies within the limits or not.
   *
   * @throws Unreadable in words for the maker
   */
  public double number(String text, Units units) throws InvalidInput {
    return switch (quantity) {
      case FINE_LENGTH, LENGTH, ROUGH_LENGTH -> NumberReader.length(text, units);
      case ANGLE -> NumberReader.angle(text);
      case COUNT -> NumberReader.count(text);
      case PITCH -> Pitch.read(text);
      default ->
          NumberReader.ratio(
              text.replaceFirst("\\s*" + Pattern.quote(quantity.sign()) + "\\s*$", ""));
    };
  }

  /** What is wrong with a value outside the limits, in words. */
  public String refusal(double value, Units units) {
    boolean low = value < least;
    return NumberWriter.text(value, quantity, units)
        + (low ? " is too small: at least " : " is too large: at most ")
        + NumberWriter.text(low ? least : most, quantity, units);
  }
}
