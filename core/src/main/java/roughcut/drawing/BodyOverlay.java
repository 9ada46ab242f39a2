package roughcut.drawing;

import java.util.List;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.layout.BodyOutline;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.rout.Bolts;
import roughcut.rout.FeedDirection;
import roughcut.rout.Pickup;
import roughcut.rout.RoutKeys;
import roughcut.rout.RoutPlan;

/** What lies over the body's drawing for the work of one page, with what can be taken hold of. */
final class BodyOverlay {
  private final Plan plan;
  private final Sketch sketch;
  private final double side;

  /**
   * Makes it.
   *
   * @param side 1 from the top, −1 turned over
   */
  BodyOverlay(Plan plan, Sketch sketch, double side) {
    this.plan = plan;
    this.sketch = sketch;
    this.side = side;
  }

  private Point place(Point p) {
    return new Point(p.x(), side * p.y());
  }

  private Outline place(Outline o) {
    return side < 0 ? o.mirrored() : o;
  }

  void outline() {
    for (BodyOutline.Handle handle : plan.body().outline().points()) {
      Point at = place(handle.at());
      sketch.handle(handle.id(), at.x(), at.y(), List.of(), Mark.Way.ANY);
    }
    Bounds b = plan.body().outline().bounds();
    Outline whole = place(plan.body().outline().shape());
    Bounds w = whole.bounds();
    sketch.dimension(
        Role.DIMENSION,
        new Point(plan.neck().joint().value(), w.low()),
        new Point(b.right(), w.low()),
        -9,
        Text.only(Text.shown(b.right() - plan.neck().joint().value(), Quantity.LENGTH)));
    FeedDirection feed = FeedDirection.of(plan.body().outline().shape());
    for (FeedDirection.Stretch stretch : feed.stretches()) {
      if (!stretch.downhill()) {
        sketch.path(Role.LOOK, false, stretch.points().stream().map(this::place).toList());
      }
    }
    for (Point change : feed.changes()) {
      sketch.outline(Role.LOOK, place(Shapes.circle(change, 1.6)));
    }
  }

  void pocket() {
    plan.cuts()
        .pocket()
        .ifPresent(
            p -> {
              sketch.outline(Role.TOUCH, place(p.cut().steps().get(0).outline()));
              double joint = plan.neck().joint().value();
              double half = plan.neck().halfWidth(joint);
              sketch.handle("joint", joint, side * (half + 14), List.of(), Mark.Way.ALONG);
              for (Point bolt : plan.cuts().bolts().map(Bolts::places).orElse(List.of())) {
                Point at = place(bolt);
                sketch.line(Role.CENTRE, at.x() - 7, at.y(), at.x() + 7, at.y());
                sketch.line(Role.CENTRE, at.x(), at.y() - 7, at.x(), at.y() + 7);
              }
            });
    double x = plan.cuts().fretAccess().cutaway().value();
    double y = plan.taper().halfWidth(x) + 16;
    sketch.line(Role.NOTE, x, side * (y - 14), x, side * (y + 16));
    sketch.text(
        Role.NOTE,
        x + 3,
        side * (y + 18),
        Text.of("fret {access}", Text.shown(plan.cuts().fretAccess().access())),
        Anchor.START,
        Size.SMALL,
        RoutKeys.REACH_ACCESS_FRET.id());
  }

  void weight() {
    double x = plan.cuts().mass().balance().value();
    double reach = 26;
    sketch.line(Role.TOUCH, x, -reach, x, reach);
    sketch.outline(Role.TOUCH, Shapes.circle(new Point(x, 0), 5));
    sketch.text(
        Role.MEASURED,
        x + 8,
        8,
        Text.of("balances here, {balance}", Text.shown(plan.cuts().mass().balance())),
        Anchor.START,
        Size.SMALL,
        RoutKeys.BALANCE_X.id());
  }

  void cut(String chosen) {
    plan.cuts()
        .cut(chosen)
        .ifPresent(c -> c.outlines().forEach(o -> sketch.outline(Role.TOUCH, place(o))));
    plan.cuts().parts().stream()
        .filter(p -> p.of().equals(chosen) && !p.above())
        .forEach(p -> sketch.outline(Role.TOUCH, place(p.outline())));
    plan.cuts().pickups().stream()
        .filter(p -> p.fitting().name().equals(chosen))
        .findFirst()
        .ifPresent(this::fromSaddle);
  }

  private void fromSaddle(Pickup pickup) {
    Bounds b = place(pickup.cut().outlines().get(0)).bounds();
    double y = b.low() - 14;
    sketch.dimension(
        new Point(pickup.centre().x(), y),
        new Point(plan.cuts().neckSeating().atBridge(plan.frets().saddle().value()), y),
        -6,
        Text.NONE,
        pickup.fromSaddle());
  }

  /** The template's opening, the bored-out places, and what the corners' radius leaves. */
  /** The board of each template that a cut wants, where it lies on the body, with its opening. */
  void templates(String chosen) {
    for (RoutPlan rout : plan.cuts().plansOf(chosen)) {
      Outline opening = place(rout.template().opening());
      Bounds b = opening.bounds().expanded(TemplateSheet.MARGIN);
      sketch.outline(Role.EDGE, Outline.rectangle(b.left(), b.low(), b.right(), b.high()));
      sketch.outline(Role.TOUCH, opening);
      sketch.line(Role.CENTRE, b.left(), 0, b.right(), 0);
      sketch.text(
          Role.NOTE,
          b.left() + 3,
          b.high() - 8,
          Text.of("template, {rout}", rout.words()),
          Anchor.START,
          Size.SMALL);
    }
  }

  void passes(String chosen) {
    for (RoutPlan rout : plan.cuts().plansOf(chosen)) {
      sketch.outline(Role.TOUCH, place(rout.template().opening()));
      rout.bored()
          .ifPresent(
              waste ->
                  waste
                      .places()
                      .forEach(
                          p ->
                              sketch.outline(
                                  Role.HIDDEN,
                                  place(Shapes.circle(p, waste.bit().diameter() / 2)))));
    }
  }
}
