package roughcut.machining;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;

/**
 * In what order a cutter goes from area to area: always to the nearest that may be cut, so that it
 * travels little; what begins at another's floor comes after that.
 */
final class WorkOrder {
  private WorkOrder() {}

  /**
   * All of them in that order.
   *
   * @param from where the cutter stands at the beginning
   */
  static List<RouterWork> of(List<RouterWork> work, Point from) {
    List<RouterWork> open = new ArrayList<>(work);
    List<RouterWork> order = new ArrayList<>();
    Point at = from;
    while (!open.isEmpty()) {
      Point here = at;
      RouterWork next =
          open.stream()
              .filter(w -> w.within().isEmpty() || !waits(w, open))
              .min(Comparator.comparingDouble(w -> middle(w).distance(here)))
              .orElseThrow();
      open.remove(next);
      order.add(next);
      at = middle(next);
    }
    return order;
  }

  private static boolean waits(RouterWork work, List<RouterWork> open) {
    return open.stream().anyMatch(o -> o.name().equals(work.within().orElseThrow()));
  }

  private static Point middle(RouterWork work) {
    Bounds b = work.area().bounds();
    return new Point((b.left() + b.right()) / 2, (b.low() + b.high()) / 2);
  }
}
