package roughcut.rout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Region;

/**
 * What a step of a rout takes of the body, seen from its face: what lies inside a line that was
 * drawn, or shapes that overlap one another, of which what is round them is found when somebody
 * asks.
 */
final class RoutArea {
  private final Optional<Outline> whole;
  private List<Outline> shapes;

  private RoutArea(Optional<Outline> whole, List<Outline> shapes) {
    this.whole = whole;
    this.shapes = shapes;
  }

  /** Shapes without hollows, each overlapping one before it. */
  RoutArea(List<Outline> shapes) {
    this(Optional.empty(), List.copyOf(shapes));
  }

  /** What lies inside a line that may have hollows. */
  static RoutArea inside(Outline line) {
    return new RoutArea(Optional.of(line), null);
  }

  /** The largest piece of a region, without the islands in it. */
  static Optional<RoutArea> of(Region region) {
    return region.pieces().stream()
        .map(Region.Piece::outline)
        .max(Comparator.comparingDouble(Outline::area))
        .map(RoutArea::inside);
  }

  /** The line round all of it where it was drawn. */
  Optional<Outline> whole() {
    return whole;
  }

  /** Shapes without hollows that make it up; of a drawn one only made when they are wanted. */
  List<Outline> shapes() {
    if (shapes == null) {
      shapes = List.copyOf(Region.of(whole.orElseThrow()).convexPieces());
    }
    return shapes;
  }

  Region region() {
    return whole.map(Region::of).orElseGet(() -> Region.of(shapes));
  }

  /** Grown by so much all round; shrunk by less than 0, at most to nothing, which leaves it. */
  RoutArea buffer(double by) {
    if (whole.isPresent()) {
      return of(region().buffer(by)).orElse(this);
    }
    return new RoutArea(
        shapes.stream()
            .map(s -> by > 0 ? s.buffer(by) : s.shrink(-by).stream().findFirst().orElse(s))
            .toList());
  }

  /** With more shapes that overlap it. */
  RoutArea and(List<Outline> more) {
    List<Outline> all = new ArrayList<>(whole.map(List::of).orElse(shapes));
    all.addAll(more);
    return whole.isPresent() ? of(Region.of(all)).orElse(this) : new RoutArea(all);
  }

  /** Moved by so much. */
  RoutArea translate(double dx, double dy) {
    return new RoutArea(
        whole.map(w -> w.translate(dx, dy)),
        shapes == null ? null : shapes.stream().map(s -> s.translate(dx, dy)).toList());
  }

  /** The box round it. */
  Bounds bounds() {
    return whole
        .map(Outline::bounds)
        .orElseGet(() -> shapes.stream().map(Outline::bounds).reduce(Bounds::and).orElseThrow());
  }

  /** Its middle, as far as it has one: of what is drawn, or of the shape half way along. */
  Point middle() {
    return whole.orElseGet(() -> shapes.get(shapes.size() / 2)).centre();
  }

  /** A drawn one's shapes follow from its line. */
  @Override
  public boolean equals(Object other) {
    return other instanceof RoutArea area
        && whole.equals(area.whole)
        && (whole.isPresent() || shapes.equals(area.shapes));
  }

  @Override
  public int hashCode() {
    return whole.isPresent() ? whole.hashCode() : shapes.hashCode();
  }
}
