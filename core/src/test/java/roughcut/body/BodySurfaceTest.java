package roughcut.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.BodyFace;
import roughcut.geometry.Point;
import roughcut.plan.Plan;

class BodySurfaceTest {
  private static BodySurface surface(String... settings) {
    return Heron.with(settings).cuts().surface();
  }

  /** The top's middle rises from the body's beginning to the saddle line, in a straight line. */
  @Test
  void aRisingTopIsALineFromTheJointToTheSaddles() {
    Plan plan = Heron.with("body.carve-rise=8");
    BodySurface top = plan.cuts().surface();
    double from = roughcut.design.Decisions.JOINT_X.in(plan.build().design());
    double to = plan.frets().scale().value();
    assertThat(top.topPlane(from - 50)).isCloseTo(0, within(1e-9));
    assertThat(top.topPlane(from)).isCloseTo(0, within(1e-9));
    assertThat(top.topPlane((from + to) / 2)).isCloseTo(-4, within(1e-9));
    assertThat(top.topPlane(to)).isCloseTo(-8, within(1e-9));
    assertThat(top.topPlane(to + 70)).isCloseTo(-8, within(1e-9));
    assertThat(surface().topPlane(to)).isZero();
    assertThat(surface().flat()).isTrue();
    assertThat(top.flat()).isFalse();
  }

  /** A round-over is a quarter of a circle that touches face and side. */
  @Test
  void aRoundOverIsAQuarterOfACircle() {
    BodySurface round = surface("edge.round-top=5", "edge.round-back=9");
    for (double in = 0; in <= 12; in += 0.25) {
      for (BodyFace face : BodyFace.values()) {
        double r = face == BodyFace.TOP ? 5 : 9;
        double lost = round.edgeLoss(face, in);
        if (in >= r) {
          assertThat(lost).isZero();
        } else {
          assertThat(Math.hypot(r - in, r - lost)).isCloseTo(r, within(1e-9));
          assertThat(lost).isBetween(0.0, r);
        }
      }
    }
    assertThat(round.edgeReach(BodyFace.TOP)).isEqualTo(5);
    assertThat(round.edgeReach(BodyFace.BACK)).isEqualTo(9);
  }

  /** Carved from the ledge inwards: all of the drop at the edge, half of it halfway, then none. */
  @Test
  void aCarvedEdgeFallsFromItsLedge() {
    BodySurface carved = surface("carve.drop=10", "carve.width=60", "carve.ledge=6");
    assertThat(carved.carved(0)).isEqualTo(10);
    assertThat(carved.carved(6)).isEqualTo(10);
    assertThat(carved.carved(33)).isCloseTo(5, within(1e-9));
    assertThat(carved.carved(60)).isCloseTo(0, within(1e-9));
    assertThat(carved.carved(90)).isCloseTo(0, within(1e-9));
    double before = 10;
    for (double in = 0; in < 70; in += 0.5) {
      assertThat(carved.carved(in)).isLessThanOrEqualTo(before + 1e-12);
      before = carved.carved(in);
    }
  }

  /** At a place the face has lost what its edge and all its contours take, and nothing else. */
  @Test
  void aFaceIsThePlaneLessAllThatIsTakenOff() {
    BodySurface body =
        surface(
            "arm.depth=6",
            "belly.depth=8",
            "edge.round-top=4",
            "edge.round-back=3",
            "carve.drop=5");
    assertThat(body.contours()).hasSize(2);
    int shaped = 0;
    for (double x = 450; x < 830; x += 13) {
      for (double y = -160; y < 160; y += 11) {
        if (!body.edge().shape().contains(new Point(x, y))) {
          continue;
        }
        double in = body.edge().inside(new Point(x, y));
        for (BodyFace face : BodyFace.values()) {
          double lost = 0;
          for (Contour contour : body.contours()) {
            lost += contour.face() == face ? contour.at(x, y) : 0;
          }
          lost += in < 60 ? body.edgeLoss(face, in) : 0;
          double z = face == BodyFace.TOP ? lost : body.thickness() - lost;
          assertThat(body.at(face, x, y)).isCloseTo(z, within(1e-9));
          shaped += lost > 0.1 ? 1 : 0;
        }
      }
    }
    assertThat(shaped).isGreaterThan(100);
  }
}
