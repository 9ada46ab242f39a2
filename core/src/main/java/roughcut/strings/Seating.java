package roughcut.strings;

import roughcut.measure.Precision;

/**
 * A neck as it sits on its floor, seen from the side: the plane of its fret tops over the body, and
 * what that becomes when something is put under the heel or taken away there. The heel turns about
 * the end that is left as it is, so that a floor made deeper at the body's edge lets the joint down
 * too, and a wedge there lifts it (handbook page 7, "What mends what").
 *
 * @param joint plane of the fret tops over the body's top at the body's edge, mm
 * @param tan of the angle by which the neck leans back
 * @param run from the body's edge to the saddle line, mm
 * @param pocket from the body's edge to the heel's end, mm
 */
public record Seating(double joint, double tan, double run, double pocket) {
  /** Where under the heel something is put or taken away. */
  public enum Where {
    /** All at the body's edge, tapering to nothing at the heel's end. */
    BODY_EDGE(1, 0),
    /** All at the heel's end, tapering to nothing at the body's edge. */
    HEEL_END(0, 1),
    /** The same over the whole floor. */
    FULL_FACE(1, 1);

    private final double edge;
    private final double end;

    Where(double edge, double end) {
      this.edge = edge;
      this.end = end;
    }

    /** Share of it at the body's edge, 0 or 1. */
    public double atEdge() {
      return edge;
    }

    /** Share of it at the heel's end, 0 or 1. */
    public double atEnd() {
      return end;
    }
  }

  /** The same with so much put under the heel; less than 0 where it is taken away, mm. */
  public Seating raised(Where where, double by) {
    return new Seating(joint + where.atEdge() * by, tan + turn(where) * by, run, pocket);
  }

  /** The plane of the fret tops over the body's top at the saddle line, mm. */
  public double atSaddle() {
    return joint + tan * run;
  }

  /**
   * What has to be put under the heel there for the plane at the saddle line to come up by so much;
   * less than 0 where it has to be taken away. Not a number where that doesn't move it.
   */
  public double under(Where where, double up) {
    double each = where.atEdge() + turn(where) * run;
    return Math.abs(each) < Precision.SAME || Double.isInfinite(each) ? Double.NaN : up / each;
  }

  /** How much steeper it gets for each mm there; a neck without a heel can't be turned on it. */
  private double turn(Where where) {
    return where == Where.FULL_FACE ? 0 : (where.atEnd() - where.atEdge()) / pocket;
  }
}
