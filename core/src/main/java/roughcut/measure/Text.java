package roughcut.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A sentence as a value: what it says, with its lengths as numbers in it, put into the maker's
 * units where it is read. What was typed by the maker, a board called “offcut 30 mm”, stays as it
 * is. In inches lengths are decimal for a maker who works in fractions, too: a fraction would
 * mislead about what is missing or left.
 *
 * <p>A sentence is put together like any other, with {@link #mm} where a length stands, and becomes
 * a value where it is kept.
 *
 * @param template the sentence with a mark in the place of each length
 * @param lengths what stands there, in order
 */
public record Text(String template, List<Length> lengths) {
  /** Around a length while the sentence is put together; no keyboard types them. */
  private static final char FROM = '\uE000';

  private static final char TO = '\uE001';

  /** What stands for a length in a template. */
  private static final char HOLE = FROM;

  /** In the place of a mark that is none. */
  private static final char NO_SIGN = '\uFFFD';

  /** Decimals of an inch that tell a tenth of a millimetre. */
  private static final int INCH_DECIMALS = 3;

  /**
   * A length in a sentence.
   *
   * @param decimals of it in millimetres
   */
  public record Length(double mm, int decimals) {
    String in(Units units) {
      return units.metric()
          ? NumberWriter.fixed(mm, decimals) + " mm"
          : NumberWriter.fixed(mm / Units.INCH, INCH_DECIMALS) + " in";
    }
  }

  public Text {
    lengths = List.copyOf(lengths);
  }

  /** The sentence of words with lengths among them. */
  public static Text of(String words) {
    StringBuilder template = new StringBuilder(words.length());
    List<Length> lengths = new ArrayList<>();
    int at = 0;
    for (int from = words.indexOf(FROM); from >= 0; from = words.indexOf(FROM, at)) {
      int to = words.indexOf(TO, from);
      Optional<Length> length = length(words, from, to);
      template.append(words, at, from).append(length.isPresent() ? HOLE : NO_SIGN);
      length.ifPresent(lengths::add);
      at = length.isPresent() ? to + 1 : from + 1;
    }
    return new Text(template.append(words, at, words.length()).toString(), lengths);
  }

  /** The length between two marks; empty where somebody pasted a mark into a name. */
  private static Optional<Length> length(String words, int from, int to) {
    if (to < from + 3 || !Character.isDigit(words.charAt(from + 1))) {
      return Optional.empty();
    }
    try {
      double mm = Double.parseDouble(words.substring(from + 2, to));
      return Optional.of(new Length(mm, words.charAt(from + 1) - '0'));
    } catch (NumberFormatException e) {
      return Optional.empty();
    }
  }

  /** A length in words that become a sentence. */
  public static String mm(double value, int decimals) {
    return "" + FROM + (char) ('0' + decimals) + value + TO;
  }

  /** A number in words that become a sentence: a length in the maker's units, all else as it is. */
  public static String number(double value, Quantity quantity) {
    return quantity.isLength()
        ? mm(value, quantity == Quantity.FINE_LENGTH ? 2 : 1)
        : NumberWriter.text(value, quantity, Units.MM);
  }

  /** Its words with the lengths among them, to be put into other words. */
  public String words() {
    StringBuilder words = new StringBuilder();
    int at = 0;
    for (Length length : lengths) {
      int hole = template.indexOf(HOLE, at);
      words.append(template, at, hole).append(mm(length.mm, length.decimals));
      at = hole + 1;
    }
    return words.append(template.substring(at)).toString();
  }

  /** Words with lengths among them as they are read. */
  public static String in(String words, Units units) {
    return words.indexOf(FROM) < 0 ? words : of(words).in(units);
  }

  /** As it is read. */
  public String in(Units units) {
    StringBuilder said = new StringBuilder();
    int at = 0;
    for (Length length : lengths) {
      int hole = template.indexOf(HOLE, at);
      said.append(template, at, hole).append(length.in(units));
      at = hole + 1;
    }
    return said.append(template.substring(at)).toString();
  }

  /** This and more behind it. */
  public Text and(String more) {
    Text behind = of(more);
    List<Length> all = new ArrayList<>(lengths);
    all.addAll(behind.lengths);
    return new Text(template + behind.template, all);
  }

  /** As it is read in millimetres. */
  @Override
  public String toString() {
    return in(Units.MM);
  }

  /** Whether another says the same of other lengths and numbers. */
  public boolean alike(Text other) {
    return numberless().equals(other.numberless());
  }

  /** The template with a hole in the place of every number, too. */
  private String numberless() {
    StringBuilder said = new StringBuilder();
    for (int i = 0; i < template.length(); i++) {
      char c = template.charAt(i);
      boolean number =
          Character.isDigit(c) || c == '.' && i > 0 && said.charAt(said.length() - 1) == HOLE;
      if (!number) {
        said.append(c);
      } else if (said.isEmpty() || said.charAt(said.length() - 1) != HOLE) {
        said.append(HOLE);
      }
    }
    return said.toString();
  }
}
