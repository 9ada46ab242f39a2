package roughcut.drawing;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Grip;
import roughcut.schedule.Schedule;
import roughcut.shop.ShopHours;

/**
 * The days of work as a sheet: a column for each day with the shop's open hours, a lane for each
 * build, blocks of work in them, and behind each the wait until the next can stand on it.
 */
public final class DaysDrawing {
  /** Drawn units a day. */
  private static final double DAY = 30;

  /** Lanes fill so much of the height together, and are never lower or higher than this. */
  private static final double LANES = 340;

  private static final double LEAST_LANE = 54;
  private static final double MOST_LANE = 96;
  private static final double NAMES = 74;
  private static final double HEAD = 22;
  private static final double LEAST_GRIP = 5;

  /** So many days are seen when the whole is fitted; the rest is further along. */
  private static final int SEEN = 28;

  private static final String OPEN = "#EFEAE0";
  private static final String WORK = "#CFE0E6";
  private static final String OTHER = "#E3DDD0";
  private static final String LATE = "#EBC9C1";

  private static final DateTimeFormatter NAMED =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

  private final Schedule schedule;
  private final ShopHours hours;
  private final LocalDateTime now;
  private final List<String> names;
  private final int own;
  private final String chosen;
  private final double lane;
  private final double blockHigh;
  private final Sketch sketch = new Sketch(Units.MM);

  private DaysDrawing(
      Schedule schedule,
      ShopHours hours,
      LocalDateTime now,
      List<String> names,
      int own,
      String chosen) {
    this.schedule = schedule;
    this.hours = hours;
    this.now = now;
    this.names = names;
    this.own = own;
    this.chosen = chosen;
    lane = Math.max(LEAST_LANE, Math.min(MOST_LANE, LANES / Math.max(1, names.size())));
    blockHigh = lane * 0.6;
  }

  /**
   * Draws it.
   *
   * @param names of the builds, in the schedule's order
   * @param own which of them is worked on here: its blocks can be taken hold of
   * @param chosen id of the operation that is looked at; may be none
   */
  public static Drawing of(
      Schedule schedule,
      ShopHours hours,
      LocalDateTime now,
      List<String> names,
      int own,
      String chosen) {
    return new DaysDrawing(schedule, hours, now, names, own, chosen).draw();
  }

  /**
   * Where a moment lies, from the first day on. A column is as wide as the shop's longest span of
   * hours; what is earlier or later lies on its edge.
   */
  public static double x(ShopHours hours, LocalDateTime now, LocalDateTime at) {
    long days = ChronoUnit.DAYS.between(now.toLocalDate(), at.toLocalDate());
    return days * DAY + share(hours, at.toLocalTime());
  }

  /** The day that lies so far along. */
  public static LocalDate day(LocalDateTime now, double x) {
    return now.toLocalDate().plusDays((long) Math.floor(x / DAY));
  }

  private Drawing draw() {
    double end = schedule.finish().map(f -> x(hours, now, f)).orElse(SEEN * DAY);
    int days = (int) Math.ceil(Math.max(SEEN * DAY, end + DAY) / DAY);
    double low = -lane * names.size();
    for (int i = 0; i < days; i++) {
      column(now.toLocalDate().plusDays(i), i, low);
    }
    for (int b = 0; b < names.size(); b++) {
      lane(b);
    }
    sketch.line(Role.TOUCH, x(hours, now, now), low, x(hours, now, now), 4);
    for (Schedule.Block block : schedule.blocks()) {
      wait(block);
    }
    for (Schedule.Block block : schedule.blocks()) {
      block(block);
    }
    for (int b = 0; b < schedule.outcomes().size(); b++) {
      due(schedule.outcomes().get(b));
    }
    return sketch.drawing(
        Text.of("Days of work"),
        new Bounds(-NAMES, low - 10, Math.min(end + DAY, SEEN * DAY), HEAD + 6));
  }

  private void column(LocalDate day, int i, double low) {
    double x = i * DAY;
    if (!hours.closed().contains(day)) {
      for (ShopHours.Opening open : hours.on(day.getDayOfWeek())) {
        sketch.fill(
            Role.COVERED,
            Outline.rectangle(x + share(hours, open.from()), low, x + share(hours, open.to()), 0),
            OPEN);
      }
    }
    boolean monday = day.getDayOfWeek() == DayOfWeek.MONDAY;
    sketch.line(monday ? Role.NOTE : Role.COVERED, x, low, x, monday ? HEAD - 8 : 0);
    if (monday || i == 0) {
      sketch.text(
          Role.NOTE, x + 2, HEAD - 12, Text.raw(NAMED.format(day)), Anchor.START, Size.SMALL);
    }
  }

  private static double share(ShopHours hours, LocalTime time) {
    int first = 24 * 3600;
    int last = 0;
    for (ShopHours.Opening open : hours.week()) {
      first = Math.min(first, open.from().toSecondOfDay());
      last = Math.max(last, open.to().toSecondOfDay());
    }
    double share = last > first ? (time.toSecondOfDay() - first) / (double) (last - first) : 0;
    return Math.max(0, Math.min(1, share)) * DAY;
  }

  private double low(int build) {
    return -lane * (build + 1) + (lane - blockHigh) / 2;
  }

  private void lane(int build) {
    double low = low(build);
    sketch.text(
        build == own ? Role.OUTLINE : Role.NOTE,
        -NAMES + 4,
        low + blockHigh / 2 - 3,
        Text.raw(names.get(build)),
        Anchor.START,
        Size.NORMAL);
  }

  private int build(Schedule.Block block) {
    return block.task().build();
  }

  /** A bar behind the work, as long as nothing may be done with it. */
  private void wait(Schedule.Block block) {
    double from = x(hours, now, block.end());
    double to = x(hours, now, block.waitsUntil());
    if (to > from) {
      double middle = low(build(block)) + blockHigh / 2;
      Outline bar = Outline.rectangle(from, middle - 2.5, to, middle + 2.5);
      sketch.hatch(Role.STOCK, bar, 3);
      sketch.outline(Role.COVERED, bar);
    }
  }

  private void block(Schedule.Block block) {
    boolean mine = build(block) == own;
    boolean late = block.slack().isNegative();
    double low = low(build(block));
    for (Schedule.Piece piece : block.pieces()) {
      Outline shape =
          Outline.rectangle(
              x(hours, now, piece.from()), low, x(hours, now, piece.to()), low + blockHigh);
      sketch.fill(Role.EDGE, shape, late ? LATE : mine ? WORK : OTHER);
      sketch.outline(late ? Role.STOP : mine ? Role.TOUCH : Role.NOTE, shape);
      if (mine) {
        // A short piece of work is still large enough to be taken hold of.
        double more = Math.max(0, LEAST_GRIP - shape.bounds().width()) / 2;
        Bounds b = shape.bounds();
        sketch.grip(
            new Grip.Work(block.task().id()),
            Outline.rectangle(b.left() - more, b.low(), b.right() + more, b.high()),
            Mark.Way.ALONG);
      }
    }
    if (mine && block.task().id().equals(chosen)) {
      double from = x(hours, now, block.start());
      sketch.outline(
          Role.OUTLINE,
          Outline.rectangle(
              from - 1, low - 2, x(hours, now, block.end()) + 1, low + blockHigh + 2));
      sketch.text(
          Role.OUTLINE, from, low + blockHigh + 4, block.task().title(), Anchor.START, Size.SMALL);
    }
  }

  /** The day that a build is due, as a line across its lane. */
  private void due(Schedule.Outcome outcome) {
    Optional<LocalDate> day = outcome.due();
    if (day.isEmpty()) {
      return;
    }
    double x = x(hours, now, day.get().plusDays(1).atStartOfDay());
    double low = low(outcome.build());
    Role role = outcome.late() ? Role.STOP : Role.EDGE;
    sketch.line(role, x, low - 5, x, low + blockHigh + 5);
    sketch.text(role, x + 2, low - 4, Text.of("due"), Anchor.START, Size.SMALL);
  }
}
