package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import roughcut.measure.Precision;

/**
 * A fair curve through given points: the natural cubic spline, laid over the lengths of the chords,
 * so that slope and curvature run on through every point without a kink.
 */
public final class Spline {
  private Spline() {}

  /**
   * The curve, a cubic from each given point to the next.
   *
   * @param through at least two points, none on top of the one before
   * @param pieces corners of it between two given points
   * @param closed whether a straight line joins its ends
   */
  public static Path through(List<Point> through, int pieces, boolean closed) {
    int n = through.size();
    double[] t = new double[n];
    for (int i = 1; i < n; i++) {
      t[i] = t[i - 1] + Math.max(Precision.SAME, through.get(i).distance(through.get(i - 1)));
    }
    double[] mx = moments(t, through.stream().mapToDouble(Point::x).toArray());
    double[] my = moments(t, through.stream().mapToDouble(Point::y).toArray());
    List<Point> points = new ArrayList<>((n - 1) * pieces + 1);
    points.add(through.get(0));
    for (int i = 1; i < n; i++) {
      for (int k = 1; k <= pieces; k++) {
        double at = t[i - 1] + (t[i] - t[i - 1]) * k / pieces;
        points.add(
            new Point(
                value(t, through.get(i - 1).x(), through.get(i).x(), mx, i, at),
                value(t, through.get(i - 1).y(), through.get(i).y(), my, i, at)));
      }
    }
    List<Segment> curves = new ArrayList<>(n);
    for (int i = 1; i < n; i++) {
      curves.add(curve(through.get(i - 1), through.get(i), t[i] - t[i - 1], mx, my, i));
    }
    if (closed) {
      curves.add(new Line(through.get(n - 1), through.get(0)));
    }
    return Path.known(points, closed, curves);
  }

  /** The stretch between two given points; its handles a third of its slopes at both ends away. */
  private static Cubic curve(Point a, Point d, double h, double[] mx, double[] my, int i) {
    double x = (d.x() - a.x()) / 3;
    double y = (d.y() - a.y()) / 3;
    double bend = h * h / 18;
    return new Cubic(
        a,
        a.plus(x - bend * (2 * mx[i - 1] + mx[i]), y - bend * (2 * my[i - 1] + my[i])),
        d.plus(-x - bend * (mx[i - 1] + 2 * mx[i]), -y - bend * (my[i - 1] + 2 * my[i])),
        d);
  }

  /** Second derivatives at the given points; nothing at both ends. */
  private static double[] moments(double[] t, double[] v) {
    int n = t.length;
    double[] m = new double[n];
    double[] c = new double[n];
    double[] d = new double[n];
    for (int i = 1; i < n - 1; i++) {
      double before = t[i] - t[i - 1];
      double after = t[i + 1] - t[i];
      double right = 6 * ((v[i + 1] - v[i]) / after - (v[i] - v[i - 1]) / before);
      double pivot = 2 * (before + after) - before * c[i - 1];
      c[i] = after / pivot;
      d[i] = (right - before * d[i - 1]) / pivot;
    }
    for (int i = n - 2; i > 0; i--) {
      m[i] = d[i] - c[i] * m[i + 1];
    }
    return m;
  }

  private static double value(double[] t, double from, double to, double[] m, int i, double at) {
    double h = t[i] - t[i - 1];
    double a = t[i] - at;
    double b = at - t[i - 1];
    return m[i - 1] * a * a * a / (6 * h)
        + m[i] * b * b * b / (6 * h)
        + (from / h - m[i - 1] * h / 6) * a
        + (to / h - m[i] * h / 6) * b;
  }
}
