package roughcut.plan;

import java.util.Map;
import roughcut.measure.Value;
import roughcut.record.Build;
import roughcut.record.Givens;
import roughcut.shop.Shop;

/**
 * What a plan is worked out from.
 *
 * @param givens decisions, with what was read in their place
 */
record Ground(Build build, Shop shop, Givens givens) {
  Ground(Build build, Shop shop) {
    this(build, shop, new Givens(build));
  }

  /** The same where some decisions follow from what was worked out already, by their ids. */
  Ground with(Map<String, Value> following) {
    return following.isEmpty() ? this : new Ground(build, shop, givens.following(following));
  }
}
