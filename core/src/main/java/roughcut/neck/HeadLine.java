package roughcut.neck;

import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.geometry.Point;
import roughcut.measure.Given;

/**
 * Where the head's face leaves the neck's top: the break line, at the nut's head side, and the
 * slope of the face from there. Points are in the elevation: x from the nut line towards the
 * bridge, z up from the neck's top (handbook page 4).
 *
 * @param breakX the break line, mm from the nut line; negative, towards the head
 */
public record HeadLine(
    Given angle, Given length, Given thickness, Given nutThickness, double breakX) {
  /** Below this angle (degrees) a head counts as flat: no scarf numbers. */
  public static final double FLAT = 0.5;

  public static HeadLine of(Givens givens) {
    Given nut = givens.get(Decisions.NUT_THICKNESS);
    return new HeadLine(
        givens.get(Decisions.HEAD_ANGLE),
        givens.get(Decisions.HEAD_LENGTH),
        givens.get(Decisions.HEAD_THICKNESS),
        nut,
        -nut.value());
  }

  public boolean flat() {
    return angle.value() < FLAT;
  }

  /** The head angle in radians. */
  public double theta() {
    return Math.toRadians(angle.value());
  }

  /** The break line's point in the elevation. */
  public Point breakPoint() {
    return new Point(breakX, 0);
  }

  /**
   * A place on the head, in the elevation.
   *
   * @param along distance from the break along the face towards the tip; negative is the face's
   *     line produced into the neck
   * @param below distance under the face, square to it
   */
  public Point at(double along, double below) {
    double sin = Math.sin(theta());
    double cos = Math.cos(theta());
    return new Point(breakX - along * cos + below * sin, -along * sin - below * cos);
  }
}
