package roughcut.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.measure.Units;

/**
 * What was drawn under what came out: lines of the drawing as designed that lie elsewhere on the
 * real one, thin under the firm real ones.
 */
public final class AsBuilt {
  /** What can't be told apart at any scale that a maker looks at, mm. */
  static final double SEEN = 0.15;

  /** Smaller differences are drawn but not told, mm. */
  static final double TOLD = 0.3;

  /** So many differences are told on one drawing, none nearer to another than this, mm. */
  private static final int MOST = 3;

  private static final double APART = 60;

  private static final Set<Role> LINES =
      EnumSet.of(Role.OUTLINE, Role.EDGE, Role.CHANNEL, Role.SEAM, Role.NUT, Role.FRET);

  private AsBuilt() {}

  /**
   * The real drawing with the drawn one thin beneath it, where the two differ.
   *
   * @param real as it came out
   * @param drawn the same drawing before anything was measured
   * @param units in which the largest differences are told
   */
  public static Drawing over(Drawing real, Drawing drawn, Units units) {
    Map<String, List<Mark.Stroke>> there = new HashMap<>();
    real.lines()
        .forEach(path -> there.computeIfAbsent(key(path), k -> new ArrayList<>()).add(path));
    List<Mark> thin = new ArrayList<>();
    List<Off> off = new ArrayList<>();
    for (Mark.Stroke path : drawn.lines().toList()) {
      if (LINES.contains(path.role())
          && there.getOrDefault(key(path), List.of()).stream().noneMatch(p -> same(p, path))) {
        thin.add(new Mark.Stroke(Role.COVERED, path.points(), path.closed()));
        if (path.role() == Role.OUTLINE) {
          nearest(path, real).ifPresent(off::add);
        }
      }
    }
    if (thin.isEmpty()) {
      return real;
    }
    List<Mark> marks = new ArrayList<>(real.marks());
    marks.addAll(above(real.marks()), thin);
    marks.addAll(differences(off, units));
    return new Drawing(real.title(), marks, real.bounds(), real.pieces());
  }

  /** Where a line lies furthest from where it was drawn. */
  private record Off(Point drawn, Point real) {
    double by() {
      return drawn.distance(real);
    }
  }

  /** Against the real outline that lies nearest, wherever the two are furthest apart. */
  private static Optional<Off> nearest(Mark.Stroke drawn, Drawing real) {
    return real.lines()
        .filter(p -> p.role() == drawn.role())
        .map(p -> furthest(drawn, p))
        .min(Comparator.comparingDouble(Off::by));
  }

  /** The place of the drawn line that lies furthest from the real one, with the nearest there. */
  private static Off furthest(Mark.Stroke drawn, Mark.Stroke real) {
    Off most = null;
    for (Point p : drawn.points()) {
      Off here = new Off(p, nearest(p, real));
      most = most == null || here.by() > most.by() ? here : most;
    }
    return most;
  }

  private static Point nearest(Point p, Mark.Stroke line) {
    List<Point> points = line.points();
    Point nearest = points.get(0);
    for (int i = line.closed() ? 0 : 1; i < points.size(); i++) {
      Point before = points.get(Math.floorMod(i - 1, points.size()));
      Point there = p.nearestOnSegment(before, points.get(i));
      nearest = there.distance(p) < nearest.distance(p) ? there : nearest;
    }
    return nearest;
  }

  /** The largest differences, each with its line from where it was drawn, far enough apart. */
  private static List<Mark> differences(List<Off> all, Units units) {
    List<Off> worst = new ArrayList<>(all);
    worst.removeIf(o -> o.by() < TOLD);
    worst.sort(Comparator.comparingDouble(Off::by).reversed());
    List<Off> named = new ArrayList<>();
    for (Off off : worst) {
      if (named.size() < MOST && named.stream().allMatch(n -> n.real.distance(off.real) >= APART)) {
        named.add(off);
      }
    }
    List<Mark> marks = new ArrayList<>();
    for (Off off : named) {
      marks.add(new Mark.Stroke(Role.MEASURED, List.of(off.drawn, off.real), false));
      marks.add(
          new Mark.Text(
              Role.MEASURED,
              off.drawn,
              Text.of("planned {length} away", Text.length(off.by(), 1)).in(units),
              Mark.Anchor.START,
              Mark.Size.SMALL,
              0,
              null));
    }
    return marks;
  }

  /** Right over the wood, under everything that is written. */
  private static int above(List<Mark> marks) {
    for (int i = marks.size(); i > 0; i--) {
      Mark mark = marks.get(i - 1);
      if (mark.drawn() && mark.line().isEmpty()) {
        return i;
      }
    }
    return 0;
  }

  private static String key(Mark.Stroke path) {
    return path.role() + " " + path.points().size() + " " + path.closed();
  }

  private static boolean same(Mark.Stroke a, Mark.Stroke b) {
    List<Point> one = a.points();
    List<Point> two = b.points();
    for (int i = 0; i < one.size(); i++) {
      if (one.get(i).distance(two.get(i)) >= SEEN) {
        return false;
      }
    }
    return true;
  }
}
