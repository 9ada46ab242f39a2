package roughcut.drawing;

import java.util.List;
import roughcut.blank.BoardLayout;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;
import roughcut.shop.Species;

/**
 * One board's face to scale, as it lies in the rack: its marks, what is to be sawn from it, and a
 * question mark where a dimension was never measured.
 */
public final class BoardFace {
  private static final double UNKNOWN_LENGTH = 700;
  private static final double UNKNOWN_WIDTH = 90;

  private BoardFace() {}

  /** The board by itself; its marks can be dragged. */
  public static Drawing of(Plan plan, Board board, Units units) {
    Sketch sketch = new Sketch(plan, units);
    double length = board.length().orElse(UNKNOWN_LENGTH);
    double width = board.width().orElse(UNKNOWN_WIDTH);
    double thickness = board.thickness().orElse(20);
    Outline face = Outline.rectangle(0, 0, length, width);
    Species wood = plan.wood(board.species());
    sketch.wood(face, wood);
    for (BoardLayout.Laid laid : plan.boards().on(board.id())) {
      Outline part =
          Outline.rectangle(
              laid.x(), laid.y(), laid.x() + laid.part().length(), laid.y() + laid.part().width());
      sketch.outline(Role.STOCK, part);
    }
    boolean known = board.length().isPresent() && board.width().isPresent();
    sketch.outline(known ? Role.OUTLINE : Role.HIDDEN, face);
    marks(board, sketch, true);
    sketch.dimension(
        board.length().isPresent() ? Role.DIMENSION : Role.STOP,
        new Point(0, 0),
        new Point(length, 0),
        -40,
        words(board.length(), Text.of("length not measured")));
    sketch.dimension(
        board.width().isPresent() ? Role.DIMENSION : Role.STOP,
        new Point(length, 0),
        new Point(length, width),
        -14,
        words(board.width(), Text.of("width?")));
    edge(board, wood, sketch, length, thickness);
    return sketch.drawing(
        Text.of("Board {id}", board.id()),
        new Bounds(-20, -thickness - 100, length + 110, width + 30));
  }

  private static Text words(java.util.OptionalDouble mm, Text unknown) {
    return mm.isPresent()
        ? Text.only(Text.shown(mm.getAsDouble(), Quantity.ROUGH_LENGTH))
        : unknown;
  }

  /** The board's edge below its face, with the run-out of its grain. */
  private static void edge(
      Board board, Species wood, Sketch sketch, double length, double thickness) {
    sketch.origin(0, -thickness - 70);
    Outline edge = Outline.rectangle(0, 0, length, thickness);
    sketch.wood(edge, wood, board.runOut());
    sketch.outline(board.thickness().isPresent() ? Role.OUTLINE : Role.HIDDEN, edge);
    sketch.dimension(
        board.thickness().isPresent() ? Role.DIMENSION : Role.STOP,
        new Point(length, 0),
        new Point(length, thickness),
        -14,
        words(board.thickness(), Text.of("thickness?")));
    if (board.runOut() > 0) {
      sketch.text(
          Role.NOTE,
          0,
          -14,
          Text.of("grain runout {number}°", Text.fixed(board.runOut(), 1)),
          Anchor.START,
          Size.SMALL);
    }
    sketch.origin(0, 0);
  }

  /** The marks on a board's face. */
  static void marks(Board board, Sketch sketch, boolean handles) {
    List<BoardMark> marks = board.marks();
    for (int i = 0; i < marks.size(); i++) {
      BoardMark mark = marks.get(i);
      Role role =
          mark.spoilsStrength()
              ? Role.STOP
              : mark.intent() == BoardMark.Intent.SHOW ? Role.MEASURED : Role.LOOK;
      Outline shape =
          Outline.rectangle(mark.x(), mark.y(), mark.x() + mark.length(), mark.y() + mark.width());
      sketch.outline(role, shape);
      sketch.hatch(role, shape, 9);
      if (handles || mark.length() > 60) {
        sketch.text(
            role,
            mark.x() + mark.length() / 2,
            mark.y() + mark.width() + 4,
            handles
                ? Text.of("{mark}, {intent}", mark.words(), intent(mark))
                : Text.raw(mark.words()),
            Anchor.MIDDLE,
            Size.SMALL);
      }
      if (handles) {
        sketch.handle(
            new Grip.BoardMark(i),
            mark.x() + mark.length() / 2,
            mark.y() + mark.width() / 2,
            shape.corners(),
            Mark.Way.ANY);
      }
    }
  }

  /** What is wanted of a mark, in the maker's words. */
  public static Text intent(BoardMark mark) {
    return switch (mark.intent()) {
      case HIDE -> Text.of("to be hidden");
      case SHOW -> Text.of("to be shown");
      case AVOID -> Text.of("to be avoided");
      case ANY -> Text.of("no matter where");
    };
  }
}
