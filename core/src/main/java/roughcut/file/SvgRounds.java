package roughcut.file;

import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;

/** What is round in an SVG drawing, as paths. */
final class SvgRounds {
  /**
   * A quarter of a circle as one curve is out by 1 in 3700, which a body's edge shows; so much of
   * it by 1 in 10 million.
   */
  private static final double FINE_DEGREES = 22.5;

  private SvgRounds() {}

  /**
   * Goes on along an ellipse round nothing, placed.
   *
   * @param from where it begins, degrees from x towards y
   * @param way how far it goes, the same
   */
  static void arc(
      Path2D path, AffineTransform place, double rx, double ry, double from, double way) {
    int pieces = (int) Math.max(1, Math.ceil(Math.abs(way) / FINE_DEGREES));
    for (int i = 0; i < pieces; i++) {
      // Arc2D counts anticlockwise with y upwards; here y runs down.
      Arc2D piece =
          new Arc2D.Double(
              -rx, -ry, 2 * rx, 2 * ry, -(from + way * i / pieces), -way / pieces, Arc2D.OPEN);
      path.append(piece.getPathIterator(place), path.getCurrentPoint() != null);
    }
  }

  static Path2D ellipse(double x, double y, double rx, double ry) {
    Path2D path = new Path2D.Double();
    arc(path, AffineTransform.getTranslateInstance(x, y), rx, ry, 0, 360);
    path.closePath();
    return path;
  }

  /**
   * A rectangle.
   *
   * @param rx of its rounded corners, along x; not a number when only {@code ry} is told, and the
   *     other way round
   */
  static Path2D rectangle(double x, double y, double width, double height, double rx, double ry) {
    if (!(width > 0 && height > 0)) {
      return new Path2D.Double(); // the format: it isn't drawn
    }
    double round = Math.min(width / 2, Math.max(0, Double.isNaN(rx) ? ry : rx));
    double upright = Math.min(height / 2, Math.max(0, Double.isNaN(ry) ? rx : ry));
    boolean sharp = !(round > 0 && upright > 0);
    double across = sharp ? 0 : round;
    double down = sharp ? 0 : upright;
    Path2D path = new Path2D.Double();
    path.moveTo(x + across, y);
    corner(path, x + width, y, -across, down, -90);
    corner(path, x + width, y + height, -across, -down, 0);
    corner(path, x, y + height, across, -down, 90);
    corner(path, x, y, across, down, 180);
    path.closePath();
    return path;
  }

  /** Up to a corner and round it, about a middle that lies so far inside. */
  private static void corner(Path2D path, double x, double y, double inX, double inY, double from) {
    double turn = Math.toRadians(from);
    path.lineTo(x + inX + Math.abs(inX) * Math.cos(turn), y + inY + Math.abs(inY) * Math.sin(turn));
    if (inX != 0) {
      AffineTransform place = AffineTransform.getTranslateInstance(x + inX, y + inY);
      arc(path, place, Math.abs(inX), Math.abs(inY), from, 90);
    }
  }
}
