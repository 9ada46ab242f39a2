package roughcut.plan;

import java.util.Optional;
import java.util.function.Function;
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
  private final Function<String, Optional<Value>> value;
  private final Supplier<Plan> plan;

  /** From nothing, and no farther than it is asked for. */
  AsDesignedPlan(Build build, Shop shop) {
    this.same = build.asDesigned() == build;
    LazyPlan before = new LazyPlan(build.asDesigned(), shop);
    this.value = before::value;
    this.plan = before::plan;
  }

  /**
   * As an engine plans it, which has most of it from the plan before.
   *
   * @param planned asked when it is first needed, and no more
   */
  AsDesignedPlan(Build build, Supplier<Plan> planned) {
    this.same = build.asDesigned() == build;
    this.plan = new Once(planned);
    this.value = id -> plan.get().value(id);
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
    return this.value
        .apply(value.id())
        .map(
            drawn ->
                Math.abs(drawn.value() - value.value())
                    > Precision.SAME * Math.max(1, Math.abs(value.value())))
        .orElse(true);
  }

  /** The plan as drawn; empty where nothing was measured, so that the two are one. */
  Optional<Plan> different() {
    return same ? Optional.empty() : Optional.of(plan.get());
  }

  /** What is made once, when it is first asked for. */
  private static final class Once implements Supplier<Plan> {
    private final Supplier<Plan> made;
    private Plan plan;

    Once(Supplier<Plan> made) {
      this.made = made;
    }

    @Override
    public synchronized Plan get() {
      if (plan == null) {
        plan = made.get();
      }
      return plan;
    }
  }
}
