package roughcut.plan;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import roughcut.design.DesignChange;
import roughcut.memo.Memo;
import roughcut.record.Build;
import roughcut.shop.Shop;

/**
 * Plans one build after another, as a maker edits it: what an edit doesn't touch is taken from the
 * plan before. Whatever it plans is equal to {@link Plan#of}, which begins from nothing.
 */
public final class PlanEngine {
  private Build build;
  private Shop shop;
  private Memo memo = new Memo();
  private Plan plan;

  /** Plans what was drawn, beside what was built; made when it is first asked. */
  private PlanEngine designed;

  /** The plan of a build in a shop. */
  public synchronized Plan plan(Build next, Shop in) {
    if (plan != null && in.equals(shop) && build.equals(next)) {
      return plan;
    }
    Memo fresh = changed(next, in).map(memo::next).orElseGet(Memo::new);
    Plan made = new LazyPlan(next, in, fresh, () -> drawn(next, in)).plan();
    memo = fresh;
    build = next;
    shop = in;
    plan = made;
    return made;
  }

  /** The plan of a build as it was drawn, before anything was measured or done. */
  public Plan asDesigned(Build next, Shop in) {
    return drawing().plan(next.asDesigned(), in);
  }

  private synchronized PlanEngine drawing() {
    if (designed == null) {
      designed = new PlanEngine();
    }
    return designed;
  }

  private AsDesignedPlan drawn(Build next, Shop in) {
    PlanEngine engine = drawing();
    return new AsDesignedPlan(next, () -> engine.plan(next.asDesigned(), in));
  }

  /** Ids of what changed; nothing where that is more than decided numbers and choices. */
  private Optional<Set<String>> changed(Build next, Shop in) {
    return build != null && in.equals(shop) && build.log().sameWork(next.log())
        ? DesignChange.between(build.design(), next.design())
        : Optional.empty();
  }

  /** What had to be made for the last plan: chapters, and blocks of the body. */
  public synchronized List<Object> remade() {
    return memo.remade();
  }
}
