package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;

/** Curves as corner points, close enough for a drawing printed at full size. */
public final class Arcs {
  /** No chord strays further than this from its curve, mm. */
  public static final double CHORD_ERROR = 0.01;

  private Arcs() {}

  /** A circle of 100 m radius as fine as the others; nothing here is larger or goes round twice. */
  private static final int MOST_PIECES = 8000;

  /**
   * Points along an arc, both ends included.
   *
   * @param from angle of the first point seen from the centre, radians anticlockwise from x
   * @param to angle of the last point; less than {@code from} for a clockwise arc
   */
  public static List<Point> arc(Point centre, double radius, double from, double to) {
    double step = radius <= CHORD_ERROR ? Math.PI / 2 : 2 * Math.acos(1 - CHORD_ERROR / radius);
    double wanted = Math.ceil(Math.abs(to - from) / step);
    int pieces = (int) Math.max(1, Math.min(MOST_PIECES, wanted));
    List<Point> points = new ArrayList<>(pieces + 1);
    double turn = (to - from) / pieces;
    double cos = Math.cos(turn);
    double sin = Math.sin(turn);
    double x = radius * Math.cos(from);
    double y = radius * Math.sin(from);
    for (int i = 0; i < pieces; i++) {
      points.add(centre.plus(x, y));
      // Turned on by one piece; good to 1e-12 over any circle.
      double next = x * cos - y * sin;
      y = x * sin + y * cos;
      x = next;
    }
    points.add(centre.plus(radius * Math.cos(to), radius * Math.sin(to)));
    return points;
  }

  /**
   * Radius of the arc over a chord that rises so far in the middle: (c² / 4 + r²) / (2 · r).
   *
   * @param rise more than 0
   */
  public static double radius(double chord, double rise) {
    return (chord * chord / 4 + rise * rise) / (2 * rise);
  }

  /**
   * Height over the chord of that arc at the distance x from the chord's beginning.
   *
   * @param rise at most half the chord: half a circle
   * @param x from 0 to the chord
   */
  public static double ordinate(double chord, double rise, double x) {
    double halves = x * (chord - x);
    if (halves <= 0) {
      return 0;
    }
    // Euclid III 35, nothing of it a difference of near numbers: flat or half a circle, to the end.
    double below = (chord / 2 - rise) * (chord / 2 + rise) / (2 * rise);
    return halves / (Math.hypot(below, Math.sqrt(halves)) + below);
  }

  /** Points along a cubic curve from a to d pulled towards b and c, both ends included. */
  public static List<Point> cubic(Point a, Point b, Point c, Point d, int pieces) {
    List<Point> points = new ArrayList<>(pieces + 1);
    for (int i = 0; i <= pieces; i++) {
      double t = (double) i / pieces;
      Point ab = a.towards(b, t);
      Point bc = b.towards(c, t);
      Point cd = c.towards(d, t);
      points.add(ab.towards(bc, t).towards(bc.towards(cd, t), t));
    }
    return points;
  }
}
