package roughcut.drawing;

import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/** The fretboard by itself: from above, and below it from its side. */
public enum FretboardDrawing {
  SLOTS,
  MARKERS,
  FITTING;

  private static final double BETWEEN = 38;

  /** The fretboard sheet: everything that is cut into it, to be printed at full size. */
  public static Drawing sheet(Plan plan, Units units) {
    Sketch sketch = new Sketch(plan, units);
    FretboardView view = new FretboardView(plan, sketch);
    sketch.seen(View.ABOVE);
    view.wood();
    view.slots();
    view.markers();
    sketch.seen(View.PLAIN);
    double half = half(plan);
    centre(plan, sketch);
    sketch.text(
        Role.OUTLINE,
        0,
        half + 12,
        Text.of("{plan}, fretboard", plan.name()),
        Anchor.START,
        Size.TITLE);
    return sketch.drawing(
        Text.of("{plan}, fretboard", plan.name()),
        new Bounds(-14, -half - 10, plan.taper().end().value() + 14, half + 22));
  }

  /** The station's drawing on the ruler that starts at the nut line. */
  public Drawing of(Plan plan, Units units) {
    Sketch sketch = new Sketch(plan, units);
    FretboardView view = new FretboardView(plan, sketch);
    double half = half(plan);
    double end = plan.taper().end().value();
    sketch.seen(View.ABOVE);
    view.wood();
    if (this == FITTING) {
      new PlanView(plan, sketch).rodHidden();
    }
    view.slots();
    if (this == MARKERS) {
      view.markers();
    }
    if (this == FITTING) {
      view.pins();
    }
    new PlanView(plan, sketch).nut();
    sketch.seen(View.PLAIN);
    centre(plan, sketch);
    if (this == SLOTS) {
      sketch.dimension(
          new Point(0, -half),
          new Point(plan.frets().octave(), -half),
          -12,
          Text.NONE,
          octave(plan));
      sketch.dimension(
          new Point(0, -half), new Point(end, -half), -21, Text.NONE, plan.taper().end());
    }
    sketch.origin(0, -half - BETWEEN);
    view.side();
    sketch.origin(0, 0);
    double low = -half - BETWEEN;
    sketch.text(Role.NOTE, 0, low - 10, Text.of("from the treble side"), Anchor.START, Size.SMALL);
    return sketch.drawing(
        Text.raw(plan.name()),
        new Bounds(plan.neck().head().breakX() - 26, low - 16, end + 24, half + 16));
  }

  private static Value octave(Plan plan) {
    int n = (int) plan.frets().divisions().value();
    return n <= plan.frets().frets().size()
        ? plan.frets().frets().get(n - 1).fromNut()
        : plan.frets().last().fromNut();
  }

  private static double half(Plan plan) {
    return Math.max(plan.taper().halfWidth(0), plan.taper().halfWidth(plan.taper().end().value()));
  }

  private static void centre(Plan plan, Sketch sketch) {
    sketch.line(Role.CENTRE, -14, 0, plan.taper().end().value() + 12, 0);
  }
}
