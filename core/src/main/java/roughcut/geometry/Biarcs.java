package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import roughcut.measure.Precision;

/**
 * A cubic curve as arcs that run on into each other without a kink, for machines and files that
 * know no other curve: two arcs for each stretch, halved until they lie near enough (biarcs, after
 * Bolton 1975, with both tangents equally long).
 */
public final class Biarcs {
  private static final int LOOKS = 8;
  private static final int MOST_HALVINGS = 12;

  private Biarcs() {}

  /**
   * The arcs, and lines where it runs straight.
   *
   * @param error no place of the curve lies further from them, mm
   */
  public static List<Segment> of(Cubic curve, double error) {
    List<Segment> all = new ArrayList<>();
    split(curve, error, MOST_HALVINGS, all);
    return all;
  }

  private static void split(Cubic curve, double error, int halvings, List<Segment> all) {
    List<Segment> two = pair(curve);
    if (halvings == 0 || near(curve, two, error)) {
      all.addAll(two);
      return;
    }
    split(curve.part(0, 0.5), error, halvings - 1, all);
    split(curve.part(0.5, 1), error, halvings - 1, all);
  }

  private static boolean near(Cubic curve, List<Segment> arcs, double error) {
    for (int i = 1; i < LOOKS; i++) {
      Point p = curve.at((double) i / LOOKS);
      if (arcs.stream().noneMatch(s -> s.distance(p) <= error)) {
        return false;
      }
    }
    return true;
  }

  private static List<Segment> pair(Cubic curve) {
    Point a = curve.start();
    Point b = curve.end();
    Point u = unit(curve.way(0));
    Point v = unit(curve.way(1));
    double wx = b.x() - a.x();
    double wy = b.y() - a.y();
    double along = wx * (u.x() + v.x()) + wy * (u.y() + v.y());
    double bend = 2 * (1 - (u.x() * v.x() + u.y() * v.y()));
    double square = wx * wx + wy * wy;
    double d =
        bend < Precision.ROUNDING
            ? square / (2 * along)
            : (Math.sqrt(along * along + bend * square) - along) / bend;
    if (!(d > 0) || Double.isInfinite(d)) {
      return List.of(new Line(a, b));
    }
    Point middle =
        new Point(
            (a.x() + d * u.x() + b.x() - d * v.x()) / 2,
            (a.y() + d * u.y() + b.y() - d * v.y()) / 2);
    return List.of(arc(a, u, middle), arc(b, new Point(-v.x(), -v.y()), middle).reversed());
  }

  private static Point unit(Point way) {
    double length = Math.hypot(way.x(), way.y());
    return new Point(way.x() / length, way.y() / length);
  }

  /** The arc that leaves one place in a direction and reaches another. */
  private static Segment arc(Point from, Point way, Point to) {
    double x = to.x() - from.x();
    double y = to.y() - from.y();
    double aside = way.x() * y - way.y() * x;
    double chord = x * x + y * y;
    if (Math.abs(aside) < Precision.NEAR) {
      return new Line(from, to);
    }
    // On the left of its way where it turns left.
    double radius = chord / (2 * aside);
    Point centre = from.plus(-way.y() * radius, way.x() * radius);
    double begin = Math.atan2(from.y() - centre.y(), from.x() - centre.x());
    double sweep = 2 * Math.atan2(aside, way.x() * x + way.y() * y);
    return new Arc(centre, Math.abs(radius), begin, sweep);
  }
}
