package roughcut.file;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.part.PartId;
import roughcut.plan.Plan;
import roughcut.whatif.LogBook;

/** The log of an instrument, for reading and for a table. */
public final class LogWriter {
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm", Locale.ROOT);

  private LogWriter() {}

  /** As Markdown: a list by days, then hours by part. */
  public static String markdown(Plan plan, Units units) {
    StringBuilder md = new StringBuilder("# ").append(escaped(plan.name())).append('\n');
    String day = "";
    for (LogBook.Entry entry : LogBook.of(plan, units)) {
      String on = entry.at().toLocalDate().toString();
      if (!on.equals(day)) {
        day = on;
        md.append("\n## ").append(day).append("\n\n");
      }
      md.append("- ")
          .append(TIME.format(entry.at()).substring(11))
          .append(" **")
          .append(entry.kind().word())
          .append("** ")
          .append(escaped(entry.words().in(Units.MM)));
      if (entry.minutes() > 0) {
        md.append(" (").append(entry.minutes()).append(" min)");
      }
      if (!entry.picture().isEmpty()) {
        md.append(" [picture](<").append(entry.picture()).append(">)");
      }
      md.append('\n');
    }
    Map<PartId, Long> minutes = LogBook.minutes(plan);
    if (!minutes.isEmpty()) {
      md.append("\n## Hours\n\n");
      minutes.forEach(
          (part, m) ->
              md.append("- ")
                  .append(part.word())
                  .append(": ")
                  .append(NumberWriter.fixed(m / 60.0, 1))
                  .append(" h\n"));
    }
    LogBook.wood(plan)
        .ifPresent(w -> md.append("\nBoards: ").append(NumberWriter.fixed(w, 2)).append('\n'));
    return md.toString();
  }

  private static String escaped(String words) {
    return words.replaceAll("([\\\\`*_\\[\\]<>#])", "\\\\$1").replace('\n', ' ');
  }

  /** As a table: time, kind, words, minutes, picture. */
  public static String csv(Plan plan, Units units) {
    StringBuilder csv = new StringBuilder("at,kind,words,minutes,picture\r\n");
    List<LogBook.Entry> all = LogBook.of(plan, units);
    for (LogBook.Entry e : all) {
      csv.append(TIME.format(e.at()))
          .append(',')
          .append(e.kind().word())
          .append(',')
          .append(CsvText.quoted(e.words().in(Units.MM)))
          .append(',')
          .append(e.minutes() == 0 ? "" : Long.toString(e.minutes()))
          .append(',')
          .append(CsvText.quoted(e.picture()))
          .append("\r\n");
    }
    return csv.toString();
  }
}
