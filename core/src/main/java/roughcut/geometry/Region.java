package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import roughcut.measure.Precision;

/**
 * A part of a plane: one piece or several, each with the holes that are in it. What comes out of
 * joining, cutting and growing is along the lines, arcs and curves that went in. Places are mm; it
 * is as fine as the corners of its outlines, {@link Arcs#CHORD_ERROR} from their curves.
 */
public final class Region {
  public static final Region EMPTY = new Region(List.of());

  private static final GeometryFactory FACTORY = new GeometryFactory();

  /** What buffering alone may lose of an area, mm². */
  private static final double UNREACHED = 0.2;

  private final List<Piece> pieces;
  private Geometry geometry;
  private List<Outline> convex;

  /**
   * One piece.
   *
   * @param outline round it
   * @param holes in it, none touching another
   */
  public record Piece(Outline outline, List<Outline> holes) {
    public Piece {
      holes = List.copyOf(holes);
    }

    /** Exact, along the paths, mm². */
    double area() {
      return Math.abs(outline.path().directedArea())
          - holes.stream().mapToDouble(h -> Math.abs(h.path().directedArea())).sum();
    }

    Stream<Outline> edges() {
      return Stream.concat(Stream.of(outline), holes.stream());
    }
  }

  private Region(List<Piece> pieces) {
    this.pieces = List.copyOf(pieces);
  }

  /** A shape without holes, mended where its edge crosses itself. */
  public static Region of(Outline shape) {
    return shape.crossing().isEmpty()
        ? new Region(List.of(new Piece(shape, List.of())))
        : of(ShapeOverlay.mended(shape.polygon()), List.of(shape));
  }

  /** Shapes joined: what lies in any of them. */
  public static Region of(List<Outline> shapes) {
    return switch (shapes.size()) {
      case 0 -> EMPTY;
      case 1 -> of(shapes.get(0));
      default ->
          of(ShapeOverlay.union(shapes.stream().<Geometry>map(Outline::polygon).toList()), shapes);
    };
  }

  private static Region of(Geometry made, List<Outline> of) {
    return new Region(OverlayResult.pieces(made, of));
  }

  public List<Piece> pieces() {
    return pieces;
  }

  public boolean isEmpty() {
    return pieces.isEmpty();
  }

  /** Outlines and holes, as many lines as are to be drawn. */
  public List<Outline> edges() {
    return pieces.stream().flatMap(Piece::edges).toList();
  }

  /**
   * The box round it.
   *
   * @throws java.util.NoSuchElementException when it is empty
   */
  public Bounds bounds() {
    return pieces.stream().map(p -> p.outline().bounds()).reduce(Bounds::and).orElseThrow();
  }

  /** What lies in both. */
  public Region intersection(Region other) {
    return of(ShapeOverlay.intersection(geometry(), other.geometry()), lines(other));
  }

  /** What the other leaves of it. */
  public Region difference(Region other) {
    return of(ShapeOverlay.difference(geometry(), other.geometry()), lines(other));
  }

  /** What lies in either. */
  public Region union(Region other) {
    return of(ShapeOverlay.union(List.of(geometry(), other.geometry())), lines(other));
  }

  /** Grown by so much all round, holes shrinking; shrunk by less than 0. */
  public Region buffer(double by) {
    return Math.abs(by) < Precision.NEAR || isEmpty()
        ? this
        : new Region(OverlayResult.beside(geometry(), edges(), by));
  }

  /**
   * What a round cutter reaches of it without leaving it: corners come out as round as the cutter,
   * and what is narrower stays. A region that the cutter reaches all of is itself.
   *
   * @param radius of the cutter, mm
   */
  public Region opened(double radius) {
    Region reached = buffer(-radius).buffer(radius);
    return area() - reached.area() < UNREACHED ? this : reached;
  }

  /** Area without holes, exact along its curves, mm². */
  public double area() {
    return pieces.stream().mapToDouble(Piece::area).sum();
  }

  /** Whether a place lies in it, and in no hole. */
  public boolean contains(Point p) {
    return pieces.stream()
        .anyMatch(
            piece ->
                piece.outline().contains(p)
                    && piece.holes().stream().noneMatch(hole -> hole.contains(p)));
  }

  /** Shortest distance between two; 0 when they touch or overlap, infinite where one is empty. */
  public double distance(Region other) {
    return isEmpty() || other.isEmpty()
        ? Double.POSITIVE_INFINITY
        : geometry().distance(other.geometry());
  }

  /** How far a place lies from the nearest edge, a hole's too, mm. */
  public double edgeDistance(Point p) {
    return edges().stream()
        .mapToDouble(o -> o.edgeDistance(p))
        .min()
        .orElse(Double.POSITIVE_INFINITY);
  }

  /** The same without hollows and holes in as few shapes as they can be had easily; they touch. */
  public List<Outline> convexPieces() {
    if (convex == null) {
      convex =
          pieces.stream()
              .flatMap(
                  p ->
                      p.holes().isEmpty() && p.outline().convex()
                          ? Stream.of(p.outline())
                          : ConvexPieces.of(polygon(p)).stream())
              .toList();
    }
    return convex;
  }

  private List<Outline> lines(Region other) {
    List<Outline> all = new ArrayList<>(edges());
    all.addAll(other.edges());
    return all;
  }

  private Geometry geometry() {
    if (geometry == null) {
      geometry =
          pieces.size() == 1
              ? polygon(pieces.get(0))
              : FACTORY.createMultiPolygon(
                  pieces.stream().map(Region::polygon).toArray(Polygon[]::new));
    }
    return geometry;
  }

  private static Polygon polygon(Piece piece) {
    if (piece.holes().isEmpty()) {
      return piece.outline().polygon();
    }
    return FACTORY.createPolygon(
        piece.outline().polygon().getExteriorRing(),
        piece.holes().stream().map(h -> h.polygon().getExteriorRing()).toArray(LinearRing[]::new));
  }
}
