package roughcut.measure;

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
      throw new InvalidInput(refusal(value));
    }
    return value;
  }

  /**
   * Reads a typed value, whether it lies within the limits or not.
   *
   * @throws Unreadable in words for the maker
   */
  public double number(String text, Units units) throws InvalidInput {
    return NumberReader.amount(text, quantity, units);
  }

  /** What is wrong with a value outside the limits. */
  public Text refusal(double value) {
    boolean low = value < least;
    return Text.of(
        low ? "{value} is too small: at least {limit}" : "{value} is too large: at most {limit}",
        Text.shown(value, quantity),
        Text.shown(low ? least : most, quantity));
  }
}
