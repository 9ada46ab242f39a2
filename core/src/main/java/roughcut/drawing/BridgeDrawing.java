package roughcut.drawing;

import java.util.List;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.layout.StringSpread;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.strings.Bridge;

/**
 * The body where the bridge goes, from above: the window that every saddle's travel leaves, the
 * datum in it, each saddle with its travel, and the posts. x from the nut line.
 */
public final class BridgeDrawing {
  private static final String WINDOW = "#DCE6E3";
  private static final String NO_WINDOW = "#E9C4BC";
  private static final double POST = 8;

  private final Plan plan;
  private final Sketch sketch;
  private final Bridge bridge;
  private final StringSpread strings;

  private BridgeDrawing(Plan plan, Units units) {
    this.plan = plan;
    this.sketch = new Sketch(plan, units);
    this.bridge = plan.stringPlan().bridge();
    this.strings = plan.strings();
  }

  public static Drawing of(Plan plan, Units units) {
    return new BridgeDrawing(plan, units).draw();
  }

  private Drawing draw() {
    double saddle = plan.frets().saddle().value();
    double reach = reach();
    double left = plan.taper().end().value() - 28;
    sketch.seen(View.ABOVE);
    body(left, saddle + 74);
    board(left);
    window(reach);
    for (int i = 1; i <= strings.count(); i++) {
      string(i);
    }
    datum(reach);
    bridge.holes().forEach(this::hole);
    sketch.line(Role.CENTRE, left, 0, saddle + 70, 0);
    dimensions(reach);
    return sketch.drawing(
        Text.of("Bridge"), new Bounds(left - 4, -reach - 40, saddle + 74, reach + 34));
  }

  /** How far the bridge reaches to either side. */
  private double reach() {
    return Math.max(bridge.spacing().value() / 2, Math.abs(strings.atSaddle().get(0).value())) + 14;
  }

  private void body(double from, double to) {
    Outline shape = plan.body().outline().shape();
    for (Outline piece : shape.intersection(Outline.rectangle(from, -400, to, 400))) {
      sketch.wood(piece, plan.body().seenWood());
    }
  }

  private void board(double from) {
    double end = plan.taper().end().value();
    Outline board =
        Outline.of(
            new Point(from, -plan.taper().halfWidth(from)),
            new Point(end, -plan.taper().halfWidth(end)),
            new Point(end, plan.taper().halfWidth(end)),
            new Point(from, plan.taper().halfWidth(from)));
    sketch.wood(board, plan.fretboardWood());
    FretboardView.frets(plan, sketch, from);
    sketch.outline(Role.EDGE, board);
  }

  private void window(double reach) {
    double a = bridge.front().value();
    double b = bridge.back().value();
    double lean = lean(reach);
    Outline window =
        Outline.of(
            new Point(Math.min(a, b) + lean, -reach),
            new Point(Math.max(a, b) + lean, -reach),
            new Point(Math.max(a, b) - lean, reach),
            new Point(Math.min(a, b) - lean, reach));
    sketch.fill(Role.NOTE, window, bridge.possible() ? WINDOW : NO_WINDOW);
    sketch.outline(bridge.possible() ? Role.TOUCH : Role.STOP, window);
  }

  /** How much further back the datum line lies at the bass end of that reach. */
  private double lean(double reach) {
    return bridge.datumAt(-reach) - bridge.datum().value();
  }

  private void string(int i) {
    double y = strings.atSaddle().get(i - 1).value();
    double from = plan.taper().end().value() - 28;
    double at = bridge.saddles().get(i - 1).value();
    sketch.line(Role.STRING, from, strings.offset(i, from), at, strings.offset(i, at));
    double datum = bridge.datumAt(y);
    double forward = datum + bridge.forward().value();
    double rear = datum + bridge.rear().value();
    sketch.line(Role.EDGE, forward, y - 2.2, forward, y + 2.2);
    sketch.line(Role.EDGE, rear, y - 2.2, rear, y + 2.2);
    sketch.line(Role.HIDDEN, forward, y, rear, y);
    boolean held = at >= forward && at <= rear;
    Outline saddle = Outline.rectangle(at - 0.6, y - 3, at + 0.6, y + 3);
    sketch.fill(held ? Role.SADDLE : Role.STOP, saddle, held ? "#25292B" : "#A33A2C");
    if (i > 1 && i < strings.count()) {
      return;
    }
    sketch.text(
        Role.NOTE,
        rear + 6,
        y - 1,
        Text.only(i),
        Anchor.START,
        Size.SMALL,
        "string." + i + ".compensation");
  }

  private void datum(double reach) {
    double x = bridge.datum().value();
    double lean = lean(reach);
    List<Point> line = List.of(new Point(x + lean, -reach), new Point(x - lean, reach));
    sketch.path(Role.OUTLINE, false, line);
    sketch.handle(Grip.Single.BRIDGE, x - lean, reach, line, Mark.Way.ALONG);
    sketch.text(
        Role.NOTE,
        x - lean,
        reach + 5,
        Text.word(bridge.kind().datum()),
        Anchor.MIDDLE,
        Size.SMALL,
        "bridge.datum");
  }

  private void hole(Bridge.Hole hole) {
    if (bridge.spacing().value() == 0) {
      return;
    }
    Point at = new Point(hole.x().value(), hole.y().value());
    Outline bore = Shapes.circle(at, POST / 2);
    sketch.fill(Role.CHANNEL, bore, "#FBF9F4");
    sketch.outline(Role.EDGE, bore);
    sketch.line(Role.CENTRE, at.x() - POST, at.y(), at.x() + POST, at.y());
    sketch.line(Role.CENTRE, at.x(), at.y() - POST, at.x(), at.y() + POST);
  }

  private void dimensions(double reach) {
    double end = plan.taper().end().value();
    for (Bridge.Hole hole : bridge.holes()) {
      if (hole.y().value() < 0) {
        sketch.dimension(
            Role.DIMENSION,
            new Point(end, -reach),
            new Point(hole.x().value(), -reach),
            -10,
            Text.of(
                "{number} from the fretboard end",
                Text.shown(hole.x().value() - end, Quantity.LENGTH)));
        sketch.dimension(
            new Point(0, -reach).x() < end ? new Point(end - 28, -reach) : new Point(0, -reach),
            new Point(hole.x().value(), -reach),
            -22,
            Text.of("from the nut line"),
            hole.x());
      }
    }
  }
}
