package roughcut.thin;

import static roughcut.measure.Worked.in;

import java.util.List;
import roughcut.blank.BlankTree;
import roughcut.design.Decisions;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.neck.NeckShape;
import roughcut.shop.Shop;

/** What remains of the neck's blank under the heel. */
public final class BlankThinSpots {
  /**
   * What there is.
   *
   * @param heel stock below the heel
   */
  public record Left(List<ThinSpot> spots, Value heel) {}

  private BlankThinSpots() {}

  /** Stock below the heel, with its block when it has one. */
  public static Left of(Shop shop, NeckShape neck, BlankTree tree, Ledger ledger) {
    Spots spots = new Spots(shop);
    Value spare =
        ledger.put(
            ThinKeys.HEEL_SPARE, "s − h", in("s", tree.heelDepth()), in("h", neck.heelThickness()));
    spots.add(
        ThinKind.HEEL_STOCK,
        "stock under heel",
        spare,
        neck.joint().value(),
        Decisions.HEEL_THICKNESS.id(),
        Decisions.SHAFT_THICKNESS.id());
    return new Left(spots.list(), spare);
  }
}
