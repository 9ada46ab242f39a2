package roughcut.desktop.session;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** Days as people say them. */
public final class Ago {
  private Ago() {}

  public static String days(LocalDate day, LocalDate today) {
    long days = ChronoUnit.DAYS.between(day, today);
    if (days == 0) {
      return "today";
    }
    if (days == 1) {
      return "yesterday";
    }
    return days > 1 && days < 60 ? days + " days ago" : "on " + day;
  }
}
