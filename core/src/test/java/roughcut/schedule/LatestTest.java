package roughcut.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static roughcut.schedule.RandomWork.NOW;
import static roughcut.schedule.RandomWork.ZONE;
import static roughcut.schedule.RandomWork.hours;
import static roughcut.schedule.RandomWork.of;
import static roughcut.schedule.RandomWork.work;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
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
import roughcut.record.DoneOperation;
import roughcut.shop.Shop;
import roughcut.shop.ShopHours;

/** Slack and latest beginnings are true: each is tried by beginning then. */
class LatestTest {
  private static Task task(String id, long hands, List<Task.After> after, long notBefore) {
    return new Task(
        0, id, Text.raw(id), hands, false, 0, after, notBefore, 0, PartId.BODY, Set.of());
  }

  private static Task free(String id, long hands) {
    return task(id, hands, List.of(), Long.MIN_VALUE);
  }

  private static ShopPlanning one(Optional<LocalDate> due, Task... tasks) {
    return new ShopPlanning(List.of("build"), List.of(due), List.of(tasks));
  }

  /** Weekday evenings from six to nine, as a shop beside a day's work is open. */
  private static ShopHours evenings() {
    List<ShopHours.Opening> week = new ArrayList<>();
    for (DayOfWeek day : DayOfWeek.values()) {
      if (day.getValue() <= 5) {
        week.add(new ShopHours.Opening(day, LocalTime.of(18, 0), LocalTime.of(21, 0)));
      }
    }
    return new ShopHours(week, List.of(), 20, 1);
  }

  /** Each step begun at its latest and everything planned again: nothing is later than its day. */
  @Test
  void begunAtItsLatestNothingIsLate() {
    int tried = 0;
    int put = 0;
    for (int seed = 0; seed < 60; seed++) {
      Random random = new Random(7000 + seed);
      ShopPlanning bare = work(random, 2 + random.nextInt(10), 1 + random.nextInt(2));
      ShopHours hours = hours(random);
      Schedule first = of(bare, hours);
      if (first.trouble().isPresent()) {
        continue;
      }
      List<Optional<LocalDate>> due = new ArrayList<>();
      for (Schedule.Outcome outcome : first.outcomes()) {
        due.add(
            random.nextInt(3) == 0
                ? Optional.empty()
                : Optional.of(outcome.finish().toLocalDate().plusDays(random.nextInt(9))));
      }
      if (due.size() < bare.names().size()) {
        continue;
      }
      ShopPlanning work = new ShopPlanning(bare.names(), due, bare.tasks());
      Schedule schedule = of(work, hours);
      for (Schedule.Block block : schedule.blocks()) {
        int i = work.tasks().indexOf(block.task());
        if (block.task().notBefore() > ShopClock.minutes(NOW)) {
          continue; // moved on from its own day it is another plan, with an order of its own
        }
        assertThat(block.latest()).as("seed " + seed).isAfterOrEqualTo(block.start());
        Schedule again = of(RandomWork.later(work, i, block.latest()), hours);
        long minutes = 0;
        for (int b = 0; b < due.size(); b++) {
          LocalDateTime finish = again.outcomes().get(b).finish();
          Optional<LocalDateTime> by = due.get(b).map(d -> d.plusDays(1).atStartOfDay());
          if (by.isPresent()) {
            assertThat(finish)
                .as("seed " + seed + ": " + block.task().id() + " begun at " + block.latest())
                .isBeforeOrEqualTo(by.get());
          }
          // Builds without a day may give way to each other, and together aren't later.
          LocalDateTime end = by.orElse(schedule.outcomes().get(b).finish());
          minutes += Duration.between(finish, end).toMinutes();
        }
        assertThat(minutes)
            .as("seed " + seed + ": " + block.task().id() + " begun at " + block.latest())
            .isNotNegative();
        LocalDateTime at = block.latest();
        LocalTime last =
            at.toLocalTime().plusMinutes(block.task().whole() ? block.task().hands() : 1);
        assertThat(hours.on(at.getDayOfWeek()))
            .as("seed " + seed + ": it can be begun then, at a stretch where it is glue")
            .anyMatch(o -> !o.from().isAfter(at.toLocalTime()) && !o.to().isBefore(last));
        put += block.slack().isZero() ? 0 : 1;
        tried++;
      }
    }
    assertThat(tried).isGreaterThan(200);
    assertThat(put).as("that can be put off at all").isGreaterThan(60);
  }

  /** Three hours of work in one evening of three hours, due that day: nothing can be put off. */
  @Test
  void threeHoursInAThreeHourEveningLeaveNoSlack() {
    ShopPlanning work =
        one(Optional.of(NOW.toLocalDate()), free("a", 60), free("b", 60), free("c", 60));
    Schedule schedule = of(work, evenings());
    assertThat(schedule.outcomes().get(0).late()).isFalse();
    assertThat(schedule.blocks()).hasSize(3).allMatch(b -> b.slack().isZero());
    ShopPlanning two = one(Optional.of(NOW.toLocalDate()), free("a", 60), free("b", 60));
    assertThat(of(two, evenings()).blocks())
        .extracting(b -> b.slack().toMinutes())
        .containsExactly(60L, 60L);
  }

  /** A step fixed to Friday, and two hours that are free: done on Friday, not on Monday. */
  @Test
  void whatIsntBegunBeforeADayDelaysOnlyItself() {
    LocalDate friday =
        NOW.toLocalDate().with(java.time.temporal.TemporalAdjusters.next(DayOfWeek.FRIDAY));
    Task fixed = task("fixed", 100, List.of(), ShopClock.minutes(friday.atStartOfDay()));
    Schedule schedule = of(one(Optional.empty(), fixed, free("free", 120)), evenings());
    assertThat(schedule.finish().orElseThrow()).isEqualTo(friday.atTime(19, 40));
    assertThat(schedule.blocks().get(0).task().id()).isEqualTo("free");
  }

  /** A glue-up is begun at its latest where it can be: at a stretch, in one session. */
  @Test
  void theLatestOfAGlueUpIsATimeAtWhichItCanBeBegun() {
    Task glue =
        new Task(
            0,
            "glue",
            Text.of("glue"),
            60,
            true,
            45,
            List.of(),
            Long.MIN_VALUE,
            0,
            PartId.NECK,
            Set.of(PartId.NECK));
    Task after = task("after", 150, List.of(new Task.After(0, 0)), Long.MIN_VALUE);
    LocalDate due = NOW.toLocalDate().plusDays(1);
    Schedule schedule = of(one(Optional.of(due), glue, after), evenings());
    LocalDateTime latest = schedule.blocks().get(0).latest();
    // 150 minutes before Tuesday's nine leave half an hour of it: too short for an hour at a
    // stretch.
    assertThat(latest).isEqualTo(NOW.toLocalDate().atTime(20, 0));
  }

  /** The neck isn't sawn in its clamps, and clamps are free again once they are off. */
  @Test
  void aPartInClampsIsLeftAloneAndClampsAreHeldAsLongAsTheyClamp() {
    Task glue =
        new Task(
            0,
            "glue",
            Text.of("glue"),
            45,
            true,
            45,
            List.of(),
            Long.MIN_VALUE,
            24 * 60,
            PartId.FRETBOARD,
            Set.of(PartId.NECK, PartId.FRETBOARD));
    Task outline =
        new Task(
            0,
            "outline",
            Text.of("outline"),
            60,
            false,
            0,
            List.of(),
            Long.MIN_VALUE,
            0,
            PartId.NECK,
            Set.of());
    Task other =
        new Task(
            0,
            "halves",
            Text.of("halves"),
            45,
            true,
            45,
            List.of(),
            Long.MIN_VALUE,
            24 * 60,
            PartId.BODY,
            Set.of(PartId.BODY));
    ShopHours allDay =
        evenings()
            .with(
                DayOfWeek.MONDAY,
                List.of(
                    new ShopHours.Opening(
                        DayOfWeek.MONDAY, LocalTime.of(8, 0), LocalTime.of(22, 0))));
    Schedule schedule = of(one(Optional.empty(), glue, outline, other), allDay);
    Map<String, Schedule.Block> by = new java.util.HashMap<>();
    schedule.blocks().forEach(b -> by.put(b.task().id(), b));
    Schedule.Block glued = by.get("glue");
    boolean before = !by.get("outline").end().isAfter(glued.start());
    boolean cured = !by.get("outline").start().isBefore(glued.end().plusHours(24));
    assertThat(before || cured).isTrue();
    assertThat(
            Duration.between(
                    schedule.blocks().stream()
                        .filter(b -> b.task().clamped() > 0)
                        .map(Schedule.Block::end)
                        .min(LocalDateTime::compareTo)
                        .orElseThrow(),
                    schedule.blocks().stream()
                        .filter(b -> b.task().clamped() > 0)
                        .map(Schedule.Block::start)
                        .max(LocalDateTime::compareTo)
                        .orElseThrow())
                .toMinutes())
        .as("one set, free after three quarters of an hour")
        .isBetween(45L, 120L);
  }

  /** What was glued an hour ago still cures, holds its part, and its clamps while they clamp. */
  @Test
  void whatWasGluedAlreadyCountsForTheDays() {
    Build heron = Demo.heron(NOW.toLocalDate());
    Build glued =
        heron.withLog(
            heron
                .log()
                .without(DoneOperation.of("board.glue", NOW))
                .with(DoneOperation.of("board.glue", NOW)));
    for (double warmth : new double[] {20, 8}) {
      Shop shop = Demo.shop().withHours(Demo.shop().hours().withWarmth(warmth));
      Plan plan = Plan.of(glued, shop);
      ShopPlanning work = ShopPlanning.of(List.of(plan), shop.hours(), Map.of());
      long cure = Math.round(24 * 60 * shop.hours().cureFactor());
      assertThat(work.held())
          .contains(ShopClock.minutes(NOW) + Math.round(45 * shop.hours().cureFactor()));
      for (Task task : work.tasks()) {
        if (task.part() == PartId.NECK || task.part() == PartId.FRETBOARD) {
          assertThat(task.notBefore())
              .as(task.id() + " at " + warmth)
              .isGreaterThanOrEqualTo(ShopClock.minutes(NOW) + cure);
        }
      }
      // The bench waits exactly as long.
      roughcut.bench.Bench bench = roughcut.bench.Bench.of(plan, NOW.plusMinutes(5));
      assertThat(
              ShopClock.minutes(
                  bench.over(bench.route().find("board.glue").orElseThrow()).orElseThrow()))
          .isEqualTo(ShopClock.minutes(NOW) + cure);
    }
  }

  /**
   * The whole shop's slack holds as well: of the demo each seventh step is put off to its latest.
   * What is planned anew is held to the order of wishes that a schedule has: first no build later
   * than its day than it was, then all of them together no later, each that has a day within it.
   */
  @Test
  void theDemosSlackIsTrue() {
    List<Plan> plans =
        Demo.builds(NOW.toLocalDate()).stream().map(b -> Plan.of(b, Demo.shop())).toList();
    ShopPlanning work = ShopPlanning.of(plans, ShopHours.USUAL, Map.of());
    Schedule schedule = Schedule.of(work, ShopHours.USUAL, NOW, ZONE);
    int tried = 0;
    for (int k = 0; k < schedule.blocks().size(); k += 7) {
      Schedule.Block block = schedule.blocks().get(k);
      if (block.slack().isNegative()) {
        continue; // late already
      }
      Schedule again =
          Schedule.of(
              RandomWork.later(work, work.tasks().indexOf(block.task()), block.latest()),
              ShopHours.USUAL,
              NOW,
              ZONE);
      String put = block.task().id() + " at " + block.latest();
      assertThat(again.outcomes().stream().filter(Schedule.Outcome::late).count())
          .as(put)
          .isLessThanOrEqualTo(schedule.outcomes().stream().filter(Schedule.Outcome::late).count());
      assertThat(late(again)).as(put).isLessThanOrEqualTo(late(schedule));
      if (late(again) == late(schedule)) {
        assertThat(together(again))
            .as(put)
            .isLessThanOrEqualTo(together(schedule) + Math.max(0, spare(schedule)));
      }
      tried++;
    }
    assertThat(tried).isGreaterThan(20);
  }

  /** Minutes by which builds are later than their days, together. */
  private static long late(Schedule schedule) {
    return schedule.outcomes().stream()
        .filter(o -> o.due().isPresent())
        .mapToLong(
            o ->
                Math.max(
                    0,
                    Duration.between(o.due().orElseThrow().plusDays(1).atStartOfDay(), o.finish())
                        .toMinutes()))
        .sum();
  }

  private static long together(Schedule schedule) {
    return schedule.outcomes().stream()
        .mapToLong(o -> Duration.between(NOW, o.finish()).toMinutes())
        .sum();
  }

  /** Minutes that builds with a day have to it, together. */
  private static long spare(Schedule schedule) {
    return schedule.outcomes().stream()
        .filter(o -> o.due().isPresent())
        .mapToLong(
            o ->
                Math.max(
                    0,
                    Duration.between(o.finish(), o.due().orElseThrow().plusDays(1).atStartOfDay())
                        .toMinutes()))
        .sum();
  }
}
