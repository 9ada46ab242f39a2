package roughcut.stock;

import roughcut.measure.Precision;

/**
 * A field of heights as a picture: lit from the upper left, the darker the deeper, x to the right
 * and y up as it lies on the machine. Where it is cut right through, what is under it is seen.
 */
public final class StockPicture {
  /** The way to the light: from the left, from above in the picture, and down on it. */
  private static final double[] LIGHT = {-0.48, 0.48, 0.74};

  /** Light that comes from everywhere, as a share. */
  private static final double AMBIENT = 0.45;

  /** How much darker the deepest floor is than the face, as a share. */
  private static final double DEEP = 0.45;

  /** Seen through a hole: a board under the work. */
  private static final int BOARD = 0xFF3A3F42;

  private StockPicture() {}

  /**
   * Its pixels row by row from above, 0xAARRGGBB; transparent beside it.
   *
   * @param top of the stock, mm
   * @param underside of it, mm
   * @param colour of its wood, 0xRRGGBB
   */
  public static int[] of(
      HeightMap map, double top, double underside, int colour, int width, int height) {
    int[] pixels = new int[width * height];
    double across = map.columns() * map.cell();
    double along = map.rows() * map.cell();
    double size = Math.max(across / width, along / height);
    double left = map.left() + (across - size * width) / 2;
    double high = map.low() + along - (along - size * height) / 2;
    double step = Math.max(size, map.cell());
    for (int py = 0; py < height; py++) {
      double y = high - (py + 0.5) * size;
      for (int px = 0; px < width; px++) {
        double x = left + (px + 0.5) * size;
        double z = at(map, x, y);
        if (Double.isNaN(z)) {
          continue;
        }
        pixels[py * width + px] =
            z <= underside + Precision.NEAR
                ? BOARD
                : lit(map, x, y, z, step, (top - z) / (top - underside), colour);
      }
    }
    return pixels;
  }

  private static int lit(
      HeightMap map, double x, double y, double z, double step, double deep, int colour) {
    double nx = -(or(map, x + step, y, z) - or(map, x - step, y, z)) / (2 * step);
    double ny = -(or(map, x, y + step, z) - or(map, x, y - step, z)) / (2 * step);
    double length = Math.sqrt(nx * nx + ny * ny + 1);
    double shine = Math.max(0, (nx * LIGHT[0] + ny * LIGHT[1] + LIGHT[2]) / length) / LIGHT[2];
    double light = (AMBIENT + (1 - AMBIENT) * shine) * (1 - DEEP * Math.max(0, Math.min(1, deep)));
    int pixel = 0xFF;
    for (int shift = 16; shift >= 0; shift -= 8) {
      int part = (int) Math.min(255, Math.round((colour >> shift & 0xFF) * light));
      pixel = pixel << 8 | part;
    }
    return pixel;
  }

  /** Height at a place; not a number beside the field. */
  private static double at(HeightMap map, double x, double y) {
    int column = (int) Math.floor((x - map.left()) / map.cell());
    int row = (int) Math.floor((y - map.low()) / map.cell());
    boolean inside = column >= 0 && row >= 0 && column < map.columns() && row < map.rows();
    return inside ? map.height(column, row) : Double.NaN;
  }

  private static double or(HeightMap map, double x, double y, double other) {
    double z = at(map, x, y);
    return Double.isNaN(z) ? other : z;
  }
}
