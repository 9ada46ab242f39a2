package roughcut.geometry;

import roughcut.measure.Precision;

/**
 * How close two solids without hollows come, and where: the wood that is left between two cuts.
 * Found on the solid of all differences between the two, whose point nearest the origin is walked
 * to over ever nearer corners, faces and edges of it (the method of Gilbert, Johnson and Keerthi,
 * 1988). The distance is never overstated by more than {@link #TOLERANCE}.
 *
 * @param distance mm; 0 when they touch or run into each other
 * @param a the place on the first
 * @param b the place on the second
 */
public record ClosestApproach(double distance, Point3 a, Point3 b) {
  /** How closely the distance is found, mm. */
  public static final double TOLERANCE = 0.001;

  private static final int MOST_STEPS = 200;

  /** The two run into each other, mm. */
  private static final double TOUCH = 1e-7;

  /** Four corners in a plane span nothing, mm³; a square that isn't smaller, mm². */
  private static final double FLAT = 1e-15;

  /** Finds it. */
  public static ClosestApproach of(Convex a, Convex b) {
    return new Walk(a, b).go();
  }

  /** A corner of the solid of differences with the two places that it comes from. */
  private record Corner(Point3 at, Point3 a, Point3 b) {}

  private static final class Walk {
    private final Convex a;
    private final Convex b;
    private final Corner[] corners = new Corner[4];
    private final double[] weights = new double[4];
    private int count;

    Walk(Convex a, Convex b) {
      this.a = a;
      this.b = b;
    }

    private Corner corner(Point3 way) {
      Point3 pa = a.furthest(way.times(-1));
      Point3 pb = b.furthest(way);
      return new Corner(pa.minus(pb), pa, pb);
    }

    ClosestApproach go() {
      Point3 any = new Point3(1, 0, 0);
      Point3 first = a.furthest(any).minus(b.furthest(any.times(-1)));
      corners[0] = corner(first.length() > Precision.SAME ? first : any);
      weights[0] = 1;
      count = 1;
      Point3 nearest = corners[0].at;
      for (int i = 0; i < MOST_STEPS; i++) {
        double far = nearest.length();
        if (far < TOUCH) {
          return found(0);
        }
        Corner next = corner(nearest);
        // No point of the solid lies nearer than this plane.
        double atLeast = nearest.dot(next.at) / far;
        if (far - atLeast < TOLERANCE || known(next)) {
          return found(far);
        }
        corners[count++] = next;
        Point3 was = nearest;
        nearest = reduce();
        if (count == 4) {
          return found(0);
        }
        if (nearest.length() >= was.length()) {
          return found(nearest.length());
        }
      }
      return found(nearest.length());
    }

    private boolean known(Corner next) {
      for (int i = 0; i < count; i++) {
        if (corners[i].at.distance(next.at) < Precision.SAME) {
          return true;
        }
      }
      return false;
    }

    private ClosestApproach found(double distance) {
      Point3 pa = new Point3(0, 0, 0);
      Point3 pb = pa;
      for (int i = 0; i < count; i++) {
        pa = plus(pa, corners[i].a, weights[i]);
        pb = plus(pb, corners[i].b, weights[i]);
      }
      return new ClosestApproach(distance, pa, pb);
    }

    private static Point3 plus(Point3 sum, Point3 p, double weight) {
      return sum.plus(p.x() * weight, p.y() * weight, p.z() * weight);
    }

    /** Keeps the fewest corners whose span holds the point nearest the origin; hands it back. */
    private Point3 reduce() {
      double best = Double.POSITIVE_INFINITY;
      Corner[] kept = null;
      double[] shares = null;
      for (int mask = 1; mask < 1 << count; mask++) {
        Corner[] some = new Corner[Integer.bitCount(mask)];
        for (int i = 0, k = 0; i < count; i++) {
          if ((mask & 1 << i) != 0) {
            some[k++] = corners[i];
          }
        }
        double[] w = shares(some);
        if (w == null) {
          continue;
        }
        Point3 p = blend(some, w);
        double far = p.dot(p);
        if (far < best - FLAT) {
          best = far;
          kept = some;
          shares = w;
        }
      }
      count = kept.length;
      for (int i = 0; i < count; i++) {
        corners[i] = kept[i];
        weights[i] = shares[i];
      }
      return blend(kept, shares);
    }

    private static Point3 blend(Corner[] some, double[] w) {
      Point3 p = new Point3(0, 0, 0);
      for (int i = 0; i < some.length; i++) {
        p = plus(p, some[i].at, w[i]);
      }
      return p;
    }

    /**
     * Shares of the corners in their span's point nearest the origin; null when it lies outside.
     */
    private static double[] shares(Corner[] c) {
      return switch (c.length) {
        case 1 -> new double[] {1};
        case 2 -> onEdge(c[0].at, c[1].at);
        case 3 -> onFace(c[0].at, c[1].at, c[2].at);
        default -> inside(c[0].at, c[1].at, c[2].at, c[3].at);
      };
    }

    private static double[] onEdge(Point3 a, Point3 b) {
      Point3 ab = b.minus(a);
      double square = ab.dot(ab);
      double t = -a.dot(ab) / square;
      return square > Precision.SQUARE && t > 0 && t < 1 ? new double[] {1 - t, t} : null;
    }

    private static double[] onFace(Point3 a, Point3 b, Point3 c) {
      Point3 n = b.minus(a).cross(c.minus(a));
      double square = n.dot(n);
      if (square < Precision.SQUARE) {
        return null;
      }
      double u = n.dot(b.cross(c)) / square;
      double v = n.dot(c.cross(a)) / square;
      double w = 1 - u - v;
      return u > 0 && v > 0 && w > 0 ? new double[] {u, v, w} : null;
    }

    private static double[] inside(Point3 a, Point3 b, Point3 c, Point3 d) {
      double whole = b.minus(a).dot(c.minus(a).cross(d.minus(a)));
      if (Math.abs(whole) < FLAT) {
        return null;
      }
      double u = b.dot(c.cross(d)) / whole;
      double v = -a.dot(c.cross(d)) / whole;
      double w = a.dot(b.cross(d)) / whole;
      double x = 1 - u - v - w;
      return u >= 0 && v >= 0 && w >= 0 && x >= 0 ? new double[] {u, v, w, x} : null;
    }
  }
}
