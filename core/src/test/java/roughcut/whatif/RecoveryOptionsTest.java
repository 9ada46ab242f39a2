package roughcut.whatif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.bench.Bench;
import roughcut.bench.Operation;
import roughcut.bench.OutdatedCut;
import roughcut.bench.Route;
import roughcut.bench.Sizing;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Proposal;

/** Ways out when a made part and the plan no longer agree, each tried and looked at afterwards. */
class RecoveryOptionsTest {
  private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 4, 10, 0);

  /** An operation that was done with one of its numbers off by so much. */
  private static Build cut(Build build, String operation, String setting, double by) {
    Plan plan = Plan.of(build, Demo.shop());
    double wanted = plan.value(setting).orElseThrow().value();
    Operation op = operation(plan, operation);
    Build made = Bench.of(plan, NOW).done(build, op, java.time.Duration.ZERO, "", "");
    DoneOperation done = made.log().done(operation).orElseThrow();
    return made.withLog(made.log().with(done.setTo(setting, wanted - by)));
  }

  private static Operation operation(Plan plan, String id) {
    return Route.of(plan).order().stream()
        .filter(o -> o.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new AssertionError(id));
  }

  private static Optional<OutdatedCut> spoiled(Plan plan, String setting) {
    return OutdatedCut.of(plan, Route.of(plan)).stream()
        .filter(s -> s.planned().id().equals(setting))
        .findFirst();
  }

  private static List<Proposal> ways(Build build, String setting) {
    Plan plan = Plan.of(build, Demo.shop());
    return RecoveryOptions.of(plan, spoiled(plan, setting).orElseThrow());
  }

  private static Proposal way(List<Proposal> ways, String words) {
    return ways.stream()
        .filter(w -> w.words().contains(words))
        .findFirst()
        .orElseThrow(() -> new AssertionError(words + " in " + ways));
  }

  private static final String DEPTH = "pass.pocket.depth-now";
  private static final String POCKET = "body.cut.pocket";

  /** Every way but taking it as it is leaves part and plan agreeing; that one is remembered. */
  @Test
  void afterEachWayOutNothingIsSaidOfItAnyMore() {
    for (double by : new double[] {0.6, -0.6}) {
      Build build = cut(Heron.build().asDesigned(), POCKET, DEPTH, by);
      List<Proposal> ways = ways(build, DEPTH);
      assertThat(ways).hasSizeGreaterThan(3);
      for (Proposal way : ways) {
        Build after = way.change().apply(build);
        Plan plan = Plan.of(after, Demo.shop());
        assertThat(spoiled(plan, DEPTH)).as(way.words()).isEmpty();
      }
    }
  }

  @Test
  void tooShallowIsCutFurtherAndTooDeepIsShimmedNeverTheOtherWayRound() {
    Build shallow = cut(Heron.build().asDesigned(), POCKET, DEPTH, 0.6);
    assertThat(ways(shallow, DEPTH).toString())
        .contains("cut further, 0.60 mm")
        .doesNotContain("shim");
    Build deep = cut(Heron.build().asDesigned(), POCKET, DEPTH, -0.6);
    assertThat(ways(deep, DEPTH).toString())
        .contains("full-face shim")
        .contains("Never shim one corner")
        .doesNotContain("further");
    Build mended = way(ways(deep, DEPTH), "shim").change().apply(deep);
    assertThat(mended.log().done(POCKET).orElseThrow().note()).contains("shim", "0.60 mm");
  }

  /** The design follows the wood: the decision named gives exactly what was cut. */
  @Test
  void theDesignFollowsWhatWasCut() {
    Build build = cut(Heron.build().asDesigned(), POCKET, DEPTH, 0.8);
    double cutAt = build.log().done(POCKET).orElseThrow().cutAt().get(DEPTH);
    List<Proposal> follow =
        ways(build, DEPTH).stream().filter(w -> w.words().startsWith("Let the design")).toList();
    assertThat(follow).isNotEmpty();
    for (Proposal way : follow) {
      Build after = way.change().apply(build);
      assertThat(Heron.value(Plan.of(after, Demo.shop()), DEPTH))
          .as(way.words())
          .isCloseTo(cutAt, within(OutdatedCut.SEEN));
      assertThat(after.log()).as("nothing that happened is changed").isEqualTo(build.log());
    }
  }

  /** What has to move least, by its own steps, is offered first, and few are offered. */
  @Test
  void theLeastChangeIsOfferedFirst() {
    Build build = cut(Heron.build().asDesigned(), "head.scarf.saw", "scarf.run", 1.5);
    List<Proposal> follow =
        ways(build, "scarf.run").stream()
            .filter(w -> w.words().startsWith("Let the design"))
            .toList();
    assertThat(follow).isNotEmpty().hasSizeLessThanOrEqualTo(3);
    double before = 0;
    for (Proposal way : follow) {
      double steps = steps(build, way.change().apply(build));
      assertThat(steps).as(way.words()).isGreaterThanOrEqualTo(before);
      before = steps;
    }
  }

  /** How many of its own steps the one decision that changed has moved. */
  private static double steps(Build from, Build to) {
    return Decisions.all().stream()
        .filter(NumberDecision.class::isInstance)
        .map(NumberDecision.class::cast)
        .mapToDouble(d -> Math.abs(d.in(to.design()) - d.in(from.design())) / d.step())
        .max()
        .orElseThrow();
  }

  /** Taken as it is holds for that deviation only: when the plan moves on, it is said again. */
  @Test
  void whatIsTakenAsItIsIsSaidAgainWhenThePlanMoves() {
    Build build = cut(Heron.build().asDesigned(), POCKET, DEPTH, 0.3);
    Build taken = way(ways(build, DEPTH), "accept as it is").change().apply(build);
    assertThat(taken.log().done(POCKET).orElseThrow().note())
        .contains("accepted as it is, 0.30 mm");
    assertThat(spoiled(Plan.of(taken, Demo.shop()), DEPTH)).isEmpty();
    Build moved = taken.withDesign(Heron.set(taken.design(), "pocket.exposed=9.5"));
    Plan plan = Plan.of(moved, Demo.shop());
    assertThat(spoiled(plan, DEPTH)).isPresent();
  }

  /**
   * A neck made anew takes its headstock and fretboard with it, and what was done after them; what
   * rests on none of them stays done. Nothing is left done that stands on something undone.
   */
  @Test
  void whatIsGluedToAPartIsMadeAnewWithItAndTheRestStays() {
    Build build = Demo.heron(NOW.toLocalDate());
    Plan before = Plan.of(build, Demo.shop());
    OutdatedCut scarf = spoiled(before, "scarf.run").orElseThrow();
    Proposal anew = way(RecoveryOptions.of(before, scarf), "Make it again");
    assertThat(anew.words()).contains("neck and headstock and fretboard");
    Build after = anew.change().apply(build);
    int bodyStays = 0;
    for (Operation op : Route.of(before).order()) {
      boolean was = build.log().isDone(op.id());
      boolean is = after.log().isDone(op.id());
      switch (op.part()) {
        case NECK, HEAD, FRETBOARD -> assertThat(is).as(op.id()).isFalse();
        default -> {
          boolean rests = op.after().keySet().stream().anyMatch(a -> !after.log().isDone(a));
          assertThat(is).as(op.id()).isEqualTo(was && (!rests || !build.log().isDone(op.id())));
          bodyStays += is ? 1 : 0;
        }
      }
      if (is) {
        assertThat(op.after().keySet())
            .as(op.id())
            .allSatisfy(a -> assertThat(after.log().isDone(a) || !build.log().isDone(a)).isTrue());
      }
    }
    assertThat(bodyStays).as("the body's blank is none the worse").isGreaterThan(5);
    assertThat(build.log().current()).containsKey("shaft.thickness");
    assertThat(after.log().current())
        .as("the old shaft's reading says nothing of the new one")
        .doesNotContainKey("shaft.thickness")
        .containsKey("control.selector.height");
    assertThat(OutdatedCut.of(Plan.of(after, Demo.shop()), Route.of(before))).isEmpty();
  }

  /** One repair brings right all that is off in the same way, and nothing that is off otherwise. */
  @Test
  void aPocketCutFurtherIsRightInAllItsPasses() {
    Build one = cut(Heron.build().asDesigned(), POCKET, DEPTH, 0.6);
    DoneOperation made = one.log().done(POCKET).orElseThrow();
    String wide = "template.pocket.opening-width";
    DoneOperation two =
        made.setTo("pass.pocket.1.setting", made.cutAt().get("pass.pocket.1.setting") - 0.6)
            .setTo(wide, made.cutAt().get(wide) + 0.4);
    Build build = one.withLog(one.log().with(two));
    assertThat(spoiled(Plan.of(build, Demo.shop()), "pass.pocket.1.setting")).isPresent();
    Build after = way(ways(build, DEPTH), "cut further").change().apply(build);
    Plan plan = Plan.of(after, Demo.shop());
    assertThat(spoiled(plan, DEPTH)).isEmpty();
    assertThat(spoiled(plan, "pass.pocket.1.setting")).isEmpty();
    assertThat(spoiled(plan, wide)).as("too wide stays too wide").isPresent();
  }

  /** A ring covers a rout that is too wide, never one that is too deep; a shim the other way. */
  @Test
  void aRingCoversWidthAndAShimDepth() {
    Plan plan = Plan.of(Heron.build().asDesigned(), Demo.shop());
    Operation op =
        Route.of(plan).order().stream()
            .filter(o -> o.repairs(deepOf(o), -1).contains(roughcut.bench.Repair.SHIM))
            .filter(o -> o.settings().stream().anyMatch(s -> s.endsWith("opening-width")))
            .filter(o -> o.id().contains("bridge") || o.id().contains("pickup"))
            .findFirst()
            .orElseThrow();
    for (String setting : op.settings()) {
      if (op.sizing(setting) == Sizing.PLACE) {
        continue;
      }
      boolean opening = setting.contains(".opening-");
      List<roughcut.bench.Repair> tooMuch = op.repairs(setting, -0.5);
      List<roughcut.bench.Repair> tooLittle = op.repairs(setting, 0.5);
      assertThat(tooMuch.contains(roughcut.bench.Repair.SHIM)).as(setting).isEqualTo(!opening);
      assertThat(tooMuch.contains(roughcut.bench.Repair.CUT_FURTHER)).as(setting).isFalse();
      assertThat(tooLittle).as(setting).containsExactly(roughcut.bench.Repair.CUT_FURTHER);
      if (opening) {
        assertThat(tooMuch).as(setting).doesNotContain(roughcut.bench.Repair.SHIM);
      } else {
        assertThat(tooMuch).as(setting).doesNotContain(roughcut.bench.Repair.COVER);
      }
    }
  }

  private static String deepOf(Operation op) {
    return op.settings().stream().filter(s -> s.endsWith("depth-now")).findFirst().orElse("");
  }

  /** A depth is seen, a fret's place is heard at that fret, the saddle line's on every string. */
  @Test
  void onlyAPlaceAlongTheStringsIsToldInCents() {
    Build slots = cut(Heron.build().asDesigned(), "board.slots", "fret.12.from-nut", 0.4);
    String heard = way(ways(slots, "fret.12.from-nut"), "accept as it is").words();
    // Half the string is left at the octave: 1200 · log2(320 / 319.6).
    assertThat(heard).contains("0.40 mm off, 2.2 cents at that fret");
    Build stop = cut(Heron.build().asDesigned(), "board.slots", "slot.saw-stop", 0.4);
    assertThat(ways(stop, "slot.saw-stop").toString()).doesNotContain("cents");
    Build scale = cut(Heron.build().asDesigned(), "neck.scale-check", "saddle.from-nut", 2);
    assertThat(way(ways(scale, "saddle.from-nut"), "accept as it is").words())
        .contains("5.4 cents on every string unless the saddles make up for it");
  }

  /** 1200 · log2(L / (L − d)): 2.22 mm of 640 are 6 cents (handbook page 2). */
  @Test
  void aPlaceAlongTheStringsIsToldInCents() {
    assertThat(RecoveryOptions.cents(640, 2.215)).isCloseTo(6.0, within(0.01));
    assertThat(RecoveryOptions.cents(640, 0)).isZero();
    // Against equal temperament itself: a fret's width towards the bridge is a hundred cents.
    assertThat(RecoveryOptions.cents(640, 640 - 640 / Math.pow(2, 1 / 12.0)))
        .isCloseTo(100, within(1e-9));
  }

  /** What is counted, not measured, can't be cut further or shimmed. */
  @Test
  void aCountIsNotMendedWithACutter() {
    Build build = cut(Heron.build().asDesigned(), "rod.channel", "rod.passes", 1);
    assertThat(ways(build, "rod.passes").toString())
        .doesNotContain("further")
        .doesNotContain("shim")
        .contains("accept as it is");
  }
}
