package roughcut.record;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * What a build has to hold to (handbook page 7, "The brief"), until when, and what the maker fixed
 * of its days.
 *
 * @param due when it is to be done; empty for no such day
 * @param wishes what must hold, in the maker's order
 * @param notBefore operations that aren't begun before a time, by their ids
 */
public record Brief(
    Optional<LocalDate> due, List<Wish> wishes, Map<String, LocalDateTime> notBefore) {
  public static final Brief NONE = new Brief(Optional.empty(), List.of(), Map.of());
  public static final int MOST_WISHES = 40;

  /** How a wish is held against the plan. */
  public enum Kind {
    /** A value of the plan stays at most so much. */
    AT_MOST(Text.of("maximum")),
    /** A value of the plan stays at least so much. */
    AT_LEAST(Text.of("minimum")),
    /** The neck comes off again. */
    COMES_APART(Text.of("comes apart")),
    /** Every part lies on a board that is owned, and all hardware was measured. */
    ONLY_IN_HAND(Text.of("only parts in hand")),
    /** Boards cost no more than so much, in the maker's money. */
    COSTS_AT_MOST(Text.of("maximum cost of boards")),
    /** Something that is seen, and judged by the maker. */
    BY_EYE(Text.of("by eye"));

    private final Text words;

    Kind(Text words) {
      this.words = words;
    }

    public Text words() {
      return words;
    }

    /** Whether it has a number that it is held to. */
    public boolean limited() {
      return this == AT_MOST || this == AT_LEAST || this == COSTS_AT_MOST;
    }
  }

  /**
   * One thing that must hold.
   *
   * @param words as the maker says it
   * @param value id of the plan's value that it is tied to; empty for none
   * @param limit that it is held to, in the value's own unit
   * @param held whether the maker found that it holds, where it is judged by eye
   */
  public record Wish(String words, Kind kind, String value, double limit, boolean held) {
    public Wish {
      if (words == null || words.isBlank() || words.length() > 200) {
        throw new InvalidValue(Text.of("a requirement needs a few words, at most 200 letters"));
      }
      if (kind.limited() && !Double.isFinite(limit)) {
        throw new InvalidValue(Text.of("{words}: enter the number", words));
      }
    }

    /** The same found to hold or not. */
    public Wish found(boolean holds) {
      return new Wish(words, kind, value, limit, holds);
    }
  }

  public Brief {
    wishes = List.copyOf(wishes);
    notBefore = Collections.unmodifiableMap(new TreeMap<>(notBefore));
    if (wishes.size() > MOST_WISHES) {
      throw new InvalidValue(Text.of("a brief has at most {most} lines", MOST_WISHES));
    }
  }

  public Brief withDue(Optional<LocalDate> next) {
    return new Brief(next, wishes, notBefore);
  }

  public Brief with(Wish wish) {
    List<Wish> next = new ArrayList<>(wishes);
    next.add(wish);
    return new Brief(due, next, notBefore);
  }

  public Brief with(int index, Wish wish) {
    List<Wish> next = new ArrayList<>(wishes);
    next.set(index, wish);
    return new Brief(due, next, notBefore);
  }

  public Brief without(int index) {
    List<Wish> next = new ArrayList<>(wishes);
    next.remove(index);
    return new Brief(due, next, notBefore);
  }

  /** With an operation fixed to begin no earlier than that; empty lets it go. */
  public Brief fixed(String operation, Optional<LocalDateTime> at) {
    Map<String, LocalDateTime> next = new TreeMap<>(notBefore);
    next.remove(operation);
    at.ifPresent(t -> next.put(operation, t));
    return new Brief(due, wishes, next);
  }
}
