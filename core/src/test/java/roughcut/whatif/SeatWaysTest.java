package roughcut.whatif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.SeatedNeck;
import roughcut.bench.OutdatedCut;
import roughcut.bench.Route;
import roughcut.demo.Demo;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Reading;
import roughcut.strings.Seating;
import roughcut.whatif.SeatWays.Kind;
import roughcut.whatif.SeatWays.Way;

/**
 * Every way out of a neck that doesn't sit as it was to is carried out on a neck of plain points: a
 * heel on a floor of two ends, turned and moved as a rigid body.
 */
class SeatWaysTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);
  private static final double HEEL = 22;
  private static final double BOARD = 6;
  private static final double FRET = 1.1;
  private static final double OVER = 2 * 1.8 - 0.45;

  private static Build pocketed(String... settings) {
    Build build = Heron.lived(Heron.build().asDesigned(), settings);
    Plan plan = Plan.of(build, Demo.shop());
    Map<String, Double> cut = Map.of("pass.pocket.depth-now", value(plan, "pass.pocket.depth-now"));
    return build.withLog(
        build
            .log()
            .with(
                new DoneOperation(
                    SeatWays.POCKET, DAY.atTime(9, 0), java.time.Duration.ZERO, "", cut)));
  }

  private static Plan read(Build build, double standing, double straightedge) {
    LocalDateTime at = DAY.atTime(10, 0);
    return Plan.of(
        build
            .withReading(Reading.of("proof.standing", standing, at))
            .withReading(Reading.of("proof.straightedge", straightedge, at)),
        Demo.shop());
  }

  private static final Set<Kind> SADDLES =
      Set.of(Kind.LOWER_SADDLES, Kind.RAISE_SADDLES, Kind.LET_IN_BRIDGE, Kind.PLATE_UNDER_BRIDGE);

  /** Each leaves the saddle where it is wanted, on the model; saddles only ever follow. */
  @Test
  void everyWayCarriedOutOnTheModelMends() {
    Random random = new Random(2611);
    int mended = 0;
    Set<Kind> offered = new java.util.TreeSet<>();
    for (int i = 0; i < 40; i++) {
      double joint = 420 + random.nextInt(30);
      double heel = joint + 60 + random.nextInt(30);
      Build build =
          pocketed("scale.length=655", "joint.x=" + joint, "heel.end=" + heel, "body.thickness=48");
      Plan plan = Plan.of(build, Demo.shop());
      double front = -value(plan, "pocket.depth.front");
      double end = -value(plan, "pocket.depth.end");
      SeatedNeck model =
          new SeatedNeck(
              joint,
              heel,
              655,
              front + 2.4 * random.nextDouble() - 1.2,
              end + 2.4 * random.nextDouble() - 1.2,
              HEEL,
              BOARD,
              FRET,
              OVER);
      if (model.standing() < 1 || model.straightedge() < 1) {
        continue;
      }
      Plan seated = read(build, model.standing(), model.straightedge());
      assertThat(value(seated, "proof.saddle")).isCloseTo(model.saddle(), within(1e-6));
      double wanted = value(seated, "saddle.height");
      for (Way way : SeatWays.of(seated)) {
        offered.add(way.kind());
        double after = model.carriedOut(way).saddle();
        if (SADDLES.contains(way.kind())) {
          assertThat(way.saddle()).as(way.kind().name()).isCloseTo(model.saddle(), within(1e-6));
        } else {
          // A neck leans by so little that its heel's height turns with it by a hundredth.
          assertThat(after).as(way.kind() + " of " + model).isCloseTo(wanted, within(0.08));
          mended++;
        }
      }
    }
    assertThat(mended).isGreaterThan(40);
    assertThat(offered)
        .contains(
            Kind.SHIM,
            Kind.DEEPEN,
            Kind.FLOOR_AT_EDGE,
            Kind.WEDGE_AT_END,
            Kind.FLOOR_AT_END,
            Kind.WEDGE_AT_EDGE,
            Kind.LOWER_SADDLES,
            Kind.RAISE_SADDLES);
  }

  private static final String[] ISSUE = {
    "scale.length=655", "joint.x=442", "heel.end=510", "saddle.height=17", "body.thickness=48"
  };

  private static Way way(List<Way> ways, Kind kind) {
    return ways.stream()
        .filter(w -> w.kind() == kind)
        .findFirst()
        .orElseThrow(() -> new AssertionError(kind + " in " + ways));
  }

  /** Scale 655, joint 442, heel 510: the saddle at 21.75 or 14.55 where 17 is wanted. */
  @Test
  void aWedgeLiftsTheJointAndADeeperFloorLetsItDown() {
    Build build = pocketed(ISSUE);
    Plan drawn = Plan.of(build, Demo.shop());
    double standing = value(drawn, "proof.standing-wanted");
    double straight = value(drawn, "proof.straightedge-wanted");
    List<Way> high = SeatWays.of(read(build, standing, straight + 4.75));
    assertThat(way(high, Kind.WEDGE_AT_EDGE).by()).isCloseTo(2.23, within(0.005));
    assertThat(way(high, Kind.FLOOR_AT_END).by()).isCloseTo(4.75 * 68 / 213, within(0.005));
    List<Way> low = SeatWays.of(read(build, standing, straight - 2.45));
    assertThat(way(low, Kind.FLOOR_AT_EDGE).by()).isCloseTo(1.15, within(0.005));
    assertThat(way(low, Kind.WEDGE_AT_END).by()).isCloseTo(2.45 * 68 / 213, within(0.005));
    assertThat(high).noneMatch(w -> w.kind() == Kind.DEEPEN || w.kind() == Kind.SHIM);
    assertThat(low).noneMatch(w -> w.kind() == Kind.DEEPEN || w.kind() == Kind.SHIM);
  }

  /** Fretboard drawn 1.0 above the body: at 0.0 it is too deep and is shimmed, at 2.0 deepened. */
  @Test
  void whatWasReadOffTheResultIsNeverAWishForTheCutThatMadeIt() {
    Build build = pocketed();
    Plan deep = Plan.of(build.withReading(Reading.of("pocket.exposed", 0, DAY)), Demo.shop());
    OutdatedCut tooDeep = OutdatedCut.of(deep, Route.of(deep)).get(0);
    assertThat(tooDeep.planned().value()).isEqualTo(21);
    assertThat(tooDeep.is()).isEqualTo(22);
    assertThat(tooDeep.sentence(roughcut.measure.Units.MM).toString())
        .contains("came out at 22.0 mm", "planned 21.0 mm", "1.00 mm too deep");
    assertThat(SeatWays.of(deep)).extracting(Way::kind).contains(Kind.SHIM, Kind.LOWER_SADDLES);
    assertThat(RecoveryOptions.of(deep, tooDeep).toString())
        .contains("Full-face shim of the neck's wood under the heel, 1.00 mm")
        .doesNotContain("further")
        .doesNotContain("deeper")
        .doesNotContain("Deepen");
    Plan shallow = Plan.of(build.withReading(Reading.of("pocket.exposed", 2, DAY)), Demo.shop());
    OutdatedCut tooShallow = OutdatedCut.of(shallow, Route.of(shallow)).get(0);
    assertThat(tooShallow.by()).isCloseTo(1, within(1e-9));
    assertThat(RecoveryOptions.of(shallow, tooShallow).toString())
        .contains(
            "Deepen the whole floor of the pocket, 1.00 mm",
            "Plane the whole underside of the heel")
        .doesNotContain("shim");
  }

  /** Once it is carried out the readings are asked for again; taken as it is, nothing is asked. */
  @Test
  void afterAWayOutNothingIsSaidOfIt() {
    Build build = pocketed();
    Plan deep = Plan.of(build.withReading(Reading.of("pocket.exposed", 0.4, DAY)), Demo.shop());
    for (Way way : SeatWays.of(deep)) {
      Build after = way.proposal().change().apply(deep.build());
      Plan plan = Plan.of(after, Demo.shop());
      assertThat(SeatWays.of(plan)).as(way.kind().name()).isEmpty();
      assertThat(OutdatedCut.of(plan, Route.of(plan))).as(way.kind().name()).isEmpty();
      assertThat(after.log().done(SeatWays.POCKET).orElseThrow().note()).isNotEmpty();
      assertThat(after.measured().containsKey("pocket.exposed"))
          .as(way.kind().name())
          .isEqualTo(SADDLES.contains(way.kind()));
    }
  }

  /** A floor that is thin already isn't cut deeper, and a neck that is glued in is left alone. */
  @Test
  void whatCantBeDoneIsntOffered() {
    Build thin = pocketed("body.thickness=32");
    Plan drawn = Plan.of(thin, Demo.shop());
    Plan high =
        read(
            thin,
            value(drawn, "proof.standing-wanted") + 1,
            value(drawn, "proof.straightedge-wanted") + 1);
    assertThat(SeatWays.of(high)).noneMatch(w -> w.kind() == Kind.DEEPEN);
    Build glued = Heron.lived(pocketed("neck.fixing=glued-in"), "done=neck.glue-in");
    Plan set = read(glued, 8, 20);
    assertThat(SeatWays.of(set)).allMatch(w -> SADDLES.contains(w.kind()));
  }

  /** A neck without a heel in a pocket is let down or lifted whole, and never turned. */
  @Test
  void nothingTurnsANeckThatHasNoHeel() {
    Seating through = new Seating(8, 0.02, 600, 0);
    assertThat(through.under(Seating.Where.HEEL_END, 1)).isNaN();
    assertThat(through.under(Seating.Where.BODY_EDGE, 1)).isNaN();
    assertThat(through.under(Seating.Where.FULL_FACE, 1)).isEqualTo(1);
    assertThat(through.raised(Seating.Where.FULL_FACE, 1).atSaddle())
        .isCloseTo(through.atSaddle() + 1, within(1e-9));
  }
}
