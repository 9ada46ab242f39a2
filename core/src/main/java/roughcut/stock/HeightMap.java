package roughcut.stock;

import java.util.Arrays;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.measure.InvalidValue;
import roughcut.measure.Precision;
import roughcut.measure.Text;

/**
 * The upper face of something as a field of square cells, each with the height in its middle.
 * Lengths in mm; x along the columns, y along the rows, z up.
 */
public final class HeightMap {
  /** More cells than that don't fit beside the rest of the program. */
  private static final int MOST_CELLS = 60_000_000;

  /** Where there is nothing. */
  public static final float NOTHING = Float.NEGATIVE_INFINITY;

  private final double left;
  private final double low;
  private final double cell;
  private final int columns;
  private final int rows;

  /** Row after row. */
  final float[] heights;

  private HeightMap(double left, double low, double cell, int columns, int rows, float[] heights) {
    this.left = left;
    this.low = low;
    this.cell = cell;
    this.columns = columns;
    this.rows = rows;
    this.heights = heights;
  }

  /**
   * A level face.
   *
   * @param bounds that it covers; to the next whole cell
   * @param cell side of a cell
   * @throws InvalidValue when that makes too many cells
   */
  public static HeightMap level(Bounds bounds, double cell, double height) {
    double columns = Precision.ceil(bounds.width() / cell);
    double rows = Precision.ceil(bounds.height() / cell);
    if (!(cell > 0) || !(columns >= 1) || !(rows >= 1) || columns * rows > MOST_CELLS) {
      throw new InvalidValue(
          Text.of(
              "{columns} by {rows} cells can't be worked out: take larger ones.",
              Text.fixed(columns, 0),
              Text.fixed(rows, 0)));
    }
    float[] heights = new float[(int) (columns * rows)];
    Arrays.fill(heights, (float) height);
    return new HeightMap(bounds.left(), bounds.low(), cell, (int) columns, (int) rows, heights);
  }

  /** The same heights in cells of their own. */
  public HeightMap copy() {
    return new HeightMap(left, low, cell, columns, rows, heights.clone());
  }

  public double left() {
    return left;
  }

  public double low() {
    return low;
  }

  public double cell() {
    return cell;
  }

  public int columns() {
    return columns;
  }

  public int rows() {
    return rows;
  }

  /** Height in the middle of a cell; {@link #NOTHING} where nothing is. */
  public double height(int column, int row) {
    return heights[row * columns + column];
  }

  public void set(int column, int row, double height) {
    heights[row * columns + column] = (float) height;
  }

  /** The middle of a cell as seen from above. */
  public Point middle(int column, int row) {
    return new Point(left + (column + 0.5) * cell, low + (row + 0.5) * cell);
  }

  /** Column of the first cell whose middle isn't left of a place. */
  int columnFrom(double x) {
    return (int) Math.max(0, Math.ceil((x - left) / cell - 0.5));
  }

  /**
   * Column of the last cell whose middle isn't right of a place; -1 or less where there is none.
   */
  int columnTo(double x) {
    return (int) Math.min(columns - 1, Math.floor((x - left) / cell - 0.5));
  }

  /** Row of the first cell whose middle isn't below a place. */
  int rowFrom(double y) {
    return (int) Math.max(0, Math.ceil((y - low) / cell - 0.5));
  }

  int rowTo(double y) {
    return (int) Math.min(rows - 1, Math.floor((y - low) / cell - 0.5));
  }

  /** The highest place of it; {@link #NOTHING} where nothing is anywhere. */
  public double highest() {
    float most = NOTHING;
    for (float height : heights) {
      most = Math.max(most, height);
    }
    return most;
  }
}
