package roughcut.drawing;

import java.util.List;
import roughcut.blank.MillingPasses;
import roughcut.design.BlankDecisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/**
 * A piece at the planer, looked at from its end: what each pass takes off which face, and what is
 * to be left.
 */
public final class MillingDrawing {
  private static final String TAKEN = "#EFE6D4";

  private MillingDrawing() {}

  public static Drawing of(Plan plan, Units units) {
    Sketch sketch = new Sketch(plan, units);
    MillingPasses milling = plan.milling();
    double width = plan.given(BlankDecisions.MILL_WIDTH);
    double from = Math.max(milling.from().value(), milling.to().value());
    // The end of a wide board is drawn no wider than shows its thickness well.
    double shown = Math.min(width, from * 5);
    double low = 0;
    double high = from;
    sketch.endGrain(
        Outline.rectangle(0, 0, shown, from), plan.wood(plan.neckStrips().get(0).species()));
    List<Double> depths = milling.depths();
    for (int i = 0; i < depths.size(); i++) {
      boolean top = i % 2 == 0;
      double depth = depths.get(i);
      Outline slice =
          top
              ? Outline.rectangle(0, high - depth, shown, high)
              : Outline.rectangle(0, low, shown, low + depth);
      sketch.fill(Role.STOCK, slice, TAKEN);
      sketch.outline(Role.STOCK, slice);
      sketch.text(
          Role.NOTE,
          shown + from * 0.1,
          (slice.bounds().low() + slice.bounds().high()) / 2 - from * 0.012,
          Text.of("{value}  ·  {number}", i + 1, Text.shown(depth, Quantity.FINE_LENGTH)),
          Anchor.START,
          Size.SMALL);
      high -= top ? depth : 0;
      low += top ? 0 : depth;
    }
    sketch.outline(Role.OUTLINE, Outline.rectangle(0, low, shown, high));
    sketch.dimension(
        new Point(0, low), new Point(0, high), from * 0.62, Text.of("to"), milling.to());
    sketch.text(
        Role.NOTE,
        0,
        from * 1.08,
        Text.of("the end of the piece; passes are numbered and the faces alternate"),
        Anchor.START,
        Size.SMALL);
    return sketch.drawing(
        Text.of("Down to thickness"),
        new Bounds(-from * 0.9, -from * 0.2, shown + from * 1.1, from * 1.25));
  }
}
