package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import roughcut.measure.Precision;

/** Plain shapes that routs and plates have, seen from above. */
public final class Shapes {
  private static final GeometryFactory FACTORY = new GeometryFactory();

  private Shapes() {}

  public static Outline circle(Point centre, double radius) {
    Arc circle = Arc.circle(centre, radius);
    List<Point> points = circle.corners();
    return new Outline(
        Path.known(points.subList(0, Math.max(3, points.size() - 1)), true, List.of(circle)));
  }

  /**
   * An upright or lying oval: a circle seen aslant, as eight cubic curves no further from it than
   * four millionths of its size.
   *
   * @param along half its size along x
   * @param across half its size along y
   */
  public static Outline oval(Point centre, double along, double across) {
    Pen pen = new Pen();
    for (Cubic piece : Arc.circle(new Point(0, 0), 1).cubics()) {
      pen.along(piece.through(p -> centre.plus(p.x() * along, p.y() * across)));
    }
    return new Outline(pen.closed());
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
    double r = Math.min(radius, Math.min(along, across) / 2 - Precision.NEAR);
    double a = along / 2;
    double b = across / 2;
    Outline level =
        r < Arcs.CHORD_ERROR ? Outline.rectangle(-a, -b, a, b) : new Outline(roundCorners(a, b, r));
    return level.through(
        Similarity.turning(Math.toRadians(turn)).then(Similarity.moving(centre.x(), centre.y())));
  }

  private static Path roundCorners(double a, double b, double r) {
    List<Arc> corners = new ArrayList<>();
    double quarter = Math.PI / 2;
    corners.add(new Arc(new Point(a - r, b - r), r, 0, quarter));
    corners.add(new Arc(new Point(r - a, b - r), r, quarter, quarter));
    corners.add(new Arc(new Point(r - a, r - b), r, 2 * quarter, quarter));
    corners.add(new Arc(new Point(a - r, r - b), r, 3 * quarter, quarter));
    return joined(corners);
  }

  /** Arcs one after the other, straight from each to the next and back to the first. */
  private static Path joined(List<Arc> arcs) {
    List<Point> points = new ArrayList<>();
    List<Segment> segments = new ArrayList<>();
    for (int i = 0; i < arcs.size(); i++) {
      Arc arc = arcs.get(i);
      points.addAll(arc.corners());
      segments.add(arc);
      Line line = new Line(arc.end(), arcs.get((i + 1) % arcs.size()).start());
      if (line.length() > Precision.NEAR) {
        segments.add(line);
      }
    }
    return Path.known(points, true, segments);
  }

  /**
   * The smallest shape without hollows round all those points.
   *
   * @throws IllegalArgumentException when they lie on one line
   */
  public static Outline hull(List<Point> points) {
    return new Outline(round(points));
  }

  /** The smallest shape without hollows round others. */
  public static Outline hullOf(List<Outline> shapes) {
    return OverlayResult.along(
        round(shapes.stream().flatMap(s -> s.corners().stream()).toList()), shapes);
  }

  private static List<Point> round(List<Point> points) {
    Coordinate[] all =
        points.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
    Geometry hull = new ConvexHull(all, FACTORY).getConvexHull();
    Coordinate[] ring = hull.getCoordinates();
    List<Point> corners = new ArrayList<>();
    for (int i = 0; i < ring.length - 1; i++) {
      corners.add(new Point(ring[i].x, ring[i].y));
    }
    return corners;
  }

  /** The shape round two discs: what a cutter leaves on its way from one to the other. */
  public static Outline slot(Point a, Point b, double radius) {
    double way = Math.atan2(b.y() - a.y(), b.x() - a.x());
    return new Outline(
        joined(
            List.of(
                new Arc(b, radius, way - Math.PI / 2, Math.PI),
                new Arc(a, radius, way + Math.PI / 2, Math.PI))));
  }

  /**
   * Area that two shapes without hollows share: one cut down by each edge of the other (Sutherland
   * and Hodgman, 1974).
   */
  public static double commonArea(Outline one, Outline other) {
    Clipped left = new Clipped(one.corners());
    List<Point> by = other.corners();
    double way = signed(by) < 0 ? -1 : 1;
    Point a = by.get(by.size() - 1);
    for (int i = 0; i < by.size() && left.count > 2; i++) {
      Point b = by.get(i);
      left.by(a, b, way);
      a = b;
    }
    return left.count < 3 ? 0 : left.area();
  }

  /** A shape that is cut down edge by edge: plain numbers, since it is done very often. */
  private static final class Clipped {
    private double[] x;
    private double[] y;
    private double[] side;
    private double[] keptX;
    private double[] keptY;
    private int count;

    Clipped(List<Point> corners) {
      count = corners.size();
      x = new double[2 * count];
      y = new double[2 * count];
      side = new double[2 * count];
      keptX = new double[2 * count];
      keptY = new double[2 * count];
      for (int i = 0; i < count; i++) {
        x[i] = corners.get(i).x();
        y[i] = corners.get(i).y();
      }
    }

    /** What lies to the left of the way from a to b, or to the right where way is less than 0. */
    void by(Point a, Point b, double way) {
      double dx = way * (b.x() - a.x());
      double dy = way * (b.y() - a.y());
      boolean whole = true;
      for (int i = 0; i < count; i++) {
        side[i] = dx * (y[i] - a.y()) - dy * (x[i] - a.x());
        whole &= side[i] >= 0;
      }
      if (!whole) {
        cut();
      }
    }

    private void cut() {
      if (keptX.length < 2 * count) {
        keptX = new double[4 * count];
        keptY = new double[4 * count];
      }
      int kept = 0;
      for (int i = 0; i < count; i++) {
        int next = i + 1 == count ? 0 : i + 1;
        if (side[i] >= 0) {
          keptX[kept] = x[i];
          keptY[kept++] = y[i];
        }
        if (side[i] >= 0 != side[next] >= 0) {
          double share = side[i] / (side[i] - side[next]);
          keptX[kept] = x[i] + (x[next] - x[i]) * share;
          keptY[kept++] = y[i] + (y[next] - y[i]) * share;
        }
      }
      double[] emptyX = x;
      double[] emptyY = y;
      x = keptX;
      y = keptY;
      keptX = emptyX;
      keptY = emptyY;
      count = kept;
      if (side.length < count) {
        side = new double[x.length];
      }
    }

    double area() {
      double twice = 0;
      for (int i = 0; i < count; i++) {
        int next = i + 1 == count ? 0 : i + 1;
        twice += x[i] * y[next] - x[next] * y[i];
      }
      return Math.abs(twice) / 2;
    }
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
      if (length < Precision.SAME) {
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

  private static double signed(List<Point> ring) {
    double twice = 0;
    for (int i = 0; i < ring.size(); i++) {
      Point a = ring.get(i);
      Point b = ring.get((i + 1) % ring.size());
      twice += a.x() * b.y() - b.x() * a.y();
    }
    return twice / 2;
  }
}
