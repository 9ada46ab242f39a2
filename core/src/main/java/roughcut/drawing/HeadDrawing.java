package roughcut.drawing;

import java.util.List;
import roughcut.blank.PlacedStrip;
import roughcut.clearance.ClearanceKind;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Chain;
import roughcut.geometry.Frame;
import roughcut.geometry.Outline;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.geometry.Similarity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.neck.AccessBore;
import roughcut.neck.HeadLine;
import roughcut.neck.Headpiece;
import roughcut.neck.TunerLayout;
import roughcut.plan.Grip;
import roughcut.plan.Plan;

/**
 * The head seen square to its face, tip at the left: tuner bores and bodies, strings from the nut
 * to their posts, and where the access bore comes out. x is 0 at the break line and negative
 * towards the tip.
 */
public final class HeadDrawing {
  private static final double NECK_SHOWN = 46;

  private final Plan plan;
  private final Sketch sketch;
  private final TunerLayout layout;

  private HeadDrawing(Plan plan, Units units) {
    this.plan = plan;
    this.sketch = new Sketch(plan, units);
    this.layout = plan.details().tuners();
  }

  public static Drawing of(Plan plan, Units units) {
    return new HeadDrawing(plan, units).draw();
  }

  /** How the head lies when it is looked at. */
  public static Frame frame(Plan plan) {
    return View.ABOVE.frame(plan.given(Decisions.HAND));
  }

  private Drawing draw() {
    Outline face = plan.headFace().outline().through(Similarity.endForEnd());
    sketch.seen(View.ABOVE);
    wood(face);
    neck();
    sketch.outline(Role.OUTLINE, face);
    if (plan.headFace().crossing().isPresent()) {
      Chain drawn = plan.headFace().edge().through(Similarity.endForEnd());
      sketch.path(Role.STOP, Path.of(drawn.segments(), false));
    }
    layout.tuners().forEach(this::body);
    plan.details().access().ifPresent(this::entry);
    layout.tuners().forEach(this::string);
    layout.tuners().forEach(this::tuner);
    plan.details().headpiece().ifPresent(this::headpiece);
    dimensions();
    sketch.line(Role.CENTRE, face.bounds().left() - 12, 0, NECK_SHOWN, 0);
    double high = face.bounds().high() + 26;
    return sketch.drawing(
        Text.of("Head"), new Bounds(face.bounds().left() - 24, -high, NECK_SHOWN + 30, high));
  }

  private void wood(Outline face) {
    boolean veneered = veneer() > 0;
    boolean swapped = plan.scarf().isPresent();
    for (PlacedStrip strip : plan.blank().strips()) {
      Outline band = strip.seen(face.bounds().left() - 1, 1);
      (swapped ? band.mirrored() : band)
          .intersection(face)
          .forEach(
              piece ->
                  sketch.wood(piece, plan.wood(veneered ? veneerWood() : strip.strip().species())));
    }
    double side = plan.blank().halfWidth(0);
    String outer = plan.blank().strips().get(0).strip().species();
    for (int way : new int[] {-1, 1}) {
      Outline.rectangle(face.bounds().left() - 1, way * side, 1, way * 500)
          .intersection(face)
          .forEach(
              piece -> {
                sketch.wood(piece, plan.wood(veneered ? veneerWood() : outer));
                sketch.outline(Role.GLUE_LINE, piece);
              });
    }
  }

  private String veneerWood() {
    return plan.given(NeckDecisions.VENEER_SPECIES).word();
  }

  private double veneer() {
    return plan.given(Decisions.HEAD_VENEER);
  }

  private void neck() {
    double room = plan.neck().head().nutThickness().value();
    // The shaft's own wood shows where a leaning nut leaves it bare.
    double half = plan.taper().halfWidth(0);
    for (PlacedStrip strip : plan.blank().strips()) {
      strip
          .seen(-room, room)
          .intersection(Outline.rectangle(0, -half, room, half))
          .forEach(piece -> sketch.wood(piece, plan.wood(strip.strip().species())));
    }
    Outline seat = moved(FretboardView.nut(plan), room);
    sketch.fill(Role.NUT, seat, "#FBF9F4");
    sketch.outline(Role.NUT, seat);
    for (Outline board :
        moved(FretboardView.outline(plan), room)
            .intersection(Outline.rectangle(-NECK_SHOWN, -500, NECK_SHOWN, 500))) {
      sketch.wood(board, plan.fretboardWood());
      sketch.outline(Role.EDGE, board);
    }
  }

  private static Outline moved(Outline shape, double along) {
    return shape.translate(along, 0);
  }

  private Point post(TunerLayout.Tuner tuner) {
    return new Point(-tuner.x().value(), tuner.y().value());
  }

  /** The body at the back of the head. */
  private void body(TunerLayout.Tuner tuner) {
    double half = plan.given(NeckDecisions.TUNER_BODY) / 2;
    Point p = post(tuner);
    double out = tuner.trebleSide() ? 1 : -1;
    sketch.outline(
        Role.HIDDEN,
        Outline.rectangle(
            p.x() - half, p.y() - out * half, p.x() + half, p.y() + out * half * 1.8));
  }

  private void tuner(TunerLayout.Tuner tuner) {
    double bushing = plan.given(NeckDecisions.TUNER_BUSHING);
    Point p = post(tuner);
    Outline bore = Shapes.circle(p, bushing / 2);
    sketch.fill(Role.CHANNEL, bore, "#FBF9F4");
    Role role = Role.of(plan.state(ClearanceKind.TUNER_EDGE, tuner.edge()), Role.EDGE);
    sketch.outline(role, bore);
    sketch.outline(Role.EDGE, Shapes.circle(p, plan.given(NeckDecisions.TUNER_POST) / 2));
    sketch.text(
        Role.NOTE,
        p.x(),
        p.y() - 1.4,
        Text.only(tuner.string()),
        Anchor.MIDDLE,
        Size.SMALL,
        tuner.edge().id());
  }

  private void string(TunerLayout.Tuner tuner) {
    double nut = plan.neck().head().nutThickness().value();
    Role role = Role.of(plan.state(ClearanceKind.TUNER_POST, tuner.clearance()), Role.STRING);
    sketch.line(role, -tuner.touch().x(), tuner.touch().y(), 0, tuner.nut().y());
    sketch.line(
        Role.STRING,
        0,
        tuner.nut().y(),
        NECK_SHOWN,
        plan.strings().offset(tuner.string(), NECK_SHOWN - nut));
  }

  /** Strings to where they are held, and the screws behind them, counted from the bass side. */
  private void headpiece(Headpiece piece) {
    double nut = plan.neck().head().nutThickness().value();
    for (Headpiece.Way way : piece.ways()) {
      sketch.line(Role.STRING, -way.held().x(), way.held().y(), 0, way.nut().y());
      sketch.line(
          Role.STRING,
          0,
          way.nut().y(),
          NECK_SHOWN,
          plan.strings().offset(way.string(), NECK_SHOWN - nut));
    }
    double held = piece.held().value();
    sketch.line(
        Role.HIDDEN,
        -held,
        -plan.headFace().reach(-1, held),
        -held,
        plan.headFace().reach(1, held));
    double radius = plan.given(NeckDecisions.HEADPIECE_SCREW) / 2;
    Role role = Role.of(plan.state(ClearanceKind.HEADPIECE_EDGE, piece.edge()), Role.EDGE);
    for (Point screw : piece.places()) {
      Outline bore = Shapes.circle(new Point(-screw.x(), screw.y()), radius);
      sketch.fill(Role.CHANNEL, bore, "#FBF9F4");
      sketch.outline(role, bore);
    }
    double high = plan.headFace().outline().bounds().high() + 12;
    double end = plan.neck().head().length().value();
    sketch.dimension(new Point(-held, high), new Point(0, high), 0, Text.NONE, piece.held());
    sketch.dimension(
        new Point(-piece.along().value(), -high), new Point(0, -high), 0, Text.NONE, piece.along());
    sketch.dimension(
        new Point(-end, -high - 9),
        new Point(0, -high - 9),
        0,
        Text.NONE,
        plan.neck().head().length());
  }

  /** The oval in which the access bore comes out of the face. */
  private void entry(AccessBore bore) {
    HeadLine head = plan.neck().head();
    double cos = Math.cos(head.theta());
    double from = bore.opens().value() / cos;
    double to = bore.closes().value() / cos;
    double half = bore.diameter().value() / 2;
    Outline oval = Shapes.oval(new Point(-(from + to) / 2, 0), (to - from) / 2, half);
    sketch.fill(Role.CHANNEL, oval, "#FBF9F4");
    sketch.outline(Role.EDGE, oval);
  }

  /** Posts from the break, one row to each side. */
  private void dimensions() {
    double high = plan.headFace().outline().bounds().high() + 12;
    TunerLayout.Tuner nearest = null;
    TunerLayout.Tuner furthest = null;
    for (TunerLayout.Tuner tuner : layout.tuners()) {
      nearest = nearest == null || tuner.x().value() < nearest.x().value() ? tuner : nearest;
      furthest = furthest == null || tuner.x().value() > furthest.x().value() ? tuner : furthest;
    }
    if (nearest != null) {
      sketch.dimension(
          new Point(-nearest.x().value(), high), new Point(0, high), 0, Text.NONE, nearest.x());
      sketch.handle(Grip.Single.FIRST_TUNER, -nearest.x().value(), high, List.of(), Mark.Way.ALONG);
      sketch.handle(
          Grip.Single.LAST_TUNER, -furthest.x().value(), -high, List.of(), Mark.Way.ALONG);
      sketch.dimension(
          new Point(-furthest.x().value(), -high), new Point(0, -high), 0, Text.NONE, furthest.x());
    }
  }
}
