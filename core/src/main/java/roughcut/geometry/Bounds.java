package roughcut.geometry;

/** The upright box around something, mm. */
public record Bounds(double left, double low, double right, double high) {
  /** The box whose opposite corners two places are. */
  public static Bounds of(Point a, Point b) {
    return new Bounds(
        Math.min(a.x(), b.x()),
        Math.min(a.y(), b.y()),
        Math.max(a.x(), b.x()),
        Math.max(a.y(), b.y()));
  }

  public double width() {
    return right - left;
  }

  public double height() {
    return high - low;
  }

  /** The box around both. */
  public Bounds and(Bounds other) {
    return new Bounds(
        Math.min(left, other.left),
        Math.min(low, other.low),
        Math.max(right, other.right),
        Math.max(high, other.high));
  }

  /** How far apart two boxes are; 0 when they touch. */
  public double distance(Bounds o) {
    double dx = Math.max(0, Math.max(left - o.right, o.left - right));
    double dy = Math.max(0, Math.max(low - o.high, o.low - high));
    return Math.sqrt(dx * dx + dy * dy);
  }

  /** How far a place is from it; 0 inside. */
  public double distance(Point p) {
    double dx = Math.max(0, Math.max(left - p.x(), p.x() - right));
    double dy = Math.max(0, Math.max(low - p.y(), p.y() - high));
    return Math.sqrt(dx * dx + dy * dy);
  }

  /** This box grown by so much on every side. */
  public Bounds expanded(double by) {
    return new Bounds(left - by, low - by, right + by, high + by);
  }

  /** Whether a place lies inside it or on its edge. */
  public boolean contains(Point p) {
    return p.x() >= left && p.x() <= right && p.y() >= low && p.y() <= high;
  }
}
