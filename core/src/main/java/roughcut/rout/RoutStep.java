package roughcut.rout;

import java.util.ArrayList;
import java.util.List;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Prism;
import roughcut.geometry.Shapes;
import roughcut.measure.Value;

/**
 * A part of a rout with one floor: a pickup's bed or its legs, a cavity or the ledge round it. Its
 * outline is put together from shapes without hollows, each overlapping one before it, when it is
 * first asked for.
 */
public final class RoutStep {
  private static final int COARSE = 40;

  private final String name;
  private final RoutArea made;
  private final Value depth;
  private final List<Prism> solids;
  private final double corner;
  private final RoutArea drawn;
  private Outline outline;
  private double area = Double.NaN;

  /**
   * Makes a step.
   *
   * @param name of its passes and template
   * @param made what it takes, seen from above
   * @param depth at its deepest, from the face that it is cut from
   * @param solids over those shapes
   * @param corner radius of its inside corners, mm
   * @param drawn what it takes as it is drawn, whatever a worn template makes of it
   */
  RoutStep(
      String name, RoutArea made, Value depth, List<Prism> solids, double corner, RoutArea drawn) {
    this.name = name;
    this.made = made;
    this.depth = depth;
    this.solids = List.copyOf(solids);
    this.corner = corner;
    this.drawn = drawn;
  }

  /** A step that no template makes. */
  RoutStep(String name, List<Outline> shapes, Value depth, List<Prism> solids, double corner) {
    this(name, new RoutArea(shapes), depth, solids, corner);
  }

  private RoutStep(String name, RoutArea made, Value depth, List<Prism> solids, double corner) {
    this(name, made, depth, solids, corner, made);
  }

  public String name() {
    return name;
  }

  /** Whether nothing that is worked out of this would come out otherwise of the other. */
  boolean alike(RoutStep other) {
    return name.equals(other.name)
        && made.equals(other.made)
        && depth.equals(other.depth)
        && solids.equals(other.solids)
        && corner == other.corner
        && drawn.equals(other.drawn);
  }

  public Value depth() {
    return depth;
  }

  public List<Prism> solids() {
    return solids;
  }

  /** How much less deep its floor is at its shallowest: a floor that leans, mm. */
  public double floorRise() {
    double least = Double.POSITIVE_INFINITY;
    double most = Double.NEGATIVE_INFINITY;
    for (Prism solid : solids) {
      for (Point p : solid.corners()) {
        double deep = Math.abs(solid.floorAt(p.x()) - solid.open());
        least = Math.min(least, deep);
        most = Math.max(most, deep);
      }
    }
    return solids.isEmpty() ? 0 : most - least;
  }

  public double corner() {
    return corner;
  }

  /** Shapes without hollows that make it up. */
  public List<Outline> shapes() {
    return made.shapes();
  }

  /** What it takes, seen from above. */
  RoutArea made() {
    return made;
  }

  /** Seen from above. */
  public Outline outline() {
    if (outline == null) {
      outline = made.whole().orElseGet(() -> Outline.union(shapes()));
    }
    return outline;
  }

  /** The box round it. */
  public Bounds bounds() {
    return made.bounds();
  }

  /** The box round it as it is drawn. */
  Bounds drawn() {
    return drawn.bounds();
  }

  /** What it takes as it is drawn. */
  RoutArea wanted() {
    return drawn;
  }

  /** The line round it as it is drawn, whatever a worn template makes of it. */
  public Outline line() {
    return drawn.whole().orElseGet(() -> Outline.union(drawn.shapes()));
  }

  /** A shape with fewer corners, good to a few thousandths of its area: enough for a weight. */
  private static Outline coarse(Outline shape) {
    int n = shape.corners().size();
    int each = Math.max(1, n / COARSE);
    if (each == 1) {
      return shape;
    }
    List<Point> fewer = new ArrayList<>();
    for (int i = 0; i < n; i += each) {
      fewer.add(shape.corners().get(i));
    }
    return new Outline(fewer);
  }

  /** Its area, mm²: of each shape what the one before that it shares most with has not. */
  public double area() {
    if (Double.isNaN(area)) {
      area = measured();
    }
    return area;
  }

  private double measured() {
    if (made.whole().isPresent()) {
      return Math.abs(made.whole().get().path().directedArea());
    }
    List<Outline> shapes = shapes();
    List<Outline> rough = shapes.stream().map(RoutStep::coarse).toList();
    double sum = 0;
    for (int i = 0; i < shapes.size(); i++) {
      double shared = 0;
      for (int j = 0; j < i; j++) {
        if (shapes.get(i).bounds().distance(shapes.get(j).bounds()) <= 0) {
          shared = Math.max(shared, Shapes.commonArea(rough.get(j), rough.get(i)));
        }
      }
      sum += shapes.get(i).area() - shared;
    }
    return sum;
  }

  /** Area that it shares with another, mm²; all of its own when it lies inside. */
  double common(RoutStep other) {
    if (shapes().size() == 1 && other.shapes().size() == 1) {
      return Shapes.commonArea(coarse(shapes().get(0)), coarse(other.shapes().get(0)));
    }
    boolean inside =
        shapes().stream()
            .flatMap(s -> s.corners().stream())
            .allMatch(p -> other.shapes().stream().anyMatch(o -> o.contains(p)));
    return inside
        ? area()
        : outline().intersection(other.outline()).stream().mapToDouble(Outline::area).sum();
  }
}
