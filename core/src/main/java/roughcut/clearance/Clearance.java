package roughcut.clearance;

import java.util.Comparator;
import java.util.List;
import roughcut.finding.Message;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.shop.Limit;

/**
 * A place where little wood is left: what, how much, how much it should be, where, and which
 * decisions would change it.
 *
 * @param kind the kind of place, under which a shop may keep its own limit
 * @param what in the maker's words
 * @param left the wood that is left, with its sum
 * @param x where along the instrument, from the nut line, mm
 * @param y where across, from the centre line, for what is seen from above; not a number otherwise
 * @param now what is left at the stage that the wood has reached; the same value where nothing is
 *     still to come off
 * @param changedBy ids of decisions that would change it, the likeliest first
 */
public record Clearance(
    ClearanceKind kind,
    Text what,
    Value left,
    Limit limit,
    double x,
    double y,
    Value now,
    List<String> changedBy) {
  /** By state, then by how little of the limit is left. */
  public static final Comparator<Clearance> WORST_FIRST =
      Comparator.comparing(Clearance::state).thenComparingDouble(Clearance::share);

  /** So near its limit a clearance is told more finely, mm. */
  private static final double NEARLY = 0.1;

  private static final int MOST_PLACES = 7;

  /** A spot that is now as it will be when finished. */
  public Clearance(
      ClearanceKind kind,
      Text what,
      Value left,
      Limit limit,
      double x,
      double y,
      List<String> changedBy) {
    this(kind, what, left, limit, x, y, left, changedBy);
  }

  /** How bad it is. */
  public enum State {
    STOP("stop"),
    LOOK("look"),
    CLEAR("clear");

    private final String word;

    State(String word) {
      this.word = word;
    }

    public String word() {
      return word;
    }
  }

  public Clearance {
    changedBy = List.copyOf(changedBy);
  }

  /** What is wrong and why it matters; what would change it is {@link #changedBy}. */
  public Message message() {
    boolean stops = state() == State.STOP && !Double.isNaN(limit.fail());
    double under = stops ? limit.fail() : limit.warn();
    int places = places(left.value(), under);
    Text.Arg now = Text.length(left.value(), places);
    Text.Arg least = Text.length(under, places);
    return Message.of(
            stops
                ? Text.of("{what}: {left}, under the {limit} minimum.", what.capital(), now, least)
                : Text.of("{what}: {left}, under the {limit} target.", what.capital(), now, least))
        .why(kind.risk());
  }

  /**
   * How many decimals tell two lengths apart: “1.5 mm, under the 1.5 mm minimum” would help nobody.
   */
  private static int places(double one, double other) {
    double apart = Math.abs(one - other);
    int places = 1;
    for (double told = NEARLY; apart < told && places < MOST_PLACES; told /= 10) {
      places++;
    }
    return places;
  }

  /** Whether it will be less when finished than it is now. */
  public boolean later() {
    return Math.abs(now.value() - left.value()) > Precision.SAME;
  }

  /** What is left now, in the maker's units. */
  public Text nowText() {
    return Text.only(Text.shown(now));
  }

  /** Whether it is about the cut or fitting of that name: its number, or what would change it. */
  public boolean concerns(String name) {
    return !name.isEmpty()
        && (named(left.id(), name) || changedBy.stream().anyMatch(id -> named(id, name)));
  }

  private static boolean named(String id, String name) {
    return List.of(id.split("\\.")).contains(name);
  }

  /** Whether it is in the body rather than in the neck. */
  public boolean inBody() {
    return kind.inBody();
  }

  /** Under its limit; and less than nothing is a stop whatever the limit. */
  public State state() {
    return stateOf(limit, left.value());
  }

  /** The state of so much left somewhere. */
  public static State stateOf(Limit limit, double left) {
    // What a sum leaves in its last digits is no less wood.
    if (left < limit.fail() - Precision.NEAR || left < -Precision.NEAR) {
      return State.STOP;
    }
    return left < limit.warn() - Precision.NEAR ? State.LOOK : State.CLEAR;
  }

  /** What is left as a share of what should be: 1 at the warning limit. The lower, the worse. */
  public double share() {
    return limit.warn() > 0 ? left.value() / limit.warn() : left.value();
  }
}
