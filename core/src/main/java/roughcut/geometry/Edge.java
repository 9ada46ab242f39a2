package roughcut.geometry;

import java.util.List;
import roughcut.measure.Precision;

/**
 * The edge of a shape, to be asked many times: what lies how near it, and what lies where on it.
 */
public final class Edge {
  private final Outline shape;
  private final double[] way;

  /** Boxes round stretches of the edge, so that far ones needn't be looked at. */
  private final Bounds[] stretches;

  private static final int STRETCH = 8;

  private final EdgeGrid grid;

  public Edge(Outline shape) {
    this.shape = shape;
    List<Point> p = shape.corners();
    way = new double[p.size() + 1];
    for (int i = 0; i < p.size(); i++) {
      way[i + 1] = way[i] + p.get(i).distance(p.get((i + 1) % p.size()));
    }
    stretches = boxes(p);
    grid = new EdgeGrid(p, stretches, STRETCH);
  }

  /** A place on the edge with the way inwards, of length 1. */
  public record Place(Point at, Point inward) {}

  /** A place of something else and the nearest one on the edge, with their distance, mm. */
  public record Nearest(double distance, Point from, Point at) {}

  public Outline shape() {
    return shape;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Edge edge && shape.equals(edge.shape);
  }

  @Override
  public int hashCode() {
    return shape.hashCode();
  }

  /** The edge's length, mm. */
  public double length() {
    return way[way.length - 1];
  }

  /**
   * A place on the edge.
   *
   * @param share of the way round from the shape's first corner, 0 to 1
   */
  public Place at(double share) {
    double wanted = Math.max(0, Math.min(1, share)) * length();
    int i = 0;
    while (i < way.length - 2 && way[i + 1] < wanted) {
      i++;
    }
    List<Point> p = shape.corners();
    Point a = p.get(i);
    Point b = p.get((i + 1) % p.size());
    double size = Math.max(Precision.ROUNDING, way[i + 1] - way[i]);
    Point at = a.towards(b, (wanted - way[i]) / size);
    Point left = new Point(-(b.y() - a.y()) / size, (b.x() - a.x()) / size);
    boolean inside = contains(at.plus(left.x() * 0.05, left.y() * 0.05));
    return new Place(at, inside ? left : new Point(-left.x(), -left.y()));
  }

  /** Share of the way round at which the edge comes nearest a place. */
  public double share(Point place) {
    List<Point> p = shape.corners();
    double best = Double.POSITIVE_INFINITY;
    double share = 0;
    for (int i = 0; i < p.size(); i++) {
      Point a = p.get(i);
      Point b = p.get((i + 1) % p.size());
      double size = way[i + 1] - way[i];
      double t =
          size == 0
              ? 0
              : ((place.x() - a.x()) * (b.x() - a.x()) + (place.y() - a.y()) * (b.y() - a.y()))
                  / (size * size);
      double at = Math.max(0, Math.min(1, t));
      double far = a.towards(b, at).distance(place);
      if (far < best) {
        best = far;
        share = (way[i] + at * size) / length();
      }
    }
    return share;
  }

  /** Whether a place lies inside: what the shape says of it, asked of the few sides it hangs on. */
  public boolean contains(Point place) {
    int whole = grid.inside(place);
    if (whole != 0) {
      return whole > 0;
    }
    List<Point> p = shape.corners();
    boolean inside = false;
    for (int c = 0; c < stretches.length; c++) {
      Bounds box = stretches[c];
      if (place.y() < box.low() || place.y() > box.high() || place.x() > box.right()) {
        continue;
      }
      int end = Math.min(p.size(), (c + 1) * STRETCH);
      for (int i = c * STRETCH; i < end; i++) {
        if (Outline.crossedRightOf(place, p.get(i + 1 == p.size() ? 0 : i + 1), p.get(i))) {
          inside = !inside;
        }
      }
    }
    return inside;
  }

  /** Wood between a shape and the edge; less than 0 by how far it reaches outside. */
  public Nearest nearest(Outline other) {
    Nearest least = apart(other);
    if (least.distance() > 0 && contains(other.corners().get(0))) {
      return least;
    }
    double outside = 0;
    Point furthest = other.corners().get(0);
    for (Point p : other.corners()) {
      if (!contains(p)) {
        double far = nearest(p, Double.POSITIVE_INFINITY).distance();
        if (far > outside) {
          outside = far;
          furthest = p;
        }
      }
    }
    return new Nearest(-outside, furthest, at(share(furthest)).at());
  }

  /**
   * The least distance of two edges that don't cross, always at a corner of one of them; 0 when
   * they cross. Stretches of both are looked at in boxes, the nearest first.
   */
  private Nearest apart(Outline other) {
    List<Point> p = shape.corners();
    List<Point> q = other.corners();
    Bounds[] boxes = boxes(q);
    Bounds whole = other.bounds();
    Search search = new Search(p, q);
    int first = 0;
    for (int c = 1; c < stretches.length; c++) {
      first = stretches[c].distance(whole) < stretches[first].distance(whole) ? c : first;
    }
    search.corners(first * STRETCH);
    for (int n = 0; n < stretches.length; n++) {
      // Out from the nearest stretch to both sides, so that most others are ruled out by then.
      int c = Math.floorMod(first + ((n & 1) == 0 ? n / 2 : -(n + 1) / 2), stretches.length);
      if (stretches[c].distance(whole) >= search.best) {
        continue;
      }
      for (int d = 0; d < boxes.length; d++) {
        if (stretches[c].distance(boxes[d]) < search.best) {
          search.stretch(c * STRETCH, d * STRETCH, boxes[d]);
        }
      }
    }
    return new Nearest(search.best, search.from, search.at);
  }

  private static Bounds[] boxes(List<Point> p) {
    Bounds[] boxes = new Bounds[(p.size() + STRETCH - 1) / STRETCH];
    for (int i = 0; i < p.size(); i++) {
      Point a = p.get(i);
      Point b = p.get((i + 1) % p.size());
      Bounds one = Bounds.of(a, b);
      Bounds before = boxes[i / STRETCH];
      boxes[i / STRETCH] = before == null ? one : before.and(one);
    }
    return boxes;
  }

  /** The nearest pair so far. */
  private static final class Search {
    private final List<Point> p;
    private final List<Point> q;
    private double best = Double.POSITIVE_INFINITY;
    private Point from;
    private Point at;

    Search(List<Point> p, List<Point> q) {
      this.p = p;
      this.q = q;
      this.from = q.get(0);
      this.at = p.get(0);
    }

    /** The nearest corners of one stretch: a bound that rules most others out. */
    void corners(int own) {
      double least = Double.POSITIVE_INFINITY;
      for (int i = own; i < Math.min(p.size(), own + STRETCH); i++) {
        Point a = p.get(i);
        for (Point u : q) {
          double dx = a.x() - u.x();
          double dy = a.y() - u.y();
          double square = dx * dx + dy * dy;
          if (square < least) {
            least = square;
            at = a;
            from = u;
          }
        }
      }
      best = Math.sqrt(least);
    }

    /** Two stretches side by side; {@code box} is round the other's. */
    void stretch(int own, int others, Bounds box) {
      int ownEnd = Math.min(p.size(), own + STRETCH);
      int othersEnd = Math.min(q.size(), others + STRETCH);
      Point a = p.get(own);
      for (int i = own; i < ownEnd; i++) {
        Point b = p.get(i + 1 == p.size() ? 0 : i + 1);
        if (gap(a.x(), b.x(), box.left(), box.right()) < best
            && gap(a.y(), b.y(), box.low(), box.high()) < best) {
          Point u = q.get(others);
          for (int k = others; k < othersEnd; k++) {
            Point v = q.get(k + 1 == q.size() ? 0 : k + 1);
            pair(a, b, u, v);
            u = v;
          }
        }
        a = b;
      }
    }

    private void pair(Point a, Point b, Point u, Point v) {
      double along = gap(a.x(), b.x(), u.x(), v.x());
      double across = gap(a.y(), b.y(), u.y(), v.y());
      if (along >= best || across >= best) {
        return;
      }
      double corner = u.distanceToSegment(a, b);
      if (corner < best) {
        best = corner;
        from = u;
        at = u.nearestOnSegment(a, b);
      }
      double ownCorner = a.distanceToSegment(u, v);
      if (ownCorner < best) {
        best = ownCorner;
        from = a.nearestOnSegment(u, v);
        at = a;
      }
      // Boxes that are clear of each other hold nothing that crosses.
      if (along <= 0 && across <= 0 && crosses(a, b, u, v)) {
        best = 0;
        from = u;
        at = u;
      }
    }
  }

  /** How far apart two stretches of one axis are; less than 0 where they overlap. */
  private static double gap(double a, double b, double u, double v) {
    return Math.max(Math.min(a, b) - Math.max(u, v), Math.min(u, v) - Math.max(a, b));
  }

  static boolean crosses(Point a, Point b, Point u, Point v) {
    return side(a, b, u) * side(a, b, v) < 0 && side(u, v, a) * side(u, v, b) < 0;
  }

  private static double side(Point a, Point b, Point p) {
    return (b.x() - a.x()) * (p.y() - a.y()) - (b.y() - a.y()) * (p.x() - a.x());
  }

  /** Wood between a round hole and the edge; less than 0 by how far it reaches outside. */
  public Nearest nearestOfRound(Point middle, double radius) {
    Nearest place = nearest(middle);
    double inside = contains(middle) ? place.distance() : -place.distance();
    double share = place.distance() < Precision.SAME ? 0 : radius / place.distance();
    return new Nearest(
        inside - radius, middle.towards(place.at(), inside < 0 ? -share : share), place.at());
  }

  /** How far inside the edge a place lies; less than 0 outside. */
  public double inside(Point place) {
    double far = nearest(place).distance();
    return contains(place) ? far : -far;
  }

  /** How far a place is from the edge, or so much when it is further. */
  public double upTo(double most, Point place) {
    return nearest(place, most).distance();
  }

  /** The edge's place nearest to another, inside or outside. */
  private Nearest nearest(Point place) {
    return nearest(place, Double.POSITIVE_INFINITY);
  }

  private Nearest nearest(Point place, double most) {
    List<Point> p = shape.corners();
    double far = most;
    int nearest = 0;
    int[] near = grid.near(place);
    if (near != null) {
      for (int i : near) {
        double here = place.distanceToSegment(p.get(i), p.get(i + 1 == p.size() ? 0 : i + 1));
        if (here < far) {
          far = here;
          nearest = i;
        }
      }
    }
    for (int c = 0; near == null && c < stretches.length; c++) {
      if (stretches[c].distance(place) < far) {
        int end = Math.min(p.size(), (c + 1) * STRETCH);
        Point a = p.get(c * STRETCH);
        for (int i = c * STRETCH; i < end; i++) {
          Point b = p.get(i + 1 == p.size() ? 0 : i + 1);
          double here = place.distanceToSegment(a, b);
          if (here < far) {
            far = here;
            nearest = i;
          }
          a = b;
        }
      }
    }
    Point at = place.nearestOnSegment(p.get(nearest), p.get((nearest + 1) % p.size()));
    return new Nearest(far, place, at);
  }
}
