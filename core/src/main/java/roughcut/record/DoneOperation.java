package roughcut.record;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import roughcut.design.OperationId;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * One operation that was done.
 *
 * @param operation its id
 * @param at when
 * @param hands how long it took; nothing when nobody said
 * @param note of the maker's own; empty for none
 * @param cutAt what machine and ruler were set to, by the values' ids: what the part really has
 * @param accepted what the plan wanted when the maker took the part as it is, by the values' ids
 */
public record DoneOperation(
    String operation,
    LocalDateTime at,
    Duration hands,
    String note,
    Map<String, Double> cutAt,
    Map<String, Double> accepted) {
  public DoneOperation {
    cutAt = Collections.unmodifiableMap(new TreeMap<>(cutAt));
    accepted = Collections.unmodifiableMap(new TreeMap<>(accepted));
    if (operation.isBlank() || at == null) {
      throw new InvalidValue(Text.of("a finished operation needs a name and a time"));
    }
  }

  public DoneOperation(
      String operation, LocalDateTime at, Duration hands, String note, Map<String, Double> cutAt) {
    this(operation, at, hands, note, cutAt, Map.of());
  }

  /** One of which nobody noted what was set. */
  public DoneOperation(String operation, LocalDateTime at, Duration hands, String note) {
    this(operation, at, hands, note, Map.of());
  }

  /** The same done at another time. */
  public DoneOperation at(LocalDateTime when) {
    return new DoneOperation(operation, when, hands, note, cutAt, accepted);
  }

  /** The same that took so long. */
  public DoneOperation took(Duration time) {
    return new DoneOperation(operation, at, time, note, cutAt, accepted);
  }

  /** The same with another note. */
  public DoneOperation noting(String words) {
    return new DoneOperation(operation, at, hands, words, cutAt, accepted);
  }

  /** The same with more said of it. */
  public DoneOperation saying(String more) {
    return new DoneOperation(
        operation, at, hands, note.isEmpty() ? more : note + "; " + more, cutAt, accepted);
  }

  /** The same of something that is called otherwise now. */
  DoneOperation called(UnaryOperator<String> name) {
    return new DoneOperation(
        name.apply(operation), at, hands, note, called(cutAt, name), called(accepted, name));
  }

  private static Map<String, Double> called(Map<String, Double> by, UnaryOperator<String> name) {
    Map<String, Double> next = new TreeMap<>();
    by.forEach((id, value) -> next.put(name.apply(id), value));
    return next;
  }

  /** The same with one of its numbers brought to another afterwards. */
  public DoneOperation setTo(String id, double value) {
    Map<String, Double> next = new TreeMap<>(cutAt);
    next.put(id, value);
    return new DoneOperation(operation, at, hands, note, next, accepted);
  }

  /** The same taken as it is, though the plan wants so much. */
  public DoneOperation accepting(String id, double wanted, String how) {
    return accepting(id, wanted).saying(how);
  }

  /** The same taken as it is in one more number. */
  public DoneOperation accepting(String id, double wanted) {
    Map<String, Double> next = new TreeMap<>(accepted);
    next.put(id, wanted);
    return new DoneOperation(operation, at, hands, note, cutAt, next);
  }

  /** Whether it was taken as it is while the plan wanted that, to so much. */
  public boolean accepts(String id, double wanted, double within) {
    return accepted.containsKey(id) && Math.abs(accepted.get(id) - wanted) < within;
  }

  /** The operation by which a strip of the neck's stack is sawn off its board. */
  public static String stripSawn(int number) {
    return OperationId.stripSawn(number).text();
  }

  /** The operation by which a row of like cuts is made in the body. */
  public static String cut(String row) {
    return OperationId.cut(row).text();
  }

  /** An operation of which nothing more is known. */
  public static DoneOperation of(String operation, LocalDateTime at) {
    return new DoneOperation(operation, at, Duration.ZERO, "");
  }
}
