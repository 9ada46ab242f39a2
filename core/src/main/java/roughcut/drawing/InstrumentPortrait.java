package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BodyFace;
import roughcut.geometry.Bounds;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** The whole instrument from the front, without words: a small true picture to know it by. */
public final class InstrumentPortrait {
  private static final double MARGIN = 8;

  private InstrumentPortrait() {}

  /**
   * Draws it: the body with what is cut into it, neck, fretboard, strings and headstock over it.
   */
  public static Drawing of(Plan plan) {
    double lowest = (BodyDrawing.sectionY(plan) + body(plan).low()) / 2;
    List<Mark> marks = new ArrayList<>();
    BodyDrawing.of(plan, Units.MM, BodyFace.TOP, BodyDrawing.Shows.SHEET, "").marks().stream()
        .filter(m -> drawn(m) && above(m, lowest))
        .forEach(marks::add);
    Sketch sketch = new Sketch(plan, Units.MM);
    sketch.seen(View.ABOVE);
    PlanView neck = new PlanView(plan, sketch);
    neck.wood();
    neck.outlines();
    neck.fretboard();
    neck.strings();
    neck.nut();
    neck.tuners();
    sketch.marks().stream().filter(InstrumentPortrait::drawn).forEach(marks::add);
    return new Drawing(plan.name(), marks, bounds(marks).expanded(MARGIN));
  }

  private static Bounds body(Plan plan) {
    return plan.body().outline().bounds();
  }

  private static boolean drawn(Mark mark) {
    boolean laid =
        mark.line().filter(p -> p.role() == Role.CENTRE || p.role() == Role.STOCK).isPresent();
    return mark.drawn() && !laid;
  }

  /** What isn't part of the section beneath. */
  private static boolean above(Mark mark, double y) {
    return mark.stretches().stream().allMatch(b -> b.low() > y);
  }

  private static Bounds bounds(List<Mark> marks) {
    double left = Double.POSITIVE_INFINITY;
    double low = left;
    double right = Double.NEGATIVE_INFINITY;
    double high = right;
    for (Mark mark : marks) {
      for (Bounds b : mark.stretches()) {
        left = Math.min(left, b.left());
        right = Math.max(right, b.right());
        low = Math.min(low, b.low());
        high = Math.max(high, b.high());
      }
    }
    return new Bounds(left, low, right, high);
  }
}
