package roughcut.neck;

import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.Minimum;
import roughcut.geometry.Point;

/**
 * The carved back in section: |y/a|^p + |z/B|^p = 1 below the glue line, a half the width, B the
 * depth (handbook page 4, "Carving"). Points are y across, z up from the glue line.
 *
 * @param halfWidth a, mm
 * @param depth B, mm
 * @param exponent p: 2 round, 2.5 full, 1.7 a soft V; above 1, so that the section is convex
 */
public record NeckProfile(double halfWidth, double depth, double exponent) {
  private static final int SAMPLES = 12;

  /** Of the angle; the distance it leaves uncertain is far below a micron. */
  private static final double TOLERANCE = 1e-5;

  /** Depth of the carved back at the offset y; 0 outside the neck. */
  public double depthAt(double y) {
    double share = Math.abs(y) / halfWidth;
    return share >= 1 ? 0 : depth * Math.pow(1 - Math.pow(share, exponent), 1 / exponent);
  }

  /** Half the section's width at the depth z below the glue line; 0 below the back. */
  public double widthAt(double z) {
    double share = z / depth;
    return share >= 1 ? 0 : halfWidth * Math.pow(1 - Math.pow(share, exponent), 1 / exponent);
  }

  /** Whether the section has wood at that offset and depth. */
  public boolean holds(double y, double z) {
    return z < depthAt(y);
  }

  /**
   * A point of the carved back; {@code turn} runs from 0 at the treble edge of the glue line to π/2
   * at the bottom.
   */
  private Point at(double turn) {
    if (exponent == 2) {
      return new Point(halfWidth * Math.cos(turn), depth * Math.sin(turn));
    }
    double power = 2 / exponent;
    return new Point(
        halfWidth * Math.pow(Math.max(0, Math.cos(turn)), power),
        depth * Math.pow(Math.max(0, Math.sin(turn)), power));
  }

  /**
   * Shortest distance in the section from a place to the carved back: positive where there is wood,
   * negative outside it.
   *
   * @param y offset from the centre line, either side
   * @param z depth below the glue line, 0 or more
   */
  public double distance(double y, double z) {
    double side = Math.abs(y);
    Minimum squared =
        Minimum.of(
            turn -> {
              Point p = at(turn);
              double dy = p.x() - side;
              double dz = p.y() - z;
              return dy * dy + dz * dz;
            },
            0,
            Math.PI / 2,
            SAMPLES,
            TOLERANCE);
    double distance = Math.sqrt(squared.value());
    return holds(side, z) ? distance : -distance;
  }

  /**
   * Shortest distance from a channel's section to the carved back. The section is convex and so is
   * the channel, so the least is at one of the channel's corners.
   *
   * @param offset channel's middle from the centre line
   */
  public double distanceToChannel(double offset, double width, double channelDepth) {
    double outer = Math.abs(offset) + width / 2;
    return Math.min(distance(outer, channelDepth), distance(outer, 0));
  }

  /**
   * The carved back from the bass edge round to the treble edge: y across, z up and so negative.
   */
  public List<Point> curve(int pieces) {
    List<Point> points = new ArrayList<>(2 * pieces + 1);
    for (int i = -pieces; i <= pieces; i++) {
      Point p = at(Math.PI / 2 * (1 - Math.abs(i) / (double) pieces));
      points.add(new Point(Math.copySign(p.x(), i), -p.y()));
    }
    return points;
  }
}
