package roughcut.geometry;

import java.util.List;
import java.util.function.Function;

/**
 * An upright solid over a convex shape, between a level plane and one that may lean along x.
 *
 * @param corners of the shape, seen along z, in order and without hollows
 * @param open z of the level end
 * @param floor z of the other end at x = 0
 * @param lean what is added to it for each mm along x
 */
public record Prism(List<Point> corners, double open, double floor, double lean) implements Solid {
  public Prism {
    corners = List.copyOf(corners);
  }

  /** An upright solid with both ends level. */
  public Prism(List<Point> corners, double open, double floor) {
    this(corners, open, floor, 0);
  }

  /** z of the leaning end at x. */
  public double floorAt(double x) {
    return floor + lean * x;
  }

  @Override
  public <T> T fold(Function<Prism, T> prism, Function<Cylinder, T> bore) {
    return prism.apply(this);
  }

  @Override
  public double[] chord(double x, double y) {
    if (!new Outline(corners).contains(new Point(x, y))) {
      return null;
    }
    double at = floorAt(x);
    return new double[] {Math.min(open, at), Math.max(open, at)};
  }

  @Override
  public Point3 furthest(Point3 way) {
    double most = Double.NEGATIVE_INFINITY;
    double bx = 0;
    double by = 0;
    double bz = 0;
    for (int i = 0; i < corners.size(); i++) {
      Point p = corners.get(i);
      double at = floor + lean * p.x();
      double z = way.z() * at > way.z() * open ? at : open;
      double reach = way.x() * p.x() + way.y() * p.y() + way.z() * z;
      if (reach > most) {
        most = reach;
        bx = p.x();
        by = p.y();
        bz = z;
      }
    }
    return new Point3(bx, by, bz);
  }

  @Override
  public Box box() {
    double x0 = Double.POSITIVE_INFINITY;
    double y0 = x0;
    double z0 = open;
    double x1 = Double.NEGATIVE_INFINITY;
    double y1 = x1;
    double z1 = open;
    for (Point p : corners) {
      double at = floorAt(p.x());
      x0 = Math.min(x0, p.x());
      x1 = Math.max(x1, p.x());
      y0 = Math.min(y0, p.y());
      y1 = Math.max(y1, p.y());
      z0 = Math.min(z0, at);
      z1 = Math.max(z1, at);
    }
    return new Box(x0, y0, z0, x1, y1, z1);
  }
}
