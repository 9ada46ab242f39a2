package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.bench.Bench;
import roughcut.bench.Operation;
import roughcut.bench.OutdatedCut;
import roughcut.bench.Route;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.geometry.Point;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Proposal;
import roughcut.record.Reading;
import roughcut.whatif.RecoveryOptions;

/** Where things were cut: a design that moves away from a hole says so, and the hole stays. */
class CutLocationsTest {
  private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 4, 12, 0);

  private static Build cut(Build build, String operation) {
    Plan plan = Plan.of(build, Demo.shop());
    Bench bench = Bench.of(plan, NOW);
    Operation op = bench.step(operation).orElseThrow().operation();
    return bench.done(build, op, Duration.ZERO, "", "a test");
  }

  private static List<OutdatedCut> spoiled(Build build) {
    Plan plan = Plan.of(build, Demo.shop());
    return OutdatedCut.of(plan, Route.of(plan));
  }

  private static Point bore(Plan plan, String cut) {
    return plan.cuts().cut(cut).orElseThrow().bores().get(0).from().flat();
  }

  private static double decided(Build build, String id) {
    return ((NumberDecision) Decisions.find(build.design(), id).orElseThrow()).in(build.design());
  }

  private static Build moved(Build build, String... settings) {
    return build.withDesign(Heron.set(build.design(), settings));
  }

  /** The volume control moved by 8 after its bore: said, by how much, and what would mend it. */
  @Test
  void aControlMovedAfterItsBore() {
    Build bored = cut(Heron.build().asDesigned(), "body.cut.volume");
    Plan before = Plan.of(bored, Demo.shop());
    double x = decided(bored, "control.volume.x");
    Build later = moved(bored, "control.volume.x=" + (x + 8));
    Plan after = Plan.of(later, Demo.shop());
    assertThat(bore(after, "volume"))
        .as("the hole stays where it is")
        .isEqualTo(bore(before, "volume"));
    OutdatedCut aside =
        spoiled(later).stream()
            .filter(s -> s.planned().id().equals(CutLocations.along("volume")))
            .findFirst()
            .orElseThrow();
    assertThat(aside.by()).isCloseTo(8, within(1e-6));
    assertThat(aside.sentence(roughcut.measure.Units.MM).toString())
        .endsWith("8.00 mm away from its planned position");
    List<Proposal> ways = RecoveryOptions.of(after, aside);
    assertThat(ways.toString()).contains("plug it with the same wood", "Let the design follow");
    for (Proposal way : ways) {
      Build mended = way.change().apply(later);
      assertThat(spoiled(mended))
          .as(way.words())
          .noneMatch(s -> s.planned().id().equals(CutLocations.along("volume")));
    }
    Build plugged =
        ways.stream()
            .filter(w -> w.words().startsWith("plug"))
            .findFirst()
            .orElseThrow()
            .change()
            .apply(later);
    assertThat(bore(Plan.of(plugged, Demo.shop()), "volume").x())
        .as("bored again where it is drawn")
        .isCloseTo(bore(before, "volume").x() + 8, within(1e-6));
  }

  /** The neck pickup by 5 after its rout, and the body's joint after everything. */
  @Test
  void aPickupMovedAfterItsRoutAndTheJointAfterEverything() {
    Build routed = cut(Heron.build().asDesigned(), "body.cut.neck");
    Plan before = Plan.of(routed, Demo.shop());
    double from = decided(routed, "pickup.neck.from-saddle");
    Build later = moved(routed, "pickup.neck.from-saddle=" + (from - 5));
    assertThat(spoiled(later))
        .filteredOn(s -> s.planned().id().equals(CutLocations.along("neck")))
        .singleElement()
        .satisfies(s -> assertThat(Math.abs(s.by())).isCloseTo(5, within(0.02)));
    Build joint = moved(routed, "joint.x=436");
    assertThat(spoiled(joint))
        .as("the body begins elsewhere, and the rout isn't where the pickup is")
        .anyMatch(s -> s.planned().id().equals(CutLocations.along("neck")) && Math.abs(s.by()) > 3);
  }

  @Test
  void boltsMovedAfterTheirPilots() {
    Build piloted = cut(Heron.build().asDesigned(), "bolt.pilots");
    double first = decided(piloted, "bolt.first");
    List<OutdatedCut> off = spoiled(moved(piloted, "bolt.first=" + (first + 3)));
    assertThat(off)
        .filteredOn(s -> s.operation().id().equals("bolt.pilots"))
        .anyMatch(
            s ->
                s.planned().id().startsWith("place.bolt-")
                    && Math.abs(Math.abs(s.by()) - 3) < 1e-6);
  }

  /** A hole read to be 3 aside is 3 aside for everything: drawings, walls and weights. */
  @Test
  void aHoleThatCameOutAsideIsThereForAllThatFollows() {
    Build bored = cut(Heron.build().asDesigned(), "body.cut.volume");
    Plan drawn = Plan.of(bored, Demo.shop());
    double aside = Heron.value(drawn, CutLocations.offsetFromCentre("volume"));
    Build read =
        bored.withReading(Reading.of(CutLocations.offsetFromCentre("volume"), aside + 3, NOW));
    Plan plan = Plan.of(read, Demo.shop());
    assertThat(bore(plan, "volume").y()).isCloseTo(bore(drawn, "volume").y() + 3, within(1e-9));
    assertThat(bore(plan, "volume").x()).isEqualTo(bore(drawn, "volume").x());
    assertThat(spoiled(read))
        .filteredOn(s -> s.planned().id().equals(CutLocations.offsetFromCentre("volume")))
        .singleElement()
        .satisfies(
            s -> {
              assertThat(s.read()).isTrue();
              assertThat(s.is()).isCloseTo(aside + 3, within(1e-9));
              assertThat(s.planned().value()).isCloseTo(aside, within(1e-9));
            });
  }

  /** A leaning floor goes along with its rout: as deep at its own ends as before. */
  @Test
  void aTiltedPocketReadAsideKeepsItsDepths() {
    Build build = Heron.build().asDesigned();
    Plan drawn = Plan.of(build, Demo.shop());
    double along = Heron.value(drawn, CutLocations.along("pocket"));
    Plan read =
        Plan.of(
            build.withReading(Reading.of(CutLocations.along("pocket"), along + 2, NOW)),
            Demo.shop());
    double joint = drawn.neck().joint().value();
    for (double x : new double[] {joint, joint + 30, joint + 60}) {
      assertThat(read.cuts().pocket().orElseThrow().depthAt(x + 2))
          .isCloseTo(drawn.cuts().pocket().orElseThrow().depthAt(x), within(1e-9));
    }
  }

  /** What is set says where from, what can be touched: the body's edge and the centre line. */
  @Test
  void everyBoreIsPlacedFromWhatCanBeTouched() {
    for (Build build : Demo.builds(NOW.toLocalDate())) {
      Plan plan = Plan.of(build.asDesigned().withLog(roughcut.record.Log.NONE), Demo.shop());
      double joint = plan.neck().joint().value();
      for (Cut cut : plan.cuts().cuts()) {
        if (cut.kind() == CutKind.RELIEF || cut.bores().isEmpty()) {
          continue;
        }
        Point at = cut.bores().get(0).from().flat();
        assertThat(Heron.value(plan, CutLocations.along(cut.name())))
            .isCloseTo(at.x() - joint, within(1e-9));
        assertThat(Heron.value(plan, CutLocations.offsetFromCentre(cut.name())))
            .isCloseTo(at.y(), within(1e-9));
        Operation op = Route.of(plan).find(DoneOperation.cut(cut.row())).orElseThrow();
        assertThat(op.settings())
            .contains(CutLocations.along(cut.name()), CutLocations.offsetFromCentre(cut.name()));
      }
    }
  }
}
