package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.Vectors;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.geometry.Point;
import roughcut.plan.Plan;

/** How the head is made, its bore, its tuners, and the channels' stops. */
class HeadTest {
  @Test
  void theVectorsAccessBores() {
    for (Map<String, Double> row : Vectors.read("access-bore.csv")) {
      Plan plan =
          Heron.with(
              "head.angle=" + row.get("head_angle_deg"),
              "rod.axis-depth=" + row.get("axis_depth_mm"),
              "access.bore=" + row.get("bore_mm"),
              "access.tilt=" + row.get("drill_tilt_deg"));
      assertThat(value(plan, "access.opens-at")).isCloseTo(row.get("opens_at_mm"), within(1e-3));
      assertThat(value(plan, "access.centre-at")).isCloseTo(row.get("centre_at_mm"), within(1e-3));
      assertThat(value(plan, "access.closes-at")).isCloseTo(row.get("closes_at_mm"), within(1e-3));
    }
  }

  @Test
  void theBoresEdgesLieOnTheHeadsFaceAndItsStopReachesTheAdjuster() {
    Plan plan = Heron.with("access.tilt=4", "rod.axis-depth=5", "rod.start=2");
    AccessBore bore = plan.details().access().orElseThrow();
    HeadLine head = plan.neck().head();
    double tan = Math.tan(head.theta());
    double beta = Math.toRadians(4);
    for (int edge : new int[] {-1, 0, 1}) {
      double x = (edge < 0 ? bore.opens() : edge > 0 ? bore.closes() : bore.centre()).value();
      // Where the face is at x, seen from the bore's axis: half the bore above or below it.
      double axis = -5 + x * Math.tan(beta);
      double square = (-x * tan - axis) * Math.cos(beta);
      assertThat(square).isCloseTo(-edge * 3, within(1e-9));
    }
    Point start = bore.axis().get(0);
    double faceX = head.breakX() - bore.centre().value();
    assertThat(start.x()).isEqualTo(2);
    assertThat(bore.depth().value())
        .isCloseTo(
            start.distance(new Point(faceX, -5 + bore.centre().value() * Math.tan(beta))),
            within(1e-9));
    assertThat(bore.bit().value()).isGreaterThan(bore.depth().value());
  }

  @Test
  void aBoreThatOpensBeforeTheBreakOrNeverMeetsTheFaceIsTold() {
    Plan shallow = Heron.with("rod.axis-depth=2.5");
    assertThat(value(shallow, "access.opens-at")).isNegative();
    assertThat(spot(shallow, "access.nut").state()).isEqualTo(Clearance.State.STOP);
    // Its lower edge lies 8 deep: a step of 8 lets it out, one of 7 never does.
    assertThat(Heron.with("head.made=flat").problems()).isEmpty();
    Plan never = Heron.with("head.made=flat", "head.step=7");
    assertThat(never.details().access()).isEmpty();
    assertThat(never.problems())
        .extracting(Finding::where, Finding::words)
        .anySatisfy(
            p ->
                assertThat(p.toString())
                    .contains("access.tilt")
                    .contains("never meets")
                    .contains("1.0°"));
    assertThat(Heron.with("head.made=flat", "head.step=7", "access.tilt=1").problems()).isEmpty();
    assertThat(Heron.with("head.made=flat", "rod.worked-from=heel").problems()).isEmpty();
  }

  private static Clearance spot(Plan plan, String kind) {
    return plan.clearances().stream()
        .filter(s -> s.kind().id().equals(kind))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void leastWoodToTheBackIsWhatAFineWalkAlongTheBoreFinds() {
    for (String angle : List.of("8", "12.5", "16")) {
      Plan plan = Heron.with("head.angle=" + angle, "access.tilt=3");
      AccessBore bore = plan.details().access().orElseThrow();
      double least = Double.MAX_VALUE;
      Point a = bore.axis().get(0);
      double end = plan.neck().head().breakX() - bore.centre().value();
      for (double x = a.x(); x >= end; x -= 0.05) {
        double z = -5 + (plan.neck().head().breakX() - x) * Math.tan(Math.toRadians(3));
        List<Point> line = plan.neck().back().line();
        for (int i = 1; i < line.size(); i++) {
          least = Math.min(least, new Point(x, z).distanceToSegment(line.get(i - 1), line.get(i)));
        }
      }
      assertThat(value(plan, "access.back-least")).isCloseTo(least - 3, within(0.01));
    }
  }

  @Test
  void straightPullPutsEachPostBesideItsStringsOwnLine() {
    for (String treble : List.of("3", "0", "2", "6")) {
      Plan plan = Heron.with("tuner.treble-side=" + treble, "head.length=280", "head.width=95");
      TunerLayout layout = plan.details().tuners();
      assertThat(layout.tuners()).hasSize(6);
      assertThat(layout.tuners().stream().filter(TunerLayout.Tuner::trebleSide).count())
          .isEqualTo(Long.parseLong(treble));
      for (TunerLayout.Tuner tuner : layout.tuners()) {
        assertThat(tuner.sideAngle().value()).as("string " + tuner.string()).isLessThan(1e-6);
        double along = -4 - tuner.x().value() * Math.cos(Math.toRadians(12.5));
        double line = plan.strings().offset(tuner.string(), along);
        double gauge = plan.build().design().strings().get(tuner.string() - 1).gauge();
        assertThat(Math.abs(tuner.y().value() - line)).isCloseTo(3 + gauge / 2, within(1e-6));
      }
    }
    TunerLayout three = Heron.with().details().tuners();
    assertThat(three.tuners().get(0).x().value())
        .as("the outermost is nearest the nut")
        .isEqualTo(42);
    assertThat(three.tuners().get(5).x().value()).isEqualTo(42);
    assertThat(three.tuners().get(3).x().value()).isEqualTo(126);
  }

  @Test
  void clearanceIsTheLeastToAnyNeighboursPost() {
    Plan plan = Heron.with("tuner.rule=along-a-line", "tuner.line-offset=20", "tuner.line-slope=3");
    TunerLayout layout = plan.details().tuners();
    for (TunerLayout.Tuner tuner : layout.tuners()) {
      double gauge = plan.build().design().strings().get(tuner.string() - 1).gauge();
      double brute = Double.MAX_VALUE;
      for (int i = 0; i <= 20000; i++) {
        Point p = tuner.nut().towards(tuner.touch(), i / 20000.0);
        for (TunerLayout.Tuner other : layout.tuners()) {
          if (other != tuner) {
            brute = Math.min(brute, p.distance(other.post()) - 3 - gauge / 2);
          }
        }
      }
      assertThat(tuner.clearance().value()).isCloseTo(brute, within(0.01));
      assertThat(tuner.edge().value())
          .isCloseTo(plan.headFace().outline().edgeDistance(tuner.post()) - 5, within(1e-9));
    }
    assertThat(layout.tuners()).anyMatch(t -> t.sideAngle().value() > 1);
  }

  @Test
  void theBreakAngleFollowsTheFaceAndTheWrap() {
    Plan plan = Heron.with();
    double theta = Math.toRadians(12.5);
    double zn = 6 + 1.1 + 0.45;
    double l = 42;
    double v = 5;
    double wanted =
        Math.atan(
            (zn + l * Math.sin(theta) - v * Math.cos(theta))
                / (l * Math.cos(theta) + v * Math.sin(theta)));
    assertThat(value(plan, "tuner.1.break-angle")).isCloseTo(Math.toDegrees(wanted), within(1e-9));
    assertThat(value(Heron.with("head.made=flat", "head.step=6"), "tuner.3.break-angle"))
        .isCloseTo(Math.toDegrees(Math.atan((zn + 6 - 5) / 126)), within(1e-9));
  }

  @Test
  void aFlatHeadIsSteppedAndOnePieceWantsItsDepth() {
    Plan flat = Heron.with("head.made=flat", "head.step=8", "head.step-radius=25");
    assertThat(value(flat, "head.flat-depth")).isEqualTo(22);
    assertThat(value(flat, "head.step-run")).isCloseTo(Math.sqrt(8 * 42), within(1e-9));
    assertThat(flat.scarf()).isEmpty();
    assertThat(value(flat, "stack.depth")).isEqualTo(24);
    assertThat(flat.neck().head().at(100, 0).y()).isEqualTo(-8);
    Plan piece = Heron.with("head.made=one-piece");
    assertThat(value(piece, "stack.depth")).isCloseTo(53.709 + 2, within(1e-3));
    assertThat(value(piece, "scarf.run")).as("for comparing").isCloseTo(72.2, within(0.05));
    assertThat(piece.about(Topic.NECK_BLANK).stream().map(q -> q.words()))
        .as("no board is that deep")
        .anyMatch(w -> w.contains("too thin"));
  }

  @Test
  void theWaysToMakeAHeadAreComparedAndChosenWithOneAction() {
    Plan plan = Heron.with();
    List<HeadComparison.Way> ways = plan.blanks().ways();
    assertThat(ways).hasSize(5);
    assertThat(ways.stream().filter(HeadComparison.Way::chosen)).hasSize(1);
    assertThat(ways.get(0).depth()).isEqualTo(16);
    assertThat(ways.get(2).depth()).isCloseTo(53.709, within(1e-3));
    assertThat(ways.get(2).grain()).isCloseTo(64.683, within(1e-3));
    assertThat(ways.get(2).lacking()).contains("cherry");
    assertThat(ways.get(0).boards()).contains("cherry-1", "hornbeam-1");
    for (HeadComparison.Way way : ways) {
      Plan after = Plan.of(way.choose().change().apply(plan.build()), Demo.shop());
      assertThat(after.blanks().ways().stream().filter(HeadComparison.Way::chosen).toList())
          .extracting(w -> w.name().toString())
          .containsExactly(way.name().toString());
    }
  }

  /** A head that leans little is no reason for a blank thinner than the heel or the shaft. */
  @Test
  void aOnePieceBlankHoldsHeelAndShaftHoweverLittleTheHeadLeans() {
    for (String heel : List.of("18", "44")) {
      Plan plan = Heron.with("head.angle=2", "heel.thickness=" + heel);
      HeadComparison.Way one = plan.blanks().ways().get(2);
      assertThat(one.name().toString()).isEqualTo("one piece");
      assertThat(one.depth())
          .isGreaterThanOrEqualTo(plan.neck().heelThickness().value())
          .isGreaterThanOrEqualTo(plan.blanks().ways().get(0).depth());
      assertThat(plan.neck().heelThickness().value()).isEqualTo(Double.parseDouble(heel));
    }
  }

  /**
   * A flat head's bore, stepped along its axis and edges in hundredths until they leave the wood:
   * in the step's curve, or on the face below it, with a veneer or without.
   */
  @Test
  void aFlatHeadsBoreComesOutWhereItLeavesTheWood() {
    Random random = new Random(31);
    int inStep = 0;
    int onFace = 0;
    int never = 0;
    for (int i = 0; i < 60; i++) {
      double drop = i == 0 ? 8 : 2 + 12 * random.nextDouble();
      double radius = 5 + 30 * random.nextDouble();
      double tilt = i % 3 == 0 ? 0 : 6 * random.nextDouble();
      double axis = 4 + 4 * random.nextDouble();
      double veneer = i % 4 == 0 ? 1.5 : 0;
      Plan plan =
          Heron.with(
              "head.made=flat",
              "head.step=" + drop,
              "head.step-radius=" + radius,
              "access.tilt=" + tilt,
              "rod.axis-depth=" + axis,
              "access.bore=7",
              "head.face-veneer=" + veneer);
      double[] out = new double[3];
      for (int edge = -1; edge <= 1; edge++) {
        out[edge + 1] = leaves(drop, Math.max(drop, radius), tilt, axis, edge, veneer, 185);
      }
      if (Double.isNaN(out[2])) {
        assertThat(plan.details().access()).as("stays in the wood").isEmpty();
        assertThat(plan.problems()).anyMatch(f -> f.words().contains("never meets"));
        never++;
        continue;
      }
      assertThat(value(plan, "access.opens-at")).isCloseTo(out[0], within(0.011));
      assertThat(value(plan, "access.centre-at")).isCloseTo(out[1], within(0.011));
      assertThat(value(plan, "access.closes-at")).isCloseTo(out[2], within(0.011));
      double run = Math.sqrt(drop * (2 * Math.max(drop, radius) - drop));
      inStep += out[2] < run ? 1 : 0;
      onFace += out[2] >= run ? 1 : 0;
    }
    assertThat(inStep).isPositive();
    assertThat(onFace).isPositive();
    assertThat(never).isPositive();
  }

  private static double leaves(
      double drop, double radius, double tilt, double axis, int edge, double veneer, double tip) {
    double tan = Math.tan(Math.toRadians(tilt));
    double half = 3.5 / Math.cos(Math.toRadians(tilt));
    double run = Math.sqrt(drop * (2 * radius - drop));
    for (double u = 0; u < tip; u += 0.01) {
      double depth = axis + edge * half - u * tan;
      // The circle touches the face at the run's end and passes through the break.
      double wood =
          u >= run ? drop : drop - radius + Math.sqrt(radius * radius - (run - u) * (run - u));
      if (depth <= Math.min(wood, drop - veneer)) {
        return u;
      }
    }
    return Double.NaN;
  }

  @Test
  void theSawsMarksMeetTheCutAndFollowTheMeasuredShaft() {
    for (String school : List.of("seam-under-fretboard", "seam-across-head")) {
      Plan plan = Heron.with("scarf.school=" + school);
      ScarfMarks marks = plan.details().marks().orElseThrow();
      // From the blank's heel end, which is trimmed by 10: the shaft's corner on its top.
      double top =
          plan.scarf().orElseThrow().shaft().corners().stream()
              .filter(p -> Math.abs(p.y()) < 1e-6)
              .mapToDouble(Point::x)
              .min()
              .orElseThrow();
      assertThat(marks.onTop().value()).isCloseTo(510 - top, within(1e-6));
      assertThat(marks.onBack().value() - marks.onTop().value())
          .isCloseTo(value(plan, "scarf.run"), within(1e-9));
    }
    Plan built = Plan.of(Heron.build(), Demo.shop());
    // The seam under the fretboard ends where the measured shaft lets it.
    assertThat(built.value("scarf.mark-top").orElseThrow().fromMeasured()).isTrue();
    assertThat(built.value("scarf.mark-back").orElseThrow().fromMeasured()).isTrue();
  }

  @Test
  void theSeamOnTheCarvedBackSatisfiesItsEquation() {
    Plan plan = Heron.with();
    ScarfMarks marks = plan.details().marks().orElseThrow();
    double theta = Math.toRadians(12.5);
    for (Point p : marks.seam()) {
      double x = p.x() - plan.neck().head().breakX();
      double depth = plan.neck().profile(Math.max(0, p.x())).depthAt(p.y());
      assertThat(x).isCloseTo(16 / Math.sin(theta) - depth / Math.tan(theta), within(0.02));
    }
    assertThat(marks.seam().get(0).x())
        .as("at the edge: the bevel")
        .isCloseTo(73.92 - 4, within(0.1));
    assertThat(marks.swaps()).isFalse();
    var odd =
        Heron.build()
            .design()
            .neckStack()
            .withMirrored(false)
            .change(0, s -> s.withSpecies("pear"));
    var build = Heron.build().asDesigned();
    assertThat(
            Plan.of(build.withDesign(build.design().withNeckStack(odd)), Demo.shop())
                .details()
                .marks()
                .orElseThrow()
                .swaps())
        .isTrue();
  }

  @Test
  void aRodChannelHasItsFenceAndItsPasses() {
    Plan plan = Heron.with("channel.base=76", "channel.cutter=6.4");
    assertThat(value(plan, "rod.fence")).isCloseTo(31 - 3.2, within(1e-9));
    // 10.4 deep with a 6.4 cutter in hornbeam: at most 0.7 × 3.2 a pass.
    assertThat(value(plan, "rod.passes")).isEqualTo(5);
    assertThat(value(plan, "rod.pass-depth")).isCloseTo(2.08, within(1e-9));
  }

  @Test
  void aCurvedRoundOrWidenedChannelIsJudgedAlongItsWholeLength() {
    double straight = value(Heron.with(), "rod.least");
    assertThat(value(Heron.with("rod.deeper-middle=1.5"), "rod.least")).isLessThan(straight);
    assertThat(value(Heron.with("rod.bottom=round"), "rod.least")).isGreaterThan(straight);
    Plan wide =
        Heron.with("rod.adjuster-length=18", "rod.adjuster-width=10", "rod.adjuster-depth=11.5");
    assertThat(value(wide, "rod.least")).isLessThan(straight - 0.5);
    assertThat(value(wide, "rod.least.x")).isLessThanOrEqualTo(20);
    Plan heel =
        Heron.with(
            "rod.worked-from=heel",
            "rod.adjuster-length=18",
            "rod.adjuster-width=10",
            "rod.adjuster-depth=12");
    assertThat(heel.rod().channel().at(430).width()).isEqualTo(10);
    // Brute force along a curved channel.
    Plan curved = Heron.with("rod.deeper-middle=2", "neck.thickness-12=20");
    double least = Double.MAX_VALUE;
    for (double x = 2; x <= 432; x += 0.25) {
      double s = (x - 2) / 430;
      least =
          Math.min(
              least, curved.neck().profile(x).distanceToChannel(0, 6.4, 10.4 + 8 * s * (1 - s)));
    }
    assertThat(value(curved, "rod.least")).isCloseTo(least, within(0.005));
  }

  @Test
  void whatCanNotBeIsSaidWithTheNearestThatCan() {
    assertThat(messages(Heron.with("rod.depth=16")))
        .anyMatch(m -> m.contains("deeper than the carved neck"));
    assertThat(messages(Heron.with("rod.length=600")))
        .anyMatch(m -> m.contains("at most 498.0 mm"));
    assertThat(messages(Heron.with("stiffener.length=600")))
        .anyMatch(m -> m.contains("at most 480.0 mm"));
    assertThat(messages(Heron.with("stiffener.offset-head=30")))
        .anyMatch(m -> m.contains("out of the side of the neck"));
  }

  private static List<String> messages(Plan plan) {
    return plan.problems().stream().map(Finding::words).toList();
  }

  @Test
  void voluteAndSplines() {
    Plan plan = Heron.with("volute.drum-radius=40", "spline.count=2", "spline.offset=30");
    assertThat(value(plan, "volute.tangent"))
        .isCloseTo(40 * Math.tan(Math.toRadians(6.25)), within(1e-9));
    Splines splines = plan.details().splines().orElseThrow();
    assertThat(splines.offsets()).containsExactly(-15.0, 15.0);
    assertThat(splines.rod().value()).isCloseTo(15 - 1.5 - 3.2, within(1e-9));
    assertThat(plan.neck().back().straightFrom()).isNotNaN();
  }

  @Test
  void theSideViewShowsTheFacesVeneerOverTheWoodAndTheBoreComesThroughIt() {
    for (double v : new double[] {0, 1, 2.5}) {
      Plan plan = Heron.with("head.face-veneer=" + v);
      roughcut.neck.HeadLine head = plan.neck().head();
      double theta = Math.toRadians(12.5);
      // Square to the face, so much over the line from the break down to the tip.
      double highest =
          roughcut.drawing.AccessDrawing.of(plan, roughcut.measure.Units.MM).marks().stream()
              .filter(roughcut.drawing.Mark.Stroke.class::isInstance)
              .map(roughcut.drawing.Mark.Stroke.class::cast)
              .filter(m -> m.role() == roughcut.drawing.Role.EDGE)
              .flatMap(m -> m.points().stream())
              .filter(p -> p.x() < head.breakX())
              .mapToDouble(p -> p.y() * Math.cos(theta) + (head.breakX() - p.x()) * Math.sin(theta))
              .max()
              .orElse(Double.NaN);
      assertThat(highest).isCloseTo(v, within(1e-6));
    }
  }

  /** The lip before a nut in a slot lies on wood: the face falls away beyond it. */
  @Test
  void theFaceFallsAwayBeyondTheLipOfASlottedNut() {
    Plan usual = Heron.with("nut.thickness=5");
    Plan slot = Heron.with("nut.thickness=5", "nut.kind=slot", "nut.lip=6");
    assertThat(usual.neck().head().breakX()).isCloseTo(-5, within(1e-9));
    assertThat(slot.neck().head().breakX()).isCloseTo(-11, within(1e-9));
    assertThat(value(slot, "nut.fretboard-cut")).isCloseTo(-11, within(1e-9));
  }

  /** A bound fretboard's wood is narrower by its binding at both sides, all along. */
  @Test
  void aBoundFretboardsWoodIsNarrower() {
    Plan bound = Heron.with("fretboard.binding=1.5");
    assertThat(value(bound, "fretboard.wood-at-nut"))
        .isCloseTo(2 * bound.taper().halfWidth(0) - 3, within(1e-9));
    assertThat(value(bound, "fretboard.wood-at-end"))
        .isCloseTo(2 * bound.taper().halfWidth(bound.taper().end().value()) - 3, within(1e-9));
    assertThat(Heron.with().value("fretboard.wood-at-nut")).isEmpty();
    assertThat(
            roughcut.bench.Operations.of(bound).stream()
                .filter(o -> o.id().equals("board.taper"))
                .findFirst()
                .orElseThrow()
                .settings())
        .startsWith("fretboard.wood-at-nut", "fretboard.wood-at-end");
  }
}
