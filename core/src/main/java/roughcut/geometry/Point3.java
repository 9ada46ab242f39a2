package roughcut.geometry;

/** A place in space, mm. Which way each axis runs is said where it is used. */
public record Point3(double x, double y, double z) implements Convex {
  public Point3 plus(double dx, double dy, double dz) {
    return new Point3(x + dx, y + dy, z + dz);
  }

  public Point3 minus(Point3 other) {
    return new Point3(x - other.x, y - other.y, z - other.z);
  }

  public Point3 times(double by) {
    return new Point3(x * by, y * by, z * by);
  }

  public double dot(Point3 other) {
    return x * other.x + y * other.y + z * other.z;
  }

  public Point3 cross(Point3 o) {
    return new Point3(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
  }

  public double length() {
    return Math.sqrt(dot(this));
  }

  public double distance(Point3 other) {
    return minus(other).length();
  }

  /** The point at the share {@code t} of the way to the other: 0 here, 1 there. */
  public Point3 towards(Point3 other, double t) {
    return new Point3(x + (other.x - x) * t, y + (other.y - y) * t, z + (other.z - z) * t);
  }

  /** Seen along z. */
  public Point flat() {
    return new Point(x, y);
  }

  @Override
  public Point3 furthest(Point3 way) {
    return this;
  }
}
