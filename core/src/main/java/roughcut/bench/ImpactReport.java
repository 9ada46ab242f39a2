package roughcut.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/**
 * What a reading or a change means at the bench: settings that are new for what is still to be cut,
 * thin spots that moved, parts made already that no longer agree (handbook page 7, "Hold points and
 * measurements"). Whether to go on is the {@link Verdict} of the whole plan.
 *
 * @param settings of operations still to be done that would be other numbers
 * @param newClearances that stand worse than before
 * @param outdatedCuts made parts that agreed before and don't now
 * @param obsoleteOperations operations that are done already and wouldn't be part of the work any
 *     more
 * @param verdict of what it changed alone: stop where something stops now that didn't before
 */
public record ImpactReport(
    List<Value> settings,
    List<Clearance> newClearances,
    List<OutdatedCut> outdatedCuts,
    List<Operation> obsoleteOperations,
    Verdict.State verdict) {
  /** Between two plans of one instrument; the second is the one that would count. */
  public static ImpactReport of(Plan kept, Plan next) {
    Route route = Route.of(next);
    List<Value> settings = new ArrayList<>();
    for (Operation op : route.order()) {
      if (next.build().log().isDone(op.id())) {
        continue;
      }
      for (String id : op.settings()) {
        next.value(id)
            .filter(
                v ->
                    kept.value(id)
                        .map(k -> Math.abs(k.value() - v.value()) >= OutdatedCut.SEEN / 2)
                        .orElse(true))
            .filter(v -> settings.stream().noneMatch(s -> s.id().equals(v.id())))
            .ifPresent(settings::add);
      }
    }
    Set<String> before =
        OutdatedCut.of(kept, route).stream().map(s -> s.planned().id()).collect(Collectors.toSet());
    List<OutdatedCut> outdated =
        OutdatedCut.of(next, route).stream()
            .filter(s -> !before.contains(s.planned().id()))
            .toList();
    List<Clearance> clearances = next.clearances().stream().filter(s -> worse(s, kept)).toList();
    List<Operation> vain = obsoleteOperations(kept, route);
    boolean holds = outdated.isEmpty() && vain.isEmpty();
    return new ImpactReport(
        List.copyOf(settings), clearances, outdated, vain, verdict(kept, next, clearances, holds));
  }

  private static List<Operation> obsoleteOperations(Plan kept, Route next) {
    if (kept.build().log().done().isEmpty()) {
      return List.of();
    }
    Set<String> still = next.order().stream().map(Operation::id).collect(Collectors.toSet());
    return Operations.of(kept).stream()
        .filter(o -> kept.build().log().isDone(o.id()) && !still.contains(o.id()))
        .toList();
  }

  /** What it means in a line: how many settings are new, what no longer agrees. */
  public Text summary() {
    int parts = outdatedCuts.size();
    Text fresh =
        Text.of(settings.size() == 1 ? "{n} new setting" : "{n} new settings", settings.size());
    Text disagree =
        parts == 0
            ? Text.NONE
            : parts == 1
                ? Text.of("a finished part no longer fits")
                : Text.of("{parts} sizes of finished parts no longer fit", parts);
    Text vain =
        obsoleteOperations.isEmpty()
            ? Text.NONE
            : Text.of(
                "no longer needed: {operations}",
                Text.joined(obsoleteOperations.stream().map(Operation::title).toList(), ", "));
    return Text.joined(List.of(fresh, disagree, vain), " · ");
  }

  private static boolean worse(Clearance clearance, Plan kept) {
    return kept.clearances().stream()
        .filter(k -> k.left().id().equals(clearance.left().id()))
        .findFirst()
        .map(k -> clearance.state().compareTo(k.state()) < 0)
        .orElse(clearance.state() != Clearance.State.CLEAR);
  }

  private static Verdict.State verdict(
      Plan kept, Plan next, List<Clearance> clearances, boolean holds) {
    boolean impossible =
        next.findings().stream()
            .filter(Finding::stops)
            .anyMatch(p -> kept.findings().stream().noneMatch(p::sameMatter));
    if (impossible || clearances.stream().anyMatch(s -> s.state() == Clearance.State.STOP)) {
      return Verdict.State.STOP;
    }
    return clearances.isEmpty() && holds ? Verdict.State.GO : Verdict.State.LOOK;
  }
}
