package roughcut.geometry;

import java.util.List;

/**
 * A shape put elsewhere as it is: turned over first where it is, then sized and turned, then moved.
 *
 * @param cos of the turn, times the scale
 * @param sin of the turn, times the scale
 * @param over whether y is turned round before anything else
 */
public record Similarity(double cos, double sin, boolean over, double dx, double dy) {
  /** Moved only. */
  public static Similarity moving(double dx, double dy) {
    return new Similarity(1, 0, false, dx, dy);
  }

  /** Turned anticlockwise about the origin. */
  public static Similarity turning(double radians) {
    return new Similarity(Math.cos(radians), Math.sin(radians), false, 0, 0);
  }

  /** Turned anticlockwise about a place. */
  public static Similarity turning(Point about, double radians) {
    return moving(-about.x(), -about.y()).then(turning(radians)).then(moving(about.x(), about.y()));
  }

  /** Made so many times its size about the origin. */
  public static Similarity sizing(double by) {
    return new Similarity(by, 0, false, 0, 0);
  }

  /** Turned over about the level line through the origin. */
  public static Similarity turningOver() {
    return new Similarity(1, 0, true, 0, 0);
  }

  /** The mirror image about the upright line through the origin. */
  public static Similarity endForEnd() {
    return new Similarity(-1, 0, true, 0, 0);
  }

  public Point of(Point p) {
    double y = over ? -p.y() : p.y();
    return new Point(cos * p.x() - sin * y + dx, sin * p.x() + cos * y + dy);
  }

  public List<Point> of(List<Point> points) {
    return points.stream().map(this::of).toList();
  }

  /** This, and another after it. */
  public Similarity then(Similarity next) {
    double s = next.over ? -sin : sin;
    double y = next.over ? -dy : dy;
    return new Similarity(
        next.cos * cos - next.sin * s,
        next.sin * cos + next.cos * s,
        over != next.over,
        next.cos * dx - next.sin * y + next.dx,
        next.sin * dx + next.cos * y + next.dy);
  }

  /** How many times as large things become. */
  public double scale() {
    return Math.hypot(cos, sin);
  }

  /** How far they are turned anticlockwise after they were turned over, radians. */
  public double turn() {
    return Math.atan2(sin, cos);
  }
}
