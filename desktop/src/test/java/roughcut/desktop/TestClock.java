package roughcut.desktop;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;

/**
 * A clock that stands still until a test moves it. It begins on the same evening in every run;
 * {@code -Droughcut.at=} with a time and its zone begins on another, as {@code ./stress days} does.
 */
final class TestClock extends Clock {
  private static final String USUAL = "2026-05-04T18:30+01:00[Europe/London]";

  private final ZoneId zone;
  private volatile Instant now;

  TestClock() {
    ZonedDateTime start = ZonedDateTime.parse(System.getProperty("roughcut.at", USUAL));
    zone = start.getZone();
    now = start.toInstant();
  }

  private TestClock(Instant now, ZoneId zone) {
    this.now = now;
    this.zone = zone;
  }

  void passes(Duration time) {
    now = now.plus(time);
  }

  @Override
  public ZoneId getZone() {
    return zone;
  }

  @Override
  public Clock withZone(ZoneId other) {
    return new TestClock(now, other);
  }

  @Override
  public Instant instant() {
    return now;
  }
}
