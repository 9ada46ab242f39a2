package roughcut.whatif;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.clearance.Clearance;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Proposal;

/**
 * What would give a thin spot its wood back: for each decision that changes it the nearest value
 * with which it is clear, each tried on the whole instrument.
 */
public final class ClearanceFixes {
  /** Steps are doubled so often before a decision is given up. */
  private static final int DOUBLINGS = 7;

  private final Plan plan;
  private final Clearance clearance;

  private ClearanceFixes(Plan plan, Clearance clearance) {
    this.plan = plan;
    this.clearance = clearance;
  }

  /** Ways to mend a spot, what stops nothing elsewhere first; none for one that is clear. */
  public static List<Proposal> of(Plan plan, Clearance clearance) {
    if (clearance.state() == Clearance.State.CLEAR) {
      return List.of();
    }
    ClearanceFixes mending = new ClearanceFixes(plan, clearance);
    List<Proposal> all = new ArrayList<>();
    for (String id : clearance.changedBy()) {
      // What was measured can't be decided otherwise: the wood is as it is.
      if (!plan.build().measured().containsKey(id)) {
        Decisions.find(plan.build().design(), id)
            .flatMap(Decision::number)
            .flatMap(mending::nearest)
            .ifPresent(all::add);
      }
    }
    return FixSuggestions.rated(plan, all);
  }

  private Optional<Proposal> nearest(NumberDecision decision) {
    double now = decision.in(plan.build().design());
    Optional<Double> up = nearest(decision, now, 1);
    Optional<Double> down = nearest(decision, now, -1);
    Optional<Double> best =
        up.isPresent() && (down.isEmpty() || up.get() - now <= now - down.get()) ? up : down;
    return best.map(
        value ->
            new Proposal(
                Text.of(
                    "{what}: {label} {value} instead of {now}",
                    clearance.what(),
                    decision.label().small(),
                    proposals(decision, value),
                    proposals(decision, now)),
                b -> b.withDesign(decision.with(b.design(), value))));
  }

  private static Text proposals(NumberDecision decision, double value) {
    return Text.only(Text.amount(value, decision.quantity()));
  }

  /** The first value that way with which the spot is clear, to a step. */
  private Optional<Double> nearest(NumberDecision decision, double now, int way) {
    int clear = -1;
    int tried = 0;
    for (int k = 0; k <= DOUBLINGS; k++) {
      int steps = 1 << k;
      if (!decision.allows(at(decision, now, way * steps))) {
        break;
      }
      if (clears(decision, at(decision, now, way * steps))) {
        clear = steps;
        break;
      }
      tried = steps;
    }
    if (clear < 0) {
      return Optional.empty();
    }
    int low = tried;
    int high = clear;
    while (high - low > 1) {
      int middle = (low + high) / 2;
      if (clears(decision, at(decision, now, way * middle))) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return Optional.of(at(decision, now, way * high));
  }

  private static double at(NumberDecision decision, double now, int steps) {
    return Math.round((now + steps * decision.step()) * 1e6) / 1e6;
  }

  /** Whether the spot is clear, or told no more, with that decided. */
  private boolean clears(NumberDecision decision, double value) {
    try {
      Build build = plan.build().withDesign(decision.with(plan.build().design(), value));
      return Plan.of(build, plan.shop()).clearances().stream()
          .filter(s -> s.kind() == clearance.kind() && s.left().id().equals(clearance.left().id()))
          .allMatch(s -> s.state() == Clearance.State.CLEAR);
    } catch (IllegalArgumentException e) {
      return false; // it can't be decided so
    }
  }
}
