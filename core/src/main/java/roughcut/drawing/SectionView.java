package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.blank.PlacedStrip;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.neck.NeckProfile;
import roughcut.plan.Plan;
import roughcut.shop.SpeciesBook;

/**
 * The instrument cut open at one place, looking to the bridge: bass side at the right, treble side
 * at the left, z up from the glue line. Strips in end grain, the rod channel, the fretboard with
 * its radius, and what wood is left under the channel.
 */
public final class SectionView {
  private static final int CURVE_PIECES = 48;

  private final Plan plan;
  private final double x;
  private final Sketch sketch;
  private final NeckProfile profile;
  private final boolean carved;

  /** Where a section can be cut: from the nut line to the heel's end. */
  public static double within(Plan plan, double x) {
    return Math.max(0, Math.min(plan.neck().heelEnd().value(), x));
  }

  /** The section at x, taken to the nearest place that has one. */
  public static Drawing at(Plan plan, double x, Units units) {
    return new SectionView(plan, within(plan, x), new Sketch(units)).draw();
  }

  private Drawing draw() {
    marks(0, 0);
    double half = profile.halfWidth();
    double high = hasFretboard() ? plan.neck().thickness().fretboard().value() : 0;
    return sketch.drawing(
        "Section, " + plan.frets().near(x),
        new Bounds(-half, -profile.depth(), half, high).grown(half * 0.06 + 6));
  }

  /** Draws the section with its glue line's middle at this place of a sheet. */
  static void place(Plan plan, double x, Sketch onto, double px, double py) {
    new SectionView(plan, x, onto).marks(px, py);
    onto.text(
        Role.NOTE, px, py + 12, "section, " + plan.frets().near(x), Anchor.MIDDLE, Size.SMALL);
  }

  private SectionView(Plan plan, double x, Sketch onto) {
    this.plan = plan;
    this.x = x;
    this.sketch = onto;
    this.profile = plan.neck().profile(x);
    this.carved = plan.neck().carved(x);
  }

  private boolean hasFretboard() {
    return x <= plan.taper().end().value();
  }

  private void marks(double px, double py) {
    sketch.origin(px, py);
    Outline shape = neck();
    for (PlacedStrip strip : plan.blank().strips()) {
      Outline band = Outline.rectangle(-strip.to(x), -500, -strip.from(x), 0);
      shape
          .within(band)
          .forEach(piece -> sketch.endGrain(piece, SpeciesBook.get(strip.strip().species())));
    }
    for (int line = 1; line < plan.blank().strips().size(); line++) {
      double y = -plan.blank().strips().get(line).from(x);
      double depth =
          carved ? profile.depthAt(y) : Math.abs(y) < profile.halfWidth() ? profile.depth() : 0;
      if (depth > 0) {
        sketch.line(Role.GLUE_LINE, y, 0, y, -depth);
      }
    }
    if (hasFretboard()) {
      fretboard();
    }
    sketch.outline(Role.OUTLINE, shape);
    if (x >= plan.rod().start().value() && x <= plan.rod().end().value()) {
      channel();
    }
    sketch.origin(0, 0);
  }

  private Outline neck() {
    double half = profile.halfWidth();
    return carved
        ? new Outline(profile.curve(CURVE_PIECES))
        : Outline.rectangle(-half, -profile.depth(), half, 0);
  }

  private void fretboard() {
    double half = profile.halfWidth();
    List<Point> corners = new ArrayList<>();
    corners.add(new Point(-half, 0));
    corners.add(new Point(half, 0));
    for (int i = 0; i <= 32; i++) {
      double y = half - 2 * half * i / 32;
      corners.add(new Point(y, plan.radius().height(x, y)));
    }
    Outline board = new Outline(corners);
    sketch.endGrain(board, plan.fretboardWood());
    sketch.outline(Role.OUTLINE, board);
  }

  private void channel() {
    double half = plan.rod().width().value() / 2;
    double depth = plan.rod().depth().value();
    Outline channel = Outline.rectangle(-half, -depth, half, 0);
    sketch.fill(Role.CHANNEL, channel, "#FBF9F4");
    sketch.outline(Role.CHANNEL, channel);
    double left = (carved ? profile.depthAt(0) : profile.depth()) - depth;
    if (left > 0) {
      Role role = left < 2.5 ? Role.STOP : left < 3.5 ? Role.LOOK : Role.DIMENSION;
      sketch.dimension(
          role,
          new Point(0, -depth),
          new Point(0, -depth - left),
          0,
          NumberWriter.number(left, Quantity.LENGTH, sketch.units()));
    }
  }
}
