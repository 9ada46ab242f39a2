package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.geometry.Cubic;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;

/** The head's face: what each side reaches, against places stepped along its curves. */
class HeadFaceTest {
  private static final HeadFace FACE = HeadFace.of(21.6, 185, 80);

  /** How far a side reaches by thousands of places on its curves. */
  private static double stepped(HeadFace face, int side, double along) {
    double best = Double.POSITIVE_INFINITY;
    double reach = Double.NaN;
    for (HeadFace.Stretch stretch : face.round()) {
      Cubic curve = stretch.curve();
      for (int i = 0; i <= 20_000; i++) {
        Point p = curve.at(i / 20_000.0);
        double off = Math.abs(p.x() - along);
        if (side * p.y() > 0 && off < best) {
          best = off;
          reach = side * p.y();
        }
      }
    }
    return reach;
  }

  @Test
  void eachSideReachesAsFarAsItsCurve() {
    for (double along : new double[] {5, 20, 50, 90, 130, 160, 175}) {
      for (int side : new int[] {-1, 1}) {
        assertThat(FACE.reach(side, along))
            .as("%s at %s", side, along)
            .isCloseTo(stepped(FACE, side, along), within(0.05));
      }
      assertThat(FACE.narrower(along)).isCloseTo(FACE.wider(along), within(1e-9));
    }
    assertThat(FACE.reach(1, 0.27 * 185)).isCloseTo(40, within(0.01));
    assertThat(FACE.reach(1, 0)).isCloseTo(21.6, within(1e-9));
    assertThat(FACE.reach(1, 185)).isPositive();
    assertThat(FACE.reach(1, 400)).isPositive();
  }

  private static HeadFace.Stretch straight(Point a, Point d) {
    return new HeadFace.Stretch(
        new Cubic(a, a.towards(d, 1 / 3.0), a.towards(d, 2 / 3.0), d), true);
  }

  /** A face whose bass side is narrower has its two reaches, and pins keep off the wider one. */
  @Test
  void anUnsymmetricalFaceHasTwoReaches() {
    HeadFace face =
        HeadFace.of(
            List.of(
                straight(new Point(0, -20), new Point(180, -12)),
                straight(new Point(180, -12), new Point(180, 30)),
                straight(new Point(180, 30), new Point(0, 24))));
    assertThat(face.reach(-1, 90)).isCloseTo(16, within(1e-9));
    assertThat(face.reach(1, 90)).isCloseTo(27, within(1e-9));
    assertThat(face.narrower(90)).isCloseTo(16, within(1e-9));
    assertThat(face.wider(90)).isCloseTo(27, within(1e-9));
  }

  /** Seen from above a leaning face is shorter and as wide, and its curves are curves still. */
  @Test
  void seenAslantItKeepsItsCurves() {
    double cos = Math.cos(Math.toRadians(13));
    Outline seen = FACE.seen(p -> new Point(-p.x() * cos, p.y()));
    assertThat(seen.bounds().width()).isCloseTo(185 * cos, within(1e-6));
    assertThat(seen.bounds().height()).isCloseTo(80, within(1e-3));
    assertThat(Math.abs(seen.path().directedArea()))
        .isCloseTo(Math.abs(FACE.outline().path().directedArea()) * cos, within(1e-3));
    assertThat(seen.path().segments()).hasSize(7);
  }

  @Test
  void bothSidesAreMirrorImages() {
    List<Point> corners = FACE.outline().corners();
    for (Point p : corners) {
      assertThat(corners).anyMatch(q -> q.distance(new Point(p.x(), -p.y())) < 1e-9);
    }
  }
}
