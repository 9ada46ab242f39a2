package roughcut.plan;

import java.util.List;
import java.util.function.Predicate;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.measure.Text;

/**
 * How a part of the plan stands. Clear means that nothing at all was found in it; a part in which
 * nothing is judged would be clear too, so that is for the caller to know.
 *
 * @param state the worst of all that was found
 * @param words for the maker
 */
public record ChapterStatus(Clearance.State state, Text words) {

  static ChapterStatus of(List<Finding> findings, List<Clearance> clearances) {
    long never = count(findings, f -> f.severity() == Finding.Severity.IMPOSSIBLE);
    long open = count(findings, f -> f.severity() == Finding.Severity.STOP);
    long thin = count(clearances, s -> s.state() == Clearance.State.STOP);
    long stops = never + open + thin;
    if (stops > 0) {
      return new ChapterStatus(
          Clearance.State.STOP,
          Text.of(
              stops == never
                  ? "{stops} impossible"
                  : stops == open ? "{stops} not ready" : "{stops} too small",
              stops));
    }
    long missing = count(findings, Finding::missing);
    if (missing > 0) {
      return new ChapterStatus(Clearance.State.LOOK, Text.of("{missing} to get", missing));
    }
    long looks =
        count(findings, f -> !f.stops())
            + count(clearances, s -> s.state() == Clearance.State.LOOK);
    return looks > 0
        ? new ChapterStatus(Clearance.State.LOOK, Text.of("{looks} to check", looks))
        : new ChapterStatus(Clearance.State.CLEAR, Text.of("clear"));
  }

  private static <T> long count(List<T> all, Predicate<T> which) {
    return all.stream().filter(which).count();
  }
}
