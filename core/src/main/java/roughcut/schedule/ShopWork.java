package roughcut.schedule;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Brief;
import roughcut.shop.Shop;

/**
 * The days of a whole shop: its builds share one pair of hands and learn from each other's logs. It
 * is the same whichever of them is worked on.
 *
 * @param plans of all builds, by name
 * @param learned minutes that operations really took, by their ids
 * @param schedule of all of them, its builds in the order of the plans
 */
public record ShopWork(List<Plan> plans, Map<String, Integer> learned, Schedule schedule) {
  private static final Comparator<Plan> BY_NAME =
      Comparator.comparing(Plan::name)
          .thenComparing(p -> p.build().brief().due().map(Object::toString).orElse(""));

  /**
   * Of the builds of one shop, from a moment on.
   *
   * @param all in any order; at least one
   */
  public static ShopWork of(List<Plan> all, LocalDateTime now, ZoneId zone) {
    List<Plan> plans = all.stream().sorted(BY_NAME).toList();
    Map<String, Integer> learned =
        ShopPlanning.learned(plans.stream().map(p -> p.build().log()).toList());
    Shop shop = plans.get(0).shop();
    Schedule schedule =
        Schedule.of(ShopPlanning.of(plans, shop.hours(), learned), shop.hours(), now, zone);
    return new ShopWork(plans, learned, schedule);
  }

  /** Which of the builds a plan is, -1 for none of them. */
  public int place(Plan plan) {
    for (int i = 0; i < plans.size(); i++) {
      if (plans.get(i) == plan) {
        return i;
      }
    }
    return -1;
  }

  /** How a build comes out; empty where nothing of it is left, or there is no schedule. */
  public Optional<Schedule.Outcome> outcome(Plan plan) {
    int place = place(plan);
    return schedule.outcomes().stream().filter(o -> o.build() == place).findFirst();
  }

  /** What would buy days for a build: slow, each is tried on a whole plan and schedule. */
  public List<ScheduleSavings> savings(Plan plan, LocalDateTime now, ZoneId zone) {
    return ScheduleSavings.of(plans, place(plan), learned, now, zone);
  }

  /** The first of a build's brief that doesn't hold, in words; empty for nothing. */
  public Optional<Text> broken(Plan plan, Units units) {
    if (plan.build().brief().equals(Brief.NONE)) {
      return Optional.empty();
    }
    return BriefCheck.of(plan, outcome(plan), units).stream()
        .filter(c -> c.state() == BriefCheck.State.BROKEN)
        .findFirst()
        .map(c -> Text.of("{c}: {how}", c.words(), c.how()));
  }
}
