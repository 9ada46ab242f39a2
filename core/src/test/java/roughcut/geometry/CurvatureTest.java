package roughcut.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class CurvatureTest {
  private static Point p(double x, double y) {
    return new Point(x, y);
  }

  /** A peanut of arcs: two lobes and the waist between them, whichever way round it is drawn. */
  @Test
  void lobesBulgeAndTheWaistIsHollow() {
    Outline lobes =
        Outline.union(
            List.of(
                Shapes.circle(p(0, 0), 60),
                Shapes.circle(p(90, 0), 45),
                Shapes.rounded(p(45, 0), 100, 50, 1, 0)));
    // Hollows rounded by growing and shrinking again: the tool's own radius is left in them.
    Outline rounded = lobes.buffer(12).shrink(12).get(0);
    for (Outline one : List.of(rounded, rounded.mirrored())) {
      Curvature found = Curvature.of(one.path(), false);
      assertThat(found.hollow()).isCloseTo(12, within(0.05));
      assertThat(found.bulge()).isCloseTo(45, within(0.05));
      assertThat(found.notch()).isFalse();
      assertThat(found.tightest()).isEqualTo(found.hollow());
    }
    assertThat(Curvature.of(lobes.path(), false).notch()).as("where the lobes meet").isTrue();
  }

  /** Along a curve the least radius is that of the circle through three places close by. */
  @Test
  void curvesBendAsTheCircleThroughThreePlaces() {
    Cubic curve = new Cubic(p(0, 0), p(40, 90), p(60, -70), p(120, 20));
    double left = Double.POSITIVE_INFINITY;
    double right = Double.POSITIVE_INFINITY;
    double step = 1e-4;
    for (double t = step; t < 1 - step; t += step) {
      Point a = curve.at(t - step);
      Point b = curve.at(t);
      Point c = curve.at(t + step);
      double twice = (b.x() - a.x()) * (c.y() - a.y()) - (c.x() - a.x()) * (b.y() - a.y());
      double radius = a.distance(b) * b.distance(c) * c.distance(a) / (2 * Math.abs(twice));
      if (twice > 0) {
        left = Math.min(left, radius);
      } else {
        right = Math.min(right, radius);
      }
    }
    Path round =
        Path.of(
            List.of(
                curve,
                new Line(p(120, 20), p(120, 300)),
                new Line(p(120, 300), p(0, 300)),
                new Line(p(0, 300), p(0, 0))),
            true);
    Curvature found = Curvature.of(round, false);
    assertThat(found.bulge()).isCloseTo(left, within(0.001));
    assertThat(found.hollow()).isCloseTo(right, within(0.001));
  }

  @Test
  void aSquareBendsNowhereAndACrossHasNotches() {
    Curvature square = Curvature.of(Outline.rectangle(0, 0, 10, 10).path(), false);
    assertThat(square.tightest()).isInfinite();
    assertThat(square.notch()).isFalse();
    Outline step = Outline.of(p(0, 0), p(20, 0), p(20, 10), p(10, 10), p(10, 20), p(0, 20));
    assertThat(Curvature.of(step.path(), false).notch()).isTrue();
  }

  /** A body drawn round, without a line across, keeps its last curve. */
  @Test
  void aLastCurveIsNoBridge() {
    Path lens =
        Path.of(
            List.of(
                new Arc(p(0, -40), 50, Math.atan2(40, 30), Math.PI - 2 * Math.atan2(40, 30)),
                new Arc(p(0, 0), 30, Math.PI, Math.PI)),
            true);
    assertThat(Curvature.of(lens, true).bulge()).as("its last stretch").isCloseTo(30, within(1e-9));
  }

  /** The line across the neck has two sharp corners that are no part of the curve. */
  @Test
  void theBridgeIsLeftOut() {
    Path half =
        Path.of(List.of(new Arc(p(0, 0), 50, 0, -Math.PI), new Line(p(-50, 0), p(50, 0))), true);
    assertThat(Curvature.of(half, true))
        .isEqualTo(new Curvature(50, Double.POSITIVE_INFINITY, false));
  }
}
