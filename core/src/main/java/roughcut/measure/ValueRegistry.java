package roughcut.measure;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Collects the values of one plan in the order in which they were worked out; an id is given once.
 */
public final class ValueRegistry {
  private final Map<String, Value> values = new LinkedHashMap<>(256);

  /**
   * Works a value out by its formula, enters it and hands it back.
   *
   * @throws IllegalStateException when the id is taken: two parts of the program would tell two
   *     stories
   */
  public ComputedValue put(
      String id, Text label, Quantity quantity, String formula, ComputedValue.Input... inputs) {
    return put(
        new ComputedValue(new ValueKey(id, label, quantity), Formula.of(formula), List.of(inputs)));
  }

  /** Works out the value of a key that a room has named, enters it and hands it back. */
  public ComputedValue put(ValueKey key, String formula, ComputedValue.Input... inputs) {
    return put(ComputedValue.of(key, formula, inputs));
  }

  /** Enters a value that was searched for, under a key that a room has named. */
  public SearchedValue find(ValueKey key, double value, Text how, Provenance provenance) {
    return put(new SearchedValue(key, value, how, provenance));
  }

  /** The same where few others shape it. */
  public SearchedValue find(ValueKey key, double value, Text how, Value... from) {
    return find(key, value, how, Provenance.of(from));
  }

  /** Enters a value that was searched for. */
  public SearchedValue find(
      String id, Text label, Quantity quantity, double value, Text how, Provenance provenance) {
    return put(new SearchedValue(new ValueKey(id, label, quantity), value, how, provenance));
  }

  /** Enters a value that was searched for and that few others shape. */
  public SearchedValue find(
      String id, Text label, Quantity quantity, double value, Text how, Value... from) {
    return find(id, label, quantity, value, how, Provenance.of(from));
  }

  /** Enters a value and hands it back. */
  public <V extends Value> V put(V value) {
    if (values.putIfAbsent(value.id(), value) != null) {
      throw new IllegalStateException("calculated twice: " + value.id());
    }
    return value;
  }

  /** What was entered since there were so many. */
  public List<Value> since(int count) {
    return values.values().stream().skip(count).toList();
  }

  /** All values so far, by id. */
  public Map<String, Value> values() {
    return Collections.unmodifiableMap(values);
  }
}
