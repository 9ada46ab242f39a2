package roughcut.neck;

import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.Arcs;
import roughcut.geometry.Point;

/**
 * The head seen square to its face: out from the nut in an easy curve, a long shallow taper, a
 * rounded tip. Points are along the face from the break line (x) and across (y, treble positive),
 * from the bass side of the break round the tip to its treble side.
 */
public final class HeadOutline {
  private static final int PIECES = 24;

  private HeadOutline() {}

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
            new Point(length * 0.27, wide),
            PIECES));
    treble.addAll(
        tail(
            Arcs.cubic(
                new Point(length * 0.27, wide),
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
