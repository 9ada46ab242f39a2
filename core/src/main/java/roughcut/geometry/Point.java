package roughcut.geometry;

import roughcut.measure.Precision;

/**
 * A place on a plane, mm. Which plane is said where it is used: x along with y across, or x along
 * with z up.
 */
public record Point(double x, double y) {
  public Point plus(double dx, double dy) {
    return new Point(x + dx, y + dy);
  }

  public double distance(Point other) {
    double dx = x - other.x;
    double dy = y - other.y;
    return Math.sqrt(dx * dx + dy * dy);
  }

  /** Shortest distance to the straight line between two points, ends included. */
  public double distanceToSegment(Point a, Point b) {
    double at = share(a, b);
    double dx = a.x + at * (b.x - a.x) - x;
    double dy = a.y + at * (b.y - a.y) - y;
    return Math.sqrt(dx * dx + dy * dy);
  }

  /** The place on the straight line between two points that lies nearest. */
  public Point nearestOnSegment(Point a, Point b) {
    return a.towards(b, share(a, b));
  }

  /** How far along the straight line between two points the nearest place to this lies, 0 to 1. */
  double share(Point a, Point b) {
    double dx = b.x - a.x;
    double dy = b.y - a.y;
    double square = dx * dx + dy * dy;
    double t = square == 0 ? 0 : ((x - a.x) * dx + (y - a.y) * dy) / square;
    return Math.max(0, Math.min(1, t));
  }

  /** This as a way, made 1 long; as it is where it leads nowhere. */
  public Point unit() {
    double length = Math.sqrt(x * x + y * y);
    return length < Precision.NEAR ? this : new Point(x / length, y / length);
  }

  /** So far beyond this, seen from another place; less than 0 towards it. */
  public Point beyond(Point from, double far) {
    Point way = new Point(x - from.x, y - from.y).unit();
    return plus(way.x * far, way.y * far);
  }

  /** The point at the share {@code t} of the way to the other: 0 here, 1 there. */
  public Point towards(Point other, double t) {
    return new Point(x + (other.x - x) * t, y + (other.y - y) * t);
  }
}
