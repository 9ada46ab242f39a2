package roughcut.whatif;

import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import roughcut.bench.Bench;
import roughcut.bench.HoldPoint;
import roughcut.bench.Operation;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/**
 * How a hold point came out when it was last read on another of the shop's builds, where it didn't
 * hold (handbook page 7, "Log": last time's misfits are the next build's advice).
 *
 * @param build whose it was
 * @param nominal what it should have been
 * @param off by how much it was more than that, in the nominal's unit
 * @param at when it was read
 */
public record LastResult(String build, Value nominal, double off, LocalDateTime at) {
  /** In the maker's words and units. */
  public Text told() {
    return Text.of(
        off > 0
            ? "Last time, on {build}, this came out {by} over the planned {nominal}."
            : "Last time, on {build}, this came out {by} under the planned {nominal}.",
        build,
        Text.shown(Math.abs(off), nominal.quantity()),
        Text.shown(nominal));
  }

  /**
   * Of other builds, by the ids of what is read. Only the last reading of each counts: what held
   * last time is no longer spoken of.
   */
  public static Map<String, LastResult> of(List<Plan> others) {
    Map<String, LastResult> last = new HashMap<>();
    Map<String, Double> tolerances = new HashMap<>();
    for (Plan plan : others) {
      LocalDateTime now =
          plan.build().log().current().values().stream()
              .map(r -> r.at())
              .max(LocalDateTime::compareTo)
              .orElse(LocalDateTime.MIN);
      if (now.equals(LocalDateTime.MIN)) {
        continue;
      }
      Bench bench = Bench.of(plan, now);
      for (Bench.OperationStatus step : bench.steps()) {
        accepted(plan, bench, step.operation(), last, tolerances);
      }
    }
    last.entrySet().removeIf(e -> Math.abs(e.getValue().off()) <= tolerances.get(e.getKey()));
    return Map.copyOf(last);
  }

  private static void accepted(
      Plan plan,
      Bench bench,
      Operation op,
      Map<String, LastResult> last,
      Map<String, Double> tolerances) {
    for (Bench.Held held : bench.held(op)) {
      HoldPoint hold = held.hold();
      if (hold.looked() || held.off().isEmpty()) {
        continue;
      }
      LocalDateTime at = held.reading().orElseThrow().at();
      LastResult before = last.get(hold.of());
      if (before == null || before.at().isBefore(at)) {
        last.put(
            hold.of(),
            new LastResult(plan.name(), hold.nominal().orElseThrow(), held.off().get(), at));
        tolerances.put(hold.of(), hold.tolerance());
      }
    }
  }
}
