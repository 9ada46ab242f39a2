package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * Where a function of one variable changes its sign on an interval: sampled evenly so that no two
 * changes closer than a step are taken for none, then halved down.
 */
public final class RootSearch {
  private RootSearch() {}

  /**
   * All changes of sign, in order.
   *
   * @param pieces how many steps the interval is first divided into
   * @param tolerance how closely each place is found
   */
  public static List<Double> of(
      DoubleUnaryOperator function, double from, double to, int pieces, double tolerance) {
    List<Double> found = new ArrayList<>();
    double a = from;
    double fa = function.applyAsDouble(a);
    for (int i = 1; i <= pieces; i++) {
      double b = from + (to - from) * i / pieces;
      double fb = function.applyAsDouble(b);
      if (fa == 0) {
        found.add(a);
      } else if (fa * fb < 0) {
        found.add(between(function, a, b, fa, tolerance));
      }
      a = b;
      fa = fb;
    }
    if (fa == 0) {
      found.add(a);
    }
    return found;
  }

  private static double between(
      DoubleUnaryOperator function, double from, double to, double atFrom, double tolerance) {
    double a = from;
    double b = to;
    while (b - a > tolerance) {
      double middle = (a + b) / 2;
      if (function.applyAsDouble(middle) * atFrom > 0) {
        a = middle;
      } else {
        b = middle;
      }
    }
    return (a + b) / 2;
  }
}
