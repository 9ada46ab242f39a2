package roughcut.rout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import roughcut.geometry.Box;
import roughcut.geometry.Convex;

/**
 * Wood that more than one cut would take away: a bolt's bore through the pocket, a pickup's rout
 * that runs into it, a shaft's bore over its cavity. It is gone once.
 */
final class Overlap {
  /** How finely columns stand where cuts share a box, along the shorter side of what they share. */
  private static final int COLUMNS = 16;

  private Overlap() {}

  /**
   * What the cuts' own volumes count too often, mm³: column by column, all intervals together less
   * their union. Steps of one cut are taken as one, since its own volume counts them once already.
   */
  static double between(List<Cut> cuts) {
    double over = 0;
    List<Cut> before = new ArrayList<>();
    for (Cut cut : cuts) {
      List<Cut> met = before.stream().filter(c -> c.box().distance(cut.box()) <= 0).toList();
      over += met.isEmpty() ? 0 : shared(cut, met);
      before.add(cut);
    }
    return over;
  }

  /** How much of a cut lies in any of those before it, mm³. */
  private static double shared(Cut cut, List<Cut> others) {
    double sum = 0;
    Box own = cut.box();
    double x0 = Double.POSITIVE_INFINITY;
    double x1 = Double.NEGATIVE_INFINITY;
    double y0 = Double.POSITIVE_INFINITY;
    double y1 = Double.NEGATIVE_INFINITY;
    for (Cut other : others) {
      Box b = other.box();
      x0 = Math.min(x0, Math.max(own.x0(), b.x0()));
      x1 = Math.max(x1, Math.min(own.x1(), b.x1()));
      y0 = Math.min(y0, Math.max(own.y0(), b.y0()));
      y1 = Math.max(y1, Math.min(own.y1(), b.y1()));
    }
    if (x1 <= x0 || y1 <= y0) {
      return 0;
    }
    double step = Math.max(Math.min(x1 - x0, y1 - y0), Math.max(x1 - x0, y1 - y0) / 8) / COLUMNS;
    for (double x = x0 + step / 2; x < x1; x += step) {
      for (double y = y0 + step / 2; y < y1; y += step) {
        List<double[]> mine = intervals(List.of(cut), x, y);
        if (!mine.isEmpty()) {
          List<double[]> all = intervals(others, x, y);
          double both = length(mine) + length(all);
          List<double[]> together = new ArrayList<>(mine);
          together.addAll(all);
          sum += (both - length(merged(together))) * step * step;
        }
      }
    }
    return sum;
  }

  /** Where a column at a place runs through cuts, merged. */
  private static List<double[]> intervals(List<Cut> cuts, double x, double y) {
    List<double[]> all = new ArrayList<>();
    for (Cut cut : cuts) {
      for (Convex solid : cut.solids()) {
        double[] chord = solid.chord(x, y);
        if (chord != null) {
          all.add(chord);
        }
      }
    }
    return merged(all);
  }

  private static List<double[]> merged(List<double[]> intervals) {
    List<double[]> sorted = new ArrayList<>(intervals);
    sorted.sort(Comparator.comparingDouble(i -> i[0]));
    List<double[]> merged = new ArrayList<>();
    for (double[] next : sorted) {
      double[] last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
      if (last != null && next[0] <= last[1]) {
        last[1] = Math.max(last[1], next[1]);
      } else {
        merged.add(next.clone());
      }
    }
    return merged;
  }

  private static double length(List<double[]> intervals) {
    return intervals.stream().mapToDouble(i -> i[1] - i[0]).sum();
  }
}
