package roughcut.file;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.geometry.Bounds;

/**
 * How a full-size drawing is spread over sheets of paper: rows and columns of tiles that overlap,
 * so that they can be laid over each other by their crosses.
 */
public record Tiling(Paper paper, int columns, int rows, Bounds drawing, List<Bounds> drawn) {
  /** What a printer leaves white at each side, mm. */
  public static final double MARGIN = 12;

  /** How far neighbouring tiles show the same, mm. */
  public static final double OVERLAP = 15;

  /** Nobody lays more sheets than this over each other. */
  public static final int MOST_SHEETS = 400;

  /**
   * One tile.
   *
   * @param name row letter and column number: A1 is the upper left
   * @param shows the part of the drawing on it
   */
  public record Tile(String name, Bounds shows) {}

  /** The tiles of a drawing; those on which nothing is drawn are left out. */
  public static Tiling of(Drawing drawing, Paper paper) {
    Bounds all = drawing.bounds();
    List<Bounds> drawn = new ArrayList<>();
    for (Mark mark : drawing.marks()) {
      drawn.addAll(mark.stretches());
    }
    return new Tiling(
        paper,
        count(all.width(), paper.width()),
        count(all.height(), paper.height()),
        all,
        List.copyOf(drawn));
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

  /** How many sheets lie under it all, blank ones counted. */
  public long sheets() {
    return (long) rows * columns;
  }

  /** Whether it takes more sheets than are printed; then there are no tiles. */
  public boolean tooMany() {
    return sheets() > MOST_SHEETS;
  }

  /** What is to be said where that is so. */
  public String tooManyWords() {
    return String.format(
        Locale.ROOT,
        "At full size this takes %,d sheets; at most %d are printed. Is a length wrong?",
        sheets(),
        MOST_SHEETS);
  }

  /** A, B … Z, AA, AB … */
  private static String letters(int row) {
    String last = Character.toString('A' + row % 26);
    return row < 26 ? last : letters(row / 26 - 1) + last;
  }

  /** How many sheets are printed. */
  public int printed() {
    return tiles().size();
  }

  /** All tiles, row by row from the upper left; none where there would be too many. */
  public List<Tile> tiles() {
    List<Tile> tiles = new ArrayList<>();
    if (tooMany()) {
      return tiles;
    }
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        double left = drawing.left() + column * (tileWidth() - OVERLAP);
        double high = drawing.high() - row * (tileHeight() - OVERLAP);
        Bounds shows = new Bounds(left, high - tileHeight(), left + tileWidth(), high);
        // A single sheet is printed even when it is empty.
        if (sheets() == 1 || drawn.stream().anyMatch(b -> b.distance(shows) <= 0)) {
          tiles.add(new Tile(letters(row) + (column + 1), shows));
        }
      }
    }
    return tiles;
  }

  /** The box around all tiles. */
  public Bounds covered() {
    return tiles().stream().map(Tile::shows).reduce(Bounds::and).orElse(drawing);
  }
}
