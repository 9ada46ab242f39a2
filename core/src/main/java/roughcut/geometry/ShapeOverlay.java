package roughcut.geometry;

import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.precision.GeometryPrecisionReducer;

/**
 * Shapes cut by and joined to each other, whatever they are. A shape whose edge touches or crosses
 * itself is mended first, and one that is finer than a grid of {@value #GRID} mm is laid on that
 * grid; so none of this ever fails. Sound shapes, nearly all there are, pay nothing for it.
 */
final class ShapeOverlay {
  /** Far below anything that can be seen or sawn, mm. */
  static final double GRID = 1e-6;

  private static final PrecisionModel ON_GRID = new PrecisionModel(1 / GRID);
  private static final GeometryFactory FACTORY = new GeometryFactory();

  private ShapeOverlay() {}

  /** The part of one shape that lies in the other too. */
  static Geometry intersection(Geometry one, Geometry other) {
    return overlay(one, other, OverlayNG.INTERSECTION);
  }

  /** The part of one shape that the other leaves. */
  static Geometry difference(Geometry one, Geometry other) {
    return overlay(one, other, OverlayNG.DIFFERENCE);
  }

  /** All shapes together. */
  static Geometry union(List<Geometry> all) {
    try {
      return OverlayNGRobust.union(all);
    } catch (TopologyException | IllegalArgumentException e) {
      Geometry sum = FACTORY.createPolygon();
      for (Geometry shape : all) {
        sum = OverlayNG.overlay(sum, onGrid(shape), OverlayNG.UNION, ON_GRID);
      }
      return sum;
    }
  }

  private static Geometry overlay(Geometry one, Geometry other, int how) {
    try {
      return OverlayNGRobust.overlay(one, other, how);
    } catch (TopologyException | IllegalArgumentException e) {
      return OverlayNG.overlay(onGrid(one), onGrid(other), how, ON_GRID);
    }
  }

  /** The shape mended: what lies an odd number of times inside its edge, in pieces. */
  static Geometry mended(Geometry shape) {
    Geometry fixed = GeometryFixer.fix(shape);
    return fixed.isEmpty() ? FACTORY.createPolygon() : fixed;
  }

  private static Geometry onGrid(Geometry shape) {
    Geometry reduced = GeometryPrecisionReducer.reduce(mended(shape), ON_GRID);
    return reduced.isEmpty() ? FACTORY.createPolygon() : reduced;
  }
}
