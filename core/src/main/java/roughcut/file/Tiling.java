package roughcut.file;

import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.Bounds;

/**
 * How a full-size drawing is spread over sheets of paper: rows and columns of tiles that overlap,
 * so that they can be laid over each other by their crosses.
 */
public record Tiling(Paper paper, int columns, int rows, Bounds drawing) {
  /** What a printer leaves white at each side, mm. */
  public static final double MARGIN = 12;

  /** How far neighbouring tiles show the same, mm. */
  public static final double OVERLAP = 15;

  /**
   * One tile.
   *
   * @param name row letter and column number: A1 is the upper left
   * @param shows the part of the drawing on it
   */
  public record Tile(String name, Bounds shows) {}

  public static Tiling of(Bounds drawing, Paper paper) {
    return new Tiling(
        paper,
        count(drawing.width(), paper.width()),
        count(drawing.height(), paper.height()),
        drawing);
  }

  private static int count(double length, double paper) {
    double inside = paper - 2 * MARGIN;
    return Math.max(1, (int) Math.ceil((length - OVERLAP) / (inside - OVERLAP) - 1e-9));
  }

  double tileWidth() {
    return paper.width() - 2 * MARGIN;
  }

  double tileHeight() {
    return paper.height() - 2 * MARGIN;
  }

  /** All tiles, row by row from the upper left. */
  public List<Tile> tiles() {
    List<Tile> tiles = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        double left = drawing.left() + column * (tileWidth() - OVERLAP);
        double high = drawing.high() - row * (tileHeight() - OVERLAP);
        tiles.add(
            new Tile(
                (char) ('A' + row) + Integer.toString(column + 1),
                new Bounds(left, high - tileHeight(), left + tileWidth(), high)));
      }
    }
    return tiles;
  }

  /** The box around all tiles. */
  public Bounds covered() {
    return tiles().stream().map(Tile::shows).reduce(Bounds::and).orElse(drawing);
  }
}
