package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.design.BodyFace;
import roughcut.geometry.Bounds;
import roughcut.geometry.Edge;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.plan.Plan;
import roughcut.record.Build;

class CavityCoverTest {
  private static CavityCover cover(Plan plan, String cavity) {
    return plan.cuts().covers().stream()
        .filter(c -> c.of().name().equals(cavity))
        .findFirst()
        .orElseThrow();
  }

  private static Outline wall(Plan plan) {
    List<RoutStep> steps = plan.cuts().cut("controls").orElseThrow().steps();
    return steps.get(steps.size() - 1).outline();
  }

  /** The distance to the wall the slow way: to every millimetre of its edges. */
  private static double toWall(Outline wall, Point p) {
    double least = Double.POSITIVE_INFINITY;
    List<Point> corners = wall.corners();
    for (int i = 0; i < corners.size(); i++) {
      Point a = corners.get(i);
      Point b = corners.get((i + 1) % corners.size());
      int pieces = (int) Math.ceil(a.distance(b) * 20) + 1;
      for (int k = 0; k <= pieces; k++) {
        least = Math.min(least, p.distance(a.towards(b, (double) k / pieces)));
      }
    }
    return least;
  }

  @Test
  void screwsStandOffTheWallByTheirLug() {
    for (double lug : new double[] {3.5, 5, 8}) {
      Plan plan = Heron.with("cavity.controls.lug=" + lug);
      CavityCover cover = cover(plan, "controls");
      assertThat(cover.screws()).hasSize(4);
      for (Point screw : cover.screws()) {
        assertThat(toWall(wall(plan), screw)).isCloseTo(lug, within(0.06));
      }
      assertThat(value(plan, "cavity.controls.screw-wall")).isCloseTo(lug - 1.25, within(1e-9));
      assertThat(cover.face()).isEqualTo(BodyFace.BACK);
    }
  }

  @Test
  void theLedgeIsWidenedRoundThemWhereItIsTooNarrow() {
    Plan narrow = Heron.with();
    Plan wide = Heron.with("cavity.controls.ledge=12");
    assertThat(cover(narrow, "controls").ledge().shapes()).hasSizeGreaterThan(4);
    assertThat(cover(wide, "controls").ledge().shapes())
        .as("wide enough by itself")
        .hasSizeLessThan(4);
    for (Point screw : cover(narrow, "controls").screws()) {
      Edge edge = new Edge(cover(narrow, "controls").ledge().outline());
      assertThat(edge.inside(screw)).as("a lug's radius round it").isGreaterThan(4.97);
    }
    assertThat(cover(narrow, "controls").ledge().corner())
        .as("no wider a cutter than goes into a lug")
        .isEqualTo(5);
    assertThat(cover(wide, "controls").ledge().corner()).isEqualTo(9.5 + 12);
  }

  @Test
  void aLedgesAreaIsThatOfItsOutlineAndNotOfItsPieces() {
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      for (CavityCover cover : Plan.of(build, Demo.shop()).cuts().covers()) {
        double whole = cover.ledge().outline().area();
        assertThat(cover.ledge().area()).as(build.name()).isCloseTo(whole, within(whole * 0.012));
      }
    }
  }

  @Test
  void theCoverLiesInTheLedgeWithItsGap() {
    Plan plan = Heron.with("cavity.controls.cover-gap=0.4");
    CavityCover cover = cover(plan, "controls");
    Edge ledge = new Edge(cover.ledge().outline());
    cover.outline().corners().forEach(p -> assertThat(ledge.inside(p)).isBetween(0.38, 0.42));
    Bounds b = cover.outline().bounds();
    assertThat(value(plan, "cavity.controls.cover-length")).isCloseTo(b.width(), within(0.02));
    assertThat(value(plan, "cavity.controls.cover-width")).isCloseTo(b.height(), within(0.02));
    assertThat(value(plan, "cavity.controls.screw-stop"))
        .as("through the cover into the wood")
        .isCloseTo(3 + 12, within(1e-9));
  }

  @Test
  void aPlainBoxHasAScrewInEachCorner() {
    Plan plan = Plan.of(Demo.dunlin(LocalDate.of(2026, 5, 4)), Demo.shop());
    CavityCover box = cover(plan, "battery");
    Point middle = box.ledge().outline().centre();
    assertThat(
            box.screws().stream()
                .map(
                    p -> (p.x() > middle.x() ? "back" : "front") + (p.y() > middle.y() ? "1" : "2"))
                .distinct())
        .hasSize(4);
  }

  @Test
  void withoutScrewsOrLedgeThereAreNone() {
    Plan clipped = Heron.with("cavity.controls.screws=0");
    assertThat(cover(clipped, "controls").screws()).isEmpty();
    assertThat(clipped.value("cavity.controls.screw-wall")).isEmpty();
    assertThat(clipped.cuts().cuts()).noneMatch(c -> c.name().startsWith("controls-screw"));
    Plan open = Heron.with("cavity.controls.ledge=0");
    assertThat(open.cuts().covers()).isEmpty();
  }

  @Test
  void screwsTooNearTheWallAreAThinSpotWithItsDecision() {
    Clearance clearance =
        Heron.with("cavity.controls.lug=2.5").clearances().stream()
            .filter(s -> s.left().id().equals("cavity.controls.screw-wall"))
            .findFirst()
            .orElseThrow();
    assertThat(clearance.state()).isEqualTo(Clearance.State.STOP);
    assertThat(clearance.left().value()).isCloseTo(1.25, within(1e-9));
    assertThat(clearance.changedBy().get(0)).isEqualTo("cavity.controls.lug");
  }
}
