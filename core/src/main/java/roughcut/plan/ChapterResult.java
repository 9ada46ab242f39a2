package roughcut.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;

/**
 * What a chapter of the plan has to tell.
 *
 * @param values by their ids, in the order of working
 * @param clearances where little wood is left
 * @param findings what can't be, isn't ready or wants a look
 */
public record ChapterResult(
    Map<String, Value> values, List<Clearance> clearances, List<Finding> findings) {
  static ChapterResult of(
      ValueRegistry registry, List<Clearance> thinSpots, List<List<Finding>> findings) {
    return new ChapterResult(
        registry.values(), thinSpots, findings.stream().flatMap(List::stream).toList());
  }

  /**
   * What several chapters tell together.
   *
   * @throws IllegalStateException when two have a number of one name: they would tell two stories
   */
  static ChapterResult union(List<ChapterResult> chapters) {
    Map<String, Value> values = new LinkedHashMap<>(1024);
    for (ChapterResult chapter : chapters) {
      chapter
          .values
          .values()
          .forEach(
              v -> {
                if (values.putIfAbsent(v.id(), v) != null) {
                  throw new IllegalStateException("calculated twice: " + v.id());
                }
              });
    }
    return new ChapterResult(
        Collections.unmodifiableMap(values),
        chapters.stream()
            .flatMap(c -> c.clearances.stream())
            .sorted(Clearance.WORST_FIRST)
            .toList(),
        chapters.stream().flatMap(c -> c.findings.stream()).toList());
  }
}
