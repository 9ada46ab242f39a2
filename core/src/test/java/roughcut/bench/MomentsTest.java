package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.OrderChange;
import roughcut.measure.Said;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.record.Reading;
import roughcut.shop.Shop;

/** What goes wrong on a maker's bench (handbook page 1), each stopped where it would happen. */
class MomentsTest {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 5, 4, 12, 0);

  /** Everything in the usual order up to and without an operation, long ago. */
  private static Build upTo(Build build, String operation) {
    Build next = build;
    LocalDateTime at = NOON.minusDays(200);
    for (Operation op : Operations.of(plan(build))) {
      if (op.id().equals(operation)) {
        return next;
      }
      at = at.plusDays(1);
      next = next.withLog(next.log().with(DoneOperation.of(op.id(), at)));
    }
    throw new AssertionError("no operation " + operation);
  }

  private static Build without(Build build, String operation) {
    return build.withLog(build.log().without(DoneOperation.of(operation, NOON)));
  }

  private static Plan plan(Build build) {
    return Plan.of(build, Demo.shop());
  }

  private static Bench bench(Build build) {
    return Bench.of(plan(build), NOON);
  }

  private static Bench.OperationStatus step(Build build, String id) {
    return bench(build).step(id).orElseThrow(() -> new AssertionError("no operation " + id));
  }

  @Test
  void boltHolesForgottenUntilTheNeckIsCarved() {
    Build build = without(upTo(Heron.build(), "neck.carve"), "bolt.pilots");
    Bench.OperationStatus carve = step(build, "neck.carve");
    assertThat(carve.state()).isEqualTo(Bench.State.OWES);
    assertThat(Said.all(carve.why()))
        .containsExactly(
            "“Drill the heel for pilots or inserts” is not done, and the flat of the heel "
                + "is lost with “Carve the back from its facet lines”");
    assertThat(step(build, "bolt.pilots").state()).isEqualTo(Bench.State.READY);
    assertThat(step(upTo(Heron.build(), "neck.carve"), "neck.carve").state())
        .isEqualTo(Bench.State.READY);
  }

  @Test
  void aHoleFoundForgottenOnceThePartIsCarvedSaysWhatWouldMakeItPossible() {
    Build carved = upTo(Heron.build(), "neck.straightedge");
    Bench.OperationStatus late = step(without(carved, "bolt.pilots"), "bolt.pilots");
    assertThat(late.state()).isEqualTo(Bench.State.NOT_YET);
    assertThat(late.why().get(0).toString())
        .contains("removes the flat of the heel")
        .contains("it can be done with a block cut to the heel that holds the drill square");
  }

  @Test
  void theSecondProfileCutWithNothingLeftToStandOn() {
    Plan plan = plan(Heron.build());
    Route route = Route.of(Operations.of(plan), List.of());
    assertThat(
            route
                .refusal(new OrderChange("neck.back.saw", "neck.supports"))
                .orElseThrow()
                .toString())
        .contains("straight sides for the neck to stand on")
        .contains("offcuts taped back on");
    Build sawn = without(upTo(Heron.build(), "neck.back.saw"), "neck.supports");
    assertThat(step(sawn, "neck.back.saw").why().get(0).toString())
        .contains("Tape the offcuts back on");
  }

  @Test
  void theChannelByFenceWantsTheEdgeThatTheOutlineTakes() {
    Plan plan = plan(Heron.build());
    Route route = Route.of(Operations.of(plan), List.of());
    assertThat(
            route.refusal(new OrderChange("neck.outline", "rod.channel")).orElseThrow().toString())
        .contains("removes the square edge of the neck blank")
        .contains("“Rout the truss rod channel” measures from it")
        .contains("railed jig");
    Build jig = Heron.lived(Heron.build(), "channel.machine=railed-jig");
    Route byJig = Route.of(Operations.of(plan(jig)), List.of());
    assertThat(byJig.refusal(new OrderChange("neck.outline", "rod.channel")))
        .as("by a jig on the centre line, any time before the fretboard")
        .isEmpty();
    assertThat(
            byJig.refusal(new OrderChange("rod.channel", "board.flush")).orElseThrow().toString())
        .contains("its channel is closed from then on");
  }

  @Test
  void aWiringChannelForgottenUnderTheTop() {
    Build build = without(upTo(Heron.build(), "top.glue"), "body.cut.neck-wire");
    Bench.OperationStatus glue = step(build, "top.glue");
    assertThat(glue.state()).isEqualTo(Bench.State.OWES);
    assertThat(glue.owed()).extracting(Operation::id).containsExactly("body.cut.neck-wire");
  }

  @Test
  void aPocketDeepenedByGuess() {
    Build build = upTo(Heron.build(), "body.cut.pocket");
    Bench bench = bench(build);
    Operation pocket = step(build, "body.cut.pocket").operation();
    assertThat(bench.unknown(pocket))
        .extracting(h -> h.hold().of())
        .containsExactly("heel.thickness", "look.pocket.rails");
    Plan kept = plan(build);
    Plan read = plan(build.withReading(Reading.of("heel.thickness", 21, NOON)));
    ImpactReport thin = ImpactReport.of(kept, read);
    assertThat(thin.settings())
        .as("the pocket's router is set anew from the heel as it is")
        .anyMatch(v -> v.id().equals("pass.pocket.depth-now"));
    Bench then = Bench.of(read, NOON);
    assertThat(then.unknown(pocket))
        .extracting(h -> h.hold().of())
        .doesNotContain("heel.thickness");
  }

  @Test
  void theBodyIsRedrawnAfterItsPocketIsCut() {
    Build build = upTo(Heron.build(), "body.cut.pocket");
    Bench bench = bench(build);
    Build cut =
        bench.done(
            build, step(build, "body.cut.pocket").operation(), Duration.ofMinutes(50), "", "");
    assertThat(OutdatedCut.of(plan(cut), bench.route())).isEmpty();
    Build redrawn = Heron.lived(cut, "heel.thickness=25");
    ImpactReport means = ImpactReport.of(plan(cut), plan(redrawn));
    assertThat(means.outdatedCuts())
        .isNotEmpty()
        .allMatch(s -> s.operation().id().equals("body.cut.pocket"));
    assertThat(means.verdict()).isNotEqualTo(Verdict.State.GO);
    assertThat(
            means.outdatedCuts().stream()
                .filter(s -> s.planned().id().equals("pass.pocket.depth-now")))
        .allSatisfy(s -> assertThat(Math.abs(s.by())).isGreaterThan(0.5));
  }

  @Test
  void theGlueIsNotDry() {
    Build build = upTo(Heron.build(), "neck.flatten");
    Build glued =
        without(build, "neck.glue")
            .withLog(build.log().with(DoneOperation.of("neck.glue", NOON.minusHours(3))));
    Bench.OperationStatus flatten = step(glued, "neck.flatten");
    assertThat(flatten.state()).isEqualTo(Bench.State.WAITS);
    assertThat(flatten.why().get(0).toString()).contains("until the glue has cured");
    assertThat(Bench.of(plan(glued), NOON.plusHours(30)).step("neck.flatten").orElseThrow().state())
        .isEqualTo(Bench.State.READY);
  }

  /** No glue-up and no milled board is worked before its time, whatever binds the next step. */
  @Test
  void nothingIsReadyOnAPartThatLiesInClamps() {
    for (Build demo : Demo.builds(LocalDate.of(2026, 5, 4))) {
      List<Operation> order = Operations.of(plan(demo));
      int clamped = 0;
      for (Operation op : order) {
        if (op.waiting().isEmpty()) {
          continue;
        }
        Build before = upTo(Heron.undone(demo), op.id());
        Build then =
            before.withLog(before.log().with(DoneOperation.of(op.id(), NOON.minusMinutes(30))));
        Bench bench = bench(then);
        for (Bench.OperationStatus ready : bench.ready()) {
          boolean held =
              op.clamped().contains(ready.operation().part())
                  || op.makes().stream().anyMatch(ready.operation().needs()::contains)
                  || ready.operation().after().containsKey(op.id());
          assertThat(held)
              .as(
                  demo.name()
                      + ": "
                      + ready.operation().title().toString()
                      + " after "
                      + op.title().toString())
              .isFalse();
        }
        clamped += op.clamped().isEmpty() ? 0 : 1;
      }
      assertThat(clamped).as("glue-ups of " + demo.name()).isGreaterThan(3);
    }
    Build glued = upTo(Heron.build(), "head.scarf.glue");
    glued =
        glued.withLog(glued.log().with(DoneOperation.of("head.scarf.glue", NOON.minusHours(1))));
    Bench.OperationStatus thickness = step(glued, "head.thickness");
    assertThat(thickness.state()).as("its glue is wet").isEqualTo(Bench.State.WAITS);
    Build planed = upTo(Heron.build(), "board.plane");
    planed = planed.withLog(planed.log().with(DoneOperation.of("board.plane", NOON.minusHours(2))));
    assertThat(step(planed, "board.slots").state()).isEqualTo(Bench.State.WAITS);
  }

  @Test
  void flatLastMonthIsNotFlatToday() {
    Build build = upTo(Heron.build(), "neck.glue");
    Operation glue = step(build, "neck.glue").operation();
    Build seen = build.withReading(Reading.of("look.stack.closed", 1, NOON.minusDays(10)));
    assertThat(bench(seen).held(glue).get(0).state()).isEqualTo(HoldPoint.State.HOLDS);
    assertThat(Bench.of(plan(seen), NOON.plusDays(5)).held(glue).get(0).state())
        .isEqualTo(HoldPoint.State.STALE);
    Build planed =
        seen.withLog(seen.log().with(DoneOperation.of("neck.strips.plane", NOON.minusDays(1))));
    assertThat(bench(planed).held(glue).get(0).state())
        .as("heavy removal ends it at once")
        .isEqualTo(HoldPoint.State.STALE);
    Build rocks = build.withReading(Reading.of("look.stack.closed", 0, NOON));
    assertThat(bench(rocks).held(glue).get(0).state()).isEqualTo(HoldPoint.State.OFF);
  }

  @Test
  void severalReadingsGiveTheirMeanAndSpread() {
    Build build = upTo(Heron.build(), "body.cut.pocket");
    HoldPoint heel = step(build, "body.cut.pocket").operation().holds().get(0);
    assertThat(bench(build).spread(heel)).isEmpty();
    Build read =
        build
            .withReading(Reading.of("heel.thickness", 30, NOON.minusDays(3)))
            .withReading(Reading.of("heel.thickness", 21.0, NOON.minusMinutes(3)))
            .withReading(Reading.of("heel.thickness", 21.2, NOON.minusMinutes(2)))
            .withReading(Reading.of("heel.thickness", 21.1, NOON.minusMinutes(1)));
    Bench.Spread spread = bench(read).spread(heel).orElseThrow();
    assertThat(spread.readings()).as("those of that day").isEqualTo(3);
    assertThat(spread.mean()).isCloseTo(21.1, within(1e-9));
    assertThat(spread.spread()).isCloseTo(0.2, within(1e-9));
    assertThat(bench(read.withoutMeasured("heel.thickness")).spread(heel)).isEmpty();
  }

  /** Woods whose dust is known to harm are named where dust is made of them, and nowhere else. */
  @Test
  void dustIsWarnedOfByTheWoodsInHand() {
    Plan plan = plan(Heron.build());
    for (Operation op : Operations.of(plan)) {
      boolean fretboard = op.hazards().stream().anyMatch(h -> h.toString().contains("robinia"));
      boolean dusty = op.cautions().contains(Caution.DUST);
      boolean of =
          op.part() == roughcut.part.PartId.FRETBOARD
              || op.part() == roughcut.part.PartId.INSTRUMENT;
      assertThat(fretboard).as(op.id()).isEqualTo(dusty && of);
      assertThat(op.care().get(op.care().size() - 1)).isEqualTo(Caution.STANDING);
    }
  }

  /** Within the tolerance the next cut goes on as planned, a hair beyond it does not. */
  @Test
  void aReadingHoldsWithinItsToleranceOnly() {
    Build build = upTo(Heron.build(), "body.cut.pocket");
    Operation pocket = step(build, "body.cut.pocket").operation();
    for (double off : new double[] {0.3, -0.3, 0.32, -0.32, 0.8}) {
      Build read = build.withReading(Reading.of("heel.thickness", 22 + off, NOON));
      assertThat(bench(read).held(pocket).get(0).state())
          .as("off by " + off)
          .isEqualTo(Math.abs(off) <= 0.3 ? HoldPoint.State.HOLDS : HoldPoint.State.OFF);
      assertThat(bench(read).held(pocket).get(0).off().orElseThrow()).isCloseTo(off, within(1e-9));
    }
  }

  /** A face that is made again in time is not owed for: the offcuts are taped back on. */
  @Test
  void whatIsMadeAgainIsNotOwed() {
    Build build = upTo(Heron.build(), "neck.outline");
    assertThat(step(build, "neck.outline").why()).isEmpty();
    assertThat(step(build, "neck.outline").state()).isEqualTo(Bench.State.READY);
    Build unsawn = without(build, "head.scarf.saw");
    assertThat(step(unsawn, "neck.outline").owed())
        .as("what needs the sides before is")
        .extracting(Operation::id)
        .containsExactly("head.scarf.saw");
  }

  /** A clock that was wrong, or was set back: said, and nothing of it is lost. */
  @Test
  void whatIsStillToComeIsSaid() {
    Build build =
        upTo(Heron.build(), "neck.carve")
            .withReading(Reading.of("heel.thickness", 21.5, NOON.plusDays(3)));
    build = build.withLog(build.log().with(DoneOperation.of("bolt.pilots", NOON.plusHours(2))));
    Bench bench = bench(build);
    assertThat(Said.all(bench.suspiciousEntries()))
        .containsExactly(
            "The reading of heel.thickness is dated 2026-05-07 at 12:00, which is in the "
                + "future: is the clock right?",
            "“Drill the heel for pilots or inserts” was done on 2026-05-04 at 14:00, which "
                + "is in the future: is the clock right?");
    assertThat(plan(build).value("heel.stock")).isPresent();
    assertThat(Bench.of(plan(build), NOON.plusDays(4)).suspiciousEntries()).isEmpty();
    Build justNow =
        Heron.build().withReading(Reading.of("heel.thickness", 21.5, NOON.plusSeconds(59)));
    assertThat(bench(justNow).suspiciousEntries()).as("the same minute").isEmpty();
    assertThat(bench.step("bolt.pilots").orElseThrow().state()).isEqualTo(Bench.State.DONE);
  }

  /** What isn't known in this design any more stays in the log and stops nothing. */
  @Test
  void operationsThatThereAreNoMoreStopNothing() {
    Build build = upTo(Heron.build(), "top.glue");
    Build untopped = Heron.lived(build, "body.top-thickness=0");
    Bench bench = bench(untopped);
    assertThat(bench.step("top.glue")).isEmpty();
    assertThat(untopped.log().isDone("top.joint")).isTrue();
    assertThat(bench.step("body.to-thickness").orElseThrow().state()).isEqualTo(Bench.State.READY);
  }

  @Test
  void hardwareDrilledForFromMemory() {
    Build build = upTo(Heron.build(), "body.cut.volume");
    Operation volume = step(build, "body.cut.volume").operation();
    assertThat(bench(build).unknown(volume))
        .anyMatch(h -> h.hold().of().equals("look.hardware.volume"));
    Build done = bench(build).done(build, volume, Duration.ZERO, "", "");
    assertThat(done.log().done("body.cut.volume").orElseThrow().note())
        .as("cut all the same: said once, and kept")
        .contains("marked done anyway – not known: The part for the volume control is in hand");
  }

  @Test
  void oneDimensionOfTheBoardWasNeverMeasured() {
    Bench.OperationStatus plane = step(Heron.build(), "board.plane");
    assertThat(plane.state()).isEqualTo(Bench.State.NOT_YET);
    assertThat(Said.all(plane.why()))
        .containsExactly(
            "Fretboard: the width of board robinia-1 isn't measured. Measure it and write it down "
                + "on the Wood rack page.");
    Plan measured =
        Plan.of(
            Heron.build(),
            Demo.shop()
                .withBoards(
                    Demo.shop().boards().stream()
                        .map(
                            b ->
                                b.id().equals("robinia-1") ? b.withWidth(OptionalDouble.of(90)) : b)
                        .toList()));
    assertThat(Bench.of(measured, NOON).step("board.plane").orElseThrow().state())
        .isEqualTo(Bench.State.READY);
  }

  /** A long cutter's bearing would leave the template, or none in the drawer is long enough. */
  @Test
  void noCutterInTheDrawerGoesSoDeep() {
    Build build = upTo(Heron.build(), "body.cut.controls");
    assertThat(step(build, "body.cut.controls").state()).isEqualTo(Bench.State.READY);
    Shop shallow =
        Demo.shop()
            .withCutters(
                Demo.shop().cutters().stream().filter(c -> !c.name().endsWith(" long")).toList());
    Bench.OperationStatus status =
        Bench.of(Plan.of(build, shallow), NOON).step("body.cut.controls").orElseThrow();
    assertThat(status.why().get(0).toString()).contains("You have no cutter");
    assertThat(status.state()).isEqualTo(Bench.State.NOT_YET);
  }

  /** Heron in the middle of its build: its scarf was sawn for a shaft that came out thinner. */
  @Test
  void heronSaysWhatItsDeviationsMean() {
    Build heron = Demo.heron(LocalDate.of(2026, 5, 4));
    Bench bench = bench(heron);
    assertThat(bench.ready()).extracting(s -> s.operation().id()).contains("body.cut.pocket");
    assertThat(bench.step("neck.carve").orElseThrow().state()).isEqualTo(Bench.State.DONE);
    List<OutdatedCut> outdated = OutdatedCut.of(plan(heron), bench.route());
    assertThat(outdated).extracting(s -> s.operation().id()).containsOnly("head.scarf.saw");
    Plan drawn = plan(heron.asDesigned());
    heron
        .log()
        .done("head.scarf.saw")
        .orElseThrow()
        .cutAt()
        .forEach(
            (id, set) ->
                assertThat(set)
                    .as("was set as drawn then: " + id)
                    .isCloseTo(Heron.value(drawn, id), within(0.1)));
    assertThat(OutdatedCut.of(drawn, bench.route())).isEmpty();
  }

  /** What was measured counts until it is measured again; what was only flat then doesn't. */
  @Test
  void aMeasureTakenLastYearStillCounts() {
    Build build = Heron.build().withReading(Reading.of("heel.thickness", 22, NOON.minusDays(365)));
    Operation pocket = step(build, DoneOperation.cut("pocket")).operation();
    assertThat(pocket.holds().get(0).days()).isZero();
    assertThat(bench(build).held(pocket).get(0).state()).isEqualTo(HoldPoint.State.HOLDS);
  }

  /** From two days on a wait is told in days, never fewer than are left. */
  @Test
  void aLongWaitIsToldInDays() {
    int told = 0;
    for (Build own : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Build build = own.withLog(Log.NONE);
      for (Operation op : Operations.of(plan(build))) {
        double hours = op.waiting().map(WaitingTime::listed).orElse(0.0);
        for (int ago : new int[] {1, 23, 49}) {
          double left = hours - ago;
          if (left < 1) {
            continue;
          }
          Build done = upTo(build, op.id());
          done = done.withLog(done.log().with(DoneOperation.of(op.id(), NOON.minusHours(ago))));
          String words =
              left <= 47
                  ? (long) Math.ceil(left) + " h more"
                  : (long) Math.ceil(left / 24) + " days more";
          List<String> why =
              bench(done).steps().stream()
                  .flatMap(s -> Said.all(s.why()).stream())
                  .filter(w -> w.startsWith(Route.quoted(op).toString() + ": wait "))
                  .toList();
          assertThat(why).as(op.id() + ", " + hours + " h").allMatch(w -> w.contains(words));
          told += left > 48 ? why.size() : 0;
        }
      }
    }
    assertThat(told).isGreaterThan(2);
  }
}
