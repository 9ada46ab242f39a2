package roughcut.geometry;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import roughcut.measure.Precision;

/**
 * A line as it is drawn, cut and written: straight, round and curved stretches, each beginning
 * where the one before ends. It is looked at in two ways: its segments are the line itself; its
 * points are corners on it, no chord further from it than {@link Arcs#CHORD_ERROR}, for painting
 * and measuring. The segments of a shape that was cut from or joined with others are found when
 * they are first asked for.
 */
public final class Path {
  private final List<Point> points;
  private final boolean closed;
  private Supplier<List<Segment>> traced;
  private List<Segment> segments;

  private Path(List<Point> points, boolean closed, Supplier<List<Segment>> traced) {
    this.points = List.copyOf(points);
    this.closed = closed;
    this.traced = traced;
  }

  /** Straight from point to point. */
  public static Path straight(List<Point> points, boolean closed) {
    return new Path(points, closed, null);
  }

  /**
   * A line of segments.
   *
   * @throws IllegalArgumentException when one doesn't begin where the one before ends
   */
  public static Path of(List<Segment> segments, boolean closed) {
    List<Point> points = new ArrayList<>();
    for (Segment segment : segments) {
      List<Point> corners = segment.corners();
      if (points.isEmpty()) {
        points.add(corners.get(0));
      } else if (points.get(points.size() - 1).distance(corners.get(0)) > Precision.NEAR) {
        throw new IllegalArgumentException("a segment starts away from the end of the one before");
      }
      points.addAll(corners.subList(1, corners.size()));
    }
    int last = points.size() - 1;
    if (closed && points.get(last).distance(points.get(0)) > Precision.NEAR) {
      throw new IllegalArgumentException("a closed path doesn't end where it starts");
    }
    return known(closed ? points.subList(0, last) : points, closed, segments);
  }

  /** A line of segments with corners of somebody's own on it. */
  static Path known(List<Point> points, boolean closed, List<Segment> segments) {
    return new Path(points, closed, () -> segments);
  }

  /** A line whose segments are found when they are first asked for. */
  static Path later(List<Point> points, boolean closed, Supplier<List<Segment>> traced) {
    return new Path(points, closed, traced);
  }

  /**
   * A closed line through corners that lie on known lines: along these, straight where on none.
   *
   * @param near how far corners and the middles between them may lie from the lines, mm
   */
  public static Path along(List<Point> corners, List<Segment> lines, double near) {
    return lines.isEmpty()
        ? straight(corners, true)
        : later(
            corners,
            true,
            () ->
                inOrder(corners, lines, true)
                    .orElseGet(() -> CurveRecovery.of(corners, lines, near)));
  }

  /**
   * An open line through corners, along curves that come in its order, straight between them; all
   * straight from corner to corner where they don't.
   */
  public static Path open(List<Point> corners, List<Segment> curves) {
    return inOrder(corners, curves, false)
        .map(all -> known(corners, false, all))
        .orElseGet(() -> straight(corners, false));
  }

  /** The curves one after the other as they were drawn, straight from corner to corner between. */
  private static Optional<List<Segment>> inOrder(
      List<Point> corners, List<Segment> curves, boolean closed) {
    List<Segment> all = new ArrayList<>();
    int last = closed ? corners.size() : corners.size() - 1;
    int curve = 0;
    int at = 0;
    while (at < last) {
      Point here = corners.get(at);
      int next = at + 1;
      Segment segment = new Line(here, corners.get(next % corners.size()));
      if (curve < curves.size() && curves.get(curve).start().distance(here) < Precision.NEAR) {
        segment = curves.get(curve++);
        while (next <= last
            && segment.end().distance(corners.get(next % corners.size())) >= Precision.NEAR) {
          next++;
        }
      }
      all.add(segment);
      at = next;
    }
    return at == last && curve == curves.size() ? Optional.of(all) : Optional.empty();
  }

  /**
   * This closed line begun at the corner nearest a place.
   *
   * @param anticlockwise which way it runs round from there
   */
  public Path begun(Point first, boolean anticlockwise) {
    List<Point> all = new ArrayList<>(points);
    boolean turned = new Outline(this).anticlockwise() != anticlockwise;
    if (turned) {
      Collections.reverse(all);
    }
    int start = 0;
    for (int i = 1; i < all.size(); i++) {
      if (all.get(i).distance(first) < all.get(start).distance(first)) {
        start = i;
      }
    }
    Collections.rotate(all, -start);
    boolean straight = segments == null && traced == null;
    return straight
        ? straight(all, true)
        : later(
            all,
            true,
            () ->
                fromStart(all.get(0), turned)
                    .orElseGet(() -> CurveRecovery.of(all, segments(), 3 * Arcs.CHORD_ERROR)));
  }

  /** The same segments from that of them on which begins there; empty where none does. */
  private Optional<List<Segment>> fromStart(Point first, boolean turned) {
    List<Segment> all = new ArrayList<>(segments());
    if (turned) {
      all.replaceAll(Segment::reversed);
      Collections.reverse(all);
    }
    for (int i = 0; i < all.size(); i++) {
      if (all.get(i).start().distance(first) < Precision.NEAR) {
        Collections.rotate(all, -i);
        return Optional.of(all);
      }
    }
    return Optional.empty();
  }

  /** Corners on it; the first isn't repeated at the end of a closed one. */
  public List<Point> points() {
    return points;
  }

  public boolean closed() {
    return closed;
  }

  /** What it is made of. */
  public List<Segment> segments() {
    if (segments == null) {
      segments = List.copyOf(traced == null ? lines() : traced.get());
      traced = null;
    }
    return segments;
  }

  private List<Segment> lines() {
    List<Segment> lines = new ArrayList<>(points.size());
    for (int i = 1; i < points.size() + (closed ? 1 : 0); i++) {
      Line line = new Line(points.get(i - 1), points.get(i == points.size() ? 0 : i));
      if (line.length() > 0) {
        lines.add(line);
      }
    }
    return lines;
  }

  public Path through(Similarity change) {
    List<Point> moved = change.of(points);
    return segments == null && traced == null
        ? straight(moved, closed)
        : later(moved, closed, () -> segments().stream().map(s -> s.through(change)).toList());
  }

  /** The circle that it is, if it is one. */
  public Optional<Arc> circle() {
    return closed && segments().size() == 1
        ? segments().get(0).round().filter(Arc::whole)
        : Optional.empty();
  }

  /** Length along it, mm. */
  public double length() {
    return segments().stream().mapToDouble(Segment::length).sum();
  }

  /** The area that a closed one goes round, mm²; less than 0 clockwise. */
  public double directedArea() {
    return segments().stream().mapToDouble(Segment::swept).sum();
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Path path && closed == path.closed && points.equals(path.points);
  }

  @Override
  public int hashCode() {
    return Objects.hash(points, closed);
  }

  @Override
  public String toString() {
    return (closed ? "closed path of " : "path of ") + points.size() + " points";
  }

  /** Those of its segments that aren't straight. */
  public List<Segment> curves() {
    Curves curves = new Curves(new ArrayList<>());
    segments().forEach(s -> s.fold(curves));
    return curves.all;
  }

  private record Curves(List<Segment> all) implements Segment.Cases<Boolean, RuntimeException> {
    @Override
    public Boolean line(Line line) {
      return false;
    }

    @Override
    public Boolean arc(Arc arc) {
      return all.add(arc);
    }

    @Override
    public Boolean cubic(Cubic cubic) {
      return all.add(cubic);
    }
  }
}
