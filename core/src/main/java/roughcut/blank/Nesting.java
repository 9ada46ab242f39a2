package roughcut.blank;

import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Precision;

/**
 * Two parts of the same tapering outline laid head to tail in each other, so that together they
 * take less of the board's width than two beside each other.
 */
final class Nesting {
  private static final int HALVINGS = 24;

  private Nesting() {}

  /**
   * How far the second part, turned end for end in the same length, has to be moved across so that
   * the saw fits between.
   *
   * @param shape from y = 0 upwards
   * @return the move, mm; never more than the part's width and the kerf
   */
  static double step(Outline shape, double length, double kerf) {
    Outline turned = turned(shape, length);
    double low = 0;
    double high = shape.bounds().high() - shape.bounds().low() + kerf;
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (low + high) / 2;
      Outline moved = turned.translate(0, middle);
      boolean clear =
          !shape.overlaps(moved)
              && shape.distance(moved) >= kerf - Precision.SAME
              && moved.centre().y() > shape.centre().y();
      if (clear) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return high;
  }

  /** The part end for end in its own length and width. */
  static Outline turned(Outline shape, double length) {
    double high = shape.bounds().high() + shape.bounds().low();
    return new Outline(
        shape.corners().stream().map(p -> new Point(length - p.x(), high - p.y())).toList());
  }
}
