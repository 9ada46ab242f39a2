package roughcut.clearance;

import java.util.ArrayList;
import java.util.List;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.shop.Limit;
import roughcut.shop.Shop;

/** Gathers thin spots. The limits are the handbook's unless the shop has its own. */
final class ClearanceCollector {
  /** A spot with more than so many times its limit isn't told. */
  private static final double WORTH_TELLING = 3;

  /** Seen from the side rather than from above. */
  private static final double SIDE = Double.NaN;

  private final Shop shop;
  private final List<Clearance> found = new ArrayList<>();

  ClearanceCollector(Shop shop) {
    this.shop = shop;
  }

  /** Enters a spot with limits of its own: by a screw's diameter. */
  void add(
      ClearanceKind kind,
      Limit usual,
      Text what,
      Value left,
      double x,
      double y,
      String... changedBy) {
    add(kind, usual, what, left, left, x, y, List.of(changedBy));
  }

  /** The same where another amount is left now. */
  void add(
      ClearanceKind kind,
      Limit usual,
      Text what,
      Value left,
      Value now,
      double x,
      double y,
      List<String> changedBy) {
    found.add(new Clearance(kind, what, left, shop.limit(kind.id(), usual), x, y, now, changedBy));
  }

  /** Enters a spot that is looked at from above. */
  void add(ClearanceKind kind, Text what, Value left, double x, double y, String... changedBy) {
    add(kind, kind.limit(), what, left, x, y, changedBy);
  }

  /** Enters a spot that is looked at from the side. */
  void add(ClearanceKind kind, Text what, Value left, double x, String... changedBy) {
    add(kind, kind.limit(), what, left, x, SIDE, changedBy);
  }

  /** Tells a spot unless there is plenty. */
  void tell(ClearanceKind kind, Text what, Value left, double x, double y, List<String> by) {
    tell(kind, kind.limit(), what, left, x, y, by);
  }

  /** The same with limits of its own. */
  void tell(
      ClearanceKind kind, Limit usual, Text what, Value left, double x, double y, List<String> by) {
    tell(kind, usual, what, left, left, x, y, by);
  }

  /** The same where another amount is left now, at the stage that the wood has reached. */
  void tell(
      ClearanceKind kind,
      Limit usual,
      Text what,
      Value left,
      Value now,
      double x,
      double y,
      List<String> by) {
    if (left.value() < within(kind, usual)) {
      add(kind, usual, what, left, now, x, y, by);
    }
  }

  /** Where there is less than this, a spot is told, mm: whatever the shop's own limit is. */
  double within(ClearanceKind kind) {
    return within(kind, kind.limit());
  }

  private double within(ClearanceKind kind, Limit usual) {
    return Math.max(WORTH_TELLING * usual.warn(), shop.limit(kind.id(), usual).warn());
  }

  /**
   * What has to be looked at so that no spot of these kinds is missed, mm; {@code usual} at least.
   */
  double farthest(double usual, ClearanceKind... kinds) {
    double far = usual;
    for (ClearanceKind kind : kinds) {
      far = Math.max(far, shop.limit(kind.id(), kind.limit()).warn());
    }
    return far;
  }

  List<Clearance> list() {
    return List.copyOf(found);
  }
}
