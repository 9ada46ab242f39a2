package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import roughcut.design.BodyFace;
import roughcut.design.CutName;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Frame;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.CavityCover;
import roughcut.rout.HardwareSolid;
import roughcut.rout.IndexHole;
import roughcut.rout.RoutPlan;

/**
 * The templates that an instrument needs, full size, in rows: each opening on its board, seen from
 * the face that it is used on, with the centre line, the index holes that it shares with the body,
 * and a notch at its treble edge so that a turned one shows; then covers and plates.
 */
public final class TemplateSheet {
  static final double MARGIN = 55;
  private static final double BETWEEN = 46;
  private static final double NOTCH = 6;

  /** Half a pen, so that a board's own edge is on its sheet, mm. */
  private static final double HAIR = 0.5;

  /** Half of a hole for a cover's screw, mm. */
  private static final double SCREW = 1.6;

  /** Three lines under a piece, and the least that they take across, mm. */
  private static final double WORDS_HIGH = 26;

  private static final double WORDS_WIDE = 84;

  /** Rows are no wider, mm: three sheets of the usual paper lying across. */
  private static final double WIDEST = 800;

  private final Plan plan;
  private final Sketch sketch;
  private final List<Bounds> pieces = new ArrayList<>();
  private double next;
  private double row;
  private double tallest;
  private double right;

  private TemplateSheet(Plan plan, Units units) {
    this.plan = plan;
    this.sketch = new Sketch(plan, units);
  }

  public static Drawing of(Plan plan, Units units) {
    return new TemplateSheet(plan, units).draw();
  }

  private Drawing draw() {
    for (RoutPlan rout : plan.cuts().routs()) {
      Bounds b = opening(rout).bounds();
      double top = Math.max(b.high(), -b.low() > 300 ? 0 : b.high()) + MARGIN;
      // Boards reach to the centre line when it is near, so that it can be marked on them.
      double low = Math.min(b.low(), b.low() > 0 && b.low() < 120 ? -20 : b.low()) - MARGIN;
      double high = Math.max(top, b.high() < 0 && b.high() > -120 ? 20 : top);
      Bounds board = new Bounds(b.left() - MARGIN, low, b.right() + MARGIN, high);
      place(board);
      template(rout, board);
    }
    for (Piece piece : pieces()) {
      Bounds b = piece.outline.bounds();
      place(
          new Bounds(
              b.left(),
              b.low() - WORDS_HIGH,
              b.left() + Math.max(b.width(), WORDS_WIDE),
              b.high()));
      piece(piece);
    }
    sketch.origin(0, 0);
    return new Drawing(
        Text.of("{plan}: templates", plan.name()).in(sketch.units()),
        sketch.marks(),
        new Bounds(-6, row - tallest - 6, Math.max(right, 100), 6),
        pieces);
  }

  /** Finds the next place for something of that size with its words: rows, left to right. */
  private void place(Bounds b) {
    if (next > 0 && next + b.width() > WIDEST) {
      next = 0;
      row -= tallest + BETWEEN;
      tallest = 0;
    }
    sketch.origin(next - b.left(), row - b.high());
    pieces.add(new Bounds(next, row - b.height(), next + b.width(), row).expanded(HAIR));
    right = Math.max(right, next + b.width());
    next += b.width() + BETWEEN;
    tallest = Math.max(tallest, b.height());
  }

  /** How it lies on the face that it is used on. */
  private Frame frame(RoutPlan rout) {
    return frame(rout.cut().from().opens(BodyFace.BACK) ? BodyFace.BACK : BodyFace.TOP);
  }

  private Frame frame(BodyFace face) {
    return sketch.frame(View.of(face));
  }

  private Outline opening(RoutPlan rout) {
    return frame(rout).of(rout.template().opening());
  }

  private void template(RoutPlan rout, Bounds board) {
    Frame frame = frame(rout);
    double side = frame.y(1);
    double trebleEdge = side > 0 ? board.high() : board.low();
    sketch.outline(
        Role.OUTLINE, Outline.rectangle(board.left(), board.low(), board.right(), board.high()));
    double x = board.left() + 20;
    sketch.path(
        Role.OUTLINE,
        false,
        new Point(x - NOTCH, trebleEdge),
        new Point(x, trebleEdge - side * NOTCH),
        new Point(x + NOTCH, trebleEdge));
    sketch.outline(Role.EDGE, opening(rout));
    if (board.low() < 0 && board.high() > 0) {
      sketch.line(Role.CENTRE, board.left(), 0, board.right(), 0);
    }
    for (IndexHole index : plan.cuts().indexHoles()) {
      Point hole = frame.of(index.at());
      double y = hole.y();
      if (hole.x() > board.left() + 6
          && hole.x() < board.right() - 6
          && y > board.low() + 6
          && y < board.high() - 6) {
        sketch.outline(Role.EDGE, Shapes.circle(new Point(hole.x(), y), 3));
        sketch.line(Role.CENTRE, hole.x() - 6, y, hole.x() + 6, y);
        sketch.line(Role.CENTRE, hole.x(), y - 6, hole.x(), y + 6);
      }
    }
    words(rout, board);
  }

  private void words(RoutPlan rout, Bounds board) {
    Units units = sketch.units();
    List<Text> lines = new ArrayList<>();
    lines.add(Text.of("{rout}, {from}", rout.words(), rout.cut().from().words()));
    lines.add(
        Text.of(
            "opening {width} × {template}",
            Text.figure(rout.template().width().value(), Quantity.FINE_LENGTH),
            Text.shown(rout.template().length())));
    lines.add(Text.of("rout depth {surface}", Text.shown(rout.surface())));
    lines.add(Text.of("notch at the treble edge, this face up"));
    lines.add(
        rout.template()
            .owned()
            .map(t -> Text.of("located by {registered}", t.registered()))
            .orElse(Text.of("to make")));
    // Over the opening, clear of the notch and of a centre line beyond it.
    double y = Math.min(board.high(), opening(rout).bounds().high() + MARGIN) - 9;
    for (Text line : lines) {
      sketch.text(Role.NOTE, board.left() + 30, y, line, Anchor.START, Size.NORMAL);
      y -= 6;
    }
  }

  /** A cover or plate to be sawn, as its show side is seen, with its screws. */
  private record Piece(Text words, Outline outline, List<Point> screws, boolean show) {}

  private List<Piece> pieces() {
    List<Piece> all = new ArrayList<>();
    for (CavityCover cover : plan.cuts().covers()) {
      Frame frame = frame(cover.face());
      all.add(
          new Piece(
              Text.of("cover of the {of}", cover.of().words()),
              frame.of(cover.outline()),
              frame.of(cover.screws()),
              cover.face() == BodyFace.BACK));
    }
    Set<String> plates =
        plan.fittings(FittingType.PLATE).stream().map(Fitting::name).collect(Collectors.toSet());
    Frame above = frame(BodyFace.TOP);
    for (HardwareSolid part : plan.cuts().parts()) {
      if (plates.contains(part.of())) {
        all.add(
            new Piece(
                part.words(),
                above.of(part.outline()),
                plan.cuts().cuts().stream()
                    .filter(c -> c.row().equals(CutName.screws(part.of())))
                    .map(c -> above.of(c.outlines().get(0).centre()))
                    .toList(),
                false));
      }
    }
    return all;
  }

  private void piece(Piece piece) {
    Bounds b = piece.outline.bounds();
    sketch.outline(Role.OUTLINE, piece.outline);
    for (Point screw : piece.screws) {
      sketch.outline(Role.EDGE, Shapes.circle(screw, SCREW));
    }
    Units units = sketch.units();
    double y = b.low() - 8;
    for (Text line :
        List.of(
            Text.of("{piece}, to saw", piece.words),
            Text.of(
                "{length} × {width}",
                Text.figure(b.width(), Quantity.FINE_LENGTH),
                Text.shown(b.height(), Quantity.FINE_LENGTH)),
            piece.show ? Text.of("show side up: grain of the back") : Text.of("show side up"))) {
      sketch.text(Role.NOTE, b.left(), y, line, Anchor.START, Size.NORMAL);
      y -= 6;
    }
  }
}
