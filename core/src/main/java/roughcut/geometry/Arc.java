package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.measure.Precision;

/**
 * A round stretch.
 *
 * @param from where it begins, seen from the centre, radians anticlockwise from x
 * @param sweep how far it runs on, radians; less than 0 clockwise, a full turn at most
 */
public record Arc(Point centre, double radius, double from, double sweep) implements Segment {
  private static final double TURN = 2 * Math.PI;

  public Arc {
    if (!(radius > 0)) {
      throw new IllegalArgumentException("an arc has a radius of more than 0, not " + radius);
    }
    if (!(Math.abs(sweep) <= TURN * (1 + Precision.ROUNDING)) || sweep == 0) {
      throw new IllegalArgumentException("an arc is at most a full circle, not " + sweep);
    }
  }

  /** A whole circle, begun at its right, anticlockwise. */
  public static Arc circle(Point centre, double radius) {
    return new Arc(centre, radius, 0, TURN);
  }

  @Override
  public <T, E extends Exception> T fold(Cases<T, E> cases) throws E {
    return cases.arc(this);
  }

  @Override
  public Optional<Arc> round() {
    return Optional.of(this);
  }

  /** Whether it runs round once. */
  public boolean whole() {
    return Math.abs(Math.abs(sweep) - TURN) < Precision.ROUNDING;
  }

  @Override
  public Point at(double t) {
    double angle = from + t * sweep;
    return centre.plus(radius * Math.cos(angle), radius * Math.sin(angle));
  }

  @Override
  public Point way(double t) {
    double angle = from + t * sweep;
    double length = radius * sweep;
    return new Point(-length * Math.sin(angle), length * Math.cos(angle));
  }

  @Override
  public double curvature(double t) {
    return Math.signum(sweep) / radius;
  }

  @Override
  public double nearest(Point place) {
    double angle = Math.atan2(place.y() - centre.y(), place.x() - centre.x());
    double on = Math.signum(sweep) * (angle - from);
    on -= TURN * Math.floor(on / TURN);
    double reach = Math.abs(sweep);
    if (on <= reach) {
      return on / reach;
    }
    return on - reach < TURN - on ? 1 : 0;
  }

  @Override
  public Arc part(double begin, double end) {
    return new Arc(centre, radius, from + begin * sweep, (end - begin) * sweep);
  }

  @Override
  public Arc reversed() {
    return part(1, 0);
  }

  @Override
  public Arc through(Similarity change) {
    double turned = change.over() ? -from : from;
    return new Arc(
        change.of(centre),
        radius * change.scale(),
        turned + change.turn(),
        change.over() ? -sweep : sweep);
  }

  @Override
  public List<Point> corners() {
    return Arcs.arc(centre, radius, from, from + sweep);
  }

  /**
   * Cubic curves as good as it, an eighth of a circle each at most: no further from it than four
   * millionths of its radius, for papers that know no arcs.
   */
  public List<Cubic> cubics() {
    int count = (int) Math.ceil(Math.abs(sweep) / (Math.PI / 4) - Precision.SAME);
    double handle = 4.0 / 3 * Math.tan(sweep / count / 4) / (sweep / count);
    List<Cubic> cubics = new ArrayList<>(count);
    for (int i = 0; i < count; i++) {
      Arc piece = part((double) i / count, (double) (i + 1) / count);
      Point out = piece.way(0);
      Point in = piece.way(1);
      cubics.add(
          new Cubic(
              piece.start(),
              piece.start().plus(out.x() * handle, out.y() * handle),
              piece.end().plus(-in.x() * handle, -in.y() * handle),
              piece.end()));
    }
    return cubics;
  }

  @Override
  public double length() {
    return radius * Math.abs(sweep);
  }

  @Override
  public double swept() {
    double to = from + sweep;
    return radius
        / 2
        * (radius * sweep
            + centre.x() * (Math.sin(to) - Math.sin(from))
            - centre.y() * (Math.cos(to) - Math.cos(from)));
  }
}
