package roughcut.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.operation.valid.TopologyValidationError;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import roughcut.measure.Precision;

/**
 * A closed shape without holes: what a closed path goes round. It is measured by its corners, in
 * order, the last joined to the first; no chord strays further than {@link Arcs#CHORD_ERROR} from
 * the path's curves.
 */
public final class Outline {
  /** An outline that somebody drew may cross itself here and there, but not so often. */
  private static final int MOST_CROSSINGS = 300;

  private static final GeometryFactory FACTORY = new GeometryFactory();

  private final Path path;
  private final List<Point> corners;
  private Polygon polygon;

  /** A shape with straight sides. */
  public Outline(List<Point> corners) {
    this(Path.straight(corners, true));
  }

  /** The shape that a closed path goes round. */
  public Outline(Path path) {
    if (!path.closed()) {
      throw new IllegalArgumentException("an outline is closed");
    }
    if (path.points().size() < 3) {
      throw new IllegalArgumentException(
          "an outline has at least three corners, not " + path.points().size());
    }
    this.path = path;
    this.corners = path.points();
  }

  /** The line round it. */
  public Path path() {
    return path;
  }

  /** Its corners in order. */
  public List<Point> corners() {
    return corners;
  }

  public static Outline of(Point... corners) {
    return new Outline(List.of(corners));
  }

  public static Outline rectangle(double x0, double y0, double x1, double y1) {
    return of(new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1));
  }

  /** Area, mm². */
  public double area() {
    return Math.abs(directedArea());
  }

  /** Whether its corners run round it anticlockwise. */
  public boolean anticlockwise() {
    return directedArea() > 0;
  }

  private double directedArea() {
    double twice = 0;
    for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
      Point a = corners.get(j);
      Point b = corners.get(i);
      twice += a.x() * b.y() - b.x() * a.y();
    }
    return twice / 2;
  }

  /** The part of this shape that lies in the other too; possibly several pieces, possibly none. */
  public List<Outline> intersection(Outline other) {
    return OverlayResult.of(
        ShapeOverlay.intersection(polygon(), other.polygon()), List.of(this, other));
  }

  /** The part of this shape that the other leaves. */
  public List<Outline> difference(Outline other) {
    return OverlayResult.of(
        ShapeOverlay.difference(polygon(), other.polygon()), List.of(this, other));
  }

  /** This shape turned anticlockwise about a point, then moved. */
  public Outline turned(Point about, double radians, double dx, double dy) {
    return through(Similarity.turning(about, radians).then(Similarity.moving(dx, dy)));
  }

  /** This shape turned over about the horizontal line at the height y. */
  public Outline turnedOver(double y) {
    return through(Similarity.turningOver().then(Similarity.moving(0, 2 * y)));
  }

  /** This shape moved. */
  public Outline translate(double dx, double dy) {
    return through(Similarity.moving(dx, dy));
  }

  /** The mirror image, y turned round. */
  public Outline mirrored() {
    return through(Similarity.turningOver());
  }

  /** This shape put elsewhere as it is. */
  public Outline through(Similarity change) {
    return new Outline(path.through(change));
  }

  /**
   * Where a level line lies inside the shape: pairs of x, entering and leaving, from the left.
   *
   * @param y height of the line
   */
  public List<double[]> spans(double y) {
    return spans(y, false);
  }

  /**
   * Where a line lies inside the shape: pairs of x along a level one, pairs of y along an upright
   * one.
   *
   * @param at height of a level line, x of an upright one
   */
  public List<double[]> spans(double at, boolean upright) {
    double[] crossings = crossings(at, upright);
    List<double[]> spans = new ArrayList<>(crossings.length / 2);
    for (int i = 0; i + 1 < crossings.length; i += 2) {
      spans.add(new double[] {crossings[i], crossings[i + 1]});
    }
    return spans;
  }

  private double[] crossings(double at, boolean upright) {
    // A line is cut in two places by most shapes: sorted as they are found, and without boxing.
    double[] crossings = new double[8];
    int count = 0;
    Point a = corners.get(corners.size() - 1);
    for (int i = 0; i < corners.size(); i++) {
      Point b = corners.get(i);
      double across = upright ? a.x() : a.y();
      double acrossNext = upright ? b.x() : b.y();
      if (across > at != acrossNext > at) {
        double along = upright ? a.y() : a.x();
        double alongNext = upright ? b.y() : b.x();
        double crossing = along + (alongNext - along) * (at - across) / (acrossNext - across);
        if (count == crossings.length) {
          crossings = Arrays.copyOf(crossings, 2 * count);
        }
        int place = count++;
        while (place > 0 && crossings[place - 1] > crossing) {
          crossings[place] = crossings[place - 1];
          place--;
        }
        crossings[place] = crossing;
      }
      a = b;
    }
    return Arrays.copyOf(crossings, count);
  }

  /** Where a straight line from a to b crosses the shape's edge, as shares of its way. */
  public List<Double> crossings(Point a, Point b) {
    List<Double> shares = new ArrayList<>();
    double dx = b.x() - a.x();
    double dy = b.y() - a.y();
    for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
      Point p = corners.get(j);
      Point q = corners.get(i);
      double ex = q.x() - p.x();
      double ey = q.y() - p.y();
      double det = dx * ey - dy * ex;
      if (Math.abs(det) > Precision.ROUNDING) {
        double t = ((p.x() - a.x()) * ey - (p.y() - a.y()) * ex) / det;
        double u = ((p.x() - a.x()) * dy - (p.y() - a.y()) * dx) / det;
        if (t >= 0 && t <= 1 && u >= 0 && u <= 1) {
          shares.add(t);
        }
      }
    }
    return shares;
  }

  /** Shortest distance between two shapes' insides; 0 when they touch or overlap, mm. */
  public double distance(Outline other) {
    return polygon().distance(other.polygon());
  }

  /** Whether the other lies inside, edges included. */
  public boolean covers(Outline other) {
    return polygon().covers(other.polygon());
  }

  /** Whether a place lies inside. */
  public boolean contains(Point p) {
    return contains(corners, p);
  }

  static boolean contains(List<Point> corners, Point p) {
    boolean inside = false;
    double x = p.x();
    double y = p.y();
    int n = corners.size();
    Point b = corners.get(n - 1);
    boolean under = b.y() > y;
    for (int i = 0; i < n; i++) {
      Point a = corners.get(i);
      boolean now = a.y() > y;
      // As crossedRightOf says it; most sides lie wholly above or below.
      if (now != under && x < (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y()) + a.x()) {
        inside = !inside;
      }
      under = now;
      b = a;
    }
    return inside;
  }

  /** Whether a line from a place to the right crosses a side. */
  static boolean crossedRightOf(Point p, Point a, Point b) {
    return a.y() > p.y() != b.y() > p.y()
        && p.x() < (b.x() - a.x()) * (p.y() - a.y()) / (b.y() - a.y()) + a.x();
  }

  /** Shortest distance from a place to the shape's edge, inside or outside. */
  public double edgeDistance(Point p) {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
      least = Math.min(least, p.distanceToSegment(corners.get(j), corners.get(i)));
    }
    return least;
  }

  public boolean overlaps(Outline other) {
    if (other.corners.stream().anyMatch(this::contains)) {
      return true;
    }
    return polygon().intersects(other.polygon()) && !polygon().touches(other.polygon());
  }

  /** Where the shape's area would balance. */
  public Point centre() {
    Point o = corners.get(0); // so that little is lost where it lies far out
    double twice = 0;
    double x = 0;
    double y = 0;
    for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
      double ax = corners.get(j).x() - o.x();
      double ay = corners.get(j).y() - o.y();
      double bx = corners.get(i).x() - o.x();
      double by = corners.get(i).y() - o.y();
      double cross = ax * by - bx * ay;
      twice += cross;
      x += (ax + bx) * cross;
      y += (ay + by) * cross;
    }
    return Math.abs(twice) < Precision.ROUNDING ? o : o.plus(x / (3 * twice), y / (3 * twice));
  }

  /** Length all round, mm. */
  public double perimeter() {
    return polygon().getExteriorRing().getLength();
  }

  public Bounds bounds() {
    double left = Double.POSITIVE_INFINITY;
    double low = left;
    double right = Double.NEGATIVE_INFINITY;
    double high = right;
    for (Point p : corners) {
      left = Math.min(left, p.x());
      right = Math.max(right, p.x());
      low = Math.min(low, p.y());
      high = Math.max(high, p.y());
    }
    return new Bounds(left, low, right, high);
  }

  /** This shape shrunk by so much all round: the pieces that are left, possibly none. */
  public List<Outline> shrink(double by) {
    return OverlayResult.beside(this, -by);
  }

  /** This shape grown by so much all round. */
  public Outline buffer(double by) {
    return OverlayResult.beside(this, by).get(0);
  }

  /** The shape of all those together; the largest piece when they don't touch each other. */
  public static Outline union(List<Outline> shapes) {
    if (shapes.size() == 1) {
      return shapes.get(0);
    }
    List<Geometry> all = new ArrayList<>();
    shapes.forEach(s -> all.add(s.polygon()));
    return OverlayResult.largest(OverlayResult.of(ShapeOverlay.union(all), shapes));
  }

  /** Where the shape's edge crosses itself, when it does. */
  public Optional<Point> crossing() {
    TopologyValidationError error = new IsValidOp(polygon()).getValidationError();
    return error == null
        ? Optional.empty()
        : Optional.of(new Point(error.getCoordinate().x, error.getCoordinate().y));
  }

  /**
   * The largest piece of a shape whose edge crosses itself; a scribble that crosses itself all over
   * has none, and is the shape drawn round it.
   */
  public Outline repaired() {
    if (crossesMoreThan(MOST_CROSSINGS)) {
      return Shapes.hull(corners);
    }
    List<Outline> pieces = OverlayResult.of(ShapeOverlay.mended(polygon()), List.of(this));
    return pieces.isEmpty() ? this : OverlayResult.largest(pieces);
  }

  /** Sides are looked at from the left on, each only against those that begin before it ends. */
  private boolean crossesMoreThan(int most) {
    int n = corners.size();
    Integer[] order = new Integer[n];
    Arrays.setAll(order, i -> i);
    Arrays.sort(order, Comparator.comparingDouble(i -> Math.min(side(i).x(), side(i + 1).x())));
    int found = 0;
    for (int i = 0; i < n; i++) {
      Point a = side(order[i]);
      Point b = side(order[i] + 1);
      double end = Math.max(a.x(), b.x());
      for (int k = i + 1; k < n; k++) {
        Point c = side(order[k]);
        Point d = side(order[k] + 1);
        if (Math.min(c.x(), d.x()) > end) {
          break;
        }
        if (Edge.crosses(a, b, c, d) && ++found > most) {
          return true;
        }
      }
    }
    return false;
  }

  /** The corner that a side begins at; the next one it ends at. */
  private Point side(int i) {
    return corners.get(i == corners.size() ? 0 : i);
  }

  /**
   * The same shape with at most so many corners: those that matter least are left out, the nearest
   * to the line between their neighbours first.
   */
  public Outline thinned(int most) {
    Outline thinned = this;
    for (double tolerance = 0.01; thinned.corners.size() > most; tolerance *= 4) {
      thinned =
          OverlayResult.largest(
              OverlayResult.of(
                  TopologyPreservingSimplifier.simplify(polygon(), tolerance), List.of()));
    }
    return thinned;
  }

  /** Whether it turns the same way at every corner. */
  public boolean convex() {
    double way = 0;
    for (int i = 0; i < corners.size(); i++) {
      Point a = corners.get(i);
      Point b = corners.get((i + 1) % corners.size());
      Point c = corners.get((i + 2) % corners.size());
      double turn = (b.x() - a.x()) * (c.y() - b.y()) - (b.y() - a.y()) * (c.x() - b.x());
      if (Math.abs(turn) > Precision.SAME) {
        if (way * turn < 0) {
          return false;
        }
        way = turn;
      }
    }
    return true;
  }

  Polygon polygon() {
    if (polygon == null) {
      Coordinate[] ring = new Coordinate[corners.size() + 1];
      for (int i = 0; i < corners.size(); i++) {
        ring[i] = new Coordinate(corners.get(i).x(), corners.get(i).y());
      }
      ring[corners.size()] = ring[0].copy();
      polygon = FACTORY.createPolygon(ring);
    }
    return polygon;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Outline outline && path.equals(outline.path);
  }

  @Override
  public int hashCode() {
    return path.hashCode();
  }

  @Override
  public String toString() {
    return "outline of " + corners;
  }
}
