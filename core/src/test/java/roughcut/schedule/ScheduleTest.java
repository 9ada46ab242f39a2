package roughcut.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.ShopHours;

/** Days of work over random shops, held against the clock on the wall and against brute force. */
class ScheduleTest {
  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
  private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 4, 12, 0);

  private static ShopHours hours(Random random) {
    List<ShopHours.Opening> week = new ArrayList<>();
    for (DayOfWeek day : DayOfWeek.values()) {
      if (random.nextInt(3) > 0) {
        int from = 6 + random.nextInt(10);
        int to = from + 2 + random.nextInt(5);
        week.add(new ShopHours.Opening(day, LocalTime.of(from, 0), LocalTime.of(to, 30)));
        if (random.nextInt(4) == 0 && to < 20) {
          week.add(new ShopHours.Opening(day, LocalTime.of(to + 1, 0), LocalTime.of(23, 0)));
        }
      }
    }
    if (week.isEmpty()) {
      week.add(new ShopHours.Opening(DayOfWeek.SUNDAY, LocalTime.of(9, 0), LocalTime.of(12, 0)));
    }
    List<LocalDate> closed = new ArrayList<>();
    for (int i = 0; i < random.nextInt(5); i++) {
      closed.add(NOW.toLocalDate().plusDays(random.nextInt(30)));
    }
    return new ShopHours(week, closed, 20, 1 + random.nextInt(2));
  }

  private static Work work(Random random, int tasks, int builds) {
    List<Task> all = new ArrayList<>();
    for (int i = 0; i < tasks; i++) {
      List<Task.After> after = new ArrayList<>();
      for (int j = 0; j < i; j++) {
        if (all.get(j).build() == i * builds / tasks && random.nextInt(3) == 0) {
          after.add(new Task.After(j, random.nextInt(3) == 0 ? 60L * random.nextInt(40) : 0));
        }
      }
      boolean glue = random.nextInt(4) == 0;
      all.add(
          new Task(
              i * builds / tasks,
              "op" + i,
              "op " + i,
              15 + random.nextInt(glue ? 60 : 300),
              glue,
              glue ? 60L * (1 + random.nextInt(24)) : 0,
              after,
              random.nextInt(8) == 0
                  ? ShopClock.minutes(NOW.plusDays(random.nextInt(10)))
                  : Long.MIN_VALUE,
              random.nextInt(3) == 0 ? 60L * random.nextInt(40) : 0));
    }
    List<Optional<LocalDate>> due = new ArrayList<>();
    List<String> names = new ArrayList<>();
    for (int b = 0; b < builds; b++) {
      names.add("build " + b);
      due.add(Optional.empty());
    }
    return new Work(names, due, all);
  }

  private static Schedule of(Work work, ShopHours hours) {
    return Schedule.of(work, hours, NOW, ZONE);
  }

  /** Too few hours for the work are said, and few that do are not. */
  @Test
  void hoursThatAreTooFewForTheWorkAreSaid() {
    ShopHours.Opening sunday =
        new ShopHours.Opening(DayOfWeek.SUNDAY, LocalTime.of(9, 0), LocalTime.of(10, 0));
    ShopHours seldom = new ShopHours(List.of(sunday), List.of(), 20, 1);
    for (int builds : new int[] {1, 6}) {
      for (int hours : new int[] {140, 170}) {
        List<Task> tasks = new ArrayList<>();
        List<String> names = new ArrayList<>();
        List<Optional<LocalDate>> due = new ArrayList<>();
        for (int b = 0; b < builds; b++) {
          names.add("build");
          due.add(Optional.of(NOW.toLocalDate().plusDays(50)));
          tasks.add(
              new Task(
                  b, "op", "op", hours * 60L / builds, false, 0, List.of(), Long.MIN_VALUE, 60));
        }
        Schedule schedule = of(new Work(names, due, tasks), seldom);
        if (hours == 140) {
          assertThat(schedule.trouble()).isEmpty();
          assertThat(schedule.outcomes())
              .extracting(Schedule.Outcome::build)
              .as("of one name, told apart")
              .doesNotHaveDuplicates()
              .hasSize(builds);
          assertThat(schedule.finish().orElseThrow().toLocalDate())
              .as("an hour a week, the first on the first Sunday")
              .isEqualTo(
                  NOW.toLocalDate()
                      .with(TemporalAdjusters.nextOrSame(DayOfWeek.SUNDAY))
                      .plusWeeks(139));
        } else {
          assertThat(schedule.trouble().orElseThrow()).contains("isn't done within 3 years");
          assertThat(schedule.blocks()).isEmpty();
          assertThat(schedule.finish()).isEmpty();
        }
      }
    }
  }

  private static LocalDateTime later(LocalDateTime at, long minutes) {
    return at.atZone(ZONE).plusMinutes(minutes).toLocalDateTime();
  }

  /** Checked on the clock and the calendar, knowing nothing of how it was made. */
  private static void holds(Work work, ShopHours hours, Schedule schedule) {
    assertThat(schedule.blocks()).hasSize(work.tasks().size());
    Schedule.Block[] at = new Schedule.Block[work.tasks().size()];
    for (Schedule.Block block : schedule.blocks()) {
      at[work.tasks().indexOf(block.task())] = block;
    }
    List<Schedule.Piece> pieces = new ArrayList<>();
    for (int i = 0; i < at.length; i++) {
      Task task = work.tasks().get(i);
      long sum = 0;
      for (Schedule.Piece piece : at[i].pieces()) {
        sum += Duration.between(piece.from(), piece.to()).toMinutes();
        assertThat(hours.on(piece.from().getDayOfWeek()))
            .as("open from " + piece.from() + " to " + piece.to())
            .anyMatch(
                o ->
                    !o.from().isAfter(piece.from().toLocalTime())
                        && !o.to().isBefore(piece.to().toLocalTime()));
        assertThat(hours.closed()).doesNotContain(piece.from().toLocalDate());
      }
      assertThat(sum).as("hands of " + task.id()).isEqualTo(task.hands());
      assertThat(at[i].start()).isAfterOrEqualTo(NOW);
      if (task.notBefore() > Long.MIN_VALUE) {
        assertThat(at[i].start()).isAfterOrEqualTo(ShopClock.at(task.notBefore()));
      }
      if (task.whole()) {
        assertThat(at[i].pieces()).as("glue at a stretch").hasSize(1);
      }
      for (Task.After after : task.after()) {
        assertThat(at[i].start())
            .as(task.id() + " after " + after.task())
            .isAfterOrEqualTo(later(at[after.task()].end(), after.hold()));
      }
      pieces.addAll(at[i].pieces());
    }
    pieces.sort(Comparator.comparing(Schedule.Piece::from));
    for (int i = 1; i < pieces.size(); i++) {
      assertThat(pieces.get(i).from())
          .as("one pair of hands")
          .isAfterOrEqualTo(pieces.get(i - 1).to());
    }
    for (Schedule.Block glue : schedule.blocks()) {
      long together =
          schedule.blocks().stream()
              .filter(b -> b.task().clamped() > 0 && !b.end().isAfter(glue.end()))
              .filter(b -> later(b.end(), b.task().clamped()).isAfter(glue.start()))
              .count();
      if (glue.task().clamped() > 0) {
        assertThat(together).as("clamps").isLessThanOrEqualTo(hours.clampSets());
      }
    }
  }

  @Test
  void nothingIsBrokenInAnyShop() {
    for (int seed = 0; seed < 150; seed++) {
      Random random = new Random(seed);
      Work work = work(random, 1 + random.nextInt(30), 1 + random.nextInt(3));
      ShopHours hours = hours(random);
      Schedule schedule = of(work, hours);
      if (schedule.trouble().isEmpty()) {
        holds(work, hours, schedule);
      }
    }
  }

  /** More hours, fewer days off, more clamps: never done later. */
  @Test
  void moreHoursNeverFinishLater() {
    int compared = 0;
    for (int seed = 0; seed < 200; seed++) {
      Random random = new Random(1000 + seed);
      Work work = work(random, 2 + random.nextInt(20), 1 + random.nextInt(2));
      ShopHours hours = hours(random);
      Schedule before = of(work, hours);
      if (before.trouble().isPresent()) {
        continue;
      }
      DayOfWeek day = DayOfWeek.of(1 + random.nextInt(7));
      ShopHours more =
          switch (random.nextInt(3)) {
            case 0 ->
                hours.with(
                    day,
                    List.of(new ShopHours.Opening(day, LocalTime.of(5, 0), LocalTime.of(23, 30))));
            case 1 -> hours.withClosed(List.of());
            default -> hours.withClampSets(hours.clampSets() + 1);
          };
      compared++;
      assertThat(together(of(work, more))).as("seed " + seed).isLessThanOrEqualTo(together(before));
    }
    assertThat(compared).isGreaterThan(120);
  }

  /** Days from now to each build's end, together. */
  private static double together(Schedule schedule) {
    return schedule.outcomes().stream()
        .mapToDouble(o -> Duration.between(NOW, o.finish()).toMinutes() / 1440.0)
        .sum();
  }

  /** Every order of up to seven tasks, each as early as it goes, minute by minute. */
  private static LocalDateTime exact(Work work, ShopHours hours) {
    List<Integer> order = new ArrayList<>();
    LocalDateTime[] best = {LocalDateTime.MAX};
    permute(work, hours, order, new LocalDateTime[work.tasks().size()], NOW, best);
    return best[0];
  }

  private static void permute(
      Work work,
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

  private static Work inFives(Work work) {
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
              t.tail()));
    }
    return new Work(work.names(), work.due(), tasks);
  }

  /** Never earlier than the best order there is, and seldom later. */
  @Test
  void heldAgainstEveryOrderOfAFewTasks() {
    int same = 0;
    int tried = 0;
    double worst = 1;
    for (int seed = 0; seed < 40; seed++) {
      Random random = new Random(500 + seed);
      Work work = inFives(work(random, 2 + random.nextInt(5), 1));
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

  /** A wait over the night when clocks go forward is as long as it says. */
  @Test
  void glueKnowsNoSummerTime() {
    LocalDateTime evening = LocalDateTime.of(2026, 3, 28, 18, 0);
    Task glue = new Task(0, "glue", "glue", 30, true, 600, List.of(), Long.MIN_VALUE, 0);
    Task next =
        new Task(
            0, "plane", "plane", 30, false, 0, List.of(new Task.After(0, 600)), Long.MIN_VALUE, 0);
    Work work = new Work(List.of("b"), List.of(Optional.empty()), List.of(glue, next));
    List<ShopHours.Opening> week = new ArrayList<>();
    for (DayOfWeek day : DayOfWeek.values()) {
      week.add(new ShopHours.Opening(day, LocalTime.of(0, 0), LocalTime.of(23, 59)));
    }
    ShopHours always = new ShopHours(week, List.of(), 20, 1);
    Schedule schedule = Schedule.of(work, always, evening, ZONE);
    // 18:30 and ten hours: 04:30, which is 05:30 on the clock that was put forward.
    assertThat(schedule.blocks().get(1).start()).isEqualTo(LocalDateTime.of(2026, 3, 29, 5, 30));
  }

  @Test
  void theColdLengthensACureAndWarmthShortensNothing() {
    assertThat(ShopHours.USUAL.withWarmth(20).cureFactor()).isEqualTo(1);
    assertThat(ShopHours.USUAL.withWarmth(30).cureFactor()).isEqualTo(1);
    assertThat(ShopHours.USUAL.withWarmth(10).cureFactor()).isEqualTo(1.5);
    Plan plan = Plan.of(Demo.dunlin(NOW.toLocalDate()), Demo.shop());
    long warm = glueWait(Work.of(List.of(plan), ShopHours.USUAL, Map.of()));
    long cold = glueWait(Work.of(List.of(plan), ShopHours.USUAL.withWarmth(10), Map.of()));
    assertThat(cold).isEqualTo(warm * 3 / 2);
  }

  private static long glueWait(Work work) {
    return work.tasks().stream().filter(Task::whole).findFirst().orElseThrow().clamped();
  }

  @Test
  void aShopThatNeverOpensAndASessionTooShortAreSaid() {
    Work work = work(new Random(3), 6, 1);
    ShopHours never = new ShopHours(List.of(), List.of(), 20, 1);
    assertThat(of(work, never).trouble()).hasValueSatisfying(w -> assertThat(w).contains("never"));
    assertThat(of(work, never).blocks()).isEmpty();
    Task long1 = new Task(0, "g", "Glue it", 90, true, 60, List.of(), Long.MIN_VALUE, 0);
    Work glue = new Work(List.of("b"), List.of(Optional.empty()), List.of(long1));
    ShopHours short1 =
        new ShopHours(
            List.of(
                new ShopHours.Opening(DayOfWeek.MONDAY, LocalTime.of(18, 0), LocalTime.of(19, 0))),
            List.of(),
            20,
            1);
    assertThat(of(glue, short1).trouble())
        .contains("“Glue it” takes 90 minutes at a stretch, and the shop's longest session is 60");
  }

  /** The demo's builds from now to their ends: everything physical holds, and slack is true. */
  @Test
  void aWholeShop() {
    List<Plan> plans =
        Demo.builds(NOW.toLocalDate()).stream().map(b -> Plan.of(b, Demo.shop())).toList();
    Work work = Work.of(plans, ShopHours.USUAL, Map.of());
    Schedule schedule = of(work, ShopHours.USUAL);
    assertThat(work.tasks().size()).isGreaterThan(150);
    holds(work, ShopHours.USUAL, schedule);
    for (int[] order : Orders.of(work)) {
      assertThat(Orders.sound(work, order)).isTrue();
    }
    for (Schedule.Block block : schedule.blocks()) {
      assertThat(block.start()).isAfterOrEqualTo(NOW);
    }
  }

  /** A build whose day is too near is late by as much as is said; a later day isn't. */
  @Test
  void aDayThatCantHoldIsSaidAndOneThatCanIsNot() {
    Build dunlin = Demo.dunlin(NOW.toLocalDate());
    Plan plan = Plan.of(dunlin, Demo.shop());
    LocalDateTime finish =
        of(Work.of(List.of(plan), ShopHours.USUAL, Map.of()), ShopHours.USUAL)
            .finish()
            .orElseThrow();
    for (int days : new int[] {-20, -1, 0, 3}) {
      Build due =
          dunlin.withBrief(
              dunlin.brief().withDue(Optional.of(finish.toLocalDate().plusDays(days))));
      Schedule schedule =
          of(
              Work.of(List.of(Plan.of(due, Demo.shop())), ShopHours.USUAL, Map.of()),
              ShopHours.USUAL);
      Schedule.Outcome outcome = schedule.outcomes().get(0);
      assertThat(outcome.late()).as("due " + days).isEqualTo(days < 0);
      double left =
          Duration.between(finish, finish.toLocalDate().plusDays(days + 1L).atStartOfDay())
                  .toMinutes()
              / 1440.0;
      assertThat(outcome.slackDays().orElseThrow()).isCloseTo(left, within(1e-9));
      assertThat(schedule.critical()).isNotEmpty();
      assertThat(schedule.blocks().stream().anyMatch(b -> b.slack().isNegative()))
          .as("something had to be begun before now")
          .isEqualTo(days < 0);
    }
  }
}
