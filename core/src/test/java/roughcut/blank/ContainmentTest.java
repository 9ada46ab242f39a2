package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import roughcut.Heron;
import roughcut.clearance.Clearance;
import roughcut.clearance.ClearanceKind;
import roughcut.demo.Demo;
import roughcut.design.BlankStep;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.Handedness;
import roughcut.design.HeadMaking;
import roughcut.design.NeckJoint;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.geometry.Point;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.start.InstrumentKind;
import roughcut.start.NewInstrument;

/**
 * Every blank of the neck holds the finished neck, place by place: from above against the strips as
 * they were decided, from the side against the strips' depth and the block where it lies.
 */
class ContainmentTest {
  private static final double STEP = 0.5;

  private static Plan with(Design design) {
    return Plan.of(Heron.build().withDesign(design).asDesigned(), Demo.shop());
  }

  private static Strip strip(double nut, double heel) {
    return new Strip("cherry", nut, Strip.Grain.TO_HEEL).withHeelThickness(heel);
  }

  private static double value(Plan plan, String id) {
    return plan.value(id).orElseThrow(() -> new AssertionError("no " + id)).value();
  }

  private static Clearance spot(Plan plan, ClearanceKind kind) {
    return plan.clearances().stream().filter(s -> s.kind() == kind).findFirst().orElseThrow();
  }

  private static List<String> stops(Plan plan) {
    return plan.about(Topic.NECK_BLANK).stream()
        .filter(f -> f.severity() == Finding.Severity.STOP)
        .map(Finding::words)
        .toList();
  }

  /** The issue's two: 20 to 5 leaves 30 under the heel, 5 to 21 leaves 34 at the nut. */
  @ParameterizedTest
  @CsvSource({"20, 5, heel", "5, 21, nut"})
  void aStackTooNarrowAtOneEndIsAStop(double nut, double heel, String where) {
    Plan plan =
        with(
            Heron.build()
                .design()
                .withNeckStack(
                    new Stack(List.of(strip(nut, heel), strip(20, 20), strip(nut, heel)), false)));
    Clearance side = spot(plan, ClearanceKind.BLANK_SIDE);
    assertThat(side.what().toString()).isEqualTo("blank beside the " + where);
    assertThat(side.left().value()).isNegative();
    assertThat(stops(plan)).anyMatch(w -> w.contains("too narrow for the neck outline"));
  }

  /** Random stacks, tapered either way and unlike on both sides, against sums of strips. */
  @Test
  void whatIsLeftBesideTheOutlineIsTheLeastAnywhere() {
    Random random = new Random(27);
    int narrow = 0;
    for (int i = 0; i < 60; i++) {
      List<Strip> strips = new ArrayList<>();
      int count = 1 + random.nextInt(5);
      for (int s = 0; s < count; s++) {
        double share = 64.0 / count;
        strips.add(
            strip(
                share * (0.7 + 0.6 * random.nextDouble()),
                share * (0.7 + 0.6 * random.nextDouble())));
      }
      Design design =
          Heron.build().design().withNeckStack(new Stack(strips, false)).withNeckSteps(List.of());
      Plan plan = with(design);
      double end = plan.given(Decisions.HEEL_END);
      double atNut = strips.stream().mapToDouble(Strip::thickness).sum();
      double atHeel = strips.stream().mapToDouble(Strip::heelThickness).sum();
      double secondAt = plan.taper().secondAt().value();
      double least = Double.POSITIVE_INFINITY;
      for (double x = 0; x <= end + 1e-9; x += STEP) {
        double stack = atNut + (atHeel - atNut) * x / end;
        double nut = plan.given(Decisions.NUT_WIDTH);
        double neck = nut + (plan.given(Decisions.FRETBOARD_END_WIDTH) - nut) * x / secondAt;
        least = Math.min(least, (stack - neck) / 2);
      }
      assertThat(spot(plan, ClearanceKind.BLANK_SIDE).left().value())
          .isCloseTo(least, within(1e-6));
      boolean stopped = stops(plan).stream().anyMatch(w -> w.contains("too narrow"));
      assertThat(stopped).isEqualTo(least < 0);
      narrow += least < 0 ? 1 : 0;
      wings(plan, atNut, atHeel, end);
    }
    assertThat(narrow).isBetween(10, 50);
  }

  /** A wing and the blank's side hold the headstock's outline at every place along it. */
  private static void wings(Plan plan, double atNut, double atHeel, double end) {
    double most = Double.NEGATIVE_INFINITY;
    for (Point p : plan.headFace().outline().corners()) {
      double x = plan.neck().head().at(p.x(), 0).x();
      most = Math.max(most, p.y() - (atNut + (atHeel - atNut) * x / end) / 2);
    }
    double wing = plan.wings().treble().value();
    assertThat(wing).isCloseTo(most > 0 ? most + 3 : 0, within(1e-6));
    assertThat(plan.wings().bass().value()).isCloseTo(wing, within(1e-6));
  }

  private static Plan through(String... settings) {
    List<String> all = new ArrayList<>(List.of("neck.fixing=through", "bridge.kind=flat-plate"));
    all.addAll(List.of(settings));
    return Heron.with(all.toArray(String[]::new));
  }

  /**
   * The body drawn level, the glue line across it: the core reaches from that line down to the
   * body's back, at every place.
   */
  @Test
  void aThroughNecksCoreReachesTheBodysBackEverywhere() {
    Random random = new Random(28);
    for (int i = 0; i < 24; i++) {
      double angle = i == 0 ? 3 : 4 * random.nextDouble() - 0.5;
      double thick = 36 + 10 * random.nextDouble();
      double exposed = -1 + 6 * random.nextDouble();
      double block = i % 3 == 0 ? 0 : 10 + 14 * random.nextDouble();
      double length = i % 2 == 0 ? 460 : 100 + 250 * random.nextDouble();
      boolean level = i % 4 >= 2;
      Plan plan =
          through(
              "heights.solve-for=saddle",
              "neck.angle=" + angle,
              "pocket.exposed=" + exposed,
              "body.thickness=" + thick,
              "body.top-thickness=" + (i % 5 == 0 ? 5 : 0),
              "core.laid=" + (level ? "level" : "along-neck"));
      List<BlankStep> steps =
          block == 0
              ? List.of()
              : List.of(new BlankStep(BlankStep.Kind.HEEL_BLOCK, "cherry", block, length));
      plan =
          Plan.of(plan.build().withDesign(plan.build().design().withNeckSteps(steps)), plan.shop());
      double tan = Math.tan(Math.toRadians(angle));
      double joint = plan.neck().joint().value();
      double end = plan.neck().heelEnd().value();
      double boardEnd = plan.taper().end().value();
      double strips = value(plan, "core.strips-depth");
      double least = Double.POSITIVE_INFINITY;
      for (double x = joint + 1e-6; x <= end; x += STEP) {
        double back = exposed + thick + (x - joint) * tan;
        assertThat(plan.neck().back().depth(x)).isCloseTo(back, within(1e-3));
        least =
            Math.min(least, reaches(strips, x, block, length, end, level, tan, boardEnd) - back);
      }
      // Deep enough, and not deeper than core or shaft ask for.
      assertThat(least).as("%s laid level %s", angle, level).isGreaterThanOrEqualTo(-1e-6);
      double shaft = plan.given(Decisions.SHAFT_THICKNESS);
      double atNut = reaches(strips, -4, block, length, end, level, tan, boardEnd) - shaft;
      double atJoint = reaches(strips, joint - 1, 0, length, end, level, tan, boardEnd) - shaft;
      assertThat(Math.min(least, Math.min(atNut, atJoint))).isBetween(-1e-6, STEP * 0.1 + 0.1);
    }
  }

  /** Below the glue line, by the blank's own top: along the neck, or level with the body. */
  private static double reaches(
      double strips,
      double x,
      double block,
      double length,
      double end,
      boolean level,
      double tan,
      double boardEnd) {
    double over = level ? tan >= 0 ? (boardEnd - x) * tan : (-4 - x) * tan : 0;
    return strips - over + (x >= end + 10 - length ? block : 0);
  }

  @Test
  void theCoreOfTheIssue() {
    NewInstrument wish =
        new NewInstrument(
            "Mine",
            InstrumentKind.SIX_STRINGS,
            640,
            640,
            22,
            NeckJoint.THROUGH,
            HeadMaking.SCARF,
            Handedness.RIGHT,
            NewInstrument.Timber.USUAL);
    Build made = wish.build();
    Plan plan =
        Plan.of(
            made.withDesign(
                Heron.set(
                    made.design(),
                    "heights.solve-for=saddle",
                    "neck.angle=3",
                    "pocket.exposed=1",
                    "body.thickness=42")),
            Demo.shop());
    double run = plan.neck().heelEnd().value() - plan.neck().joint().value();
    assertThat(value(plan, "core.depth")).isEqualTo(43);
    assertThat(value(plan, "core.depth-end"))
        .isCloseTo(43 + run * Math.tan(Math.toRadians(3)), within(1e-9))
        .isBetween(63.0, 64.5);
    assertThat(plan.neck().back().depth(plan.neck().heelEnd().value()))
        .isCloseTo(value(plan, "core.depth-end"), within(1e-9));
  }

  @Test
  void aBlockThatBeginsTooLateIsToldWithTheLengthThatDoes() {
    Design design =
        Heron.build()
            .design()
            .withNeckSteps(List.of(new BlankStep(BlankStep.Kind.HEEL_BLOCK, "cherry", 8, 60)));
    Plan plan = with(design);
    assertThat(spot(plan, ClearanceKind.HEEL_STOCK).state()).isEqualTo(Clearance.State.STOP);
    String words =
        stops(plan).stream().filter(w -> w.startsWith("The heel is")).findFirst().orElseThrow();
    assertThat(words).contains("Glue on a block ").contains("mm long");
    double wanted = Double.parseDouble(words.replaceAll(".*a block (\\d+) mm long.*", "$1"));
    assertThat(wanted).isBetween(80.0, 100.0);
    Plan longer =
        with(
            design.withNeckSteps(
                List.of(new BlankStep(BlankStep.Kind.HEEL_BLOCK, "cherry", 8, wanted))));
    assertThat(stops(longer)).noneMatch(w -> w.startsWith("The heel is"));
  }

  /** A head in line with the neck comes out of one depth: nothing is glued under, nothing stops. */
  @ParameterizedTest
  @EnumSource(InstrumentKind.class)
  void aNewInstrumentWithAFlatHeadNeedsNoBlock(InstrumentKind kind) {
    NewInstrument usual = NewInstrument.usual("Mine", kind);
    Plan plan =
        Plan.of(
            new NewInstrument(
                    "Mine",
                    kind,
                    usual.treble(),
                    usual.bass(),
                    usual.frets(),
                    NeckJoint.BOLT_ON,
                    HeadMaking.FLAT,
                    Handedness.RIGHT,
                    NewInstrument.Timber.USUAL)
                .build(),
            Demo.shop());
    assertThat(plan.build().design().neckSteps()).isEmpty();
    assertThat(stops(plan)).isEmpty();
    double planed = value(plan, "stack.depth") - 2;
    for (double x = 0; x < plan.neck().heelEnd().value(); x += STEP) {
      assertThat(plan.neck().back().depth(x)).isLessThanOrEqualTo(planed + 1e-9);
    }
  }

  /** The issue's: a 22.7 mm blank for a heel of 22, with a flat head. */
  @Test
  void aFlatHeadsBlankIsAsDeepAtTheHeelAsItWasPlaned() {
    Plan plan =
        with(
            Heron.set(
                Heron.build().design().withNeckSteps(List.of()),
                "head.made=flat",
                "shaft.thickness=16",
                "head.step=8",
                "head.thickness=14.7",
                "heel.thickness=22"));
    assertThat(value(plan, "heel.stock")).isCloseTo(22.7, within(1e-9));
    assertThat(spot(plan, ClearanceKind.HEEL_STOCK).left().value()).isCloseTo(0.7, within(1e-6));
    assertThat(stops(plan)).isEmpty();
  }
}
