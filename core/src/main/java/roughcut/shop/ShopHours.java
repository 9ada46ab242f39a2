package roughcut.shop;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * When the shop is open, what day it isn't, how warm it is and how many glue-ups can stand in
 * clamps at a time (handbook page 7, "Schedule").
 *
 * @param week when it opens, in the order of the week; none for a shop that never opens
 * @param closed days on which it doesn't, whatever day of the week they are
 * @param warmth while glue cures, °C
 * @param clampSets glue-ups that may be in clamps at once
 */
public record ShopHours(List<Opening> week, List<LocalDate> closed, double warmth, int clampSets) {
  /** Evenings and Saturday morning, until the maker says otherwise. */
  public static final ShopHours USUAL = usual();

  /** Warmth by which glues are listed, °C (handbook page 3). */
  public static final double LISTED_WARMTH = 20;

  private static final double COLDEST = -10;
  private static final double HOTTEST = 45;

  /** From when to when on a day of the week. */
  public record Opening(DayOfWeek day, LocalTime from, LocalTime to) {
    public Opening {
      if (day == null || from == null || to == null || !to.isAfter(from)) {
        throw new InvalidValue(
            Text.of("the shop closes before it opens on {day}", day == null ? "" : called(day)));
      }
    }
  }

  private static String called(DayOfWeek day) {
    return day.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
  }

  public ShopHours {
    List<Opening> sorted = new ArrayList<>(week);
    sorted.sort(Comparator.comparing(Opening::day).thenComparing(Opening::from));
    for (int i = 1; i < sorted.size(); i++) {
      Opening before = sorted.get(i - 1);
      if (before.day() == sorted.get(i).day() && before.to().isAfter(sorted.get(i).from())) {
        throw new InvalidValue(
            Text.of("the shop opens twice at the same time on {day}", called(before.day())));
      }
    }
    week = List.copyOf(sorted);
    closed = closed.stream().distinct().sorted().toList();
    if (!(warmth >= COLDEST && warmth <= HOTTEST)) {
      throw new InvalidValue(Text.of("a shop temperature is between −10 and 45 °C"));
    }
    if (clampSets < 1 || clampSets > 99) {
      throw new InvalidValue(Text.of("a shop can clamp 1 to 99 glue-ups at a time"));
    }
  }

  private static ShopHours usual() {
    List<Opening> week = new ArrayList<>();
    for (DayOfWeek day : DayOfWeek.values()) {
      if (day.getValue() <= 5) {
        week.add(new Opening(day, LocalTime.of(18, 0), LocalTime.of(21, 0)));
      } else if (day == DayOfWeek.SATURDAY) {
        week.add(new Opening(day, LocalTime.of(9, 0), LocalTime.of(13, 0)));
      }
    }
    return new ShopHours(week, List.of(), LISTED_WARMTH, 2);
  }

  /** The same with the openings of one day changed. */
  public ShopHours with(DayOfWeek day, List<Opening> openings) {
    List<Opening> next = new ArrayList<>(week);
    next.removeIf(o -> o.day() == day);
    next.addAll(openings);
    return new ShopHours(next, closed, warmth, clampSets);
  }

  public ShopHours withClosed(List<LocalDate> days) {
    return new ShopHours(week, days, warmth, clampSets);
  }

  public ShopHours withWarmth(double celsius) {
    return new ShopHours(week, closed, celsius, clampSets);
  }

  public ShopHours withClampSets(int sets) {
    return new ShopHours(week, closed, warmth, sets);
  }

  /** When it opens on a day of the week, in order. */
  public List<Opening> on(DayOfWeek day) {
    return week.stream().filter(o -> o.day() == day).toList();
  }

  /**
   * How many times as long a glue takes to cure as it is listed for: in the cold longer, ×1.5 for
   * each 10 °C (handbook page 3); never shorter.
   */
  public double cureFactor() {
    return warmth >= LISTED_WARMTH ? 1 : Math.pow(1.5, (LISTED_WARMTH - warmth) / 10);
  }
}
