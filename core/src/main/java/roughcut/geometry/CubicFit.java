package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import roughcut.measure.Precision;

/**
 * One cubic curve in the place of two stretches: it begins and ends as they do, and its pulls are
 * as long as makes the sum of the squared distances to their places least (Gauss and Newton's
 * steps, each place held against the curve square to it).
 */
final class CubicFit {
  private static final int PLACES = 16;
  private static final int ROUNDS = 20;
  private static final double THIRD = 1 / 3.0;

  /** A pull never becomes shorter, as a share of the one that is begun with. */
  private static final double SHORTEST = 0.05;

  private final Point a;
  private final Point d;
  private final Point u;
  private final Point v;

  private CubicFit(Segment one, Segment two) {
    a = one.start();
    d = two.end();
    u = one.way(0).unit();
    v = two.way(1).unit();
  }

  static Cubic of(Segment one, Segment two) {
    List<Point> places = new ArrayList<>();
    for (Segment stretch : List.of(one, two)) {
      for (int i = 0; i <= PLACES; i++) {
        places.add(stretch.at((double) i / PLACES));
      }
    }
    return new CubicFit(one, two).near(places);
  }

  private Cubic curve(double p, double q) {
    return new Cubic(a, a.plus(u.x() * p, u.y() * p), d.plus(-v.x() * q, -v.y() * q), d);
  }

  private static double off(Cubic curve, List<Point> places) {
    return places.stream().mapToDouble(p -> Math.pow(curve.distance(p), 2)).sum();
  }

  private Cubic near(List<Point> places) {
    double p = a.distance(d) * THIRD;
    double q = p;
    double least = SHORTEST * p;
    Cubic best = curve(p, q);
    Cubic last = best;
    // Steps may lead over worse curves to a better one: all are taken, the best is kept.
    for (int i = 0; i < ROUNDS; i++) {
      double[] step = step(last, places);
      p = Math.max(least, p + step[0]);
      q = Math.max(least, q + step[1]);
      last = curve(p, q);
      best = off(last, places) < off(best, places) ? last : best;
    }
    return best;
  }

  /** How much longer the two pulls should be. */
  private double[] step(Cubic curve, List<Point> places) {
    double uu = 0;
    double uv = 0;
    double vv = 0;
    double ur = 0;
    double vr = 0;
    for (Point place : places) {
      double t = curve.nearest(place);
      Point way = curve.way(t).unit();
      double nx = -way.y();
      double ny = way.x();
      Point on = curve.at(t);
      double rest = (place.x() - on.x()) * nx + (place.y() - on.y()) * ny;
      double byP = 3 * (1 - t) * (1 - t) * t * (u.x() * nx + u.y() * ny);
      double byQ = -3 * (1 - t) * t * t * (v.x() * nx + v.y() * ny);
      uu += byP * byP;
      uv += byP * byQ;
      vv += byQ * byQ;
      ur += byP * rest;
      vr += byQ * rest;
    }
    double det = uu * vv - uv * uv;
    return Math.abs(det) < Precision.SQUARE
        ? new double[2]
        : new double[] {(ur * vv - vr * uv) / det, (vr * uu - ur * uv) / det};
  }
}
