package roughcut.record;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/**
 * One operation that was done.
 *
 * @param operation its id
 * @param at when
 * @param hands how long it took; nothing when nobody said
 * @param note of the maker's own; empty for none
 * @param cutAt what machine and ruler were set to, by the values' ids: what the part really has
 */
public record Done(
    String operation, LocalDateTime at, Duration hands, String note, Map<String, Double> cutAt) {
  public Done {
    cutAt = Collections.unmodifiableMap(new TreeMap<>(cutAt));
    if (operation.isBlank() || at == null) {
      throw new IllegalArgumentException("what was done needs a name and a time");
    }
  }

  /** One of which nobody noted what was set. */
  public Done(String operation, LocalDateTime at, Duration hands, String note) {
    this(operation, at, hands, note, Map.of());
  }

  /** The same with more said of it. */
  public Done saying(String more) {
    return new Done(operation, at, hands, note.isEmpty() ? more : note + "; " + more, cutAt);
  }

  /** The same of something that is called otherwise now. */
  Done called(UnaryOperator<String> name) {
    Map<String, Double> set = new TreeMap<>();
    cutAt.forEach((id, value) -> set.put(name.apply(id), value));
    return new Done(name.apply(operation), at, hands, note, set);
  }

  /** The operation by which a strip of the neck's stack is sawn off its board. */
  public static String stripSawn(int number) {
    return "neck.strip." + number + ".saw";
  }

  /** The operation by which a row of like cuts is made in the body. */
  public static String cut(String row) {
    return "body.cut." + row;
  }

  /** An operation of which nothing more is known. */
  public static Done of(String operation, LocalDateTime at) {
    return new Done(operation, at, Duration.ZERO, "");
  }
}
