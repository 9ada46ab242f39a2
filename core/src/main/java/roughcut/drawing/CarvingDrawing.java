package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.NeckDecisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.ValueRegistry;
import roughcut.neck.Facets;
import roughcut.neck.NeckShape;
import roughcut.neck.SawnBack;
import roughcut.plan.Plan;

/**
 * The back of the neck with the lines to be drawn on it before carving, round by round, from behind
 * and from the side. Lines run straight between the stations, as the maker draws them.
 */
public final class CarvingDrawing {
  private static final double BETWEEN = 34;

  /** Room for the words at the left, as a share of the neck's length. */
  private static final double LABELS = 0.15;

  private final Plan plan;
  private final Sketch sketch;
  private final NeckShape neck;
  private final double from;
  private final double to;

  private CarvingDrawing(Plan plan, Units units) {
    this.plan = plan;
    this.sketch = new Sketch(plan, units);
    this.neck = plan.neck();
    this.from = Math.max(0, neck.back().straightFrom());
    this.to = neck.back().straightTo();
  }

  public static Drawing of(Plan plan, Units units) {
    return new CarvingDrawing(plan, units).draw();
  }

  private Drawing draw() {
    SeenView seen = new SeenView(plan, sketch);
    seen.back();
    int rounds = (int) plan.given(NeckDecisions.CARVE_ROUNDS);
    sketch.seen(View.BEHIND);
    lines(rounds, true);
    sketch.seen(View.PLAIN);
    stations(neck.widestHalf() + 5);
    double side = -neck.widestHalf() - BETWEEN;
    sketch.origin(0, side);
    sideWood();
    lines(rounds, false);
    sketch.text(Role.NOTE, -12, -10, Text.of("from the side"), Anchor.END, Size.SMALL);
    plan.details()
        .marks()
        .filter(m -> !m.seam().isEmpty())
        .ifPresent(
            m -> {
              sketch.origin(0, 0);
              sketch.seen(View.BEHIND);
              sketch.path(Role.SEAM, false, m.seam());
              sketch.seen(View.PLAIN);
            });
    sketch.origin(0, 0);
    double half = neck.widestHalf();
    return sketch.drawing(
        Text.of("Carving lines"),
        new Bounds(
            neck.head().breakX() - Math.max(66, neck.heelEnd().value() * LABELS),
            side - neck.heelThickness().value() - 14,
            neck.heelEnd().value() + 14,
            half + 22));
  }

  private void sideWood() {
    List<Point> corners = new ArrayList<>();
    corners.add(new Point(from, 0));
    corners.add(new Point(to, 0));
    corners.add(new Point(to, -sawn().depth(to)));
    corners.add(new Point(from, -sawn().depth(from)));
    Outline shape = new Outline(corners);
    sketch.wood(shape, plan.wood(plan.blank().at(0, neck.halfWidth(0)).strip().species()));
    sketch.outline(Role.OUTLINE, shape);
    sketch.line(Role.HIDDEN, from, -neck.back().depth(from), to, -neck.back().depth(to));
  }

  /** One line for each round: the outermost mark on the back, or the lowest on the side. */
  private void lines(int rounds, boolean back) {
    boolean alike = neck.symmetrical();
    for (int way : new int[] {-1, 1}) {
      boolean bass = way < 0 && !alike;
      if (!back && way < 0 && alike) {
        continue; // one line tells of both sides
      }
      List<Facets> all = new ArrayList<>();
      plan.details().carving().facets().stream().filter(f -> f.bass() == bass).forEach(all::add);
      // On to both ends of the carved part, by the same rule there.
      all.add(at(from, rounds, bass));
      all.add(at(to, rounds, bass));
      all.sort((a, b) -> Double.compare(a.x(), b.x()));
      for (int round = 1; round <= rounds; round++) {
        line(all, round, back, way);
      }
    }
  }

  /** A line through the marks of one round, broken where there is none. */
  private void line(List<Facets> stations, int round, boolean back, int way) {
    List<Point> line = new ArrayList<>();
    for (Facets facets : stations) {
      List<Facets.Bevel> own = facets.bevels().stream().filter(b -> b.round() == round).toList();
      Facets.Bevel bevel = back ? own.get(own.size() - 1) : own.get(0);
      if (back ? bevel.markedOnBack() : bevel.markedOnSide()) {
        line.add(new Point(facets.x(), back ? way * bevel.high().x() : -bevel.low().y()));
      } else {
        flush(line, round);
      }
    }
    flush(line, round);
  }

  private void flush(List<Point> line, int round) {
    if (line.size() > 1) {
      sketch.path(round == 1 ? Role.TOUCH : Role.FACET, false, List.copyOf(line));
    }
    line.clear();
  }

  private SawnBack sawn() {
    return plan.details().carving().back();
  }

  private Facets at(double x, int rounds, boolean bass) {
    return Facets.of(
        "end",
        x,
        neck.profile(x),
        sawn().depth(x),
        rounds,
        bass,
        Provenance.NONE,
        new ValueRegistry());
  }

  private void stations(double y) {
    for (Facets facets : plan.details().carving().facets()) {
      sketch.line(Role.NOTE, facets.x(), -y, facets.x(), y);
      sketch.text(
          Role.NOTE, facets.x() + 2, y, plan.frets().near(facets.x()), Anchor.START, Size.SMALL);
    }
  }
}
