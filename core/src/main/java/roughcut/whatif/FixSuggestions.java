package roughcut.whatif;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import roughcut.bench.ImpactReport;
import roughcut.bench.OutdatedCut;
import roughcut.blank.RipPlan;
import roughcut.blank.RipWaysOut;
import roughcut.blank.StackWaysOut;
import roughcut.blank.WoodPart;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.finding.Finding.Severity;
import roughcut.geometry.Outline;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.record.Proposal;

/**
 * What would mend something, each tried on the whole instrument: what would spoil it elsewhere
 * isn't offered, and what it would cost elsewhere is said.
 */
public final class FixSuggestions {
  /** So many things that would want a look are named. */
  private static final int NAMED = 2;

  private FixSuggestions() {}

  /** What would make the strips of one wood come out of the rack's boards; none when they do. */
  public static List<Proposal> strips(Plan plan, RipPlan rip) {
    double end =
        plan.neck().through() ? plan.neck().joint().value() : plan.neck().heelEnd().value();
    double half = Math.max(plan.taper().halfWidth(0), plan.taper().halfWidth(end));
    Optional<Outline> piece =
        plan.parts().stream()
            .filter(p -> p.id().equals("neck.piece"))
            .map(WoodPart::shape)
            .filter(Objects::nonNull)
            .findFirst();
    double spare = plan.neckPlan().spare().value();
    return rated(
        plan,
        RipWaysOut.of(
            plan.build(), plan.shop(), plan.tree(), new RipWaysOut.Needs(half, spare, piece), rip));
  }

  /** What would keep the outline from cutting through the stack's glue lines. */
  public static List<Proposal> stack(Plan plan) {
    return rated(plan, StackWaysOut.of(plan.build(), plan.blank(), plan.taper()));
  }

  /** Those that can be had, what stops nothing first, each saying what it would cost elsewhere. */
  static List<Proposal> rated(Plan plan, List<Proposal> offered) {
    List<Proposal> good = new ArrayList<>();
    List<Proposal> dear = new ArrayList<>();
    for (Proposal proposal : offered) {
      attempt(plan, proposal)
          .filter(FixSuggestions::addsNoProblem)
          .ifPresent(
              c -> {
                List<Finding> stops = c.fresh().stream().filter(Finding::stops).toList();
                (stops.isEmpty() ? good : dear).add(proposal.saying(cost(c, stops)));
              });
    }
    good.addAll(dear);
    return good;
  }

  /**
   * Whether a plan stops nothing that isn't stopped already.
   *
   * @param wanted what everything was to become; what stops there isn't new
   */
  static boolean stopsNothing(Plan plan, Plan wanted, Plan tried) {
    List<Finding> drawn = new Comparison(wanted, tried).fresh();
    return new Comparison(plan, tried)
            .fresh().stream().filter(drawn::contains).noneMatch(Finding::stops)
        && new Comparison(plan, tried)
            .clearances().stream()
                .filter(FixSuggestions::newStop)
                .noneMatch(m -> stopsNewly(wanted, m.tried().orElseThrow()));
  }

  private static boolean stopsNewly(Plan wanted, Clearance clearance) {
    return wanted.clearances().stream()
        .filter(s -> s.kind() == clearance.kind() && s.left().id().equals(clearance.left().id()))
        .noneMatch(s -> s.state() == Clearance.State.STOP);
  }

  private static Optional<Comparison> attempt(Plan plan, Proposal proposal) {
    try {
      Plan tried = Plan.of(proposal.change().apply(plan.build()), plan.shop());
      return Optional.of(new Comparison(plan, tried));
    } catch (IllegalArgumentException e) {
      return Optional.empty(); // it can't be decided so
    }
  }

  /** Nothing that can't be, and no spot thinner than it may be, that wasn't there before. */
  private static boolean addsNoProblem(Comparison comparison) {
    return comparison.fresh().stream().noneMatch(f -> f.severity() == Severity.IMPOSSIBLE)
        && comparison.clearances().stream().noneMatch(FixSuggestions::newStop);
  }

  private static boolean newStop(Comparison.Moved moved) {
    return moved.worse() && moved.tried().map(s -> s.state() == Clearance.State.STOP).orElse(false);
  }

  /** What would stop or want a look that doesn't now; empty when nothing does. */
  private static Text cost(Comparison comparison, List<Finding> stops) {
    Text stopped =
        stops.isEmpty()
            ? Text.NONE
            : Text.of(
                "not ready then: {stops}",
                Text.joined(stops.stream().map(Finding::what).toList(), " "));
    ImpactReport means = comparison.means();
    Text made =
        Stream.concat(
                means.outdatedCuts().stream().map(OutdatedCut::operation),
                means.obsoleteOperations().stream())
            .findFirst()
            .map(o -> Text.of("spoils finished work: “{operation}”", o.title()))
            .orElse(Text.NONE);
    return Text.joined(List.of(stopped, made, looks(comparison)), "; ");
  }

  private static Text looks(Comparison comparison) {
    List<Comparison.Moved> worse =
        comparison.clearances().stream().filter(Comparison.Moved::worse).toList();
    if (worse.isEmpty()) {
      return Text.NONE;
    }
    Text named =
        Text.joined(
            worse.stream()
                .limit(NAMED)
                .map(m -> Text.of("{what} then {left}", m.what(), left(m.tried().orElseThrow())))
                .toList(),
            ", ");
    int more = worse.size() - NAMED;
    return more > 0
        ? Text.of("check: {named} and {more} more", named, more)
        : Text.of("check: {named}", named);
  }

  private static Text.Arg left(Clearance clearance) {
    return Text.length(clearance.left().value(), 1);
  }
}
