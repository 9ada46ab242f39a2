package roughcut.clearance;

import java.util.List;
import roughcut.blank.BlankTree;
import roughcut.design.Decisions;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.neck.BlankReach;
import roughcut.neck.NeckShape;
import roughcut.shop.Shop;

/** What remains of the neck's blank under the heel. */
public final class BlankClearances {
  /**
   * What there is.
   *
   * @param heel stock below the heel
   * @param heelX where that is least, from the nut line, mm
   * @param block how long the block would have to be that begins too late; 0 where it doesn't
   */
  public record Left(List<Clearance> spots, Value heel, double heelX, double block) {}

  private BlankClearances() {}

  /** Stock below the heel, with its block when it has one. */
  public static Left of(
      Shop shop, NeckShape neck, BlankReach reach, BlankTree tree, ValueRegistry registry) {
    ClearanceCollector clearances = new ClearanceCollector(shop);
    BlankReach.Least least = least(neck, reach);
    Value spare =
        registry.find(
            ClearanceKeys.HEEL_SPARE,
            least.left(),
            Text.of(
                "found as the least stock below the back of the heel, from its curve to its end"),
            neck.provenance().and(reach.provenance()).with(tree.heelDepth(), neck.heelThickness()));
    if (neck.through() && spare.value() > -Precision.SAME) {
      // A core's blank is worked out to be as deep as it has to be.
      return new Left(List.of(), spare, least.x(), 0);
    }
    clearances.add(
        ClearanceKind.HEEL_STOCK,
        Text.of("stock under heel"),
        spare,
        least.x(),
        Decisions.HEEL_THICKNESS.id(),
        Decisions.SHAFT_THICKNESS.id());
    return new Left(
        clearances.list(),
        spare,
        least.x(),
        least.x() < reach.blockFrom() ? reach.blockWanted(neck.back()) : 0);
  }

  /**
   * Up to where the heel's curve begins the shaft tells of itself; what is missing before a block
   * begins is the heel's where its curve has left the shaft's line.
   */
  private static BlankReach.Least least(NeckShape neck, BlankReach reach) {
    double end = neck.heelEnd().value();
    double from = Math.min(end, Math.max(neck.back().straightTo(), reach.blockFrom()));
    BlankReach.Least heel = reach.least(neck.back(), from, end);
    if (from <= neck.back().straightTo()) {
      return heel;
    }
    BlankReach.Least before = reach.least(neck.back(), neck.back().straightTo(), from);
    boolean curve =
        neck.back().depth(before.x()) > neck.back().depth(neck.back().straightTo()) + CURVED;
    return curve && before.left() < 0 && before.left() < heel.left() ? before : heel;
  }

  /** A heel's curve that has come down by less is the shaft's line still, mm. */
  private static final double CURVED = 0.02;
}
