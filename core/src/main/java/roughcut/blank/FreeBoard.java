package roughcut.blank;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;

/**
 * What is still free of a board while parts are laid on it: the largest free rectangles, which may
 * overlap each other. Each part taken splits those that it touches.
 */
final class FreeBoard {

  private record Rect(double x0, double y0, double x1, double y1) {
    boolean contains(Rect other) {
      return x0 <= other.x0 + Precision.NEAR
          && y0 <= other.y0 + Precision.NEAR
          && x1 >= other.x1 - Precision.NEAR
          && y1 >= other.y1 - Precision.NEAR;
    }

    boolean touches(Rect other) {
      return x0 < other.x1 - Precision.NEAR
          && other.x0 < x1 - Precision.NEAR
          && y0 < other.y1 - Precision.NEAR
          && other.y0 < y1 - Precision.NEAR;
    }
  }

  private final Board board;
  private final double kerf;
  private final List<Rect> taken = new ArrayList<>();
  private List<Rect> free = new ArrayList<>();

  FreeBoard(Board board, double kerf) {
    this.board = board;
    this.kerf = kerf;
    if (board.unmeasured().isEmpty()) {
      free.add(new Rect(0, 0, board.length().getAsDouble(), board.width().getAsDouble()));
    }
  }

  Board board() {
    return board;
  }

  boolean alreadySawn() {
    return !taken.isEmpty();
  }

  private boolean suits(WoodPart part) {
    return board.species().equals(part.species())
        && board.unmeasured().isEmpty()
        && board.thickness().getAsDouble() >= part.thickness() - Precision.NEAR;
  }

  /** A mark that the part may not have in it. */
  private static boolean blocks(BoardMark mark, WoodPart part) {
    return part.strong() && mark.spoilsStrength();
  }

  /** A mark that the part had better not have in it; where it ends up is judged afterwards. */
  static boolean avoided(BoardMark mark, WoodPart part) {
    return mark.spoilsStrength() || part.seen() && mark.intent() == BoardMark.Intent.HIDE;
  }

  /**
   * A place for a part, as x and y; null when there is none. Places over a mark to be shown are
   * tried first for a part that is seen.
   */
  double[] find(WoodPart part, double width) {
    if (!suits(part)) {
      return null;
    }
    double[] clear = find(part, width, FreeBoard::avoided);
    return clear == null ? find(part, width, FreeBoard::blocks) : clear;
  }

  private double[] find(WoodPart part, double width, BiPredicate<BoardMark, WoodPart> clear) {
    if (part.seen()) {
      for (BoardMark mark : board.marks()) {
        if (mark.intent() == BoardMark.Intent.SHOW) {
          double[] over = over(mark, part, width, clear);
          if (over != null) {
            return over;
          }
        }
      }
    }
    double[] best = null;
    for (Rect rect : free) {
      for (double[] at : corners(rect, part, clear)) {
        boolean better =
            best == null
                || at[0] < best[0] - Precision.NEAR
                || at[0] < best[0] + Precision.NEAR && at[1] < best[1];
        if (better && fits(rect, at, part, width, clear)) {
          best = at;
        }
      }
    }
    return best;
  }

  private double[] over(
      BoardMark mark, WoodPart part, double width, BiPredicate<BoardMark, WoodPart> clear) {
    for (Rect rect : free) {
      double x =
          clamped(
              mark.x() + mark.length() / 2 - part.length() / 2, rect.x0, rect.x1 - part.length());
      List<Double> heights = new ArrayList<>();
      heights.add(clamped(mark.y() + mark.width() / 2 - width / 2, rect.y0, rect.y1 - width));
      corners(rect, part, clear).forEach(corner -> heights.add(corner[1]));
      for (double y : heights) {
        double[] at = {x, y};
        if (fits(rect, at, part, width, clear)
            && mark.overlaps(x, y, x + part.length(), y + width)) {
          return at;
        }
      }
    }
    return null;
  }

  private static double clamped(double value, double least, double most) {
    return Math.max(least, Math.min(most, value));
  }

  /** A free rectangle's corner, and the places beside and above the marks in it. */
  private List<double[]> corners(Rect rect, WoodPart part, BiPredicate<BoardMark, WoodPart> clear) {
    List<double[]> corners = new ArrayList<>();
    corners.add(new double[] {rect.x0, rect.y0});
    for (BoardMark mark : board.marks()) {
      if (clear.test(mark, part)) {
        double right = Math.max(rect.x0, mark.x() + mark.length());
        double above = Math.max(rect.y0, mark.y() + mark.width());
        corners.add(new double[] {right, rect.y0});
        corners.add(new double[] {rect.x0, above});
        corners.add(new double[] {right, above});
      }
    }
    return corners;
  }

  private boolean fits(
      Rect rect, double[] at, WoodPart part, double width, BiPredicate<BoardMark, WoodPart> clear) {
    double x1 = at[0] + part.length();
    double y1 = at[1] + width;
    return at[0] >= rect.x0 - Precision.NEAR
        && at[1] >= rect.y0 - Precision.NEAR
        && x1 <= rect.x1 + Precision.NEAR
        && y1 <= rect.y1 + Precision.NEAR
        && board.marks().stream()
            .noneMatch(m -> clear.test(m, part) && m.overlaps(at[0], at[1], x1, y1));
  }

  /** What is wrong with laying a part there; empty when nothing is. */
  Text problem(WoodPart part, double x, double y) {
    if (!board.species().equals(part.species())) {
      return Text.of("the board is a different wood");
    }
    if (board.unmeasured().isPresent()) {
      return Text.of("board {name} isn't measured", board.unmeasured().get());
    }
    if (board.thickness().getAsDouble() < part.thickness() - Precision.NEAR) {
      return Text.of("the board is too thin");
    }
    Rect here = new Rect(x, y, x + part.length(), y + part.width());
    Rect whole = new Rect(0, 0, board.length().getAsDouble(), board.width().getAsDouble());
    if (!whole.contains(here)) {
      return Text.of("overhangs the board");
    }
    if (taken.stream().anyMatch(t -> t.touches(here))) {
      return Text.of("overlaps another part or leaves no kerf");
    }
    return board.marks().stream()
        .filter(m -> blocks(m, part) && m.overlaps(here.x0, here.y0, here.x1, here.y1))
        .map(m -> Text.of("lies over “{mark}”", m.words()))
        .findFirst()
        .orElse(Text.NONE);
  }

  /** Takes a place, with the saw's kerf all round it. */
  void take(double x, double y, double length, double width) {
    Rect cut = new Rect(x - kerf, y - kerf, x + length + kerf, y + width + kerf);
    taken.add(cut);
    List<Rect> next = new ArrayList<>();
    for (Rect rect : free) {
      if (!rect.touches(cut)) {
        next.add(rect);
        continue;
      }
      keep(next, new Rect(rect.x0, rect.y0, cut.x0, rect.y1));
      keep(next, new Rect(cut.x1, rect.y0, rect.x1, rect.y1));
      keep(next, new Rect(rect.x0, rect.y0, rect.x1, cut.y0));
      keep(next, new Rect(rect.x0, cut.y1, rect.x1, rect.y1));
    }
    free = new ArrayList<>();
    for (int i = 0; i < next.size(); i++) {
      Rect one = next.get(i);
      boolean inside = false;
      for (int k = 0; k < next.size() && !inside; k++) {
        inside = k != i && next.get(k).contains(one) && (k < i || !one.contains(next.get(k)));
      }
      if (!inside) {
        free.add(one);
      }
    }
  }

  private static void keep(List<Rect> list, Rect rect) {
    if (rect.x1 - rect.x0 > Precision.NEAR && rect.y1 - rect.y0 > Precision.NEAR) {
      list.add(rect);
    }
  }
}
