package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import roughcut.measure.Precision;

/**
 * A chain's curves laid through its points anew, so that where it runs on without a kink it doesn't
 * bend differently before and after, either: cubic splines by the length of their chords (de Boor,
 * A Practical Guide to Splines, chapter IV), free where they end in a corner, held to the way of a
 * straight or round stretch that they run into.
 */
final class FairCurve {
  /** The system is dominated by its diagonal: each sweep halves what is left. */
  private static final int SWEEPS = 120;

  private final List<Segment> segments;
  private final boolean[] curved;
  private final boolean[] smooth;

  /** The tangent with which each stretch begins, and with which it ends. */
  private final Point[] begins;

  private final Point[] ends;

  private FairCurve(Chain chain) {
    segments = chain.segments();
    int n = segments.size();
    curved = new boolean[n];
    smooth = new boolean[n + 1];
    begins = new Point[n];
    ends = new Point[n];
    for (int i = 0; i < n; i++) {
      Segment s = segments.get(i);
      curved[i] = !s.straight() && s.round().isEmpty() && chord(i) > Precision.NEAR;
      smooth[i] = chain.smooth(i);
      begins[i] = slope(i);
      ends[i] = slope(i);
    }
    smooth[n] = chain.closed() && smooth[0];
  }

  static List<Segment> of(Chain chain) {
    FairCurve fair = new FairCurve(chain);
    for (int i = 0; i < SWEEPS; i++) {
      fair.sweep();
    }
    return fair.made();
  }

  private double chord(int i) {
    return segments.get(i).start().distance(segments.get(i).end());
  }

  private Point slope(int i) {
    Point a = segments.get(i).start();
    Point d = segments.get(i).end();
    double h = Math.max(Precision.NEAR, chord(i));
    return new Point((d.x() - a.x()) / h, (d.y() - a.y()) / h);
  }

  private void sweep() {
    int n = segments.size();
    for (int point = 0; point <= n; point++) {
      int before = point > 0 ? point - 1 : n - 1;
      int after = point < n ? point : 0;
      if (smooth[point]) {
        joined(before, after);
        continue;
      }
      if (point < n && curved[after]) {
        begins[after] = free(slope(after), ends[after]);
      }
      if (point > 0 && curved[before]) {
        ends[before] = free(slope(before), begins[before]);
      }
    }
  }

  /** Where a curve ends in a corner it runs out straight: (3 d − m) / 2. */
  private static Point free(Point slope, Point other) {
    return new Point((3 * slope.x() - other.x()) / 2, (3 * slope.y() - other.y()) / 2);
  }

  private void joined(int before, int after) {
    if (curved[before] && curved[after]) {
      double hb = chord(before);
      double ha = chord(after);
      Point db = slope(before);
      Point da = slope(after);
      Point from = begins[before];
      Point to = ends[after];
      double over = 2 * (ha + hb);
      Point m =
          new Point(
              (3 * (ha * db.x() + hb * da.x()) - ha * from.x() - hb * to.x()) / over,
              (3 * (ha * db.y() + hb * da.y()) - ha * from.y() - hb * to.y()) / over);
      ends[before] = m;
      begins[after] = m;
    } else if (curved[after]) {
      begins[after] = segments.get(before).way(1).unit();
    } else if (curved[before]) {
      ends[before] = segments.get(after).way(0).unit();
    }
  }

  private List<Segment> made() {
    List<Segment> all = new ArrayList<>();
    for (int i = 0; i < segments.size(); i++) {
      Point a = segments.get(i).start();
      Point d = segments.get(i).end();
      double third = chord(i) / 3;
      all.add(
          curved[i]
              ? new Cubic(
                  a,
                  a.plus(begins[i].x() * third, begins[i].y() * third),
                  d.plus(-ends[i].x() * third, -ends[i].y() * third),
                  d)
              : segments.get(i));
    }
    return all;
  }
}
