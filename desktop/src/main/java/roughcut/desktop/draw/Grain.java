package roughcut.desktop.draw;

import javafx.scene.canvas.GraphicsContext;
import roughcut.drawing.Mark;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;

/** Sparse drawn grain inside a piece of wood: long lines along it, or growth rings on its end. */
final class Grain {
  private static final double SPACING = 7;
  private static final double LEAST_HEIGHT = 7;
  private static final int MOST_LINES = 60;

  private Grain() {}

  /** Draws into the current path's shape; the caller has traced it. */
  static void draw(GraphicsContext g, Mark.Fill fill, View view) {
    Bounds b = fill.shape().bounds();
    if (fill.figure() == null || b.height() * view.scale() < LEAST_HEIGHT) {
      return;
    }
    g.save();
    g.clip();
    g.setStroke(Ink.colour(fill.figure()));
    g.setGlobalAlpha(0.55);
    g.setLineWidth(0.7);
    g.setLineDashes();
    if (fill.grain() == Mark.Grain.END) {
      rings(g, b, view);
    } else if (fill.grain() == Mark.Grain.ALONG) {
      lines(g, b, view);
    }
    g.restore();
  }

  /**
   * Long, nearly straight lines that sway a little; their places follow from the wood's, so that
   * they stay with it.
   */
  private static void lines(GraphicsContext g, Bounds b, View view) {
    double left = Math.max(-10, view.px(b.left()));
    double right = Math.min(g.getCanvas().getWidth() + 10, view.px(b.right()));
    int count = (int) Math.min(MOST_LINES, b.height() * view.scale() / SPACING);
    for (int i = 0; i < count; i++) {
      double y = b.low() + b.height() * (i + 0.3 + 0.5 * noise(i + b.low())) / count;
      double sway = (noise(3 * i + b.high()) - 0.5) * b.height() / count * 1.6;
      g.beginPath();
      g.moveTo(left, view.py(y));
      g.bezierCurveTo(
          left + (right - left) * 0.3,
          view.py(y + sway),
          left + (right - left) * 0.6,
          view.py(y - sway),
          right,
          view.py(y + sway / 2));
      g.stroke();
    }
  }

  /** Arcs about a pith somewhere below the strip. */
  private static void rings(GraphicsContext g, Bounds b, View view) {
    double lean = noise(b.left() + 11) * 2 - 1;
    Point pith = new Point(b.left() + b.width() * (0.5 + lean), b.low() - b.height() * 1.4);
    double far =
        Math.hypot(Math.max(b.right() - pith.x(), pith.x() - b.left()), b.high() - pith.y());
    int count = (int) Math.min(MOST_LINES, far * view.scale() / SPACING);
    for (int i = 1; i <= count; i++) {
      double radius = far * (i + 0.35 * noise(i + b.right())) / count * view.scale();
      g.strokeOval(view.px(pith.x()) - radius, view.py(pith.y()) - radius, 2 * radius, 2 * radius);
    }
  }

  /** A number between 0 and 1 that is always the same for the same seed. */
  private static double noise(double seed) {
    double s = Math.sin(seed * 12.9898 + 4.1414) * 43758.5453;
    return s - Math.floor(s);
  }
}
