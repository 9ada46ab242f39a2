package roughcut.drawing;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import roughcut.geometry.Point;

/**
 * What was drawn under what came out: lines of the drawing as designed that lie elsewhere on the
 * real one, thin under the firm real ones.
 */
public final class AsBuilt {
  /** What can't be told apart at any scale that a maker looks at, mm. */
  static final double SEEN = 0.15;

  private static final Set<Role> LINES =
      EnumSet.of(Role.OUTLINE, Role.EDGE, Role.CHANNEL, Role.SEAM, Role.NUT, Role.FRET);

  private AsBuilt() {}

  /**
   * The real drawing with the drawn one thin beneath it, where the two differ.
   *
   * @param real as it came out
   * @param drawn the same drawing before anything was measured
   */
  public static Drawing over(Drawing real, Drawing drawn) {
    Map<String, List<Mark.Path>> there = new HashMap<>();
    for (Mark mark : real.marks()) {
      if (mark instanceof Mark.Path path) {
        there.computeIfAbsent(key(path), k -> new ArrayList<>()).add(path);
      }
    }
    List<Mark> thin = new ArrayList<>();
    for (Mark mark : drawn.marks()) {
      if (mark instanceof Mark.Path path
          && LINES.contains(path.role())
          && there.getOrDefault(key(path), List.of()).stream().noneMatch(p -> same(p, path))) {
        thin.add(new Mark.Path(Role.COVERED, path.points(), path.closed()));
      }
    }
    if (thin.isEmpty()) {
      return real;
    }
    List<Mark> marks = new ArrayList<>(real.marks());
    marks.addAll(above(real.marks()), thin);
    return new Drawing(real.title(), marks, real.bounds(), real.pieces());
  }

  /** Right over the wood, under everything that is written. */
  private static int above(List<Mark> marks) {
    for (int i = marks.size(); i > 0; i--) {
      if (marks.get(i - 1) instanceof Mark.Fill) {
        return i;
      }
    }
    return 0;
  }

  private static String key(Mark.Path path) {
    return path.role() + " " + path.points().size() + " " + path.closed();
  }

  private static boolean same(Mark.Path a, Mark.Path b) {
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
