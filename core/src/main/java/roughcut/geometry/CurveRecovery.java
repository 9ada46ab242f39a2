package roughcut.geometry;

import java.util.ArrayList;
import java.util.List;
import roughcut.measure.Precision;

/**
 * Finds the curves again that a ring of corners lies on: shapes are joined, cut and grown as
 * corners, and the lines that they were made of are known. Each stretch of the ring becomes the
 * part of the line that follows it furthest; where two such parts meet, their true crossing is
 * solved for. A side that lies on none stays straight.
 */
final class CurveRecovery {
  /** A crossing is solved for until two places are so near, mm. */
  private static final double MET = 1e-10;

  /** Lines at a smaller angle run along each other and cross nowhere in particular: its sine. */
  private static final double ALONG = 1e-3;

  /** Lines that touch are near each other no further from there, mm. */
  private static final double TOUCHING = 5;

  /** A corner of a grown shape lies no further beyond the end of a line, mm. */
  private static final double BEYOND = 0.6;

  private final List<Point> ring;
  private final List<Source> sources;
  private final double tolerance;

  private CurveRecovery(List<Point> ring, List<Segment> lines, double tolerance) {
    this.ring = ring;
    this.tolerance = tolerance;
    this.sources = lines.stream().map(Source::new).toList();
  }

  /**
   * The segments of a ring.
   *
   * @param lines that it may lie on
   * @param tolerance how far its corners and the middles of its sides may lie from them, mm
   */
  static List<Segment> of(List<Point> ring, List<Segment> lines, double tolerance) {
    return new CurveRecovery(ring, lines, tolerance).segments();
  }

  /** A line that the ring may lie on, with the box round it. */
  private record Source(Segment line, Bounds box) {
    Source(Segment line) {
      this(line, around(line.corners()).expanded(BEYOND));
    }

    private static Bounds around(List<Point> corners) {
      return corners.stream()
          .map(p -> new Bounds(p.x(), p.y(), p.x(), p.y()))
          .reduce(Bounds::and)
          .orElseThrow();
    }

    boolean round() {
      return line.round().filter(Arc::whole).isPresent();
    }
  }

  /** Sides from one corner on that lie on one line, as its parameters there. */
  private record Run(Segment line, int sides, double from, double to, double off) {
    Segment part() {
      return line.part(from, to);
    }

    Run endingAt(double end) {
      return new Run(line, sides, from, end, off);
    }

    Run beginningAt(double begin) {
      return new Run(line, sides, begin, to, off);
    }
  }

  private List<Segment> segments() {
    int n = ring.size();
    int first = longest(0, n).sides % n;
    List<Run> runs = new ArrayList<>();
    for (int done = 0; done < n; ) {
      Run run = longest((first + done) % n, n - done);
      runs.add(run);
      done += run.sides;
    }
    List<Segment> segments = new ArrayList<>();
    if (runs.size() == 1) {
      return List.of(runs.get(0).part());
    }
    for (int i = 0; i < runs.size(); i++) {
      int next = (i + 1) % runs.size();
      meet(runs, i, next);
    }
    for (int i = 0; i < runs.size(); i++) {
      Segment part = runs.get(i).part();
      Point on = runs.get((i + 1) % runs.size()).line.at(runs.get((i + 1) % runs.size()).from);
      segments.add(part);
      if (part.end().distance(on) > Precision.NEAR) {
        segments.add(new Line(part.end(), on));
      }
    }
    return segments;
  }

  /** The line that follows the ring furthest from a corner on, at most so many sides. */
  private Run longest(int corner, int most) {
    Point a = ring.get(corner);
    Point b = ring.get((corner + 1) % ring.size());
    Run best = new Run(new Line(a, b), 1, 0, 1, Double.POSITIVE_INFINITY);
    for (Source source : sources) {
      if (source.box.contains(a) && source.box.contains(b)) {
        Run run = follow(source, corner, most);
        boolean longer = run.sides > best.sides || run.sides == best.sides && run.off < best.off;
        best = run.sides > 0 && longer ? run : best;
      }
    }
    return best;
  }

  private Run follow(Source source, int corner, int most) {
    Segment line = source.line;
    boolean round = source.round();
    double from = line.nearest(ring.get(corner));
    double off = aside(line, from, ring.get(corner));
    double at = from;
    double way = 0;
    int sides = 0;
    while (sides < most && off <= tolerance) {
      Point p = ring.get((corner + sides) % ring.size());
      Point q = ring.get((corner + sides + 1) % ring.size());
      double middle = on(line, p.towards(q, 0.5), at, round);
      double next = on(line, q, middle, round);
      double further =
          Math.max(
              Math.max(off, aside(line, next, q)), line.at(middle).distance(p.towards(q, 0.5)));
      boolean forth = middle > at && next > middle && way >= 0;
      boolean back = middle < at && next < middle && way <= 0;
      if (further > tolerance || !(forth || back) || Math.abs(next - from) > 1 + Precision.SAME) {
        break;
      }
      way = forth ? 1 : -1;
      off = further;
      at = next;
      sides++;
    }
    return new Run(line, sides, from, at, off);
  }

  /** How far a place is from a line, or, a little beyond its end, from where it would run on. */
  private static double aside(Segment line, double t, Point place) {
    Point on = line.at(t);
    double far = on.distance(place);
    if (t > 0 && t < 1 || far > BEYOND) {
      return far;
    }
    Point way = line.way(t);
    double dx = place.x() - on.x();
    double dy = place.y() - on.y();
    return Math.abs(way.x() * dy - way.y() * dx) / Math.hypot(way.x(), way.y());
  }

  /** The parameter nearest to a place; round a whole circle it runs on over its beginning. */
  private static double on(Segment line, Point place, double before, boolean round) {
    double t = line.nearest(place);
    return round ? t + Math.rint(before - t) : t;
  }

  /** Moves the end of one run and the beginning of the next to where their lines truly meet. */
  private void meet(List<Run> runs, int one, int two) {
    Run a = runs.get(one);
    Run b = runs.get(two);
    for (double s : new double[] {0, 1}) {
      for (double t : new double[] {0, 1}) {
        if (runOn(a, s, b, t)) {
          runs.set(one, a.endingAt(s));
          runs.set(two, b.beginningAt(t));
          return;
        }
      }
    }
    cross(runs, one, two);
  }

  /**
   * Whether one line ends where the other begins, near the corner where they were parted: as they
   * touch there, the corner may have been laid to either.
   */
  private boolean runOn(Run a, double s, Run b, double t) {
    Point end = a.line.at(s);
    Point corner = b.line.at(b.from);
    if (end.distance(b.line.at(t)) > Precision.NEAR
        || end.distance(corner) > TOUCHING
        || !ahead(a, s)
        || !behind(b, t)) {
      return false;
    }
    Point between = end.towards(corner, 0.5);
    return Math.max(a.line.distance(between), b.line.distance(between)) <= 2 * tolerance;
  }

  private static void cross(List<Run> runs, int one, int two) {
    Run a = runs.get(one);
    Run b = runs.get(two);
    double s = a.to;
    double t = b.from;
    Point corner = b.line.at(t);
    for (int i = 0; i < 20; i++) {
      Point p = a.line.at(s);
      Point q = b.line.at(t);
      double dx = q.x() - p.x();
      double dy = q.y() - p.y();
      if (Math.hypot(dx, dy) < MET) {
        break;
      }
      Point u = a.line.way(s);
      Point v = b.line.way(t);
      double det = u.x() * -v.y() + v.x() * u.y();
      if (Math.abs(det) < ALONG * Math.hypot(u.x(), u.y()) * Math.hypot(v.x(), v.y())) {
        return;
      }
      s += (dx * -v.y() + v.x() * dy) / det;
      t += (u.x() * dy - u.y() * dx) / det;
    }
    boolean met = a.line.at(s).distance(b.line.at(t)) < Precision.NEAR;
    if (met
        && b.line.at(t).distance(corner) < 20 * Arcs.CHORD_ERROR
        && ahead(a, s)
        && behind(b, t)) {
      runs.set(one, a.endingAt(s));
      runs.set(two, b.beginningAt(t));
    }
  }

  /** Whether a run that ends elsewhere still runs its way. */
  private static boolean ahead(Run run, double to) {
    return (to - run.from) * (run.to - run.from) > 0;
  }

  private static boolean behind(Run run, double from) {
    return (run.to - from) * (run.to - run.from) > 0;
  }
}
