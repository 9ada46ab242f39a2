package roughcut.desktop.draw;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import roughcut.desktop.control.TextWidth;
import roughcut.drawing.Mark;
import roughcut.geometry.Point;

/** How things are drawn that aren't there yet: what is tried, and what is being dragged. */
final class DragPreview {
  private DragPreview() {}

  /** Lines as they would lie with what is being typed, dotted over those that are kept. */
  static void tried(GraphicsContext g, View view, List<Mark> tried) {
    if (tried.isEmpty()) {
      return;
    }
    pen(g, 1.4, 2, 3);
    for (Mark mark : tried) {
      mark.line().ifPresent(path -> line(g, view, path.points(), path.closed(), 0, 0));
    }
    g.setLineDashes();
  }

  /** A dashed pen in the colour of what can be touched. */
  static void pen(GraphicsContext g, double width, double... dashes) {
    g.setStroke(Ink.touch());
    g.setLineWidth(width);
    g.setLineDashes(dashes);
  }

  /**
   * A line through points of the drawing.
   *
   * @param dx how far it is moved, px
   */
  static void line(
      GraphicsContext g, View view, List<Point> points, boolean closed, double dx, double dy) {
    g.beginPath();
    boolean first = true;
    for (Point p : points) {
      if (first) {
        g.moveTo(view.px(p.x()) + dx, view.py(p.y()) + dy);
      } else {
        g.lineTo(view.px(p.x()) + dx, view.py(p.y()) + dy);
      }
      first = false;
    }
    if (closed) {
      g.closePath();
    }
    g.stroke();
  }

  /**
   * Where it would come to lie, on a light ground.
   *
   * @param left where the words begin if they end before the right edge, px
   */
  static void words(GraphicsContext g, String words, double left, double base, double edge) {
    double wide = TextWidth.of(words, Ink.bold(12));
    double begin = Math.max(0, Math.min(left, edge - wide - 6));
    g.setFont(Ink.bold(12));
    g.setTextBaseline(VPos.BASELINE);
    g.setTextAlign(TextAlignment.LEFT);
    Ink.tag(g, begin, base, wide, 12, 0.92);
    g.setFill(Ink.touch());
    g.fillText(words, begin, base);
  }
}
