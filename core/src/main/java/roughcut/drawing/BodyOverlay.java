package roughcut.drawing;

import java.util.List;
import roughcut.design.BodyFace;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.layout.BodyOutline;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.plan.Grip;
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
  private final View view;

  /**
   * Makes it.
   *
   * @param face that is looked at
   */
  BodyOverlay(Plan plan, Sketch sketch, BodyFace face) {
    this.plan = plan;
    this.sketch = sketch;
    this.view = View.of(face);
  }

  /** Draws what is written beside what is seen, wherever its sides lie. */
  private void beside(Runnable marks) {
    sketch.seen(View.PLAIN);
    marks.run();
    sketch.seen(view);
  }

  void outline() {
    for (BodyOutline.Handle handle : plan.body().outline().points()) {
      Point at = handle.at();
      sketch.handle(
          new Grip.BodyPoint(handle.name(), handle.number(), handle.mirrored()),
          at.x(),
          at.y(),
          List.of(),
          Mark.Way.ANY);
    }
    Bounds b = plan.body().outline().bounds();
    double joint = plan.neck().joint().value();
    double low = sketch.frame(view).of(plan.body().outline().shape().bounds()).low();
    beside(
        () ->
            sketch.dimension(
                Role.DIMENSION,
                new Point(joint, low),
                new Point(b.right(), low),
                -9,
                Text.only(Text.shown(b.right() - joint, Quantity.LENGTH))));
    // Turned over, the router still runs anticlockwise for whoever holds it.
    FeedDirection feed = FeedDirection.of(plan.body().outline().shape(), sketch.frame(view));
    for (FeedDirection.Stretch stretch : feed.stretches()) {
      if (!stretch.downhill()) {
        sketch.path(Role.LOOK, false, stretch.points());
      }
    }
    for (Point change : feed.changes()) {
      sketch.outline(Role.LOOK, Shapes.circle(change, 1.6));
    }
  }

  void pocket() {
    plan.cuts()
        .pocket()
        .ifPresent(
            p -> {
              sketch.outline(Role.TOUCH, p.cut().steps().get(0).outline());
              double joint = plan.neck().joint().value();
              double half = plan.neck().halfWidth(joint);
              sketch.handle(Grip.Single.JOINT, joint, half + 14, List.of(), Mark.Way.ALONG);
              for (Point bolt : plan.cuts().bolts().map(Bolts::places).orElse(List.of())) {
                sketch.line(Role.CENTRE, bolt.x() - 7, bolt.y(), bolt.x() + 7, bolt.y());
                sketch.line(Role.CENTRE, bolt.x(), bolt.y() - 7, bolt.x(), bolt.y() + 7);
              }
            });
    double x = plan.cuts().fretAccess().cutaway().value();
    double y = plan.taper().halfWidth(x) + 16;
    sketch.line(Role.NOTE, x, y - 14, x, y + 16);
    sketch.text(
        Role.NOTE,
        x + 3,
        y + 18,
        Text.of("fret {access}", Text.shown(plan.cuts().fretAccess().access())),
        Anchor.START,
        Size.SMALL,
        RoutKeys.REACH_ACCESS_FRET.id());
  }

  void weight() {
    double x = plan.cuts().mass().balance().value();
    double reach = 26;
    sketch.seen(View.PLAIN);
    sketch.line(Role.TOUCH, x, -reach, x, reach);
    sketch.outline(Role.TOUCH, Shapes.circle(new Point(x, 0), 5));
    sketch.text(
        Role.MEASURED,
        x + 8,
        8,
        Text.of("balance point, {balance}", Text.shown(plan.cuts().mass().balance())),
        Anchor.START,
        Size.SMALL,
        RoutKeys.BALANCE_X.id());
    sketch.seen(view);
  }

  void cut(String chosen) {
    plan.cuts()
        .cut(chosen)
        .ifPresent(c -> c.outlines().forEach(o -> sketch.outline(Role.TOUCH, o)));
    plan.cuts().parts().stream()
        .filter(p -> p.of().equals(chosen) && !p.above())
        .forEach(p -> sketch.outline(Role.TOUCH, p.outline()));
    plan.cuts().pickups().stream()
        .filter(p -> p.fitting().name().equals(chosen))
        .findFirst()
        .ifPresent(this::fromSaddle);
  }

  private void fromSaddle(Pickup pickup) {
    Bounds b = sketch.frame(view).of(pickup.cut().outlines().get(0).bounds());
    double y = b.low() - 14;
    double saddle = plan.cuts().neckSeating().atBridge(plan.frets().saddle().value());
    beside(
        () ->
            sketch.dimension(
                new Point(pickup.centre().x(), y),
                new Point(saddle, y),
                -6,
                Text.NONE,
                pickup.fromSaddle()));
  }

  /** The board of each template that a cut wants, where it lies on the body, with its opening. */
  void templates(String chosen) {
    for (RoutPlan rout : plan.cuts().plansOf(chosen)) {
      Outline opening = sketch.frame(view).of(rout.template().opening());
      sketch.seen(View.PLAIN);
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
      sketch.seen(view);
    }
  }

  /** The template's opening, and the places that are bored out. */
  void passes(String chosen) {
    for (RoutPlan rout : plan.cuts().plansOf(chosen)) {
      sketch.outline(Role.TOUCH, rout.template().opening());
      rout.bored()
          .ifPresent(
              waste ->
                  waste
                      .places()
                      .forEach(
                          p ->
                              sketch.outline(
                                  Role.HIDDEN, Shapes.circle(p, waste.bit().diameter() / 2))));
    }
  }
}
