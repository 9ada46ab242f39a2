package roughcut.design;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.shop.FittingBook;
import roughcut.shop.FittingKind;

/**
 * Something fitted into the body. Its numbers are decisions under its type and name ({@code
 * pickup.neck.from-saddle}); those that the maker hasn't given are as the list says.
 *
 * @param name its own among all cuts of the body, for good: ids of what is decided, read and done
 *     go by it, and nobody sees it
 * @param kind id of its kind in the book
 * @param with names of what it belongs to: the controls in a cavity or under a plate, both ends of
 *     a channel, the cavity that a jack breaks into; on purpose, so that they may meet
 */
public record Fitting(FittingType type, String name, String kind, List<String> with, String label) {
  /** The name of one of several: index 2. */
  private static final Pattern NUMBERED = Pattern.compile("(.*) (\\d{1,6})");

  public static final String NAME = "[a-z][a-z0-9-]{0,23}";

  /** A label is no longer. */
  public static final int LONGEST_LABEL = 40;

  /** Names that the program gives itself. */
  private static final String TAKEN =
      "pocket|posts|springs|bridge-(top|block|plate)|fretboard|.*-(legs|ledge)|.*-screw-\\d+"
          + "|(bolt|string|relief)-\\d+|(post|tail)-(bass|treble)";

  public Fitting {
    with = with.stream().distinct().toList();
    if (with.size() > Design.MOST_FITTINGS) {
      throw new InvalidValue(
          Text.of(
              "“{name}” names {count} others; a body takes {most}",
              name,
              with.size(),
              Design.MOST_FITTINGS));
    }
    label = label.strip();
    if (label.codePointCount(0, label.length()) > LONGEST_LABEL
        || label.codePoints().anyMatch(Character::isISOControl)) {
      throw new InvalidValue(
          Text.of("a fitting's label is one line of at most {most} letters", LONGEST_LABEL));
    }
    if (name == null || !name.matches(NAME)) {
      throw new InvalidValue(
          Text.of(
              "a fitting's name has lower-case letters, digits and dashes, at most 24, not "
                  + "“{name}”",
              name));
    }
    if (givenByTheProgram(name)) {
      throw new InvalidValue(Text.of("“{name}” is a name that the program uses itself", name));
    }
  }

  /** Whether it is a name that the program gives to a cut of its own. */
  static boolean givenByTheProgram(String name) {
    return name.matches(TAKEN);
  }

  public Fitting(FittingType type, String name, String kind, String... with) {
    this(type, name, kind, List.of(with), "");
  }

  /** Its kind as listed. */
  public FittingKind listed() {
    return FittingBook.get(type.word(), kind);
  }

  /** Whether a decision of that id is about this fitting: its own, or the depth of its routs. */
  public boolean owns(String decisionId) {
    return decisionId.startsWith(id("")) || routs(name).contains(decisionId);
  }

  /** The depths of its rout and of those that come with it. */
  private static List<String> routs(String of) {
    return cuts(of).stream().map(c -> "rout." + c + ".depth").toList();
  }

  /** What a fitting of that name cuts under names of its own. */
  public static List<String> cuts(String name) {
    return List.of(name, name + "-legs", name + "-ledge");
  }

  /** The id of one of its decisions. */
  public String id(String trait) {
    return type.word() + "." + name + "." + trait;
  }

  /** Which others it may hold or lead to: a chamber holds no controls, it has no cover. */
  public FittingType.Takes takes() {
    return listed().covered() ? FittingType.Takes.NOTHING : type.takes();
  }

  /** What it is called in a sentence: as the maker calls it, or neck pickup, tone control. */
  public Text words() {
    return label.isEmpty() ? ownWords() : Text.raw(label);
  }

  private Text ownWords() {
    String spoken = name.replace('-', ' ');
    boolean whole =
        spoken.contains(type.label().in(Units.MM))
            || type == FittingType.CHANNEL
            || type == FittingType.CAVITY;
    Matcher numbered = NUMBERED.matcher(spoken);
    if (!numbered.matches()) {
      return whole ? Text.word(spoken) : Text.of("{name} {type}", Text.word(spoken), type.label());
    }
    Text stem = Text.word(numbered.group(1));
    int number = Integer.parseInt(numbered.group(2));
    return whole
        ? Text.of("{name} {number}", stem, number)
        : Text.of("{name} {number} {type}", stem, number, type.label());
  }

  /** The same, to begin a line with. */
  public Text title() {
    return words().capital();
  }

  public Fitting withKind(String next) {
    return new Fitting(type, name, next, with, label);
  }

  public Fitting withWith(List<String> next) {
    return new Fitting(type, name, kind, next, label);
  }

  /**
   * As the maker calls it from now on; nothing, or what it is called anyway, takes a label back.
   *
   * @throws IllegalArgumentException in words, when it can't be called so
   */
  public Fitting withLabel(String next) {
    boolean own = !next.strip().equals(ownWords().in(Units.MM));
    return new Fitting(type, name, kind, with, own ? next : "");
  }
}
