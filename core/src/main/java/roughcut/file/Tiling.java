package roughcut.file;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.geometry.Bounds;
import roughcut.measure.Precision;
import roughcut.measure.Text;

/**
 * How a full-size drawing is spread over sheets of paper. What is one thing goes over rows and
 * columns of tiles that overlap, so that they can be laid over each other by their crosses; what
 * consists of pieces is printed piece by piece, each whole on one sheet where it fits, small ones
 * together.
 *
 * @param sheets how many sheets lie under it all, blank ones counted
 * @param tiles what is printed, in order; none where there would be too many
 */
public record Tiling(Paper paper, long sheets, List<Tile> tiles, Bounds drawing) {
  /** What a printer leaves white at each side, mm. */
  public static final double MARGIN = 12;

  /** How far neighbouring tiles show the same, mm. */
  public static final double OVERLAP = 15;

  /** Nobody lays more sheets than this over each other. */
  public static final int MOST_SHEETS = 400;

  /**
   * One tile.
   *
   * @param name row letter and column number: A1 is the upper left; of pieces the number before it
   * @param shows the part of the drawing on it
   * @param laid whether it is laid over others by crosses
   * @param group tiles of the same group are laid over each other
   */
  public record Tile(String name, Bounds shows, boolean laid, int group) {}

  public Tiling {
    tiles = List.copyOf(tiles);
  }

  /** The tiles of a drawing; those on which nothing is drawn are left out. */
  public static Tiling of(Drawing drawing, Paper paper) {
    List<Bounds> drawn = new ArrayList<>();
    for (Mark mark : drawing.marks()) {
      drawn.addAll(mark.stretches());
    }
    boolean whole = drawing.pieces().isEmpty();
    List<Bounds> groups = whole ? List.of(drawing.bounds()) : together(drawing.pieces(), paper);
    long sheets = groups.stream().mapToLong(g -> columns(g, paper) * rows(g, paper)).sum();
    List<Tile> tiles = new ArrayList<>();
    for (int i = 0; i < groups.size() && sheets <= MOST_SHEETS; i++) {
      spread(groups.get(i), i, whole ? "" : Integer.toString(i + 1), drawn, paper, tiles);
    }
    return new Tiling(paper, sheets, tiles, drawing.bounds());
  }

  /** Pieces that follow each other share a sheet as long as they fit on it. */
  private static List<Bounds> together(List<Bounds> pieces, Paper paper) {
    List<Bounds> groups = new ArrayList<>();
    for (Bounds piece : pieces) {
      int last = groups.size() - 1;
      if (last >= 0
          && fits(groups.get(last).and(piece), paper)
          && cutsNoOther(groups.get(last).and(piece), groups.get(last), piece, pieces)) {
        groups.set(last, groups.get(last).and(piece));
      } else {
        groups.add(piece);
      }
    }
    return groups;
  }

  private static boolean fits(Bounds b, Paper paper) {
    return columns(b, paper) * rows(b, paper) == 1;
  }

  private static boolean cutsNoOther(Bounds both, Bounds a, Bounds b, List<Bounds> pieces) {
    return pieces.stream()
        .filter(p -> a.distance(p) > 0 && b.distance(p) > 0)
        .allMatch(p -> both.distance(p) > 0);
  }

  private static void spread(
      Bounds of, int group, String number, List<Bounds> drawn, Paper paper, List<Tile> tiles) {
    double width = paper.width() - 2 * MARGIN;
    double height = paper.height() - 2 * MARGIN;
    long columns = columns(of, paper);
    long rows = rows(of, paper);
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        double left = of.left() + column * (width - OVERLAP);
        double high = of.high() - row * (height - OVERLAP);
        Bounds shows = new Bounds(left, high - height, left + width, high);
        boolean one = columns * rows == 1;
        // A single sheet is printed even when it is empty.
        if (one || drawn.stream().anyMatch(b -> b.distance(shows) <= 0)) {
          String place = letters(row) + (column + 1);
          String name = number.isEmpty() ? place : one ? number : number + place;
          tiles.add(new Tile(name, shows, !one, group));
        }
      }
    }
  }

  private static long columns(Bounds b, Paper paper) {
    return count(b.width(), paper.width());
  }

  private static long rows(Bounds b, Paper paper) {
    return count(b.height(), paper.height());
  }

  private static long count(double length, double paper) {
    double inside = paper - 2 * MARGIN;
    return Math.max(1, (long) Precision.ceil((length - OVERLAP) / (inside - OVERLAP)));
  }

  double tileWidth() {
    return paper.width() - 2 * MARGIN;
  }

  double tileHeight() {
    return paper.height() - 2 * MARGIN;
  }

  /** Whether it takes more sheets than are printed; then there are no tiles. */
  public boolean tooMany() {
    return sheets > MOST_SHEETS;
  }

  /** How it is printed, for the maker. */
  public Text words() {
    if (tooMany()) {
      return Text.of(
          "At full size this needs {sheets} sheets; the maximum is {most}. Is a length wrong?",
          String.format(Locale.ROOT, "%,d", sheets),
          MOST_SHEETS);
    }
    if (tiles.size() == 1) {
      return Text.of("One page. Print at 100 %.");
    }
    boolean laid = tiles.stream().anyMatch(Tile::laid);
    return laid
        ? Text.of(
            "{pages} pages, overlapping by {overlap}, with crosses to align them. Print at "
                + "100 %, without fitting to the page.",
            tiles.size(), Text.length(OVERLAP, 0))
        : Text.of(
            "{pages} pages, each piece whole on one page. Print at 100 %, without fitting "
                + "to the page.",
            tiles.size());
  }

  /** A, B … Z, AA, AB … */
  private static String letters(int row) {
    String last = Character.toString('A' + row % 26);
    return row < 26 ? last : letters(row / 26 - 1) + last;
  }

  /** The box around all tiles. */
  public Bounds covered() {
    return tiles.stream().map(Tile::shows).reduce(Bounds::and).orElse(drawing);
  }
}
