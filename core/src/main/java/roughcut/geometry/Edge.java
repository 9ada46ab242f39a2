package roughcut.geometry;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/**
 * The edge of a shape, to be asked many times: what lies how near it, and what lies where on it.
 */
public final class Edge {
  private final Outline shape;
  private final double[] way;
  private IndexedFacetDistance index;

  public Edge(Outline shape) {
    this.shape = shape;
    List<Point> p = shape.corners();
    way = new double[p.size() + 1];
    for (int i = 0; i < p.size(); i++) {
      way[i + 1] = way[i] + p.get(i).distance(p.get((i + 1) % p.size()));
    }
  }

  /** A place on the edge with the way inwards, of length 1. */
  public record Place(Point at, Point inward) {}

  /** A place of something else and the nearest one on the edge, with their distance, mm. */
  public record Nearest(double distance, Point from, Point at) {}

  public Outline shape() {
    return shape;
  }

  /** The edge's length, mm. */
  public double length() {
    return way[way.length - 1];
  }

  /**
   * A place on the edge.
   *
   * @param share of the way round from the shape's first corner, 0 to 1
   */
  public Place at(double share) {
    double wanted = Math.max(0, Math.min(1, share)) * length();
    int i = 0;
    while (i < way.length - 2 && way[i + 1] < wanted) {
      i++;
    }
    List<Point> p = shape.corners();
    Point a = p.get(i);
    Point b = p.get((i + 1) % p.size());
    double size = Math.max(1e-12, way[i + 1] - way[i]);
    Point at = a.towards(b, (wanted - way[i]) / size);
    Point left = new Point(-(b.y() - a.y()) / size, (b.x() - a.x()) / size);
    boolean inside = shape.holds(at.plus(left.x() * 0.05, left.y() * 0.05));
    return new Place(at, inside ? left : new Point(-left.x(), -left.y()));
  }

  /** Share of the way round at which the edge comes nearest a place. */
  public double share(Point place) {
    List<Point> p = shape.corners();
    double best = Double.POSITIVE_INFINITY;
    double share = 0;
    for (int i = 0; i < p.size(); i++) {
      Point a = p.get(i);
      Point b = p.get((i + 1) % p.size());
      double size = way[i + 1] - way[i];
      double t =
          size == 0
              ? 0
              : ((place.x() - a.x()) * (b.x() - a.x()) + (place.y() - a.y()) * (b.y() - a.y()))
                  / (size * size);
      double at = Math.max(0, Math.min(1, t));
      double far = a.towards(b, at).distance(place);
      if (far < best) {
        best = far;
        share = (way[i] + at * size) / length();
      }
    }
    return share;
  }

  /** Wood between a shape and the edge; less than 0 by how far it reaches outside. */
  public Nearest nearest(Outline other) {
    double outside = 0;
    Point furthest = null;
    for (Point p : other.corners()) {
      if (!shape.holds(p)) {
        double far = shape.edgeDistance(p);
        if (far > outside) {
          outside = far;
          furthest = p;
        }
      }
    }
    if (furthest != null) {
      return new Nearest(-outside, furthest, at(share(furthest)).at());
    }
    if (index == null) {
      index = shape.indexedEdge();
    }
    Coordinate[] two = index.nearestPoints(other.geometry());
    Point at = new Point(two[0].x, two[0].y);
    Point from = new Point(two[1].x, two[1].y);
    return new Nearest(at.distance(from), from, at);
  }

  /** How far inside the edge a place lies; less than 0 outside. */
  public double inside(Point place) {
    double far = shape.edgeDistance(place);
    return shape.holds(place) ? far : -far;
  }
}
