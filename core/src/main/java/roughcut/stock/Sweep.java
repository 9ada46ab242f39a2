package roughcut.stock;

import roughcut.geometry.Point;
import roughcut.geometry.Point3;

/**
 * Moves a cutter through wood. Each cell gets the lowest that the cutter's true shape came to over
 * its middle on all of a straight way: nothing is stepped, so a long way is as exact as a short
 * one.
 */
public final class Sweep {
  /**
   * So near its edge a cutter takes wood away without being said to meet it, mm: a wall that is cut
   * twice is never met at exactly the same place.
   */
  public static final double SKIN = 0.02;

  private final HeightMap map;

  /** What is below it isn't wood any more, mm. */
  private final double underside;

  private double removed;
  private double deepest;
  private int where;

  /**
   * Through that wood, which is changed.
   *
   * @param underside of the wood: what is taken below it isn't counted as removed
   */
  public Sweep(HeightMap map, double underside) {
    this.map = map;
    this.underside = underside;
  }

  /** Cuts with a tip of that radius. */
  public Contact cut(Tip tip, double radius, Point3 from, Point3 to) {
    begin();
    Capsule capsule = new Capsule(from, to, radius);
    Capsule core = new Capsule(from, to, Math.max(0, radius - SKIN));
    Way way = new Way(tip, radius, capsule, from, to);
    int end = map.rowTo(capsule.highest());
    for (int row = map.rowFrom(capsule.lowest()); row <= end; row++) {
      double y = map.low() + (row + 0.5) * map.cell();
      capsule.row(y);
      core.row(y);
      int first = map.columnFrom(capsule.first);
      int last = map.columnTo(capsule.last);
      int inner = Math.min(last + 1, Math.max(first, map.columnFrom(core.first)));
      int outer = Math.max(inner - 1, Math.min(last, map.columnTo(core.last)));
      row(way, row, y, first, inner - 1, false);
      row(way, row, y, inner, outer, true);
      row(way, row, y, outer + 1, last, false);
    }
    return contact();
  }

  private record Way(Tip tip, double radius, Capsule capsule, Point3 from, Point3 to) {}

  private void row(Way way, int row, double y, int first, int last, boolean counts) {
    if (first > last) {
      return;
    }
    double most = deepest;
    int place = where;
    int base = row * map.columns();
    double from = way.from.z();
    double to = way.to.z();
    boolean upright = way.capsule.length == 0;
    if (way.tip.flat() && (upright || from == to)) {
      level(base + first, base + last, (float) Math.min(from, to));
    } else if (upright) {
      down(way.tip, way.from, Math.min(from, to), y, base, first, last);
    } else {
      slope(way, y, base, first, last);
    }
    if (!counts) {
      deepest = most;
      where = place;
    }
  }

  /** What a round thing that doesn't cut would meet on its way; the wood stays as it is. */
  public Contact touch(double radius, Point3 from, Point3 to) {
    begin();
    Capsule capsule = new Capsule(from, to, radius);
    float low = (float) Math.min(from.z(), to.z());
    int end = map.rowTo(capsule.highest());
    for (int row = map.rowFrom(capsule.lowest()); row <= end; row++) {
      capsule.row(map.low() + (row + 0.5) * map.cell());
      int last = row * map.columns() + map.columnTo(capsule.last);
      for (int i = row * map.columns() + map.columnFrom(capsule.first); i <= last; i++) {
        float over = map.heights[i] - low;
        if (over > deepest) {
          deepest = over;
          where = i;
        }
      }
    }
    return contact();
  }

  private void begin() {
    removed = 0;
    deepest = 0;
    where = -1;
  }

  private Contact contact() {
    if (where < 0) {
      return removed == 0 ? Contact.NONE : new Contact(removed * map.cell() * map.cell(), 0, null);
    }
    Point at = map.middle(where % map.columns(), where / map.columns());
    return new Contact(removed * map.cell() * map.cell(), deepest, at);
  }

  private void level(int first, int last, float z) {
    float[] heights = map.heights;
    float most = (float) deepest;
    double sum = 0;
    float counted = Math.max(z, (float) underside);
    for (int i = first; i <= last; i++) {
      float height = heights[i];
      if (height > z) {
        heights[i] = z;
        sum += Math.max(0, height - counted);
        if (height - z > most) {
          most = height - z;
          where = i;
        }
      }
    }
    removed += sum;
    deepest = most;
  }

  private void down(Tip tip, Point3 at, double z, double y, int base, int first, int last) {
    double dy = y - at.y();
    for (int column = first; column <= last; column++) {
      double dx = map.left() + (column + 0.5) * map.cell() - at.x();
      lower(base + column, (float) (z + tip.over(Math.sqrt(dx * dx + dy * dy))));
    }
  }

  private void slope(Way of, double y, int base, int first, int last) {
    Capsule way = of.capsule;
    Point3 from = of.from;
    double radius = of.radius;
    double rise = (of.to.z() - from.z()) / way.length;
    double dy = y - from.y();
    for (int column = first; column <= last; column++) {
      double dx = map.left() + (column + 0.5) * map.cell() - from.x();
      double along = dx * way.ux + dy * way.uy;
      double beside = Math.abs(dy * way.ux - dx * way.uy);
      double half = Math.sqrt(Math.max(0, radius * radius - beside * beside));
      double begin = Math.max(-half, -along);
      double end = Math.min(half, way.length - along);
      if (begin <= end) {
        double z = from.z() + rise * along + of.tip.lowest(beside, begin, end, rise);
        lower(base + column, (float) z);
      }
    }
  }

  private void lower(int i, float z) {
    float height = map.heights[i];
    if (height > z) {
      map.heights[i] = z;
      removed += Math.max(0, height - Math.max(z, (float) underside));
      if (height - z > deepest) {
        deepest = height - z;
        where = i;
      }
    }
  }
}
