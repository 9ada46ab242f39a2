package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import roughcut.measure.Precision;

/**
 * How tightly a line bends, as teeth that stand on it outwards where it bulges and inwards where it
 * is hollow: a fair line's teeth grow and shrink without a jump.
 */
public final class CurvatureComb {
  /** Teeth stand so far apart, mm; no more of them on a stretch. */
  private static final double APART = 4;

  private static final int MOST = 40;

  private CurvatureComb() {}

  /**
   * The teeth of each stretch.
   *
   * @param side on which a bend to the left stands: 1 for the right, as round an anticlockwise line
   * @param size length of a tooth where it bends round a radius of 1 mm, mm²
   * @param longest a tooth, mm
   */
  public static List<List<Line>> of(Chain chain, int side, double size, double longest) {
    List<List<Line>> all = new ArrayList<>();
    for (Segment segment : chain.segments()) {
      int teeth = (int) Math.max(2, Math.min(MOST, segment.length() / APART));
      List<Line> stretch = new ArrayList<>();
      for (int i = 0; i <= teeth; i++) {
        double t = (double) i / teeth;
        Point on = segment.at(t);
        Point way = segment.way(t);
        double bend = segment.curvature(t);
        if (Math.hypot(way.x(), way.y()) < Precision.NEAR || Double.isNaN(bend)) {
          continue; // where pulls lie on their point it has no way of its own
        }
        double tooth = side * Math.max(-longest, Math.min(longest, size * bend));
        Point along = way.unit();
        stretch.add(new Line(on, on.plus(along.y() * tooth, -along.x() * tooth)));
      }
      all.add(stretch);
    }
    return all;
  }
}
