package roughcut.plan;

import java.util.Optional;
import roughcut.measure.Precision;
import roughcut.measure.Value;
import roughcut.record.Build;
import roughcut.shop.Shop;

/**
 * The numbers as they were before anything was measured, worked out when first asked for and no
 * farther than to the number in question: what differs from them comes from the wood.
 */
final class AsDesignedPlan {
  private final boolean same;
  private final LazyPlan before;

  AsDesignedPlan(Build build, Shop shop) {
    this.same = build.asDesigned() == build;
    this.before = new LazyPlan(build.asDesigned(), shop);
  }

  /**
   * Whether a number of the real plan comes from the wood: what hangs on a reading by its formula,
   * or was found on what was measured and isn't as it was drawn.
   */
  boolean differingNumbers(Value value) {
    if (!value.fromMeasured()) {
      return false;
    }
    if (value.measured()) {
      return true;
    }
    return before
        .value(value.id())
        .map(
            drawn ->
                Math.abs(drawn.value() - value.value())
                    > Precision.SAME * Math.max(1, Math.abs(value.value())))
        .orElse(true);
  }

  /** The plan as drawn; empty where nothing was measured, so that the two are one. */
  Optional<Plan> different() {
    return same ? Optional.empty() : Optional.of(before.plan());
  }
}
