package roughcut.record;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;

/**
 * The time that is now, by the one clock that a program is given when it starts. Whatever asks for
 * the time asks here, so that a whole program can be tried on any day and in any zone.
 */
public record CurrentTime(Clock clock) {
  /** By the machine's own clock, in its own zone: for the start of a program only. */
  public static CurrentTime ofThisMachine() {
    return new CurrentTime(Clock.systemDefaultZone());
  }

  /** A clock that stands still at a time, for tests and pictures. */
  public static CurrentTime at(LocalDateTime time, ZoneId zone) {
    return new CurrentTime(Clock.fixed(time.atZone(zone).toInstant(), zone));
  }

  public ZoneId zone() {
    return clock.getZone();
  }

  public LocalDate today() {
    return LocalDate.now(clock);
  }

  /** To the second, as readings and what was done are written down. */
  public LocalDateTime second() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
  }

  /** To the minute, as waits and days are told. */
  public LocalDateTime minute() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
  }
}
