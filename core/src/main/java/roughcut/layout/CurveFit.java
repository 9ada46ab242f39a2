package roughcut.layout;

import java.util.Optional;
import java.util.OptionalDouble;
import roughcut.design.BodyDecisions;

/**
 * Widths at a curve's points with which the curve itself, before any point is moved, is as wide as
 * is wanted: each put out by what the curve still lacks there, until nothing is lacking.
 *
 * @param bass at the points of that side
 * @param treble at the points of that side
 * @param none where no such curve has the widths
 */
record CurveFit(HalfWidths bass, HalfWidths treble, Optional<BodyOutline.NoCurve> none) {
  /** How closely the curve has its widths, mm. */
  private static final double CLOSE = 1e-6;

  /** A width that is off by less is there for every rule, mm. */
  private static final double SEEN = 0.05;

  private static final int MOST_ROUNDS = 40;

  /** First search for a waist that can be had, then the finer one; whole widths, mm. */
  private static final double COARSE = 20;

  private static final double FINE = 1;

  /** What the curve has at its two sides. */
  record Result(HalfWidths left, HalfWidths right) {
    double off(HalfWidths wanted) {
      return Math.max(wanted.off(left), wanted.off(right));
    }

    boolean converged(HalfWidths wanted) {
      return off(wanted) < SEEN / 2;
    }
  }

  /** What a curve comes out as whose points have such half widths. */
  interface Tried {
    Result with(HalfWidths bass, HalfWidths treble);
  }

  private record Round(HalfWidths bass, HalfWidths treble, Result found) {}

  /** The curve goes through its points, whatever it is between. */
  static CurveFit atItsPoints(HalfWidths wanted) {
    return new CurveFit(wanted, wanted, Optional.empty());
  }

  static CurveFit of(HalfWidths wanted, Tried curve) {
    Round last = fitted(wanted, curve);
    return new CurveFit(
        last.bass,
        last.treble,
        last.found.converged(wanted)
            ? Optional.empty()
            : Optional.of(new BodyOutline.NoCurve(waistToBeHad(wanted, curve))));
  }

  private static Round fitted(HalfWidths wanted, Tried curve) {
    HalfWidths bass = wanted;
    HalfWidths treble = wanted;
    for (int i = 1; ; i++) {
      Result found = curve.with(bass, treble);
      bass = bass.put(wanted, found.left);
      treble = treble.put(wanted, found.right);
      if (i == MOST_ROUNDS || found.off(wanted) < CLOSE) {
        return new Round(bass, treble, found);
      }
    }
  }

  /** The widest waist, less than is wanted, with which the curve has all its widths, mm. */
  private static OptionalDouble waistToBeHad(HalfWidths wanted, Tried curve) {
    double most = 2 * wanted.waist();
    OptionalDouble coarse = first(wanted, curve, most, COARSE);
    return coarse.isEmpty()
        ? coarse
        : first(wanted, curve, Math.min(most, coarse.getAsDouble() + COARSE), FINE);
  }

  private static OptionalDouble first(HalfWidths wanted, Tried curve, double most, double step) {
    double waist = Math.floor(most / step) * step;
    for (; waist >= BodyDecisions.BODY_WAIST.least(); waist -= step) {
      if (canBe(wanted.waisted(waist / 2), curve)) {
        return OptionalDouble.of(waist);
      }
    }
    return OptionalDouble.empty();
  }

  private static boolean canBe(HalfWidths wanted, Tried curve) {
    return fitted(wanted, curve).found.converged(wanted);
  }
}
