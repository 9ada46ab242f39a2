package roughcut;

import roughcut.whatif.SeatWays.Way;

/**
 * A neck on a floor of plain points: a heel on the two ends of a pocket, turned and moved as a
 * rigid body. It shares no arithmetic with the program.
 *
 * @param joint where the body begins, from the nut line, mm
 * @param heelEnd where the heel ends
 * @param scale where the saddle line is
 * @param edge of the floor at the body's edge, over the body's top; less than 0
 * @param end of the floor at the heel's end
 * @param heel its thickness
 * @param board the fretboard's
 * @param fret a fret's height
 * @param over from the plane of the frets at the saddle line up to the saddle
 */
public record SeatedNeck(
    double joint,
    double heelEnd,
    double scale,
    double edge,
    double end,
    double heel,
    double board,
    double fret,
    double over) {
  /** The plane of the fret tops over the body's top at x. */
  public double plane(double x) {
    double lean = Math.atan2(end - edge, heelEnd - joint);
    // The plane runs along the floor, square to it by heel, fretboard and fret.
    double up = heel + board + fret;
    double px = joint - up * Math.sin(lean);
    double pz = edge + up * Math.cos(lean);
    return pz + Math.tan(lean) * (x - px);
  }

  public double standing() {
    return plane(joint) - fret;
  }

  public double straightedge() {
    return plane(scale);
  }

  public double saddle() {
    return plane(scale) + over;
  }

  /** With the floor so much higher at both ends; less than 0 where it is cut away. */
  public SeatedNeck raised(double atEdge, double atEnd) {
    return new SeatedNeck(
        joint, heelEnd, scale, edge + atEdge, end + atEnd, heel, board, fret, over);
  }

  /** What a way out makes of it when it is carried out. */
  public SeatedNeck carriedOut(Way way) {
    double by = way.by();
    return switch (way.kind()) {
      case SHIM -> raised(by, by);
      case DEEPEN, PLANE_HEEL -> raised(-by, -by);
      case FLOOR_AT_EDGE, PLANE_AT_EDGE -> raised(-by, 0);
      case WEDGE_AT_END -> raised(0, by);
      case FLOOR_AT_END -> raised(0, -by);
      case WEDGE_AT_EDGE -> raised(by, 0);
      case LOWER_SADDLES, RAISE_SADDLES, LET_IN_BRIDGE, PLATE_UNDER_BRIDGE -> this;
    };
  }
}
