package roughcut.thin;

import java.util.ArrayList;
import java.util.List;
import roughcut.measure.Value;
import roughcut.shop.Limit;
import roughcut.shop.Shop;

/** Gathers thin spots. The limits are the handbook's unless the shop has its own. */
final class Spots {
  /** Seen from the side rather than from above. */
  private static final double SIDE = Double.NaN;

  private final Shop shop;
  private final List<ThinSpot> found = new ArrayList<>();

  Spots(Shop shop) {
    this.shop = shop;
  }

  /** Enters a spot with limits of its own: by a screw's diameter. */
  void add(
      ThinKind kind,
      Limit usual,
      String what,
      Value left,
      double x,
      double y,
      String... changedBy) {
    found.add(
        new ThinSpot(kind, what, left, shop.limit(kind.id(), usual), x, y, List.of(changedBy)));
  }

  /** Enters a spot that is looked at from above. */
  void add(ThinKind kind, String what, Value left, double x, double y, String... changedBy) {
    add(kind, kind.limit(), what, left, x, y, changedBy);
  }

  /** Enters a spot that is looked at from the side. */
  void add(ThinKind kind, String what, Value left, double x, String... changedBy) {
    add(kind, kind.limit(), what, left, x, SIDE, changedBy);
  }

  List<ThinSpot> list() {
    return List.copyOf(found);
  }
}
