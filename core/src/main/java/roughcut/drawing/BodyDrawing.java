package roughcut.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import roughcut.blank.PlacedStrip;
import roughcut.clearance.Clearance;
import roughcut.design.BodyFace;
import roughcut.design.Decisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Frame;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.rout.Cut;
import roughcut.rout.CutKind;
import roughcut.rout.HardwareSolid;
import roughcut.rout.NeckSeating;
import roughcut.rout.RoutStep;
import roughcut.shop.Species;

/**
 * The body from one of its faces with what is cut into it, routs the darker the deeper, and beneath
 * it cut open along the strings, both on the ruler that starts at the nut line. The head is at the
 * left; from the top the treble side is up, turned over it is down.
 */
public final class BodyDrawing {
  private static final double BETWEEN = 31;

  /** Kept free over the plan and under the section, mm. */
  private static final double OVER = 9;

  private static final double UNDER = 6;

  /** On paper nothing lies beside the sheet. */
  private static final double ON_PAPER = 12;

  private static final int[] SHALLOW = {0xEA, 0xE2, 0xD2};
  private static final int[] DEEP = {0x8C, 0x7F, 0x6B};

  /** What a body's drawing is to show. */
  public enum Shows {
    OUTLINE,
    SURFACES,
    POCKET,
    WEIGHT,
    CUTS,
    PASSES,
    TEMPLATES,
    /** What a CNC router does. */
    PROGRAMS,
    /** For paper: everything, and nothing to take hold of. */
    SHEET
  }

  private final Plan plan;
  private final Sketch sketch;
  private final BodyFace face;
  private final Shows shows;
  private final String chosen;
  private final Outline shape;

  private BodyDrawing(Plan plan, Units units, BodyFace face, Shows shows, String chosen) {
    this.plan = plan;
    this.sketch = new Sketch(plan, units);
    this.face = face;
    this.shows = shows;
    this.chosen = chosen;
    this.shape = plan.body().outline().shape();
  }

  /**
   * Draws it.
   *
   * @param chosen name of the cut that is looked at; empty for none
   */
  public static Drawing of(Plan plan, Units units, BodyFace face, Shows shows, String chosen) {
    return new BodyDrawing(plan, units, face, shows, chosen).draw();
  }

  /** The body from the top for paper. */
  static Drawing top(Plan plan, Units units) {
    return of(plan, units, BodyFace.TOP, Shows.SHEET, "");
  }

  /** The body turned over for paper. */
  static Drawing back(Plan plan, Units units) {
    return of(plan, units, BodyFace.BACK, Shows.SHEET, "");
  }

  /** Where the lengthwise section's top plane stands below the centre line, as a negative y. */
  public static double sectionY(Plan plan) {
    Bounds b = plan.body().outline().bounds();
    return -Math.max(-b.low(), b.high()) - BETWEEN;
  }

  /** How the body lies when that face is looked at. */
  public static Frame frame(Plan plan, BodyFace face) {
    return View.of(face).frame(plan.given(Decisions.HAND));
  }

  private Drawing draw() {
    Bounds b = plan.body().outline().raw().bounds();
    sketch.seen(View.of(face));
    wood();
    if (plan.body().outline().crossing().isPresent()) {
      sketch.outline(Role.STOP, plan.body().outline().raw());
    } else {
      sketch.outline(Role.OUTLINE, shape);
    }
    new BodyContours(plan, sketch, face).draw(shows == Shows.SURFACES);
    if (shows != Shows.OUTLINE && shows != Shows.SURFACES) {
      cuts();
    }
    // A template lies on the bare body.
    if (shows != Shows.TEMPLATES && shows != Shows.PROGRAMS) {
      neck();
    }
    boolean bare =
        switch (shows) {
          case OUTLINE, SURFACES, TEMPLATES, PROGRAMS -> true;
          case POCKET, WEIGHT, CUTS, PASSES, SHEET -> false;
        };
    if (face == BodyFace.TOP && !bare) {
      partsAbove();
    }
    sketch.line(
        Role.CENTRE, Math.min(b.left(), plan.neck().joint().value() - 60), 0, b.right() + 12, 0);
    BodyOverlay over = new BodyOverlay(plan, sketch, face);
    switch (shows) {
      case OUTLINE -> over.outline();
      case POCKET -> over.pocket();
      case WEIGHT -> over.weight();
      case CUTS -> over.cut(chosen);
      case PASSES -> over.passes(chosen);
      case TEMPLATES -> over.templates(chosen);
      default -> {}
    }
    spots();
    sketch.seen(View.PLAIN);
    double section = sectionY(plan);
    double at = sectionAt();
    sketch.origin(0, section);
    BodySection.along(plan, at, sketch);
    sketch.text(
        Role.NOTE,
        b.right() + 4,
        -plan.body().thickness().value() / 2,
        at == 0 ? Text.of("along the centre line") : Text.of("along the {chosen}", chosenWords()),
        Anchor.START,
        Size.SMALL);
    sketch.origin(0, 0);
    double left = Math.min(b.left(), plan.neck().joint().value() - 60) - 10;
    return sketch.drawing(
        Text.of("{plan}, body", plan.name()),
        new Bounds(
            left,
            section - plan.body().thickness().value() - (shows == Shows.SHEET ? ON_PAPER : UNDER),
            b.right() + 40,
            Math.max(-b.low(), b.high()) + (shows == Shows.SHEET ? ON_PAPER : OVER)));
  }

  private Text chosenWords() {
    return plan.cuts().cut(chosen).map(Cut::words).orElse(Text.of("cut"));
  }

  /** The chosen cut's middle, or the centre line. */
  private double sectionAt() {
    return plan.cuts()
        .cut(chosen)
        .filter(c -> shows == Shows.CUTS || shows == Shows.PASSES)
        .filter(c -> c.from().opens(BodyFace.TOP) || c.from().opens(BodyFace.BACK))
        .map(c -> c.outlines().get(c.outlines().size() - 1).centre().y())
        .orElse(0.0);
  }

  private void wood() {
    Species wood = face == BodyFace.TOP ? plan.body().seenWood() : plan.body().backWood();
    sketch.wood(shape, wood);
    if (plan.body().winged()) {
      strips(plan.neck().joint().value(), shape.bounds().right(), shape);
    } else if (plan.body().halved()) {
      for (double[] span : shape.spans(0)) {
        sketch.line(Role.GLUE_LINE, span[0], 0, span[1], 0);
      }
    }
  }

  /** The neck's strips within a shape: their wood first, which would hide the lines between. */
  private void strips(double from, double to, Outline within) {
    List<Outline> pieces = new ArrayList<>();
    for (PlacedStrip strip : plan.blank().strips()) {
      for (Outline piece : strip.seen(from, to).intersection(within)) {
        sketch.wood(piece, plan.wood(strip.strip().species()));
        pieces.add(piece);
      }
    }
    pieces.forEach(piece -> sketch.outline(Role.GLUE_LINE, piece));
  }

  /** Colour of a floor: the darker the deeper. */
  static String shade(double share) {
    double t = Math.max(0, Math.min(1, share));
    return String.format(
        Locale.ROOT,
        "#%02X%02X%02X",
        Math.round(SHALLOW[0] + (DEEP[0] - SHALLOW[0]) * t),
        Math.round(SHALLOW[1] + (DEEP[1] - SHALLOW[1]) * t),
        Math.round(SHALLOW[2] + (DEEP[2] - SHALLOW[2]) * t));
  }

  private void cuts() {
    double t = plan.body().thickness().value();
    List<Cut> seen = new ArrayList<>();
    for (Cut cut : plan.cuts().cuts()) {
      if (cut.from().opens(face)) {
        seen.add(cut);
      } else {
        cut.outlines().forEach(o -> sketch.outline(Role.HIDDEN, o));
      }
    }
    record Floor(Outline outline, double depth, Cut cut) {}
    List<Floor> floors = new ArrayList<>();
    for (Cut cut : seen) {
      for (RoutStep step : cut.steps()) {
        floors.add(new Floor(step.outline(), step.depth().value(), cut));
      }
      for (Cylinder bore : cut.bores()) {
        floors.add(new Floor(Cut.shadow(bore), bore.length(), cut));
      }
    }
    floors.sort(Comparator.comparingDouble(Floor::depth));
    for (Floor floor : floors) {
      // What a top will cover is there, but not to be seen.
      boolean covered =
          floor.cut.covered()
              && (plan.body().top().value() > 0 || floor.cut.kind() == CutKind.CHANNEL);
      if (covered && face == BodyFace.TOP) {
        sketch.outline(Role.HIDDEN, floor.outline);
      } else {
        sketch.fill(Role.CHANNEL, floor.outline, shade(floor.depth / t));
        sketch.outline(Role.EDGE, floor.outline);
      }
    }
    if (shows == Shows.CUTS || shows == Shows.PASSES) {
      grips();
    }
  }

  /** Every cut can be clicked; what was fitted can be dragged. The smaller lie over the larger. */
  private void grips() {
    record Held(String name, Outline outline) {}
    List<Held> all = new ArrayList<>();
    for (Cut cut : plan.cuts().cuts()) {
      cut.outlines().forEach(o -> all.add(new Held(cut.name(), o)));
    }
    // A control under a plate has no bore of its own: its body is taken hold of.
    for (HardwareSolid part : plan.cuts().parts()) {
      if (!part.above() && plan.cuts().cut(part.of()).isEmpty()) {
        all.add(new Held(part.of(), part.outline()));
      }
    }
    all.sort(Comparator.comparingDouble(g -> -g.outline.area()));
    for (Held grip : all) {
      Outline shape = grip.outline;
      double small = Math.min(shape.bounds().width(), shape.bounds().height());
      sketch.grip(
          new Grip.Cut(grip.name),
          small < 9 ? Shapes.circle(shape.centre(), 5) : shape,
          Mark.Way.ANY);
    }
  }

  private void neck() {
    double joint = plan.neck().joint().value();
    double heel = plan.neck().heelEnd().value();
    double from = joint - 60;
    if (face == BodyFace.TOP) {
      double end = plan.taper().end().value();
      Outline board =
          Outline.of(
              new Point(from, -plan.taper().halfWidth(from)),
              new Point(end, -plan.taper().halfWidth(end)),
              new Point(end, plan.taper().halfWidth(end)),
              new Point(from, plan.taper().halfWidth(from)));
      sketch.wood(board, plan.fretboardWood());
      FretboardView.frets(plan, sketch, from);
      sketch.outline(Role.EDGE, board);
      if (!plan.neck().through()) {
        sketch.path(
            Role.HIDDEN,
            true,
            new Point(joint, -plan.neck().halfInBody(joint)),
            new Point(heel, -plan.neck().halfWidth(heel)),
            new Point(heel, plan.neck().halfWidth(heel)),
            new Point(joint, plan.neck().halfInBody(joint)));
      }
      NeckSeating seating = plan.cuts().neckSeating();
      double saddle = seating.atBridge(plan.frets().saddle().value());
      for (int i = 1; i <= plan.strings().count(); i++) {
        double at = seating.atBridge(plan.strings().saddleX(i));
        sketch.line(
            Role.STRING,
            from,
            plan.strings().offset(i, from) + seating.offsetAt(from),
            at,
            plan.strings().atSaddle().get(i - 1).value() + seating.offsetAt(at));
      }
      double reach = plan.strings().atSaddle().get(0).value() + 8;
      double lean = plan.frets().fan().slant(1) * reach;
      sketch.line(Role.SADDLE, saddle - lean, -reach, saddle + lean, reach);
    } else {
      Outline back =
          Outline.of(
              new Point(from, -plan.neck().halfWidth(from)),
              new Point(joint, -plan.neck().halfWidth(joint)),
              new Point(joint, plan.neck().halfWidth(joint)),
              new Point(from, plan.neck().halfWidth(from)));
      strips(from, joint, back);
      sketch.outline(Role.EDGE, back);
    }
  }

  private void partsAbove() {
    for (HardwareSolid part : plan.cuts().parts()) {
      if (part.above() && !part.of().equals("fretboard")) {
        sketch.outline(Role.NOTE, part.outline());
      }
    }
  }

  private void spots() {
    if (shows == Shows.OUTLINE || shows == Shows.SURFACES || shows == Shows.SHEET) {
      return;
    }
    for (int i = 0; i < plan.clearances().size(); i++) {
      Clearance clearance = plan.clearances().get(i);
      if (!clearance.inBody() || clearance.state() == Clearance.State.CLEAR) {
        continue;
      }
      Role role = Role.of(clearance.state(), Role.EDGE);
      // Where many stand close, words only for what stops and for what is looked at.
      boolean told = clearance.state() == Clearance.State.STOP || clearance.concerns(chosen);
      sketch.spot(
          role,
          clearance.x(),
          clearance.y(),
          told ? clearance.what() : Text.NONE,
          clearance.y() < 0,
          i);
    }
  }
}
