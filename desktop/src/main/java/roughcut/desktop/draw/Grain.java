package roughcut.desktop.draw;

import java.util.Arrays;
import javafx.scene.canvas.GraphicsContext;
import roughcut.drawing.Mark;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;

/**
 * Sparse drawn grain inside a piece of wood: long lines along it, or growth rings on its end. Lines
 * are cut to the shape by arithmetic and stroked in one go, since clipping is what a software
 * renderer is slowest at.
 */
final class Grain {
  private static final double SPACING = 7;
  private static final double LEAST_HEIGHT = 7;
  private static final int MOST_LINES = 60;
  private static final int PIECES = 24;
  private static final double INSET = 2.5;

  private final GraphicsContext g;
  private final View view;
  private final Point[] corners;
  private final double cos;
  private final double sin;

  private Grain(GraphicsContext g, View view, Mark.Fill fill) {
    this.g = g;
    this.view = view;
    this.cos = Math.cos(Math.toRadians(fill.turn()));
    this.sin = Math.sin(Math.toRadians(fill.turn()));
    // Along the grain and across it.
    this.corners =
        fill.shape().corners().stream()
            .map(p -> new Point(p.x() * cos + p.y() * sin, p.y() * cos - p.x() * sin))
            .toArray(Point[]::new);
  }

  static void draw(GraphicsContext g, Mark.Fill fill, View view) {
    Bounds b = fill.shape().bounds();
    if (fill.figure() == null
        || fill.grain() == Mark.Grain.NONE
        || b.height() * view.scale() < LEAST_HEIGHT) {
      return;
    }
    g.setStroke(Ink.faint(fill.figure()));
    g.setLineWidth(0.7);
    g.setLineDashes();
    g.beginPath();
    Grain grain = new Grain(g, view, fill);
    if (fill.grain() == Mark.Grain.END) {
      grain.rings(b);
    } else {
      grain.lines();
    }
    g.stroke();
  }

  /**
   * Long lines that sway a little; their places follow from the wood's, so that they stay with it.
   */
  private void lines() {
    double low = Arrays.stream(corners).mapToDouble(Point::y).min().orElse(0);
    double high = Arrays.stream(corners).mapToDouble(Point::y).max().orElse(0);
    int count = (int) Math.min(MOST_LINES, (high - low) * view.scale() / SPACING);
    double inset = INSET / view.scale();
    for (int i = 0; i < count; i++) {
      double y = low + (high - low) * (i + 0.25 + 0.5 * noise(i + low)) / count;
      double sway =
          (noise(3 * i + high) - 0.5) * Math.min(4 / view.scale(), (high - low) / count) * 0.7;
      double[] crossings = crossings(y);
      for (int k = 0; k + 1 < crossings.length; k += 2) {
        line(crossings[k] + inset, crossings[k + 1] - inset, y, sway);
      }
    }
  }

  /** Where the shape's edge crosses a height, in order; between each pair there is wood. */
  private double[] crossings(double y) {
    double[] found = new double[corners.length];
    int count = 0;
    for (int i = 0; i < corners.length; i++) {
      Point a = corners[i];
      Point b = corners[(i + 1) % corners.length];
      if (a.y() > y != b.y() > y) {
        found[count++] = a.x() + (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y());
      }
    }
    double[] all = Arrays.copyOf(found, count);
    Arrays.sort(all);
    return all;
  }

  private void line(double from, double to, double y, double sway) {
    if (to <= from) {
      return;
    }
    double step = Math.max((to - from) / PIECES, 12 / view.scale());
    moveTo(from, y);
    for (double x = from + step; x < to; x += step) {
      lineTo(x, y + sway * Math.sin((x - from) * 0.021 + y));
    }
    lineTo(to, y);
  }

  /** Arcs about a pith somewhere below the strip. */
  private void rings(Bounds b) {
    double lean = noise(b.left() + 11) * 2 - 1;
    Point pith = new Point(b.left() + b.width() * (0.5 + lean), b.low() - b.height() * 1.4);
    double far =
        Math.hypot(Math.max(b.right() - pith.x(), pith.x() - b.left()), b.high() - pith.y());
    int count = (int) Math.min(MOST_LINES, far * view.scale() / SPACING);
    for (int i = 1; i <= count; i++) {
      ring(pith, far * (i + 0.35 * noise(i + b.right())) / count, b);
    }
  }

  private void ring(Point pith, double radius, Bounds b) {
    double from = Math.acos(Math.max(-1, Math.min(1, (b.right() - pith.x()) / radius)));
    double to = Math.acos(Math.max(-1, Math.min(1, (b.left() - pith.x()) / radius)));
    boolean drawing = false;
    for (int k = 0; k <= PIECES; k++) {
      double angle = from + (to - from) * k / PIECES;
      Point p = pith.plus(radius * Math.cos(angle), radius * Math.sin(angle));
      boolean inside = inside(p);
      if (inside && drawing) {
        lineTo(p.x(), p.y());
      } else if (inside) {
        moveTo(p.x(), p.y());
      }
      drawing = inside;
    }
  }

  private boolean inside(Point p) {
    boolean inside = false;
    for (int i = 0, j = corners.length - 1; i < corners.length; j = i++) {
      Point a = corners[i];
      Point b = corners[j];
      if (a.y() > p.y() != b.y() > p.y()
          && p.x() < (b.x() - a.x()) * (p.y() - a.y()) / (b.y() - a.y()) + a.x()) {
        inside = !inside;
      }
    }
    return inside;
  }

  private void moveTo(double along, double across) {
    g.moveTo(view.px(along * cos - across * sin), view.py(along * sin + across * cos));
  }

  private void lineTo(double along, double across) {
    g.lineTo(view.px(along * cos - across * sin), view.py(along * sin + across * cos));
  }

  /** A number between 0 and 1 that is always the same for the same seed. */
  private static double noise(double seed) {
    double s = Math.sin(Math.rint(seed * 1000) * 12.9898e-3 + 4.1414) * 43758.5453;
    return s - Math.floor(s);
  }
}
