package roughcut.schedule;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import roughcut.bench.ImpactReport;
import roughcut.bench.Verdict;
import roughcut.design.BlankDecisions;
import roughcut.design.BodyDecisions;
import roughcut.design.ChoiceDecision;
import roughcut.design.FinishChoice;
import roughcut.design.GlueChoice;
import roughcut.design.RoutDecisions;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Finish;
import roughcut.shop.FinishBook;
import roughcut.shop.Glue;
import roughcut.shop.GlueBook;
import roughcut.shop.Shop;
import roughcut.shop.ShopHours;

/**
 * What would buy days: each tried on a whole plan and a whole schedule, those that buy most first.
 *
 * @param words what it is, to go on after “would buy”
 * @param days how much earlier the build would be done
 * @param build what changes in the build; empty where it is the shop
 * @param hours what changes in the shop's hours; empty where it is the build
 */
public record ScheduleSavings(
    Text words,
    double days,
    Optional<UnaryOperator<Build>> build,
    Optional<UnaryOperator<ShopHours>> hours) {
  private static final int MOST = 3;

  /** Less than this isn't worth saying, days. */
  private static final double LEAST = 0.2;

  private static final LocalTime EVENING = LocalTime.of(19, 0);
  private static final LocalTime NIGHT = LocalTime.of(22, 0);

  /**
   * The three that buy most for one of several builds.
   *
   * @param which by its place among the plans
   */
  public static List<ScheduleSavings> of(
      List<Plan> plans, int which, Map<String, Integer> learned, LocalDateTime now, ZoneId zone) {
    return of(plans, which, learned, now, zone, MOST);
  }

  static List<ScheduleSavings> of(
      List<Plan> plans,
      int which,
      Map<String, Integer> learned,
      LocalDateTime now,
      ZoneId zone,
      int most) {
    Shop shop = plans.get(which).shop();
    Optional<LocalDateTime> stands = finish(plans, which, shop.hours(), learned, now, zone);
    if (stands.isEmpty()) {
      return List.of();
    }
    List<ScheduleSavings> found = new ArrayList<>();
    for (ScheduleSavings one : options(plans.get(which), shop.hours())) {
      List<Plan> tried = new ArrayList<>(plans);
      if (one.build().isPresent()) {
        Plan own = plans.get(which);
        Plan next = Plan.of(one.build().get().apply(own.build()), shop);
        if (!feasible(own, next)) {
          continue;
        }
        tried.set(which, next);
      }
      ShopHours hours = one.hours().map(h -> h.apply(shop.hours())).orElse(shop.hours());
      finish(tried, which, hours, learned, now, zone)
          .map(t -> ShopClock.days(Duration.between(t, stands.get())))
          .filter(d -> d > LEAST)
          .ifPresent(d -> found.add(new ScheduleSavings(one.words(), d, one.build(), one.hours())));
    }
    found.sort(Comparator.comparing(ScheduleSavings::days).reversed());
    return List.copyOf(found.subList(0, Math.min(most, found.size())));
  }

  private static Optional<LocalDateTime> finish(
      List<Plan> plans,
      int which,
      ShopHours hours,
      Map<String, Integer> learned,
      LocalDateTime now,
      ZoneId zone) {
    return Schedule.of(ShopPlanning.of(plans, hours, learned), hours, now, zone).outcomes().stream()
        .filter(o -> o.build() == which)
        .map(Schedule.Outcome::finish)
        .findFirst();
  }

  private static List<ScheduleSavings> options(Plan plan, ShopHours hours) {
    List<ScheduleSavings> all = new ArrayList<>();
    Glue glue = GlueBook.get(plan.given(BlankDecisions.GLUE).word());
    for (Glue other : GlueBook.all()) {
      if (other.cureHours() < glue.cureHours()
          && other.least() <= hours.warmth()
          && other.open() > 60) {
        GlueChoice choice = choice(BlankDecisions.GLUE, other.id());
        all.add(
            build(
                Text.of("{other} instead of {glue}", other.name(), glue.name()),
                b -> b.withDesign(BlankDecisions.GLUE.with(b.design(), choice))));
      }
    }
    Finish finish = FinishBook.get(plan.given(RoutDecisions.FINISH).word());
    for (Finish other : FinishBook.all()) {
      if (other.coats() > 0 && lasting(other) < lasting(finish)) {
        FinishChoice choice = choice(RoutDecisions.FINISH, other.id());
        all.add(
            build(
                Text.of("{other} instead of {finish}", other.name(), finish.name()),
                b -> b.withDesign(RoutDecisions.FINISH.with(b.design(), choice))));
      }
    }
    if (plan.given(BodyDecisions.BODY_TOP) > 0) {
      all.add(
          build(
              Text.of("a body without a top glued on"),
              b -> b.withDesign(BodyDecisions.BODY_TOP.with(b.design(), 0))));
    }
    onePiece(plan).ifPresent(all::add);
    all.add(shop(Text.of("two hours more on every weekday evening"), ScheduleSavings::evenings));
    for (DayOfWeek day : new DayOfWeek[] {DayOfWeek.SATURDAY, DayOfWeek.SUNDAY}) {
      Text called = day == DayOfWeek.SATURDAY ? Text.of("Saturdays") : Text.of("Sundays");
      all.add(
          shop(
              Text.of("a session on whole {called}", called),
              h ->
                  h.with(
                      day,
                      List.of(
                          new ShopHours.Opening(day, LocalTime.of(8, 0), LocalTime.of(18, 0))))));
    }
    if (hours.cureFactor() > 1) {
      all.add(shop(Text.of("a shop at 20 °C while glue cures"), h -> h.withWarmth(20)));
    }
    return all;
  }

  /** Whether it stops nothing, spoils no made part and needs no wood that isn't there. */
  private static boolean feasible(Plan own, Plan next) {
    ImpactReport means = ImpactReport.of(own, next);
    return means.verdict() != Verdict.State.STOP
        && means.outdatedCuts().isEmpty()
        && means.obsoleteOperations().isEmpty()
        && next.boards().homeless().size() <= own.boards().homeless().size();
  }

  /** A neck sawn from one piece as wide as its strips together, of the wood most of it is. */
  private static Optional<ScheduleSavings> onePiece(Plan plan) {
    Stack stack = plan.build().design().neckStack();
    if (stack.size() < 2) {
      return Optional.empty();
    }
    Strip most =
        stack.strips().stream().max(Comparator.comparingDouble(Strip::thickness)).orElseThrow();
    double width = stack.strips().stream().mapToDouble(Strip::thickness).sum();
    if (width > Strip.MOST) {
      return Optional.empty();
    }
    Stack one = new Stack(List.of(new Strip(most.species(), width, most.grain())), false);
    return Optional.of(
        build(
            Text.of("a one-piece neck instead of {size}", stack.size()),
            b -> b.withDesign(b.design().withNeckStack(one))));
  }

  private static double lasting(Finish finish) {
    return (finish.between() * (finish.coats() - 1) + finish.hard()) / 24;
  }

  private static <C extends roughcut.design.Choice> C choice(
      ChoiceDecision<C> decision, String word) {
    return decision.find(word).orElseThrow();
  }

  private static ScheduleSavings build(Text words, UnaryOperator<Build> change) {
    return new ScheduleSavings(words, 0, Optional.of(change), Optional.empty());
  }

  private static ScheduleSavings shop(Text words, UnaryOperator<ShopHours> change) {
    return new ScheduleSavings(words, 0, Optional.empty(), Optional.of(change));
  }

  private static ShopHours evenings(ShopHours hours) {
    ShopHours next = hours;
    for (DayOfWeek day : DayOfWeek.values()) {
      if (day.getValue() > 5) {
        continue;
      }
      List<ShopHours.Opening> open = new ArrayList<>(hours.on(day));
      if (open.isEmpty()) {
        open.add(new ShopHours.Opening(day, EVENING, EVENING.plusHours(2)));
      } else {
        ShopHours.Opening last = open.remove(open.size() - 1);
        LocalTime to = last.to().isAfter(NIGHT) ? last.to() : last.to().plusHours(2);
        open.add(
            new ShopHours.Opening(
                day, last.from(), to.isBefore(last.to()) ? LocalTime.of(23, 59) : to));
      }
      next = next.with(day, open);
    }
    return next;
  }
}
