package roughcut.body;

import roughcut.design.BodyFace;
import roughcut.design.NumberDecision;
import roughcut.design.SurfaceDecisions;
import roughcut.geometry.Box;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.part.BodyWork;

/**
 * Wood taken off one face towards the edge: deepest at the outermost place, less and less inwards
 * (arm, belly, heel). A level one falls like a plane; one with a length is a hollow that fades out
 * to both sides.
 *
 * @param kind arm, belly or heel
 * @param outermost where it is deepest, from above
 * @param way in which it falls, of length 1
 * @param depth there, mm
 * @param reach how far inwards it goes, mm
 * @param length along the edge, mm; 0 for a level one
 */
public record Contour(
    Kind kind,
    BodyFace face,
    Point outermost,
    Point way,
    double depth,
    double reach,
    double length) {
  /** Where a body is hollowed, each with the decision on how deep. */
  public enum Kind {
    ARM(Text.of("arm contour"), SurfaceDecisions.ARM_DEPTH, BodyWork.ARM),
    BELLY(Text.of("belly contour"), SurfaceDecisions.BELLY_DEPTH, BodyWork.BELLY),
    HEEL(Text.of("heel carve"), SurfaceDecisions.HEEL_CARVE_DEPTH, BodyWork.HEEL);

    private final Text words;
    private final NumberDecision depth;
    private final BodyWork work;

    Kind(Text words, NumberDecision depth, BodyWork work) {
      this.words = words;
      this.depth = depth;
      this.work = work;
    }

    /** What cuts it. */
    public BodyWork work() {
      return work;
    }

    /** The decision on how deep it is. */
    public NumberDecision depth() {
      return depth;
    }
  }

  public Text name() {
    return kind.words;
  }

  /** What it takes off at a place, mm. */
  public double at(double x, double y) {
    double in = (outermost.x() - x) * way.x() + (outermost.y() - y) * way.y();
    double left = Math.max(0, Math.min(1, 1 - in / reach));
    if (left == 0) {
      return 0;
    }
    if (length == 0) {
      return depth * left;
    }
    double aside = aside(x, y);
    if (Math.abs(aside) >= length / 2) {
      return 0;
    }
    double fade = Math.cos(Math.PI * aside / length);
    return depth * left * fade * fade;
  }

  /** Whether it takes anything off within so much of a box, seen from above. */
  public boolean reaches(Box box, double within) {
    double nearest = Double.POSITIVE_INFINITY;
    double left = Double.POSITIVE_INFINITY;
    double right = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < 4; i++) {
      double x = (i & 1) == 0 ? box.x0() : box.x1();
      double y = (i & 2) == 0 ? box.y0() : box.y1();
      nearest = Math.min(nearest, inward(x, y));
      double aside = aside(x, y);
      left = Math.min(left, aside);
      right = Math.max(right, aside);
    }
    return nearest < reach + within
        && (length == 0 || left < length / 2 + within && right > -length / 2 - within);
  }

  private double aside(double x, double y) {
    return (x - outermost.x()) * -way.y() + (y - outermost.y()) * way.x();
  }

  /** How far inwards from its outermost place somewhere lies. */
  public double inward(double x, double y) {
    return (outermost.x() - x) * way.x() + (outermost.y() - y) * way.y();
  }
}
