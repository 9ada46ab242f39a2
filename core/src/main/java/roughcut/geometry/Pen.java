package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.measure.Precision;

/** Draws a path stretch by stretch. */
public final class Pen {
  private final List<Point> points = new ArrayList<>();
  private final List<Segment> segments = new ArrayList<>();

  /** Straight on to a place; the first one begins the path. */
  public Pen to(Point place) {
    last().filter(p -> p.distance(place) > 0).ifPresent(p -> segments.add(new Line(p, place)));
    points.add(place);
    return this;
  }

  /** Straight on to where an arc begins, and along it. */
  public Pen along(Arc arc) {
    return along(arc, arc.corners());
  }

  /** Straight on to where a curve begins, and along it. */
  public Pen along(Cubic curve) {
    return along(curve, curve.corners());
  }

  /** The same with a number of corners of one's own, equally far apart in the curve's parameter. */
  public Pen along(Cubic curve, int pieces) {
    return along(curve, Arcs.cubic(curve.a(), curve.b(), curve.c(), curve.d(), pieces));
  }

  private Pen along(Segment segment, List<Point> corners) {
    Point begin = corners.get(0);
    Optional<Point> last = last();
    boolean there = last.filter(p -> p.distance(begin) < Precision.NEAR).isPresent();
    if (!there) {
      to(begin);
    }
    segments.add(segment);
    points.addAll(corners.subList(1, corners.size()));
    return this;
  }

  private Optional<Point> last() {
    return points.isEmpty() ? Optional.empty() : Optional.of(points.get(points.size() - 1));
  }

  /** What was drawn. */
  public Path open() {
    return Path.known(points, false, segments);
  }

  /** What was drawn, closed with a straight line where it doesn't end where it began. */
  public Path closed() {
    Point first = points.get(0);
    Point last = points.get(points.size() - 1);
    boolean there = last.distance(first) < Precision.NEAR;
    List<Segment> all = new ArrayList<>(segments);
    if (!there) {
      all.add(new Line(last, first));
    }
    return Path.known(there ? points.subList(0, points.size() - 1) : points, true, all);
  }
}
