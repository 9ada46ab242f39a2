package roughcut.neck;

import java.util.Optional;
import roughcut.measure.Basis;
import roughcut.measure.Precision;
import roughcut.measure.Value;

/**
 * The neck's back as the saw left it, on which facet lines are drawn: B_now = what was read there,
 * or else the finished line and the roughing margin, and never more than the stock has. Between two
 * readings the one goes straight over into the other; beyond them their wood over the line stays
 * the same; a single reading tells of its own station only (handbook page 4, "Facets").
 *
 * @param margin left on by the saw, mm
 * @param stock depth of the shaft's wood below the glue line, mm
 * @param first what was read at fret 1, fretboard included; empty while nothing was
 * @param octave the same at the octave fret
 * @param basis what shapes it
 */
public record SawnBack(
    NeckShape neck,
    double margin,
    double stock,
    Optional<Value> first,
    Optional<Value> octave,
    Basis basis) {

  /** Depth of the back below the glue line at x, mm. */
  public double depth(double x) {
    double read = read(x);
    // What was read counts, prouder than the margin too: the facets' lines are drawn on it.
    return Math.min(stock, Double.isInfinite(read) ? neck.profile(x).depth() + margin : read);
  }

  /** Wood over the finished line at x; less than 0 where there is too little, mm. */
  public double left(double x) {
    return depth(x) - neck.profile(x).depth();
  }

  /** What the readings say of the depth at x; endless where they say nothing. */
  private double read(double x) {
    ThicknessLine line = neck.thickness();
    double x1 = line.firstX();
    double x2 = line.octaveX();
    double one = first.map(v -> v.value() - line.fretboard().value()).orElse(Double.NaN);
    double two = octave.map(v -> v.value() - line.fretboard().value()).orElse(Double.NaN);
    if (!Double.isNaN(one) && !Double.isNaN(two)) {
      return x <= x1
          ? one - line.depth(x1) + neck.profile(x).depth()
          : x >= x2
              ? two - line.depth(x2) + neck.profile(x).depth()
              : one + (two - one) * (x - x1) / (x2 - x1);
    }
    if (!Double.isNaN(one) && Math.abs(x - x1) < Precision.NEAR) {
      return one;
    }
    return !Double.isNaN(two) && Math.abs(x - x2) < Precision.NEAR ? two : Double.POSITIVE_INFINITY;
  }
}
