package roughcut.layout;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import roughcut.design.BodyDecisions;
import roughcut.design.OutlineSizes;
import roughcut.design.PartDecisions;
import roughcut.design.SurfaceDecisions;
import roughcut.design.YesNo;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Spline;
import roughcut.record.Givens;

/**
 * The body's curve of our own: one fair curve (no kink in slope or curvature) from the neck's bass
 * side round horn, waist and lower bout to its treble side. Its points follow from a few main
 * measures, so that the curve is as wide as they say; each can be moved from there.
 *
 * @param shape the whole outline
 * @param points that can be moved
 */
record BodyCurve(Outline shape, List<BodyOutline.Handle> points) {
  private static final int PIECES = 14;

  /** Places of a side's points in their order from the neck. */
  private static final int HORN = 2;

  private static final int UPPER = 4;
  private static final int WAIST = 5;
  private static final int LOWER = 6;

  /** How closely the curve has its widths, mm. */
  private static final double CLOSE = 1e-6;

  private static final int MOST_ROUNDS = 40;
  private static final double MOST_OFF = 0.15;

  /**
   * Works it out.
   *
   * @param x0 where the body begins
   * @param neckHalf from the centre line to where the curve begins
   */
  static BodyCurve of(Givens givens, double x0, double neckHalf) {
    boolean mirror = givens.get(SurfaceDecisions.OUTLINE_MIRROR) == YesNo.YES;
    double end = x0 + givens.get(BodyDecisions.BODY_LENGTH).value();
    Halves wanted =
        new Halves(
            givens.get(BodyDecisions.BODY_UPPER).value() / 2,
            givens.get(BodyDecisions.BODY_WAIST).value() / 2,
            givens.get(BodyDecisions.BODY_LOWER).value() / 2);
    Side bass = Side.of(givens, -1, mirror, x0, neckHalf);
    Side treble = Side.of(givens, 1, mirror, x0, neckHalf);
    Halves[] widths = {wanted, wanted};
    if (givens.get(SurfaceDecisions.OUTLINE_SIZES) == OutlineSizes.ACROSS) {
      widths = fitted(bass, treble, wanted, end);
    }
    List<BodyOutline.Handle> handles = new ArrayList<>();
    List<Point> own = bass.moved(givens, widths[0], handles);
    List<Point> other = treble.moved(givens, widths[1], handles);
    return new BodyCurve(new Outline(curve(own, other, end)), List.copyOf(handles));
  }

  private static List<Point> curve(List<Point> bass, List<Point> treble, double end) {
    List<Point> through = new ArrayList<>(bass);
    through.add(new Point(end, 0));
    for (int i = treble.size() - 1; i >= 0; i--) {
      through.add(treble.get(i));
    }
    return Spline.through(through, PIECES);
  }

  /**
   * Widths at the points with which the curve itself, before any point is moved, is as wide as is
   * wanted: each put out by what the curve still lacks there, until nothing is lacking.
   */
  private static Halves[] fitted(Side bass, Side treble, Halves wanted, double end) {
    Halves[] at = {wanted, wanted};
    for (int i = 0; i < MOST_ROUNDS; i++) {
      List<Point> curve = curve(bass.points(at[0]), treble.points(at[1]), end);
      Halves left = Halves.of(curve, -1);
      Collections.reverse(curve);
      Halves right = Halves.of(curve, 1);
      at[0] = at[0].put(wanted, left);
      at[1] = at[1].put(wanted, right);
      if (wanted.off(left) < CLOSE && wanted.off(right) < CLOSE) {
        break;
      }
    }
    return at;
  }

  /** Half widths of one side: at upper bout, waist and lower bout, mm. */
  private record Halves(double upper, double waist, double lower) {
    /** Of a curve that begins beside the neck at that side. */
    static Halves of(List<Point> curve, int side) {
      double upper = Double.NEGATIVE_INFINITY;
      double waist = Double.POSITIVE_INFINITY;
      double lower = Double.NEGATIVE_INFINITY;
      for (int i = HORN * PIECES; i <= WAIST * PIECES; i++) {
        upper = Math.max(upper, side * curve.get(i).y());
      }
      for (int i = UPPER * PIECES; i <= LOWER * PIECES; i++) {
        waist = Math.min(waist, side * curve.get(i).y());
      }
      for (int i = WAIST * PIECES; i <= (LOWER + 1) * PIECES; i++) {
        lower = Math.max(lower, side * curve.get(i).y());
      }
      return new Halves(upper, waist, lower);
    }

    /** Put out by what is lacking; never so far that a curve without a waist runs away. */
    Halves put(Halves wanted, Halves found) {
      return new Halves(
          put(upper, wanted.upper, found.upper),
          put(waist, wanted.waist, found.waist),
          put(lower, wanted.lower, found.lower));
    }

    private static double put(double at, double wanted, double found) {
      double most = MOST_OFF * wanted;
      return Math.max(wanted - most, Math.min(wanted + most, at + wanted - found));
    }

    double off(Halves o) {
      return Math.max(
          Math.abs(upper - o.upper),
          Math.max(Math.abs(waist - o.waist), Math.abs(lower - o.lower)));
    }
  }

  /** One side of the curve: −1 for bass, 1 for treble. */
  private record Side(
      int side,
      boolean bass,
      double x0,
      double neckHalf,
      double length,
      double slant,
      double horn) {
    static Side of(Givens givens, int side, boolean mirror, double x0, double neckHalf) {
      boolean bass = side < 0 || mirror;
      double slant = mirror ? 0 : -side * givens.get(BodyDecisions.BODY_SLANT).value() / 2;
      double horn =
          givens.get(bass ? BodyDecisions.BODY_HORN_BASS : BodyDecisions.BODY_HORN_TREBLE).value();
      double length = givens.get(BodyDecisions.BODY_LENGTH).value();
      return new Side(side, bass, x0, neckHalf, length, slant, horn);
    }

    /** Its points from the neck to the end, as they follow from the main measures. */
    List<Point> points(Halves w) {
      double tip = neckHalf + (w.upper - neckHalf) * 0.62;
      double[][] places = {
        {0, neckHalf},
        {-horn * 0.42, neckHalf + (tip - neckHalf) * 0.45},
        {-horn, tip},
        {length * 0.07 - horn * 0.45, w.upper * 0.965},
        {length * 0.2 + slant, w.upper},
        {length * 0.44 + slant, w.waist},
        {length * 0.67 + slant * 0.5, w.lower},
        {length * 0.87, w.lower * 0.81},
        {length * 0.97, w.lower * 0.43}
      };
      List<Point> points = new ArrayList<>();
      for (double[] place : places) {
        points.add(new Point(x0 + place[0], side * place[1]));
      }
      return points;
    }

    /** The same with what was moved by hand. */
    List<Point> moved(Givens givens, Halves widths, List<BodyOutline.Handle> handles) {
      List<Point> points = points(widths);
      String name = bass ? "bass" : "treble";
      for (int i = 1; i < points.size(); i++) {
        double along = givens.get(PartDecisions.bodyPoint(name, i, "along")).value();
        double out = givens.get(PartDecisions.bodyPoint(name, i, "out")).value();
        points.set(i, points.get(i).plus(along, side * out));
        handles.add(new BodyOutline.Handle(name, i, side, points.get(i)));
      }
      return points;
    }
  }
}
