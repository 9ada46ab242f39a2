package roughcut.wild;

import java.lang.management.ManagementFactory;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import roughcut.bench.Bench;
import roughcut.blank.RipPlan;
import roughcut.clearance.Clearance;
import roughcut.drawing.AllDrawings;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.drawing.Sheet;
import roughcut.file.DxfWriter;
import roughcut.file.FileException;
import roughcut.file.FretboardTables;
import roughcut.file.Paper;
import roughcut.file.PdfWriter;
import roughcut.file.ReadBack;
import roughcut.file.ReportWriter;
import roughcut.file.SvgWriter;
import roughcut.finding.Finding;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.schedule.ShopWork;
import roughcut.whatif.FixSuggestions;

/**
 * What is asked of every build whose values are legal one by one: it plans, draws, is written out,
 * and is read back as it was, and no number on the way is none.
 */
public final class Trial {
  /** What broke: where, and by what. */
  public record Failure(String where, Throwable by) {
    /** The same for failures of one cause. */
    public String cause() {
      StringBuilder words = new StringBuilder(where.replaceAll("[0-9.]+", "#")).append(": ");
      words.append(by.getClass().getSimpleName());
      String message = String.valueOf(by.getMessage()).replaceAll("[0-9.]+(E-?[0-9]+)?", "#");
      words.append(" ").append(message.length() > 90 ? message.substring(0, 90) : message);
      int shown = 0;
      for (StackTraceElement at : by.getStackTrace()) {
        if (at.getClassName().startsWith("roughcut") && shown++ < 3) {
          words
              .append("\n      at ")
              .append(at.getClassName())
              .append('.')
              .append(at.getMethodName());
          words.append(':').append(at.getLineNumber());
        }
      }
      return words.toString();
    }
  }

  private Trial() {}

  /**
   * Tries a build.
   *
   * @param thorough with drawings and reports; with files every time that {@code files} says so
   */
  static Optional<Failure> of(RandomBuilds.Case tried, boolean thorough, boolean files) {
    return of(tried, thorough, files, new AtomicLong());
  }

  /**
   * Tries a build.
   *
   * @param planned gets what the plan took of the processor, ms
   */
  static Optional<Failure> of(
      RandomBuilds.Case tried, boolean thorough, boolean files, AtomicLong planned) {
    Build build = tried.build();
    String where = "plan";
    try {
      // By the processor's clock, which doesn't mind what else the machine is doing.
      long start = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
      Plan plan = Plan.of(build, tried.shop());
      planned.set(
          (ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() - start) / 1_000_000);
      where = "numbers";
      numbers(plan);
      where = "fixes";
      if (thorough) {
        FixSuggestions.stack(plan);
        for (RipPlan rip : plan.rips().plans()) {
          FixSuggestions.strips(plan, rip);
        }
      }
      where = "read back";
      if (!Arrays.equals(ReadBack.bytes(ReadBack.of(build)), ReadBack.bytes(build))) {
        throw new AssertionError("read back as another build");
      }
      if (thorough) {
        for (Map.Entry<String, Supplier<Drawing>> entry :
            AllDrawings.of(plan, Units.MM).entrySet()) {
          where = entry.getKey().replaceAll("^(board|cut|passes) .*", "$1");
          marks(entry.getValue().get());
        }
        where = "report";
        LocalDateTime noon = LocalDateTime.of(2026, 5, 4, 12, 0);
        Bench bench = Bench.of(plan, noon);
        ShopWork work = ShopWork.of(List.of(plan), noon, ZoneOffset.UTC);
        noNonsense(ReportWriter.text(plan, bench, work));
        ReportWriter.json(plan, bench, work);
        where = "tables";
        FretboardTables.all(plan);
      }
      if (files) {
        for (Sheet sheet : Sheet.values()) {
          where = "files of " + sheet;
          Drawing drawing = sheet.of(plan, Units.FRACTION_64);
          PdfWriter.write(drawing, Paper.A4, Units.FRACTION_64);
          SvgWriter.write(drawing);
          DxfWriter.write(drawing);
        }
      }
      return Optional.empty();
    } catch (FileException | RuntimeException | Error e) {
      return Optional.of(new Failure(where, e));
    }
  }

  private static void numbers(Plan plan) {
    for (Value value : plan.values().values()) {
      if (!Double.isFinite(value.value())) {
        throw new AssertionError(value.id().replaceAll("\\d+", "N") + " is " + value.value());
      }
    }
    for (Clearance clearance : plan.clearances()) {
      if (!Double.isFinite(clearance.left().value()) || !Double.isFinite(clearance.x())) {
        throw new AssertionError(
            clearance.kind().id() + ": " + clearance.left().value() + " at " + clearance.x());
      }
    }
    for (Finding problem : plan.problems()) {
      noNonsense(problem.words());
    }
  }

  private static void marks(Drawing drawing) {
    for (Mark mark : drawing.marks()) {
      for (Point p : AllDrawings.places(mark)) {
        if (!Double.isFinite(p.x()) || !Double.isFinite(p.y())) {
          throw new AssertionError("a mark at " + p + ": " + mark.getClass().getSimpleName());
        }
      }
      noNonsense(AllDrawings.words(mark));
    }
  }

  private static void noNonsense(String words) {
    for (String nonsense : new String[] {"NaN", "Infinity", "∞", "null", "Optional"}) {
      if (words.contains(nonsense)) {
        int at = words.indexOf(nonsense);
        throw new AssertionError(
            "says " + words.substring(Math.max(0, at - 60), Math.min(words.length(), at + 20)));
      }
    }
  }
}
