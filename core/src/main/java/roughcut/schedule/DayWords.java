package roughcut.schedule;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Days as they are told: with their weekday; with the year where it isn't this one. */
public final class DayWords {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
  private static final DateTimeFormatter YEAR =
      DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.ENGLISH);
  private static final DateTimeFormatter WEEKDAY =
      DateTimeFormatter.ofPattern("EEE d", Locale.ENGLISH);
  private static final DateTimeFormatter CLOCK =
      DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

  private DayWords() {}

  /**
   * A day.
   *
   * @param today whose year goes without saying
   */
  public static String day(LocalDate day, LocalDate today) {
    return (day.getYear() == today.getYear() ? DAY : YEAR).format(day);
  }

  /** A moment: its day and the time of the clock. */
  public static String moment(LocalDateTime at, LocalDate today) {
    return day(at.toLocalDate(), today) + " " + CLOCK.format(at);
  }

  /** From when to when, the day of the beginning going without saying. */
  public static String between(LocalDateTime from, LocalDateTime to) {
    String end = CLOCK.format(to);
    return CLOCK.format(from)
        + "–"
        + (from.toLocalDate().equals(to.toLocalDate()) ? end : WEEKDAY.format(to) + " " + end);
  }
}
