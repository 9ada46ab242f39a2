package roughcut.drawing;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import roughcut.blank.BoardLayout;
import roughcut.blank.RipLayout;
import roughcut.blank.RipPlan;
import roughcut.blank.WoodPart;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.NumberWriter;
import roughcut.measure.Precision;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.shop.Board;

/**
 * The boards that the instrument's parts come from, to scale: each part where it is to be sawn, the
 * kerfs, marks, and in red what is missing. Boards stand in rows, those for the neck first. Within
 * a board, x runs from its beginning and y from its lower edge.
 */
public final class BoardsDrawing {
  private static final double BESIDE = 60;
  private static final double BETWEEN = 44;

  /** Where wood was: the sheet's own colour. */
  private static final String GONE = "#FBF9F4";

  private static final String KERF = "#25292B";
  private static final String MISSING = "#E9C4BC";
  private static final double UNKNOWN_WIDTH = 60;
  private static final double LABEL_FITS = 34;
  private static final double SIZE_FITS = 260;

  private final Plan plan;
  private final Sketch sketch;
  private final double jointing;
  private final double allowance;
  private final double kerf;
  private final double stripLength;

  private BoardsDrawing(Plan plan, Units units) {
    this.plan = plan;
    this.sketch = new Sketch(plan, units);
    this.jointing = plan.given(BlankDecisions.JOINTING);
    this.allowance = plan.given(BlankDecisions.SAW_ALLOWANCE);
    this.kerf = plan.given(Decisions.SAW_KERF);
    this.stripLength = plan.rips().length().value();
  }

  public static Drawing of(Plan plan, Units units) {
    return new BoardsDrawing(plan, units).draw();
  }

  /** What stands on the drawing: a rip plan with its board, or a board with other parts. */
  private record Item(RipPlan rip, Board board, double length, double height) {}

  private Drawing draw() {
    List<Item> items = items();
    double rowLength = items.stream().mapToDouble(Item::length).max().orElse(stripLength) * 1.05;
    double y = 0;
    double x = 0;
    double rowHeight = 0;
    double widest = 0;
    for (Item item : items) {
      if (x > 0 && x + item.length > rowLength) {
        y -= rowHeight + BETWEEN;
        x = 0;
        rowHeight = 0;
      }
      sketch.origin(x, y - item.height);
      item(item);
      x += item.length + BESIDE;
      widest = Math.max(widest, x - BESIDE);
      rowHeight = Math.max(rowHeight, item.height);
    }
    sketch.origin(0, 0);
    return sketch.drawing(
        Text.of("Boards for the parts"),
        new Bounds(-20, y - rowHeight - 14, Math.max(widest, 400) + 20, 26));
  }

  private List<Item> items() {
    List<Item> items = new ArrayList<>();
    Set<String> shown = new LinkedHashSet<>();
    for (RipPlan rip : plan.rips().plans()) {
      boolean single = plan.boards().of("neck.piece").isPresent();
      if (!single && (!rip.strips().isEmpty() || rip.board().isPresent())) {
        items.add(
            new Item(
                rip,
                shown(rip) ? rip.board().orElse(null) : null,
                !shown(rip)
                    ? stripLength
                    : rip.board().map(b -> b.length().orElse(stripLength)).orElse(stripLength),
                width(rip) + missing(rip)));
        rip.board().filter(b -> shown(rip)).ifPresent(b -> shown.add(b.id()));
      }
    }
    for (BoardLayout.Laid laid : plan.boards().laid()) {
      if (shown.add(laid.board())) {
        Optional<Board> board = plan.shop().board(laid.board());
        board.ifPresent(
            b ->
                items.add(
                    new Item(null, b, b.length().orElse(400), b.width().orElse(UNKNOWN_WIDTH))));
      }
    }
    return items;
  }

  /** Whether a whole board is drawn, not only what is left of one. */
  private static boolean shown(RipPlan rip) {
    return !rip.partly() || rip.lies();
  }

  private double width(RipPlan rip) {
    double own = rip.from() == null ? UNKNOWN_WIDTH : rip.from().value();
    if (rip.lies()) {
      return rip.board().orElseThrow().width().orElse(own);
    }
    return rip.partly() || rip.from() == null ? own : own + jointing;
  }

  private static double missing(RipPlan rip) {
    return rip.missing() == null ? 0 : rip.missing().value();
  }

  private void item(Item item) {
    double width = item.rip == null ? item.height : width(item.rip);
    String species = item.rip == null ? item.board.species() : item.rip.species();
    Outline shape = Outline.rectangle(0, 0, item.length, width);
    sketch.wood(shape, plan.wood(species));
    if (item.board != null && item.rip != null) {
      if (!item.rip.partly()) {
        sketch.line(Role.HIDDEN, 0, jointing, item.length, jointing);
      }
      gone(item.board);
    }
    sketch.outline(Role.OUTLINE, shape);
    if (item.rip != null) {
      strips(item.rip, width);
    }
    if (item.board != null) {
      parts(item.board);
      BoardFace.marks(item.board, sketch, false);
    }
    if (item.rip != null && missing(item.rip) > 0) {
      Outline gap = Outline.rectangle(0, width, stripLength, width + missing(item.rip));
      sketch.fill(Role.STOP, gap, MISSING);
      sketch.outline(Role.STOP, gap);
    }
    title(item);
  }

  /** What is off the board already, so that nobody looks for wood there. */
  private void gone(Board board) {
    for (BoardLayout.Gone off : plan.rips().gone(jointing)) {
      if (off.board().equals(board.id())) {
        Outline there =
            Outline.rectangle(off.x(), off.y(), off.x() + off.length(), off.y() + off.width());
        sketch.fill(Role.CHANNEL, there, GONE);
        sketch.outline(Role.HIDDEN, there);
        if (off.width() >= LABEL_FITS) {
          sketch.text(
              Role.NOTE,
              off.x() + off.length() / 2,
              off.y() + off.width() / 2 - 8,
              Text.of("sawn off"),
              Anchor.MIDDLE,
              Size.SMALL);
        }
      }
    }
  }

  private void strips(RipPlan rip, double width) {
    double low = rip.lies() ? rip.sawnOff(jointing) : 0;
    for (RipLayout.Cut cut : rip.cuts().cuts()) {
      double bottom = cut.y() + low;
      double high = bottom + cut.rough();
      double end = cut.x() + cut.length();
      if (high < width - Precision.NEAR) {
        sketch.fill(
            Role.KERF,
            Outline.rectangle(cut.x(), high, end, Math.min(width, high + Math.max(kerf, 0.05))),
            KERF);
      }
      sketch.outline(Role.EDGE, Outline.rectangle(cut.x(), bottom, end, high));
      if (allowance > 0) {
        sketch.outline(
            Role.STOCK, Outline.rectangle(cut.x(), bottom + allowance, end, high - allowance));
      }
    }
  }

  private void parts(Board board) {
    for (BoardLayout.Laid laid : plan.boards().on(board.id())) {
      WoodPart part = laid.part();
      Outline shape = shape(laid);
      boolean strip = part.use() == WoodPart.Use.NECK_STRIP && !laid.byHand();
      Role role = laid.trouble().isEmpty() ? Role.OUTLINE : Role.STOP;
      if (!strip) {
        sketch.outline(role, shape);
        sketch.hatch(Role.COVERED, shape, 14);
      }
      double x = laid.x() + part.length() / 2;
      double y = laid.y() + part.width() / 2;
      if (part.width() >= LABEL_FITS && part.length() >= 2 * LABEL_FITS) {
        boolean both = part.length() >= SIZE_FITS && part.width() >= 3 * LABEL_FITS;
        sketch.text(role, x, y + (both ? 5 : -8), part.label(), Anchor.MIDDLE, Size.SMALL);
        if (both) {
          sketch.text(role, x, y - 20, Text.raw(size(part)), Anchor.MIDDLE, Size.SMALL);
        }
      }
      if (!laid.trouble().isEmpty()) {
        sketch.text(Role.STOP, laid.x(), laid.y() - 14, laid.trouble(), Anchor.START, Size.SMALL);
      }
      if (!strip) {
        sketch.handle(
            new Grip.BoardPart(part.id()), laid.x() + 14, y, shape.corners(), Mark.Way.ANY);
      }
    }
  }

  private static Outline shape(BoardLayout.Laid laid) {
    WoodPart part = laid.part();
    if (part.shape() == null) {
      return Outline.rectangle(
          laid.x(), laid.y(), laid.x() + part.length(), laid.y() + part.width());
    }
    Outline own = part.shape();
    if (laid.turned()) {
      double high = own.bounds().high() + own.bounds().low();
      own =
          new Outline(
              own.corners().stream()
                  .map(p -> new Point(part.length() - p.x(), high - p.y()))
                  .toList());
    }
    return own.translate(laid.x(), laid.y());
  }

  private String size(WoodPart part) {
    return rough(part.length()) + " × " + rough(part.width()) + " × " + fine(part.thickness());
  }

  private String rough(double mm) {
    return NumberWriter.number(mm, Quantity.ROUGH_LENGTH, sketch.units());
  }

  private String fine(double mm) {
    return NumberWriter.number(mm, Quantity.LENGTH, sketch.units());
  }

  private void title(Item item) {
    List<Text> words = new ArrayList<>();
    words.add(
        item.board != null
            ? Text.raw(describe(item.board))
            : item.rip.partly()
                ? Text.of("{wood}, what is left of it", item.rip.wood().name())
                : Text.of("{wood}: no board in the rack", item.rip.wood().name()));
    Role role = Role.OUTLINE;
    if (item.rip != null) {
      int strips = item.rip.strips().size();
      if (strips > 0) {
        words.add(
            Text.of(
                strips(strips == 1, item.rip.onEdge()), strips, fine(item.rip.rough().value())));
      }
      if (missing(item.rip) > 0) {
        words.add(Text.of("{width} missing", fine(missing(item.rip))));
      }
      role = item.rip.fits() ? Role.OUTLINE : Role.STOP;
    }
    sketch.text(role, 0, item.height + 6, Text.joined(words, "  ·  "), Anchor.START, Size.SMALL);
  }

  private static String strips(boolean one, boolean onEdge) {
    if (one) {
      return onEdge ? "{n} strip on edge, saw to {width}" : "{n} strip, saw to {width}";
    }
    return onEdge ? "{n} strips on edge, saw to {width}" : "{n} strips, saw to {width}";
  }

  private String describe(Board board) {
    return board.id()
        + "  ·  "
        + size(board.length())
        + " × "
        + size(board.width())
        + " × "
        + size(board.thickness());
  }

  private String size(OptionalDouble mm) {
    return mm.isPresent() ? rough(mm.getAsDouble()) : "?";
  }
}
