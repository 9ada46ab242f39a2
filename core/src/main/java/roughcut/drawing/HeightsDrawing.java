package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.StringDecisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.layout.FretLayout;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.Pocket;
import roughcut.shop.BridgeKind;
import roughcut.strings.HeelSeat;
import roughcut.strings.Heights;

/**
 * Neck on body from the treble side: string, frets, fretboard, pocket and the bridge's range. z
 * counts from the body's top at the neck end, x from the nut line.
 */
public final class HeightsDrawing {
  private static final String POCKET = "#FBF9F4";
  private static final String REACH = "#DCE6E3";
  private static final String THIRD = "#BFD3CD";
  private static final double BEHIND = 64;

  private final Plan plan;
  private final Sketch sketch;
  private final Heights heights;
  private final double joint;
  private final double saddle;

  private HeightsDrawing(Plan plan, Units units) {
    this.plan = plan;
    this.sketch = new Sketch(plan, units);
    this.heights = plan.stringPlan().heights();
    this.joint = plan.neck().joint().value();
    this.saddle = plan.frets().scale().value();
  }

  public static Drawing of(Plan plan, Units units) {
    return new HeightsDrawing(plan, units).draw();
  }

  private double of(NumberDecision decision) {
    return plan.given(decision);
  }

  private Drawing draw() {
    double from = Math.max(plan.frets().octave() - 40, 0);
    double thick = of(BodyDecisions.BODY_THICKNESS);
    double rise = of(StringDecisions.CARVE_RISE);
    Outline body =
        Outline.of(
            new Point(joint, 0),
            new Point(joint, -thick),
            new Point(saddle + BEHIND, -thick),
            new Point(saddle + BEHIND, rise),
            new Point(saddle, rise));
    sketch.wood(body, plan.body().seenWood());
    neck(from);
    sketch.outline(Role.OUTLINE, body);
    range();
    strings(from);
    dimensions(thick);
    double high = Math.max(heights.string(saddle), plan.stringPlan().bridge().kind().heightMost());
    return sketch.drawing(
        Text.of("Heights"), new Bounds(from - 10, -thick - 22, saddle + BEHIND + 8, high + 26));
  }

  /** Fretboard, frets and the heel in its pocket, leaning by the angle. */
  private void neck(double from) {
    double stack = of(Decisions.FRETBOARD_THICKNESS) + of(FretboardDecisions.WIRE_HEIGHT);
    double heelEnd = Math.min(plan.neck().heelEnd().value(), saddle + BEHIND);
    double heel = of(Decisions.HEEL_THICKNESS);
    double atJoint = heights.seat().map(s -> s.wood(joint)).orElse(heel);
    double atEnd = heights.seat().map(s -> s.wood(plan.neck().heelEnd().value())).orElse(heel);
    double end = plan.taper().end().value();
    List<Point> corners = new ArrayList<>();
    corners.add(new Point(from, under(from, stack)));
    corners.add(new Point(heelEnd, under(heelEnd, stack)));
    corners.add(new Point(heelEnd, under(heelEnd, stack) - atEnd));
    corners.add(new Point(joint, under(joint, stack) - atJoint));
    if (heights.seat().filter(HeelSeat::tenoned).isPresent()) {
      corners.add(new Point(joint, under(joint, stack) - heel));
    }
    corners.add(new Point(joint - 24, under(joint - 24, stack) - 15));
    corners.add(new Point(from, under(from, stack) - 15));
    Outline neck = new Outline(corners);
    sketch.fill(Role.CHANNEL, neck, POCKET);
    // Cut through on the centre line.
    sketch.wood(neck, plan.wood(plan.blank().at(joint, 0).strip().species()));
    sketch.outline(Role.EDGE, neck);
    heights.seat().filter(HeelSeat::wedged).ifPresent(s -> wedge(s, stack));
    double board = of(Decisions.FRETBOARD_THICKNESS);
    Outline fretboard =
        Outline.of(
            new Point(from, under(from, stack)),
            new Point(end, under(end, stack)),
            new Point(end, under(end, stack) + board),
            new Point(from, under(from, stack) + board));
    sketch.wood(fretboard, plan.fretboardWood());
    sketch.outline(Role.EDGE, fretboard);
    double fret = of(FretboardDecisions.WIRE_HEIGHT);
    for (FretLayout.Fret one : plan.frets().frets()) {
      if (one.x() > from) {
        double z = under(one.x(), stack) + board;
        double left = Math.max(0, fret - fallAway(one.number()));
        sketch.line(Role.OUTLINE, one.x(), z, one.x(), z + left);
      }
    }
  }

  /** The wedge between heel and floor, in the neck's wood. */
  private void wedge(HeelSeat seat, double stack) {
    double end = plan.neck().heelEnd().value();
    Outline wedge =
        Outline.of(
            new Point(joint, under(joint, stack) - seat.wood(joint)),
            new Point(end, under(end, stack) - seat.wood(end)),
            new Point(end, under(end, stack) - seat.at(end)),
            new Point(joint, under(joint, stack) - seat.at(joint)));
    sketch.wood(wedge, plan.wood(plan.blank().strips().get(0).strip().species()));
    sketch.outline(Role.EDGE, wedge);
  }

  /** How much a fret is filed lower: evenly from where the fall-away begins to the last fret. */
  private double fallAway(int number) {
    double from = of(FretboardDecisions.FALL_AWAY_FROM);
    int last = plan.frets().last().number();
    return number <= from || last <= from
        ? 0
        : of(FretboardDecisions.FALL_AWAY) * (number - from) / (last - from);
  }

  /** The fretboard's underside. */
  private double under(double x, double stack) {
    return heights.fretPlane(x) - stack;
  }

  /** What the bridge's saddles reach, its lower third darker. */
  private void range() {
    BridgeKind kind = plan.stringPlan().bridge().kind();
    double low = heights.footing() + kind.heightLeast();
    double high = heights.footing() + kind.heightMost();
    double third = low + (high - low) / 3;
    Outline all = Outline.rectangle(saddle - 4, low, saddle + 4, high);
    sketch.fill(Role.NOTE, all, REACH);
    sketch.fill(Role.NOTE, Outline.rectangle(saddle - 4, low, saddle + 4, third), THIRD);
    sketch.outline(Role.EDGE, all);
    double z = heights.needed().value();
    boolean reached = z >= low - Precision.SAME && z <= high + Precision.SAME;
    sketch.line(reached ? Role.TOUCH : Role.STOP, saddle - 9, z, saddle + 9, z);
    sketch.text(
        Role.NOTE,
        saddle,
        Math.max(high, z) + 5,
        Text.of("bridge range"),
        Anchor.MIDDLE,
        Size.SMALL);
  }

  private void strings(double from) {
    List<Point> line = new ArrayList<>();
    line.add(new Point(from, heights.string(from)));
    line.add(new Point(saddle, heights.needed().value()));
    double rise = of(StringDecisions.CARVE_RISE);
    BridgeKind kind = plan.stringPlan().bridge().kind();
    line.add(new Point(saddle + kind.anchorBack(), rise + kind.anchorHeight()));
    sketch.path(Role.STRING, false, line);
    double looked = of(StringDecisions.SPREAD_X);
    if (looked > joint && looked < saddle) {
      double share = (looked - joint) / (saddle - joint);
      Point top = new Point(looked, rise * share);
      Point string = new Point(looked, heights.string(looked));
      sketch.dimension(top, string, 0, Text.NONE, plan.value("string.height-there").orElseThrow());
    }
  }

  private void dimensions(double thick) {
    Point zero = new Point(saddle + 46, 0);
    sketch.line(
        Role.NOTE, saddle + 10, heights.needed().value(), saddle + 52, heights.needed().value());
    sketch.dimension(
        zero, new Point(saddle + 46, heights.needed().value()), 0, Text.NONE, heights.needed());
    plan.cuts().pocket().ifPresent(pocket -> floor(thick, pocket));
    sketch.text(
        Role.NOTE,
        joint - 6,
        heights.string(joint) + 9,
        Text.of("neck angle {leans}", Text.shown(heights.leans())),
        Anchor.END,
        Size.NORMAL,
        heights.leans().id());
    sketch.text(
        Role.NOTE,
        joint - 30,
        -38,
        Text.of("{above} above body", Text.shown(heights.fretboardAboveBody())),
        Anchor.END,
        Size.NORMAL,
        heights.fretboardAboveBody().id());
  }

  /**
   * Wood left under the pocket where it is deepest: at the body's edge when the neck leans back.
   */
  private void floor(double thick, Pocket pocket) {
    double x =
        pocket.front().value() >= pocket.end().value()
            ? joint + 14
            : plan.neck().heelEnd().value() - 14;
    double floor = -thick + pocket.floor().value();
    sketch.dimension(
        new Point(x, -thick), new Point(x, floor), 0, Text.of("floor"), pocket.floor());
  }
}
