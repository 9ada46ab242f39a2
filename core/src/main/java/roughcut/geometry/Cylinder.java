package roughcut.geometry;

import java.util.function.Function;
import roughcut.measure.Precision;

/** A round bar with flat ends square to its axis: what a bit leaves. */
public record Cylinder(Point3 from, Point3 to, double radius) implements Solid {

  public double length() {
    return from.distance(to);
  }

  @Override
  public <T> T fold(Function<Prism, T> prism, Function<Cylinder, T> bore) {
    return bore.apply(this);
  }

  @Override
  public double[] chord(double x, double y) {
    // |p − from − t·d| = r with t = (p − from)·d, for p = (x, y, z): a square equation in z.
    Point3 axis = to.minus(from);
    double length = axis.length();
    if (length < Precision.ROUNDING) {
      return null;
    }
    Point3 d = axis.times(1 / length);
    double px = x - from.x();
    double py = y - from.y();
    double flat = px * d.x() + py * d.y();
    double a = 1 - d.z() * d.z();
    double b = -flat * d.z();
    double c = px * px + py * py - flat * flat - radius * radius;
    double low = Double.NEGATIVE_INFINITY;
    double high = Double.POSITIVE_INFINITY;
    if (a < Precision.ROUNDING) {
      if (c > 0) {
        return null;
      }
    } else {
      double root = b * b - a * c;
      if (root < 0) {
        return null;
      }
      low = (-b - Math.sqrt(root)) / a;
      high = (-b + Math.sqrt(root)) / a;
    }
    // Between its flat ends: 0 ≤ flat + z·d_z ≤ length.
    if (Math.abs(d.z()) < Precision.ROUNDING) {
      if (flat < 0 || flat > length) {
        return null;
      }
    } else {
      double one = -flat / d.z();
      double two = (length - flat) / d.z();
      low = Math.max(low, Math.min(one, two));
      high = Math.min(high, Math.max(one, two));
    }
    return low > high ? null : new double[] {from.z() + low, from.z() + high};
  }

  /** How far a place is from it, mm; 0 inside. */
  public double distance(Point3 place) {
    Point3 axis = to.minus(from);
    Point3 way = place.minus(from);
    double length = axis.length();
    double along = length > 0 ? way.dot(axis) / length : 0;
    Point3 across = length > 0 ? way.minus(axis.times(along / length)) : way;
    double beside = Math.max(0, across.length() - radius);
    double beyond = Math.max(0, Math.max(-along, along - length));
    return Math.sqrt(beside * beside + beyond * beyond);
  }

  @Override
  public Point3 furthest(Point3 way) {
    Point3 axis = to.minus(from);
    double along = way.dot(axis);
    Point3 end = along > 0 ? to : from;
    double square = axis.dot(axis);
    Point3 across = square > 0 ? way.minus(axis.times(along / square)) : way;
    double size = across.length();
    // Along the axis what is left across is only rounding, and may point anywhere.
    if (size <= Precision.SAME * way.length()) {
      return end;
    }
    double k = radius / size;
    return end.plus(across.x() * k, across.y() * k, across.z() * k);
  }

  @Override
  public Box box() {
    Point3 axis = to.minus(from);
    double square = Math.max(Precision.SQUARE, axis.dot(axis));
    double ex = radius * Math.sqrt(Math.max(0, 1 - axis.x() * axis.x() / square));
    double ey = radius * Math.sqrt(Math.max(0, 1 - axis.y() * axis.y() / square));
    double ez = radius * Math.sqrt(Math.max(0, 1 - axis.z() * axis.z() / square));
    return new Box(
        Math.min(from.x(), to.x()) - ex,
        Math.min(from.y(), to.y()) - ey,
        Math.min(from.z(), to.z()) - ez,
        Math.max(from.x(), to.x()) + ex,
        Math.max(from.y(), to.y()) + ey,
        Math.max(from.z(), to.z()) + ez);
  }

  /** Whether it stands square to the plan. */
  public boolean upright() {
    return from.flat().distance(to.flat()) < Precision.NEAR;
  }
}
