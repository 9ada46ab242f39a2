package roughcut.geometry;

import java.util.List;

/**
 * From where to where upright lines run through a shape without hollows. Its edge is two ways from
 * its left to its right, so that a line meets each once; lines from left to right find the place
 * where the one before was.
 */
public final class ConvexSpan {
  private final Way one;
  private final Way other;

  /** One way along the edge, x rising. */
  private static final class Way {
    private final double[] x;
    private final double[] y;
    private int at;

    Way(List<Point> corners, int from, int to, int step) {
      int n = corners.size();
      int count = Math.floorMod((to - from) * step, n) + 1;
      x = new double[count];
      y = new double[count];
      for (int i = 0; i < count; i++) {
        Point p = corners.get(Math.floorMod(from + i * step, n));
        x[i] = p.x();
        y[i] = p.y();
      }
    }

    double y(double line) {
      while (at > 0 && x[at] > line) {
        at--;
      }
      while (at < x.length - 2 && x[at + 1] < line) {
        at++;
      }
      if (x.length == 1) {
        return y[0];
      }
      double run = x[at + 1] - x[at];
      double share = run > 0 ? Math.max(0, Math.min(1, (line - x[at]) / run)) : 0;
      return y[at] + (y[at + 1] - y[at]) * share;
    }
  }

  /**
   * @param corners in order, without hollows
   */
  public ConvexSpan(List<Point> corners) {
    int left = 0;
    int right = 0;
    for (int i = 1; i < corners.size(); i++) {
      left = corners.get(i).x() < corners.get(left).x() ? i : left;
      right = corners.get(i).x() > corners.get(right).x() ? i : right;
    }
    one = new Way(corners, left, right, 1);
    other = new Way(corners, left, right, -1);
  }

  /** The lower end of an upright line's way through the shape, between its left and right. */
  public double low(double x) {
    return Math.min(one.y(x), other.y(x));
  }

  /** The upper end. */
  public double high(double x) {
    return Math.max(one.y(x), other.y(x));
  }
}
