package roughcut.layout;

import java.util.List;
import roughcut.geometry.Point;

/** Half widths of one side of the body: at upper bout, waist and lower bout, mm. */
record HalfWidths(double upper, double waist, double lower) {
  /** Places of a side's points in their order from the neck. */
  private static final int HORN = 2;

  private static final int UPPER = 4;
  private static final int WAIST = 5;
  private static final int LOWER = 6;

  /** A curve without a waist can't have its widths; its points go no farther from them. */
  private static final double MOST_OFF = 0.15;

  /**
   * Those of a curve.
   *
   * @param curve that begins beside the neck at that side
   * @param side −1 for bass, 1 for treble
   */
  static HalfWidths of(List<Point> curve, int side) {
    int pieces = BodyCurve.PIECES;
    double upper = Double.NEGATIVE_INFINITY;
    double waist = Double.POSITIVE_INFINITY;
    double lower = Double.NEGATIVE_INFINITY;
    for (int i = HORN * pieces; i <= WAIST * pieces; i++) {
      upper = Math.max(upper, side * curve.get(i).y());
    }
    for (int i = UPPER * pieces; i <= LOWER * pieces; i++) {
      waist = Math.min(waist, side * curve.get(i).y());
    }
    for (int i = WAIST * pieces; i <= (LOWER + 1) * pieces; i++) {
      lower = Math.max(lower, side * curve.get(i).y());
    }
    return new HalfWidths(upper, waist, lower);
  }

  HalfWidths waisted(double other) {
    return new HalfWidths(upper, other, lower);
  }

  /** Put out by what is lacking; never so far that a curve without a waist runs away. */
  HalfWidths put(HalfWidths wanted, HalfWidths found) {
    return new HalfWidths(
        put(upper, wanted.upper, found.upper),
        put(waist, wanted.waist, found.waist),
        put(lower, wanted.lower, found.lower));
  }

  private static double put(double at, double wanted, double found) {
    double most = MOST_OFF * wanted;
    return Math.max(wanted - most, Math.min(wanted + most, at + wanted - found));
  }

  double off(HalfWidths o) {
    return Math.max(
        Math.abs(upper - o.upper), Math.max(Math.abs(waist - o.waist), Math.abs(lower - o.lower)));
  }
}
