package roughcut.schedule;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import roughcut.shop.ShopHours;

/**
 * The hours of a shop as one line of time: where work goes when it begins at a moment, and where it
 * began when it has to end at one. Moments are minutes of the wall's clock since 1970; waits go by
 * the real one, over a change to summer time too.
 */
final class ShopClock {
  /** No plan looks further ahead than this, days. */
  static final int YEARS = 3;

  private static final int HORIZON = YEARS * 366;

  /** Stands for a moment that never comes. */
  static final long NEVER = Long.MAX_VALUE / 4;

  private final long[] from;
  private final long[] to;

  /** Open minutes before each window. */
  private final long[] before;

  private final ZoneId zone;
  private final long longest;

  /**
   * Hours from a day on; work that had to begin before it is found back to a year earlier.
   *
   * @param zone by which real time passes
   */
  ShopClock(ShopHours hours, LocalDate today, ZoneId zone) {
    this.zone = zone;
    Set<LocalDate> closed = new HashSet<>(hours.closed());
    List<long[]> windows = new ArrayList<>();
    for (int i = -366; i < HORIZON; i++) {
      LocalDate day = today.plusDays(i);
      if (closed.contains(day)) {
        continue;
      }
      for (ShopHours.Opening opening : hours.on(day.getDayOfWeek())) {
        long start = minutes(day.atTime(opening.from()));
        long end = minutes(day.atTime(opening.to()));
        // Openings that touch are one.
        if (!windows.isEmpty() && windows.get(windows.size() - 1)[1] == start) {
          windows.get(windows.size() - 1)[1] = end;
        } else {
          windows.add(new long[] {start, end});
        }
      }
    }
    from = windows.stream().mapToLong(w -> w[0]).toArray();
    to = windows.stream().mapToLong(w -> w[1]).toArray();
    before = new long[from.length + 1];
    long most = 0;
    for (int i = 0; i < from.length; i++) {
      before[i + 1] = before[i] + to[i] - from[i];
      most = Math.max(most, to[i] - from[i]);
    }
    longest = most;
  }

  static long minutes(LocalDateTime at) {
    return Math.floorDiv(at.toEpochSecond(ZoneOffset.UTC), 60);
  }

  static LocalDateTime at(long minutes) {
    return LocalDateTime.ofEpochSecond(minutes * 60, 0, ZoneOffset.UTC);
  }

  /** Whether it ever opens. */
  boolean opens() {
    return from.length > 0;
  }

  /** The longest it is open at a stretch, minutes. */
  long longest() {
    return longest;
  }

  /** The window that is open at a moment or opens next; as many as there are for none. */
  private int window(long moment) {
    int at = Arrays.binarySearch(to, moment);
    // A window that ends at that very moment is over.
    return at >= 0 ? at + 1 : -at - 1;
  }

  /** The first moment from there on at which it is open. */
  long open(long moment) {
    int i = moment >= NEVER ? from.length : window(moment);
    return i == from.length ? NEVER : Math.max(moment, from[i]);
  }

  /** When the window that is open at a moment ends. */
  long closes(long moment) {
    int i = window(moment);
    return i == from.length ? NEVER : to[i];
  }

  /** When work of so many minutes that may be broken off is done, begun from there on. */
  long done(long moment, long minutes) {
    long start = open(moment);
    if (start >= NEVER || minutes <= 0) {
      return start;
    }
    int i = window(start);
    long wanted = before[i] + start - from[i] + minutes;
    if (wanted > before[from.length]) {
      return NEVER;
    }
    int at = Arrays.binarySearch(before, wanted);
    int last = at >= 0 ? at - 1 : -at - 2;
    return from[last] + wanted - before[last];
  }

  /** A length of time in days of 24 hours. */
  static double days(Duration time) {
    return time.toMinutes() / (24 * 60.0);
  }

  /** Where work of so many minutes at a stretch may begin, from there on. */
  long whole(long moment, long minutes) {
    long start = open(moment);
    if (minutes > longest) {
      return NEVER;
    }
    while (start < NEVER && closes(start) - start < minutes) {
      start = open(closes(start));
    }
    return start;
  }

  /** Where work of so many minutes begins at the latest that has to be done by a moment. */
  long latest(long end, long minutes) {
    if (end >= NEVER || from.length == 0) {
      return end;
    }
    int i = Arrays.binarySearch(from, end);
    int last = i >= 0 ? i - 1 : -i - 2;
    if (last < 0) {
      return -NEVER;
    }
    long reached = before[last] + Math.min(end, to[last]) - from[last];
    long wanted = reached - minutes;
    if (wanted < 0) {
      return -NEVER;
    }
    int at = Arrays.binarySearch(before, wanted);
    int first = Math.min(from.length - 1, at >= 0 ? at : -at - 2);
    return from[first] + wanted - before[first];
  }

  /**
   * Where work of so many minutes at a stretch begins at the latest that has to be done by then.
   */
  long latestWhole(long end, long minutes) {
    if (end >= NEVER || from.length == 0) {
      return end;
    }
    int i = Arrays.binarySearch(from, end);
    for (int at = i >= 0 ? i - 1 : -i - 2; at >= 0; at--) {
      long over = Math.min(end, to[at]);
      if (over - from[at] >= minutes) {
        return over - minutes;
      }
    }
    return -NEVER;
  }

  /** A moment so many minutes of real time on. */
  long after(long moment, long minutes) {
    if (moment >= NEVER || minutes <= 0) {
      return moment;
    }
    return minutes(at(moment).atZone(zone).plusMinutes(minutes).toLocalDateTime());
  }

  /** A moment so many minutes of real time earlier. */
  long ago(long moment, long minutes) {
    if (Math.abs(moment) >= NEVER || minutes <= 0) {
      return moment;
    }
    return minutes(at(moment).atZone(zone).minusMinutes(minutes).toLocalDateTime());
  }

  /** The pieces in which work between two moments falls, each from and to. */
  List<long[]> pieces(long start, long end) {
    List<long[]> pieces = new ArrayList<>();
    for (int i = window(start); i < from.length && from[i] < end; i++) {
      pieces.add(new long[] {Math.max(start, from[i]), Math.min(end, to[i])});
    }
    return pieces;
  }

  /** The end of a day, by which what is due on it has to be done. */
  static long endOf(LocalDate day) {
    return minutes(day.plusDays(1).atTime(LocalTime.MIDNIGHT));
  }
}
