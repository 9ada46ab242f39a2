package roughcut.drawing;

import java.util.List;
import roughcut.blank.GlueJob;
import roughcut.blank.PlacedStrip;
import roughcut.design.BlankDecisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/**
 * The neck's stack in its clamps: from above with cauls, clamps and pins, and its end grain with
 * the faces numbered by the stage in which they are glued. x runs from the blank's head end.
 */
public final class GlueUpDrawing {
  private static final double CLAMP_BAR = 8;

  private final Plan plan;
  private final Sketch sketch;
  private final double length;
  private final double half;

  private GlueUpDrawing(Plan plan, Sketch sketch) {
    this.plan = plan;
    this.sketch = sketch;
    this.length = plan.tree().length().value();
    this.half = plan.blank().halfWidth();
  }

  public static Drawing of(Plan plan, Units units) {
    Sketch sketch = new Sketch(plan, units);
    GlueUpDrawing drawing = new GlueUpDrawing(plan, sketch);
    drawing.above();
    double caul = plan.given(BlankDecisions.CAUL);
    double depth = plan.tree().depth().value();
    double endY = -drawing.half - caul - CLAMP_BAR - 50 - 2.5 * depth;
    sketch.origin(2.5 * drawing.half + 20, endY);
    sketch.scale(2.5);
    drawing.endGrain();
    sketch.scale(1);
    sketch.origin(0, 0);
    return sketch.drawing(
        Text.of("Gluing the neck strips"),
        new Bounds(-30, endY - 20, drawing.length + 30, drawing.half + caul + CLAMP_BAR + 26));
  }

  /** The drawing's parts on somebody else's sheet. */
  static GlueUpDrawing on(Plan plan, Sketch sheet) {
    return new GlueUpDrawing(plan, sheet);
  }

  /** How far from a blank's head end its heel end's nut-line coordinate lies. */
  static double fromHeadEnd(Plan plan, double x) {
    double trim = plan.given(BlankDecisions.END_TRIM);
    return plan.tree().length().value() - trim - plan.neck().heelEnd().value() + x;
  }

  /** The stack from above, in its clamps. */
  void above() {
    double shift = fromHeadEnd(plan, 0);
    sketch.seen(View.ABOVE);
    for (PlacedStrip strip : plan.blank().strips()) {
      Outline seen = strip.seen(-shift, length - shift).translate(shift, 0);
      sketch.wood(seen, plan.wood(strip.strip().species()));
      sketch.outline(Role.GLUE_LINE, seen);
    }
    sketch.seen(View.PLAIN);
    sketch.outline(Role.OUTLINE, Outline.rectangle(0, -half, length, half));
    GlueJob job = plan.glueUp().job();
    int count = (int) job.clamps().value();
    double caul = plan.given(BlankDecisions.CAUL);
    double pad = plan.given(BlankDecisions.CLAMP_PAD);
    for (int side : new int[] {-1, 1}) {
      if (count > 0) {
        sketch.outline(Role.STOCK, Outline.rectangle(0, side * half, length, side * (half + caul)));
      }
      for (int i = 0; i < count; i++) {
        double x = clampAt(i, count, length);
        sketch.outline(
            Role.EDGE,
            Outline.rectangle(
                x - pad / 2, side * (half + caul), x + pad / 2, side * (half + caul + CLAMP_BAR)));
      }
    }
    for (int i = 0; i < count; i++) {
      sketch.text(
          Role.NOTE,
          clampAt(i, count, length),
          half + caul + CLAMP_BAR + 4,
          Text.only(order(i, count)),
          Anchor.MIDDLE,
          Size.SMALL);
    }
    plan.glueUp()
        .pins()
        .ifPresent(
            pins -> {
              pin(pins.fromHeadEnd(), pins.diameter());
              pin(length - pins.fromHeelEnd(), pins.diameter());
            });
  }

  /** A pin goes through the stack from side to side. */
  private void pin(double x, double diameter) {
    sketch.outline(
        Role.MEASURED, Outline.rectangle(x - diameter / 2, -half, x + diameter / 2, half));
    sketch.text(Role.MEASURED, x, -half - 12, Text.of("pin"), Anchor.MIDDLE, Size.SMALL);
  }

  /** Where the clamp of that index stands, from the blank's head end. */
  static double clampAt(int index, int count, double length) {
    return length * (index + 0.5) / count;
  }

  /** In which order clamps are tightened: from the middle out. */
  static int order(int index, int count) {
    int middle = (count - 1) / 2;
    int away = index - middle;
    return away == 0 ? 1 : away > 0 ? 2 * away : -2 * away + 1;
  }

  /** The stack's end, faces marked by their stage. */
  void endGrain() {
    double depth = plan.tree().depth().value();
    List<PlacedStrip> strips = plan.blank().strips();
    for (PlacedStrip strip : strips) {
      Outline end = Outline.rectangle(strip.from(), 0, strip.to(), depth);
      sketch.endGrain(end, plan.wood(strip.strip().species()));
      sketch.outline(Role.EDGE, end);
    }
    List<List<Integer>> stages = plan.glueUp().job().faceStages();
    for (int stage = 0; stage < stages.size(); stage++) {
      for (int face : stages.get(stage)) {
        if (face < strips.size()) {
          double y = strips.get(face).from();
          double r = 2.6;
          Point at = new Point(y, depth + 4.5);
          sketch.outline(Role.TOUCH, Shapes.circle(at, r));
          sketch.text(Role.TOUCH, y, depth + 3.4, Text.only(stage + 1), Anchor.MIDDLE, Size.SMALL);
        }
      }
    }
  }
}
