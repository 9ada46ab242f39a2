package roughcut.neck;

import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.Arcs;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Precision;

/**
 * The head seen square to its face: out from the nut in an easy curve, a long shallow taper, a
 * rounded tip. Points are along the face from the break line (x) and across (y, treble positive),
 * from the bass side of the break round the tip to its treble side.
 */
public final class HeadOutline {
  private static final int PIECES = 24;

  /** Where along the face it is widest, as a share of its length. */
  private static final double WIDEST = 0.27;

  private static final double SLIVER = 0.1;

  private HeadOutline() {}

  /** Where along the face a head of that length is widest, mm from the break line. */
  public static double widestAt(double length) {
    return WIDEST * length;
  }

  /**
   * Half a head's width so far from the break, at its narrower side, mm; never quite nothing, so
   * that what is divided by it stays a number.
   */
  static double half(Outline face, double along) {
    double treble = Double.POSITIVE_INFINITY;
    double bass = Double.POSITIVE_INFINITY;
    List<Point> corners = face.corners();
    double x = Math.max(0, Math.min(face.bounds().right(), along));
    for (int i = 0; i < corners.size(); i++) {
      Point a = corners.get(i);
      Point b = corners.get((i + 1) % corners.size());
      double lo = Math.min(a.x(), b.x());
      double hi = Math.max(a.x(), b.x());
      if (hi - lo > Precision.SAME && x >= lo - Precision.SAME && x <= hi + Precision.SAME) {
        double y = a.towards(b, (x - a.x()) / (b.x() - a.x())).y();
        treble = y >= 0 ? Math.min(treble, y) : treble;
        bass = y < 0 ? Math.min(bass, -y) : bass;
      }
    }
    double half = Math.min(treble, bass);
    return Double.isInfinite(half) ? SLIVER : Math.max(SLIVER, half);
  }

  /**
   * The outline.
   *
   * @param nutHalf half the width at the break line, mm
   * @param length along the face, mm
   * @param width across the widest place, mm
   */
  public static List<Point> of(double nutHalf, double length, double width) {
    double wide = width / 2;
    double end = wide * 0.66;
    List<Point> treble = new ArrayList<>();
    treble.addAll(
        Arcs.cubic(
            new Point(0, nutHalf),
            new Point(length * 0.13, nutHalf),
            new Point(length * 0.13, wide),
            new Point(length * WIDEST, wide),
            PIECES));
    treble.addAll(
        tail(
            Arcs.cubic(
                new Point(length * WIDEST, wide),
                new Point(length * 0.5, wide),
                new Point(length * 0.7, end * 1.06),
                new Point(length * 0.88, end),
                PIECES)));
    treble.addAll(
        tail(
            Arcs.cubic(
                new Point(length * 0.88, end),
                new Point(length * 0.99, end * 0.93),
                new Point(length, end * 0.5),
                new Point(length, 0),
                PIECES)));
    List<Point> all = new ArrayList<>();
    treble.forEach(p -> all.add(new Point(p.x(), -p.y())));
    for (int i = treble.size() - 2; i >= 0; i--) {
      all.add(treble.get(i));
    }
    return all;
  }

  private static List<Point> tail(List<Point> points) {
    return points.subList(1, points.size());
  }
}
