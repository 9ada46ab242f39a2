package roughcut.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.body.BodySurface;
import roughcut.design.BodyFace;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Prism;
import roughcut.plan.Plan;
import roughcut.rout.Cut;
import roughcut.rout.RoutStep;

class SurfaceGapTest {
  /** The face sampled every half millimetre, each place's way to a level-floored rout by hand. */
  private static double slow(Cut cut, BodySurface surface, BodyFace face, double step) {
    double best = Double.POSITIVE_INFINITY;
    for (RoutStep one : cut.steps()) {
      for (Prism prism : one.solids()) {
        Outline shape = new Outline(prism.corners());
        Bounds b = shape.bounds().expanded(14);
        for (double x = b.left(); x <= b.right(); x += step) {
          for (double y = b.low(); y <= b.high(); y += step) {
            if (surface.contoured(face, x, y) <= 0) {
              continue;
            }
            double z =
                face == BodyFace.BACK
                    ? surface.thickness() - surface.contoured(face, x, y)
                    : surface.topPlane(x) + surface.contoured(face, x, y);
            Point p = new Point(x, y);
            double aside = shape.contains(p) ? 0 : shape.edgeDistance(p);
            double up = face == BodyFace.BACK ? z - prism.floor() : prism.floor() - z;
            best = Math.min(best, aside == 0 ? up : Math.hypot(aside, Math.max(0, up)));
          }
        }
      }
    }
    return best;
  }

  private static void agrees(Plan plan, String name, BodyFace face) {
    Cut cut = plan.cuts().cut(name).orElseThrow();
    double found = Heron.value(plan, "rout." + name + ".surface");
    double slow = slow(cut, plan.cuts().surface(), face, 0.5);
    assertThat(found).isLessThanOrEqualTo(slow + 0.01);
    assertThat(slow).isCloseTo(found, within(0.05));
  }

  @Test
  void aBellyContourUnderAPickup() {
    Plan plan =
        Heron.with("belly.depth=26", "belly.reach=150", "belly.length=260", "rout.bridge.depth=16");
    agrees(plan, "bridge", BodyFace.BACK);
  }

  @Test
  void anArmContourOverABatteryBox() {
    Plan plan =
        Heron.with("arm.depth=24", "arm.reach=150", "arm.turn=60", "cavity.controls.left=14");
    agrees(plan, "controls", BodyFace.TOP);
  }

  @Test
  void aCavityUnderACarvedTopIsHeldAgainstTheCarve() {
    Plan flat = Heron.with();
    assertThat(flat.value("rout.controls.surface")).isEmpty();
    Plan carved = Heron.with("carve.drop=12", "carve.width=90", "cavity.controls.left=14");
    double gap = Heron.value(carved, "rout.controls.surface");
    assertThat(gap).isBetween(0.0, 14.0);
    // by hand: the nearest of all places between the rout and the edge
    Cut cut = carved.cuts().cut("controls").orElseThrow();
    BodySurface surface = carved.cuts().surface();
    double best = Double.POSITIVE_INFINITY;
    for (RoutStep step : cut.steps()) {
      double inside = surface.edge().nearest(step.outline()).distance();
      double floor = step.solids().get(0).floor();
      for (double u = 0; u <= inside; u += 0.01) {
        best = Math.min(best, Math.hypot(inside - u, Math.max(0, floor - surface.carved(u))));
      }
    }
    assertThat(gap).isCloseTo(best, within(0.05));
  }

  @Test
  void surfacesAreWhatTheDecisionsSay() {
    BodySurface arm = Heron.with("arm.depth=12", "arm.reach=80", "arm.turn=-90").cuts().surface();
    var contour = arm.contours().get(0);
    Point out = contour.outermost();
    assertThat(contour.at(out.x(), out.y())).isCloseTo(12, within(1e-9));
    assertThat(contour.at(out.x(), out.y() + 40)).isCloseTo(6, within(1e-9));
    assertThat(contour.at(out.x(), out.y() + 80)).isZero();
    BodySurface round = Heron.with("edge.round-top=6").cuts().surface();
    assertThat(round.edgeLoss(BodyFace.TOP, 0)).isCloseTo(6, within(1e-9));
    assertThat(round.edgeLoss(BodyFace.TOP, 6)).isZero();
    assertThat(round.edgeLoss(BodyFace.TOP, 6 - 6 / Math.sqrt(2)))
        .as("halfway round")
        .isCloseTo(6 - 6 / Math.sqrt(2), within(1e-9));
    BodySurface carve =
        Heron.with("carve.drop=10", "carve.width=60", "carve.ledge=6").cuts().surface();
    assertThat(carve.carved(3)).isEqualTo(10);
    assertThat(carve.carved(33)).isCloseTo(5, within(1e-9));
    assertThat(carve.carved(60)).isCloseTo(0, within(1e-9));
  }
}
