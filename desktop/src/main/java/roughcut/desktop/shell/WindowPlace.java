package roughcut.desktop.shell;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;

/** Where a window goes that was last at a place, on the screens that are there now. */
final class WindowPlace {
  /** So much of a title bar, from its left end, has to be on a screen to count as there, px. */
  private static final double BAR = 60;

  private static final double BAR_HEIGHT = 20;

  private WindowPlace() {}

  /**
   * There, if all of it is seen on one screen; or else moved onto the screen where its title bar
   * was, bar and corners inside; empty when that screen is gone, for the window manager to choose.
   *
   * @param width of the window, no more than a screen's
   * @param x of its corner when it was closed
   */
  static Optional<Point2D> inside(
      double width, double height, double x, double y, List<Rectangle2D> screens) {
    return screens.stream()
        .filter(b -> b.contains(x + BAR, Math.max(b.getMinY(), y) + BAR_HEIGHT))
        .filter(b -> y + height > b.getMinY())
        .findFirst()
        .map(
            b ->
                new Point2D(
                    Math.max(b.getMinX(), Math.min(x, b.getMaxX() - width)),
                    Math.max(b.getMinY(), Math.min(y, b.getMaxY() - height))));
  }
}
