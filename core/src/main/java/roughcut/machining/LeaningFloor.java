package roughcut.machining;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import roughcut.gcode.Leg;
import roughcut.gcode.Leg.Pace;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point3;
import roughcut.geometry.Region;

/**
 * Brings a level floor down to one that leans along x: lines across it, from where it is shallowest
 * on, each as deep as the floor is under the cutter's shallow side. So nothing is cut too deep, and
 * the next lines take what one has left; some is left along the walls, where a round cutter reaches
 * less far, and under the last line, where it can't go on.
 *
 * @param at height of the floor at x = 0
 * @param slope height that it gains for each mm along x
 */
record LeaningFloor(double at, double slope) {
  /** So many lines across an area are looked at. */
  private static final int LOOKS = 200;

  /** A share of an area's length that is no more than nothing. */
  private static final double HAIR = 1e-4;

  /** From line to line, mm. */
  private static final double STEP = 0.5;

  double height(double x) {
    return at + slope * x;
  }

  /** Its highest place over an area. */
  double highest(Bounds area) {
    return Math.max(height(area.left()), height(area.right()));
  }

  double lowest(Bounds area) {
    return Math.min(height(area.left()), height(area.right()));
  }

  /** Whether lines across an area lie in it from end to end. */
  static boolean fits(Region area) {
    Bounds b = area.bounds();
    return area.edges().size() == 1
        && IntStream.range(1, LOOKS)
            .allMatch(
                i -> area.edges().get(0).spans(b.left() + b.width() * i / LOOKS, true).size() == 1);
  }

  /**
   * What a flat cutter leaves at most, mm: along the walls beside its lines as much as the floor
   * falls under its radius, at the deep end under its diameter, where that isn't beyond what is
   * planned.
   *
   * @param area that is cut
   * @param planned what of it is to be as planned
   */
  double left(double radius, Bounds area, Bounds planned) {
    double over = slope < 0 ? area.right() - planned.right() : planned.left() - area.left();
    return Math.abs(slope) * Math.max(radius, 2 * radius - over);
  }

  /**
   * The lines, from a rapid move over the first to the clear height again.
   *
   * @param area as seen from above, emptied to the highest place of this floor already
   * @param clear height at which nothing is in the way
   */
  List<Leg> legs(Region area, double radius, double clear) {
    Region reach = area.buffer(-radius);
    List<Leg> legs = new ArrayList<>();
    for (Region.Piece piece : reach.pieces()) {
      piece(piece.outline(), area.bounds(), radius, clear, legs);
    }
    return legs;
  }

  private void piece(Outline reach, Bounds area, double radius, double clear, List<Leg> legs) {
    Bounds b = reach.bounds();
    int lines = (int) Math.max(1, Math.ceil(b.width() / STEP));
    boolean up = true;
    boolean begun = false;
    for (int i = 0; i <= lines; i++) {
      double share = (double) (slope < 0 ? i : lines - i) / lines;
      // A hair inside, where the ends of the shape are a line across.
      double x = b.left() + b.width() * Math.max(HAIR, Math.min(1 - HAIR, share));
      List<double[]> spans = reach.spans(x, true);
      if (spans.size() != 1) {
        // A hollow in its side: what is left there is for a chisel.
        break;
      }
      double[] ends = spans.get(0);
      double shallow = slope < 0 ? x - radius : x + radius;
      double z = height(Math.max(area.left(), Math.min(area.right(), shallow)));
      double from = up ? ends[0] : ends[1];
      double to = up ? ends[1] : ends[0];
      if (begun) {
        legs.add(new Leg.Straight(new Point3(x, from, z), Pace.CUTTING));
      } else {
        legs.add(new Leg.Straight(new Point3(x, from, clear), Pace.RAPID));
        legs.add(new Leg.Straight(new Point3(x, from, z), Pace.ENTERING));
        begun = true;
      }
      legs.add(new Leg.Straight(new Point3(x, to, z), Pace.CUTTING));
      up = !up;
    }
    if (begun) {
      Point3 last = legs.get(legs.size() - 1).to();
      legs.add(new Leg.Straight(new Point3(last.x(), last.y(), clear), Pace.RAPID));
    }
  }
}
