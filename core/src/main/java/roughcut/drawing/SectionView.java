package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.blank.PlacedStrip;
import roughcut.clearance.ClearanceKind;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Arcs;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Provenance;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.ValueRegistry;
import roughcut.neck.Channel;
import roughcut.neck.Facets;
import roughcut.neck.NeckProfile;
import roughcut.plan.Plan;

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
    return new SectionView(plan, within(plan, x), new Sketch(plan, units)).draw();
  }

  private Drawing draw() {
    marks(0, 0);
    double half = profile.halfWidth();
    double high = hasFretboard() ? plan.neck().thickness().fretboard().value() : 0;
    return sketch.drawing(
        Text.of("Section, {near}", plan.frets().near(x)),
        new Bounds(-half, -profile.depth(), half, high).expanded(half * 0.06 + 6));
  }

  /** Draws the section with its glue line's middle at this place of a sheet. */
  static void place(Plan plan, double x, Sketch onto, double px, double py) {
    new SectionView(plan, x, onto).marks(px, py);
    onto.text(
        Role.NOTE,
        px,
        py + 12,
        Text.of("section, {near}", plan.frets().near(x)),
        Anchor.MIDDLE,
        Size.SMALL);
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
    sketch.seen(View.ACROSS);
    Outline shape = neck();
    for (PlacedStrip strip : plan.blank().strips()) {
      Outline band = Outline.rectangle(strip.from(x), -500, strip.to(x), 0);
      shape
          .intersection(band)
          .forEach(piece -> sketch.endGrain(piece, plan.wood(strip.strip().species())));
    }
    for (int line = 1; line < plan.blank().strips().size(); line++) {
      double y = plan.blank().strips().get(line).from(x);
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
    channels();
    if (carved) {
      facets();
    }
    sketch.seen(View.PLAIN);
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

  private void channels() {
    Channel.Piece rod = plan.rod().channel().at(x);
    if (rod != null) {
      channel(rod);
      remaining(ClearanceKind.ROD, rod, 0, profile.depthAt(0) - rod.depthAt(x));
    }
    plan.details()
        .stiffeners()
        .ifPresent(
            s -> {
              for (Channel side : List.of(s.bass(), s.treble())) {
                Channel.Piece piece = side.at(x);
                if (piece != null) {
                  channel(piece);
                  double y =
                      piece.offsetAt(x) + Math.copySign(piece.width() / 2, piece.offsetAt(x));
                  remaining(
                      ClearanceKind.STIFFENER, piece, y, profile.depthAt(y) - piece.depthAt(x));
                }
              }
            });
  }

  private void channel(Channel.Piece piece) {
    double half = piece.width() / 2;
    double y = piece.offsetAt(x);
    double depth = piece.depthAt(x);
    List<Point> corners = new ArrayList<>();
    corners.add(new Point(y + half, 0));
    corners.add(new Point(y - half, 0));
    if (piece.round() && depth > half) {
      corners.addAll(Arcs.arc(new Point(y, half - depth), half, Math.PI, 2 * Math.PI));
    } else {
      corners.add(new Point(y - half, -depth));
      corners.add(new Point(y + half, -depth));
    }
    Outline channel = new Outline(corners);
    sketch.fill(Role.CHANNEL, channel, "#FBF9F4");
    sketch.outline(Role.CHANNEL, channel);
  }

  /** The wood straight down under a place of a channel. */
  private void remaining(ClearanceKind kind, Channel.Piece piece, double y, double straight) {
    double left = carved ? straight : profile.depth() - piece.depthAt(x);
    if (left > 0) {
      Role role = Role.of(plan.state(kind, left), Role.DIMENSION);
      sketch.dimension(
          role,
          new Point(y, -piece.depthAt(x)),
          new Point(y, -piece.depthAt(x) - left),
          0,
          Text.only(Text.figure(left, Quantity.LENGTH)));
    }
  }

  /** The bevels that lead the carving here, both sides alike but for the profile. */
  private void facets() {
    double now = plan.details().carving().back().depth(x);
    for (int side : new int[] {-1, 1}) {
      Facets facets =
          Facets.of("knife", x, profile, now, 1, side < 0, Provenance.NONE, new ValueRegistry());
      for (Facets.Bevel bevel : facets.bevels()) {
        sketch.line(
            Role.FACET,
            side * bevel.low().x(),
            -bevel.low().y(),
            side * bevel.high().x(),
            -bevel.high().y());
      }
    }
  }
}
