package roughcut.drawing;

import static roughcut.measure.Quantity.LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.DrawnPart;
import roughcut.geometry.Chain;
import roughcut.geometry.CurvatureComb;
import roughcut.geometry.Line;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.plan.PointOutline;

/**
 * The points of an outline over its drawing, to be taken hold of, with the pulls of one of them.
 */
public final class OutlinePoints {
  /** The ring round the chosen point, as a share of what is drawn. */
  private static final double RING = 0.017;

  /** A tooth on a radius of 100 mm is 12 mm long. */
  private static final double TOOTH = 1200;

  private static final double LONGEST = 40;

  /**
   * What is shown of an outline's points.
   *
   * @param chosen the number of the point that is worked on, from 0; another number for none
   * @param to the point that it is measured to; another number for none
   * @param curvature whether how tightly the line bends is shown on it, too
   */
  public record Shown(int chosen, int to, boolean curvature) {}

  private OutlinePoints() {}

  /**
   * A drawing with the points of a part's outline over it, where that is drawn by points.
   *
   * @param view how the part is seen there
   */
  public static Drawing over(
      Drawing drawing, Plan plan, Units units, DrawnPart part, View view, Shown shown) {
    Optional<PointOutline> outline = PointOutline.drawn(plan, part);
    if (outline.isEmpty()) {
      return drawing;
    }
    Sketch sketch = new Sketch(plan, units);
    sketch.seen(view);
    Chain chain = outline.get().chain();
    int chosen = shown.chosen;
    if (shown.curvature) {
      comb(sketch, chain);
    }
    if (part.fitted()) {
      sketch.path(Role.NOTE, true, Path.of(chain.segments(), true).points());
    }
    if (is(chain, chosen) && is(chain, shown.to)) {
      Point a = chain.at(chosen);
      Point b = chain.at(shown.to);
      sketch.dimension(Role.DIMENSION, a, b, 0, Text.only(Text.shown(a.distance(b), LENGTH)));
    }
    if (is(chain, chosen)) {
      Point at = chain.at(chosen);
      sketch.outline(Role.TOUCH, Shapes.circle(at, RING * drawing.bounds().width()));
      chain
          .pullBefore(chosen)
          .ifPresent(
              p -> pull(sketch, at, p, new Grip.OutlinePoint(part, chosen, Grip.Hold.BEFORE)));
      chain
          .pullAfter(chosen)
          .ifPresent(
              p -> pull(sketch, at, p, new Grip.OutlinePoint(part, chosen, Grip.Hold.AFTER)));
    }
    for (int i = 0; i < chain.points(); i++) {
      Point at = chain.at(i);
      sketch.handle(
          new Grip.OutlinePoint(part, i, Grip.Hold.POINT),
          at.x(),
          at.y(),
          List.of(),
          outline.get().end(i) ? Mark.Way.ACROSS : Mark.Way.ANY);
    }
    List<Mark> marks = new ArrayList<>(drawing.marks());
    marks.addAll(sketch.marks());
    return new Drawing(drawing.title(), marks, drawing.bounds(), drawing.pieces());
  }

  private static boolean is(Chain chain, int point) {
    return point >= 0 && point < chain.points();
  }

  private static void comb(Sketch sketch, Chain chain) {
    int side = Path.of(chain.segments(), chain.closed()).directedArea() > 0 ? 1 : -1;
    for (List<Line> stretch : CurvatureComb.of(chain, side, TOOTH, LONGEST)) {
      for (Line tooth : stretch) {
        sketch.line(Role.NOTE, tooth.a().x(), tooth.a().y(), tooth.b().x(), tooth.b().y());
      }
      sketch.path(Role.MEASURED, false, stretch.stream().map(Line::b).toList());
    }
  }

  private static void pull(Sketch sketch, Point at, Point to, Grip grip) {
    sketch.line(Role.TOUCH, at.x(), at.y(), to.x(), to.y());
    sketch.handle(grip, to.x(), to.y(), List.of(), Mark.Way.ANY);
  }
}
