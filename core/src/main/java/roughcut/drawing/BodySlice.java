package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.body.BodySurface;
import roughcut.design.BodyFace;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.geometry.Shapes;
import roughcut.geometry.Solid;
import roughcut.measure.Precision;

/**
 * The body cut by an upright plane, across the strings or along them: what is wood before anything
 * is cut, and what each solid takes of it. Places are (along the cut, z downwards).
 */
final class BodySlice {
  private static final int SAMPLES = 120;

  /** How many lines along a bore's skin are followed. */
  private static final int SKIN = 36;

  private final BodySurface surface;
  private final boolean across;
  private final double at;
  private List<List<Column>> columns;

  /** How far an opening reaches beyond its face, mm. */
  private static final double BEYOND = 4;

  /** So deep in the wood nothing opens at a face any more, mm. */
  private static final double IN_WOOD = 0.5;

  /** The wood over a place along the cut, from face to face. */
  private record Column(double s, double top, double back) {}

  /**
   * @param across whether the plane stands across the strings, at x; otherwise along them, at y
   * @param at where it stands
   */
  BodySlice(BodySurface surface, boolean across, double at) {
    this.surface = surface;
    this.across = across;
    this.at = at;
  }

  boolean across() {
    return across;
  }

  /** Where the plane stands, mm. */
  double at() {
    return at;
  }

  /** From where to where the body reaches in the plane; several when it runs out of a waist. */
  List<double[]> spans() {
    return surface.edge().shape().spans(at, across);
  }

  double face(BodyFace face, double s) {
    return across ? surface.at(face, at, s) : surface.at(face, s, at);
  }

  /** The faces over each span, looked at once for all layers. */
  private List<List<Column>> columns() {
    if (columns == null) {
      columns = new ArrayList<>();
      for (double[] span : spans()) {
        List<Column> own = new ArrayList<>();
        for (int i = 0; i <= SAMPLES; i++) {
          // Closer at both ends, where the edges are round.
          double t = (1 - Math.cos(Math.PI * i / SAMPLES)) / 2;
          double s = span[0] + (span[1] - span[0]) * t;
          own.add(new Column(s, face(BodyFace.TOP, s), face(BodyFace.BACK, s)));
        }
        columns.add(own);
      }
    }
    return columns;
  }

  /** Wood between two depths under the top's surface; the back limits the lower. */
  List<Outline> layer(double from, double to) {
    List<Outline> all = new ArrayList<>();
    for (List<Column> span : columns()) {
      List<Point> upper = new ArrayList<>();
      List<Point> lower = new ArrayList<>();
      for (Column c : span) {
        double high = Math.min(c.back, Math.max(c.top, from));
        upper.add(new Point(c.s, high));
        lower.add(new Point(c.s, Math.max(high, Math.min(c.back, to))));
      }
      List<Point> ring = new ArrayList<>(upper);
      for (int i = lower.size() - 1; i >= 0; i--) {
        ring.add(lower.get(i));
      }
      Outline shape = new Outline(ring);
      if (span.get(SAMPLES).s - span.get(0).s > 0.5 && shape.area() > 1) {
        all.add(shape.repaired());
      }
    }
    return all;
  }

  /** What a solid takes of the plane; nothing where it doesn't reach. */
  List<Outline> opening(Solid solid) {
    return solid.fold(this::prism, this::bore);
  }

  /** Whether a depth lies in the wood: what opens there is closed by a top. */
  private boolean inside(double s, double z) {
    return z > face(BodyFace.TOP, s) + IN_WOOD && z < face(BodyFace.BACK, s) - IN_WOOD;
  }

  private List<Outline> prism(Prism prism) {
    List<Outline> all = new ArrayList<>();
    for (double[] span : new Outline(prism.corners()).spans(at, across)) {
      if (span[1] - span[0] < Precision.NEAR) {
        continue;
      }
      double a = across ? prism.floorAt(at) : prism.floorAt(span[0]);
      double b = across ? a : prism.floorAt(span[1]);
      // A little beyond the open face, so that no skin of wood is left by rounding.
      double beyond = inside((span[0] + span[1]) / 2, prism.open()) ? 0 : BEYOND;
      double open = prism.open() + Math.signum(prism.open() - a) * beyond;
      all.add(
          Outline.of(
              new Point(span[0], open),
              new Point(span[1], open),
              new Point(span[1], b),
              new Point(span[0], a)));
    }
    return all;
  }

  /** The bore's skin followed along its length, and its two ends, where the plane meets them. */
  private List<Outline> bore(Cylinder bore) {
    Point3 axis = bore.to().minus(bore.from());
    double length = axis.length();
    if (length < Precision.SAME) {
      return List.of();
    }
    Point3 way = axis.times(1 / length);
    Point3 side = way.cross(Math.abs(way.z()) > 0.9 ? new Point3(1, 0, 0) : new Point3(0, 0, 1));
    side = side.times(1 / side.length());
    Point3 other = way.cross(side);
    List<Point> found = new ArrayList<>();
    Point3[] before = null;
    for (int i = 0; i <= SKIN; i++) {
      double angle = 2 * Math.PI * i / SKIN;
      Point3 out =
          side.times(Math.cos(angle) * bore.radius())
              .plus(
                  other.x() * Math.sin(angle) * bore.radius(),
                  other.y() * Math.sin(angle) * bore.radius(),
                  other.z() * Math.sin(angle) * bore.radius());
      Point3 a = bore.from().plus(out.x(), out.y(), out.z());
      Point3 b = bore.to().plus(out.x(), out.y(), out.z());
      meet(a, b, found);
      if (before != null) {
        meet(before[0], a, found);
        meet(before[1], b, found);
      }
      before = new Point3[] {a, b};
    }
    if (found.size() < 3) {
      return List.of();
    }
    try {
      Outline shape = Shapes.hull(found);
      return shape.area() > 0.05 ? List.of(shape) : List.of();
    } catch (IllegalArgumentException e) {
      return List.of(); // it only touches the plane
    }
  }

  private void meet(Point3 a, Point3 b, List<Point> found) {
    double da = (across ? a.x() : a.y()) - at;
    double db = (across ? b.x() : b.y()) - at;
    if (da > 0 != db > 0) {
      Point3 p = a.towards(b, da / (da - db));
      found.add(new Point(across ? p.y() : p.x(), p.z()));
    }
  }
}
