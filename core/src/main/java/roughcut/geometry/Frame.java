package roughcut.geometry;

import java.util.List;

/**
 * How something that lies in the instrument's own sides is seen: turned round in x, in y, in both
 * or in neither. Each is its own way back. With one of the two turned round, left and right hand
 * change places, as in a mirror.
 *
 * @param endForEnd whether x is turned round
 * @param over whether y is turned round
 */
public record Frame(boolean endForEnd, boolean over) {
  public static final Frame PLAIN = new Frame(false, false);

  /** Seen through this, and what is seen so through another. */
  public Frame then(Frame next) {
    return new Frame(endForEnd != next.endForEnd, over != next.over);
  }

  /** Whether left and right hand change places. */
  public boolean mirrors() {
    return endForEnd != over;
  }

  /** A length along, seen. */
  public double x(double x) {
    return endForEnd ? -x : x;
  }

  /** A length across, seen. */
  public double y(double y) {
    return over ? -y : y;
  }

  public Point of(Point p) {
    return new Point(x(p.x()), y(p.y()));
  }

  public List<Point> of(List<Point> points) {
    return points.stream().map(this::of).toList();
  }

  public Outline of(Outline shape) {
    return equals(PLAIN) ? shape : shape.through(similarity());
  }

  public Bounds of(Bounds b) {
    return new Bounds(
        endForEnd ? -b.right() : b.left(),
        over ? -b.high() : b.low(),
        endForEnd ? -b.left() : b.right(),
        over ? -b.low() : b.high());
  }

  /** A turn anticlockwise, seen; degrees or radians. */
  public double turn(double turn) {
    return mirrors() ? -turn : turn;
  }

  /** What it does to shapes. */
  public Similarity similarity() {
    return new Similarity(endForEnd ? -1 : 1, 0, mirrors(), 0, 0);
  }
}
