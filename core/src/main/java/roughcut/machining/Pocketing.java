package roughcut.machining;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import roughcut.gcode.Leg;
import roughcut.gcode.Leg.Pace;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Region;
import roughcut.measure.Precision;
import roughcut.shop.Cutter;

/**
 * Empties an area to a level floor (handbook page 6, "Driven by numbers"; page 11, "How chips are
 * made"): layer by layer, in each from the inside outwards along lines beside its edge, the last of
 * them the wall itself, climbing; down into each layer by a ramp along the innermost line.
 */
final class Pocketing {
  /** From line to line, as a share of the cutter's diameter. */
  private static final double STEP_OVER = 0.4;

  /** Left on the wall for the last line of a layer, mm. */
  private static final double ON_WALL = 0.3;

  /** Down a ramp, degrees: under what any router cutter stands. */
  private static final double RAMP = 3;

  /** Over a floor that is cut already it goes so high, mm. */
  private static final double LIFT = 0.2;

  /** A way straight across is looked at in steps of that, mm. */
  private static final double LOOK = 0.5;

  /** Lines with less inside than that are none, mm. */
  private static final double SHORTEST = 0.2;

  /** A piece that the cutter's axis goes round, and those further inside of it. */
  private record Piece(Region.Piece edge, List<Piece> inside) {}

  private final double top;
  private final double floor;
  private final double clear;
  private final double deepest;
  private final Region reach;
  private final List<Piece> pieces;
  private final List<Leg> legs = new ArrayList<>();
  private Point3 at;

  /**
   * An area to be emptied.
   *
   * @param area as seen from above
   * @param top height of what is cut already, or of the face
   * @param floor height that it is emptied to, less
   * @param clear height at which nothing is in the way
   */
  Pocketing(Region area, double top, double floor, Cutter cutter, CuttingRule rule, double clear) {
    this.top = top;
    this.floor = floor;
    this.clear = clear;
    this.deepest = rule.deepest();
    double radius = cutter.diameter() / 2;
    this.reach = area.buffer(-radius);
    this.pieces = inside(area, reach, radius + ON_WALL, cutter.diameter() * STEP_OVER);
  }

  private static List<Piece> inside(Region area, Region level, double next, double step) {
    Region deeper = area.buffer(-next);
    List<Piece> further = deeper.isEmpty() ? List.of() : inside(area, deeper, next + step, step);
    return level.pieces().stream()
        .filter(p -> p.outline().path().length() > SHORTEST)
        .map(
            p ->
                new Piece(
                    p,
                    further.stream()
                        .filter(f -> p.outline().contains(f.edge.outline().corners().get(0)))
                        .toList()))
        .toList();
  }

  /** The whole way, from a rapid move over it to the clear height again; none where it can't go. */
  List<Leg> legs() {
    int layers = (int) Math.max(1, Precision.ceil((top - floor) / deepest));
    for (Piece piece : pieces) {
      for (int k = 1; k <= layers; k++) {
        double from = top - (top - floor) * (k - 1) / layers;
        double to = top - (top - floor) * k / layers;
        layer(piece, from, to);
      }
      up();
    }
    return legs;
  }

  private void layer(Piece piece, double from, double to) {
    if (at != null && at.z() < clear) {
      // Over the floor of the layer before.
      go(new Point3(at.x(), at.y(), from + LIFT), Pace.RAPID);
    }
    visit(piece, from, to);
  }

  private void visit(Piece piece, double from, double to) {
    List<Piece> inner = new ArrayList<>(piece.inside);
    while (!inner.isEmpty()) {
      Piece next = inner.stream().min(Comparator.comparingDouble(this::away)).orElseThrow();
      inner.remove(next);
      visit(next, from, to);
    }
    // Climbing: the wall on the right of a cutter that turns clockwise.
    round(piece.edge.outline(), true, from, to);
    piece.edge.holes().forEach(hole -> round(hole, false, from, to));
  }

  private double away(Piece piece) {
    return at == null ? 0 : piece.edge.outline().edgeDistance(at.flat());
  }

  private void round(Outline line, boolean anticlockwise, double from, double to) {
    Point near = at == null ? line.corners().get(0) : at.flat();
    Ring ring = Ring.of(line.path().begun(near, anticlockwise));
    Point start = ring.start();
    boolean down = at != null && Math.abs(at.z() - to) < Precision.NEAR;
    if (down && open(at.flat(), start)) {
      go(new Point3(start.x(), start.y(), to), Pace.CUTTING);
      legs.addAll(ring.down(to, to, 1));
    } else {
      if (at != null && at.z() < clear && open(at.flat(), start)) {
        go(new Point3(at.x(), at.y(), from + LIFT), Pace.RAPID);
        go(new Point3(start.x(), start.y(), from + LIFT), Pace.RAPID);
      } else {
        up();
        go(new Point3(start.x(), start.y(), clear), Pace.RAPID);
        go(new Point3(start.x(), start.y(), from + LIFT), Pace.RAPID);
      }
      legs.addAll(ring.down(from + LIFT, to, Math.tan(Math.toRadians(RAMP))));
    }
    at = legs.get(legs.size() - 1).to();
  }

  /** Whether a straight way lies where the cutter may be. */
  private boolean open(Point from, Point to) {
    int steps = (int) Math.ceil(from.distance(to) / LOOK);
    for (int i = 0; i <= steps; i++) {
      Point p = steps == 0 ? from : from.towards(to, (double) i / steps);
      if (!reach.contains(p) && reach.edgeDistance(p) > Precision.TOUCHING) {
        return false;
      }
    }
    return true;
  }

  private void up() {
    if (at != null && at.z() < clear) {
      go(new Point3(at.x(), at.y(), clear), Pace.RAPID);
    }
  }

  private void go(Point3 to, Pace pace) {
    legs.add(new Leg.Straight(to, pace));
    at = to;
  }
}
