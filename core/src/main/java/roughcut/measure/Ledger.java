package roughcut.measure;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Collects the worked values of one plan in the order in which they were worked out; an id is given
 * once.
 */
public final class Ledger {
  private final Map<String, Worked> values = new LinkedHashMap<>(256);

  /**
   * Enters a worked value and hands it back.
   *
   * @throws IllegalStateException when the id is taken: two parts of the program would tell two
   *     stories
   */
  public Worked put(
      String id,
      String label,
      Quantity quantity,
      double value,
      String formula,
      Worked.Input... inputs) {
    Worked worked = new Worked(id, label, value, quantity, formula, List.of(inputs));
    if (values.putIfAbsent(id, worked) != null) {
      throw new IllegalStateException("worked out twice: " + id);
    }
    return worked;
  }

  /** All values so far, by id. */
  public Map<String, Worked> values() {
    return Collections.unmodifiableMap(values);
  }
}
