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
public record BriefCheck(String words, State state, String how) {
  /** How near a limit is close: a share of it. */
  private static final double NEAR = 0.03;

  /** So many days before a day are close. */
  private static final double NEAR_DAYS = 3;

  /** How a line of the brief stands. */
  public enum State {
    HOLDS("holds"),
    CLOSE("close"),
    BROKEN("broken"),
    UNKNOWN("not known yet");

    private final String word;

    State(String word) {
      this.word = word;
    }

    public String word() {
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
    plan.build().brief().due().ifPresent(d -> all.add(day("done by " + d, outcome)));
    plan.build().brief().wishes().forEach(w -> all.add(wish(plan, w, units)));
    return all;
  }

  private static BriefCheck day(String words, Optional<Schedule.Outcome> outcome) {
    if (outcome.isEmpty() || outcome.get().slackDays().isEmpty()) {
      return new BriefCheck(words, State.UNKNOWN, "its days can't be planned");
    }
    double slack = outcome.get().slackDays().get();
    String days = NumberWriter.fixed(Math.abs(slack), 1) + " days";
    return slack < 0
        ? new BriefCheck(words, State.BROKEN, "late by " + days)
        : new BriefCheck(words, slack < NEAR_DAYS ? State.CLOSE : State.HOLDS, days + " to spare");
  }

  private static BriefCheck wish(Plan plan, Brief.Wish wish, Units units) {
    return switch (wish.kind()) {
      case AT_MOST -> limited(plan, wish, 1, units);
      case AT_LEAST -> limited(plan, wish, -1, units);
      case COMES_APART -> {
        boolean apart =
            switch (plan.given(BodyDecisions.NECK_JOINT)) {
              case BOLT_ON -> true;
              case SET_NECK, THROUGH -> false;
            };
        yield new BriefCheck(
            wish.words(),
            apart ? State.HOLDS : State.BROKEN,
            apart ? "the neck is screwed on" : "the neck is glued to stay");
      }
      case ONLY_IN_HAND -> inHand(plan, wish, units);
      case COSTS_AT_MOST -> costs(plan, wish);
      case BY_EYE ->
          new BriefCheck(
              wish.words(), wish.held() ? State.HOLDS : State.UNKNOWN, "judged by the maker");
    };
  }

  private static BriefCheck limited(Plan plan, Brief.Wish wish, int side, Units units) {
    Optional<Value> value = plan.value(wish.value());
    if (value.isEmpty()) {
      return new BriefCheck(
          wish.words(), State.UNKNOWN, "there is no number " + wish.value() + " in this plan");
    }
    Value v = value.get();
    double over = side * (v.value() - wish.limit());
    String by = NumberWriter.text(Math.abs(over), v.quantity(), units);
    String now = v.text(units);
    if (over > 0) {
      return new BriefCheck(wish.words(), State.BROKEN, now + ": broken by " + by);
    }
    boolean close = -over < NEAR * Math.abs(wish.limit());
    return new BriefCheck(
        wish.words(), close ? State.CLOSE : State.HOLDS, now + ", " + by + " to spare");
  }

  /** Wood and hardware alike; what is used up is bought when it is wanted. */
  private static BriefCheck inHand(Plan plan, Brief.Wish wish, Units units) {
    List<String> missing = new ArrayList<>();
    plan.boards().homeless().stream()
        .filter(h -> !h.part().small())
        .forEach(h -> missing.add(h.part().label() + ": " + Text.in(h.why(), units)));
    HardwareNeeds.hardware(plan, units).stream()
        .filter(n -> !n.inHand())
        .forEach(n -> missing.add(n.what() + ": not in hand"));
    return missing.isEmpty()
        ? new BriefCheck(
            wish.words(), State.HOLDS, "every part lies on a board, all hardware was measured")
        : new BriefCheck(
            wish.words(),
            State.BROKEN,
            missing.get(0) + (missing.size() > 1 ? ", and " + (missing.size() - 1) + " more" : ""));
  }

  private static BriefCheck costs(Plan plan, Brief.Wish wish) {
    Set<String> used = new TreeSet<>();
    plan.boards().laid().forEach(l -> used.add(l.board()));
    double sum = 0;
    for (String id : used) {
      Optional<Board> board = plan.shop().board(id);
      if (board.isPresent() && board.get().price().isEmpty()) {
        return new BriefCheck(wish.words(), State.UNKNOWN, "nobody said what " + id + " costs");
      }
      sum += board.map(b -> b.price().orElse(0)).orElse(0.0);
    }
    double over = sum - wish.limit();
    String by = NumberWriter.fixed(Math.abs(over), 2);
    return over > 0
        ? new BriefCheck(wish.words(), State.BROKEN, "broken by " + by)
        : new BriefCheck(
            wish.words(),
            -over < NEAR * wish.limit() ? State.CLOSE : State.HOLDS,
            NumberWriter.fixed(sum, 2) + ", " + by + " to spare");
  }
}
