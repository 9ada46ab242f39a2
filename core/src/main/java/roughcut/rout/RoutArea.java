package roughcut.rout;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Region;

/**
 * What a step of a rout takes of the body, seen from its face.
 *
 * @param shapes without hollows that make it up
 * @param whole the line round all of them where it was drawn; else they overlap one another, and
 *     what is round them is found when somebody asks
 */
record RoutArea(List<Outline> shapes, Optional<Outline> whole) {
  RoutArea {
    shapes = List.copyOf(shapes);
  }

  /** Shapes without hollows, each overlapping one before it. */
  RoutArea(List<Outline> shapes) {
    this(shapes, Optional.empty());
  }

  /** What lies inside a line that may have hollows. */
  static RoutArea inside(Outline line) {
    return new RoutArea(Region.of(line).convexPieces(), Optional.of(line));
  }

  /** The largest piece of a region, without the islands in it. */
  static Optional<RoutArea> of(Region region) {
    return region.pieces().stream()
        .map(Region.Piece::outline)
        .max(Comparator.comparingDouble(Outline::area))
        .map(RoutArea::inside);
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
    if (whole.isPresent()) {
      return of(region().union(Region.of(more))).orElse(this);
    }
    return new RoutArea(Stream.concat(shapes.stream(), more.stream()).toList());
  }

  /** Moved by so much. */
  RoutArea translate(double dx, double dy) {
    return new RoutArea(
        shapes.stream().map(s -> s.translate(dx, dy)).toList(),
        whole.map(w -> w.translate(dx, dy)));
  }

  /** The box round it. */
  Bounds bounds() {
    return shapes.stream().map(Outline::bounds).reduce(Bounds::and).orElseThrow();
  }

  /** Its middle, as far as it has one: of what is drawn, or of the shape half way along. */
  Point middle() {
    return whole.orElseGet(() -> shapes.get(shapes.size() / 2)).centre();
  }
}
