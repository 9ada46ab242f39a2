package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.plan.Plan;
import roughcut.record.Build;

class PocketTest {
  private static Clearance floor(Plan plan) {
    return plan.clearances().stream()
        .filter(s -> s.kind().id().equals("pocket.floor"))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void pocketFollowsHeelAngleAndBody() {
    Plan plan =
        Heron.with(
            "heights.solve-for=saddle",
            "heel.thickness=22",
            "pocket.exposed=3",
            "neck.angle=2",
            "body.thickness=44",
            "joint.x=430",
            "heel.end=500");
    assertThat(value(plan, "pocket.depth.front")).isCloseTo(19, within(1e-9));
    assertThat(value(plan, "pocket.depth.end"))
        .isCloseTo(19 - 70 * Math.tan(Math.toRadians(2)), within(1e-9));
    assertThat(value(plan, "pocket.floor")).isCloseTo(25, within(1e-9));
    assertThat(value(plan, "pocket.heel-gap"))
        .isCloseTo(22 * Math.sin(Math.toRadians(2)), within(1e-9));
    Pocket pocket = plan.cuts().pocket().orElseThrow();
    assertThat(pocket.depthAt(430)).isCloseTo(19, within(1e-9));
    assertThat(pocket.depthAt(500)).isCloseTo(value(plan, "pocket.depth.end"), within(1e-9));
  }

  @Test
  void pocketIsTheRealNecksEdgesAndTheClearance() {
    Plan plan = Heron.with("pocket.clearance=0.2", "pocket.corners=chisel");
    Outline shape = plan.cuts().pocket().orElseThrow().cut().steps().get(0).outline();
    double half = plan.neck().halfWidth(432);
    assertThat(shape.bounds().left()).isCloseTo(432, within(1e-9));
    assertThat(shape.bounds().right()).isCloseTo(500.2, within(1e-9));
    assertThat(shape.spans(432.001, true).get(0)[1]).isCloseTo(half + 0.2, within(0.001));
    Plan measured = Plan.of(Heron.build(), Demo.shop());
    Outline wide = measured.cuts().pocket().orElseThrow().cut().steps().get(0).outline();
    assertThat(wide.bounds().height())
        .as("the fretboard came out wider, and the pocket with it")
        .isGreaterThan(
            Heron.with()
                .cuts()
                .pocket()
                .orElseThrow()
                .cut()
                .steps()
                .get(0)
                .outline()
                .bounds()
                .height());
    Outline round =
        Heron.with("pocket.corner-radius=6.35")
            .cuts()
            .pocket()
            .orElseThrow()
            .cut()
            .steps()
            .get(0)
            .outline();
    // two round corners of nearly a right angle each lack (1 − π/4)·r²
    assertThat(
            Heron.with("pocket.corners=chisel")
                    .cuts()
                    .pocket()
                    .orElseThrow()
                    .cut()
                    .steps()
                    .get(0)
                    .outline()
                    .area()
                - round.area())
        .isCloseTo(2 * (1 - Math.PI / 4) * 6.35 * 6.35, within(0.8));
  }

  @Test
  void boltsReachThroughPlateAndFloorIntoTheHeel() {
    Plan plan =
        Heron.with(
            "heights.solve-for=saddle",
            "neck.angle=0",
            "heel.thickness=22",
            "pocket.exposed=1",
            "body.thickness=44",
            "bolt.plate=2",
            "bolt.counterbore=5",
            "bolt.bite=16");
    // floor 23, less the counterbore; the plate lies on the finish
    assertThat(value(plan, "bolt.length")).isCloseTo(2 + 0.15 + 23 - 5 + 16, within(1e-9));
    assertThat(value(plan, "bolt.tip-clearance")).isCloseTo(6, within(1e-9));
    double into = value(Heron.with("bolt.reach=into-fretboard"), "bolt.tip-clearance");
    assertThat(into)
        .as("through the glue line up to the slots, when that is chosen")
        .isCloseTo(6 + Heron.with().fretboard().slots().least().under().value(), within(1e-9));
  }

  @Test
  void aFloorUnderABoltedPocketIsHeldAgainstTheScrew() {
    assertThat(floor(Heron.with("body.thickness=36.7")).state()).isEqualTo(Clearance.State.LOOK);
    assertThat(floor(Heron.with("body.thickness=36.8")).state()).isEqualTo(Clearance.State.CLEAR);
    assertThat(floor(Heron.with("body.thickness=32")).state()).isEqualTo(Clearance.State.STOP);
    assertThat(floor(Heron.with("body.thickness=32", "neck.fixing=glued-in")).state())
        .as("glued: 11 is under 12")
        .isEqualTo(Clearance.State.LOOK);
  }

  private static boolean said(Plan plan, String words) {
    return plan.findings().stream().anyMatch(f -> f.stops() && f.words().contains(words));
  }

  /** A square heel in round corners can't reach the pocket's end. */
  @Test
  void aSquareHeelInRoundCornersIsSaid() {
    assertThat(
            said(
                Heron.with("pocket.corners=small-cutter", "pocket.corner-radius=6.35"),
                "leaves a gap of"))
        .isTrue();
    assertThat(
            said(
                Heron.with("pocket.corners=small-cutter", "pocket.corner-radius=1"),
                "leaves a gap of"))
        .isFalse();
    for (String way : new String[] {"chisel", "round-heel"}) {
      assertThat(
              said(
                  Heron.with("pocket.corners=" + way, "pocket.corner-radius=6.35"),
                  "leaves a gap of"))
          .as(way)
          .isFalse();
    }
  }

  /** A fretboard that is let in and runs on beyond the pocket lies in the body's wood. */
  @Test
  void aLetInFretboardBeyondThePocketIsSaid() {
    String beyond = "beyond the pocket, ";
    String[] letIn = {"heights.solve-for=saddle", "pocket.exposed=-2", "neck.angle=0"};
    Plan plan = Heron.with(letIn[0], letIn[1], letIn[2], "heel.end=460");
    double end = plan.taper().end().value();
    boolean rout = plan.cuts().cut("neck").isPresent();
    assertThat(rout).isTrue();
    double pickup = plan.cuts().cut("neck").orElseThrow().steps().get(0).bounds().left();
    assertThat(said(plan, beyond)).isEqualTo(Math.min(pickup, end) > 461);
    assertThat(said(Heron.with(letIn[0], letIn[1], letIn[2], "heel.end=" + (end + 5)), beyond))
        .isFalse();
    assertThat(said(Heron.with(letIn[0], "pocket.exposed=1", letIn[2], "heel.end=460"), beyond))
        .isFalse();
    // Leaning back it rises: 1 mm let in at the body's edge is out of the wood before the end.
    assertThat(
            said(Heron.with(letIn[0], "pocket.exposed=-1", "neck.angle=4", "heel.end=460"), beyond))
        .isFalse();
  }

  /** A chamber is closed by the top: a fretboard let in over it lies in wood all the same. */
  @Test
  void overAChamberThereIsWood() {
    Build heron = Heron.build().asDesigned();
    List<Fitting> fittings =
        new ArrayList<>(
            heron.design().fittings().stream().filter(f -> !f.name().equals("neck")).toList());
    String[] letIn = {
      "heights.solve-for=saddle", "pocket.exposed=-2", "neck.angle=0", "heel.end=460"
    };
    Design bare = Heron.set(heron.design().withFittings(fittings), letIn);
    assertThat(said(Plan.of(heron.withDesign(bare), Demo.shop()), "beyond the pocket, ")).isTrue();
    for (String kind : List.of("chamber", "box")) {
      List<Fitting> more = new ArrayList<>(fittings);
      more.add(new Fitting(FittingType.CAVITY, "hollow", kind));
      Design hollow =
          Heron.set(
              bare.withFittings(more),
              "cavity.hollow.x=465",
              "cavity.hollow.y=0",
              "cavity.hollow.length=50",
              "cavity.hollow.width=50");
      hollow = kind.equals("box") ? Heron.set(hollow, "cavity.hollow.face=top") : hollow;
      Plan plan = Plan.of(heron.withDesign(hollow), Demo.shop());
      assertThat(said(plan, "beyond the pocket, ")).as(kind).isEqualTo(kind.equals("chamber"));
    }
  }

  /** Each corner has its own radius: what a round one lacks of a square one, side by side. */
  @Test
  void aRadiusForEachCorner() {
    Plan same = Heron.with("pocket.corner-radius=6");
    assertThat(same.cuts().cut("pocket").orElseThrow().steps().get(0).outline().area())
        .as("the bass side follows until it is decided")
        .isCloseTo(
            area(Heron.with("pocket.corner-radius=6", "pocket.corner-radius-bass=6")),
            within(1e-9));
    Plan own = Heron.with("pocket.corner-radius=3", "pocket.corner-radius-bass=9");
    double square = area(Heron.with("pocket.corners=chisel"));
    assertThat(square - area(own)).isCloseTo((1 - Math.PI / 4) * (3 * 3 + 9 * 9), within(0.9));
    Outline shape = own.cuts().cut("pocket").orElseThrow().steps().get(0).outline();
    Bounds b = shape.bounds();
    assertThat(shape.contains(new Point(b.right() - 1.5, b.low() + 1.5))).as("bass, 9").isFalse();
    assertThat(shape.contains(new Point(b.right() - 1.5, b.high() - 1.5))).as("treble, 3").isTrue();
    assertThat(own.cuts().cut("pocket").orElseThrow().steps().get(0).corner())
        .as("the cutter has to fit the tighter one")
        .isEqualTo(3);
    assertThat(
            value(
                Heron.with(
                    "pocket.corners=small-cutter",
                    "pocket.corner-radius=1",
                    "pocket.corner-radius-bass=4"),
                "pocket.corner-mismatch"))
        .isEqualTo(4);
  }

  private static double area(Plan plan) {
    return plan.cuts().cut("pocket").orElseThrow().steps().get(0).outline().area();
  }
}
