package roughcut.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.schedule.RandomWork.NOW;
import static roughcut.schedule.RandomWork.ZONE;
import static roughcut.schedule.RandomWork.hours;
import static roughcut.schedule.RandomWork.later;
import static roughcut.schedule.RandomWork.of;
import static roughcut.schedule.RandomWork.work;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.measure.Text;
import roughcut.part.PartId;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.ShopHours;

/** Days of work over random shops, held against the clock on the wall. */
class ScheduleTest {
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
                  b,
                  "op",
                  Text.of("op"),
                  hours * 60L / builds,
                  false,
                  0,
                  List.of(),
                  Long.MIN_VALUE,
                  60,
                  PartId.NECK,
                  Set.of()));
        }
        Schedule schedule = of(new ShopPlanning(names, due, tasks), seldom);
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
          assertThat(schedule.trouble().orElseThrow().toString())
              .contains("isn't finished within 3 years");
          assertThat(schedule.blocks()).isEmpty();
          assertThat(schedule.finish()).isEmpty();
        }
      }
    }
  }

  /** Checked on the clock and the calendar, knowing nothing of how it was made. */
  private static void holds(ShopPlanning work, ShopHours hours, Schedule schedule) {
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
      for (int j = 0; j < at.length; j++) {
        Task glue = work.tasks().get(j);
        if (i != j && glue.blocks(task) && !at[j].start().isAfter(at[i].start())) {
          assertThat(at[i].start())
              .as(task.id() + " while its part lies in clamps by " + glue.id())
              .isAfterOrEqualTo(later(at[j].end(), glue.tail()));
        }
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
      ShopPlanning work = work(random, 1 + random.nextInt(30), 1 + random.nextInt(3));
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
      ShopPlanning work = work(random, 2 + random.nextInt(20), 1 + random.nextInt(2));
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

  /** A wait over the night when clocks go forward is as long as it says. */
  @Test
  void glueKnowsNoSummerTime() {
    LocalDateTime evening = LocalDateTime.of(2026, 3, 28, 18, 0);
    Task glue =
        new Task(
            0,
            "glue",
            Text.of("glue"),
            30,
            true,
            600,
            List.of(),
            Long.MIN_VALUE,
            0,
            PartId.NECK,
            Set.of());
    Task next =
        new Task(
            0,
            "plane",
            Text.of("plane"),
            30,
            false,
            0,
            List.of(new Task.After(0, 600)),
            Long.MIN_VALUE,
            0,
            PartId.NECK,
            Set.of());
    ShopPlanning work =
        new ShopPlanning(List.of("b"), List.of(Optional.empty()), List.of(glue, next));
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
    long warm = glueWait(ShopPlanning.of(List.of(plan), ShopHours.USUAL, Map.of()));
    long cold = glueWait(ShopPlanning.of(List.of(plan), ShopHours.USUAL.withWarmth(10), Map.of()));
    assertThat(cold).isEqualTo(Math.round(warm * 1.5));
  }

  private static long glueWait(ShopPlanning work) {
    return work.tasks().stream().filter(Task::whole).findFirst().orElseThrow().clamped();
  }

  @Test
  void aShopThatNeverOpensAndASessionTooShortAreSaid() {
    ShopPlanning work = work(new Random(3), 6, 1);
    ShopHours never = new ShopHours(List.of(), List.of(), 20, 1);
    assertThat(of(work, never).trouble())
        .hasValueSatisfying(w -> assertThat(w.toString()).contains("never"));
    assertThat(of(work, never).blocks()).isEmpty();
    Task long1 =
        new Task(
            0,
            "g",
            Text.of("Glue it"),
            90,
            true,
            60,
            List.of(),
            Long.MIN_VALUE,
            0,
            PartId.NECK,
            Set.of());
    ShopPlanning glue = new ShopPlanning(List.of("b"), List.of(Optional.empty()), List.of(long1));
    ShopHours short1 =
        new ShopHours(
            List.of(
                new ShopHours.Opening(DayOfWeek.MONDAY, LocalTime.of(18, 0), LocalTime.of(19, 0))),
            List.of(),
            20,
            1);
    assertThat(of(glue, short1).trouble().map(Text::toString))
        .contains("“Glue it” takes 90 minutes without a break, and the longest session is 60");
  }

  /** The demo's builds from now to their ends: everything physical holds, and slack is true. */
  @Test
  void aWholeShop() {
    List<Plan> plans =
        Demo.builds(NOW.toLocalDate()).stream().map(b -> Plan.of(b, Demo.shop())).toList();
    ShopPlanning work = ShopPlanning.of(plans, ShopHours.USUAL, Map.of());
    Schedule schedule = of(work, ShopHours.USUAL);
    assertThat(work.tasks().size()).isGreaterThan(150);
    holds(work, ShopHours.USUAL, schedule);
    for (int[] order : Permutations.of(work, ShopClock.minutes(NOW))) {
      assertThat(Permutations.valid(work, order)).isTrue();
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
        of(ShopPlanning.of(List.of(plan), ShopHours.USUAL, Map.of()), ShopHours.USUAL)
            .finish()
            .orElseThrow();
    for (int days : new int[] {-20, -1, 0, 3}) {
      Build due =
          dunlin.withBrief(
              dunlin.brief().withDue(Optional.of(finish.toLocalDate().plusDays(days))));
      Schedule schedule =
          of(
              ShopPlanning.of(List.of(Plan.of(due, Demo.shop())), ShopHours.USUAL, Map.of()),
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
