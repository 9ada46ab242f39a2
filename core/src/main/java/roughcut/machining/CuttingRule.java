package roughcut.machining;

import roughcut.shop.Cutter;
import roughcut.shop.PassRule;

/**
 * What a CNC router's cutter takes at once (handbook page 11, "How chips are made").
 *
 * @param deepest a pass may be, mm
 * @param chip usual thickness of what each edge takes in a turn, mm
 */
public record CuttingRule(double deepest, double chip) {
  /** More than so many times the usual chip breaks a cutter. */
  public static final double TOO_THICK = 1.5;

  /** Less than such a share of it rubs and burns. */
  public static final double TOO_THIN = 0.25;

  /** Under this diameter a cutter is tiny, mm. */
  private static final double TINY = 2;

  private static final double SMALL = 6;
  private static final double LARGE = 12;

  /** In woods that aren't dense a chip may be so many times as thick. */
  private static final double SOFT = 1.3;

  /** For a cutter in wood of that density, kg/m³. */
  public static CuttingRule of(Cutter cutter, double density) {
    boolean dense = density >= PassRule.DENSE;
    double d = cutter.diameter();
    double deepest = d < TINY ? d / 4 : dense ? d / 2 : d;
    double chip = d <= SMALL ? 0.015 * d : 0.1 + 0.1 * Math.min(1, (d - SMALL) / (LARGE - SMALL));
    return new CuttingRule(Math.min(deepest, cutter.cutting()), dense ? chip : SOFT * chip);
  }
}
