package roughcut.gcode;

import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.Arcs;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.measure.InvalidValue;
import roughcut.measure.Precision;
import roughcut.measure.Text;

/** The way of a G2 or G3, flat or as a helix. */
final class ArcPath {
  /** So far a controller lets the ends of an arc be from one circle, mm. */
  private static final double OFF_CIRCLE = 0.01;

  /** More rounds than that in one block are a slip. */
  private static final int MOST_TURNS = 1000;

  private final Plane plane;
  private final double[] from;
  private final double[] to;

  ArcPath(Plane plane, double[] from, double[] to) {
    this.plane = plane;
    this.from = from;
    this.to = to;
  }

  private Point flat(double[] place) {
    return new Point(place[plane.first], place[plane.second]);
  }

  /**
   * Round a centre.
   *
   * @param turns times round, begun ones counted
   * @throws InvalidValue when its ends aren't on one circle
   */
  List<Point3> round(Point centre, boolean clockwise, int turns) {
    Point a = flat(from);
    Point b = flat(to);
    double start = a.distance(centre);
    double end = b.distance(centre);
    if (start < Precision.NEAR) {
      throw new InvalidValue(Text.of("The arc has no radius."));
    }
    if (Math.abs(start - end) > OFF_CIRCLE) {
      throw new InvalidValue(
          Text.of(
              "The arc doesn't close: its radius is {start} at the start and {end} at the end.",
              Text.length(start, 3),
              Text.length(end, 3)));
    }
    if (turns < 1 || turns > MOST_TURNS) {
      throw new InvalidValue(Text.of("An arc goes round 1 to {most} times.", MOST_TURNS));
    }
    double first = Math.atan2(a.y() - centre.y(), a.x() - centre.x());
    double last = Math.atan2(b.y() - centre.y(), b.x() - centre.x());
    double sweep = clockwise ? first - last : last - first;
    // Back where it began is once round; anything else less than that.
    sweep -= 2 * Math.PI * Math.floor(sweep / (2 * Math.PI));
    if (a.distance(b) < Precision.NEAR) {
      sweep = 2 * Math.PI;
    }
    sweep += 2 * Math.PI * (turns - 1);
    return along(Arcs.arc(centre, start, first, first + (clockwise ? -sweep : sweep)));
  }

  /**
   * By its radius: the shorter of two arcs, the longer one where it is less than 0.
   *
   * @throws InvalidValue when there is no such arc
   */
  List<Point3> byRadius(double radius, boolean clockwise) {
    Point a = flat(from);
    Point b = flat(to);
    double chord = a.distance(b);
    double r = Math.abs(radius);
    if (chord < Precision.NEAR) {
      throw new InvalidValue(Text.of("An arc given by its radius ends elsewhere than it begins."));
    }
    if (r < chord / 2 - OFF_CIRCLE) {
      throw new InvalidValue(
          Text.of(
              "The arc's radius of {radius} is too small for ends that are {chord} apart.",
              Text.length(r, 3),
              Text.length(chord, 3)));
    }
    double beside = Math.sqrt(Math.max(0, r * r - chord * chord / 4));
    // Anticlockwise the centre of the shorter arc lies on the left.
    double left = clockwise == radius > 0 ? -beside : beside;
    Point middle = a.towards(b, 0.5);
    Point centre = middle.plus(-(b.y() - a.y()) / chord * left, (b.x() - a.x()) / chord * left);
    return round(centre, clockwise, 1);
  }

  /** The third axis goes evenly along with it. */
  private List<Point3> along(List<Point> flat) {
    List<Point3> way = new ArrayList<>();
    for (int i = 0; i < flat.size(); i++) {
      double share = (double) i / (flat.size() - 1);
      double[] place = new double[3];
      place[plane.first] = flat.get(i).x();
      place[plane.second] = flat.get(i).y();
      place[plane.along] = from[plane.along] + (to[plane.along] - from[plane.along]) * share;
      way.add(new Point3(place[0], place[1], place[2]));
    }
    way.set(flat.size() - 1, new Point3(to[0], to[1], to[2]));
    return way;
  }
}
