package roughcut.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import roughcut.design.BodyDecisions;
import roughcut.measure.NumberWriter;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Brief;
import roughcut.shop.Board;

/**
 * Whether what a build has to hold to holds: told anew after every edit and reading (handbook page
 * 7, "The brief").
 *
 * @param words as the maker says it, with the day where it is that
 * @param how by how much, or why
 */
public record BriefCheck(Text words, State state, Text how) {
  /** How near a limit is close: a share of it. */
  private static final double NEAR = 0.03;

  /** So many days before a day are close. */
  private static final double NEAR_DAYS = 3;

  /** How a line of the brief stands. */
  public enum State {
    HOLDS(Text.of("met")),
    CLOSE(Text.of("close")),
    BROKEN(Text.of("not met")),
    UNKNOWN(Text.of("not known yet"));

    private final Text word;

    State(Text word) {
      this.word = word;
    }

    public Text word() {
      return word;
    }
  }

  /**
   * Every line of a plan's brief, the day first.
   *
   * @param outcome how its days come out; empty where there is no schedule
   */
  public static List<BriefCheck> of(Plan plan, Optional<Schedule.Outcome> outcome, Units units) {
    List<BriefCheck> all = new ArrayList<>();
    plan.build().brief().due().ifPresent(d -> all.add(day(Text.of("done by {d}", d), outcome)));
    plan.build().brief().wishes().forEach(w -> all.add(wish(plan, w, units)));
    return all;
  }

  private static BriefCheck day(Text words, Optional<Schedule.Outcome> outcome) {
    if (outcome.isEmpty() || outcome.get().slackDays().isEmpty()) {
      return new BriefCheck(words, State.UNKNOWN, Text.of("no dates can be planned"));
    }
    double slack = outcome.get().slackDays().get();
    Text days = Text.of("{number} days", Text.fixed(Math.abs(slack), 1));
    return slack < 0
        ? new BriefCheck(words, State.BROKEN, Text.of("late by {days}", days))
        : new BriefCheck(
            words, slack < NEAR_DAYS ? State.CLOSE : State.HOLDS, Text.of("{days} to spare", days));
  }

  private static BriefCheck wish(Plan plan, Brief.Wish wish, Units units) {
    return switch (wish.kind()) {
      case AT_MOST -> limited(plan, wish, 1);
      case AT_LEAST -> limited(plan, wish, -1);
      case COMES_APART -> {
        boolean apart =
            switch (plan.given(BodyDecisions.NECK_JOINT)) {
              case BOLT_ON -> true;
              case SET_NECK, THROUGH -> false;
            };
        yield new BriefCheck(
            Text.raw(wish.words()),
            apart ? State.HOLDS : State.BROKEN,
            apart ? Text.of("the neck is screwed on") : Text.of("the neck is glued in for good"));
      }
      case ONLY_IN_HAND -> inHand(plan, wish, units);
      case COSTS_AT_MOST -> costs(plan, wish);
      case BY_EYE ->
          new BriefCheck(
              Text.raw(wish.words()),
              wish.held() ? State.HOLDS : State.UNKNOWN,
              Text.of("judged by eye"));
    };
  }

  private static BriefCheck limited(Plan plan, Brief.Wish wish, int side) {
    Optional<Value> value = plan.value(wish.value());
    if (value.isEmpty()) {
      return new BriefCheck(
          Text.raw(wish.words()),
          State.UNKNOWN,
          Text.of("this plan has no number {wish}", wish.value()));
    }
    Value v = value.get();
    double over = side * (v.value() - wish.limit());
    Text by = Text.only(Text.shown(Math.abs(over), v.quantity()));
    Text now = Text.only(Text.shown(v));
    if (over > 0) {
      return new BriefCheck(
          Text.raw(wish.words()), State.BROKEN, Text.of("{now}: missed by {by}", now, by));
    }
    boolean close = -over < NEAR * Math.abs(wish.limit());
    return new BriefCheck(
        Text.raw(wish.words()),
        close ? State.CLOSE : State.HOLDS,
        Text.of("{now}, {by} to spare", now, by));
  }

  /** Wood and hardware alike; what is used up is bought when it is wanted. */
  private static BriefCheck inHand(Plan plan, Brief.Wish wish, Units units) {
    List<Text> missing = new ArrayList<>();
    plan.boards().homeless().stream()
        .filter(h -> !h.part().small())
        .forEach(
            h -> missing.add(Text.of("{part}: {why}", h.part().label(), h.why().message().what())));
    HardwareNeeds.hardware(plan, units).stream()
        .filter(n -> !n.inHand())
        .forEach(n -> missing.add(Text.of("{what}: not in hand.", n.what())));
    return missing.isEmpty()
        ? new BriefCheck(
            Text.raw(wish.words()),
            State.HOLDS,
            Text.of("every part is on a board, all hardware was measured"))
        : new BriefCheck(
            Text.raw(wish.words()),
            State.BROKEN,
            missing.size() > 1
                ? Text.of("{count} to get. {first}", missing.size(), missing.get(0).capital())
                : missing.get(0).capital());
  }

  private static BriefCheck costs(Plan plan, Brief.Wish wish) {
    Set<String> used = new TreeSet<>();
    plan.boards().laid().forEach(l -> used.add(l.board()));
    double sum = 0;
    for (String id : used) {
      Optional<Board> board = plan.shop().board(id);
      if (board.isPresent() && board.get().price().isEmpty()) {
        return new BriefCheck(
            Text.raw(wish.words()), State.UNKNOWN, Text.of("no price for {id}", id));
      }
      sum += board.map(b -> b.price().orElse(0)).orElse(0.0);
    }
    double over = sum - wish.limit();
    String by = NumberWriter.fixed(Math.abs(over), 2);
    return over > 0
        ? new BriefCheck(Text.raw(wish.words()), State.BROKEN, Text.of("missed by {by}", by))
        : new BriefCheck(
            Text.raw(wish.words()),
            -over < NEAR * wish.limit() ? State.CLOSE : State.HOLDS,
            Text.of("{fixed}, {by} to spare", Text.fixed(sum, 2), by));
  }
}
