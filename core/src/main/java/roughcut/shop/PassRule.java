package roughcut.shop;

import roughcut.measure.Precision;

/**
 * How deep a router cuts in one pass (handbook page 6, "Passes"): by the cutter's diameter, less in
 * dense wood.
 */
public final class PassRule {
  /** From this density on wood counts as dense, kg/m³. */
  public static final double DENSE = 700;

  private PassRule() {}

  /** Deepest pass of a cutter, mm. */
  public static double deepest(double diameter, double density) {
    double deepest =
        diameter <= 12 ? Math.min(diameter / 2, 5) : diameter <= 20 ? 6 : diameter <= 40 ? 3 : 2;
    return density >= DENSE ? 0.7 * deepest : deepest;
  }

  /** How many equal passes a depth takes. */
  public static int passes(double depth, double deepest) {
    return (int) Math.max(1, Precision.ceil(depth / deepest));
  }
}
