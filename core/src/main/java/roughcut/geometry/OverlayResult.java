package roughcut.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Supplier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import roughcut.measure.Precision;

/** The pieces of shapes that were joined, cut or grown, their lines along those that went in. */
final class OverlayResult {
  /** Pieces of a quarter circle where a shape grows round a corner. */
  private static final int QUARTER = 16;

  /** A corner of a shape made from others lies this many chord errors from their lines at most. */
  private static final double TRACED = 1.1;

  private OverlayResult() {}

  /**
   * The pieces of a shape.
   *
   * @param made what the library made of others
   * @param of the shapes that it was made of
   */
  static List<Outline> of(Geometry made, List<Outline> of) {
    return of(made, () -> lines(of), TRACED * Arcs.CHORD_ERROR);
  }

  /** The same with the holes that are in them. */
  static List<Region.Piece> pieces(Geometry made, List<Outline> of) {
    return pieces(made, () -> lines(of), TRACED * Arcs.CHORD_ERROR);
  }

  private static List<Region.Piece> pieces(
      Geometry geometry, Supplier<List<Segment>> lines, double tolerance) {
    List<Region.Piece> pieces = new ArrayList<>();
    for (Polygon polygon : polygons(geometry)) {
      List<Outline> holes = new ArrayList<>();
      for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
        holes.add(along(corners(polygon.getInteriorRingN(i)), lines, tolerance));
      }
      pieces.add(
          new Region.Piece(along(corners(polygon.getExteriorRing()), lines, tolerance), holes));
    }
    return pieces;
  }

  /** A region grown or shrunk, with its holes. */
  static List<Region.Piece> beside(Geometry region, List<Outline> edges, double by) {
    double far = Math.abs(by);
    return pieces(
        grown(region, by),
        () -> Offset.of(edges.stream().flatMap(e -> e.path().segments().stream()).toList(), far),
        besideTolerance(far));
  }

  /** A shape grown by so much all round, or shrunk by less than 0. */
  static List<Outline> beside(Outline shape, double by) {
    double far = Math.abs(by);
    if (far < Precision.NEAR) {
      return List.of(shape);
    }
    return of(
        grown(shape.polygon(), by),
        () -> Offset.of(shape.path().segments(), far),
        besideTolerance(far));
  }

  private static Geometry grown(Geometry shape, double by) {
    // The library would leave out corners first, as far as a hundredth of the way.
    BufferParameters fine = new BufferParameters(QUARTER);
    fine.setSimplifyFactor(0);
    return BufferOp.bufferOp(shape, by, fine);
  }

  /**
   * How far corners made so lie from the true curve beside: chords of theirs, and of the shape's.
   */
  private static double besideTolerance(double far) {
    return 2 * (far * (1 - Math.cos(Math.PI / 4 / QUARTER)) + Arcs.CHORD_ERROR);
  }

  /** A shape of corners that lie on the lines of others, or on straight ones between them. */
  static Outline along(List<Point> ring, List<Outline> of) {
    return along(ring, () -> lines(of), TRACED * Arcs.CHORD_ERROR);
  }

  static Outline largest(List<Outline> shapes) {
    return shapes.stream().max(Comparator.comparingDouble(Outline::area)).orElseThrow();
  }

  private static Outline along(List<Point> ring, Supplier<List<Segment>> lines, double tolerance) {
    return new Outline(
        Path.later(ring, true, () -> CurveRecovery.of(ring, lines.get(), tolerance)));
  }

  private static List<Segment> lines(List<Outline> of) {
    return of.stream().flatMap(o -> o.path().segments().stream()).toList();
  }

  private static List<Outline> of(
      Geometry geometry, Supplier<List<Segment>> lines, double tolerance) {
    return polygons(geometry).stream()
        .map(p -> along(corners(p.getExteriorRing()), lines, tolerance))
        .toList();
  }

  private static List<Polygon> polygons(Geometry geometry) {
    List<Polygon> all = new ArrayList<>();
    for (int i = 0; i < geometry.getNumGeometries(); i++) {
      if (geometry.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
        all.add(polygon);
      }
    }
    return all;
  }

  private static List<Point> corners(LinearRing edge) {
    Coordinate[] ring = edge.getCoordinates();
    List<Point> corners = new ArrayList<>(ring.length - 1);
    for (int i = 0; i < ring.length - 1; i++) {
      corners.add(new Point(ring[i].x, ring[i].y));
    }
    return corners;
  }
}
