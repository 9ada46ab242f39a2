package roughcut.schedule;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roughcut.measure.Text;
import roughcut.part.PartId;
import roughcut.shop.ShopHours;

/**
 * When everything that is still to be done is done: one pair of hands, the shop's hours, waits by
 * the clock, glue-ups at a stretch and no more of them at once than there are clamps for (handbook
 * page 7, "Schedule"). Not the best there could be, but a good one: first no build later than its
 * day, then all of them early together. More hours never make the builds, taken together, later.
 */
public final class Schedule {
  /**
   * One operation in its days.
   *
   * @param pieces when it is worked at: more than one where it goes over a session's end
   * @param waitsUntil until when it waits after it; its own end where it doesn't
   * @param latest when it has to be begun at the latest, for the build's day or else its end
   */
  public record Block(
      Task task, List<Piece> pieces, LocalDateTime waitsUntil, LocalDateTime latest) {
    public LocalDateTime start() {
      return pieces.get(0).from();
    }

    public LocalDateTime end() {
      return pieces.get(pieces.size() - 1).to();
    }

    /** How long it could be put off without anything being late. */
    public Duration slack() {
      return Duration.between(start(), latest);
    }

    /** The same in days of 24 hours. */
    public double slackDays() {
      return ShopClock.days(slack());
    }
  }

  /** A stretch of work in one session. */
  public record Piece(LocalDateTime from, LocalDateTime to) {}

  /**
   * How one build comes out.
   *
   * @param build which of them it is; two may have one name
   * @param finish when it is done, waits and all
   * @param due its day
   * @param slackDays from its finish to the end of its day; less than 0 when it is late, empty
   *     without a day
   */
  public record Outcome(
      int build,
      String name,
      LocalDateTime finish,
      Optional<LocalDate> due,
      Optional<Double> slackDays) {
    public boolean late() {
      return slackDays.filter(d -> d < 0).isPresent();
    }
  }

  private final ShopPlanning work;
  private final ShopClock clock;
  private final List<Block> blocks = new ArrayList<>();
  private final List<Outcome> outcomes = new ArrayList<>();
  private final Text trouble;

  private Schedule(ShopPlanning work, ShopHours hours, LocalDateTime now, ZoneId zone) {
    this.work = work;
    this.clock = new ShopClock(hours, now.toLocalDate(), zone);
    Text wrong = trouble(hours);
    if (wrong.isEmpty()) {
      Run best = best(hours, ShopClock.minutes(now));
      if (Arrays.stream(best.end()).allMatch(e -> e < ShopClock.NEVER)) {
        blocks(best);
      } else {
        wrong =
            Text.of(
                "with these hours the work isn't finished within {years} years: add opening hours",
                ShopClock.YEARS);
      }
    }
    this.trouble = wrong;
  }

  /** From now on. */
  public static Schedule of(ShopPlanning work, ShopHours hours, LocalDateTime now, ZoneId zone) {
    return new Schedule(work, hours, now, zone);
  }

  /** Why there can be no schedule, in words; empty when there is one. */
  public Optional<Text> trouble() {
    return trouble.isEmpty() ? Optional.empty() : Optional.of(trouble);
  }

  /** Everything that is to be done, in the order of doing. */
  public List<Block> blocks() {
    return List.copyOf(blocks);
  }

  /** Each build's end, in their order; none where there is no schedule. */
  public List<Outcome> outcomes() {
    return List.copyOf(outcomes);
  }

  /** When all of it is done; empty where there is no schedule or nothing to do. */
  public Optional<LocalDateTime> finish() {
    return outcomes.stream().map(Outcome::finish).max(Comparator.naturalOrder());
  }

  /** What mustn't be put off: each leads to the next without room, to a build's end. */
  public List<Block> critical() {
    long least = blocks.stream().mapToLong(b -> b.slack().toMinutes()).min().orElse(Long.MAX_VALUE);
    return blocks.stream().filter(b -> b.slack().toMinutes() <= Math.max(0, least)).toList();
  }

  private Text trouble(ShopHours hours) {
    if (work.tasks().isEmpty()) {
      return Text.NONE;
    }
    if (!clock.opens()) {
      return Text.of("the shop is never open: set its hours, and dates can be planned");
    }
    return work.tasks().stream()
        .filter(t -> t.whole() && t.hands() > clock.longest())
        .findFirst()
        .map(
            t ->
                Text.of(
                    "“{title}” takes {hands} minutes without a break, and the longest session is "
                        + "{longest}",
                    t.title(),
                    t.hands(),
                    clock.longest()))
        .orElse(Text.NONE);
  }

  /**
   * An order worked through: begin and end of each task.
   *
   * @param clampedAfter of each glue-up the one whose clamps it takes over; −1 for none
   */
  private record Run(
      int[] order,
      long[] start,
      long[] end,
      int[] clampedAfter,
      long late,
      long finishes,
      int apart) {
    static final Comparator<Run> BETTER =
        Comparator.comparingLong(Run::late)
            .thenComparingLong(Run::finishes)
            .thenComparingInt(Run::apart);
  }

  private Run best(ShopHours hours, long now) {
    Run best = null;
    for (int[] order : Permutations.of(work, now)) {
      Run run = run(order, hours.clampSets(), now);
      if (best == null || Run.BETTER.compare(run, best) < 0) {
        best = run;
      }
    }
    return best;
  }

  /** The sets of clamps while an order is worked through: when each is free, and after whom. */
  private static final class Clamps {
    private final long[] free;
    private final int[] after;

    Clamps(int sets, List<Long> held) {
      free = new long[sets];
      after = new int[sets];
      Arrays.fill(free, Long.MIN_VALUE);
      Arrays.fill(after, -1);
      // Those that are taken longest, should there be fewer sets than were taken.
      List<Long> longest = held.stream().sorted(Comparator.reverseOrder()).limit(sets).toList();
      for (int i = 0; i < longest.size(); i++) {
        free[i] = longest.get(i);
      }
    }

    int first() {
      int first = 0;
      for (int i = 1; i < free.length; i++) {
        first = free[i] < free[first] ? i : first;
      }
      return first;
    }
  }

  /** Works through an order: each as early as it can be after the one before it in the order. */
  private Run run(int[] order, int clampSets, long now) {
    long[] start = new long[order.length];
    long[] end = new long[order.length];
    int[] clampedAfter = new int[order.length];
    Arrays.fill(clampedAfter, -1);
    Clamps clamps = new Clamps(clampSets, work.held());
    long[][] held = new long[work.names().size()][PartId.values().length];
    for (long[] parts : held) {
      Arrays.fill(parts, Long.MIN_VALUE);
    }
    long hands = now;
    int apart = 0;
    for (int i : order) {
      Task task = work.tasks().get(i);
      long from = Math.max(hands, task.notBefore());
      from = Math.max(from, held[task.build()][task.part().ordinal()]);
      for (Task.After after : task.after()) {
        from = Math.max(from, clock.after(end[after.task()], after.hold()));
      }
      int set = clamps.first();
      if (task.clamped() > 0) {
        from = Math.max(from, clamps.free[set]);
      }
      start[i] = task.whole() ? clock.whole(from, task.hands()) : clock.open(from);
      end[i] = clock.done(start[i], task.hands());
      hands = end[i];
      if (task.clamped() > 0) {
        clampedAfter[i] = clamps.after[set];
        clamps.after[set] = i;
        clamps.free[set] = clock.after(end[i], task.clamped());
      }
      if (!task.holds().isEmpty()) {
        long cured = clock.after(end[i], task.tail());
        for (PartId part : task.holds()) {
          held[task.build()][part.ordinal()] = Math.max(held[task.build()][part.ordinal()], cured);
        }
        // A glue-up in the middle of a session is as long as the shop stands before it is cured.
        apart += clock.closes(start[i]) - end[i] > 60 ? 1 : 0;
      }
    }
    long[] finish = finishes(end);
    long late = 0;
    for (int b = 0; b < finish.length; b++) {
      // What is never done must not outrun the numbers when builds are summed.
      long f = Math.min(finish[b], ShopClock.NEVER / 1024);
      finish[b] = f;
      late += work.due().get(b).map(d -> Math.max(0, f - ShopClock.endOf(d))).orElse(0L);
    }
    // All builds early counts, not only the last: one that is done can be played.
    long sum = Arrays.stream(finish).map(f -> Math.max(f, now) - now).sum();
    return new Run(order, start, end, clampedAfter, late, sum, apart);
  }

  private long[] finishes(long[] end) {
    long[] finish = new long[work.names().size()];
    Arrays.fill(finish, Long.MIN_VALUE);
    for (int i = 0; i < end.length; i++) {
      Task task = work.tasks().get(i);
      finish[task.build()] = Math.max(finish[task.build()], clock.after(end[i], task.tail()));
    }
    return finish;
  }

  private void blocks(Run run) {
    long[] finish = finishes(run.end());
    long[] latest = latest(run, finish);
    for (int i : run.order()) {
      List<Piece> pieces =
          clock.pieces(run.start()[i], run.end()[i]).stream()
              .map(p -> new Piece(ShopClock.at(p[0]), ShopClock.at(p[1])))
              .toList();
      Task task = work.tasks().get(i);
      long waits = clock.after(run.end()[i], task.tail());
      if (!pieces.isEmpty()) {
        blocks.add(new Block(task, pieces, ShopClock.at(waits), ShopClock.at(latest[i])));
      }
    }
    for (int b = 0; b < finish.length; b++) {
      if (finish[b] == Long.MIN_VALUE) {
        continue; // nothing is left to do
      }
      long f = finish[b];
      outcomes.add(
          new Outcome(
              b,
              work.names().get(b),
              ShopClock.at(f),
              work.due().get(b),
              work.due()
                  .get(b)
                  .map(d -> ShopClock.days(Duration.ofMinutes(ShopClock.endOf(d) - f)))));
    }
  }

  /**
   * When each has to be begun at the latest, so that nothing is done later than its day: in the
   * order that is planned, with one pair of hands, the clamps that there are, parts in clamps left
   * alone, and glue-ups at a stretch. A build that is late already is held to its end, so that it
   * gets no later; what of it had to be begun before now is told by its own day.
   */
  private long[] latest(Run run, long[] finish) {
    long[] days = new long[finish.length];
    long[] own = new long[finish.length];
    boolean late = false;
    for (int b = 0; b < finish.length; b++) {
      own[b] = work.due().get(b).map(ShopClock::endOf).orElse(finish[b]);
      days[b] = Math.max(own[b], finish[b]);
      late |= own[b] < finish[b];
    }
    long[] latest = new Backwards(run, days, null).latest;
    if (late) {
      long[] wished = new Backwards(run, own, latest).latest;
      for (int i = 0; i < latest.length; i++) {
        int b = work.tasks().get(i).build();
        latest[i] = own[b] < finish[b] ? Math.min(latest[i], wished[i]) : latest[i];
      }
    }
    for (int i = 0; i < latest.length; i++) {
      latest[i] =
          latest[i] <= -ShopClock.NEVER
              ? ShopClock.minutes(LocalDateTime.of(1970, 1, 1, 0, 0))
              : latest[i];
    }
    return latest;
  }

  /** An order worked through backwards: latest beginnings. */
  private final class Backwards {
    private final long[] latest;
    private final long[] latestEnd;
    private final long[] others;

    /**
     * Works it out.
     *
     * @param days by which each build is to be done
     * @param others latest beginnings of other builds' tasks; null where all are worked out here
     */
    Backwards(Run run, long[] days, long[] others) {
      int n = work.tasks().size();
      this.others = others;
      latest = new long[n];
      latestEnd = new long[n];
      Arrays.fill(latestEnd, ShopClock.NEVER);
      for (int k = n - 1; k >= 0; k--) {
        int i = run.order()[k];
        Task task = work.tasks().get(i);
        limit(i, clock.ago(days[task.build()], task.tail()));
        if (k < n - 1) {
          limit(i, beginning(run.order()[k + 1], task.build()));
        }
        latest[i] =
            task.whole()
                ? clock.latestWhole(latestEnd[i], task.hands())
                : clock.latest(latestEnd[i], task.hands());
        for (Task.After after : task.after()) {
          limit(after.task(), clock.ago(latest[i], after.hold()));
        }
        for (int j = 0; j < k; j++) {
          int before = run.order()[j];
          if (work.tasks().get(before).blocks(task)) {
            limit(before, clock.ago(latest[i], work.tasks().get(before).tail()));
          }
        }
        int clamps = run.clampedAfter()[i];
        if (clamps >= 0) {
          Task glued = work.tasks().get(clamps);
          limit(clamps, clock.ago(beginning(i, glued.build()), glued.clamped()));
        }
      }
    }

    private void limit(int task, long end) {
      latestEnd[task] = Math.min(latestEnd[task], end);
    }

    private long beginning(int task, int seenFrom) {
      return others == null || work.tasks().get(task).build() == seenFrom
          ? latest[task]
          : others[task];
    }
  }
}
