package roughcut.neck;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import roughcut.geometry.MinimumSearch;
import roughcut.measure.Precision;

/**
 * A channel routed into the neck's top: pieces end to end, each with its own section, and what wood
 * remains between it and the carved back (handbook page 4, "What remains").
 *
 * @param pieces from the head end
 */
public record Channel(List<Piece> pieces) {
  private static final int SAMPLES = 10;
  private static final double TOLERANCE = 1e-3;

  /**
   * A piece of one width.
   *
   * @param from its head end, from the nut line, mm
   * @param to its heel end
   * @param width mm
   * @param depth at x, from the neck's top, mm
   * @param offset of its middle from the centre line at x, treble positive, mm
   * @param round whether the bottom is round
   */
  public record Piece(
      double from,
      double to,
      double width,
      DoubleUnaryOperator depth,
      DoubleUnaryOperator offset,
      boolean round) {
    double underCentre(NeckShape neck, double x) {
      double y = offset.applyAsDouble(x);
      return neck.profile(x).depthAt(y) - depth.applyAsDouble(x);
    }

    /**
     * Straight down under that lower corner under which less is left; a round bottom has none, and
     * its sides count.
     */
    double underCorner(NeckShape neck, double x) {
      double y = offset.applyAsDouble(x);
      double d = depth.applyAsDouble(x);
      NeckProfile profile = neck.profile(x);
      double thinner = Math.min(profile.depthAt(y - width / 2), profile.depthAt(y + width / 2));
      return thinner - (round ? Math.max(0, d - width / 2) : d);
    }

    double least(NeckShape neck, double x) {
      double y = offset.applyAsDouble(x);
      double d = depth.applyAsDouble(x);
      if (x > neck.joint().value()) {
        // Square in the body.
        return Math.min(neck.halfWidth(x) - Math.abs(y) - width / 2, neck.back().depth(x) - d);
      }
      return round
          ? neck.profile(x).distanceToRoundChannel(y, width, d)
          : neck.profile(x).distanceToChannel(y, width, d);
    }

    public double depthAt(double x) {
      return depth.applyAsDouble(x);
    }

    public double offsetAt(double x) {
      return offset.applyAsDouble(x);
    }

    public boolean reaches(double x) {
      return x >= from && x <= to;
    }
  }

  public Channel {
    pieces = List.copyOf(pieces);
  }

  /** Something about a piece at a place. */
  interface Left {
    double of(Piece piece, NeckShape neck, double x);
  }

  /**
   * The least along the whole channel, and where. Searched piece by piece between the corners of
   * the back line, so that none is stepped over.
   */
  MinimumSearch least(NeckShape neck, Left left) {
    MinimumSearch best = new MinimumSearch(pieces.get(0).from, Double.POSITIVE_INFINITY);
    double joint = neck.joint().value() + Precision.NEAR;
    for (Piece piece : pieces) {
      double[] stops = {
        piece.from, neck.back().straightFrom(), neck.back().straightTo(), joint, piece.to
      };
      double from = piece.from;
      for (int i = 1; i < stops.length; i++) {
        double to = Math.max(piece.from, Math.min(piece.to, stops[i]));
        if (to > from) {
          MinimumSearch here =
              MinimumSearch.of(x -> left.of(piece, neck, x), from, to, SAMPLES, TOLERANCE);
          best = here.value() < best.value() ? here : best;
          from = to;
        }
      }
    }
    return best;
  }

  /** The piece at x, the deepest where two meet; null where the channel doesn't reach. */
  public Piece at(double x) {
    Piece found = null;
    for (Piece piece : pieces) {
      if (piece.reaches(x) && (found == null || piece.depthAt(x) > found.depthAt(x))) {
        found = piece;
      }
    }
    return found;
  }

  /** Wood that it takes away, mm³; where an adjuster's end lies in it, what that takes more. */
  public double volume() {
    double sum = 0;
    Piece body = pieces.stream().reduce((a, b) -> a.to - a.from >= b.to - b.from ? a : b).get();
    for (Piece piece : pieces) {
      double length = piece.to - piece.from;
      double deep = 0;
      for (int i = 0; i < SAMPLES; i++) {
        double x = piece.from + length * (i + 0.5) / SAMPLES;
        double own = piece.width * piece.depthAt(x);
        boolean inBody = piece != body && body.reaches(x);
        deep +=
            inBody
                ? own
                    - Math.min(piece.width, body.width)
                        * Math.min(piece.depthAt(x), body.depthAt(x))
                : own;
      }
      sum += deep / SAMPLES * length;
    }
    return sum;
  }

  public double from() {
    return pieces.get(0).from;
  }

  public double to() {
    return pieces.get(pieces.size() - 1).to;
  }
}
