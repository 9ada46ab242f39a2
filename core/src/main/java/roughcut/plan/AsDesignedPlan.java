package roughcut.plan;

import java.util.Optional;
import java.util.function.Supplier;
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
  private final Supplier<Plan> planned;
  private final LazyPlan before;
  private Plan plan;

  /** From nothing, and no farther than it is asked for. */
  AsDesignedPlan(Build build, Shop shop) {
    this(build, new LazyPlan(build.asDesigned(), shop), null);
  }

  /**
   * As an engine plans it, which has most of it from the plan before.
   *
   * @param planned asked once, when it is first needed
   */
  AsDesignedPlan(Build build, Supplier<Plan> planned) {
    this(build, null, planned);
  }

  private AsDesignedPlan(Build build, LazyPlan before, Supplier<Plan> planned) {
    this.same = build.asDesigned() == build;
    this.before = before;
    this.planned = planned;
  }

  private synchronized Plan plan() {
    if (plan == null) {
      plan = planned == null ? before.plan() : planned.get();
    }
    return plan;
  }

  private Optional<Value> value(String id) {
    return planned == null ? before.value(id) : plan().value(id);
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
    return value(value.id())
        .map(
            drawn ->
                Math.abs(drawn.value() - value.value())
                    > Precision.SAME * Math.max(1, Math.abs(value.value())))
        .orElse(true);
  }

  /** The plan as drawn; empty where nothing was measured, so that the two are one. */
  Optional<Plan> different() {
    return same ? Optional.empty() : Optional.of(plan());
  }
}
