package roughcut.plan;

import java.util.Map;
import roughcut.measure.Value;
import roughcut.record.Build;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Shop;

/**
 * What a plan is worked out from.
 *
 * @param inputs decisions, with what was read in their place
 */
record PlanInputs(Build build, Shop shop, EffectiveInputs inputs) {
  PlanInputs(Build build, Shop shop) {
    this(build, shop, new EffectiveInputs(build));
  }

  /** The same where some decisions follow from what was worked out already, by their ids. */
  PlanInputs with(Map<String, Value> following) {
    return following.isEmpty() ? this : new PlanInputs(build, shop, inputs.following(following));
  }
}
