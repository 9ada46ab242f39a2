package roughcut.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;

/** Segments and paths against thousands of straight bits that share no formula with them. */
class PathProperties {
  private static final int BITS = 20_000;

  @Provide
  Arbitrary<Point> places() {
    Arbitrary<Double> number = Arbitraries.doubles().between(-60, 60);
    return Combinators.combine(number, number).as(Point::new);
  }

  @Provide
  Arbitrary<Segment> segments() {
    Arbitrary<Point> place = places();
    Arbitrary<Segment> lines =
        Combinators.combine(place, place)
            .as(Line::new)
            .filter(l -> l.length() > 0.5)
            .map(Segment.class::cast);
    Arbitrary<Segment> arcs =
        Combinators.combine(
                place,
                Arbitraries.doubles().between(0.5, 80),
                Arbitraries.doubles().between(-7, 7),
                Arbitraries.doubles().between(0.1, 6.28),
                Arbitraries.of(-1, 1))
            .as((c, r, from, sweep, way) -> new Arc(c, r, from, way * sweep));
    Arbitrary<Segment> cubics =
        Combinators.combine(place, place, place, place)
            .as((a, b, c, d) -> (Segment) new Cubic(a, b, c, d))
            .filter(PathProperties::runsOn);
    return Arbitraries.oneOf(lines, arcs, cubics);
  }

  /** A curve whose handles stand off its ends, as those that are drawn do. */
  private static boolean runsOn(Segment curve) {
    Point chord =
        new Point(curve.end().x() - curve.start().x(), curve.end().y() - curve.start().y());
    return along(curve.way(0), chord) > 3
        && along(curve.way(1), chord) > 3
        && chord.distance(new Point(0, 0)) > 5;
  }

  private static double along(Point way, Point chord) {
    return (way.x() * chord.x() + way.y() * chord.y()) / chord.distance(new Point(0, 0));
  }

  @Provide
  Arbitrary<Similarity> changes() {
    return Combinators.combine(
            Arbitraries.doubles().between(-4, 4),
            Arbitraries.doubles().between(0.2, 5),
            Arbitraries.of(true, false),
            places())
        .as(
            (turn, size, over, to) ->
                (over ? Similarity.turningOver() : Similarity.moving(0, 0))
                    .then(Similarity.sizing(size))
                    .then(Similarity.turning(turn))
                    .then(Similarity.moving(to.x(), to.y())));
  }

  private static List<Point> bits(Segment segment) {
    List<Point> bits = new ArrayList<>(BITS + 1);
    for (int i = 0; i <= BITS; i++) {
      bits.add(segment.at((double) i / BITS));
    }
    return bits;
  }

  @Property(tries = 150)
  void lengthAreaAndNearestAreThoseOfItsBits(
      @ForAll("segments") Segment segment, @ForAll("places") Point place) {
    List<Point> bits = bits(segment);
    double length = 0;
    double swept = 0;
    double least = Double.POSITIVE_INFINITY;
    for (int i = 1; i <= BITS; i++) {
      Point a = bits.get(i - 1);
      Point b = bits.get(i);
      length += a.distance(b);
      swept += (a.x() * b.y() - b.x() * a.y()) / 2;
      least = Math.min(least, place.distanceToSegment(a, b));
    }
    assertThat(segment.length()).isCloseTo(length, within(0.002 * length));
    assertThat(segment.swept()).isCloseTo(swept, within(0.01));
    // A cubic may hold two places nearly as near, and is looked at in a few steps first.
    assertThat(segment.distance(place)).isBetween(least - 1e-4, least + 0.1);
    assertThat(segment.start().distance(bits.get(0))).isLessThan(1e-9);
    assertThat(segment.end().distance(bits.get(BITS))).isLessThan(1e-9);
  }

  @Property(tries = 300)
  void aPartIsTheSameLine(
      @ForAll("segments") Segment segment,
      @ForAll @DoubleRange(min = 0, max = 1) double from,
      @ForAll @DoubleRange(min = 0, max = 1) double to) {
    if (Math.abs(to - from) < 0.01) {
      return;
    }
    Segment part = segment.part(from, to);
    for (double t : new double[] {0, 0.3, 0.5, 0.9, 1}) {
      assertThat(part.at(t).distance(segment.at(from + t * (to - from)))).isLessThan(1e-9);
      Point way = segment.way(from + t * (to - from));
      assertThat(part.way(t).x()).isCloseTo((to - from) * way.x(), within(1e-6));
      assertThat(part.way(t).y()).isCloseTo((to - from) * way.y(), within(1e-6));
    }
    assertThat(segment.reversed().at(0.2).distance(segment.at(0.8))).isLessThan(1e-9);
  }

  @Property(tries = 300)
  void aChangedSegmentRunsThroughChangedPlaces(
      @ForAll("segments") Segment segment,
      @ForAll("changes") Similarity change,
      @ForAll("changes") Similarity next) {
    Segment changed = segment.through(change);
    for (double t : new double[] {0, 0.25, 0.6, 1}) {
      assertThat(changed.at(t).distance(change.of(segment.at(t)))).isLessThan(1e-8);
      assertThat(change.then(next).of(segment.at(t)).distance(next.of(change.of(segment.at(t)))))
          .isLessThan(1e-8);
    }
    double way = change.over() ? -1 : 1;
    Path closed = Path.of(List.of(segment, new Line(segment.end(), segment.start())), true);
    assertThat(closed.through(change).directedArea())
        .isCloseTo(
            way * change.scale() * change.scale() * closed.directedArea(),
            within(1e-6 * (1 + Math.abs(closed.directedArea()) * change.scale() * change.scale())));
  }

  /** What is painted and measured lies on what is written to files, within a hundredth. */
  @Property(tries = 200)
  void cornersLieOnTheSegmentAndNoChordStrays(@ForAll("segments") Segment segment) {
    List<Point> corners = segment.corners();
    for (Point p : corners) {
      assertThat(segment.distance(p)).isLessThan(1e-7);
    }
    for (Point p : bits(segment)) {
      double far = Double.POSITIVE_INFINITY;
      for (int i = 1; i < corners.size(); i++) {
        far = Math.min(far, p.distanceToSegment(corners.get(i - 1), corners.get(i)));
      }
      assertThat(far).isLessThan(Arcs.CHORD_ERROR * 1.001);
    }
  }

  /** Arcs for a cubic lie as near as they say, and run on into each other. */
  @Property(tries = 200)
  void arcsForACubicLieNearAndRunOn(
      @ForAll("places") Point a,
      @ForAll @DoubleRange(min = 5, max = 60) double handle,
      @ForAll @DoubleRange(min = -1.4, max = 1.4) double out,
      @ForAll @DoubleRange(min = -1.4, max = 1.4) double in) {
    Point d = a.plus(90, 0);
    Cubic curve =
        new Cubic(
            a,
            a.plus(handle * Math.cos(out), handle * Math.sin(out)),
            d.plus(-handle * Math.cos(in), -handle * Math.sin(in)),
            d);
    List<Segment> arcs = Biarcs.of(curve, 0.005);
    assertThat(arcs.get(0).start().distance(a)).isLessThan(1e-9);
    assertThat(arcs.get(arcs.size() - 1).end().distance(d)).isLessThan(1e-7);
    for (int i = 0; i <= 400; i++) {
      Point p = curve.at(i / 400.0);
      assertThat(arcs.stream().mapToDouble(s -> s.distance(p)).min().orElseThrow())
          .isLessThan(0.0075);
    }
    for (int i = 1; i < arcs.size(); i++) {
      assertThat(arcs.get(i).start().distance(arcs.get(i - 1).end())).isLessThan(1e-7);
      Point before = arcs.get(i - 1).way(1);
      Point after = arcs.get(i).way(0);
      double turn =
          Math.atan2(
              before.x() * after.y() - before.y() * after.x(),
              before.x() * after.x() + before.y() * after.y());
      assertThat(Math.abs(turn)).isLessThan(1e-3);
    }
    assertThat(arcs.size()).isLessThan(70);
  }

  /**
   * Discs and bars joined: the curves found again go round the same shape, all of them parts of the
   * circles and lines that went in.
   */
  @Property(tries = 120)
  void joinedShapesKeepTheirCurves(
      @ForAll @DoubleRange(min = 3, max = 30) double one,
      @ForAll @DoubleRange(min = 3, max = 30) double two,
      @ForAll @DoubleRange(min = 0.05, max = 0.95) double apart,
      @ForAll @DoubleRange(min = -3, max = 3) double turn) {
    double far = Math.abs(one - two) + apart * (one + two - Math.abs(one - two));
    Point other = new Point(far * Math.cos(turn), far * Math.sin(turn));
    Outline a = Shapes.circle(new Point(0, 0), one);
    Outline b = Shapes.circle(other, two);
    // Two discs' common lens, by its own formula.
    double p = Math.acos((far * far + one * one - two * two) / (2 * far * one));
    double q = Math.acos((far * far + two * two - one * one) / (2 * far * two));
    double lens = one * one * (p - Math.sin(2 * p) / 2) + two * two * (q - Math.sin(2 * q) / 2);
    Path union = Outline.union(List.of(a, b)).path();
    assertThat(Math.abs(union.directedArea()))
        .isCloseTo(Math.PI * (one * one + two * two) - lens, within(1e-6 + 1e-8 * lens));
    assertThat(union.segments()).hasSize(2).allMatch(s -> s instanceof Arc);
    List<Outline> common = a.intersection(b);
    assertThat(common).hasSize(1);
    assertThat(Math.abs(common.get(0).path().directedArea())).isCloseTo(lens, within(1e-6));
    assertThat(Math.abs(a.difference(b).get(0).path().directedArea()))
        .isCloseTo(Math.PI * one * one - lens, within(1e-6));
  }

  /** A template's opening for a guide bush: what runs beside round corners is round, exactly. */
  @Property(tries = 120)
  void grownShapesKeepTheirCurves(
      @ForAll @DoubleRange(min = 20, max = 90) double along,
      @ForAll @DoubleRange(min = 20, max = 60) double across,
      @ForAll @DoubleRange(min = 3, max = 9) double radius,
      @ForAll @DoubleRange(min = 0.3, max = 12) double by,
      @ForAll @DoubleRange(min = -90, max = 90) double turn) {
    Outline shape = Shapes.rounded(new Point(3, 4), along, across, radius, turn);
    double area = along * across - (4 - Math.PI) * radius * radius;
    double round = 2 * (along + across) - (8 - 2 * Math.PI) * radius;
    assertThat(shape.path().directedArea()).isCloseTo(area, within(1e-6));
    assertThat(shape.path().length()).isCloseTo(round, within(1e-6));
    Path grown = shape.buffer(by).path();
    assertThat(grown.segments()).hasSize(8);
    assertThat(Math.abs(grown.directedArea()))
        .isCloseTo(area + round * by + Math.PI * by * by, within(1e-5 * area));
    Path shrunk = shape.shrink(Math.min(by, radius - 0.5)).get(0).path();
    assertThat(Math.abs(shrunk.directedArea()))
        .isCloseTo(
            area
                - round * Math.min(by, radius - 0.5)
                + Math.PI * Math.pow(Math.min(by, radius - 0.5), 2),
            within(1e-5 * area));
  }

  /** A cover without a gap round it is as large as its ledge, and can be written. */
  @Example
  void grownByNothingItStaysAsItIs() {
    Outline shape = Shapes.rounded(new Point(3, 4), 40, 30, 5, 20);
    assertThat(shape.buffer(0).path().segments()).hasSize(8);
    assertThat(shape.shrink(0)).hasSize(1);
    assertThat(shape.shrink(0).get(0).path().directedArea()).isEqualTo(shape.path().directedArea());
  }

  /** A rectangle grown has corners as round as it grew by. */
  @Property(tries = 60)
  void sharpCornersGrowRound(
      @ForAll @DoubleRange(min = 20, max = 90) double along,
      @ForAll @DoubleRange(min = 0.3, max = 12) double by) {
    Path grown = Outline.rectangle(0, 0, along, 30).buffer(by).path();
    assertThat(grown.segments().stream().filter(s -> s instanceof Arc)).hasSize(4);
    assertThat(grown.segments()).hasSize(8);
    assertThat(Math.abs(grown.directedArea()))
        .isCloseTo(along * 30 + 2 * (along + 30) * by + Math.PI * by * by, within(1e-4 * along));
  }

  /** Chains of round and long bodies, as control cavities are. */
  @Property(tries = 60)
  void chainsOfHullsAreLinesAndArcs(
      @ForAll @IntRange(min = 2, max = 6) int count,
      @ForAll @DoubleRange(min = 20, max = 45) double apart,
      @ForAll @DoubleRange(min = -0.6, max = 0.6) double bend) {
    List<Outline> bodies = new ArrayList<>();
    Point at = new Point(0, 0);
    for (int i = 0; i < count; i++) {
      bodies.add(
          i % 2 == 0
              ? Shapes.circle(at, 12.5)
              : Shapes.rounded(at, 12, 46, 3, Math.toDegrees(bend * i) + 20));
      at = at.plus(apart * Math.cos(bend * i), apart * Math.sin(bend * i));
    }
    List<Outline> chain = new ArrayList<>();
    for (int i = 1; i < count; i++) {
      chain.add(Shapes.hullOf(bodies.subList(i - 1, i + 1)));
    }
    Outline cavity = Outline.union(chain);
    Path path = cavity.path();
    assertThat(path.segments().size()).isLessThan(12 * count);
    double corners = cavity.area();
    assertThat(Math.abs(path.directedArea())).isCloseTo(corners, within(0.01 * path.length()));
    for (Segment segment : path.segments()) {
      for (double t : new double[] {0, 0.37, 0.81}) {
        assertThat(cavity.edgeDistance(segment.at(t))).isLessThan(0.025);
      }
    }
    for (Point p : cavity.corners()) {
      assertThat(path.segments().stream().mapToDouble(s -> s.distance(p)).min().orElseThrow())
          .isLessThan(0.02);
    }
  }

  /** The spline's cubics are the spline: its own formula's corners lie on them. */
  @Property(tries = 100)
  void theSplinesCubicsHoldItsCorners(
      @ForAll @IntRange(min = 2, max = 9) int count, @ForAll long seed) {
    java.util.Random random = new java.util.Random(seed);
    List<Point> through = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      through.add(new Point(30 * i + random.nextDouble() * 12, random.nextDouble() * 80));
    }
    Path curve = Spline.through(through, 14, false);
    assertThat(curve.segments()).hasSize(count - 1);
    for (int i = 0; i < curve.points().size(); i++) {
      int span = Math.min(count - 2, i / 14);
      Point on = curve.segments().get(span).at((i - 14.0 * span) / 14);
      assertThat(on.distance(curve.points().get(i))).isLessThan(1e-9);
    }
    for (int i = 1; i < count - 1; i++) {
      Point before = curve.segments().get(i - 1).way(1);
      Point after = curve.segments().get(i).way(0);
      assertThat(before.x() * after.y() - before.y() * after.x())
          .isCloseTo(0, within(1e-7 * (1 + Math.hypot(after.x(), after.y()) * 100)));
    }
  }

  @Example
  void segmentsHaveToJoin() {
    Line one = new Line(new Point(0, 0), new Point(10, 0));
    Line two = new Line(new Point(10, 1), new Point(0, 0));
    assertThatThrownBy(() -> Path.of(List.of(one, two), false))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> Path.of(List.of(one), true))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Outline(Path.of(List.of(one), false)))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Arc(new Point(0, 0), 0, 0, 1))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Arc(new Point(0, 0), 1, 0, 7))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
