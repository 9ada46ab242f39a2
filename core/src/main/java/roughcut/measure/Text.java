package roughcut.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * A sentence as a value: a whole English sentence with holes, and what stands in each. It is put
 * into the maker's units and language once, where it is read, so that nobody looks for lengths in
 * finished words: a board called “offcut 30 mm” stays as it is.
 *
 * <p>The template is how a sentence is found in the source, how two findings of the same kind are
 * known, and by what a translation is looked up.
 *
 * @param template the sentence; a hole is written {@code {name}}, and the names differ
 * @param args what stands in the holes, in order
 */
public record Text(String template, List<Arg> args) {
  /** Nothing to say. */
  public static final Text NONE = new Text("", List.of());

  /** Of templates as they stand in the source, of which there are some thousand. */
  private static final Map<String, List<String>> HOLES = new ConcurrentHashMap<>();

  /** Decimals of an inch that tell a tenth of a millimetre. */
  private static final int INCH_DECIMALS = 3;

  /** What stands in a hole. */
  public sealed interface Arg permits Number, Name, Phrase {
    /** As it is read. */
    String in(Units units);

    /** Its numbers: lengths in mm. */
    default List<Double> numbers() {
      return List.of();
    }

    /** Whether it says how many, or which of several. */
    default boolean counts() {
      return false;
    }

    /** What it is whatever its numbers are. */
    String matter();
  }

  /** One number, with its unit where it has one. */
  public sealed interface Number extends Arg permits Length, Amount, Figure, Fixed, Count {
    /** In its quantity's own unit; a length in mm. */
    double number();

    /** In English figures. */
    String written(Units units);

    @Override
    default String in(Units units) {
      return units.language().figures(written(units));
    }

    @Override
    default List<Double> numbers() {
      return List.of(number());
    }

    @Override
    default String matter() {
      return "#";
    }
  }

  /**
   * A length. In inches it is decimal for a maker who works in fractions, too: a fraction would
   * mislead about what is missing or left.
   *
   * @param number mm
   * @param decimals of it in millimetres
   */
  public record Length(double number, int decimals) implements Number {
    @Override
    public String written(Units units) {
      return units.metric()
          ? NumberWriter.fixed(number, decimals) + " mm"
          : NumberWriter.fixed(number / Units.INCH, INCH_DECIMALS) + " in";
    }

    @Override
    public String matter() {
      return "# mm";
    }
  }

  /**
   * A number with its unit as a field shows it: of an inch fractions, where the maker wants them.
   */
  public record Amount(double number, Quantity quantity) implements Number {
    @Override
    public String written(Units units) {
      return NumberWriter.text(number, quantity, units);
    }

    @Override
    public String matter() {
      return "#" + NumberWriter.suffix(quantity, Units.MM);
    }
  }

  /** The same without its unit. */
  public record Figure(double number, Quantity quantity) implements Number {
    @Override
    public String written(Units units) {
      return NumberWriter.number(number, quantity, units);
    }
  }

  /** A bare number. */
  public record Fixed(double number, int decimals) implements Number {
    @Override
    public String written(Units units) {
      return NumberWriter.fixed(number, decimals);
    }
  }

  /** How many, or which by its number. */
  public record Count(long count) implements Number {
    @Override
    public double number() {
      return count;
    }

    @Override
    public boolean counts() {
      return true;
    }

    @Override
    public String written(Units units) {
      return Long.toString(count);
    }
  }

  /** A name or figures that stand as they are: what the maker typed, a date, a file. */
  public record Name(String name) implements Arg {
    @Override
    public String in(Units units) {
      return name;
    }

    @Override
    public String matter() {
      return name;
    }
  }

  /** How a part of a sentence begins. */
  public enum Begin {
    AS_IT_IS,
    CAPITAL,
    SMALL
  }

  /** A part of the sentence that is said by itself. */
  public record Phrase(Text text, Begin begin) implements Arg {
    @Override
    public String in(Units units) {
      String said = text.in(units);
      if (begin == Begin.AS_IT_IS || said.isEmpty()) {
        return said;
      }
      String first = said.substring(0, 1);
      return (begin == Begin.CAPITAL
              ? first.toUpperCase(Locale.ROOT)
              : first.toLowerCase(Locale.ROOT))
          + said.substring(1);
    }

    @Override
    public List<Double> numbers() {
      return text.numbers();
    }

    @Override
    public String matter() {
      return text.matter();
    }
  }

  public Text {
    args = List.copyOf(args);
    if (holes(template).size() != args.size()) {
      throw new IllegalArgumentException(
          args.size() + " things for the holes of “" + template + "”");
    }
  }

  /**
   * A sentence with what stands in its holes: sentences, lengths and other {@link Arg}s, whole
   * numbers; anything else is a name.
   */
  public static Text of(String template, Object... args) {
    Arg[] all = new Arg[args.length];
    for (int i = 0; i < all.length; i++) {
      all[i] = arg(args[i]);
    }
    return new Text(template, List.of(all));
  }

  /** Words that stand as they are: a name that the maker gave. */
  public static Text raw(String words) {
    return words.isEmpty() ? NONE : only(words);
  }

  /** Words of ours or of a table, found while the program runs; a brace in them is no hole. */
  public static Text word(String words) {
    return words.indexOf('{') < 0 ? of(words) : raw(words);
  }

  /** Nothing but one thing: a number, a name. */
  public static Text only(Object arg) {
    return of("{value}", arg);
  }

  private static Arg arg(Object arg) {
    if (arg instanceof Arg done) {
      return done;
    }
    if (arg instanceof Text text) {
      return new Phrase(text, Begin.AS_IT_IS);
    }
    if (arg instanceof Integer || arg instanceof Long) {
      return new Count(((java.lang.Number) arg).longValue());
    }
    if (arg instanceof Record) {
      // It would be read as it is printed for developers.
      throw new IllegalArgumentException("no thing for a sentence: " + arg);
    }
    return new Name(arg.toString());
  }

  /** The names of a template's holes, in its order; read once for each template. */
  private static List<String> holes(String template) {
    return template.indexOf('{') < 0 ? List.of() : HOLES.computeIfAbsent(template, Text::read);
  }

  private static List<String> read(String template) {
    List<String> names = new ArrayList<>();
    for (int at = template.indexOf('{'); at >= 0; at = template.indexOf('{', at + 1)) {
      names.add(template.substring(at + 1, template.indexOf('}', at)));
    }
    return List.copyOf(names);
  }

  /** A length in a sentence, mm. */
  public static Arg length(double mm, int decimals) {
    return new Length(mm, decimals);
  }

  /** A number in a sentence as a field shows it, with its unit. */
  public static Arg shown(double value, Quantity quantity) {
    return new Amount(value, quantity);
  }

  /** A value in a sentence as a field shows it, with its unit. */
  public static Arg shown(Value value) {
    return new Amount(value.value(), value.quantity());
  }

  /** A number in a sentence as a field shows it, without its unit. */
  public static Arg figure(double value, Quantity quantity) {
    return new Figure(value, quantity);
  }

  /** A bare number in a sentence. */
  public static Arg fixed(double value, int decimals) {
    return new Fixed(value, decimals);
  }

  /** A number in a sentence: a length in the maker's units, all else as it is. */
  public static Arg amount(double value, Quantity quantity) {
    return quantity.isLength()
        ? new Length(value, quantity == Quantity.FINE_LENGTH ? 2 : 1)
        : new Amount(value, quantity);
  }

  /** Several of them with the same words between each two. */
  public static Text joined(List<Text> all, String between) {
    List<Text> said = all.stream().filter(t -> !t.isEmpty()).toList();
    StringBuilder template = new StringBuilder();
    for (int i = 0; i < said.size(); i++) {
      template.append(i == 0 ? "" : between).append("{part").append(i + 1).append('}');
    }
    return of(template.toString(), said.toArray());
  }

  /** The same without one of the things in it, and the space before it. */
  public Text without(int arg) {
    int hole = -1;
    for (int i = 0; i <= arg; i++) {
      hole = template.indexOf('{', hole + 1);
    }
    int from = hole > 0 && template.charAt(hole - 1) == ' ' ? hole - 1 : hole;
    List<Arg> left = new ArrayList<>(args);
    left.remove(arg);
    return new Text(
        template.substring(0, from) + template.substring(template.indexOf('}', hole) + 1), left);
  }

  public boolean isEmpty() {
    return template.isEmpty();
  }

  /** As it is read. */
  public String in(Units units) {
    return filled(units.language().template(template), a -> a.in(units));
  }

  /** The same, to begin a line with. */
  public Text capital() {
    return begun(Begin.CAPITAL);
  }

  /** The same within a sentence. */
  public Text small() {
    return begun(Begin.SMALL);
  }

  private Text begun(Begin begin) {
    return isEmpty() ? this : of("{words}", new Phrase(this, begin));
  }

  /** Its numbers, in order: lengths in mm. */
  public List<Double> numbers() {
    return args.stream().flatMap(a -> a.numbers().stream()).toList();
  }

  /** What it is about: the sentence with its names, and # for each of its numbers. */
  public String matter() {
    return filled(template, Arg::matter);
  }

  /** A sentence, this or its translation, with something in each of its holes. */
  private String filled(String sentence, Function<Arg, String> words) {
    if (args.isEmpty()) {
      return sentence;
    }
    List<String> names = holes(template);
    if (!names.containsAll(holes(sentence))) {
      return filled(template, words); // a translation that asks for what isn't there
    }
    StringBuilder said = new StringBuilder();
    int at = 0;
    for (String name : sentence.equals(template) ? names : holes(sentence)) {
      int hole = sentence.indexOf('{', at);
      said.append(sentence, at, hole).append(words.apply(args.get(names.indexOf(name))));
      at = sentence.indexOf('}', hole) + 1;
    }
    return said.append(sentence, at, sentence.length()).toString();
  }

  /** As it is read in millimetres. */
  @Override
  public String toString() {
    return in(Units.MM);
  }

  /** Whether another says the same of other numbers. */
  public boolean alike(Text other) {
    return matter().equals(other.matter());
  }
}
