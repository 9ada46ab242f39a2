package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Plain shapes that routs and plates have, seen from above. */
public final class Shapes {
  private static final GeometryFactory FACTORY = new GeometryFactory();

  private Shapes() {}

  public static Outline circle(Point centre, double radius) {
    List<Point> points = Arcs.arc(centre, radius, 0, 2 * Math.PI);
    return new Outline(points.subList(0, Math.max(3, points.size() - 1)));
  }

  /**
   * A rectangle with round corners.
   *
   * @param along its size along x before turning
   * @param across its size along y
   * @param radius of its corners; no more than half the smaller side is taken
   * @param turn anticlockwise, degrees
   */
  public static Outline rounded(
      Point centre, double along, double across, double radius, double turn) {
    double r = Math.min(radius, Math.min(along, across) / 2 - 1e-6);
    double a = along / 2;
    double b = across / 2;
    List<Point> points = new ArrayList<>();
    if (r < 0.01) {
      points.addAll(
          List.of(new Point(-a, -b), new Point(a, -b), new Point(a, b), new Point(-a, b)));
    } else {
      points.addAll(Arcs.arc(new Point(a - r, b - r), r, 0, Math.PI / 2));
      points.addAll(Arcs.arc(new Point(r - a, b - r), r, Math.PI / 2, Math.PI));
      points.addAll(Arcs.arc(new Point(r - a, r - b), r, Math.PI, Math.PI * 1.5));
      points.addAll(Arcs.arc(new Point(a - r, r - b), r, Math.PI * 1.5, Math.PI * 2));
    }
    double cos = Math.cos(Math.toRadians(turn));
    double sin = Math.sin(Math.toRadians(turn));
    return new Outline(
        points.stream()
            .map(p -> centre.plus(p.x() * cos - p.y() * sin, p.x() * sin + p.y() * cos))
            .toList());
  }

  /**
   * The smallest shape without hollows round all those points.
   *
   * @throws IllegalArgumentException when they lie on one line
   */
  public static Outline hull(List<Point> points) {
    Coordinate[] all =
        points.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
    Geometry hull = new ConvexHull(all, FACTORY).getConvexHull();
    Coordinate[] ring = hull.getCoordinates();
    List<Point> corners = new ArrayList<>();
    for (int i = 0; i < ring.length - 1; i++) {
      corners.add(new Point(ring[i].x, ring[i].y));
    }
    return new Outline(corners);
  }

  /** The shape round two discs: what a cutter leaves on its way from one to the other. */
  public static Outline slot(Point a, Point b, double radius) {
    double way = Math.atan2(b.y() - a.y(), b.x() - a.x());
    List<Point> points = new ArrayList<>(Arcs.arc(b, radius, way - Math.PI / 2, way + Math.PI / 2));
    points.addAll(Arcs.arc(a, radius, way + Math.PI / 2, way + Math.PI * 1.5));
    return new Outline(points);
  }

  /**
   * Area that two shapes without hollows share: one cut down by each edge of the other (Sutherland
   * and Hodgman, 1974).
   */
  public static double commonArea(Outline one, Outline other) {
    List<Point> left = new ArrayList<>(one.corners());
    List<Point> by = other.corners();
    double way = signed(by) < 0 ? -1 : 1;
    for (int i = 0; i < by.size() && left.size() > 2; i++) {
      left = clipped(left, by.get(i), by.get((i + 1) % by.size()), way);
    }
    return left.size() < 3 ? 0 : Math.abs(signed(left));
  }

  /**
   * How deep two shapes without hollows lie in each other: the shortest way that one would have to
   * be moved to be clear of the other (separating axes); 0 or less when they are clear already, mm.
   */
  public static double overlap(Outline one, Outline other) {
    return Math.min(along(one, other), along(other, one));
  }

  /** The least overlap of both, looked at square to each edge of the first. */
  private static double along(Outline edges, Outline other) {
    double least = Double.POSITIVE_INFINITY;
    List<Point> p = edges.corners();
    for (int i = 0; i < p.size(); i++) {
      Point a = p.get(i);
      Point b = p.get((i + 1) % p.size());
      double length = a.distance(b);
      if (length < 1e-9) {
        continue;
      }
      double nx = (b.y() - a.y()) / length;
      double ny = (a.x() - b.x()) / length;
      double[] one = reach(p, nx, ny);
      double[] two = reach(other.corners(), nx, ny);
      least = Math.min(least, Math.min(one[1] - two[0], two[1] - one[0]));
    }
    return least;
  }

  private static double[] reach(List<Point> points, double nx, double ny) {
    double least = Double.POSITIVE_INFINITY;
    double most = Double.NEGATIVE_INFINITY;
    for (Point p : points) {
      double at = p.x() * nx + p.y() * ny;
      least = Math.min(least, at);
      most = Math.max(most, at);
    }
    return new double[] {least, most};
  }

  private static List<Point> clipped(List<Point> shape, Point a, Point b, double way) {
    List<Point> kept = new ArrayList<>(shape.size() + 2);
    for (int i = 0; i < shape.size(); i++) {
      Point p = shape.get(i);
      Point q = shape.get((i + 1) % shape.size());
      double sp = way * ((b.x() - a.x()) * (p.y() - a.y()) - (b.y() - a.y()) * (p.x() - a.x()));
      double sq = way * ((b.x() - a.x()) * (q.y() - a.y()) - (b.y() - a.y()) * (q.x() - a.x()));
      if (sp >= 0) {
        kept.add(p);
      }
      if (sp >= 0 != sq >= 0) {
        kept.add(p.towards(q, sp / (sp - sq)));
      }
    }
    return kept;
  }

  private static double signed(List<Point> ring) {
    double twice = 0;
    for (int i = 0; i < ring.size(); i++) {
      Point a = ring.get(i);
      Point b = ring.get((i + 1) % ring.size());
      twice += a.x() * b.y() - b.x() * a.y();
    }
    return twice / 2;
  }

  /** A shape without hollows grown by so much all round, its corners round. */
  public static Outline grown(Outline convex, double by) {
    if (Math.abs(by) < 1e-9) {
      return convex;
    }
    return new Outline(ring(convex.buffered(by)));
  }

  private static List<Point> ring(Geometry polygon) {
    Coordinate[] c = polygon.getCoordinates();
    List<Point> corners = new ArrayList<>();
    for (int i = 0; i < c.length - 1; i++) {
      corners.add(new Point(c[i].x, c[i].y));
    }
    return corners;
  }
}
