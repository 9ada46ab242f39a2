package roughcut.whatif;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import roughcut.bench.ImpactReport;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.measure.Precision;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.rout.RoutKeys;

/** Two plans beside each other: the one that stands, and one that is tried. */
public record Comparison(Plan kept, Plan tried) {
  /**
   * A number that would be another.
   *
   * @param kept empty where there is no such number yet
   * @param tried empty where there would be none any more
   */
  public record Changed(String id, Optional<Value> kept, Optional<Value> tried) {
    /** What it is called. */
    public Text label() {
      return tried.or(() -> kept).orElseThrow().label();
    }

    /** By how much it changes; empty where one of the two isn't there. */
    public Optional<Double> by() {
      return kept.flatMap(k -> tried.map(t -> t.value() - k.value()));
    }
  }

  /**
   * A thin spot that would stand otherwise.
   *
   * @param kept as it stands; empty where it is new
   * @param tried as it would; empty where it would be gone
   */
  public record Moved(Optional<Clearance> kept, Optional<Clearance> tried) {
    public Text what() {
      return tried.or(() -> kept).orElseThrow().what();
    }

    /** Whether it would be worse than it is: nearer to a stop than before. */
    public boolean worse() {
      return rank(tried) < rank(kept);
    }

    /** Whether it would be better than it is. */
    public boolean better() {
      return rank(tried) > rank(kept);
    }

    private static int rank(Optional<Clearance> spot) {
      return switch (spot.map(Clearance::state).orElse(Clearance.State.CLEAR)) {
        case STOP -> 0;
        case LOOK -> 1;
        case CLEAR -> 2;
      };
    }
  }

  /** Numbers that differ, those of the plan that stands first. */
  public List<Changed> values() {
    Set<String> ids = new LinkedHashSet<>(kept.values().keySet());
    ids.addAll(tried.values().keySet());
    List<Changed> all = new ArrayList<>();
    for (String id : ids) {
      Optional<Value> a = kept.value(id);
      Optional<Value> b = tried.value(id);
      if (a.isEmpty() || b.isEmpty() || !same(a.get().value(), b.get().value())) {
        all.add(new Changed(id, a, b));
      }
    }
    return all;
  }

  private static boolean same(double a, double b) {
    return Math.abs(a - b) <= Precision.SAME * Math.max(1, Math.abs(a));
  }

  /** Thin spots whose wood left differs, the worst of what is tried first. */
  public List<Moved> clearances() {
    List<Moved> all = new ArrayList<>();
    for (Clearance clearance : tried.clearances()) {
      Optional<Clearance> before = find(kept, clearance);
      if (before.isEmpty() || !same(before.get().left().value(), clearance.left().value())) {
        all.add(new Moved(before, Optional.of(clearance)));
      }
    }
    for (Clearance clearance : kept.clearances()) {
      if (find(tried, clearance).isEmpty()) {
        all.add(new Moved(Optional.of(clearance), Optional.empty()));
      }
    }
    return all;
  }

  private static Optional<Clearance> find(Plan plan, Clearance like) {
    return plan.clearances().stream()
        .filter(s -> s.kind() == like.kind() && s.left().id().equals(like.left().id()))
        .findFirst();
  }

  /** What is found in the plan that is tried and not in the one that stands. */
  public List<Finding> fresh() {
    return without(tried.findings(), kept.findings());
  }

  /** What would be mended. */
  public List<Finding> mended() {
    return without(kept.findings(), tried.findings());
  }

  private static List<Finding> without(List<Finding> all, List<Finding> others) {
    return all.stream().filter(f -> others.stream().noneMatch(f::sameMatter)).toList();
  }

  /**
   * What trying it says, in a sentence: how many numbers change, the first thing that then can't be
   * or isn't ready, or else the worst spot that gets worse. Lengths in millimetres, written out.
   */
  public Text told() {
    int changed = values().size();
    Text numbers =
        changed == 0
            ? Text.of("trial: nothing changes")
            : Text.of(
                changed == 1 ? "trial: {count} number changes" : "trial: {count} numbers change",
                changed);
    Optional<Text> stops = fresh().stream().filter(Finding::stops).map(Finding::what).findFirst();
    Optional<Text> worse =
        clearances().stream()
            .filter(Moved::worse)
            .map(Moved::tried)
            .flatMap(Optional::stream)
            .findFirst()
            .map(
                s ->
                    Text.of(
                        "{what} then {left}: {state}",
                        s.what(),
                        Text.length(s.left().value(), 1),
                        s.state().word()));
    Optional<Text> spoils =
        means().outdatedCuts().stream()
            .findFirst()
            .map(
                s ->
                    Text.of(
                        "spoils finished work: “{operation}” by {off}",
                        s.operation().title(),
                        Text.length(Math.abs(s.by()), 1)))
            .or(
                () ->
                    means().obsoleteOperations().stream()
                        .findFirst()
                        .map(o -> Text.of("“{operation}” is then no longer needed", o.title())));
    Text first = spoils.or(() -> stops).or(() -> worse).orElse(Text.NONE);
    return Text.joined(List.of(numbers, first), "; ");
  }

  /** What it means at the bench: what is made already and would no longer agree, among it. */
  public ImpactReport means() {
    return ImpactReport.of(kept, tried);
  }

  /** How much heavier the whole instrument would be, g. */
  public double heavier() {
    return mass(tried) - mass(kept);
  }

  private static double mass(Plan plan) {
    return plan.value(RoutKeys.INSTRUMENT_MASS.id())
        .filter(v -> v.quantity() == Quantity.MASS)
        .map(Value::value)
        .orElse(0.0);
  }
}
