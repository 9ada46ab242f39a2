package roughcut.shop;

import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * A wood.
 *
 * @param id stable word used in files
 * @param name what it is called
 * @param densityLow usual least density at 12 % moisture, kg/m³
 * @param density mean density at 12 % moisture, kg/m³
 * @param densityHigh usual greatest density, kg/m³
 * @param hardness side hardness, N
 * @param radial total shrinkage green to dry across the rings, a fraction
 * @param tangential total shrinkage along the rings, a fraction
 * @param tint its colour in drawings, {@code #rrggbb}
 * @param figure the colour of its drawn grain
 * @param machines how it machines, in a few words
 * @param dust {@code irritant}, {@code sensitiser}, {@code toxic}, or empty when nothing particular
 *     is known
 */
public record Species(
    String id,
    String name,
    double densityLow,
    double density,
    double densityHigh,
    double hardness,
    double radial,
    double tangential,
    String tint,
    String figure,
    String machines,
    String dust) {

  public Species {
    if (!(densityLow > 0
        && densityLow <= density
        && density <= densityHigh
        && densityHigh <= 2000)) {
      throw new InvalidValue(
          Text.of(
              "{name}: a wood's density is over 0 and at most 2000 kg/m³, its mean between its "
                  + "limits",
              name));
    }
    if (!(radial >= 0
        && radial <= MOST_SHRINKAGE
        && tangential >= 0
        && tangential <= MOST_SHRINKAGE)) {
      throw new InvalidValue(Text.of("{name}: a wood shrinks by 0 to 30 %", name));
    }
    if (!(hardness >= 0 && hardness <= 50_000)) {
      throw new InvalidValue(Text.of("{name}: a wood's hardness is 0 to 50 000 N", name));
    }
    if (!tint.matches(COLOUR) || !figure.matches(COLOUR)) {
      throw new InvalidValue(Text.of("{name}: a wood's colours are written #rrggbb", name));
    }
  }

  private static final double MOST_SHRINKAGE = 0.3;
  private static final String COLOUR = "#[0-9A-Fa-f]{6}";

  /** The same numbers under another id and name. */
  public Species called(String nextId, String nextName) {
    return with(nextId, nextName, density, radial, tangential);
  }

  /** With another mean density, kg/m³; its usual least and greatest move along. */
  public Species weighing(double next) {
    return with(id, name, next, radial, tangential);
  }

  /** How much it shrinks from green to dry across the rings, %. */
  public double radialPercent() {
    return 100 * radial;
  }

  /** How much it shrinks from green to dry along the rings, %. */
  public double tangentialPercent() {
    return 100 * tangential;
  }

  /** With other shrinkage from green to dry, % across and along the rings. */
  public Species shrinking(double across, double along) {
    return with(id, name, density, across / 100, along / 100);
  }

  private Species with(String nextId, String nextName, double mean, double across, double along) {
    return new Species(
        nextId,
        nextName,
        densityLow * (mean / density),
        mean,
        densityHigh * (mean / density),
        hardness,
        across,
        along,
        tint,
        figure,
        machines,
        dust);
  }
}
