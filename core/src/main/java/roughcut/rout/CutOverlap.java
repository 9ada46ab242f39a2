package roughcut.rout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import roughcut.geometry.Box;
import roughcut.geometry.ConvexSpan;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Prism;
import roughcut.geometry.Solid;
import roughcut.memo.Memo;

/**
 * Wood that more than one cut would take away: a bolt's bore through the pocket, a pickup's rout
 * that runs into it, a shaft's bore over its cavity. It is gone once.
 */
final class CutOverlap {
  /** How finely slices stand where cuts share a box, along the shorter side of what they share. */
  private static final int COLUMNS = 16;

  private CutOverlap() {}

  /**
   * What the cuts' own volumes count too often, mm³: slice by slice, column by column, all
   * intervals together less their union. Steps of one cut are taken as one, since its own volume
   * counts them once already.
   */
  static double between(List<Cut> cuts) {
    return between(List.of(), cuts, new Memo(), "");
  }

  /**
   * What cuts share with those made before them and with each other, mm³.
   *
   * @param memo of what may be as it was, under the name of this question
   */
  static double between(List<Cut> made, List<Cut> cuts, Memo memo, String question) {
    double over = 0;
    List<Cut> before = new ArrayList<>(made);
    for (Cut cut : cuts) {
      List<Cut> met = new ArrayList<>();
      for (Cut other : before) {
        if (other.box().distance(cut.box()) <= 0) {
          met.add(other);
        }
      }
      if (!met.isEmpty()) {
        List<Cut> from = new ArrayList<>(met);
        from.add(cut);
        over += memo.block(question + " " + cut.name(), from, () -> shared(cut, met));
      }
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
    Box region = new Box(x0, y0, own.z0(), x1, y1, own.z1());
    List<Standing> mine = within(cut.solids(), region);
    List<Standing> theirs = new ArrayList<>();
    others.forEach(o -> theirs.addAll(within(o.solids(), region)));
    if (theirs.isEmpty()) {
      return 0;
    }
    Column one = new Column();
    Column two = new Column();
    List<Standing> mineHere = new ArrayList<>();
    List<Standing> theirsHere = new ArrayList<>();
    for (double x = x0 + step / 2; x < x1; x += step) {
      along(x, mine, mineHere);
      along(x, theirs, theirsHere);
      double low = Math.max(lowest(mineHere), lowest(theirsHere));
      double high = Math.min(highest(mineHere), highest(theirsHere));
      double[] ends = ends(mineHere, theirsHere, Math.max(low, y0), Math.min(high, y1), step);
      for (int i = 1; i < ends.length; i++) {
        double y = (ends[i - 1] + ends[i]) / 2;
        one.fill(mineHere, y);
        if (one.count == 0) {
          continue;
        }
        two.fill(theirsHere, y);
        if (two.count > 0) {
          double both = one.length() + two.length();
          two.add(one);
          sum += (both - two.length()) * step * (ends[i] - ends[i - 1]);
        }
      }
    }
    return sum;
  }

  /** Those of the solids that a line across at x meets, made ready to be asked along it. */
  private static void along(double x, List<Standing> solids, List<Standing> met) {
    met.clear();
    for (int i = 0; i < solids.size(); i++) {
      Standing solid = solids.get(i);
      if (x >= solid.box.x0() && x <= solid.box.x1()) {
        solid.at(x);
        met.add(solid);
      }
    }
  }

  /**
   * Where columns along a line begin and end: nothing changes between the sides of prisms and
   * upright bores, so that one is enough there; a bore that leans is followed in small ones.
   */
  private static double[] ends(
      List<Standing> mine, List<Standing> theirs, double low, double high, double step) {
    if (high <= low) {
      return new double[0];
    }
    double[] ends = new double[2 + 2 * (mine.size() + theirs.size())];
    int count = 0;
    ends[count++] = low;
    ends[count++] = high;
    for (int i = 0; i < mine.size() + theirs.size(); i++) {
      Standing solid = i < mine.size() ? mine.get(i) : theirs.get(i - mine.size());
      if (solid.heights == null) {
        int columns = (int) Math.max(1, Math.ceil((high - low) / step));
        double[] even = new double[columns + 1];
        Arrays.setAll(even, k -> low + (high - low) * k / columns);
        return even;
      }
      ends[count++] = Math.max(low, Math.min(high, solid.from));
      ends[count++] = Math.max(low, Math.min(high, solid.to));
    }
    Arrays.sort(ends);
    return ends;
  }

  private static double lowest(List<Standing> solids) {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < solids.size(); i++) {
      least = Math.min(least, solids.get(i).box.y0());
    }
    return least;
  }

  private static double highest(List<Standing> solids) {
    double most = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < solids.size(); i++) {
      most = Math.max(most, solids.get(i).box.y1());
    }
    return most;
  }

  /**
   * A solid with its box, which is asked for at every column. The heights of a prism and of an
   * upright bore are the same all along a line across, so that these are cut once for the line.
   */
  private static final class Standing {
    private final Solid solid;
    private final Box box;
    private final Line across;
    private double x;
    private double[] heights;
    private double from;
    private double to;

    Standing(Solid solid) {
      this.solid = solid;
      this.box = solid.box();
      this.across =
          solid.fold(
              this::of, bore -> bore.from().flat().equals(bore.to().flat()) ? of(bore) : null);
    }

    boolean over(Box region) {
      return box.x0() < region.x1()
          && box.x1() > region.x0()
          && box.y0() < region.y1()
          && box.y1() > region.y0();
    }

    void at(double line) {
      x = line;
      if (across != null) {
        across.cut();
      }
    }

    /** What a solid has of a line across, where its heights are the same all along it. */
    private interface Line {
      void cut();
    }

    private Line of(Prism prism) {
      ConvexSpan span = new ConvexSpan(prism.corners());
      return () -> {
        double floor = prism.floorAt(x);
        from = span.low(x);
        to = span.high(x);
        heights = new double[] {Math.min(prism.open(), floor), Math.max(prism.open(), floor)};
      };
    }

    private Line of(Cylinder upright) {
      return () -> {
        double off = x - upright.from().x();
        double half = Math.sqrt(Math.max(0, upright.radius() * upright.radius() - off * off));
        from = upright.from().y() - half;
        to = upright.from().y() + half;
        heights = new double[] {box.z0(), box.z1()};
      };
    }

    double[] chord(double y) {
      if (y < box.y0() || y > box.y1()) {
        return null;
      }
      if (heights == null) {
        return solid.chord(x, y);
      }
      return y >= from && y <= to ? heights : null;
    }
  }

  /** Solids that stand over a region seen from above. */
  private static List<Standing> within(List<Solid> solids, Box region) {
    return solids.stream().map(Standing::new).filter(s -> s.over(region)).toList();
  }

  /** Where a column runs through solids: intervals in the order of their beginnings. */
  private static final class Column {
    private double[] from = new double[16];
    private double[] to = new double[16];
    private int count;

    void fill(List<Standing> solids, double y) {
      count = 0;
      for (int i = 0; i < solids.size(); i++) {
        double[] chord = solids.get(i).chord(y);
        if (chord != null) {
          add(chord[0], chord[1]);
        }
      }
    }

    void add(Column other) {
      for (int i = 0; i < other.count; i++) {
        add(other.from[i], other.to[i]);
      }
    }

    private void add(double low, double high) {
      if (count == from.length) {
        from = Arrays.copyOf(from, 2 * count);
        to = Arrays.copyOf(to, 2 * count);
      }
      int at = count++;
      while (at > 0 && from[at - 1] > low) {
        from[at] = from[at - 1];
        to[at] = to[at - 1];
        at--;
      }
      from[at] = low;
      to[at] = high;
    }

    /** Of all intervals together; what lies in several counts once. */
    double length() {
      double sum = 0;
      double reached = Double.NEGATIVE_INFINITY;
      for (int i = 0; i < count; i++) {
        if (to[i] > reached) {
          sum += to[i] - Math.max(from[i], reached);
          reached = to[i];
        }
      }
      return sum;
    }
  }
}
