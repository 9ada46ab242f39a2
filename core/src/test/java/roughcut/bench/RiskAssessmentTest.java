package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.bench.Risk.Kind;
import roughcut.demo.Demo;
import roughcut.measure.Said;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.record.Reading;
import roughcut.shop.Shop;

/** What is at stake when something is done now: each case was done once with one key. */
class RiskAssessmentTest {
  private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 4, 12, 0);

  private static Bench bench(Build build, LocalDateTime at) {
    return Bench.of(Plan.of(build, Demo.shop()), at);
  }

  private static List<Risk> stakes(Build build, LocalDateTime at, String operation) {
    Bench bench = bench(build, at);
    return bench.risks(bench.step(operation).orElseThrow().operation());
  }

  private static Build begun(String... done) {
    Build build = Heron.build().asDesigned().withLog(Log.NONE);
    for (String operation : done) {
      build = build.withLog(build.log().with(DoneOperation.of(operation, NOW)));
    }
    return build;
  }

  private static void says(List<Risk> risks, Kind kind, String words) {
    assertThat(risks)
        .anySatisfy(
            s -> {
              assertThat(s.kind()).isEqualTo(kind);
              assertThat(s.words().toString()).contains(words);
              assertThat(s.loss().toString()).endsWith(".");
            });
    assertThat(Risk.wantReason(risks)).isTrue();
  }

  @Test
  void aStackGluedWithoutItsDryFitAndTwoStripsUnsawn() {
    Build build =
        begun(
                "neck.mill",
                DoneOperation.stripSawn(1),
                DoneOperation.stripSawn(2),
                DoneOperation.stripSawn(3))
            .withReading(Reading.of("look.stack.closed", 0, NOW));
    List<Risk> risks = stakes(build, NOW, "neck.glue");
    says(risks, Kind.NOT_YET, "Dry-fit the strips");
    says(risks, Kind.NO, "The dry stack closes all along: answered no");
    says(risks, Kind.UNKNOWN, "Strip 1 thickness: not measured yet");
  }

  @Test
  void aBlankFlattenedWhileItsGlueCures() {
    Build build =
        begun(
            "neck.mill",
            DoneOperation.stripSawn(1),
            DoneOperation.stripSawn(2),
            DoneOperation.stripSawn(3),
            DoneOperation.stripSawn(4),
            DoneOperation.stripSawn(5),
            "neck.strips.plane",
            "neck.dry-fit",
            "neck.glue");
    says(stakes(build, NOW.plusHours(1), "neck.flatten"), Kind.WAITS, "wait 23 h more");
    assertThat(Risk.wantReason(stakes(build, NOW.plusDays(3), "neck.flatten"))).isFalse();
    // At 8 °C it cures half as long again and more, for the bench as for the days.
    Shop cold = Demo.shop().withHours(Demo.shop().hours().withWarmth(8));
    Bench bench = Bench.of(Plan.of(build, cold), NOW.plusHours(25));
    says(
        bench.risks(bench.step("neck.flatten").orElseThrow().operation()),
        Kind.WAITS,
        "wait 15 h more");
  }

  @Test
  void anOutlineSawnWithTheRodsChannelOwed() {
    Build build = Heron.build().asDesigned().withLog(Log.NONE);
    for (Operation op : Route.of(Plan.of(build, Demo.shop())).order()) {
      if (op.id().equals("neck.outline")) {
        break;
      }
      if (!op.id().equals("rod.channel")) {
        build = build.withLog(build.log().with(DoneOperation.of(op.id(), NOW.minusDays(9))));
      }
    }
    says(stakes(build, NOW, "neck.outline"), Kind.OWES, "Rout the truss rod channel");
  }

  @Test
  void aScarfSawnAfterAStopAndWoodThatIsntInTheRack() {
    Build heron = Demo.heron(NOW.toLocalDate());
    Log sawn = heron.log().without(DoneOperation.of("head.scarf.saw", NOW));
    says(
        stakes(heron.withLog(sawn), NOW, "head.scarf.saw"),
        Kind.STOP,
        "The shaft is 0.4 mm too thin");
    Build bare = Heron.build().asDesigned().withLog(Log.NONE);
    Bench bench = Bench.of(Plan.of(bare, Demo.shop().withBoards(List.of())), NOW);
    says(
        bench.risks(bench.step("neck.mill").orElseThrow().operation()),
        Kind.NOT_YET,
        "no cherry in your wood rack");
  }

  /** What is ready and known asks only for the figures of what can't be put back. */
  @Test
  void whatIsReadyAsksForNothingButItsFigures() {
    Build build = Demo.heron(NOW.toLocalDate());
    List<Risk> index = stakes(build, NOW, "body.cut.index");
    assertThat(index).extracting(Risk::kind).containsExactly(Kind.FINAL);
    assertThat(index.get(0).words().toString()).contains("from the body edge 164.00 mm");
    assertThat(stakes(build, NOW, "nut.shape")).extracting(Risk::kind).contains(Kind.FINAL);
    assertThat(stakes(build, NOW, "body.edges")).as("nothing is set there").isEmpty();
    Bench bench = bench(build, NOW);
    assertThat(bench.risks(bench.step("neck.glue").orElseThrow().operation()))
        .as("done already")
        .isEmpty();
  }

  /**
   * The reason goes into the log with what was at stake; a stop answered once isn't asked again.
   */
  @Test
  void theReasonIsKeptAndAnAnsweredStopIsntAskedAgain() {
    Build build = Demo.heron(NOW.toLocalDate());
    Bench bench = bench(build, NOW);
    Operation level = bench.step("frets.level").orElseThrow().operation();
    says(bench.risks(level), Kind.STOP, "too thin for the back of the neck");
    Build done = bench.done(build, level, Duration.ofMinutes(30), "slow", "it will do");
    DoneOperation kept = done.log().done("frets.level").orElseThrow();
    assertThat(kept.note())
        .startsWith("slow; marked done anyway – stop: The shaft is 0.4 mm too thin")
        .endsWith("; reason: it will do");
    Bench later = bench(done, NOW.plusHours(2));
    assertThat(later.risks(later.step("frets.crown").orElseThrow().operation()))
        .noneMatch(s -> s.kind() == Kind.STOP);
    Build thinner = done.withReading(Reading.of("shaft.thickness", 14.0, NOW.plusHours(1)));
    Bench worse = bench(thinner, NOW.plusHours(2));
    says(
        worse.risks(worse.step("frets.crown").orElseThrow().operation()),
        Kind.STOP,
        "too thin for the back of the neck");
  }

  /** Two numbers that moved against each other aren't the stop that was answered. */
  @Test
  void eachNumberOfAnAnsweredStopCounts() {
    Build heron = Demo.heron(NOW.toLocalDate());
    DoneOperation done = new DoneOperation("body.mill", NOW, Duration.ZERO, "", Map.of());
    for (var kept : stop("wall", 5.0, 3.0).entrySet()) {
      done = done.accepting(kept.getKey(), kept.getValue());
    }
    Bench bench = bench(heron.withLog(heron.log().with(done)), NOW);
    assertThat(bench.answered(stop("wall", 5.0, 3.0))).isTrue();
    assertThat(bench.answered(stop("wall", 5.05, 3.0))).isTrue();
    assertThat(bench.answered(stop("wall", 4.0, 4.0))).isFalse();
    assertThat(bench.answered(stop("floor", 5.0, 3.0))).isFalse();
  }

  /**
   * Far off, and still off when something else was read: the verdict is of the plan as it stands.
   */
  @Test
  void theVerdictStandsWhileTheStopStands() {
    Build build = Heron.build().asDesigned().withLog(Log.NONE);
    Build bad = build.withReading(Reading.of("heel.thickness", 39, NOW));
    Verdict first = bench(bad, NOW).verdict();
    assertThat(first.state()).isEqualTo(Verdict.State.STOP);
    Verdict second =
        bench(bad.withReading(Reading.of("nut.width", 43.1, NOW.plusMinutes(5))), NOW).verdict();
    assertThat(second.state()).isEqualTo(Verdict.State.STOP);
    assertThat(second.stops())
        .extracting(Verdict.Item::words)
        .containsAll(first.stops().stream().map(Verdict.Item::words).toList());
    assertThat(second.sentence(roughcut.part.PartId.BODY).toString())
        .startsWith("Stop · ")
        .contains("on the body");
    // Straightedge at the bridge 5: the saddles can't come so low, and that stops.
    Build low =
        build
            .withReading(Reading.of("proof.standing", 7, NOW))
            .withReading(Reading.of("proof.straightedge", 5, NOW));
    assertThat(bench(low, NOW).verdict().stops())
        .anyMatch(i -> i.words().toString().contains("lower than this bridge goes"));
  }

  @Test
  void whatTheLogCantMeanIsSaidAndKept() {
    Build odd =
        Demo.heron(NOW.toLocalDate())
            .withLog(
                Demo.heron(NOW.toLocalDate())
                    .log()
                    .with(DoneOperation.of("body.cut.laser", NOW.minusDays(1)))
                    .with(
                        new DoneOperation(
                            "body.cut.index", NOW.minusHours(1), Duration.ofHours(14), "")));
    assertThat(Said.all(bench(odd, NOW).suspiciousEntries()))
        .anyMatch(w -> w.contains("“body.cut.laser”") && w.contains("isn't part"))
        .anyMatch(w -> w.contains("840 minutes") && w.contains("timer"));
  }

  /** As programs before sentences were values wrote it into the log: it isn't asked again. */
  @Test
  void aStopThatWasAnsweredBeforeStaysAnswered() {
    Build heron = Demo.heron(NOW.toLocalDate());
    DoneOperation done =
        new DoneOperation("body.mill", NOW, Duration.ZERO, "", Map.of())
            .accepting("stop: wall # mm of # mm", 0)
            .accepting("stop: wall # mm of # mm 1", 5.0)
            .accepting("stop: wall # mm of # mm 2", 3.0);
    Bench bench = bench(heron.withLog(heron.log().with(done)), NOW);
    assertThat(bench.answered(stop("wall", 5.02, 3.0))).isTrue();
    assertThat(bench.answered(stop("wall", 5.2, 3.0))).isFalse();
  }

  private static Map<String, Double> stop(String what, double left, double least) {
    return RiskAssessment.answer(
        Text.of("{what} {left} of {least}", what, Text.length(left, 1), Text.length(least, 1)));
  }
}
