package roughcut.design;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roughcut.shop.FittingBook;
import roughcut.shop.FittingKind;

/**
 * Something fitted into the body. Its numbers are decisions under its type and name ({@code
 * pickup.neck.from-saddle}); those that the maker hasn't given are as the list says.
 *
 * @param name its own among all cuts of the body
 * @param kind id of its kind in the book
 * @param with names of what it belongs to: the controls in a cavity or under a plate, both ends of
 *     a channel, the cavity that a jack breaks into; on purpose, so that they may meet
 */
public record Fitting(FittingType type, String name, String kind, List<String> with) {
  public static final String NAME = "[a-z][a-z0-9-]{0,23}";

  /** Names that the program gives itself. */
  private static final String TAKEN =
      "pocket|posts|springs|bridge-(top|block|plate)|fretboard|.*-(legs|ledge)|.*-screw-\\d+"
          + "|(bolt|string|relief)-\\d+|(post|tail)-(bass|treble)";

  public Fitting {
    with = with.stream().distinct().toList();
    if (with.size() > Design.MOST_FITTINGS) {
      throw new IllegalArgumentException(
          "“" + name + "” names " + with.size() + " others; a body takes " + Design.MOST_FITTINGS);
    }
    if (name == null || !name.matches(NAME)) {
      throw new IllegalArgumentException(
          "a fitting's name is small letters, figures and dashes, at most 24, not “" + name + "”");
    }
    if (givenByTheProgram(name)) {
      throw new IllegalArgumentException("“" + name + "” is a name that the program gives itself");
    }
  }

  /** Whether it is a name that the program gives to a cut of its own. */
  static boolean givenByTheProgram(String name) {
    return name.matches(TAKEN);
  }

  public Fitting(FittingType type, String name, String kind, String... with) {
    this(type, name, kind, List.of(with));
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

  /** An id of this fitting's decisions under another name; any other id as it is. */
  public String renamed(String decisionId, String to) {
    int rout = routs(name).indexOf(decisionId);
    if (rout >= 0) {
      return routs(to).get(rout);
    }
    return decisionId.startsWith(id(""))
        ? withName(to).id(decisionId.substring(id("").length()))
        : decisionId;
  }

  /**
   * The same for what is worked out of this fitting, read of it or done for it: its cuts, passes
   * and templates.
   */
  public String followed(String id, String to) {
    String decided = renamed(id, to);
    if (!decided.equals(id)) {
      return decided;
    }
    Matcher own =
        Pattern.compile(
                "(body\\.cut|look\\.hardware|pass|rout|template|"
                    + Pattern.quote(type.word())
                    + ")\\."
                    + Pattern.quote(name)
                    + "((?:-(?:legs|ledge|screw)(?:-\\d+)?)?(?:\\..*)?)")
            .matcher(id);
    return own.matches() ? own.group(1) + "." + to + own.group(2) : id;
  }

  /** The id of one of its decisions. */
  public String id(String trait) {
    return type.word() + "." + name + "." + trait;
  }

  /** What the maker calls it: neck pickup, tone control. */
  public String words() {
    String spoken = name.replace('-', ' ');
    return spoken.contains(type.label())
            || type == FittingType.CHANNEL
            || type == FittingType.CAVITY
        ? spoken
        : spoken + " " + type.label();
  }

  /** The same, to begin a line with. */
  public String title() {
    return words().substring(0, 1).toUpperCase(Locale.ROOT) + words().substring(1);
  }

  public Fitting withKind(String next) {
    return new Fitting(type, name, next, with);
  }

  public Fitting withWith(List<String> next) {
    return new Fitting(type, name, kind, next);
  }

  public Fitting withName(String next) {
    return new Fitting(type, next, kind, with);
  }
}
