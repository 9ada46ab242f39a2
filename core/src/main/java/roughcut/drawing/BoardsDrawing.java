package roughcut.drawing;

import java.util.OptionalDouble;
import roughcut.blank.RipLayout;
import roughcut.blank.RipPlan;
import roughcut.design.Decisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.shop.Board;
import roughcut.shop.BoardMark;
import roughcut.shop.SpeciesBook;

/**
 * The boards that the neck's strips come from, one below the other, to scale: the jointed edge,
 * each strip with what planing takes, the kerfs, marks, and in red what is missing. x runs along
 * the boards from their beginning.
 */
public final class BoardsDrawing {
  private static final double BETWEEN = 46;
  private static final String KERF = "#25292B";
  private static final String MISSING = "#E9C4BC";
  private static final double UNKNOWN_WIDTH = 40;

  private final Plan plan;
  private final Sketch sketch;
  private final double jointing;
  private final double allowance;
  private final double kerf;
  private final double stripLength;

  private BoardsDrawing(Plan plan, Units units) {
    this.plan = plan;
    this.sketch = new Sketch(units);
    this.jointing = Decisions.JOINTING.in(plan.build().design());
    this.allowance = Decisions.SAW_ALLOWANCE.in(plan.build().design());
    this.kerf = Decisions.SAW_KERF.in(plan.build().design());
    this.stripLength = plan.rips().length().value();
  }

  public static Drawing of(Plan plan, Units units) {
    return new BoardsDrawing(plan, units).draw();
  }

  private Drawing draw() {
    double y = 0;
    double longest = stripLength;
    for (RipPlan rip : plan.rips().plans()) {
      double high = width(rip) + missing(rip);
      sketch.origin(0, y - high);
      board(rip);
      longest = Math.max(longest, length(rip));
      y -= high + jointing + BETWEEN;
    }
    sketch.origin(0, 0);
    return sketch.drawing(
        "Boards for the neck's strips", new Bounds(-20, y + BETWEEN - 12, longest + 20, 30));
  }

  private static double width(RipPlan rip) {
    return rip.from() == null ? UNKNOWN_WIDTH : rip.from().value();
  }

  private static double missing(RipPlan rip) {
    return rip.missing() == null ? 0 : rip.missing().value();
  }

  /** Whether the whole board is there, rather than a width that was left of it. */
  private static boolean whole(RipPlan rip) {
    return rip.from() == null || !rip.from().id().endsWith(".left");
  }

  private double length(RipPlan rip) {
    return rip.board()
        .filter(b -> whole(rip) && b.length().isPresent())
        .map(b -> b.length().getAsDouble())
        .orElse(stripLength);
  }

  private void board(RipPlan rip) {
    double width = width(rip);
    double low = whole(rip) ? -jointing : 0;
    Outline shape = Outline.rectangle(0, low, length(rip), width);
    sketch.wood(shape, SpeciesBook.get(rip.species()));
    for (RipLayout.Cut cut : rip.cuts().cuts()) {
      strip(cut, width);
    }
    if (whole(rip)) {
      rip.board().ifPresent(this::marks);
      sketch.line(Role.HIDDEN, 0, 0, length(rip), 0);
    }
    sketch.outline(Role.OUTLINE, shape);
    if (missing(rip) > 0) {
      Outline gap = Outline.rectangle(0, width, stripLength, width + missing(rip));
      sketch.fill(Role.STOP, gap, MISSING);
      sketch.outline(Role.STOP, gap);
    }
    title(rip, width + missing(rip) + 6);
  }

  private void title(RipPlan rip, double y) {
    String verdict =
        rip.from() == null
            ? "width not known"
            : rip.fits()
                ? "all strips come out"
                : NumberWriter.text(missing(rip), Quantity.LENGTH, sketch.units()) + " missing";
    Role role = rip.fits() ? Role.OUTLINE : Role.STOP;
    sketch.text(
        role,
        0,
        y,
        rip.board().map(this::describe).orElse(rip.species() + ": no board in the rack")
            + "  ·  "
            + verdict,
        Anchor.START,
        Size.NORMAL);
  }

  private String describe(Board board) {
    return board.id()
        + "  ·  "
        + size(board.length())
        + " × "
        + size(board.width())
        + " × "
        + size(board.thickness())
        + " "
        + sketch.units().sign();
  }

  private String size(OptionalDouble mm) {
    return mm.isPresent()
        ? NumberWriter.number(mm.getAsDouble(), Quantity.ROUGH_LENGTH, sketch.units())
        : "?";
  }

  private void strip(RipLayout.Cut cut, double width) {
    double high = cut.y() + cut.rough();
    double end = cut.x() + cut.length();
    if (high < width - 1e-6) {
      sketch.fill(
          Role.KERF,
          Outline.rectangle(cut.x(), high, end, Math.min(width, high + Math.max(kerf, 0.05))),
          KERF);
    }
    sketch.outline(Role.EDGE, Outline.rectangle(cut.x(), cut.y(), end, high));
    if (allowance > 0) {
      sketch.outline(
          Role.STOCK, Outline.rectangle(cut.x(), cut.y() + allowance, end, high - allowance));
    }
    String words =
        "strip "
            + cut.strip()
            + ": saw to "
            + NumberWriter.text(cut.rough(), Quantity.LENGTH, sketch.units());
    sketch.text(
        Role.OUTLINE,
        (cut.x() + end) / 2,
        (cut.y() + high) / 2 - 2.4,
        words,
        Anchor.MIDDLE,
        Size.SMALL);
  }

  private void marks(Board board) {
    for (BoardMark mark : board.marks()) {
      double y = mark.y() - jointing;
      Role role = mark.spoilsStrength() ? Role.STOP : Role.LOOK;
      sketch.outline(
          role, Outline.rectangle(mark.x(), y, mark.x() + mark.length(), y + mark.width()));
      sketch.text(
          role,
          mark.x() + mark.length() + 3,
          y + mark.width() / 2 - 2,
          mark.note(),
          Anchor.START,
          Size.SMALL);
    }
  }
}
