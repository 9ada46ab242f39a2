package roughcut.blank;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import roughcut.measure.Precision;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;

/**
 * Strips laid on a board: side by side across its width in as many rows as its length allows, the
 * widest first, clear of marks that a strong part may not have in it. A good first fit, not the
 * best there is.
 *
 * @param cuts where each strip lies
 * @param missing how much wider the board would have to be for what found no place, mm
 * @param rows how many blank lengths the board gives
 * @param clear whether no mark stood in the way
 * @param sawn where strips lay that are off the board already
 */
public record RipLayout(List<Cut> cuts, double missing, int rows, boolean clear, List<Cut> sawn) {
  static final RipLayout EMPTY = new RipLayout(List.of(), 0, 0, true, List.of());

  /**
   * One strip on the board.
   *
   * @param strip its number in the stack
   * @param row 0 at the board's beginning
   * @param x where it begins along the board, mm
   * @param y its lower edge from the board's jointed edge, mm
   * @param rough its width before planing
   */
  public record Cut(int strip, int row, double x, double length, double y, double rough) {}

  /** A free band of a row, filled from its lower edge. */
  private static final class Band {
    private final int row;
    private final double high;
    private double next;

    private Band(int row, double low, double high) {
      this.row = row;
      this.next = low;
      this.high = high;
    }

    /** What is left for a strip beside those already there. */
    private double room() {
      return high - next;
    }
  }

  public RipLayout {
    cuts = List.copyOf(cuts);
    sawn = List.copyOf(sawn);
  }

  /**
   * Strips and their rough widths, in the same order.
   *
   * @param numbers in the stack
   * @param rough widths across the board, mm
   */
  record Strips(List<Integer> numbers, List<Double> rough) {
    static final Strips NONE = new Strips(List.of(), List.of());
  }

  /**
   * Lays strips out.
   *
   * @param oneRow negative when only a width is known, so that there is one row whatever the
   *     board's length
   * @param width there is to rip from
   * @param jointing what was taken off the first edge, so that marks stand where they were drawn
   * @param strips still to be sawn
   * @param off strips that are sawn off already, along the jointed edge
   */
  static RipLayout of(
      Optional<Board> board,
      int oneRow,
      double width,
      double jointing,
      Strips strips,
      Strips off,
      double kerf,
      double length) {
    double boardLength =
        board
            .filter(b -> oneRow >= 0 && b.length().isPresent())
            .map(b -> b.length().getAsDouble())
            .orElse(length);
    int rows = (int) Math.floor((boardLength + kerf) / (length + kerf) + Precision.SAME);
    List<BoardMark> marks =
        oneRow < 0
            ? List.of()
            : board.map(Board::marks).orElse(List.of()).stream()
                .filter(BoardMark::spoilsStrength)
                .toList();
    List<Band> bands = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      bands.addAll(bands(row, row * (length + kerf), length, width, jointing, marks));
    }
    boolean clear =
        bands.size() == rows && bands.stream().allMatch(b -> b.next == 0 && b.high == width);
    List<Cut> sawn = new ArrayList<>();
    lay(off, IntStream.range(0, off.rough().size()).boxed().toList(), bands, kerf, length, sawn);
    List<Integer> widestFirst =
        IntStream.range(0, strips.rough().size())
            .boxed()
            .sorted(Comparator.comparing((Integer i) -> -strips.rough().get(i)))
            .toList();
    List<Cut> cuts = new ArrayList<>();
    double unplaced = lay(strips, widestFirst, bands, kerf, length, cuts);
    double best = bands.stream().mapToDouble(Band::room).max().orElse(-kerf);
    return new RipLayout(
        cuts, unplaced == 0 ? 0 : Math.max(0, unplaced - kerf - best), rows, clear, sawn);
  }

  /** Lays strips into bands in that order; gives the width of those that found no place. */
  private static double lay(
      Strips strips,
      List<Integer> order,
      List<Band> bands,
      double kerf,
      double length,
      List<Cut> into) {
    double unplaced = 0;
    for (int i : order) {
      double r = strips.rough().get(i);
      Optional<Band> band = bands.stream().filter(b -> b.room() >= r - Precision.SAME).findFirst();
      if (band.isPresent()) {
        Band b = band.get();
        into.add(
            new Cut(strips.numbers().get(i), b.row, b.row * (length + kerf), length, b.next, r));
        b.next += r + kerf;
      } else {
        unplaced += r + kerf;
      }
    }
    return unplaced;
  }

  /** The bands of one row that no such mark reaches into. */
  private static List<Band> bands(
      int row, double x, double length, double width, double jointing, List<BoardMark> marks) {
    List<double[]> blocked = new ArrayList<>();
    for (BoardMark mark : marks) {
      if (mark.x() < x + length && mark.x() + mark.length() > x) {
        blocked.add(new double[] {mark.y() - jointing, mark.y() + mark.width() - jointing});
      }
    }
    blocked.sort(Comparator.comparingDouble(b -> b[0]));
    List<Band> bands = new ArrayList<>();
    double low = 0;
    for (double[] block : blocked) {
      if (block[0] > low) {
        bands.add(new Band(row, low, Math.min(width, block[0])));
      }
      low = Math.max(low, block[1]);
    }
    if (low < width) {
      bands.add(new Band(row, low, width));
    }
    return bands;
  }
}
