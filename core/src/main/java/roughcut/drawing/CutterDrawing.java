package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.RoutDecisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.PassPlan;
import roughcut.shop.Cutter;
import roughcut.shop.CutterKind;
import roughcut.shop.Species;

/**
 * A cutter or bit to scale, seen from the side in the wood that it has cut: beside its template
 * where a bearing follows one, so that it is seen how deep it can go at once. z runs up from the
 * wood's face.
 */
public final class CutterDrawing {
  private static final String STEEL = "#C9C6BD";
  private static final String BRASS = "#D8C48A";
  private static final String BOARD = "#E6DCC4";

  /** Wood shown at each side of the cut, and below it, mm. */
  private static final double AROUND = 26;

  private static final double BELOW = 9;

  /** Shank shown over the cutting edges, mm. */
  private static final double SHANK = 18;

  private final Sketch sketch;
  private final Cutter cutter;
  private final Species wood;
  private final double template;
  private final double radius;

  private CutterDrawing(Plan plan, Cutter cutter, Units units) {
    this.sketch = new Sketch(plan, units);
    this.cutter = cutter;
    this.wood = plan.body().backWood();
    this.template = plan.given(RoutDecisions.TEMPLATE_THICKNESS);
    this.radius = cutter.diameter() / 2;
  }

  /** Draws it at the depth that it reaches in one go. */
  public static Drawing of(Plan plan, Cutter cutter, Units units) {
    return new CutterDrawing(plan, cutter, units).draw();
  }

  /**
   * How far below the wood's face it goes in one go: along a template no further than its edges are
   * long, and never further than it can be let out of the router over that template (handbook page
   * 6, “What guides the bearing”).
   */
  public static double deepest(Cutter cutter, double template) {
    double over = cutter.kind().bores() ? 0 : template;
    return Math.max(0, Math.min(cutter.cutting(), cutter.stickOut() - over));
  }

  /** How shallow it can be set with its bearing still touching the template; 0 for any depth. */
  public static double shallowest(Cutter cutter, double template) {
    return cutter.kind().followsAbove()
        ? Math.max(0, cutter.cutting() - template + PassPlan.TOUCH)
        : 0;
  }

  private Drawing draw() {
    double deep = deepest(cutter, template);
    double floor = -deep;
    double tip = -deep;
    double top = tip + cutter.cutting();
    wood(floor);
    if (cutter.kind().followsAbove()) {
      board(radius);
      board(-radius);
    }
    steel(tip, top);
    double high = Math.max(top + bearingAbove() + SHANK, template) + 4;
    words(tip, top, deep);
    double side = Math.max(radius, cutter.bearing() / 2) + AROUND + 40;
    return sketch.drawing(
        Text.raw(cutter.name()),
        new Bounds(-side, floor - BELOW - cutter.spur() - 16, side, high + 6));
  }

  private double bearingAbove() {
    return cutter.kind().followsAbove() ? cutter.bearingHeight() : 0;
  }

  private void wood(double floor) {
    double low = floor - BELOW - cutter.spur();
    double far = radius + AROUND;
    List<Point> cut =
        List.of(
            new Point(-far, 0),
            new Point(-far, low),
            new Point(far, low),
            new Point(far, 0),
            new Point(radius, 0),
            new Point(radius, floor),
            new Point(-radius, floor),
            new Point(-radius, 0));
    sketch.wood(new Outline(cut), wood);
    sketch.path(Role.OUTLINE, true, cut);
  }

  /** The template at one side, its edge at the bearing. */
  private void board(double edge) {
    double way = Math.signum(edge);
    double from = way * cutter.bearing() / 2;
    Outline shape =
        Outline.rectangle(
            Math.min(from, from + way * AROUND), 0, Math.max(from, from + way * AROUND), template);
    sketch.fill(Role.CHANNEL, shape, BOARD);
    sketch.outline(Role.EDGE, shape);
    sketch.hatch(Role.STOCK, shape, 5);
  }

  private void steel(double tip, double top) {
    double above = bearingAbove();
    part(rectangle(cutter.shank() / 2, top + above, top + above + SHANK), STEEL);
    if (above > 0) {
      part(rectangle(cutter.bearing() / 2, top, top + above), BRASS);
    }
    Outline edges = edges(tip, top);
    part(edges, STEEL);
    if (cutter.kind() == CutterKind.SPIRAL_UP
        || cutter.kind() == CutterKind.SPIRAL_DOWN
        || cutter.kind() == CutterKind.COMPRESSION
        || cutter.kind() == CutterKind.TWIST) {
      flutes(tip, top);
    }
    if (cutter.kind().bearingAtTip() && cutter.bearing() > 0) {
      part(rectangle(cutter.bearing() / 2, tip - cutter.bearingHeight(), tip), BRASS);
    }
    sketch.line(Role.CENTRE, 0, tip - 4, 0, top + above + SHANK + 4);
  }

  private void part(Outline shape, String colour) {
    sketch.fill(Role.CHANNEL, shape, colour);
    sketch.outline(Role.EDGE, shape);
  }

  private static Outline rectangle(double half, double low, double high) {
    return Outline.rectangle(-half, low, half, high);
  }

  /** What cuts, from its right side round to its left. */
  private Outline edges(double tip, double top) {
    List<Point> right = new ArrayList<>();
    right.add(new Point(radius, top));
    switch (cutter.kind()) {
      case BALL -> arc(right, radius, tip + radius, 0, -Math.PI / 2);
      case VEE -> {
        right.add(new Point(radius, Math.min(top, tip + radius)));
        right.add(new Point(0.01, tip));
      }
      case ROUND_OVER -> {
        double pilot = Math.min(radius * 0.4, cutter.shank() / 2);
        double round = Math.min(radius - pilot, top - tip);
        for (int i = 0; i <= 12; i++) {
          double way = Math.PI / 2 * i / 12;
          right.add(new Point(radius - round * Math.sin(way), top - round * (1 - Math.cos(way))));
        }
        right.add(new Point(pilot, tip));
      }
      case FORSTNER -> {
        right.add(new Point(radius, tip));
        right.add(new Point(1, tip));
        right.add(new Point(0.01, tip - cutter.spur()));
      }
      case BRAD_POINT -> {
        right.add(new Point(radius, tip - cutter.spur() / 2));
        right.add(new Point(radius * 0.8, tip));
        right.add(new Point(radius * 0.15, tip));
        right.add(new Point(0.01, tip - cutter.spur()));
      }
      case TWIST -> {
        right.add(new Point(radius, tip));
        right.add(new Point(0.01, tip - cutter.spur()));
      }
      case STEP -> {
        double middle = (tip + top) / 2;
        right.add(new Point(radius, middle));
        right.add(new Point(radius * 0.65, middle));
        right.add(new Point(radius * 0.65, tip));
        right.add(new Point(0.01, tip - cutter.spur()));
      }
      default -> right.add(new Point(radius, tip));
    }
    List<Point> all = new ArrayList<>(right);
    for (int i = right.size() - 1; i >= 0; i--) {
      all.add(new Point(-right.get(i).x(), right.get(i).y()));
    }
    return new Outline(all);
  }

  private static void arc(List<Point> into, double radius, double middle, double from, double to) {
    for (int i = 0; i <= 16; i++) {
      double way = from + (to - from) * i / 16;
      into.add(new Point(Math.max(0.01, radius * Math.cos(way)), middle + radius * Math.sin(way)));
    }
  }

  /** Lines that wind up, down, or towards the middle. */
  private void flutes(double tip, double top) {
    double pitch = Math.max(cutter.diameter(), 4);
    double middle = (tip + top) / 2;
    for (double z = tip + pitch / 2; z < top - pitch / 4; z += pitch / 1.5) {
      boolean down =
          cutter.kind() == CutterKind.SPIRAL_DOWN
              || cutter.kind() == CutterKind.COMPRESSION && z > middle;
      double lean = (down ? -1 : 1) * pitch / 3;
      double from = Math.max(tip, Math.min(top, z - lean / 2));
      double to = Math.max(tip, Math.min(top, z + lean / 2));
      sketch.line(Role.CHANNEL, -radius, from, radius, to);
    }
  }

  private void words(double tip, double top, double deep) {
    double far = Math.max(radius, cutter.bearing() / 2) + AROUND;
    sketch.dimension(
        Role.DIMENSION,
        new Point(-radius, tip - cutter.spur() - BELOW),
        new Point(radius, tip - cutter.spur() - BELOW),
        -8,
        Text.of("cuts {diameter}", length(cutter.diameter())));
    sketch.dimension(
        Role.DIMENSION,
        new Point(far + 6, tip),
        new Point(far + 6, top),
        -10,
        Text.of("edges {cutting}", length(cutter.cutting())));
    if (cutter.kind().followsAbove()) {
      sketch.text(
          Role.NOTE,
          -far,
          template + 3,
          Text.of("template {template}", length(template)),
          Anchor.START,
          Size.SMALL);
      sketch.dimension(
          Role.DIMENSION,
          new Point(-far - 6, Math.min(0, tip)),
          new Point(-far - 6, 0),
          26,
          Text.of("deepest {deep}", length(deep)));
      double shallow = shallowest(cutter, template);
      if (shallow > 0) {
        sketch.line(Role.MEASURED, -far, -shallow, far, -shallow);
        sketch.text(
            Role.MEASURED,
            far - 2,
            -shallow - 3.5,
            Text.of("no shallower than {shallow}", length(shallow)),
            Anchor.END,
            Size.SMALL);
      }
    }
    sketch.text(
        Role.NOTE,
        cutter.shank() / 2 + 4,
        top + bearingAbove() + SHANK / 2,
        Text.of("shank {shank}", length(cutter.shank())),
        Anchor.START,
        Size.SMALL);
  }

  private String length(double mm) {
    return NumberWriter.text(mm, Quantity.FINE_LENGTH, sketch.units());
  }
}
