package roughcut.geometry;

/**
 * A place on a plane, mm. Which plane is said where it is used: x along with y across, or x along
 * with z up.
 */
public record Point(double x, double y) {
  public Point plus(double dx, double dy) {
    return new Point(x + dx, y + dy);
  }

  public double distance(Point other) {
    return Math.hypot(x - other.x, y - other.y);
  }

  /** The point at the share {@code t} of the way to the other: 0 here, 1 there. */
  public Point towards(Point other, double t) {
    return new Point(x + (other.x - x) * t, y + (other.y - y) * t);
  }
}
