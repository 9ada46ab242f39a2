package roughcut.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import roughcut.shop.ShopHours;

/** The shop's hours as one line of time, held against walking it minute by minute. */
class ShopClockTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");

  private static ShopHours hours(Random random) {
    List<ShopHours.Opening> week = new ArrayList<>();
    for (DayOfWeek day : DayOfWeek.values()) {
      if (random.nextInt(3) > 0) {
        int from = 7 + random.nextInt(6);
        week.add(
            new ShopHours.Opening(
                day, LocalTime.of(from, random.nextInt(60)), LocalTime.of(from + 2, 30)));
        if (random.nextBoolean()) {
          week.add(new ShopHours.Opening(day, LocalTime.of(17, 15), LocalTime.of(20, 0)));
        }
      }
    }
    week.add(new ShopHours.Opening(DayOfWeek.SUNDAY, LocalTime.of(21, 0), LocalTime.of(21, 40)));
    return new ShopHours(week, List.of(TODAY.plusDays(2), TODAY.plusDays(9)), 20, 1);
  }

  private static boolean open(ShopHours hours, long minute) {
    LocalDateTime at = ShopClock.at(minute);
    return !hours.closed().contains(at.toLocalDate())
        && hours.on(at.getDayOfWeek()).stream()
            .anyMatch(o -> !o.from().isAfter(at.toLocalTime()) && o.to().isAfter(at.toLocalTime()));
  }

  @Test
  void workGoesWhereTheShopIsOpen() {
    for (int seed = 0; seed < 60; seed++) {
      Random random = new Random(seed);
      ShopHours hours = hours(random);
      ShopClock clock = new ShopClock(hours, TODAY, ZONE);
      long start = ShopClock.minutes(TODAY.atStartOfDay()) + random.nextInt(6 * 1440);
      long minutes = 1 + random.nextInt(700);
      long walked = start;
      for (long left = minutes; left > 0; walked++) {
        left -= open(hours, walked) ? 1 : 0;
      }
      assertThat(clock.done(start, minutes)).as("seed " + seed).isEqualTo(walked);
      long first = start;
      while (!open(hours, first)) {
        first++;
      }
      assertThat(clock.open(start)).isEqualTo(first);
      long sum = clock.pieces(first, walked).stream().mapToLong(p -> p[1] - p[0]).sum();
      assertThat(sum).isEqualTo(minutes);
    }
  }

  /** The latest beginning is just early enough: a minute of work later and it isn't done. */
  @Test
  void theLatestBeginningIsJustEarlyEnough() {
    for (int seed = 0; seed < 200; seed++) {
      Random random = new Random(1000 + seed);
      ShopHours hours = hours(random);
      ShopClock clock = new ShopClock(hours, TODAY, ZONE);
      long end = ShopClock.minutes(TODAY.plusDays(20).atStartOfDay()) + random.nextInt(9 * 1440);
      long minutes = 1 + random.nextInt(900);
      long latest = clock.latest(end, minutes);
      assertThat(clock.done(latest, minutes)).as("seed " + seed).isLessThanOrEqualTo(end);
      long later = clock.open(latest) + 1;
      assertThat(clock.done(later, minutes)).as("seed " + seed).isGreaterThan(end);
    }
  }

  @Test
  void atAStretchIsTheFirstWindowThatIsLongEnough() {
    for (int seed = 0; seed < 80; seed++) {
      Random random = new Random(2000 + seed);
      ShopHours hours = hours(random);
      ShopClock clock = new ShopClock(hours, TODAY, ZONE);
      long minutes = 20 + random.nextInt(90);
      long from = ShopClock.minutes(TODAY.atStartOfDay()) + random.nextInt(4 * 1440);
      long start = clock.whole(from, minutes);
      for (long at = from; at < start; at++) {
        assertThat(stretch(hours, at, minutes)).as("earlier, seed " + seed).isFalse();
      }
      assertThat(stretch(hours, start, minutes)).isTrue();
    }
    ShopClock clock = new ShopClock(hours(new Random(1)), TODAY, ZONE);
    assertThat(clock.whole(0, clock.longest() + 1)).isEqualTo(ShopClock.NEVER);
  }

  private static boolean stretch(ShopHours hours, long from, long minutes) {
    for (long m = from; m < from + minutes; m++) {
      if (!open(hours, m)) {
        return false;
      }
    }
    return true;
  }

  /** On and back by real time, over both changes of the clock. */
  @Test
  void waitsGoThereAndBack() {
    ShopClock clock = new ShopClock(ShopHours.USUAL, TODAY, ZONE);
    Random random = new Random(9);
    for (int i = 0; i < 400; i++) {
      LocalDateTime at = LocalDateTime.of(2026, 10, 1, 12, 0).plusMinutes(random.nextInt(300_000));
      long from = ShopClock.minutes(at);
      long wait = random.nextInt(5000);
      long then = clock.after(from, wait);
      long real = Duration.between(at.atZone(ZONE), ShopClock.at(then).atZone(ZONE)).toMinutes();
      // In the hour that is there twice a clock on the wall can't tell which one is meant.
      assertThat(Math.abs(real - wait)).isIn(0L, 60L);
      long back = clock.ago(then, wait);
      assertThat(Math.abs(back - from)).isIn(0L, 60L);
    }
    long evening = ShopClock.minutes(LocalDateTime.of(2026, 10, 24, 20, 0));
    assertThat(ShopClock.at(clock.after(evening, 600)))
        .isEqualTo(LocalDateTime.of(2026, 10, 25, 5, 0));
  }

  /** A break of no length is none: what takes six hours at a stretch fits over noon. */
  @Test
  void openingsThatTouchAreOneStretch() {
    List<ShopHours.Opening> week =
        List.of(
            new ShopHours.Opening(DayOfWeek.MONDAY, LocalTime.of(8, 0), LocalTime.of(12, 0)),
            new ShopHours.Opening(DayOfWeek.MONDAY, LocalTime.of(12, 0), LocalTime.of(16, 0)),
            new ShopHours.Opening(DayOfWeek.TUESDAY, LocalTime.of(8, 0), LocalTime.of(12, 0)));
    ShopClock clock = new ShopClock(new ShopHours(week, List.of(), 20, 1), TODAY, ZONE);
    assertThat(clock.longest()).isEqualTo(480);
    long monday = ShopClock.minutes(TODAY.atTime(8, 0));
    assertThat(TODAY.getDayOfWeek()).isEqualTo(DayOfWeek.MONDAY);
    assertThat(clock.whole(monday, 360)).isEqualTo(monday);
    assertThat(clock.whole(monday + 121, 360)).as("next week").isEqualTo(monday + 7 * 1440);
  }

  @Test
  void aShopThatIsNeverOpenHasNoMoment() {
    ShopHours never = new ShopHours(List.of(), List.of(), 20, 1);
    ShopClock clock = new ShopClock(never, TODAY, ZONE);
    assertThat(clock.opens()).isFalse();
    assertThat(clock.done(0, 10)).isEqualTo(ShopClock.NEVER);
  }

  /** A year that isn't this one is told, and each day has its own words. */
  @Test
  void daysAreToldWithTheYearWhereItIsAnother() {
    LocalDate today = LocalDate.of(2026, 11, 26);
    assertThat(DayWords.day(LocalDate.of(2026, 12, 31), today)).isEqualTo("Thu 31 Dec");
    assertThat(DayWords.day(LocalDate.of(2027, 1, 1), today)).isEqualTo("Fri 1 Jan 2027");
    assertThat(DayWords.moment(LocalDateTime.of(2025, 11, 26, 7, 5), today))
        .isEqualTo("Wed 26 Nov 2025 07:05");
    LocalDateTime evening = today.atTime(18, 0);
    assertThat(DayWords.between(evening, evening.plusMinutes(95))).isEqualTo("18:00–19:35");
    assertThat(DayWords.between(evening, evening.plusHours(15))).isEqualTo("18:00–Fri 27 09:00");
    assertThat(
            IntStream.range(0, 1200)
                .mapToObj(i -> DayWords.day(today.minusDays(400).plusDays(i), today)))
        .doesNotHaveDuplicates();
  }

  @Test
  void aDayHasTwentyFourHours() {
    assertThat(ShopClock.days(Duration.ofHours(36))).isEqualTo(1.5);
    assertThat(ShopClock.days(Duration.ofMinutes(-90))).isEqualTo(-0.0625);
  }
}
