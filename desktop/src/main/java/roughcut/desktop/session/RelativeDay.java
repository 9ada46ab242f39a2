package roughcut.desktop.session;

import static roughcut.desktop.words.Words.say;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;

/** Days as people say them. */
public final class RelativeDay {
  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);

  private RelativeDay() {}

  /** A moment: 4 May 2026, 14:05. */
  public static String at(LocalDateTime moment) {
    return MOMENT.format(moment);
  }

  public static String days(LocalDate day, LocalDate today) {
    long days = ChronoUnit.DAYS.between(day, today);
    if (days == 0) {
      return say("today");
    }
    if (days == 1) {
      return say("yesterday");
    }
    return days > 1 && days < 60 ? say("{days} days ago", days) : say("on {day}", day);
  }
}
