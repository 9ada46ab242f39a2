package roughcut.drawing;

import java.util.List;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.layout.FretLayout;
import roughcut.layout.MultiscaleLayout;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/**
 * The full-size sheet: plan, elevation and two sections, with fret numbers and dimensions, to be
 * printed or sent to another program.
 */
public final class SheetDrawing {
  private static final double BETWEEN = 50;

  private SheetDrawing() {}

  public static Drawing of(Plan plan, Units units) {
    Sketch sketch = new Sketch(plan, units);
    double half = PlanView.halfHeight(plan);
    double side = -half - BETWEEN;
    PlanView above = new PlanView(plan, sketch);
    sketch.seen(View.ABOVE);
    above.wood();
    above.outlines();
    above.fretboard();
    above.strings();
    above.nut();
    above.rodHidden();
    above.seam();
    above.bodyEdge();
    double saddle = plan.frets().saddle().value();
    above.centreLine(saddle);
    for (FretLayout.Fret fret : plan.frets().frets()) {
      double y = plan.taper().halfWidth(fret.x()) + 3;
      sketch.text(Role.NOTE, fret.x(), y, Text.only(fret.number()), Anchor.MIDDLE, Size.SMALL);
    }
    sketch.seen(View.PLAIN);
    sketch.origin(0, side);
    ElevationView elevation = new ElevationView(plan, sketch);
    elevation.roughing();
    elevation.wood();
    elevation.rodHidden();
    elevation.top();
    elevation.dimensions();
    sketch.origin(0, 0);
    double sections = side - ElevationView.depth(plan) - 40;
    SectionView.place(plan, plan.frets().at(1), sketch, plan.frets().at(1), sections);
    SectionView.place(plan, plan.frets().octave(), sketch, plan.frets().octave(), sections);
    sketch.text(
        Role.OUTLINE,
        PlanView.tipX(plan),
        half + 18,
        Text.raw(plan.name()),
        Anchor.START,
        Size.TITLE);
    sketch.text(
        Role.NOTE,
        PlanView.tipX(plan),
        half + 11,
        Text.joined(
            List.of(
                Text.of("{scales}, {n} frets", scales(plan.frets()), plan.frets().frets().size()),
                plan.handWords()),
            ", "),
        Anchor.START,
        Size.SMALL);
    Bounds bounds =
        new Bounds(
            PlanView.tipX(plan) - 24,
            sections - 36,
            Math.max(saddle, plan.neck().heelEnd().value()) + 26,
            half + 28);
    return sketch.drawing(Text.raw(plan.name()), bounds);
  }

  /** What the frets were laid out from, to be compared with the rule. */
  private static Text scales(FretLayout frets) {
    MultiscaleLayout fan = frets.fan();
    if (!fan.fanned()) {
      return Text.of("scale {scale}", Text.shown(frets.scale()));
    }
    return Text.of(
        "scales {bass} bass, {treble} treble",
        Text.shown(fan.bass(), frets.scale().quantity()),
        Text.shown(fan.treble(), frets.scale().quantity()));
  }
}
