package roughcut.part;

import static roughcut.measure.Quantity.LENGTH;

import roughcut.measure.ValueKey;

/**
 * Ids, labels and quantities of the numbers of parts at a stage that are told; each is named here
 * once.
 */
public final class PartKeys {
  public static final ValueKey BODY_NOTHING_LEFT =
      new ValueKey("body.nothing-left", "Still to remove", LENGTH);
  public static final ValueKey BODY_STOCK_NOW =
      new ValueKey("body.stock-now", "Body thickness still to remove", LENGTH);

  private PartKeys() {}
}
