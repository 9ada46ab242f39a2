package roughcut.geometry;

import java.util.List;
import java.util.function.UnaryOperator;
import roughcut.measure.Precision;

/** A cubic curve from a to d, pulled towards b and c (Bézier). */
public record Cubic(Point a, Point b, Point c, Point d) implements Segment {
  /** A parameter is searched for to the last bit. */
  private static final double HALVED = 1e-15;

  /** So many places are looked at when the nearest is sought. */
  private static final int LOOKS = 32;

  /** Gauss and Legendre's five places and weights on −1 to 1 (Abramowitz and Stegun 25.4). */
  private static final double[][] GAUSS = {
    {0, 0.568888888888888889},
    {0.538469310105683091, 0.478628670499366468},
    {-0.538469310105683091, 0.478628670499366468},
    {0.906179845938663993, 0.236926885056189088},
    {-0.906179845938663993, 0.236926885056189088}
  };

  /** Into so many pieces it is taken for its length. */
  private static final int LENGTHS = 8;

  @Override
  public <T, E extends Exception> T fold(Cases<T, E> cases) throws E {
    return cases.cubic(this);
  }

  @Override
  public Point at(double t) {
    Point bc = b.towards(c, t);
    return a.towards(b, t).towards(bc, t).towards(bc.towards(c.towards(d, t), t), t);
  }

  /** Where it ends up pulled together: its ends, and the way between, lie on top of each other. */
  private boolean still(double x, double y) {
    return Math.hypot(x, y) < Precision.ROUNDING * (a.distance(d) + a.distance(b) + c.distance(d));
  }

  @Override
  public Point way(double t) {
    double u = 1 - t;
    double x =
        3 * (u * u * (b.x() - a.x()) + 2 * u * t * (c.x() - b.x()) + t * t * (d.x() - c.x()));
    double y =
        3 * (u * u * (b.y() - a.y()) + 2 * u * t * (c.y() - b.y()) + t * t * (d.y() - c.y()));
    if (!still(x, y)) {
      return new Point(x, y);
    }
    // A handle on its own end: the way is that to the next one.
    Point on = t < 0.5 ? (a.distance(c) > 0 ? c : d) : d;
    Point off = t < 0.5 ? a : (b.distance(d) > 0 ? b : a);
    return new Point(on.x() - off.x(), on.y() - off.y());
  }

  @Override
  public double curvature(double t) {
    Point way = way(t);
    double u = 1 - t;
    double ax = 6 * (u * (c.x() - 2 * b.x() + a.x()) + t * (d.x() - 2 * c.x() + b.x()));
    double ay = 6 * (u * (c.y() - 2 * b.y() + a.y()) + t * (d.y() - 2 * c.y() + b.y()));
    double speed = Math.hypot(way.x(), way.y());
    return (way.x() * ay - way.y() * ax) / (speed * speed * speed);
  }

  @Override
  public double nearest(Point place) {
    double best = at(0).distance(place) <= at(1).distance(place) ? 0 : 1;
    double least = at(best).distance(place);
    double before = ahead(place, 0);
    for (int i = 0; i < LOOKS; i++) {
      double after = ahead(place, (i + 1.0) / LOOKS);
      // A nearest place lies where the way there turns from ahead to behind.
      if (before >= 0 && after <= 0) {
        double found = solved(place, (double) i / LOOKS, (i + 1.0) / LOOKS);
        double there = at(found).distance(place);
        best = there < least ? found : best;
        least = Math.min(least, there);
      }
      before = after;
    }
    return best;
  }

  /** More than 0 where a place lies ahead of the curve's, along its way. */
  private double ahead(Point place, double t) {
    Point p = at(t);
    Point w = way(t);
    return (place.x() - p.x()) * w.x() + (place.y() - p.y()) * w.y();
  }

  private double solved(Point place, double from, double to) {
    double low = from;
    double high = to;
    for (int i = 0; i < 60 && high - low > HALVED; i++) {
      double middle = (low + high) / 2;
      boolean on = ahead(place, middle) > 0;
      low = on ? middle : low;
      high = on ? high : middle;
    }
    return (low + high) / 2;
  }

  @Override
  public Cubic part(double from, double to) {
    return new Cubic(at(from), blossom(from, from, to), blossom(from, to, to), at(to));
  }

  /** The curve's polar form: equal arguments give its places, mixed ones the handles of a part. */
  private Point blossom(double r, double s, double t) {
    Point ab = a.towards(b, r);
    Point bc = b.towards(c, r);
    Point cd = c.towards(d, r);
    return ab.towards(bc, s).towards(bc.towards(cd, s), t);
  }

  @Override
  public Cubic reversed() {
    return part(1, 0);
  }

  @Override
  public Cubic through(Similarity change) {
    return new Cubic(change.of(a), change.of(b), change.of(c), change.of(d));
  }

  @Override
  public List<Point> corners() {
    return Arcs.cubic(a, b, c, d, pieces(Arcs.CHORD_ERROR));
  }

  /** Seen from elsewhere: a change that keeps straight lines straight keeps it a cubic curve. */
  public Cubic through(UnaryOperator<Point> to) {
    return new Cubic(to.apply(a), to.apply(b), to.apply(c), to.apply(d));
  }

  /**
   * Into how many equal steps it has to be taken so that no chord strays further from it: an eighth
   * of the greatest second derivative over their square.
   */
  public int pieces(double error) {
    double bend =
        Math.max(
            Math.hypot(a.x() - 2 * b.x() + c.x(), a.y() - 2 * b.y() + c.y()),
            Math.hypot(b.x() - 2 * c.x() + d.x(), b.y() - 2 * c.y() + d.y()));
    return (int) Math.max(1, Math.min(1000, Math.ceil(Math.sqrt(6 * bend / (8 * error)))));
  }

  @Override
  public double length() {
    double sum = 0;
    for (int i = 0; i < LENGTHS; i++) {
      for (double[] g : GAUSS) {
        Point w = way((i + (1 + g[0]) / 2) / LENGTHS);
        sum += g[1] / 2 / LENGTHS * Math.hypot(w.x(), w.y());
      }
    }
    return sum;
  }

  @Override
  public double swept() {
    return (6 * cross(a, b)
            + 3 * cross(a, c)
            + cross(a, d)
            + 3 * cross(b, c)
            + 3 * cross(b, d)
            + 6 * cross(c, d))
        / 20;
  }

  private static double cross(Point p, Point q) {
    return p.x() * q.y() - q.x() * p.y();
  }

  @Override
  public Point start() {
    return a;
  }

  @Override
  public Point end() {
    return d;
  }
}
