package roughcut.blank;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.HalfArrangement;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;
import roughcut.shop.Shop;

/**
 * The boards' marks as they come to lie on the body blank, and whether what the maker wants of them
 * is met: hidden, in waste, or showing (handbook page 3, "Laying the outline").
 *
 * @param place on the blank: x from its head end, y from its middle
 * @param otherFace whether the half lies turned over, so that the mark's face is underneath
 * @param fate what becomes of it
 * @param met whether that is what was wanted
 */
public record BodyMarks(
    String board, BoardMark mark, Outline place, boolean otherFace, Fate fate, boolean met) {
  private static final int LOOKS = 12;
  private static final double HAIR = 0.01;

  /** What becomes of a mark. */
  public enum Fate {
    IN_WASTE(Text.of("in the waste")),
    HIDDEN(Text.of("hidden under the top")),
    COVERED(Text.of("hidden by a rout or hardware")),
    SHOWING(Text.of("showing"));

    private final Text words;

    Fate(Text words) {
      this.words = words;
    }

    public Text words() {
      return words;
    }
  }

  /**
   * What takes marks away or lies over them: routs and hardware as they are seen on each face, on
   * the instrument.
   */
  public record Covers(List<Outline> top, List<Outline> back) {}

  /** Every mark on the boards that the back's pieces lie on. */
  public static List<BodyMarks> of(
      Design design, Shop shop, BodyBlank body, BoardLayout layout, Covers covers) {
    List<BodyMarks> all = new ArrayList<>();
    Covers laid =
        new Covers(
            covers.top.stream().map(o -> onBlank(body, o)).toList(),
            covers.back.stream().map(o -> onBlank(body, o)).toList());
    HalfArrangement second = BodyDecisions.BODY_HALVES.in(design);
    // A board is what it is: in the plan of a left-handed body, which is its mirror image, the
    // board's face is the mirror image too.
    boolean mirrored = Decisions.HAND.in(design).frame().mirrors();
    double half = body.width().value() / 2;
    for (int i = 1; i <= 2; i++) {
      BoardLayout.Laid piece = layout.of("body.half." + i).orElse(null);
      if (piece != null) {
        boolean over = i == 2 && second.over();
        boolean ends = i == 2 && second.ends();
        double y0 = i == 1 ? -half : 0;
        add(all, shop, body, piece, laid, y0, half, over, ends, mirrored);
      }
    }
    layout
        .of("body.piece")
        .ifPresent(
            piece -> add(all, shop, body, piece, laid, -half, 2 * half, false, false, mirrored));
    return List.copyOf(all);
  }

  private static void add(
      List<BodyMarks> all,
      Shop shop,
      BodyBlank body,
      BoardLayout.Laid laid,
      Covers covers,
      double y0,
      double width,
      boolean over,
      boolean ends,
      boolean mirrored) {
    Optional<Board> board = shop.board(laid.board());
    if (board.isEmpty()) {
      return;
    }
    double length = body.length().value();
    for (BoardMark mark : board.get().marks()) {
      double x = mark.x() - laid.x();
      double y = mark.y() - laid.y();
      if (x >= laid.part().length()
          || y >= laid.part().width()
          || x + mark.length() <= 0
          || y + mark.width() <= 0) {
        continue;
      }
      // Turned over about its length, or turned round in the plane: each mirrors what it must.
      boolean flipY = over != ends != mirrored;
      double x0 = ends ? length - x - mark.length() : x;
      double low = flipY ? width - y - mark.width() : y;
      // Only the part of a mark that lies in this piece comes along.
      double left = Math.max(0, x0);
      double right = Math.min(length, x0 + mark.length());
      double bottom = Math.max(0, low);
      double up = Math.min(width, low + mark.width());
      if (right - left < 1 || up - bottom < 1) {
        continue;
      }
      Outline place = Outline.rectangle(left, y0 + bottom, right, y0 + up);
      Fate fate = fate(body, place, over ? covers.back : covers.top);
      all.add(new BodyMarks(laid.board(), mark, place, over, fate, met(mark, fate)));
    }
  }

  private static Outline onBlank(BodyBlank body, Outline shape) {
    return new Outline(shape.corners().stream().map(body.placement()::onBlank).toList());
  }

  private static Fate fate(BodyBlank body, Outline place, List<Outline> covers) {
    if (!body.placement().shape().overlaps(place)) {
      return Fate.IN_WASTE;
    }
    if (body.top().value() > 0) {
      return Fate.HIDDEN;
    }
    return covered(body.placement().shape(), place, covers) ? Fate.COVERED : Fate.SHOWING;
  }

  /**
   * Whether nothing of a mark that lies on the body is left to be seen, looked at place by place.
   */
  private static boolean covered(Outline body, Outline place, List<Outline> covers) {
    Bounds b = place.bounds();
    for (int i = 0; i <= LOOKS; i++) {
      for (int k = 0; k <= LOOKS; k++) {
        // Just inside its corners, so that a mark as large as what covers it is covered.
        double x = b.left() + HAIR + (b.width() - 2 * HAIR) * i / LOOKS;
        double y = b.low() + HAIR + (b.height() - 2 * HAIR) * k / LOOKS;
        Point p = new Point(x, y);
        if (body.contains(p) && covers.stream().noneMatch(c -> c.contains(p))) {
          return false;
        }
      }
    }
    return true;
  }

  private static boolean met(BoardMark mark, Fate fate) {
    return switch (mark.intent()) {
      case HIDE -> fate != Fate.SHOWING;
      case SHOW -> fate == Fate.SHOWING;
      case AVOID -> fate == Fate.IN_WASTE;
      case ANY -> true;
    };
  }
}
