package roughcut.stock;

import roughcut.geometry.Point3;

/**
 * What a round thing covers on its way from place to place, seen from above: two half circles and a
 * strip between. It is asked row by row from where to where it reaches.
 */
final class Capsule {
  private final double ax;
  private final double ay;
  private final double bx;
  private final double by;
  private final double radius;
  final double length;
  final double ux;
  final double uy;

  /** Of the row last asked; {@code last < first} where it doesn't reach that row. */
  double first;

  double last;

  Capsule(Point3 from, Point3 to, double radius) {
    this.ax = from.x();
    this.ay = from.y();
    this.bx = to.x();
    this.by = to.y();
    this.radius = radius;
    this.length = Math.sqrt((bx - ax) * (bx - ax) + (by - ay) * (by - ay));
    this.ux = length > 0 ? (bx - ax) / length : 1;
    this.uy = length > 0 ? (by - ay) / length : 0;
  }

  double lowest() {
    return Math.min(ay, by) - radius;
  }

  double highest() {
    return Math.max(ay, by) + radius;
  }

  /** Where it begins and ends on the row of that y. */
  void row(double y) {
    first = Double.POSITIVE_INFINITY;
    last = Double.NEGATIVE_INFINITY;
    circle(ax, y - ay);
    circle(bx, y - by);
    if (length > 0) {
      strip(y - ay);
    }
  }

  private void circle(double x, double dy) {
    double square = radius * radius - dy * dy;
    if (square >= 0) {
      double half = Math.sqrt(square);
      first = Math.min(first, x - half);
      last = Math.max(last, x + half);
    }
  }

  /** The strip beside its axis: 0 ≤ s ≤ L along and |q| ≤ R across, both linear in x. */
  private void strip(double dy) {
    double from = Double.NEGATIVE_INFINITY;
    double to = Double.POSITIVE_INFINITY;
    double along = dy * uy;
    if (ux != 0) {
      double one = -along / ux;
      double two = (length - along) / ux;
      from = Math.min(one, two);
      to = Math.max(one, two);
    } else if (along < 0 || along > length) {
      return;
    }
    double across = dy * ux;
    if (uy != 0) {
      double one = (across - radius) / uy;
      double two = (across + radius) / uy;
      from = Math.max(from, Math.min(one, two));
      to = Math.min(to, Math.max(one, two));
    } else if (Math.abs(across) > radius) {
      return;
    }
    if (from <= to) {
      first = Math.min(first, ax + from);
      last = Math.max(last, ax + to);
    }
  }
}
