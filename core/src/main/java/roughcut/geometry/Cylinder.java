package roughcut.geometry;

/** A round bar with flat ends square to its axis: what a bit leaves. */
public record Cylinder(Point3 from, Point3 to, double radius) implements Convex {

  public double length() {
    return from.distance(to);
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
    if (size <= 1e-9 * way.length()) {
      return end;
    }
    double k = radius / size;
    return end.plus(across.x() * k, across.y() * k, across.z() * k);
  }

  @Override
  public Box box() {
    Point3 axis = to.minus(from);
    double square = Math.max(1e-18, axis.dot(axis));
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
    return from.flat().distance(to.flat()) < 1e-6;
  }
}
