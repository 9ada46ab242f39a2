package roughcut.shop;

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
    String dust) {}
