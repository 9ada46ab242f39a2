package roughcut.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static roughcut.schedule.RandomWork.NOW;
import static roughcut.schedule.RandomWork.hours;
import static roughcut.schedule.RandomWork.later;
import static roughcut.schedule.RandomWork.of;
import static roughcut.schedule.RandomWork.work;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.shop.ShopHours;

/** What is planned against the best of every order that a few tasks can be done in. */
class EveryOrderTest {
  /** Every order of up to seven tasks, each as early as it goes, minute by minute. */
  private static LocalDateTime exact(ShopPlanning work, ShopHours hours) {
    List<Integer> order = new ArrayList<>();
    LocalDateTime[] best = {LocalDateTime.MAX};
    permute(work, hours, order, new LocalDateTime[work.tasks().size()], NOW, best);
    return best[0];
  }

  private static void permute(
      ShopPlanning work,
      ShopHours hours,
      List<Integer> order,
      LocalDateTime[] end,
      LocalDateTime hands,
      LocalDateTime[] best) {
    if (order.size() == work.tasks().size()) {
      LocalDateTime finish = NOW;
      for (int i = 0; i < end.length; i++) {
        LocalDateTime done = later(end[i], work.tasks().get(i).tail());
        finish = done.isAfter(finish) ? done : finish;
      }
      best[0] = finish.isBefore(best[0]) ? finish : best[0];
      return;
    }
    for (int i = 0; i < work.tasks().size(); i++) {
      Task task = work.tasks().get(i);
      if (end[i] != null || task.after().stream().anyMatch(a -> end[a.task()] == null)) {
        continue;
      }
      LocalDateTime from = hands;
      for (Task.After after : task.after()) {
        LocalDateTime ready = later(end[after.task()], after.hold());
        from = ready.isAfter(from) ? ready : from;
      }
      for (int j : order) {
        if (work.tasks().get(j).blocks(task)) {
          LocalDateTime cured = later(end[j], work.tasks().get(j).tail());
          from = cured.isAfter(from) ? cured : from;
        }
      }
      if (task.notBefore() > Long.MIN_VALUE && ShopClock.at(task.notBefore()).isAfter(from)) {
        from = ShopClock.at(task.notBefore());
      }
      end[i] = worked(hours, from, task);
      order.add(i);
      permute(work, hours, order, end, end[i], best);
      order.remove(order.size() - 1);
      end[i] = null;
    }
  }

  /** Walks in steps of five minutes. */
  private static LocalDateTime worked(ShopHours hours, LocalDateTime from, Task task) {
    LocalDateTime at = from;
    long left = task.hands();
    while (left > 0) {
      boolean open = open(hours, at);
      if (task.whole() && left == task.hands() && open) {
        LocalDateTime start = at;
        for (long m = 0; m < task.hands() && open; m += 5) {
          open = open(hours, start.plusMinutes(m));
        }
      }
      left = open ? left - 5 : task.whole() ? task.hands() : left;
      at = at.plusMinutes(5);
    }
    return at;
  }

  private static boolean open(ShopHours hours, LocalDateTime at) {
    return !hours.closed().contains(at.toLocalDate())
        && hours.on(at.getDayOfWeek()).stream()
            .anyMatch(o -> !o.from().isAfter(at.toLocalTime()) && o.to().isAfter(at.toLocalTime()));
  }

  private static ShopPlanning inFives(ShopPlanning work) {
    List<Task> tasks = new ArrayList<>();
    for (Task t : work.tasks()) {
      long hands = Math.max(5, t.hands() / 5 * 5);
      // Clamps are left out: there are enough of them here.
      tasks.add(
          new Task(
              t.build(),
              t.id(),
              t.title(),
              hands,
              t.whole(),
              0,
              t.after(),
              t.notBefore(),
              t.tail(),
              t.part(),
              t.holds()));
    }
    return new ShopPlanning(work.names(), work.due(), tasks);
  }

  /** Never earlier than the best order there is, and seldom later. */
  @Test
  void heldAgainstEveryOrderOfAFewTasks() {
    int same = 0;
    int tried = 0;
    double worst = 1;
    for (int seed = 0; seed < 40; seed++) {
      Random random = new Random(500 + seed);
      ShopPlanning work = inFives(work(random, 2 + random.nextInt(5), 1));
      ShopHours hours = hours(random).withClampSets(9);
      Schedule schedule = of(work, hours);
      if (schedule.trouble().isPresent()) {
        continue;
      }
      tried++;
      LocalDateTime best = exact(work, hours);
      LocalDateTime found = schedule.finish().orElseThrow();
      assertThat(found).as("seed " + seed).isAfterOrEqualTo(best);
      same += found.equals(best) ? 1 : 0;
      worst =
          Math.max(
              worst,
              (double) Duration.between(NOW, found).toMinutes()
                  / Duration.between(NOW, best).toMinutes());
    }
    assertThat(same).as("as good as the best, of " + tried).isGreaterThan(tried * 3 / 4);
    assertThat(worst).as("the worst of them").isLessThan(1.5);
  }

  /**
   * What the maker moved to a day of its own can be begun at its latest too: among all orders there
   * is one that still ends in time.
   */
  @Test
  void whatWasMovedToADayCanBeBegunAtItsLatest() {
    int tried = 0;
    int put = 0;
    for (int seed = 0; seed < 160; seed++) {
      Random random = new Random(900 + seed);
      ShopPlanning bare = inFives(work(random, 2 + random.nextInt(4), 1));
      ShopHours hours = hours(random).withClampSets(9);
      Schedule first = of(bare, hours);
      if (first.trouble().isPresent() || bare.tasks().stream().noneMatch(EveryOrderTest::moved)) {
        continue;
      }
      LocalDate due = first.finish().orElseThrow().toLocalDate().plusDays(random.nextInt(6));
      ShopPlanning work = new ShopPlanning(bare.names(), List.of(Optional.of(due)), bare.tasks());
      for (Schedule.Block block : of(work, hours).blocks()) {
        if (!moved(block.task())) {
          continue;
        }
        int i = work.tasks().indexOf(block.task());
        ShopPlanning later = RandomWork.later(work, i, block.latest());
        assertThat(exact(later, hours))
            .as("seed " + seed + ": " + block.task().id() + " begun at " + block.latest())
            .isBeforeOrEqualTo(due.plusDays(1).atStartOfDay());
        put += block.slack().isZero() ? 0 : 1;
        tried++;
      }
    }
    assertThat(tried).isGreaterThan(40);
    assertThat(put).as("that can be put off at all").isGreaterThan(15);
  }

  private static boolean moved(Task task) {
    return task.notBefore() > ShopClock.minutes(NOW);
  }
}
