package roughcut.rout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import roughcut.design.BodyFace;
import roughcut.design.CutName;
import roughcut.design.Fitting;
import roughcut.geometry.Bounds;
import roughcut.geometry.Box;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.measure.Precision;
import roughcut.measure.Text;

/** Pilots for the small screws that hold plates and covers. */
final class PlateScrews {
  /** Of a pilot, mm. */
  static final double PILOT = 2.5;

  /** How deep a pilot goes from where its plate lies, mm. */
  static final double DEPTH = 12;

  /** A screw's middle is clear of another cut so far from it, mm. */
  private static final double CLEAR = 4.5;

  /**
   * Of places that are as far, the one further from the centre line comes first, then the treble
   * side's, then the one nearer the neck: a screw keeps its number when a line is worked out to
   * another last figure.
   */
  private static final Comparator<Point> OUTER_FIRST =
      Comparator.<Point>comparingLong(p -> Math.round(Math.abs(p.y()) / Precision.NEAR))
          .thenComparingLong(p -> Math.round(p.y() / Precision.NEAR))
          .thenComparing(p -> -p.x());

  private PlateScrews() {}

  /**
   * Where screws come to stand along a line: spread over those of its places that are clear of all
   * other cuts as deep as a pilot goes; over all of them when too few are.
   *
   * @param z where the plate lies on the wood
   * @param own name of the cut that they stand beside on purpose
   */
  static List<Point> places(
      CutBuilder builder,
      List<Point> line,
      Point middle,
      int count,
      BodyFace face,
      double z,
      String own) {
    double low = face == BodyFace.TOP ? z : z - DEPTH;
    Bounds all =
        line.stream()
            .map(p -> new Bounds(p.x(), p.y(), p.x(), p.y()))
            .reduce(Bounds::and)
            .orElseThrow();
    List<Cut> near =
        builder.cuts().stream()
            .filter(c -> c.box().z0() < low + DEPTH + CLEAR && c.box().z1() > low - CLEAR)
            .filter(c -> !c.name().equals(own))
            .filter(c -> seen(c.box()).expanded(CLEAR).distance(all) <= 0)
            .toList();
    List<Object> from = new ArrayList<>(near);
    from.add(line);
    return builder.memo.block(
        List.of("screws", own, count, middle, low), from, () -> clear(line, middle, count, near));
  }

  private static Bounds seen(Box box) {
    return new Bounds(box.x0(), box.y0(), box.x1(), box.y1());
  }

  private static List<Point> clear(List<Point> line, Point middle, int count, List<Cut> cuts) {
    List<Near> others = new ArrayList<>();
    for (Cut cut : cuts) {
      for (Outline shape : cut.shapes()) {
        others.add(new Near(shape, shape.bounds().expanded(CLEAR)));
      }
    }
    List<Point> clear =
        line.stream().filter(p -> others.stream().noneMatch(o -> o.reaches(p))).toList();
    return spread(clear.size() < count ? line : clear, middle, count);
  }

  /** A cut's shape with a box round it in which it may be too near. */
  private record Near(Outline shape, Bounds around) {
    boolean reaches(Point p) {
      return around.contains(p) && (shape.contains(p) || shape.edgeDistance(p) < CLEAR);
    }
  }

  /**
   * Spreads screws over places on a line round something: the first at the place furthest from its
   * middle, each next one as far as can be from those before, so that ends and corners come first.
   */
  private static List<Point> spread(List<Point> line, Point middle, int count) {
    List<Point> left = new ArrayList<>(line);
    List<Point> chosen = new ArrayList<>();
    while (chosen.size() < count && !left.isEmpty()) {
      ToDoubleFunction<Point> far =
          p ->
              chosen.isEmpty()
                  ? p.distance(middle)
                  : chosen.stream().mapToDouble(p::distance).min().orElse(0);
      double most = left.stream().mapToDouble(far).max().orElseThrow();
      Point next =
          left.stream()
              .filter(p -> far.applyAsDouble(p) >= most - Precision.NEAR)
              .max(OUTER_FIRST)
              .orElseThrow();
      left.remove(next);
      chosen.add(next);
    }
    return chosen;
  }

  /**
   * Adds a pilot for each place, named {@code NAME-screw-I}.
   *
   * @param what is held, to begin its words with
   * @param z where the plate lies on the wood
   * @param joins names of cuts that they stand in on purpose
   * @param changedBy ids of decisions that move them
   */
  static void add(
      CutBuilder builder,
      Fitting fitting,
      Text what,
      BodyFace face,
      double z,
      List<Point> places,
      Set<String> joins,
      String... changedBy) {
    double down = face == BodyFace.TOP ? DEPTH : -DEPTH;
    for (int i = 0; i < places.size(); i++) {
      Point at = places.get(i);
      builder.add(
          new Cut(
              CutName.screws(fitting.name()) + "-" + (i + 1),
              Text.of("{what}'s screw {value}", what, i + 1),
              CutKind.SCREW,
              CutFrom.of(face),
              List.of(),
              List.of(
                  new Cylinder(
                      new Point3(at.x(), at.y(), z),
                      new Point3(at.x(), at.y(), z + down),
                      PILOT / 2)),
              joins,
              List.of(changedBy),
              false));
    }
  }
}
