package roughcut.layout;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Quantity.RATIO;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Spline;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;

/**
 * The body from above: a fair curve from the neck's bass side round horn, waist and lower bout to
 * its treble side, closed by a straight line across the neck. x from the nut line, treble positive.
 *
 * @param shape the whole outline
 * @param area in cm²
 */
public record BodyOutline(Given joint, Outline shape, Worked area, Worked around) {
  private static final int PIECES = 14;

  /** How far beside the neck the body's curve begins, mm. */
  private static final double BESIDE_NECK = 3;

  public static BodyOutline of(Givens givens, FretboardTaper taper, Ledger ledger) {
    Given joint = givens.get(Decisions.JOINT_X);
    double half = taper.halfWidth(joint.value()) + BESIDE_NECK;
    Outline shape = shape(givens, joint.value(), half);
    Given length = givens.get(BodyDecisions.BODY_LENGTH);
    Given lower = givens.get(BodyDecisions.BODY_LOWER);
    return new BodyOutline(
        joint,
        shape,
        ledger.put(
            "body.area",
            "Body's area from above, cm²",
            RATIO,
            shape.area() / 100,
            "found by measuring the outline",
            in("L", length),
            in("w", lower)),
        ledger.put(
            "body.around",
            "Length of the body's edge all round",
            LENGTH,
            shape.around(),
            "found by measuring the outline",
            in("L", length),
            in("w", lower)));
  }

  private static Outline shape(Givens givens, double x0, double neckHalf) {
    List<Point> through = new ArrayList<>();
    side(givens, -1, through, x0, neckHalf);
    double end = x0 + givens.get(BodyDecisions.BODY_LENGTH).value();
    through.add(new Point(end, 0));
    List<Point> treble = new ArrayList<>();
    side(givens, 1, treble, x0, neckHalf);
    for (int i = treble.size() - 1; i >= 0; i--) {
      through.add(treble.get(i));
    }
    return new Outline(Spline.through(through, PIECES));
  }

  /** One side's points from the neck to the end; {@code side} is −1 for bass, 1 for treble. */
  private static void side(
      Givens givens, int side, List<Point> points, double x0, double neckHalf) {
    double length = givens.get(BodyDecisions.BODY_LENGTH).value();
    double upper = givens.get(BodyDecisions.BODY_UPPER).value() / 2;
    double waist = givens.get(BodyDecisions.BODY_WAIST).value() / 2;
    double lower = givens.get(BodyDecisions.BODY_LOWER).value() / 2;
    double slant = -side * givens.get(BodyDecisions.BODY_SLANT).value() / 2;
    double horn =
        givens
            .get(side < 0 ? BodyDecisions.BODY_HORN_BASS : BodyDecisions.BODY_HORN_TREBLE)
            .value();
    double tip = neckHalf + (upper - neckHalf) * 0.62;
    double[][] places = {
      {0, neckHalf},
      {-horn * 0.42, neckHalf + (tip - neckHalf) * 0.45},
      {-horn, tip},
      {length * 0.07 - horn * 0.45, upper * 0.965},
      {length * 0.2 + slant, upper},
      {length * 0.44 + slant, waist},
      {length * 0.67 + slant * 0.5, lower},
      {length * 0.87, lower * 0.81},
      {length * 0.97, lower * 0.43}
    };
    for (double[] p : places) {
      points.add(new Point(x0 + p[0], side * p[1]));
    }
  }

  /**
   * The smallest radius of the body's curve, in waist, horns and bouts; the line across the neck
   * doesn't count.
   */
  public double tightest() {
    List<Point> p = shape.corners();
    double tightest = Double.MAX_VALUE;
    for (int i = 1; i < p.size() - 1; i++) {
      Point a = p.get(i - 1);
      Point b = p.get(i);
      Point c = p.get(i + 1);
      double twice =
          Math.abs((b.x() - a.x()) * (c.y() - a.y()) - (c.x() - a.x()) * (b.y() - a.y()));
      if (twice > 1e-9) {
        tightest = Math.min(tightest, a.distance(b) * b.distance(c) * c.distance(a) / (2 * twice));
      }
    }
    return tightest;
  }

  /** The foremost point's x, the tip of the longer horn. */
  public double front() {
    return shape.bounds().left();
  }

  public double end() {
    return shape.bounds().right();
  }

  /** The outline's size. */
  public Bounds bounds() {
    return shape.bounds();
  }
}
