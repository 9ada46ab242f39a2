package roughcut.plan;

import java.util.Optional;
import roughcut.measure.Precision;
import roughcut.measure.Value;
import roughcut.record.Build;
import roughcut.shop.Shop;

/**
 * The numbers as they were before anything was measured, worked out when first asked for: what
 * differs from them comes from the wood.
 */
final class Drawn {

  private final Build build;
  private final Shop shop;
  private Plan plan;

  Drawn(Build build, Shop shop) {
    this.build = build;
    this.shop = shop;
  }

  /**
   * Whether a number of the real plan comes from the wood: what hangs on a reading by its formula,
   * or was found on what was measured and isn't as it was drawn.
   */
  boolean moved(Value value) {
    if (!value.fromMeasured()) {
      return false;
    }
    if (value.measured()) {
      return true;
    }
    Value before = plan().values().get(value.id());
    return before == null
        || Math.abs(before.value() - value.value())
            > Precision.SAME * Math.max(1, Math.abs(value.value()));
  }

  /** The plan as drawn; empty where nothing was measured, so that the two are one. */
  Optional<Plan> different() {
    return build.asDesigned() == build ? Optional.empty() : Optional.of(plan());
  }

  private synchronized Plan plan() {
    if (plan == null) {
      plan = Plan.of(build.asDesigned(), shop);
    }
    return plan;
  }
}
