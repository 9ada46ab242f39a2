package roughcut.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;

/** Shapes moved, turned, mirrored and doubled keep what they should; the quick way is the slow. */
class ShapeProperties {
  /** Stars about the origin, from spiky to round. */
  @Provide
  Arbitrary<Outline> stars() {
    return Arbitraries.doubles()
        .between(10, 80)
        .list()
        .ofMinSize(3)
        .ofMaxSize(24)
        .map(
            radii -> {
              List<Point> points = new ArrayList<>();
              for (int i = 0; i < radii.size(); i++) {
                double turn = 2 * Math.PI * i / radii.size();
                points.add(new Point(radii.get(i) * Math.cos(turn), radii.get(i) * Math.sin(turn)));
              }
              return new Outline(points);
            });
  }

  @Property
  void areaAndMiddleGoAlongWithTheShape(
      @ForAll("stars") Outline shape,
      @ForAll @DoubleRange(min = -3, max = 3) double turn,
      @ForAll @DoubleRange(min = -500, max = 500) double dx,
      @ForAll @DoubleRange(min = -500, max = 500) double dy) {
    Outline moved = shape.turned(new Point(0, 0), turn, dx, dy);
    Point c = shape.centre();
    double x = c.x() * Math.cos(turn) - c.y() * Math.sin(turn) + dx;
    double y = c.x() * Math.sin(turn) + c.y() * Math.cos(turn) + dy;
    assertThat(moved.area()).isCloseTo(shape.area(), within(1e-6));
    assertThat(moved.centre().distance(new Point(x, y))).isLessThan(1e-6);
    assertThat(moved.perimeter()).isCloseTo(shape.perimeter(), within(1e-6));
    assertThat(shape.mirrored().area()).isCloseTo(shape.area(), within(1e-9));
    assertThat(shape.mirrored().mirrored().corners().get(1).distance(shape.corners().get(1)))
        .isLessThan(1e-9);
  }

  /** Twice as large: four times the area, twice the way round. */
  @Property
  void doubledItIsFourTimesAsMuch(@ForAll("stars") Outline shape) {
    Outline twice =
        new Outline(shape.corners().stream().map(p -> new Point(2 * p.x(), 2 * p.y())).toList());
    assertThat(twice.area()).isCloseTo(4 * shape.area(), within(1e-6));
    assertThat(twice.perimeter()).isCloseTo(2 * shape.perimeter(), within(1e-6));
    assertThat(twice.edgeDistance(new Point(0, 0)))
        .isCloseTo(2 * shape.edgeDistance(new Point(0, 0)), within(1e-9));
  }

  /** A line's spans add up to the shape, and hold what the shape holds. */
  @Property
  void spansAreTheShapeLineByLine(
      @ForAll("stars") Outline shape,
      @ForAll @DoubleRange(min = -85, max = 85) double x,
      @ForAll @DoubleRange(min = -85, max = 85) double y) {
    boolean along = shape.spans(y).stream().anyMatch(s -> x > s[0] && x < s[1]);
    boolean upright = shape.spans(x, true).stream().anyMatch(s -> y > s[0] && y < s[1]);
    assertThat(along).isEqualTo(upright).isEqualTo(shape.contains(new Point(x, y)));
    for (double[] span : shape.spans(y)) {
      assertThat(span[0]).isLessThanOrEqualTo(span[1]);
    }
    double step = 0.25;
    double sum = 0;
    for (double line = -80 + step / 2; line < 80; line += step) {
      for (double[] span : shape.spans(line, true)) {
        sum += (span[1] - span[0]) * step;
      }
    }
    assertThat(sum).isCloseTo(shape.area(), within(shape.area() * 0.01 + 1));
  }

  /** The distance to the edge is the least to any of its points, walked in small steps. */
  @Property(tries = 120)
  void theEdgeIsAsNearAsItsNearestPoint(
      @ForAll("stars") Outline shape,
      @ForAll @DoubleRange(min = -120, max = 120) double x,
      @ForAll @DoubleRange(min = -120, max = 120) double y) {
    Point place = new Point(x, y);
    double walked = Double.POSITIVE_INFINITY;
    List<Point> p = shape.corners();
    for (int i = 0; i < p.size(); i++) {
      for (int k = 0; k <= 400; k++) {
        walked =
            Math.min(
                walked, p.get(i).towards(p.get((i + 1) % p.size()), k / 400.0).distance(place));
      }
    }
    assertThat(shape.edgeDistance(place)).isLessThanOrEqualTo(walked + 1e-9);
    assertThat(shape.edgeDistance(place)).isCloseTo(walked, within(0.2));
    assertThat(Math.abs(new Edge(shape).inside(place)))
        .isCloseTo(shape.edgeDistance(place), within(1e-9));
  }

  /** Beside its corners, too, where a line to the right just meets or just misses two sides. */
  @Property
  void theEdgeHoldsWhatTheShapeHolds(
      @ForAll("stars") Outline shape,
      @ForAll @DoubleRange(min = -120, max = 120) double x,
      @ForAll @DoubleRange(min = -120, max = 120) double y) {
    Edge edge = new Edge(shape);
    assertThat(edge.contains(new Point(x, y))).isEqualTo(shape.contains(new Point(x, y)));
    for (Point corner : shape.corners()) {
      Point level = new Point(x, corner.y());
      assertThat(edge.contains(level)).isEqualTo(shape.contains(level));
      Point upright = new Point(corner.x(), y);
      assertThat(edge.contains(upright)).isEqualTo(shape.contains(upright));
    }
  }

  /** Shrunk, every corner that is left stands as far in as was asked, and none further out. */
  @Property(tries = 120)
  void whatIsShrunkLiesThatFarIn(
      @ForAll("stars") Outline shape, @ForAll @DoubleRange(min = 0.5, max = 12) double by) {
    for (Outline piece : shape.shrink(by)) {
      for (Point p : piece.corners()) {
        assertThat(shape.contains(p)).isTrue();
        assertThat(shape.edgeDistance(p)).isCloseTo(by, within(by * 0.02 + 0.01));
      }
    }
    Outline grown = shape.buffer(by);
    assertThat(grown.covers(shape)).isTrue();
    assertThat(grown.area()).isGreaterThan(shape.area() + shape.perimeter() * by * 0.3);
  }
}
