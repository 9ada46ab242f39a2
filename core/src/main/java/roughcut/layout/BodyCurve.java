package roughcut.layout;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BodyDecisions;
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
 * measures; each can be moved from there.
 *
 * @param shape the whole outline
 * @param points that can be moved
 */
record BodyCurve(Outline shape, List<BodyOutline.Handle> points) {
  private static final int PIECES = 14;

  /**
   * Works it out.
   *
   * @param x0 where the body begins
   * @param neckHalf from the centre line to where the curve begins
   */
  static BodyCurve of(Givens givens, double x0, double neckHalf) {
    boolean mirror = givens.get(SurfaceDecisions.OUTLINE_MIRROR) == YesNo.YES;
    List<BodyOutline.Handle> handles = new ArrayList<>();
    List<Point> through = side(givens, -1, mirror, x0, neckHalf, handles);
    through.add(new Point(x0 + givens.get(BodyDecisions.BODY_LENGTH).value(), 0));
    List<Point> treble = side(givens, 1, mirror, x0, neckHalf, handles);
    for (int i = treble.size() - 1; i >= 0; i--) {
      through.add(treble.get(i));
    }
    return new BodyCurve(new Outline(Spline.through(through, PIECES)), List.copyOf(handles));
  }

  /** One side's points from the neck to the end; {@code side} is −1 for bass, 1 for treble. */
  private static List<Point> side(
      Givens givens,
      int side,
      boolean mirror,
      double x0,
      double neckHalf,
      List<BodyOutline.Handle> handles) {
    double length = givens.get(BodyDecisions.BODY_LENGTH).value();
    double upper = givens.get(BodyDecisions.BODY_UPPER).value() / 2;
    double waist = givens.get(BodyDecisions.BODY_WAIST).value() / 2;
    double lower = givens.get(BodyDecisions.BODY_LOWER).value() / 2;
    double slant = mirror ? 0 : -side * givens.get(BodyDecisions.BODY_SLANT).value() / 2;
    boolean bass = side < 0 || mirror;
    double horn =
        givens.get(bass ? BodyDecisions.BODY_HORN_BASS : BodyDecisions.BODY_HORN_TREBLE).value();
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
    List<Point> points = new ArrayList<>();
    String name = bass ? "bass" : "treble";
    for (int i = 0; i < places.length; i++) {
      double x = x0 + places[i][0];
      double y = places[i][1];
      if (i > 0) {
        x += givens.get(PartDecisions.bodyPoint(name, i, "along")).value();
        y += givens.get(PartDecisions.bodyPoint(name, i, "out")).value();
        handles.add(new BodyOutline.Handle(name, i, side, new Point(x, side * y)));
      }
      points.add(new Point(x, side * y));
    }
    return points;
  }
}
