package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.blank.GlueFace;
import roughcut.blank.PlacedStrip;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.layout.FretboardTaper;
import roughcut.layout.LayoutKeys;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.neck.Channel;
import roughcut.neck.HeadLine;
import roughcut.neck.Headpiece;
import roughcut.neck.MachineStops;
import roughcut.neck.ScarfJoint;
import roughcut.neck.TunerLayout;
import roughcut.plan.Grip;
import roughcut.plan.Plan;

/**
 * The instrument from above: head at the left, the nut line at x = 0 and the centre line at y = 0.
 * Whoever draws it says that it is seen so.
 */
final class PlanView {
  private final Plan plan;
  private final Sketch sketch;
  private final FretboardTaper taper;
  private final HeadLine head;
  private final double heelEnd;

  PlanView(Plan plan, Sketch sketch) {
    this.plan = plan;
    this.sketch = sketch;
    this.taper = plan.taper();
    this.head = plan.neck().head();
    this.heelEnd = plan.neck().heelEnd().value();
  }

  /** How far the view reaches to either side of the centre line. */
  static double halfHeight(Plan plan) {
    return Math.max(
        Math.max(headWidth(plan), plan.blank().width().value()) / 2, plan.neck().widestHalf());
  }

  private static double headWidth(Plan plan) {
    return plan.given(Decisions.HEAD_WIDTH);
  }

  /** The tip of the head, seen from above. */
  static double tipX(Plan plan) {
    HeadLine head = plan.neck().head();
    return head.at(head.length().value(), 0).x();
  }

  /** The neck from above, with its tenon or its whole core behind the body's edge. */
  private Outline neckOutline() {
    List<Point> treble = new ArrayList<>();
    treble.add(new Point(head.breakX(), taper.halfWidth(0)));
    treble.add(new Point(0, taper.halfWidth(0)));
    double joint = plan.neck().joint().value();
    if (plan.neck().halfInBody(joint) != taper.halfWidth(joint)) {
      treble.add(new Point(joint, taper.halfWidth(joint)));
      treble.add(new Point(joint, plan.neck().halfInBody(joint)));
    }
    treble.add(new Point(heelEnd, plan.neck().halfWidth(heelEnd)));
    List<Point> corners = new ArrayList<>(treble);
    for (int i = treble.size() - 1; i >= 0; i--) {
      corners.add(new Point(treble.get(i).x(), -treble.get(i).y()));
    }
    return new Outline(corners);
  }

  private Outline headOutline() {
    return plan.headFace().seen(p -> new Point(head.at(p.x(), 0).x(), p.y()));
  }

  /** Neck and head in their woods, with the glue lines. */
  void wood() {
    woodOf(neckOutline(), head.breakX() - 1, heelEnd + 1, false);
    Outline headShape = headOutline();
    woodOf(headShape, tipX(plan) - 1, head.breakX() + 1, plan.scarf().isPresent());
    wings(headShape);
  }

  /**
   * Strips inside a shape.
   *
   * @param swapped whether bass and treble have changed sides, as on a turned offcut
   */
  private void woodOf(Outline shape, double from, double to, boolean swapped) {
    for (PlacedStrip strip : plan.blank().strips()) {
      Outline band = strip.seen(from, to);
      (swapped ? band.mirrored() : band)
          .intersection(shape)
          .forEach(piece -> sketch.wood(piece, plan.wood(strip.strip().species())));
    }
    for (int line = 1; line < plan.blank().strips().size(); line++) {
      glueLine(plan.blank().strips().get(line).lower(), shape, from, to, swapped ? -1 : 1);
    }
  }

  /**
   * Wood glued to the blank's sides where the head is wider than it; drawn in the outermost strip's
   * wood.
   */
  private void wings(Outline headShape) {
    List<PlacedStrip> strips = plan.blank().strips();
    double x = head.breakX();
    double side = plan.blank().halfWidth(x);
    String bass = strips.get(0).strip().species();
    String treble = strips.get(strips.size() - 1).strip().species();
    headShape
        .intersection(Outline.rectangle(-2000, side, 3000, 500))
        .forEach(piece -> sketch.wood(piece, plan.wood(treble)));
    headShape
        .intersection(Outline.rectangle(-2000, -500, 3000, -side))
        .forEach(piece -> sketch.wood(piece, plan.wood(bass)));
    for (double y : new double[] {side, -side}) {
      for (double[] span : headShape.spans(y)) {
        sketch.line(Role.GLUE_LINE, span[0], y, span[1], y);
      }
    }
  }

  private void glueLine(GlueFace face, Outline within, double from, double to, int side) {
    if (face.straight() && face.nut() == face.heel()) {
      for (double[] span : within.spans(side * face.nut())) {
        sketch.line(Role.GLUE_LINE, span[0], side * face.nut(), span[1], side * face.nut());
      }
      return;
    }
    double step = face.straight() ? (to - from) / 64 : (to - from) / 128;
    for (double x = from; x < to; x += step) {
      Point a = new Point(x, side * face.at(x));
      Point b = new Point(x + step, side * face.at(x + step));
      if (within.contains(a) && within.contains(b)) {
        sketch.path(Role.GLUE_LINE, false, a, b);
      }
    }
  }

  void outlines() {
    sketch.outline(Role.OUTLINE, headOutline());
    sketch.outline(Role.OUTLINE, neckOutline());
    sketch.outline(Role.NUT, FretboardView.nut(plan));
  }

  void nut() {
    Outline nut = FretboardView.nut(plan);
    sketch.fill(Role.NUT, nut, "#FBF9F4");
    sketch.outline(Role.NUT, nut);
  }

  private Outline fretboardOutline() {
    return FretboardView.outline(plan);
  }

  /** The fretboard on the neck, with its frets. */
  void fretboard() {
    Outline board = fretboardOutline();
    sketch.wood(board, plan.fretboardWood());
    FretboardView.frets(plan, sketch, 0);
    sketch.outline(Role.EDGE, board);
  }

  /** Strings from the nut to the saddle line. */
  void strings() {
    double saddle = plan.frets().saddle().value();
    for (int i = 1; i <= plan.strings().count(); i++) {
      sketch.line(
          Role.STRING,
          plan.strings().nutX(i),
          plan.strings().atNut().get(i - 1).value(),
          plan.strings().saddleX(i),
          plan.strings().atSaddle().get(i - 1).value());
    }
    double half = Math.abs(plan.strings().offset(1, saddle)) + 12;
    double lean = plan.frets().fan().slant(1) * half;
    sketch.line(Role.SADDLE, saddle - lean, -half, saddle + lean, half);
    sketch.text(
        Role.NOTE,
        saddle,
        -half - 10,
        Text.of("saddle line"),
        Anchor.MIDDLE,
        Size.SMALL,
        LayoutKeys.SADDLE_FROM_NUT.id());
  }

  void centreLine(double to) {
    sketch.line(Role.CENTRE, tipX(plan) - 18, 0, to + 14, 0);
  }

  /** The channels as they lie under the fretboard. */
  void rodHidden() {
    channels(Role.HIDDEN);
  }

  /** The channels, open, before the fretboard covers them. */
  void channelsOpen() {
    for (Outline shape : channelShapes()) {
      sketch.fill(Role.CHANNEL, shape, "#FBF9F4");
    }
    channels(Role.CHANNEL);
  }

  private void channels(Role role) {
    channelShapes().forEach(shape -> sketch.outline(role, shape));
  }

  private List<Outline> channelShapes() {
    List<Channel.Piece> pieces = new ArrayList<>(plan.rod().channel().pieces());
    plan.details()
        .stiffeners()
        .ifPresent(
            s -> {
              pieces.addAll(s.bass().pieces());
              pieces.addAll(s.treble().pieces());
            });
    List<Outline> shapes = new ArrayList<>();
    for (Channel.Piece piece : pieces) {
      double half = piece.width() / 2;
      shapes.add(
          Outline.of(
              new Point(piece.from(), piece.offsetAt(piece.from()) - half),
              new Point(piece.to(), piece.offsetAt(piece.to()) - half),
              new Point(piece.to(), piece.offsetAt(piece.to()) + half),
              new Point(piece.from(), piece.offsetAt(piece.from()) + half)));
    }
    return shapes;
  }

  /** What fence and stops are set to, from the blank's edge and ends. */
  void stops() {
    double side = plan.blank().halfWidth();
    MachineStops stops = plan.blanks().routing().rod();
    double start = plan.rod().channel().from();
    double end = plan.rod().channel().to();
    double near = -plan.rod().width().value() / 2;
    double trim = plan.given(BlankDecisions.END_TRIM);
    double heel = heelEnd + trim;
    boolean sameEnd = plan.blanks().routing().countedFromHeel();
    double from = sameEnd ? heel : heelEnd - blankReach();
    double startAt = from + (sameEnd ? -1 : 1) * stops.startStop().value();
    sketch.dimension(
        new Point(Math.min(from, startAt), -side),
        new Point(Math.max(from, startAt), -side),
        sameEnd ? -26 : -14,
        Text.NONE,
        stops.startStop());
    sketch.dimension(
        new Point(heel - stops.endStop().value(), -side),
        new Point(heel, -side),
        -14,
        Text.NONE,
        stops.endStop());
    double x = (start + end) / 2;
    stops
        .fence()
        .ifPresent(
            f -> sketch.dimension(new Point(x, -side), new Point(x, near), 0, Text.of("fence"), f));
  }

  /** Tuner bores on the head, or a headpiece's screws, seen from above. */
  void tuners() {
    double r = plan.given(NeckDecisions.TUNER_BUSHING) / 2;
    double cos = Math.cos(head.theta());
    for (TunerLayout.Tuner tuner : plan.details().tuners().tuners()) {
      Point post = new Point(head.breakX() - tuner.post().x() * cos, tuner.post().y());
      Outline bore = Shapes.oval(post, r * cos, r);
      sketch.fill(Role.CHANNEL, bore, "#FBF9F4");
      sketch.outline(Role.EDGE, bore);
    }
    double screw = plan.given(NeckDecisions.HEADPIECE_SCREW) / 2;
    for (Point at : plan.details().headpiece().map(Headpiece::places).orElse(List.of())) {
      Outline bore = Shapes.circle(new Point(head.breakX() - at.x(), at.y()), screw);
      sketch.fill(Role.CHANNEL, bore, "#FBF9F4");
      sketch.outline(Role.EDGE, bore);
    }
  }

  /** Splines across the joint. */
  void splines() {
    plan.details()
        .splines()
        .ifPresent(
            s -> {
              double half = plan.given(NeckDecisions.SPLINE_WIDTH) / 2;
              for (double y : s.offsets()) {
                sketch.outline(
                    Role.HIDDEN, Outline.rectangle(s.x() - 25, y - half, s.x() + 25, y + half));
              }
            });
  }

  /** The scarf's seam as it shows, or lies hidden, on the upper side. */
  void seam() {
    ScarfJoint scarf = plan.scarf().orElse(null);
    if (scarf == null) {
      return;
    }
    double x = scarf.seam().get(0).x();
    if (scarf.underFretboard()) {
      double half = taper.halfWidth(x);
      sketch.line(Role.HIDDEN, x, -half, x, half);
      sketch.text(
          Role.NOTE,
          x,
          -half - 14,
          Text.of("joint, under the fretboard"),
          Anchor.START,
          Size.SMALL,
          scarf.seamTop().id());
    } else {
      for (Outline piece :
          headOutline()
              .intersection(
                  Outline.rectangle(x - Precision.TOUCHING, -500, x + Precision.TOUCHING, 500))) {
        sketch.line(Role.SEAM, x, piece.bounds().low(), x, piece.bounds().high());
        sketch.text(
            Role.NOTE,
            x,
            piece.bounds().low() - 9,
            Text.of("joint across the headstock"),
            Anchor.MIDDLE,
            Size.SMALL,
            scarf.seamTop().id());
      }
    }
  }

  /** The blank's sides beyond the outline: what the saw takes away. */
  void stock() {
    double side = plan.blank().halfWidth();
    double trim = plan.given(BlankDecisions.END_TRIM);
    double from = heelEnd - blankReach();
    sketch.outline(Role.STOCK, Outline.rectangle(from, -side, heelEnd + trim, side));
  }

  /** From the heel's end to the blank's head end, trim included. */
  private double blankReach() {
    return plan.tree().length().value() - plan.given(BlankDecisions.END_TRIM);
  }

  /** What can be taken hold of on the stack: each strip, and each face between two. */
  void strips() {
    double x = heelEnd - 24;
    List<PlacedStrip> strips = plan.blank().strips();
    for (PlacedStrip strip : strips) {
      if (strip.number() > 0 && !plan.neckPlan().rearranged()) {
        double middle = (strip.from(x) + strip.to(x)) / 2;
        sketch.handle(
            new Grip.Strip(strip.number()),
            x,
            middle,
            strip.seen(0, heelEnd).corners(),
            Mark.Way.ACROSS);
        if (strip.number() < strips.size()) {
          double edge = strip.to(x - 60);
          sketch.handle(
              new Grip.StripEdge(strip.number()),
              x - 60,
              edge,
              GlueLines.along(strip.upper(), 0, heelEnd),
              Mark.Way.ACROSS);
        }
      }
    }
  }

  /** Where the body's edge will be. */
  void bodyEdge() {
    double x = plan.neck().joint().value();
    double half = taper.halfWidth(x);
    sketch.line(Role.HIDDEN, x, half + 2, x, half + 22);
    sketch.line(Role.HIDDEN, x, -half - 2, x, -half - 22);
    sketch.text(
        Role.NOTE,
        x + 3,
        half + 14,
        Text.of("body edge"),
        Anchor.START,
        Size.SMALL,
        Decisions.JOINT_X.id());
  }
}
