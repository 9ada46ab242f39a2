package roughcut.shop;

/**
 * A wood, as far as drawings need it.
 *
 * @param id stable word used in build files
 * @param name what it is called
 * @param tint its colour in drawings, {@code #rrggbb}
 * @param figure the colour of its drawn grain
 */
public record Species(String id, String name, String tint, String figure) {}
