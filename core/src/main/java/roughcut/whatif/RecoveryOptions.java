package roughcut.whatif;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import roughcut.bench.HoldPoint;
import roughcut.bench.Operation;
import roughcut.bench.OutdatedCut;
import roughcut.bench.Repair;
import roughcut.bench.Route;
import roughcut.bench.Sizing;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.part.PartId;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.record.Proposal;

/**
 * Ways out when something made no longer agrees with the plan, each with what it costs (handbook
 * page 7): let the design follow the wood, mend the cut, take it as it is, or make the part anew.
 * Each is tried on the whole instrument; what would stop it elsewhere isn't offered.
 */
public final class RecoveryOptions {
  /** Numbers that the design may be changed by are tried so often before they are given up. */
  private static final int TRIES = 6;

  /** So many decisions are tried. */
  private static final int LOOKED_AT = 10;

  /** So many decisions are named. */
  private static final int MOST = 3;

  private final Plan plan;
  private final OutdatedCut outdated;
  private List<OutdatedCut> now;

  private RecoveryOptions(Plan plan, OutdatedCut outdated) {
    this.plan = plan;
    this.outdated = outdated;
  }

  /**
   * All ways out, each tried: what doesn't mend it, spoils another made part or stops anything
   * isn't offered. What costs least comes first, making the part anew last.
   */
  public static List<Proposal> of(Plan plan, OutdatedCut outdated) {
    RecoveryOptions amends = new RecoveryOptions(plan, outdated);
    List<Proposal> all = new ArrayList<>();
    if (amends.filed()) {
      all.add(amends.accepted(Text.of("nothing to do: a file or a scraper takes care of it")));
    }
    if (amends.seated()) {
      SeatWays.of(plan).forEach(w -> all.add(w.proposal()));
    } else {
      amends.mended().stream().filter(amends::fixes).forEach(all::add);
    }
    all.addAll(amends.following());
    if (!amends.filed()) {
      all.add(amends.accepted(Text.of("accept as it is")));
    }
    all.add(amends.remade());
    return all;
  }

  /** Whether hand tools take it away without anybody planning it. */
  private boolean filed() {
    return outdated.planned().quantity().isLength()
        && outdated.operation().sizing(outdated.planned().id()) == Sizing.OTHER
        && Math.abs(outdated.by()) <= MendingRules.FILED;
  }

  /** Whether it is the seat of a neck that was read on the seated neck. */
  private boolean seated() {
    return outdated.operation().id().equals(SeatWays.POCKET)
        && outdated.operation().sizing(outdated.planned().id()) == Sizing.DEPTH
        && plan.stringPlan().heights().proof().isPresent();
  }

  /** Whether it is mended by that, nothing else is spoilt, and nothing is stopped. */
  private boolean fixes(Proposal proposal) {
    try {
      Plan tried = Plan.of(proposal.change().apply(plan.build()), plan.shop());
      Set<String> known = new HashSet<>();
      outdatedCuts().forEach(s -> known.add(s.operation().id() + " " + s.planned().id()));
      List<OutdatedCut> left = OutdatedCut.of(tried, Route.of(tried));
      return left.stream().noneMatch(this::same)
          && left.stream()
              .filter(s -> !s.operation().id().equals(outdated.operation().id()))
              .allMatch(s -> known.contains(s.operation().id() + " " + s.planned().id()))
          && FixSuggestions.stopsNothing(plan, plan.asDrawn().orElse(plan), tried);
    } catch (IllegalArgumentException e) {
      return false; // it can't be decided so
    }
  }

  private boolean same(OutdatedCut other) {
    return other.operation().id().equals(outdated.operation().id())
        && other.planned().id().equals(outdated.planned().id());
  }

  private List<OutdatedCut> outdatedCuts() {
    if (now == null) {
      now = OutdatedCut.of(plan, Route.of(plan));
    }
    return now;
  }

  // The design follows.

  private List<Proposal> following() {
    Set<String> decided = new LinkedHashSet<>();
    leaves(outdated.planned(), decided, Collections.newSetFromMap(new IdentityHashMap<>()));
    return decided.stream()
        .limit(LOOKED_AT)
        .flatMap(id -> Decisions.find(plan.build().design(), id).flatMap(Decision::number).stream())
        .filter(d -> MendingRules.follows(d, plan.log()))
        .map(this::follow)
        .flatMap(Optional::stream)
        .filter(f -> fixes(f.proposal()))
        .sorted(Comparator.comparingDouble(Followed::steps))
        .limit(MOST)
        .map(Followed::proposal)
        .toList();
  }

  /** A decision that follows, and by how many of its own steps it moves: the least comes first. */
  private record Followed(double steps, Proposal proposal) {}

  /** Decisions that a value hangs on; what was measured is as it is. */
  private static void leaves(Value value, Set<String> into, Set<Value> seen) {
    if (!seen.add(value)) {
      return; // values share what they come from
    }
    boolean decided =
        switch (value.origin()) {
          case DECIDED -> true;
          case MEASURED, KNOWN, WORKED, FOUND -> false;
        };
    if (decided) {
      into.add(value.id());
    }
    value.dependsOn().forEach(v -> leaves(v, into, seen));
  }

  private Optional<Followed> follow(NumberDecision decision) {
    double now = decision.in(plan.build().design());
    return solved(decision, now)
        .filter(
            v ->
                Math.abs(v - now)
                    <= MendingRules.LEVERAGE * Math.abs(outdated.by()) + decision.step())
        .map(
            value ->
                new Followed(
                    Math.abs(value - now) / decision.step(),
                    new Proposal(
                        Text.of(
                            "Let the design follow: {label} {value} instead of {now}",
                            decision.label().small(),
                            told(decision, value),
                            told(decision, now)),
                        b -> b.withDesign(decision.with(b.design(), value)))));
  }

  /**
   * The decision's value with which the plan wants what was cut; by secants, since most are lines.
   */
  private Optional<Double> solved(NumberDecision decision, double now) {
    double a = now;
    double fa = outdated.by();
    double b = now + decision.step();
    for (int i = 0; i < TRIES; i++) {
      Optional<Double> fb = off(decision, b);
      if (fb.isEmpty() || fb.get() == fa) {
        return Optional.empty();
      }
      if (Math.abs(fb.get()) < OutdatedCut.SEEN / 2) {
        return Optional.of(b);
      }
      double next = Math.round((b - fb.get() * (b - a) / (fb.get() - fa)) * 100) / 100.0;
      a = b;
      fa = fb.get();
      b = next;
    }
    return Optional.empty();
  }

  /** How far the plan's number is from what was cut, with that decided; empty where it can't be. */
  private Optional<Double> off(NumberDecision decision, double value) {
    if (!decision.allows(value)) {
      return Optional.empty();
    }
    try {
      Build tried = plan.build().withDesign(decision.with(plan.build().design(), value));
      return Plan.of(tried, plan.shop())
          .value(outdated.planned().id())
          .map(v -> v.value() - outdated.is());
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  private static Text told(NumberDecision decision, double value) {
    return Text.only(Text.amount(value, decision.quantity()));
  }

  // The cut is mended.

  private List<Proposal> mended() {
    List<Proposal> all = new ArrayList<>();
    if (!outdated.planned().quantity().isLength()) {
      return all;
    }
    String setting = outdated.planned().id();
    for (Repair repair : outdated.operation().repairs(setting, outdated.by())) {
      Text how =
          Text.of("{repair}, {size}", repair.words(), Text.length(Math.abs(outdated.by()), 2));
      all.add(
          new Proposal(
              Text.of("{how}: about {minutes} min; {look}", how, repair.minutes(), repair.look()),
              b -> unread(done(d -> right(d, repair).saying(how.in(Units.MM))).apply(b))));
    }
    return all;
  }

  /** What was read off a cut before it was mended says nothing of it any more. */
  private Build unread(Build build) {
    Build next = build;
    for (String id : OutdatedCut.results(build, outdated.operation().id())) {
      next = next.withoutMeasured(id);
    }
    return next;
  }

  /** One repair of a cut brings right everything of it that is off in the same way. */
  private DoneOperation right(DoneOperation done, Repair repair) {
    DoneOperation right = done;
    for (Map.Entry<String, Double> cut : done.cutAt().entrySet()) {
      Optional<Value> wants = plan.value(cut.getKey());
      if (wants.isPresent()) {
        double by = wants.get().value() - cut.getValue();
        if (outdated.operation().repairs(cut.getKey(), by).contains(repair)) {
          right = right.setTo(cut.getKey(), wants.get().value());
        }
      }
    }
    return right;
  }

  // It is taken as it is.

  private Proposal accepted(Text how) {
    Text off = off();
    return new Proposal(
        Text.of("{how}: {off}", how, off),
        done(
            d ->
                d.accepting(
                    outdated.planned().id(),
                    outdated.planned().value(),
                    Text.of("accepted as it is, {off}", off).in(Units.MM))));
  }

  /** By how much it is off, in cents too where that is heard. */
  private Text off() {
    double by = Math.abs(outdated.by());
    if (!outdated.planned().quantity().isLength()) {
      return Text.of("{by} off", Text.amount(by, outdated.planned().quantity()));
    }
    Text.Arg off = Text.length(by, 2);
    double scale = plan.frets().scale().value();
    return outdated
        .operation()
        .heard(outdated.planned().id())
        .map(
            how ->
                switch (how) {
                  case AT_A_FRET ->
                      Text.of(
                          "{by} off, {cents} cents at that fret",
                          off,
                          Text.fixed(cents(scale - outdated.planned().value(), by), 1));
                  case AT_THE_SADDLES ->
                      Text.of(
                          "{by} off, {cents} cents on every string unless the saddles make up "
                              + "for it",
                          off,
                          Text.fixed(cents(scale, by), 1));
                })
        .orElse(Text.of("{by} off", off));
  }

  /**
   * What an end of a sounding string moved by so much is heard as: 1200 · log2(L / (L − d))
   * (handbook page 2).
   *
   * @param sounding length of the string that sounds, mm
   * @param by mm, less than that
   */
  public static double cents(double sounding, double by) {
    return 1200 * Math.log(sounding / (sounding - by)) / Math.log(2);
  }

  // The part is made anew.

  /**
   * What is glued to the part goes with it, and whatever was done after that is to be done again;
   * what was measured before those operations no longer counts.
   */
  private Proposal remade() {
    Set<PartId> parts = gluedTo(outdated.operation().part());
    List<Operation> again = again(parts);
    int minutes = again.stream().mapToInt(Operation::minutes).sum();
    return new Proposal(
        Text.of(
            again.size() == 1
                ? "Make it again: {list}; {size} operation, about {number} h of work again, and "
                    + "the wood"
                : "Make it again: {list}; {size} operations, about {number} h of work again, and "
                    + "the wood",
            parts.stream().map(PartId::word).collect(Collectors.joining(" and ")),
            again.size(),
            Text.fixed(Math.max(0.1, minutes / 60.0), 1)),
        build -> {
          Log log = build.log();
          for (Operation o : again) {
            log = log.without(DoneOperation.of(o.id(), log.when(o.id()).orElseThrow()));
            for (HoldPoint hold : o.holds()) {
              log = log.withdrawn(hold.of());
            }
            for (String id : OutdatedCut.results(build, o.id())) {
              log = log.withdrawn(id);
            }
          }
          return build.withLog(log);
        });
  }

  private List<Operation> done() {
    return Route.of(plan).order().stream().filter(o -> plan.build().log().isDone(o.id())).toList();
  }

  private Set<PartId> gluedTo(PartId part) {
    Set<PartId> parts = EnumSet.of(part);
    int before;
    do {
      before = parts.size();
      for (Operation o : done()) {
        if (o.clamped().stream().anyMatch(parts::contains)) {
          parts.addAll(o.clamped());
        }
      }
    } while (parts.size() > before);
    return parts;
  }

  private List<Operation> again(Set<PartId> parts) {
    List<Operation> again = new ArrayList<>();
    Set<String> ids = new HashSet<>();
    int before;
    do {
      before = again.size();
      for (Operation o : done()) {
        boolean rests = o.after().keySet().stream().anyMatch(ids::contains);
        if (!ids.contains(o.id()) && (parts.contains(o.part()) || rests)) {
          again.add(o);
          ids.add(o.id());
        }
      }
    } while (again.size() > before);
    return again;
  }

  private UnaryOperator<Build> done(UnaryOperator<DoneOperation> change) {
    String id = outdated.operation().id();
    return build ->
        build
            .log()
            .done(id)
            .map(d -> build.withLog(build.log().with(change.apply(d))))
            .orElse(build);
  }
}
