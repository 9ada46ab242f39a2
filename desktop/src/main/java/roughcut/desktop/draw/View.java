package roughcut.desktop.draw;

import roughcut.geometry.Bounds;

/**
 * How a drawing lies on the screen: a scale and where the drawing's origin stands. Pixels run right
 * and down.
 *
 * @param scale pixels to a millimetre
 * @param x0 pixels from the left edge to the drawing's x = 0
 * @param y0 pixels from the top edge to the drawing's y = 0
 */
public record View(double scale, double x0, double y0) {
  private static final double LEAST = 0.05;
  private static final double MOST = 200;

  /** The largest view that shows all of the bounds in that room, in its middle. */
  public static View fitting(Bounds bounds, double left, double top, double width, double height) {
    double scale = bounded(Math.min(width / bounds.width(), height / bounds.height()));
    double x = left + (width - bounds.width() * scale) / 2 - bounds.left() * scale;
    double y = top + (height - bounds.height() * scale) / 2 + bounds.high() * scale;
    return new View(scale, x, y);
  }

  public double px(double x) {
    return x0 + x * scale;
  }

  public double py(double y) {
    return y0 - y * scale;
  }

  public double x(double px) {
    return (px - x0) / scale;
  }

  public double y(double py) {
    return (y0 - py) / scale;
  }

  /** This view larger or smaller, with the place under those pixels standing still. */
  public View zoomed(double factor, double px, double py) {
    double next = bounded(scale * factor);
    double ratio = next / scale;
    return new View(next, px - (px - x0) * ratio, py - (py - y0) * ratio);
  }

  public View moved(double dx, double dy) {
    return new View(scale, x0 + dx, y0 + dy);
  }

  /** A view with that place of the drawing under those pixels. */
  public View centred(double x, double y, double px, double py) {
    return new View(scale, px - x * scale, py + y * scale);
  }

  private static double bounded(double scale) {
    return Math.max(LEAST, Math.min(MOST, scale));
  }
}
