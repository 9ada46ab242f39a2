package roughcut.file;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import roughcut.geometry.Cubic;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;

/**
 * A spline of a DXF drawing.
 *
 * @param degree of its pieces, 1 to 8
 * @param knots one more than control points and degree together
 * @param control each as (x · w, y · w, w) with its weight w
 */
record DxfSpline(int degree, List<Double> knots, List<Point3> control) {
  private static final int HIGHEST_DEGREE = 8;

  private static final int CUBIC = 3;

  /** Pieces that a span is looked at in first: an odd number, so that no wave hides in them. */
  private static final int PIECES = 3;

  /** Parts of a piece between which it is looked at; a sharp turn may hide between few. */
  private static final int LOOKS = 8;

  /** How often a piece is halved at most. */
  private static final int HALVINGS = 12;

  /**
   * Nothing where the numbers make no spline.
   *
   * @param weights one for each control point; none when all weigh the same
   */
  static Optional<DxfSpline> of(
      int degree, List<Double> knots, List<Double> xs, List<Double> ys, List<Double> weights) {
    int n = Math.min(xs.size(), ys.size());
    boolean weighed = !weights.isEmpty();
    if (degree < 1
        || degree > HIGHEST_DEGREE
        || n <= degree
        || knots.size() < n + degree + 1
        || weighed && (weights.size() < n || weights.stream().anyMatch(w -> !(w > 0)))) {
      return Optional.empty();
    }
    List<Point3> control = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      double w = weighed ? weights.get(i) : 1;
      control.add(new Point3(xs.get(i) * w, ys.get(i) * w, w));
    }
    return Optional.of(new DxfSpline(degree, knots, control));
  }

  /**
   * Points along it, both ends included.
   *
   * @param fine no chord strays further from it, in the file's units
   * @param most it ends after so many points, and one more
   */
  List<Point> points(double fine, int most) {
    List<Point> run = new ArrayList<>();
    for (int k = degree; k < control.size() && run.size() <= most; k++) {
      double from = knots.get(k);
      double span = knots.get(k + 1) - from;
      if (!(span > 0)) {
        continue;
      }
      Point before = at(k, from);
      if (run.isEmpty()) {
        run.add(before);
      }
      for (int i = 1; i <= PIECES; i++) {
        double low = from + span * (i - 1) / PIECES;
        double high = from + span * i / PIECES;
        Point next = at(k, high);
        new Piece(k, fine, most, run).follow(low, before, high, next, HALVINGS);
        before = next;
      }
    }
    return run;
  }

  /** Part of one span, halved until it is as good as straight. */
  private final class Piece {
    private final int span;
    private final double fine;
    private final int most;
    private final List<Point> run;

    Piece(int span, double fine, int most, List<Point> run) {
      this.span = span;
      this.fine = fine;
      this.most = most;
      this.run = run;
    }

    void follow(double low, Point a, double high, Point b, int halvings) {
      if (run.size() > most) {
        return;
      }
      double half = (low + high) / 2;
      if (halvings == 0 || straight(low, a, high, b)) {
        run.add(b);
        return;
      }
      Point middle = at(span, half);
      follow(low, a, half, middle, halvings - 1);
      follow(half, middle, high, b, halvings - 1);
    }

    private boolean straight(double low, Point a, double high, Point b) {
      for (int i = 1; i < LOOKS; i++) {
        double t = low + (high - low) * i / LOOKS;
        if (at(span, t).distanceToSegment(a, b) > fine) {
          return false;
        }
      }
      return true;
    }
  }

  /**
   * Its spans as cubic curves; none where it is of a higher degree, or its points weigh otherwise.
   */
  List<Cubic> cubics() {
    List<Cubic> cubics = new ArrayList<>();
    boolean plain = control.stream().allMatch(p -> p.z() == control.get(0).z());
    for (int k = degree; plain && degree == CUBIC && k < control.size(); k++) {
      double from = knots.get(k);
      double to = knots.get(k + 1);
      if (to > from) {
        cubics.add(
            new Cubic(
                at(k, from, from, from),
                at(k, from, from, to),
                at(k, from, to, to),
                at(k, to, to, to)));
      }
    }
    return cubics;
  }

  private Point at(int k, double t) {
    double[] all = new double[degree];
    Arrays.fill(all, t);
    return at(k, all);
  }

  /**
   * By de Boor's rule, weights and all: of one parameter so often, the place on the curve; of the
   * ends of a span, the handles of its cubic curve (Ramshaw 1987).
   */
  private Point at(int k, double... t) {
    Point3[] d = new Point3[degree + 1];
    for (int j = 0; j <= degree; j++) {
      d[j] = control.get(j + k - degree);
    }
    for (int r = 1; r <= degree; r++) {
      for (int j = degree; j >= r; j--) {
        double low = knots.get(j + k - degree);
        double high = knots.get(j + 1 + k - r);
        d[j] = d[j - 1].towards(d[j], high > low ? (t[r - 1] - low) / (high - low) : 0);
      }
    }
    Point3 found = d[degree];
    return new Point(found.x() / found.z(), found.y() / found.z());
  }
}
