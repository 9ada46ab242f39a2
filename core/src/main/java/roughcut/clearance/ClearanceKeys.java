package roughcut.clearance;

import static roughcut.measure.Quantity.LENGTH;

import roughcut.measure.ValueKey;

/**
 * Ids, labels and quantities of the numbers of what remains that are told; each is named here once.
 */
public final class ClearanceKeys {
  public static final ValueKey BLANK_SIDE_SPARE =
      new ValueKey("blank.side-spare", "Blank outside the neck outline, per side", LENGTH);
  public static final ValueKey HEEL_SPARE =
      new ValueKey("heel.spare", "Stock below the heel", LENGTH);
  public static final ValueKey SHAFT_SPARE =
      new ValueKey("shaft.spare", "Shaft stock below the finished back at its deepest", LENGTH);

  private ClearanceKeys() {}
}
