package roughcut.neck;

import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.MinimumSearch;
import roughcut.geometry.Point;

/**
 * The carved back in section: |y/a|^p + |z/B|^p = 1 below the glue line, a half the width, B the
 * depth, p possibly another at each side, below a straight shoulder if there is one (handbook page
 * 4, "Carving"). Points are y across, treble positive, z up from the glue line.
 *
 * @param halfWidth a, mm
 * @param depth B, shoulder included, mm
 * @param bass p at the bass side: 2 round, 2.5 full, 1.7 a soft V; above 1, so that the section is
 *     convex
 * @param treble p at the treble side
 * @param shoulder height of the straight sides under the fretboard, less than the depth, mm
 */
public record NeckProfile(
    double halfWidth, double depth, double bass, double treble, double shoulder) {
  private static final int SAMPLES = 12;

  /** What a shoulder leaves for the curve under it, mm. */
  private static final double LEAST_CURVE = 1e-3;

  /** Of the angle; the distance it leaves uncertain is far below a micron. */
  private static final double TOLERANCE = 1e-5;

  /** Alike at both sides, without a shoulder. */
  public NeckProfile(double halfWidth, double depth, double exponent) {
    this(halfWidth, depth, exponent, exponent, 0);
  }

  public NeckProfile {
    shoulder = Math.max(0, Math.min(shoulder, depth - LEAST_CURVE));
  }

  /** The exponent at the side of an offset. */
  public double exponent(double y) {
    return y < 0 ? bass : treble;
  }

  /** Depth of the curved part alone. */
  private double bowl() {
    return depth - shoulder;
  }

  /** Depth of the carved back at the offset y; 0 outside the neck. */
  public double depthAt(double y) {
    double share = Math.abs(y) / halfWidth;
    double p = exponent(y);
    return share >= 1 ? 0 : shoulder + bowl() * Math.pow(1 - Math.pow(share, p), 1 / p);
  }

  /** Whether the section has wood at that offset and depth. */
  public boolean holds(double y, double z) {
    return z < depthAt(y);
  }

  /**
   * A point of the carved back at one side; {@code turn} runs from 0 at the shoulder to π/2 at the
   * bottom. y as a distance from the centre line, z as a depth.
   */
  private Point at(double turn, double p) {
    double cos = Math.max(0, Math.cos(turn));
    double sin = Math.max(0, Math.sin(turn));
    if (p == 2) {
      return new Point(halfWidth * cos, shoulder + bowl() * sin);
    }
    double power = 2 / p;
    return new Point(halfWidth * Math.pow(cos, power), shoulder + bowl() * Math.pow(sin, power));
  }

  /**
   * Shortest distance in the section from a place to the carved back: positive where there is wood,
   * negative outside it.
   *
   * @param y offset from the centre line, treble positive
   * @param z depth below the glue line, 0 or more
   */
  public double distance(double y, double z) {
    double squared = squared(Math.abs(y), z, exponent(y));
    if (bass != treble) {
      // The nearest place may lie across the centre line.
      squared = Math.min(squared, squared(-Math.abs(y), z, exponent(-y)));
    }
    double distance = Math.sqrt(squared);
    if (z < shoulder) {
      distance = Math.min(distance, Math.abs(halfWidth - Math.abs(y)));
    }
    return holds(y, z) ? distance : -distance;
  }

  private double squared(double side, double z, double p) {
    return MinimumSearch.of(
            turn -> {
              Point point = at(turn, p);
              double dy = point.x() - side;
              double dz = point.y() - z;
              return dy * dy + dz * dz;
            },
            0,
            Math.PI / 2,
            SAMPLES,
            TOLERANCE)
        .value();
  }

  /**
   * Shortest distance from a channel's section to the carved back. The section is convex and so is
   * the channel, so the least is at one of the channel's corners: the outer one where both sides
   * are alike, and either of the two where one is leaner.
   *
   * @param offset channel's middle from the centre line
   */
  public double distanceToChannel(double offset, double width, double channelDepth) {
    if (bass != treble) {
      return Math.min(
          corners(offset + width / 2, channelDepth), corners(offset - width / 2, channelDepth));
    }
    return corners(offset + Math.copySign(width / 2, offset), channelDepth);
  }

  private double corners(double outer, double channelDepth) {
    return withUpper(outer, distance(outer, channelDepth));
  }

  /** The least of a distance and that of the channel's upper corner at the glue line. */
  private double withUpper(double outer, double least) {
    // The convex section holds the triangle under the glue line, so that the upper corner is at
    // least this far from the back; mostly that settles it.
    double bound = (halfWidth - Math.abs(outer)) * depth / Math.hypot(halfWidth, depth);
    return bound >= least ? least : Math.min(least, distance(outer, 0));
  }

  /** The same for a channel with a round bottom as wide as itself. */
  public double distanceToRoundChannel(double offset, double width, double channelDepth) {
    double radius = width / 2;
    double centre = Math.max(0, channelDepth - radius);
    double round = distance(offset, centre) - radius;
    if (bass != treble) {
      return Math.min(withUpper(offset + radius, round), withUpper(offset - radius, round));
    }
    return withUpper(offset + Math.copySign(radius, offset), round);
  }

  /**
   * The carved back from the bass edge of the glue line round to the treble edge: y across, z up
   * and so negative.
   */
  public List<Point> curve(int pieces) {
    List<Point> points = new ArrayList<>(2 * pieces + 3);
    if (shoulder > 0) {
      points.add(new Point(-halfWidth, 0));
    }
    for (int i = -pieces; i <= pieces; i++) {
      double turn = Math.PI / 2 * (1 - Math.abs(i) / (double) pieces);
      Point p = at(turn, i < 0 ? bass : treble);
      points.add(new Point(Math.copySign(p.x(), i), -p.y()));
    }
    if (shoulder > 0) {
      points.add(new Point(halfWidth, 0));
    }
    return points;
  }

  /**
   * How far the profile reaches in a direction, seen from the glue line's middle: the support of
   * the convex section, mm.
   *
   * @param ny share of the direction across, to the side of {@code side}
   * @param nz share of the direction down
   */
  public double reach(double ny, double nz, double side) {
    double p = exponent(side);
    double q = p / (p - 1);
    double curved =
        Math.pow(Math.pow(halfWidth * ny, q) + Math.pow(bowl() * nz, q), 1 / q) + shoulder * nz;
    return Math.max(curved, halfWidth * ny);
  }
}
