package roughcut.stock;

/**
 * What a turning cutter leaves under it: a shape round its axis, its lowest place at height 0.
 * Lengths in mm.
 */
public sealed interface Tip {
  /** Height over the lowest place, so far from the axis. */
  double over(double radius);

  /**
   * Lowest height over a place beside a straight way along which the tip rises evenly.
   *
   * @param beside distance of the place from the way as seen from above
   * @param from first and last place on the way that is asked about, from where the place is square
   *     beside it; all of them within the cutter's radius of it
   * @param rise of the way: mm a mm, along as seen from above; heights are counted from the tip
   *     where the place is square beside it
   */
  double lowest(double beside, double from, double to, double rise);

  /** Whether it leaves a floor: one height over all of its width. */
  boolean flat();

  /** A floor and an upright wall. */
  record Flat() implements Tip {
    @Override
    public double over(double radius) {
      return 0;
    }

    @Override
    public double lowest(double beside, double from, double to, double rise) {
      return Math.min(from * rise, to * rise);
    }

    @Override
    public boolean flat() {
      return true;
    }
  }

  /**
   * Half a ball.
   *
   * @param radius of the ball
   */
  record Ball(double radius) implements Tip {
    @Override
    public double over(double r) {
      return radius - Math.sqrt(Math.max(0, radius * radius - r * r));
    }

    /**
     * The least of k·s + R − √(R² − q² − s²): where its slope, k + s / √(ρ² − s²) with ρ² = R² −
     * q², is nothing.
     */
    @Override
    public double lowest(double beside, double from, double to, double rise) {
      double half = Math.sqrt(Math.max(0, radius * radius - beside * beside));
      double lowest = -rise * half / Math.sqrt(1 + rise * rise);
      double s = Math.max(from, Math.min(to, lowest));
      return rise * s + radius - Math.sqrt(Math.max(0, half * half - s * s));
    }

    @Override
    public boolean flat() {
      return false;
    }
  }

  /**
   * A cone on its point.
   *
   * @param slope height gained for each mm from the axis, more than 0
   */
  record Cone(double slope) implements Tip {
    @Override
    public double over(double radius) {
      return slope * radius;
    }

    /** The least of k·s + c·√(q² + s²): where its slope, k + c·s / √(q² + s²), is nothing. */
    @Override
    public double lowest(double beside, double from, double to, double rise) {
      double s;
      if (Math.abs(rise) < slope) {
        double lowest = -rise * beside / Math.sqrt(slope * slope - rise * rise);
        s = Math.max(from, Math.min(to, lowest));
      } else {
        s = rise > 0 ? from : to;
      }
      return rise * s + slope * Math.sqrt(beside * beside + s * s);
    }

    @Override
    public boolean flat() {
      return false;
    }
  }

  /**
   * A floor with a spur in its middle, or a rim round it, that goes ahead; as a bit is only meant
   * to go straight down, its spur is taken to be that deep wherever it is.
   *
   * @param ahead how far the spur goes ahead of the floor
   * @param radius of the spur
   */
  record Spurred(double ahead, double radius) implements Tip {
    @Override
    public double over(double r) {
      return r < radius ? ahead * r / radius : ahead;
    }

    @Override
    public double lowest(double beside, double from, double to, double rise) {
      double near = Math.max(from, Math.min(to, 0));
      return Math.min(from * rise, to * rise) + over(Math.hypot(beside, near));
    }

    @Override
    public boolean flat() {
      return false;
    }
  }
}
