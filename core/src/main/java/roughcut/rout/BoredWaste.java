package roughcut.rout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Precision;
import roughcut.shop.Cutter;
import roughcut.shop.CutterKind;

/**
 * Boring a rout out before the router trues it: a grid of Forstner bores that overlap, clear of the
 * walls, to half a millimetre and the bit's spur above the floor (handbook page 6, "Passes").
 *
 * @param bit the largest of the drawer that fits
 * @param stop of the drill, from the face
 * @param places of the bores
 */
public record BoredWaste(Cutter bit, double stop, List<Point> places) {
  /** Left above the floor for the router, mm. */
  private static final double LEFT = 0.5;

  private static final double FROM_WALL = 1;

  /** Of the diameter from one bore to the next. */
  private static final double PITCH = 0.85;

  /** More bores than this take longer than the router. */
  private static final int MOST_BORES = 400;

  public BoredWaste {
    places = List.copyOf(places);
  }

  /** The bores for a shape; empty when no bit fits or it isn't deep enough to be worth it. */
  static Optional<BoredWaste> of(RoutStep step, double depth, List<Cutter> drawer) {
    List<Cutter> bits =
        drawer.stream()
            .filter(c -> c.kind() == CutterKind.FORSTNER && c.condition() != Cutter.Condition.DULL)
            .sorted(Comparator.comparingDouble(c -> -c.diameter()))
            .toList();
    for (Cutter bit : bits) {
      double stop = depth - bit.spur() - LEFT;
      if (stop < 3 || stop > bit.cutting()) {
        continue;
      }
      List<Point> places = grid(step, bit.diameter());
      if (!places.isEmpty()) {
        return Optional.of(new BoredWaste(bit, stop, places));
      }
    }
    return Optional.empty();
  }

  private static List<Point> grid(RoutStep step, double diameter) {
    double clear = diameter / 2 + FROM_WALL;
    Bounds b = step.bounds();
    List<Point> places = new ArrayList<>();
    double room = b.width() - 2 * clear;
    double roomAcross = b.height() - 2 * clear;
    if (room < 0 || roomAcross < 0) {
      return places;
    }
    Outline shape = step.outline();
    int n = (int) Math.min(MOST_BORES, Precision.ceil(room / (diameter * PITCH)));
    int m = (int) Math.min(MOST_BORES, Precision.ceil(roomAcross / (diameter * PITCH)));
    if ((long) (n + 1) * (m + 1) > MOST_BORES) {
      return places; // nobody bores that out; it is routed all the way
    }
    for (int i = 0; i <= n; i++) {
      for (int k = 0; k <= m; k++) {
        Point at =
            new Point(
                n == 0 ? (b.left() + b.right()) / 2 : b.left() + clear + room * i / n,
                m == 0 ? (b.low() + b.high()) / 2 : b.low() + clear + roomAcross * k / m);
        if (shape.contains(at) && shape.edgeDistance(at) >= clear - Precision.NEAR) {
          places.add(at);
        }
      }
    }
    return places;
  }
}
