package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.measure.Precision;

/**
 * Finds the arcs that other programs wrote as cubic curves: those that lie on a circle, joined
 * where one runs on into the next.
 */
public final class ArcFinder implements Segment.Cases<Segment, RuntimeException> {
  private static final int LOOKS = 8;

  /** Places in files are rounded, mm. */
  private static final double HAIR = 1e-4;

  private final double error;

  private ArcFinder(double error) {
    this.error = error;
  }

  /**
   * The same lines, those that are round as arcs.
   *
   * @param error how far the centres of two arcs may lie apart that run on into each other, mm
   */
  public static List<Segment> of(List<Segment> lines, double error) {
    ArcFinder finder = new ArcFinder(error);
    List<Segment> found = new ArrayList<>();
    for (Segment line : lines) {
      Segment next = line.fold(finder);
      int last = found.size() - 1;
      Optional<Arc> on = last < 0 ? Optional.empty() : finder.joined(found.get(last), next);
      if (on.isPresent()) {
        found.set(last, on.get());
      } else {
        found.add(next);
      }
    }
    return found;
  }

  @Override
  public Segment line(Line line) {
    return line;
  }

  @Override
  public Segment arc(Arc arc) {
    return arc;
  }

  @Override
  public Segment cubic(Cubic cubic) {
    Point a = cubic.start();
    Point m = cubic.at(0.5);
    Point b = cubic.end();
    // The centre stands square to the middle of both chords.
    double det = 2 * ((m.x() - a.x()) * (b.y() - a.y()) - (m.y() - a.y()) * (b.x() - a.x()));
    double chord = a.distance(b);
    if (Math.abs(det) < Precision.SAME * chord * chord || chord < error) {
      return cubic;
    }
    double mx = square(m, a);
    double bx = square(b, a);
    double x = ((b.y() - a.y()) * mx - (m.y() - a.y()) * bx) / det;
    double y = ((m.x() - a.x()) * bx - (b.x() - a.x()) * mx) / det;
    Point centre = a.plus(x, y);
    double radius = Math.hypot(x, y);
    double from = Math.atan2(-y, -x);
    double to = Math.atan2(b.y() - centre.y(), b.x() - centre.x());
    double turns = (to - from) / (2 * Math.PI);
    double sweep = (turns - Math.floor(turns)) * 2 * Math.PI;
    sweep = det > 0 ? sweep : sweep - 2 * Math.PI;
    if (sweep == 0 || Math.abs(sweep) > Math.PI) {
      return cubic;
    }
    Arc arc = new Arc(centre, radius, from, sweep);
    double most = radius * outOfRound(sweep) + HAIR;
    for (int i = 0; i <= LOOKS; i++) {
      if (arc.distance(cubic.at((double) i / LOOKS)) > most) {
        return cubic;
      }
    }
    return arc;
  }

  /**
   * No cubic curve that stands for an arc is further out, as a share of its radius (Goldapp 1991).
   */
  private static double outOfRound(double sweep) {
    double sin = Math.sin(sweep / 4);
    double cos = Math.cos(sweep / 4);
    return 4.0 / 27 * Math.pow(sin, 6) / (cos * cos);
  }

  private static double square(Point p, Point from) {
    double dx = p.x() - from.x();
    double dy = p.y() - from.y();
    return dx * dx + dy * dy;
  }

  private Optional<Arc> joined(Segment before, Segment next) {
    return before.round().flatMap(a -> next.round().flatMap(b -> one(a, b)));
  }

  private Optional<Arc> one(Arc a, Arc b) {
    double sweep = a.sweep() + b.sweep();
    boolean same =
        a.end().distance(b.start()) <= error
            && a.centre().distance(b.centre()) <= error
            && Math.abs(a.radius() - b.radius()) <= error
            && a.sweep() * b.sweep() > 0
            && Math.abs(sweep) <= 2 * Math.PI + Precision.NEAR;
    if (!same) {
      return Optional.empty();
    }
    double most = Math.min(2 * Math.PI, Math.abs(sweep));
    boolean round = 2 * Math.PI - most < Precision.NEAR;
    double whole = round ? 2 * Math.PI : most;
    return Optional.of(new Arc(a.centre(), a.radius(), a.from(), Math.copySign(whole, sweep)));
  }
}
