package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.body.BodySurface;
import roughcut.design.BodyFace;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Point3;
import roughcut.plan.Plan;

class EdgeBoreFacesTest {
  /** The faces over a jack's bore, walked from its mouth to its end along its axis. */
  @Test
  void theFacesOverABoreAreThoseOfAWalkAlongIt() {
    int carved = 0;
    for (String round : new String[] {"58", "64", "70"}) {
      for (String turn : new String[] {"-35", "0", "30"}) {
        Plan plan =
            Heron.with(
                "belly.depth=9",
                "belly.turn=-60",
                "belly.reach=120",
                "arm.depth=7",
                "arm.turn=45",
                "arm.reach=110",
                "jack.output.round=" + round,
                "jack.output.turn=" + turn);
        Cut jack = plan.cuts().cut("output").orElseThrow();
        Cylinder bore = jack.bores().get(0);
        BodySurface surface = plan.cuts().surface();
        double back = Double.POSITIVE_INFINITY;
        double top = Double.NEGATIVE_INFINITY;
        for (int i = 0; i <= 2000; i++) {
          Point3 at = bore.from().towards(bore.to(), i / 2000.0);
          if (!surface.edge().shape().contains(at.flat())
              || surface.edge().upTo(1.1, at.flat()) < 1) {
            continue;
          }
          back =
              Math.min(
                  back, surface.backPlane() - surface.contoured(BodyFace.BACK, at.x(), at.y()));
          top =
              Math.max(
                  top, surface.topPlane(at.x()) + surface.contoured(BodyFace.TOP, at.x(), at.y()));
        }
        double z = bore.from().z();
        double wood = Math.min(z - top, back - z) - bore.radius();
        assertThat(value(plan, "jack.walls")).as(round + " " + turn).isCloseTo(wood, within(0.15));
        carved += back < surface.backPlane() - 0.5 || top > 0.5 ? 1 : 0;
      }
    }
    assertThat(carved).as("where a contour comes over the bore").isGreaterThan(2);
  }
}
