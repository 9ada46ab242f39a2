package roughcut.geometry;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.triangulate.polygon.PolygonTriangulator;
import roughcut.measure.Precision;

/**
 * A shape with hollows and holes as shapes without: cut into triangles, and of the cuts every one
 * taken back that isn't needed (Hertel and Mehlhorn, 1983: at most four times as many as the fewest
 * there could be).
 */
final class ConvexPieces {
  /** Corners that run anticlockwise; null once it was joined to another. */
  private final List<List<Coordinate>> pieces = new ArrayList<>();

  private ConvexPieces() {}

  static List<Outline> of(Polygon polygon) {
    return new ConvexPieces().cut(polygon);
  }

  private record Side(Coordinate from, Coordinate to) {}

  private List<Outline> cut(Polygon polygon) {
    Geometry triangles = PolygonTriangulator.triangulate(polygon);
    Map<Side, Integer> owner = new HashMap<>();
    for (int i = 0; i < triangles.getNumGeometries(); i++) {
      List<Coordinate> corners = anticlockwise(triangles.getGeometryN(i).getCoordinates());
      for (int k = 0; k < 3; k++) {
        owner.put(new Side(corners.get(k), corners.get((k + 1) % 3)), pieces.size());
      }
      pieces.add(corners);
    }
    int[] into = new int[pieces.size()];
    for (int i = 0; i < into.length; i++) {
      into[i] = i;
    }
    owner.forEach(
        (side, left) -> {
          Integer right = owner.get(new Side(side.to, side.from));
          if (right != null && left < right) {
            join(side, root(into, left), root(into, right), into);
          }
        });
    return pieces.stream().filter(p -> p != null).map(ConvexPieces::outline).toList();
  }

  private static int root(int[] into, int i) {
    int at = i;
    while (into[at] != at) {
      into[at] = into[into[at]];
      at = into[at];
    }
    return at;
  }

  /** Takes a cut back when both of its ends stay without a hollow. */
  private void join(Side side, int left, int right, int[] into) {
    if (left == right) {
      return;
    }
    List<Coordinate> one = from(pieces.get(left), side.to);
    List<Coordinate> two = from(pieces.get(right), side.from);
    // One runs from the cut's far end round to its near one, the other on from there.
    int n = one.size();
    int m = two.size();
    if (turns(one.get(n - 2), side.from, two.get(1))
        && turns(two.get(m - 2), side.to, one.get(1))) {
      List<Coordinate> both = new ArrayList<>(one.subList(0, n - 1));
      both.addAll(two.subList(0, m - 1));
      pieces.set(left, both);
      pieces.set(right, null);
      into[right] = left;
    }
  }

  private static List<Coordinate> from(List<Coordinate> corners, Coordinate first) {
    int at = corners.indexOf(first);
    List<Coordinate> all = new ArrayList<>(corners.subList(at, corners.size()));
    all.addAll(corners.subList(0, at));
    return all;
  }

  private static boolean turns(Coordinate a, Coordinate b, Coordinate c) {
    double ux = b.x - a.x;
    double uy = b.y - a.y;
    double vx = c.x - b.x;
    double vy = c.y - b.y;
    return ux * vy - uy * vx >= -Precision.SAME * Math.hypot(ux, uy) * Math.hypot(vx, vy);
  }

  private static List<Coordinate> anticlockwise(Coordinate[] ring) {
    double turn =
        (ring[1].x - ring[0].x) * (ring[2].y - ring[1].y)
            - (ring[1].y - ring[0].y) * (ring[2].x - ring[1].x);
    return turn > 0 ? List.of(ring[0], ring[1], ring[2]) : List.of(ring[0], ring[2], ring[1]);
  }

  private static Outline outline(List<Coordinate> corners) {
    return new Outline(corners.stream().map(c -> new Point(c.x, c.y)).toList());
  }
}
