package roughcut.desktop.draw;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.BoundingBox;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import roughcut.desktop.control.TextWidth;
import roughcut.drawing.CompoundMarks;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;

/** Paints a drawing's marks, and remembers where the ones stand that can be clicked. */
public final class MarkPainter implements Mark.Cases<Void, RuntimeException> {
  /**
   * A place that can be clicked.
   *
   * @param link id of the value or decision told there, or null
   * @param spot index of the thin spot, or −1
   * @param handle what can be dragged from there, or null
   * @param within its shape on the surface when the box alone doesn't tell it, or null
   */
  public record Target(BoundingBox box, String link, int spot, Mark.Handle handle, Outline within) {
    Target(BoundingBox box, String link, int spot, Mark.Handle handle) {
      this(box, link, spot, handle, null);
    }

    /** Whether a place on the surface is on it. */
    public boolean at(double px, double py) {
      return box.contains(px, py) && (within == null || within.contains(new Point(px, py)));
    }

    /** Whether it and another are handles round a place, and a place is nearer to this one's. */
    boolean nearer(Target other, double px, double py) {
      return round() && other.round() && middle(px, py) < other.middle(px, py);
    }

    private boolean round() {
      return handle != null && within == null;
    }

    private double middle(double px, double py) {
      return Math.hypot(box.getCenterX() - px, box.getCenterY() - py);
    }
  }

  /** How large words are. */
  public enum Words {
    /** Legible at every scale, on a screen at arm's length. */
    SCREEN,
    /** As large as they will be on paper. */
    PAPER,
    /** Read from two metres, at a machine. */
    FAR
  }

  private static final double EDGE = 6;

  /** How near the pointer has to be to take hold of something, px. */
  private static final double HANDLE = 9;

  private static final double PULL = 4.5;

  /** Words smaller than this on a page map would only be dirt, px. */
  private static final double LEGIBLE = 5;

  /** Size of words that are read from afar, px. */
  private static final double FAR = 22;

  /** How much of what lies under a word is covered, so that it is read on wood too. */
  private static final double TAG = 0.78;

  /** How many lines up or down a label gives way. */
  private static final int LINES = 6;

  private final GraphicsContext g;
  private final View view;
  private final Words words;
  private final List<Target> targets = new ArrayList<>();
  private final List<BoundingBox> labels = new ArrayList<>();

  private final double scale;

  /** Of the spot whose words are painted; −1 for none. */
  private int spot = -1;

  private MarkPainter(GraphicsContext g, View view, Words words) {
    this.g = g;
    this.view = view;
    this.words = words;
    this.scale = words == Words.PAPER ? 1 : Ink.PAPER / view.scale();
  }

  /** Paints all marks; hands back what can be clicked. */
  public static List<Target> paint(GraphicsContext g, Drawing drawing, View view, Words words) {
    MarkPainter painter = new MarkPainter(g, view, words);
    g.setLineJoin(StrokeLineJoin.ROUND);
    g.setTextBaseline(VPos.BASELINE);
    drawing.marks().forEach(m -> m.fold(painter));
    return painter.targets;
  }

  @Override
  public Void fill(Mark.Fill fill) {
    trace(fill.shape().corners(), true);
    g.setFill(Ink.colour(fill.fill()));
    g.fill();
    Grain.draw(g, fill, view);
    return null;
  }

  @Override
  public Void stroke(Mark.Stroke stroke) {
    g.setStroke(Ink.colour(stroke.role().colour()));
    g.setLineWidth(Ink.width(stroke.role().pen()));
    g.setLineDashes(Ink.dashes(stroke.role().dash()));
    trace(stroke.points(), stroke.closed());
    g.stroke();
    return null;
  }

  @Override
  public Void text(Mark.Text text) {
    text(text.standing(scale), text.link(), spot);
    return null;
  }

  @Override
  public Void dimension(Mark.Dimension dimension) {
    CompoundMarks.of(dimension, scale).forEach(m -> m.fold(this));
    return null;
  }

  /** A small lozenge with the ways that it goes; round for what pulls a curve. */
  @Override
  public Void handle(Mark.Handle handle) {
    if (handle.bare()) {
      grip(handle);
      return null;
    }
    double px = view.px(handle.at().x());
    double py = view.py(handle.at().y());
    double along = handle.way() == Mark.Way.ACROSS ? 4 : 7;
    double across = handle.way() == Mark.Way.ALONG ? 4 : 7;
    g.setFill(Ink.sheet());
    g.setStroke(Ink.touch());
    g.setLineWidth(1.6);
    g.setLineDashes();
    if (handle.grip().pull()) {
      g.fillOval(px - PULL, py - PULL, 2 * PULL, 2 * PULL);
      g.strokeOval(px - PULL, py - PULL, 2 * PULL, 2 * PULL);
    } else {
      double[] xs = {px - along, px, px + along, px};
      double[] ys = {py, py - across, py, py + across};
      g.fillPolygon(xs, ys, 4);
      g.strokePolygon(xs, ys, 4);
    }
    targets.add(
        new Target(
            new BoundingBox(px - HANDLE, py - HANDLE, 2 * HANDLE, 2 * HANDLE), null, -1, handle));
    return null;
  }

  /** Something that is taken hold of anywhere in its shape; nothing more is drawn for it. */
  private void grip(Mark.Handle handle) {
    Outline shape =
        new Outline(
            handle.ghost().stream().map(p -> new Point(view.px(p.x()), view.py(p.y()))).toList());
    Bounds b = shape.bounds();
    targets.add(
        new Target(
            new BoundingBox(b.left(), b.low(), b.width(), b.height()), null, -1, handle, shape));
  }

  /** Its words are asked about the spot, too. */
  @Override
  public Void spot(Mark.Spot mark) {
    spot = mark.index();
    CompoundMarks.of(mark, scale).forEach(m -> m.fold(this));
    spot = -1;
    double r = 2 * Ink.PAPER;
    targets.add(
        new Target(
            new BoundingBox(view.px(mark.at().x()) - r, view.py(mark.at().y()) - r, 2 * r, 2 * r),
            null,
            mark.index(),
            null));
    return null;
  }

  private void trace(List<Point> points, boolean closed) {
    g.beginPath();
    g.moveTo(view.px(points.get(0).x()), view.py(points.get(0).y()));
    for (int i = 1; i < points.size(); i++) {
      g.lineTo(view.px(points.get(i).x()), view.py(points.get(i).y()));
    }
    if (closed) {
      g.closePath();
    }
  }

  private void text(Mark.Text text, String link, int spot) {
    Font font =
        switch (words) {
          case PAPER -> Ink.regular(text.size().height() * view.scale() * 1.35);
          case SCREEN -> Ink.font(text.size());
          case FAR -> Ink.bold(FAR);
        };
    if (font.getSize() < LEGIBLE || text.text().isEmpty()) {
      return;
    }
    double width = TextWidth.of(text.text(), font);
    double px = view.px(text.at().x());
    double py = view.py(text.at().y());
    double left = -width * text.anchor().before();
    g.setFont(font);
    g.setTextAlign(TextAlignment.LEFT);
    double x = within(px + left, width);
    double y = text.turn() == 0 ? free(x, py, width, font.getSize()) : py;
    if (text.turn() == 0 && words != Words.PAPER) {
      Ink.tag(g, x, y, width, font.getSize(), TAG);
    }
    g.setFill(Ink.colour(text.role().colour()));
    g.save();
    g.translate(text.turn() == 0 ? x - left : px, y);
    g.rotate(-text.turn());
    g.fillText(text.text(), left, 0);
    g.restore();
    BoundingBox box = new BoundingBox(x - 3, y - font.getSize() - 1, width + 6, font.getSize() + 6);
    if (text.turn() == 0) {
      labels.add(new BoundingBox(x - 3, y - font.getSize(), width + 6, font.getSize() + 3));
    }
    if (link != null || spot >= 0) {
      targets.add(new Target(box, link, spot, null));
    }
  }

  /** Moves a label down or up by a few lines when another already stands there. */
  private double free(double x, double y, double width, double size) {
    for (int i = 0; i < 2 * LINES; i++) {
      double at = y + (i % 2 == 0 ? -1 : 1) * ((i + 1) / 2) * (size + 4);
      BoundingBox box = new BoundingBox(x, at - size, width, size);
      if (labels.stream().noneMatch(l -> l.intersects(box))) {
        return at;
      }
    }
    return y;
  }

  /** A label that would run off the surface is moved back on to it. */
  private double within(double x, double width) {
    double most = g.getCanvas().getWidth() - width - EDGE;
    return x > most && x < g.getCanvas().getWidth() ? most : x;
  }
}
