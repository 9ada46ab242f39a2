package roughcut.blank;

import roughcut.design.BodyDecisions;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.layout.BodyOutline;
import roughcut.measure.Precision;
import roughcut.record.EffectiveInputs;

/**
 * How the body's outline lies on its blank. The blank's own places: x from its head end along the
 * grain, y from its middle, treble positive.
 *
 * @param dx what is added to a place on the instrument, before turning
 * @param dy the same across
 * @param turn anticlockwise about the outline's foremost point on the centre line, radians
 * @param pivot that point, on the blank
 * @param shape the outline on the blank
 */
public record BodyPlacement(double dx, double dy, double turn, Point pivot, Outline shape) {

  static BodyPlacement of(EffectiveInputs inputs, BodyOutline outline) {
    double dx = inputs.get(BodyDecisions.BODY_LAID_X).value() - outline.front();
    double dy = inputs.get(BodyDecisions.BODY_LAID_Y).value();
    double turn = Math.toRadians(inputs.get(BodyDecisions.BODY_LAID_TURN).value());
    Point pivot = new Point(outline.front() + dx, dy);
    return new BodyPlacement(
        dx, dy, turn, pivot, outline.shape().translate(dx, dy).turned(pivot, turn, 0, 0));
  }

  /** A place on the instrument, on the blank. */
  public Point onBlank(Point p) {
    double x = p.x() + dx - pivot.x();
    double y = p.y() + dy - pivot.y();
    return pivot.plus(
        x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn));
  }

  /** Whether the outline's centre line is the blank's, as a centre joint wants it. */
  public boolean centred() {
    return Math.abs(dy) < Precision.SAME && Math.abs(turn) < Precision.SAME;
  }

  /** How far the outline runs off a blank of that size; 0 when it lies on it, mm. */
  public double off(double length, double width) {
    var b = shape.bounds();
    return Math.max(
        0,
        Math.max(
            Math.max(-b.left(), b.right() - length),
            Math.max(-width / 2 - b.low(), b.high() - width / 2)));
  }
}
