package roughcut.measure;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Lengths in sentences. What is wrong and what would help is said in millimetres, once; before it
 * is read, its lengths are put into the maker's units: decimal inches also for a maker who works in
 * fractions, since a fraction would mislead about what is missing or left.
 */
public final class Sentence {
  private static final Pattern LENGTH = Pattern.compile("(−?\\d+(?:\\.\\d+)?) mm(?![²³\\w])");

  /** Decimals of an inch that tell a tenth of a millimetre. */
  private static final int INCH_DECIMALS = 3;

  private Sentence() {}

  /** A length as it stands in a sentence until it is read. */
  public static String mm(double value, int decimals) {
    return NumberWriter.fixed(value, decimals) + " mm";
  }

  /** The sentence with its lengths in the maker's units. */
  public static String in(String sentence, Units units) {
    if (units.metric()) {
      return sentence;
    }
    Matcher found = LENGTH.matcher(sentence);
    StringBuilder said = new StringBuilder();
    while (found.find()) {
      double inches = Double.parseDouble(found.group(1).replace('−', '-')) / Units.INCH;
      found.appendReplacement(said, NumberWriter.fixed(inches, INCH_DECIMALS) + " in");
    }
    return found.appendTail(said).toString();
  }
}
