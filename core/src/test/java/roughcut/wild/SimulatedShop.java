package roughcut.wild;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import roughcut.SeatedNeck;
import roughcut.bench.Bench;
import roughcut.bench.HoldPoint;
import roughcut.bench.Operation;
import roughcut.bench.OutdatedCut;
import roughcut.bench.Risk;
import roughcut.bench.Sizing;
import roughcut.bench.Verdict;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.StringDecisions;
import roughcut.part.PartId;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Log;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.record.Proposal;
import roughcut.record.Reading;
import roughcut.shop.BridgeKind;
import roughcut.shop.Shop;
import roughcut.whatif.RecoveryOptions;
import roughcut.whatif.SeatWays;

/**
 * A maker at the bench whose cuts go off by random amounts, who answers no, ignores waits and reads
 * what the wood really is. After every step the program's words are held against the maker's own
 * wood: what it says can be done, what it asks, its verdict, and every way out carried out.
 */
public final class SimulatedShop {
  private static final LocalDateTime MORNING = LocalDateTime.of(2026, 5, 4, 8, 0);
  private static final Set<SeatWays.Kind> SADDLES =
      EnumSet.of(
          SeatWays.Kind.LOWER_SADDLES,
          SeatWays.Kind.RAISE_SADDLES,
          SeatWays.Kind.LET_IN_BRIDGE,
          SeatWays.Kind.PLATE_UNDER_BRIDGE);

  /** Where most goes wrong comes soon. */
  private static final Set<String> SOON = Set.of(SeatWays.POCKET, "neck.fit", "neck.scale-check");

  /** What happened, so that a test can hold that something did. */
  public record Told(int done, int forced, int ways, int stops, int moved, List<String> wrong) {}

  private final Random random;
  private final Shop shop;
  private final Map<String, Double> real = new HashMap<>();
  private final List<String> wrong = new ArrayList<>();
  private Build build;
  private LocalDateTime now = MORNING;
  private SeatedNeck neck;
  private int done;
  private int forced;
  private int ways;
  private int stops;
  private int moved;

  private SimulatedShop(long seed) {
    random = new Random(seed * 0x5DEECE66DL + 11);
    RandomBuilds.Case tried = RandomBuilds.near(seed);
    shop = tried.shop();
    build = tried.build().asDesigned();
    // Every other one goes on where the demo stands, so that pockets are reached soon.
    build = seed % 2 == 0 ? build : build.withLog(Log.NONE);
  }

  /** Carries a build through, as far as so many steps take it. */
  public static Told carry(long seed, int steps) {
    SimulatedShop maker = new SimulatedShop(seed);
    for (int i = 0; i < steps && maker.wrong.isEmpty() && maker.step(); i++) {
      maker.now = maker.now.plusMinutes(15 + maker.random.nextInt(36 * 60));
    }
    return new Told(
        maker.done, maker.forced, maker.ways, maker.stops, maker.moved, List.copyOf(maker.wrong));
  }

  private boolean step() {
    Plan plan = Plan.of(build, shop);
    Bench bench = Bench.of(plan, now);
    List<Bench.OperationStatus> open =
        bench.steps().stream().filter(s -> s.state() != Bench.State.DONE).toList();
    List<Bench.OperationStatus> ready = bench.ready();
    if (open.isEmpty()) {
      return false;
    }
    clamps(bench, ready);
    boolean force = ready.isEmpty() || random.nextInt(12) == 0;
    Bench.OperationStatus step =
        force
            ? open.get(random.nextInt(open.size()))
            : random.nextBoolean()
                ? ready.stream()
                    .filter(s -> SOON.contains(s.operation().id()))
                    .findFirst()
                    .orElse(ready.get(random.nextInt(ready.size())))
                : ready.get(random.nextInt(ready.size()));
    hold(step.operation());
    plan = Plan.of(build, shop);
    bench = Bench.of(plan, now);
    Optional<Bench.OperationStatus> again = bench.step(step.operation().id());
    if (again.isEmpty()) {
      return true; // a reading has changed what is to be done
    }
    asks(bench, again.get());
    build =
        bench.done(build, again.get().operation(), Duration.ofMinutes(20), "", force ? "so" : "");
    done++;
    forced += force ? 1 : 0;
    cut(plan, again.get().operation());
    said();
    return true;
  }

  private void wrong(String what) {
    wrong.add(what);
  }

  /** A part in clamps isn't worked on, by a calendar of the maker's own. */
  private void clamps(Bench bench, List<Bench.OperationStatus> ready) {
    for (Operation glue : bench.route().order()) {
      Optional<LocalDateTime> at = build.log().when(glue.id());
      if (at.isEmpty() || glue.clamped().isEmpty()) {
        continue;
      }
      double cold = Math.max(1, Math.pow(1.5, (20 - shop.hours().warmth()) / 10));
      double hours = glue.waiting().orElseThrow().listed() * cold;
      LocalDateTime cured = at.get().plusSeconds(Math.round(hours * 3600) - 60);
      Set<PartId> held = glue.clamped();
      for (Bench.OperationStatus step : ready) {
        if (now.isBefore(cured) && held.contains(step.operation().part())) {
          wrong(step.operation().id() + " is ready while " + glue.id() + " cures");
        }
      }
    }
  }

  /** Answers what is asked; a tenth of the answers are no, or off, or not given. */
  private void hold(Operation op) {
    for (HoldPoint hold : op.holds()) {
      int luck = random.nextInt(10);
      if (luck == 0) {
        continue;
      }
      if (hold.looked()) {
        read(hold.of(), luck == 1 ? 0 : 1);
        continue;
      }
      Measurable measurable = Measurables.find(build.design(), hold.of()).orElseThrow();
      double is =
          seat(hold.of())
              .orElseGet(
                  () ->
                      real.computeIfAbsent(
                          hold.of(),
                          id ->
                              hold.nominal().map(n -> n.value()).orElse(0.2)
                                  + hold.tolerance() * random.nextGaussian() / 2));
      if (measurable.range().allows(is)) {
        read(hold.of(), is);
      }
    }
  }

  private void read(String of, double value) {
    Build next = build.withReading(Reading.of(of, value, now));
    try {
      Plan.of(next, shop);
      build = next;
    } catch (IllegalArgumentException e) {
      // Refused in words at its place; the maker goes on without.
    }
  }

  /** What the seated neck really reads, once there is a pocket for it. */
  private Optional<Double> seat(String of) {
    if (neck == null) {
      return Optional.empty();
    }
    if (of.equals(StringDecisions.STANDING.id())) {
      return Optional.of(neck.standing());
    }
    return of.equals(StringDecisions.STRAIGHTEDGE.id())
        ? Optional.of(neck.straightedge() - value(StringDecisions.CARVE_RISE))
        : Optional.empty();
  }

  private double value(roughcut.design.NumberDecision decision) {
    return Plan.of(build, shop).given(decision);
  }

  /** Where it isn't simply ready it asks, and where it is and all is well it asks for nothing. */
  private void asks(Bench bench, Bench.OperationStatus step) {
    List<Risk> risks = bench.risks(step.operation());
    boolean fine =
        step.state() == Bench.State.READY
            && bench.held(step.operation()).stream()
                .allMatch(h -> h.state() == HoldPoint.State.HOLDS);
    boolean stopped = bench.verdict().about(step.operation().part()).state() == Verdict.State.STOP;
    boolean asked = Risk.wantReason(risks);
    // A stop that was answered with a reason isn't asked about again.
    boolean silent = !fine || stopped && forced == 0;
    if (fine && !stopped ? asked : silent && !asked) {
      wrong(
          step.operation().id()
              + (fine ? " asks without a reason: " : " doesn't ask: ")
              + step.state()
              + " "
              + risks);
    }
    if (risks.stream()
        .anyMatch(s -> s.words().toString().isBlank() || s.loss().toString().isBlank())) {
      wrong(step.operation().id() + " asks without saying what for");
    }
  }

  /** What the cut really made: the pocket as deep and as tilted as it came out. */
  private void cut(Plan plan, Operation op) {
    if (op.id().equals(SeatWays.POCKET) && plan.cuts().pocket().isPresent()) {
      double rise = plan.stringPlan().heights().proof().isPresent() ? 0 : 1;
      neck =
          new SeatedNeck(
              plan.neck().joint().value(),
              plan.neck().heelEnd().value(),
              plan.frets().scale().value(),
              -plan.cuts().pocket().get().front().value() + rise * 0.6 * random.nextGaussian(),
              -plan.cuts().pocket().get().end().value() + rise * 0.6 * random.nextGaussian(),
              plan.neck().heelThickness().value(),
              plan.given(Decisions.FRETBOARD_THICKNESS),
              plan.given(FretboardDecisions.WIRE_HEIGHT),
              plan.stringPlan().heights().needed().value()
                  - plan.stringPlan().heights().fretPlane(plan.frets().scale().value()));
    }
  }

  private void said() {
    Plan plan = Plan.of(build, shop);
    Bench bench = Bench.of(plan, now);
    Verdict verdict = bench.verdict();
    stops += verdict.state() == Verdict.State.STOP ? 1 : 0;
    if (verdict.state() != Verdict.State.GO
        && verdict.items().stream().anyMatch(i -> i.words().toString().isBlank())) {
      wrong("a verdict without a reason");
    }
    saddle(plan, verdict);
    seatWays(plan);
    results(plan, bench);
  }

  /** A saddle that this bridge doesn't reach, by the maker's own neck, is never “go”. */
  private void saddle(Plan plan, Verdict verdict) {
    if (plan.stringPlan().heights().proof().isEmpty() || neck == null) {
      return;
    }
    BridgeKind bridge = plan.stringPlan().bridge().kind();
    double rise = plan.given(StringDecisions.CARVE_RISE);
    boolean both =
        build.measured().containsKey(StringDecisions.STANDING.id())
            && build.measured().containsKey(StringDecisions.STRAIGHTEDGE.id());
    double over = neck.saddle() - rise;
    boolean reached = over > bridge.heightLeast() - 0.05 && over < bridge.heightMost() + 0.05;
    if (both && !reached && verdict.state() != Verdict.State.STOP) {
      wrong("the saddle wants " + over + " over this bridge, and nothing stops");
    }
  }

  /** Every way out, carried out on the maker's own neck, brings the saddle where it is wanted. */
  private void seatWays(Plan plan) {
    boolean both =
        build.measured().containsKey(StringDecisions.STANDING.id())
            && build.measured().containsKey(StringDecisions.STRAIGHTEDGE.id());
    if (!both || neck == null) {
      return;
    }
    double wanted = plan.value("saddle.height").orElseThrow().value();
    for (SeatWays.Way way : SeatWays.of(plan)) {
      ways++;
      double after = neck.carriedOut(way).saddle();
      boolean follows = SADDLES.contains(way.kind());
      if (!follows && Math.abs(after - wanted) > 0.12) {
        wrong(way.kind() + " of " + way.by() + " the saddle is then at " + after + " of " + wanted);
      }
      if (follows && Math.abs(way.saddle() - neck.saddle()) > 0.12) {
        wrong(way.kind() + " puts the saddle at " + way.saddle() + ", not " + neck.saddle());
      }
    }
  }

  /** A pocket that came out too deep is never cut further, one too shallow never filled. */
  private void results(Plan plan, Bench bench) {
    for (OutdatedCut outdated : bench.outdatedCuts()) {
      moved++;
      if (random.nextInt(8) > 0) {
        continue; // trying all ways of all of them takes its time
      }
      boolean depth = outdated.operation().sizing(outdated.planned().id()) == Sizing.DEPTH;
      String all =
          RecoveryOptions.of(plan, outdated).stream().map(Proposal::words).toList().toString();
      boolean deeper = all.contains("further") || all.contains("Deepen") || all.contains("deeper");
      if (depth && outdated.by() < 0 && deeper && !all.contains("at the heel end")) {
        boolean tilted = all.contains("at the body edge");
        if (!tilted) {
          wrong(outdated.operation().id() + " is too deep, and it says " + all);
        }
      }
      if (depth && outdated.by() > 0 && all.contains("shim")) {
        wrong(outdated.operation().id() + " is too shallow, and it says " + all);
      }
      if (all.contains("ivisions of the octave") || all.contains("fret height")) {
        wrong("nobody changes that for a cut: " + all);
      }
    }
  }

  /** Seed and count: carries so many builds through and tells what went wrong. */
  public static void main(String[] args) {
    long count = Long.parseLong(args[0]);
    long seed = Long.parseLong(args[1]);
    int failed = 0;
    int done = 0;
    int ways = 0;
    for (long i = seed; i < seed + count; i++) {
      try {
        Told told = carry(i, 140);
        done += told.done();
        ways += told.ways();
        if (!told.wrong().isEmpty()) {
          failed++;
          System.out.println("bench " + i + ": " + told.wrong());
        }
      } catch (RuntimeException e) {
        failed++;
        System.out.println("bench " + i + ": " + e);
        e.printStackTrace(System.out);
      }
    }
    System.out.printf(
        "bench: %d builds, %d operations, %d ways out tried, %d failed%n",
        count, done, ways, failed);
    System.exit(failed == 0 ? 0 : 1);
  }
}
