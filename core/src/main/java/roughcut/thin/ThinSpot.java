package roughcut.thin;

import java.util.List;
import roughcut.measure.Worked;
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
 * @param changedBy ids of decisions that would change it, the likeliest first
 */
public record ThinSpot(
    String kind,
    String what,
    Worked left,
    Limit limit,
    double x,
    double y,
    List<String> changedBy) {
  /** A spot seen from the side, or on the neck's edge. */
  public ThinSpot(
      String kind, String what, Worked left, Limit limit, double x, List<String> changedBy) {
    this(kind, what, left, limit, x, Double.NaN, changedBy);
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

  public ThinSpot {
    changedBy = List.copyOf(changedBy);
  }

  public State state() {
    double value = left.value();
    if (value < limit.fail()) {
      return State.STOP;
    }
    return value < limit.warn() ? State.LOOK : State.CLEAR;
  }

  /** What is left as a share of what should be: 1 at the warning limit. The lower, the worse. */
  public double share() {
    return limit.warn() > 0 ? left.value() / limit.warn() : left.value();
  }
}
