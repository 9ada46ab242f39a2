package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.blank.NeckBlank;
import roughcut.design.Decisions;
import roughcut.design.ScarfSchool;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.neck.HeadLine;
import roughcut.neck.HeadOutline;
import roughcut.neck.ScarfJoint;
import roughcut.plan.Plan;
import roughcut.shop.SpeciesBook;

/**
 * The instrument from above: head at the left, treble side up, the nut line at x = 0 and the centre
 * line at y = 0.
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
        Math.max(headWidth(plan), plan.blank().width().value()) / 2,
        plan.taper().halfWidth(plan.neck().heelEnd().value()));
  }

  private static double headWidth(Plan plan) {
    return Decisions.HEAD_WIDTH.in(plan.build().design());
  }

  /** The tip of the head, seen from above. */
  static double tipX(Plan plan) {
    HeadLine head = plan.neck().head();
    return head.at(head.length().value(), 0).x();
  }

  private Outline neckOutline() {
    return Outline.of(
        new Point(head.breakX(), -taper.halfWidth(0)),
        new Point(0, -taper.halfWidth(0)),
        new Point(heelEnd, -taper.halfWidth(heelEnd)),
        new Point(heelEnd, taper.halfWidth(heelEnd)),
        new Point(0, taper.halfWidth(0)),
        new Point(head.breakX(), taper.halfWidth(0)));
  }

  private Outline headOutline() {
    List<Point> seen = new ArrayList<>();
    for (Point p : HeadOutline.of(taper.halfWidth(0), head.length().value(), headWidth(plan))) {
      seen.add(new Point(head.at(p.x(), 0).x(), p.y()));
    }
    return new Outline(seen);
  }

  /** Neck and head in their woods, with the glue lines. */
  void wood() {
    Outline neck = neckOutline();
    Outline headShape = headOutline();
    for (NeckBlank.Placed strip : plan.blank().strips()) {
      Outline band = Outline.rectangle(-2000, strip.from(), 3000, strip.to());
      neck.within(band)
          .forEach(piece -> sketch.wood(piece, SpeciesBook.get(strip.strip().species())));
      headShape
          .within(band)
          .forEach(piece -> sketch.wood(piece, SpeciesBook.get(strip.strip().species())));
    }
    wings(headShape);
    for (int line = 1; line < plan.blank().strips().size(); line++) {
      glueLine(plan.blank().strips().get(line).from(), neck);
      glueLine(plan.blank().strips().get(line).from(), headShape);
    }
  }

  /**
   * Wood glued to the blank's sides where the head is wider than it; drawn in the outermost strip's
   * wood.
   */
  private void wings(Outline headShape) {
    double side = plan.blank().halfWidth();
    List<NeckBlank.Placed> strips = plan.blank().strips();
    String bass = strips.get(0).strip().species();
    String treble = strips.get(strips.size() - 1).strip().species();
    headShape
        .within(Outline.rectangle(-2000, side, 3000, 500))
        .forEach(piece -> sketch.wood(piece, SpeciesBook.get(treble)));
    headShape
        .within(Outline.rectangle(-2000, -500, 3000, -side))
        .forEach(piece -> sketch.wood(piece, SpeciesBook.get(bass)));
    glueLine(side, headShape);
    glueLine(-side, headShape);
  }

  private void glueLine(double y, Outline within) {
    for (Outline piece : within.within(Outline.rectangle(-2000, y - 0.001, 3000, y + 0.001))) {
      sketch.line(Role.GLUE_LINE, piece.bounds().left(), y, piece.bounds().right(), y);
    }
  }

  void outlines() {
    sketch.outline(Role.OUTLINE, headOutline());
    sketch.outline(Role.OUTLINE, neckOutline());
    sketch.outline(
        Role.NUT, Outline.rectangle(head.breakX(), -taper.halfWidth(0), 0, taper.halfWidth(0)));
  }

  void nut() {
    Outline nut = Outline.rectangle(head.breakX(), -taper.halfWidth(0), 0, taper.halfWidth(0));
    sketch.fill(Role.NUT, nut, "#FBF9F4");
    sketch.outline(Role.NUT, nut);
  }

  private Outline fretboardOutline() {
    double end = taper.end().value();
    return Outline.of(
        new Point(0, -taper.halfWidth(0)),
        new Point(end, -taper.halfWidth(end)),
        new Point(end, taper.halfWidth(end)),
        new Point(0, taper.halfWidth(0)));
  }

  /** The fretboard on the neck, with its frets. */
  void fretboard() {
    Outline board = fretboardOutline();
    sketch.wood(board, plan.fretboardWood());
    for (FretLayout.Fret fret : plan.frets().frets()) {
      double half = taper.halfWidth(fret.x());
      sketch.line(Role.FRET, fret.x(), -half, fret.x(), half);
    }
    sketch.outline(Role.EDGE, board);
  }

  /** Strings from the nut to the saddle line. */
  void strings() {
    double saddle = plan.frets().saddle().value();
    for (int i = 1; i <= plan.strings().count(); i++) {
      sketch.line(
          Role.STRING, 0, plan.strings().offset(i, 0), saddle, plan.strings().offset(i, saddle));
    }
    double half = Math.abs(plan.strings().offset(1, saddle)) + 12;
    sketch.line(Role.SADDLE, saddle, -half, saddle, half);
    sketch.text(
        Role.NOTE, saddle, -half - 10, "saddle line", Anchor.MIDDLE, Size.SMALL, "saddle.from-nut");
  }

  void centreLine(double to) {
    sketch.line(Role.CENTRE, tipX(plan) - 18, 0, to + 14, 0);
  }

  /** The rod channel as it lies under the fretboard. */
  void rodHidden() {
    double half = plan.rod().width().value() / 2;
    sketch.outline(
        Role.HIDDEN,
        Outline.rectangle(plan.rod().start().value(), -half, plan.rod().end().value(), half));
  }

  /** The scarf's seam as it shows, or lies hidden, on the upper side. */
  void seam() {
    ScarfJoint scarf = plan.scarf().orElse(null);
    if (scarf == null) {
      return;
    }
    double x = scarf.seam().get(0).x();
    if (scarf.school() == ScarfSchool.SEAM_UNDER_FRETBOARD) {
      double half = taper.halfWidth(x);
      sketch.line(Role.HIDDEN, x, -half, x, half);
      sketch.text(
          Role.NOTE,
          x,
          -half - 9,
          "seam, under the fretboard",
          Anchor.START,
          Size.SMALL,
          scarf.seamTop().id());
    } else {
      for (Outline piece : headOutline().within(Outline.rectangle(x - 0.01, -500, x + 0.01, 500))) {
        sketch.line(Role.SEAM, x, piece.bounds().low(), x, piece.bounds().high());
        sketch.text(
            Role.NOTE,
            x,
            piece.bounds().low() - 9,
            "seam across the head",
            Anchor.MIDDLE,
            Size.SMALL,
            scarf.seamTop().id());
      }
    }
  }

  /** The blank's sides beyond the outline: what the saw takes away. */
  void stock() {
    double side = plan.blank().halfWidth();
    double from = plan.scarf().map(s -> heelEnd - s.blankLength().value()).orElse(tipX(plan));
    sketch.outline(Role.STOCK, Outline.rectangle(from, -side, heelEnd, side));
  }

  /** The blank as it comes out of the clamps, with the outline to come. */
  void stack() {
    double length = plan.rips().length().value();
    double end = heelEnd + (length - plan.rips().length().inputs().get(0).value().value()) / 2;
    for (NeckBlank.Placed strip : plan.blank().strips()) {
      sketch.wood(
          Outline.rectangle(end - length, strip.from(), end, strip.to()),
          SpeciesBook.get(strip.strip().species()));
    }
    for (NeckBlank.Placed strip : plan.blank().strips()) {
      sketch.line(Role.GLUE_LINE, end - length, strip.to(), end, strip.to());
    }
    sketch.outline(
        Role.OUTLINE,
        Outline.rectangle(end - length, -plan.blank().halfWidth(), end, plan.blank().halfWidth()));
    sketch.outline(Role.HIDDEN, neckOutline());
    sketch.outline(Role.HIDDEN, headOutline());
  }

  /** Clamps along the blank, evenly, with their cauls. */
  void clamps() {
    int count = (int) plan.glueUp().clamps().value();
    double length = plan.rips().length().value();
    double end = heelEnd + (length - plan.rips().length().inputs().get(0).value().value()) / 2;
    double half = plan.blank().halfWidth();
    double caul = Decisions.CAUL.in(plan.build().design());
    double pad = Decisions.CLAMP_PAD.in(plan.build().design());
    for (int side : new int[] {-1, 1}) {
      sketch.outline(
          Role.STOCK, Outline.rectangle(end - length, side * half, end, side * (half + caul)));
      for (int i = 0; i < count; i++) {
        double x = end - length + length * (i + 0.5) / count;
        sketch.outline(
            Role.EDGE,
            Outline.rectangle(
                x - pad / 2, side * (half + caul), x + pad / 2, side * (half + caul + 7)));
      }
    }
  }

  /** Where the body's edge will be. */
  void bodyEdge() {
    double x = plan.neck().joint().value();
    double half = taper.halfWidth(x);
    sketch.line(Role.HIDDEN, x, half + 2, x, half + 22);
    sketch.line(Role.HIDDEN, x, -half - 2, x, -half - 22);
    sketch.text(Role.NOTE, x + 3, half + 14, "body begins", Anchor.START, Size.SMALL, "joint.x");
  }
}
