package roughcut.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import roughcut.finding.Finding;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.thin.ThinSpot;

/**
 * What a chapter of the plan has to tell.
 *
 * @param values by their ids, in the order of working
 * @param thinSpots where little wood is left
 * @param findings what can't be, isn't ready or wants a look
 */
public record Told(Map<String, Value> values, List<ThinSpot> thinSpots, List<Finding> findings) {
  static Told of(Ledger ledger, List<ThinSpot> thinSpots, List<List<Finding>> findings) {
    return new Told(ledger.values(), thinSpots, findings.stream().flatMap(List::stream).toList());
  }

  /**
   * What several chapters tell together.
   *
   * @throws IllegalStateException when two have a number of one name: they would tell two stories
   */
  static Told union(List<Told> chapters) {
    Map<String, Value> values = new LinkedHashMap<>(1024);
    for (Told chapter : chapters) {
      chapter
          .values
          .values()
          .forEach(
              v -> {
                if (values.putIfAbsent(v.id(), v) != null) {
                  throw new IllegalStateException("worked out twice: " + v.id());
                }
              });
    }
    return new Told(
        Collections.unmodifiableMap(values),
        chapters.stream().flatMap(c -> c.thinSpots.stream()).sorted(ThinSpot.WORST_FIRST).toList(),
        chapters.stream().flatMap(c -> c.findings.stream()).toList());
  }
}
