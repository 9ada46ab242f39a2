package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.measure.Precision;

/**
 * Segments one after the other, whose points are moved, added and taken out: how an outline is
 * drawn point by point. A point where a curve runs on without a kink stays one when its pulls are
 * moved; a straight stretch stays straight, and an arc an arc.
 *
 * @param closed whether the last ends where the first begins
 */
public record Chain(List<Segment> segments, boolean closed) {
  /** Ways that differ by less run on without a kink: half a degree. */
  private static final double KINK = Math.toRadians(0.5);

  /** How far a stretch's pulls stand from its ends when nothing else is known, as a share of it. */
  private static final double THIRD = 1 / 3.0;

  /** A new arc rises so much, as a share of its chord. */
  private static final double RISE = 0.1;

  /** Points stay so far apart, mm. */
  public static final double APART = 0.5;

  public Chain {
    segments = List.copyOf(segments);
    if (segments.isEmpty()) {
      throw new IllegalArgumentException("a chain has at least one segment");
    }
  }

  /** How many points it has. */
  public int points() {
    return segments.size() + (closed ? 0 : 1);
  }

  /** A point, from 0. */
  public Point at(int point) {
    return point < segments.size() ? segments.get(point).start() : segments.get(point - 1).end();
  }

  /** The stretch that ends at a point; empty at an open chain's first. */
  private Optional<Integer> before(int point) {
    return point > 0
        ? Optional.of(point - 1)
        : closed ? Optional.of(segments.size() - 1) : Optional.empty();
  }

  /** The stretch that begins at a point; empty at an open chain's last. */
  private Optional<Integer> after(int point) {
    return point < segments.size() ? Optional.of(point) : Optional.empty();
  }

  /** Where the curve before a point is pulled to; empty where it isn't a curve that is pulled. */
  public Optional<Point> pullBefore(int point) {
    return before(point).flatMap(i -> Pulls.of(segments.get(i))).map(Cubic::c);
  }

  /** Where the curve after a point is pulled to; empty where it isn't a curve that is pulled. */
  public Optional<Point> pullAfter(int point) {
    return after(point).flatMap(i -> Pulls.of(segments.get(i))).map(Cubic::b);
  }

  /** Whether it runs on through a point without a kink; never at an open end. */
  public boolean smooth(int point) {
    if (before(point).isEmpty() || after(point).isEmpty()) {
      return false;
    }
    Point in = segments.get(before(point).get()).way(1);
    Point out = segments.get(after(point).get()).way(0);
    double cross = in.x() * out.y() - in.y() * out.x();
    double dot = in.x() * out.x() + in.y() * out.y();
    return Math.abs(Math.atan2(cross, dot)) < KINK;
  }

  /** Its place on which it is nearest to another: the stretch, and the parameter along that. */
  public Place nearest(Point to) {
    Place best = null;
    for (int i = 0; i < segments.size(); i++) {
      double t = segments.get(i).nearest(to);
      double far = segments.get(i).at(t).distance(to);
      if (best == null || far < best.distance) {
        best = new Place(i, t, far);
      }
    }
    return best;
  }

  /**
   * A place on a stretch.
   *
   * @param distance from what it is nearest to, mm
   */
  public record Place(int stretch, double t, double distance) {}

  /** How long it is from one point to another; round a closed one the shorter way, mm. */
  public double between(int one, int other) {
    int from = Math.min(one, other);
    int to = Math.max(one, other);
    double way = segments.subList(from, to).stream().mapToDouble(Segment::length).sum();
    double whole = segments.stream().mapToDouble(Segment::length).sum();
    return closed ? Math.min(way, whole - way) : way;
  }

  /** With a point moved; what pulls the curve at it moves along. */
  public Chain moved(int point, double dx, double dy) {
    List<Segment> next = new ArrayList<>(segments);
    // The only stretch of a ring both begins and ends there.
    before(point).ifPresent(i -> next.set(i, next.get(i).fold(new Moved(0, 0, dx, dy))));
    after(point).ifPresent(i -> next.set(i, next.get(i).fold(new Moved(dx, dy, 0, 0))));
    return new Chain(next, closed);
  }

  /**
   * With a pull moved; where the curve ran on without a kink, the other pull turns along.
   *
   * @param forward whether it is the one after the point
   */
  public Chain pulled(int point, boolean forward, double dx, double dy) {
    boolean kept = smooth(point);
    Optional<Integer> own = forward ? after(point) : before(point);
    Optional<Integer> other = forward ? before(point) : after(point);
    Optional<Cubic> curve = own.flatMap(i -> Pulls.of(segments.get(i)));
    if (curve.isEmpty()) {
      return this;
    }
    List<Segment> next = new ArrayList<>(segments);
    Cubic is = curve.get();
    Point to = (forward ? is.b() : is.c()).plus(dx, dy);
    next.set(
        own.get(),
        forward ? new Cubic(is.a(), to, is.c(), is.d()) : new Cubic(is.a(), is.b(), to, is.d()));
    if (kept) {
      Point on = at(point);
      Optional<Cubic> beyond = other.flatMap(i -> Pulls.of(next.get(i)));
      if (beyond.isPresent()) {
        Cubic b = beyond.get();
        Point turned = on.beyond(to, on.distance(forward ? b.c() : b.b()));
        next.set(
            other.get(),
            forward
                ? new Cubic(b.a(), b.b(), turned, b.d())
                : new Cubic(b.a(), turned, b.c(), b.d()));
      } else {
        // Along a straight line or an arc there is one way only.
        Point way = next.get(other.get()).way(forward ? 1 : 0);
        Point along = forward ? on.plus(-way.x(), -way.y()) : on.plus(way.x(), way.y());
        Point turned = on.beyond(along, on.distance(to));
        next.set(
            own.get(),
            forward
                ? new Cubic(is.a(), turned, is.c(), is.d())
                : new Cubic(is.a(), is.b(), turned, is.d()));
      }
    }
    return new Chain(next, closed);
  }

  /** With another point on it; the line is as it was. */
  public Chain added(int stretch, double t) {
    Segment old = segments.get(stretch);
    List<Segment> next = new ArrayList<>(segments);
    next.set(stretch, old.part(0, t));
    next.add(stretch + 1, old.part(t, 1));
    return new Chain(next, closed);
  }

  /** Whether a point can be taken out: an open chain's ends can't, nor one of the last three. */
  public boolean removable(int point) {
    return before(point).isPresent() && after(point).isPresent() && points() > 3;
  }

  /** Without a point: one stretch in the place of two, as near to them as one curve can be. */
  public Chain removed(int point) {
    if (!removable(point)) {
      return this;
    }
    int into = before(point).orElseThrow();
    Segment one = segments.get(into);
    Segment two = segments.get(point);
    Segment joined =
        one.straight() && two.straight() ? new Line(one.start(), two.end()) : CubicFit.of(one, two);
    List<Segment> next = new ArrayList<>(segments);
    next.set(into, joined);
    next.remove(point);
    return new Chain(next, closed);
  }

  /** With the curve running on through a point, along the way between its neighbours. */
  public Chain smoothed(int point) {
    if (before(point).isEmpty() || after(point).isEmpty() || smooth(point)) {
      return this;
    }
    int one = before(point).get();
    int two = after(point).get();
    List<Segment> next = new ArrayList<>(segments);
    Segment in = segments.get(one);
    Segment out = segments.get(two);
    Point on = at(point);
    // A straight stretch says the way, if one of the two is straight.
    Point way =
        in.straight() != out.straight()
            ? in.straight() ? in.way(1) : out.way(0)
            : new Point(out.end().x() - in.start().x(), out.end().y() - in.start().y());
    if (Math.hypot(way.x(), way.y()) < Precision.NEAR) {
      return this;
    }
    Point unit = way.unit();
    boolean both = in.straight() == out.straight();
    if (both || !in.straight()) {
      Cubic c = Pulls.made(in);
      double far = Math.max(APART, c.d().distance(c.c()));
      next.set(one, new Cubic(c.a(), c.b(), on.plus(-unit.x() * far, -unit.y() * far), c.d()));
    }
    if (both || !out.straight()) {
      Cubic c = Pulls.made(out);
      double far = Math.max(APART, c.a().distance(c.b()));
      next.set(two, new Cubic(c.a(), on.plus(unit.x() * far, unit.y() * far), c.c(), c.d()));
    }
    return new Chain(next, closed);
  }

  /** With a corner at a point: what pulls the curve there points at its neighbours. */
  public Chain cornered(int point) {
    List<Segment> next = new ArrayList<>(segments);
    before(point)
        .flatMap(i -> Pulls.of(next.get(i)))
        .ifPresent(
            c -> {
              Point to = c.d().towards(c.a(), THIRD);
              next.set(before(point).orElseThrow(), new Cubic(c.a(), c.b(), to, c.d()));
            });
    after(point)
        .flatMap(i -> Pulls.of(next.get(i)))
        .ifPresent(
            c -> {
              Point to = c.a().towards(c.d(), THIRD);
              next.set(after(point).orElseThrow(), new Cubic(c.a(), to, c.c(), c.d()));
            });
    return new Chain(next, closed);
  }

  /** With a stretch straight. */
  public Chain straightened(int stretch) {
    Segment old = segments.get(stretch);
    return with(stretch, new Line(old.start(), old.end()));
  }

  /** With a stretch that can be pulled. */
  public Chain curved(int stretch) {
    return with(stretch, Pulls.made(segments.get(stretch)));
  }

  /** With a stretch round: the arc through its ends and its middle; a flat one rises a little. */
  public Chain rounded(int stretch) {
    Segment old = segments.get(stretch);
    Point a = old.start();
    Point d = old.end();
    Point middle = old.at(0.5);
    double chord = a.distance(d);
    if (chord < Precision.NEAR || old.round().isPresent()) {
      return this;
    }
    double ux = (d.x() - a.x()) / chord;
    double uy = (d.y() - a.y()) / chord;
    Point half = a.towards(d, 0.5);
    // To the right of the way from start to end: outwards where a line runs round anticlockwise.
    double rise = (middle.x() - half.x()) * uy - (middle.y() - half.y()) * ux;
    if (Math.abs(rise) < RISE * chord / 10) {
      rise = RISE * chord;
    }
    double radius = (chord * chord / 4 + rise * rise) / (2 * Math.abs(rise));
    double toCentre = Math.abs(rise) - radius;
    double side = Math.signum(rise);
    Point centre = half.plus(uy * side * toCentre, -ux * side * toCentre);
    double from = Math.atan2(a.y() - centre.y(), a.x() - centre.x());
    double sweep = side * 4 * Math.atan2(Math.abs(rise), chord / 2);
    return with(stretch, new Arc(centre, radius, from, sweep));
  }

  /**
   * Both sides alike: one side of the line y = 0, and its mirror image in the place of the other.
   *
   * @param side which is kept: −1 for y below 0, 1 for above
   * @return empty where it doesn't cross that line just once or, closed, twice
   */
  public Optional<Chain> mirrored(int side) {
    return MirroredChain.of(this, side);
  }

  /** With its curves laid through the same points as evenly as can be; corners stay corners. */
  public Chain fair() {
    return new Chain(FairCurve.of(this), closed);
  }

  /**
   * With no pull to the right of an upright line: no curve between points left of it goes there.
   */
  public Chain pulledWithin(double x) {
    List<Segment> next = new ArrayList<>(segments);
    next.replaceAll(
        s ->
            Pulls.of(s)
                .<Segment>map(
                    c ->
                        new Cubic(
                            c.a(),
                            new Point(Math.min(x, c.b().x()), c.b().y()),
                            new Point(Math.min(x, c.c().x()), c.c().y()),
                            c.d()))
                .orElse(s));
    return new Chain(next, closed);
  }

  private Chain with(int stretch, Segment next) {
    List<Segment> all = new ArrayList<>(segments);
    all.set(stretch, next);
    return new Chain(all, closed);
  }

  public Chain through(Similarity change) {
    return new Chain(segments.stream().map(s -> s.through(change)).toList(), closed);
  }

  /** The other way round. */
  public Chain reversed() {
    List<Segment> back = new ArrayList<>();
    for (int i = segments.size() - 1; i >= 0; i--) {
      back.add(segments.get(i).reversed());
    }
    return new Chain(back, closed);
  }

  /** A stretch with its ends moved. */
  private record Moved(double sx, double sy, double ex, double ey)
      implements Segment.Cases<Segment, RuntimeException> {
    @Override
    public Segment line(Line line) {
      return new Line(line.a().plus(sx, sy), line.b().plus(ex, ey));
    }

    /** The same share of a circle over another chord. */
    @Override
    public Segment arc(Arc arc) {
      Point a = arc.start();
      Point d = arc.end();
      double chord = a.distance(d);
      Point to = a.plus(sx, sy);
      Point end = d.plus(ex, ey);
      double next = to.distance(end);
      if (chord < Precision.NEAR || next < Precision.NEAR) {
        return arc;
      }
      double turn =
          Math.atan2(end.y() - to.y(), end.x() - to.x()) - Math.atan2(d.y() - a.y(), d.x() - a.x());
      return arc.through(
          Similarity.moving(-a.x(), -a.y())
              .then(Similarity.sizing(next / chord))
              .then(Similarity.turning(turn))
              .then(Similarity.moving(to.x(), to.y())));
    }

    @Override
    public Segment cubic(Cubic c) {
      return new Cubic(
          c.a().plus(sx, sy), c.b().plus(sx, sy), c.c().plus(ex, ey), c.d().plus(ex, ey));
    }
  }

  /** A stretch as a curve that is pulled: itself, or nothing for a straight or round one. */
  private static final class Pulls implements Segment.Cases<Optional<Cubic>, RuntimeException> {
    private static final Pulls ALL = new Pulls();

    static Optional<Cubic> of(Segment segment) {
      return segment.fold(ALL);
    }

    /** Any stretch as one: a straight or round one is followed as near as one curve can. */
    static Cubic made(Segment segment) {
      return of(segment)
          .orElseGet(
              () ->
                  segment.straight()
                      ? new Cubic(
                          segment.start(),
                          segment.start().towards(segment.end(), THIRD),
                          segment.end().towards(segment.start(), THIRD),
                          segment.end())
                      : CubicFit.of(segment.part(0, 0.5), segment.part(0.5, 1)));
    }

    @Override
    public Optional<Cubic> line(Line line) {
      return Optional.empty();
    }

    @Override
    public Optional<Cubic> arc(Arc arc) {
      return Optional.empty();
    }

    @Override
    public Optional<Cubic> cubic(Cubic cubic) {
      return Optional.of(cubic);
    }
  }
}
