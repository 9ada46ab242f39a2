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
