package roughcut.schedule;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import roughcut.measure.Text;
import roughcut.part.PartId;
import roughcut.shop.ShopHours;

/** Shops and work by lot, with the clock that they are held against. */
final class RandomWork {
  static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
  static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 4, 12, 0);

  private static final PartId[] PARTS = {PartId.NECK, PartId.FRETBOARD, PartId.BODY};

  static ShopHours hours(Random random) {
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

  static ShopPlanning work(Random random, int tasks, int builds) {
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
              Text.of("op {i}", i),
              15 + random.nextInt(glue ? 60 : 300),
              glue,
              glue ? 60L * (1 + random.nextInt(24)) : 0,
              after,
              random.nextInt(8) == 0
                  ? ShopClock.minutes(NOW.plusDays(random.nextInt(10)))
                  : Long.MIN_VALUE,
              random.nextInt(3) == 0 ? 60L * random.nextInt(40) : 0,
              PARTS[random.nextInt(PARTS.length)],
              glue ? Set.of(PARTS[random.nextInt(PARTS.length)]) : Set.of()));
    }
    List<Optional<LocalDate>> due = new ArrayList<>();
    List<String> names = new ArrayList<>();
    for (int b = 0; b < builds; b++) {
      names.add("build " + b);
      due.add(Optional.empty());
    }
    return new ShopPlanning(names, due, all);
  }

  static Schedule of(ShopPlanning work, ShopHours hours) {
    return Schedule.of(work, hours, NOW, ZONE);
  }

  static LocalDateTime later(LocalDateTime at, long minutes) {
    return at.atZone(ZONE).plusMinutes(minutes).toLocalDateTime();
  }

  private RandomWork() {}

  /** The same with one task not begun before a moment. */
  static ShopPlanning later(ShopPlanning work, int i, LocalDateTime from) {
    List<Task> tasks = new ArrayList<>(work.tasks());
    Task t = tasks.get(i);
    tasks.set(
        i,
        new Task(
            t.build(),
            t.id(),
            t.title(),
            t.hands(),
            t.whole(),
            t.clamped(),
            t.after(),
            Math.max(t.notBefore(), ShopClock.minutes(from)),
            t.tail(),
            t.part(),
            t.holds()));
    return new ShopPlanning(work.names(), work.due(), tasks, work.held());
  }
}
