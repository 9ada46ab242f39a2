package roughcut.geometry;

import java.util.function.DoubleUnaryOperator;

/**
 * The least value of a function of one variable on an interval: sampled evenly so that no dip wider
 * than a step is missed, then narrowed by golden section around the lowest sample.
 *
 * @param at where the least value is
 * @param value the least value
 */
public record Minimum(double at, double value) {
  private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

  /**
   * Searches an interval.
   *
   * @param samples how many steps the interval is first divided into, at least 1
   * @param tolerance how closely {@code at} is found
   */
  public static Minimum of(
      DoubleUnaryOperator function, double from, double to, int samples, double tolerance) {
    double lowest = from;
    double value = function.applyAsDouble(from);
    double step = (to - from) / samples;
    for (int i = 1; i <= samples; i++) {
      double at = i == samples ? to : from + i * step;
      double here = function.applyAsDouble(at);
      if (here < value) {
        value = here;
        lowest = at;
      }
    }
    return narrowed(
        function,
        new Minimum(lowest, value),
        Math.max(from, lowest - step),
        Math.min(to, lowest + step),
        tolerance);
  }

  private static Minimum narrowed(
      DoubleUnaryOperator function, Minimum best, double from, double to, double tolerance) {
    double a = from;
    double b = to;
    double c = b - GOLDEN * (b - a);
    double d = a + GOLDEN * (b - a);
    double fc = function.applyAsDouble(c);
    double fd = function.applyAsDouble(d);
    while (b - a > tolerance) {
      if (fc <= fd) {
        b = d;
        d = c;
        fd = fc;
        c = b - GOLDEN * (b - a);
        fc = function.applyAsDouble(c);
      } else {
        a = c;
        c = d;
        fc = fd;
        d = a + GOLDEN * (b - a);
        fd = function.applyAsDouble(d);
      }
    }
    Minimum found = fc <= fd ? new Minimum(c, fc) : new Minimum(d, fd);
    return found.value < best.value ? found : best;
  }
}
