package roughcut.layout;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import roughcut.design.BodyDecisions;
import roughcut.design.PartDecisions;
import roughcut.design.SurfaceDecisions;
import roughcut.design.YesNo;
import roughcut.geometry.Outline;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Spline;
import roughcut.record.EffectiveInputs;

/**
 * The body's curve of our own: one fair curve (no kink in slope or curvature) from the neck's bass
 * side round horn, waist and lower bout to its treble side. Its points follow from a few main
 * measures, so that the curve is as wide as they say; each can be moved from there.
 *
 * @param shape the whole outline
 * @param line as it was shaped or drawn
 * @param points that can be moved
 * @param none where no curve through such points has the widths
 */
record BodyCurve(
    Outline shape, Path line, List<BodyOutline.Handle> points, Optional<BodyOutline.NoCurve> none) {
  static final int PIECES = 14;

  /**
   * A line that was drawn elsewhere.
   *
   * @param first beside which place the shape's first corner is
   */
  BodyCurve(
      Path line, Point first, List<BodyOutline.Handle> points, Optional<BodyOutline.NoCurve> none) {
    this(new Outline(line.begun(first, true)), line, points, none);
  }

  /**
   * Works it out.
   *
   * @param x0 where the body begins
   * @param neckHalf from the centre line to where the curve begins
   */
  static BodyCurve of(EffectiveInputs inputs, double x0, double neckHalf) {
    boolean mirror = inputs.get(SurfaceDecisions.OUTLINE_MIRROR) == YesNo.YES;
    double end = x0 + inputs.get(BodyDecisions.BODY_LENGTH).value();
    HalfWidths wanted =
        new HalfWidths(
            inputs.get(BodyDecisions.BODY_UPPER).value() / 2,
            inputs.get(BodyDecisions.BODY_WAIST).value() / 2,
            inputs.get(BodyDecisions.BODY_LOWER).value() / 2);
    Side bass = Side.of(inputs, -1, mirror, x0, neckHalf);
    Side treble = Side.of(inputs, 1, mirror, x0, neckHalf);
    CurveFit fit =
        switch (inputs.get(SurfaceDecisions.OUTLINE_SIZES)) {
          case ACROSS ->
              CurveFit.of(wanted, (left, right) -> tried(bass, treble, end, left, right));
          case POINTS -> CurveFit.atItsPoints(wanted);
        };
    List<BodyOutline.Handle> handles = new ArrayList<>();
    List<Point> own = bass.moved(inputs, fit.bass(), handles);
    List<Point> other = treble.moved(inputs, fit.treble(), handles);
    Path line = curve(own, other, end);
    return new BodyCurve(new Outline(line), line, List.copyOf(handles), fit.none());
  }

  private static Path curve(List<Point> bass, List<Point> treble, double end) {
    List<Point> through = new ArrayList<>(bass);
    through.add(new Point(end, 0));
    for (int i = treble.size() - 1; i >= 0; i--) {
      through.add(treble.get(i));
    }
    return Spline.through(through, PIECES, true);
  }

  /** The curve as it comes out of such widths at its points, before any point is moved. */
  private static CurveFit.Result tried(
      Side bass, Side treble, double end, HalfWidths atBass, HalfWidths atTreble) {
    List<Point> curve =
        new ArrayList<>(curve(bass.points(atBass), treble.points(atTreble), end).points());
    HalfWidths left = HalfWidths.of(curve, -1);
    Collections.reverse(curve);
    return new CurveFit.Result(left, HalfWidths.of(curve, 1));
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
    static Side of(EffectiveInputs inputs, int side, boolean mirror, double x0, double neckHalf) {
      boolean bass = side < 0 || mirror;
      double slant = mirror ? 0 : -side * inputs.get(BodyDecisions.BODY_SLANT).value() / 2;
      double horn =
          inputs.get(bass ? BodyDecisions.BODY_HORN_BASS : BodyDecisions.BODY_HORN_TREBLE).value();
      double length = inputs.get(BodyDecisions.BODY_LENGTH).value();
      return new Side(side, bass, x0, neckHalf, length, slant, horn);
    }

    /** Its points from the neck to the end, as they follow from the main measures. */
    List<Point> points(HalfWidths w) {
      double tip = neckHalf + (w.upper() - neckHalf) * 0.62;
      double[][] places = {
        {0, neckHalf},
        {-horn * 0.42, neckHalf + (tip - neckHalf) * 0.45},
        {-horn, tip},
        {length * 0.07 - horn * 0.45, w.upper() * 0.965},
        {length * 0.2 + slant, w.upper()},
        {length * 0.44 + slant, w.waist()},
        {length * 0.67 + slant * 0.5, w.lower()},
        {length * 0.87, w.lower() * 0.81},
        {length * 0.97, w.lower() * 0.43}
      };
      List<Point> points = new ArrayList<>();
      for (double[] place : places) {
        points.add(new Point(x0 + place[0], side * place[1]));
      }
      return points;
    }

    /** The same with what was moved by hand. */
    List<Point> moved(EffectiveInputs inputs, HalfWidths widths, List<BodyOutline.Handle> handles) {
      List<Point> points = points(widths);
      String name = bass ? "bass" : "treble";
      for (int i = 1; i < points.size(); i++) {
        double along = inputs.get(PartDecisions.bodyPoint(name, i, "along")).value();
        double out = inputs.get(PartDecisions.bodyPoint(name, i, "out")).value();
        points.set(i, points.get(i).plus(along, side * out));
        handles.add(new BodyOutline.Handle(name, i, side, points.get(i)));
      }
      return points;
    }
  }
}
