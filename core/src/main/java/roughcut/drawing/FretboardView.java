package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.clearance.ClearanceKind;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.fretboard.FretPins;
import roughcut.fretboard.FretboardRadius;
import roughcut.fretboard.Markers;
import roughcut.fretboard.Slots;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.LayoutKeys;
import roughcut.measure.Text;
import roughcut.plan.Plan;

/**
 * The fretboard by itself, from above and from the treble side, nut line at x = 0: slots, markers,
 * pins and a shaped inlay.
 */
final class FretboardView {
  private static final String OPEN = "#FBF9F4";
  private static final String WIRE = "#D9DBDB";
  private static final String SHELL = "#EFEDE6";
  private static final int CROSS = 3;

  /** Closer than this, the numbers of two frets run together, mm. */
  private static final double CROWDED = 12.3;

  private final Plan plan;
  private final Sketch sketch;
  private final FretboardTaper taper;

  FretboardView(Plan plan, Sketch sketch) {
    this.plan = plan;
    this.sketch = sketch;
    this.taper = plan.taper();
  }

  /** From where it is cut at the head, which leans on a fanned neck, to the square end. */
  static Outline outline(Plan plan) {
    FretboardTaper taper = plan.taper();
    double slant = plan.frets().fan().slant(0);
    double end = taper.end().value();
    double cut = plan.fretboard().work().nut().cut().value();
    return Outline.of(
        taper.edge(cut, slant, -1),
        new Point(end, -taper.halfWidth(end)),
        new Point(end, taper.halfWidth(end)),
        taper.edge(cut, slant, 1));
  }

  /** The nut, which leans with the nut line on a fanned neck. */
  static Outline nut(Plan plan) {
    double slant = plan.frets().fan().slant(0);
    double front = plan.fretboard().work().nut().front().value();
    double back = front - plan.given(Decisions.NUT_THICKNESS);
    Point bass = plan.taper().edge(0, slant, -1);
    Point treble = plan.taper().edge(0, slant, 1);
    return Outline.of(
        new Point(bass.x() + back, bass.y()),
        new Point(bass.x() + front, bass.y()),
        new Point(treble.x() + front, treble.y()),
        new Point(treble.x() + back, treble.y()));
  }

  void wood() {
    sketch.wood(outline(plan), plan.fretboardWood());
    sketch.outline(Role.OUTLINE, outline(plan));
    notch();
  }

  /** The notch for an adjuster at the end. */
  private void notch() {
    double length = plan.given(FretboardDecisions.NOTCH_LENGTH);
    if (length > 0) {
      double half = plan.given(FretboardDecisions.NOTCH_WIDTH) / 2;
      double end = taper.end().value();
      Outline notch = Outline.rectangle(end - length, -half, end + 1, half);
      sketch.fill(Role.CHANNEL, notch, OPEN);
      sketch.path(
          Role.OUTLINE,
          false,
          new Point(end, -half),
          new Point(end - length, -half),
          new Point(end - length, half),
          new Point(end, half));
    }
  }

  /**
   * The frets as wire, seen from above on any wood: light as nickel, with a line down the middle.
   *
   * @param from only those beyond that place, from the nut line, mm
   */
  static void frets(Plan plan, Sketch sketch, double from) {
    double width = plan.given(FretboardDecisions.WIRE_WIDTH);
    for (FretLayout.Fret fret : plan.frets().frets()) {
      if (fret.x() > from) {
        Point bass = plan.taper().edge(fret.x(), fret.slant(), -1);
        Point treble = plan.taper().edge(fret.x(), fret.slant(), 1);
        sketch.fill(Role.FRET, across(bass, treble, width), WIRE);
        sketch.path(Role.FRET, false, bass, treble);
      }
    }
  }

  /** A band across the fretboard, so wide along the strings. */
  private static Outline across(Point bass, Point treble, double width) {
    return Outline.of(
        bass.plus(-width / 2, 0),
        bass.plus(width / 2, 0),
        treble.plus(width / 2, 0),
        treble.plus(-width / 2, 0));
  }

  /** The slots, open, with the frets' numbers beside them. */
  void slots() {
    double width = plan.given(FretboardDecisions.WIRE_TANG_WIDTH);
    for (Slots.Slot cut : plan.fretboard().slots().slots()) {
      Point bass = taper.edge(cut.x(), cut.slant(), -1);
      Point treble = taper.edge(cut.x(), cut.slant(), 1);
      sketch.fill(Role.CHANNEL, across(bass, treble, width), OPEN);
      sketch.path(Role.FRET, false, bass, treble);
      if (numbered(cut)) {
        sketch.text(
            Role.NOTE,
            treble.x(),
            treble.y() + CROSS,
            Text.only(cut.number()),
            Anchor.MIDDLE,
            Size.SMALL,
            LayoutKeys.FRET_FROM_NUT.id(cut.number()));
      }
    }
  }

  /** Where frets crowd only every second one has its number, the last always. */
  private boolean numbered(Slots.Slot cut) {
    int last = plan.frets().last().number();
    return cut.number() == 0
        || plan.frets().frets().get(cut.number() - 1).fromPrevious().value() >= CROWDED
        || (last - cut.number()) % 2 == 0;
  }

  /** Dots, at stop where no depth will do, and the shaped inlay's extent. */
  void markers() {
    double r = plan.given(FretboardDecisions.MARKER_DIAMETER) / 2;
    for (Markers.Dot dot : plan.fretboard().markers().dots()) {
      for (int side : dot.y() == 0 ? new int[] {1} : new int[] {1, -1}) {
        Point at = new Point(dot.along(side), side * dot.y());
        Outline circle = Shapes.circle(at, r);
        sketch.fill(Role.CHANNEL, circle, SHELL);
        sketch.outline(dot.possible() ? Role.EDGE : Role.STOP, circle);
      }
    }
    inlay();
  }

  private void inlay() {
    int fret = (int) plan.given(FretboardDecisions.INLAY_FRET);
    if (fret < 1 || fret > plan.frets().frets().size()) {
      return;
    }
    double before = fret == 1 ? 0 : plan.frets().at(fret - 1);
    double x = (before + plan.frets().at(fret)) / 2;
    double along = plan.given(FretboardDecisions.INLAY_LENGTH) / 2;
    double across = plan.given(FretboardDecisions.INLAY_WIDTH) / 2;
    sketch.outline(Role.HIDDEN, Outline.rectangle(x - along, -across, x + along, across));
  }

  /** Where the locating pins stand, a cross at each. */
  void pins() {
    for (FretPins pin : plan.neckPlan().pins()) {
      pin.y()
          .ifPresent(
              y -> {
                for (int side : new int[] {1, -1}) {
                  double x = pin.along(side);
                  double at = side * y;
                  sketch.line(Role.TOUCH, x - CROSS, at, x + CROSS, at);
                  sketch.line(Role.TOUCH, x, at - CROSS, x, at + CROSS);
                }
              });
    }
  }

  /** The board's side: its flat underside at z = 0, the crown over the edge, slots as deep. */
  void side() {
    double end = taper.end().value();
    double crown = plan.radius().height(0, 0);
    List<Point> corners = new ArrayList<>();
    double head = plan.fretboard().work().nut().cut().value();
    corners.add(new Point(head, 0));
    corners.add(new Point(end, 0));
    corners.add(new Point(end, crown));
    corners.add(new Point(head, crown));
    Outline board = new Outline(corners);
    sketch.wood(board, plan.fretboardWood());
    for (Slots.Slot slot : plan.fretboard().slots().slots()) {
      double x = taper.edge(slot.x(), slot.slant(), 1).x();
      double half = plan.given(FretboardDecisions.WIRE_TANG_WIDTH) / 2;
      double depth = Math.min(crown, slot.flat().value());
      Outline cut = Outline.rectangle(x - half, crown - depth, x + half, crown + 0.05);
      sketch.fill(Role.CHANNEL, cut, OPEN);
      Role role = Role.of(plan.state(ClearanceKind.SLOT, slot.under()), Role.FRET);
      sketch.line(role, x, crown - depth, x, crown);
    }
    double step = end / 24;
    for (int i = 0; i < 24; i++) {
      sketch.line(
          Role.HIDDEN, i * step, edgeHeight(i * step), (i + 1) * step, edgeHeight((i + 1) * step));
    }
    sketch.outline(Role.EDGE, board);
    double down = plan.given(FretboardDecisions.SIDE_DOT_DOWN);
    double dot = plan.given(FretboardDecisions.SIDE_DOT) / 2;
    for (Markers.Dot marker : plan.fretboard().markers().dots()) {
      Outline circle =
          Shapes.circle(
              new Point(
                  taper.edge(marker.x(), marker.slant(), 1).x(), edgeHeight(marker.x()) - down),
              dot);
      sketch.fill(Role.CHANNEL, circle, SHELL);
      sketch.outline(Role.EDGE, circle);
    }
  }

  private double edgeHeight(double x) {
    return plan.radius().height(0, 0)
        - FretboardRadius.drop(plan.radius().radius(x), taper.halfWidth(x));
  }
}
