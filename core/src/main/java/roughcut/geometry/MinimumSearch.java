package roughcut.geometry;

import java.util.function.DoubleUnaryOperator;

/**
 * The least value of a function of one variable on an interval: sampled evenly so that no dip wider
 * than a step is missed, then narrowed around the lowest sample.
 *
 * @param at where the least value is
 * @param value the least value
 */
public record MinimumSearch(double at, double value) {
  private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

  /**
   * Searches an interval.
   *
   * @param samples how many steps the interval is first divided into, at least 1
   * @param tolerance how closely {@code at} is found
   */
  public static MinimumSearch of(
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
        new MinimumSearch(lowest, value),
        Math.max(from, lowest - step),
        Math.min(to, lowest + step),
        tolerance);
  }

  /**
   * Brent's way: a parabola through the last three places while that helps, golden section
   * otherwise; a handful of steps where the function is smooth.
   */
  private static MinimumSearch narrowed(
      DoubleUnaryOperator function, MinimumSearch best, double from, double to, double tolerance) {
    double a = from;
    double b = to;
    double x = best.at;
    double w = x;
    double v = x;
    double fx = best.value;
    double fw = fx;
    double fv = fx;
    double step = 0;
    double before = 0;
    while (b - a > tolerance) {
      double middle = (a + b) / 2;
      double least = tolerance / 4;
      if (Math.abs(x - middle) <= 2 * least - (b - a) / 2) {
        break;
      }
      double parabola = parabola(x, w, v, fx, fw, fv);
      boolean usable =
          Math.abs(parabola) < Math.abs(before) / 2 && x + parabola > a && x + parabola < b;
      before = usable ? step : x < middle ? b - x : a - x;
      step = usable ? parabola : (1 - GOLDEN) * before;
      if (usable && (x + step - a < 2 * least || b - x - step < 2 * least)) {
        step = Math.copySign(least, middle - x);
      }
      double u = x + (Math.abs(step) >= least ? step : Math.copySign(least, step));
      u = Math.max(from, Math.min(to, u));
      double fu = function.applyAsDouble(u);
      if (fu <= fx) {
        if (u < x) {
          b = x;
        } else {
          a = x;
        }
        v = w;
        fv = fw;
        w = x;
        fw = fx;
        x = u;
        fx = fu;
      } else {
        if (u < x) {
          a = u;
        } else {
          b = u;
        }
        if (fu <= fw || w == x) {
          v = w;
          fv = fw;
          w = u;
          fw = fu;
        } else if (fu <= fv || v == x || v == w) {
          v = u;
          fv = fu;
        }
      }
    }
    return new MinimumSearch(x, fx);
  }

  /**
   * How far from x the parabola through three places has its lowest point; far when it has none.
   */
  private static double parabola(double x, double w, double v, double fx, double fw, double fv) {
    double r = (x - w) * (fx - fv);
    double q = (x - v) * (fx - fw);
    double over = (x - v) * q - (x - w) * r;
    double under = 2 * (q - r);
    return under == 0 ? Double.POSITIVE_INFINITY : -over / under;
  }
}
