package roughcut.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import roughcut.part.PartId;

/**
 * Orders in which tasks may be taken up: each a list schedule over hours of a pattern, the longest
 * remaining chain first, or the build that is due first. The patterns don't know when the shop is
 * really open, so that more hours only ever make an order end earlier.
 */
final class Permutations {
  /** Hours a day of the patterns, from a shop that is open all day to one of short evenings. */
  private static final int[] PATTERNS = {24, 9, 5, 3, 2, 1};

  private static final long DAY = 24 * 60;

  /** So many fixed steps are left out of mind in turn. */
  private static final int MOST_FIXED = 6;

  private final ShopPlanning work;
  private final long now;
  private final IntPredicate minds;
  private final long[] chains;

  private Permutations(ShopPlanning work, long now, IntPredicate minds) {
    this.work = work;
    this.now = now;
    this.minds = minds;
    this.chains = work.chains();
  }

  /**
   * Several orders, each with everything in it once and nothing before what it needs.
   *
   * @param now from when on, minutes: what isn't begun before a day comes after what is free in
   *     some of them, and where it would come anyway in others
   */
  static List<int[]> of(ShopPlanning work, long now) {
    List<int[]> all = new ArrayList<>();
    new Permutations(work, now, i -> false).into(all);
    List<Integer> fixed =
        IntStream.range(0, work.tasks().size())
            .filter(i -> work.tasks().get(i).notBefore() > now)
            .boxed()
            .toList();
    if (!fixed.isEmpty()) {
      new Permutations(work, now, i -> true).into(all);
      // Whoever fixes one more step finds at least the order again that stood before.
      fixed.stream()
          .sorted(Comparator.comparingLong(i -> -work.tasks().get(i).notBefore()))
          .limit(MOST_FIXED)
          .forEach(one -> new Permutations(work, now, i -> i != one).into(all));
    }
    return all;
  }

  private void into(List<int[]> all) {
    for (int hours : PATTERNS) {
      all.add(list(hours * 60L, longest(), true));
      all.add(list(hours * 60L, longest(), false));
      if (work.names().size() > 1) {
        all.add(list(hours * 60L, dueFirst(longest()), true));
        all.add(list(hours * 60L, dueFirst(leastLeftFirst()), true));
        all.add(list(hours * 60L, leastLeftFirst(), true));
      }
    }
  }

  private Comparator<Integer> longest() {
    return Comparator.<Integer>comparingLong(i -> -chains[i]).thenComparingInt(i -> i);
  }

  /** The build that is due first; those without a day fill its waits, in another order. */
  private Comparator<Integer> dueFirst(Comparator<Integer> others) {
    return Comparator.<Integer>comparingLong(
            i ->
                work.due()
                    .get(work.tasks().get(i).build())
                    .map(d -> d.toEpochDay())
                    .orElse(9999999L))
        .thenComparing(others);
  }

  /** The build with the least left to do first, so that it is out of the way. */
  private Comparator<Integer> leastLeftFirst() {
    long[] left = new long[work.names().size()];
    work.tasks().forEach(t -> left[t.build()] += t.hands());
    return Comparator.<Integer>comparingLong(i -> left[work.tasks().get(i).build()])
        .thenComparing(longest());
  }

  /**
   * One order.
   *
   * @param open minutes a day
   * @param glueLast whether a glue-up waits for the end of a session when something else can be
   *     done
   */
  private int[] list(long open, Comparator<Integer> first, boolean glueLast) {
    int n = work.tasks().size();
    long[] ready = new long[n];
    int[] missing = new int[n];
    List<List<Integer>> next = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      next.add(new ArrayList<>());
    }
    for (int i = 0; i < n; i++) {
      Task task = work.tasks().get(i);
      ready[i] = minds.test(i) ? fixed(task) : 0;
      missing[i] = task.after().size();
      for (Task.After after : task.after()) {
        next.get(after.task()).add(i);
      }
    }
    PriorityQueue<Integer> now = new PriorityQueue<>(first);
    PriorityQueue<Integer> later =
        new PriorityQueue<>(Comparator.<Integer>comparingLong(i -> ready[i]).thenComparing(first));
    for (int i = 0; i < n; i++) {
      if (missing[i] == 0) {
        later.add(i);
      }
    }
    int[] order = new int[n];
    long[][] held = new long[work.names().size()][PartId.values().length];
    long clock = 0;
    for (int done = 0; done < n; done++) {
      if (now.isEmpty() && ready[later.peek()] > clock) {
        clock = opened(ready[later.peek()], open);
      }
      while (!later.isEmpty() && ready[later.peek()] <= clock) {
        now.add(later.poll());
      }
      int i = pick(now, clock, open, glueLast, held);
      order[done] = i;
      Task task = work.tasks().get(i);
      long from = Math.max(clock, held[task.build()][task.part().ordinal()]);
      clock = worked(opened(from, open), task.hands(), open);
      for (PartId part : task.holds()) {
        held[task.build()][part.ordinal()] =
            Math.max(held[task.build()][part.ordinal()], clock + task.tail());
      }
      for (int follower : next.get(i)) {
        long wait =
            work.tasks().get(follower).after().stream()
                .filter(a -> a.task() == i)
                .mapToLong(Task.After::hold)
                .max()
                .orElse(0);
        ready[follower] = Math.max(ready[follower], clock + wait);
        if (--missing[follower] == 0) {
          later.add(follower);
        }
      }
    }
    return order;
  }

  /** The first one; or, while a glue-up would still fit after it, the first that isn't one. */
  private int pick(
      PriorityQueue<Integer> now, long clock, long open, boolean glueLast, long[][] held) {
    int best = now.peek();
    if (waits(best, clock, held)) {
      // Its part lies in clamps: the first of those whose doesn't, or else that is free first.
      best =
          now.stream()
              .min(
                  Comparator.<Integer>comparingLong(i -> Math.max(clock, held(i, held)))
                      .thenComparing(now.comparator()))
              .orElseThrow();
      now.remove(best);
      return best;
    }
    Task glue = work.tasks().get(best);
    if (glueLast && glue.whole()) {
      long left = open - clock % DAY;
      Integer other = null;
      for (Integer i : now) {
        Task task = work.tasks().get(i);
        boolean fits =
            !waits(i, clock, held) && !task.whole() && task.hands() + glue.hands() <= left;
        if (fits && (other == null || chains[i] > chains[other])) {
          other = i;
        }
      }
      if (other != null) {
        now.remove(other);
        return other;
      }
    }
    return now.poll();
  }

  private long held(int task, long[][] held) {
    Task t = work.tasks().get(task);
    return held[t.build()][t.part().ordinal()];
  }

  private boolean waits(int task, long clock, long[][] held) {
    return held(task, held) > clock;
  }

  /** When what isn't begun before a moment may be begun, by the clock of the patterns. */
  private long fixed(Task task) {
    return task.notBefore() <= now ? 0 : task.notBefore() - now;
  }

  private static long opened(long clock, long open) {
    long day = clock / DAY;
    return clock - day * DAY < open ? clock : (day + 1) * DAY;
  }

  private static long worked(long start, long hands, long open) {
    long day = start / DAY;
    long done = start - day * DAY + hands;
    while (done > open) {
      done -= open;
      day++;
    }
    return day * DAY + done;
  }

  /** Whether an order has everything in it once and nothing before what it needs. */
  static boolean valid(ShopPlanning work, int[] order) {
    boolean[] done = new boolean[work.tasks().size()];
    for (int i : order) {
      if (done[i] || work.tasks().get(i).after().stream().anyMatch(a -> !done[a.task()])) {
        return false;
      }
      done[i] = true;
    }
    return order.length == done.length && Arrays.equals(done, filled(done.length));
  }

  private static boolean[] filled(int n) {
    boolean[] all = new boolean[n];
    Arrays.fill(all, true);
    return all;
  }
}
