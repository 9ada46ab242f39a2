package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.blank.BodyBlank;
import roughcut.blank.BodyMarks;
import roughcut.blank.PlacedStrip;
import roughcut.design.BodyDecisions;
import roughcut.design.HalfArrangement;
import roughcut.design.Strip;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Precision;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.shop.Species;

/**
 * The body blank from above with its pieces, the boards' marks on it and the outline laid on it,
 * and beside it the stack through its thickness. x runs from the blank's head end, y from its
 * middle, seen from above.
 */
public final class BodyBlankDrawing {
  /**
   * Grain that leans a little, so that the four ways of laying a half can be told apart, degrees.
   */
  private static final double LEAN = 2.5;

  private static final double STACK_WIDTH = 130;

  private final Plan plan;
  private final BodyBlank body;
  private final Sketch sketch;
  private final double length;
  private final double half;

  private BodyBlankDrawing(Plan plan, Units units) {
    this.plan = plan;
    this.body = plan.body();
    this.sketch = new Sketch(plan, units);
    this.length = body.length().value();
    this.half = body.width().value() / 2;
  }

  public static Drawing of(Plan plan, Units units) {
    return new BodyBlankDrawing(plan, units).draw();
  }

  private Drawing draw() {
    sketch.seen(View.ABOVE);
    pieces();
    marks();
    outline();
    sketch.seen(View.PLAIN);
    size();
    section();
    Bounds placed = sketch.frame(View.ABOVE).of(body.placement().shape().bounds());
    return sketch.drawing(
        Text.of("Body blank"),
        new Bounds(
            Math.min(-14, placed.left() - 8),
            Math.min(-half, placed.low()) - 26,
            Math.max(length, placed.right()) + STACK_WIDTH + 84,
            Math.max(half, placed.high()) + 18));
  }

  private void pieces() {
    if (body.winged()) {
      double core = plan.blank().halfWidth();
      piece(Outline.rectangle(0, -half, length, -core), body.backWood(), 0);
      piece(Outline.rectangle(0, core, length, half), body.backWood(), 0);
      for (PlacedStrip strip : plan.blank().strips()) {
        double x = plan.neck().joint().value();
        piece(
            Outline.rectangle(0, strip.from(x), length, strip.to(x)),
            plan.wood(strip.strip().species()),
            0);
      }
      return;
    }
    Runnable pieces =
        switch (body.kind()) {
          case ONE_PIECE ->
              () -> piece(Outline.rectangle(0, -half, length, half), body.backWood(), LEAN);
          case HALVES -> () -> halves(length, half);
          case STRIPS -> () -> strips(length, half);
        };
    pieces.run();
  }

  private void halves(double length, double half) {
    HalfArrangement second = plan.given(BodyDecisions.BODY_HALVES);
    piece(Outline.rectangle(0, -half, length, 0), body.backWood(), LEAN);
    piece(Outline.rectangle(0, 0, length, half), body.backWood(), second.over() ? -LEAN : LEAN);
    arrow(-half / 2, 1);
    arrow(half / 2, second.ends() ? -1 : 1);
  }

  private void strips(double length, double half) {
    double y = -half;
    for (Strip strip : plan.bodyStrips()) {
      piece(Outline.rectangle(0, y, length, y + strip.thickness()), plan.wood(strip.species()), 0);
      y += strip.thickness();
    }
  }

  private void piece(Outline shape, Species wood, double turn) {
    sketch.wood(shape, wood, turn);
    sketch.outline(Role.EDGE, shape);
  }

  /** Which end of the board lies at the head. */
  private void arrow(double y, int way) {
    double x = way > 0 ? 22 : 64;
    sketch.path(
        Role.NOTE,
        false,
        new Point(x, y),
        new Point(x + 42 * way, y),
        new Point(x + 34 * way, y + 4),
        new Point(x + 42 * way, y),
        new Point(x + 34 * way, y - 4));
  }

  private void marks() {
    for (BodyMarks mark : plan.bodyMarks()) {
      Role role = mark.met() ? Role.MEASURED : Role.LOOK;
      sketch.outline(role, mark.place());
      if (mark.otherFace()) {
        sketch.hatch(role, mark.place(), 12);
      }
      Bounds b = mark.place().bounds();
      sketch.text(
          role,
          b.left() + 3,
          b.high() + 4,
          Text.of("{mark}: {fate}", mark.mark().words(), mark.fate().words()),
          Anchor.START,
          Size.SMALL);
    }
  }

  private void outline() {
    Outline shape = body.placement().shape();
    boolean on = body.winged() || body.placement().off(length, 2 * half) <= Precision.SHOWN;
    sketch.outline(on ? Role.OUTLINE : Role.STOP, shape);
    double front = body.outline().front();
    double end = body.outline().end();
    Point a = body.placement().onBlank(new Point(front - 8, 0));
    Point b = body.placement().onBlank(new Point(end + 10, 0));
    sketch.path(Role.CENTRE, false, a, b);
    pocket();
    Point middle = body.placement().onBlank(new Point((front + end) / 2, 0));
    sketch.handle(Grip.Single.BODY_PLACE, middle.x(), middle.y(), shape.corners(), Mark.Way.ANY);
    Point tail = body.placement().onBlank(new Point(end - 6, 0));
    sketch.handle(Grip.Single.BODY_TURN, tail.x(), tail.y(), List.of(), Mark.Way.ACROSS);
  }

  private void size() {
    sketch.text(
        Role.NOTE,
        length / 2,
        -half - 16,
        Text.of(
            "{length} × {number}",
            Text.figure(length, Quantity.ROUGH_LENGTH),
            Text.shown(2 * half, Quantity.ROUGH_LENGTH)),
        Anchor.MIDDLE,
        Size.SMALL);
  }

  /** Where the neck will lie. */
  private void pocket() {
    double joint = plan.neck().joint().value();
    double end = plan.neck().through() ? body.outline().end() : plan.neck().heelEnd().value();
    List<Point> corners = new ArrayList<>();
    for (double[] p :
        new double[][] {
          {joint, -plan.neck().halfWidth(joint + Precision.TOUCHING)},
          {end, -plan.neck().halfWidth(end)},
          {end, plan.neck().halfWidth(end)},
          {joint, plan.neck().halfWidth(joint + Precision.TOUCHING)}
        }) {
      corners.add(body.placement().onBlank(new Point(p[0], p[1])));
    }
    sketch.path(Role.HIDDEN, true, corners);
  }

  /** The layers through the thickness, top first. */
  private void section() {
    double x = Math.max(length, body.placement().shape().bounds().right()) + 44;
    double scale = 2;
    sketch.origin(x, -scale * body.thickness().value() / 2);
    double y = body.back().value() * scale;
    layer(0, y, body.backWood(), "back", body.back());
    if (body.halved()) {
      sketch.line(Role.GLUE_LINE, STACK_WIDTH / 2, 0, STACK_WIDTH / 2, y);
    }
    if (body.accent().value() > 0) {
      double high = y + body.accent().value() * scale;
      layer(y, high, body.topWood(), null, null);
      y = high;
    }
    if (body.top().value() > 0) {
      layer(y, y + body.top().value() * scale, body.topWood(), "top", body.top());
      sketch.line(
          Role.GLUE_LINE, STACK_WIDTH / 2, y, STACK_WIDTH / 2, y + body.top().value() * scale);
      y += body.top().value() * scale;
    }
    sketch.text(
        Role.NOTE, 0, y + 8, Text.of("through the thickness, 2 : 1"), Anchor.START, Size.SMALL);
    sketch.origin(0, 0);
  }

  private void layer(double low, double high, Species wood, String words, Value value) {
    Outline shape = Outline.rectangle(0, low, STACK_WIDTH, high);
    sketch.endGrain(shape, wood);
    sketch.outline(Role.EDGE, shape);
    if (words != null) {
      sketch.dimension(
          new Point(STACK_WIDTH, low), new Point(STACK_WIDTH, high), -8, Text.of(words), value);
    }
  }
}
