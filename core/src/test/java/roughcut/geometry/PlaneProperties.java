package roughcut.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

/** Plain shapes, boxes and edges in the plane against what they are by definition. */
class PlaneProperties {
  private static Point place(Random random, double size) {
    return new Point((random.nextDouble() - 0.5) * size, (random.nextDouble() - 0.5) * size);
  }

  private static Outline star(Random random) {
    List<Point> points = new ArrayList<>();
    int n = 3 + random.nextInt(20);
    for (int i = 0; i < n; i++) {
      double turn = 2 * Math.PI * i / n;
      double radius = 15 + 50 * random.nextDouble();
      points.add(new Point(radius * Math.cos(turn), radius * Math.sin(turn)));
    }
    return new Outline(points);
  }

  /** Lines through a shape without hollows, in any order, as they cut any shape. */
  @Property(tries = 200)
  void aLineThroughAConvexShapeIsItsSpan(@ForAll @LongRange(min = 0, max = 9_999) long seed) {
    Random random = new Random(seed);
    List<Point> points = new ArrayList<>(List.of(new Point(0, 0), new Point(30, 5)));
    points.add(new Point(7, 40));
    for (int i = 0; i < random.nextInt(40); i++) {
      points.add(
          random.nextBoolean()
              ? place(random, 100)
              // On a grid, so that some sides stand upright.
              : new Point(10 * random.nextInt(9) - 40, 10 * random.nextInt(9) - 40));
    }
    Outline shape = Shapes.hull(points);
    List<Point> corners = new ArrayList<>(shape.corners());
    if (random.nextBoolean()) {
      Collections.reverse(corners);
    }
    Collections.rotate(corners, random.nextInt(corners.size()));
    ConvexSpan span = new ConvexSpan(corners);
    Bounds box = shape.bounds();
    for (int i = 0; i < 40; i++) {
      double x = box.left() + box.width() * (1e-6 + (1 - 2e-6) * random.nextDouble());
      List<double[]> spans = shape.spans(x, true);
      assertThat(spans).hasSize(1);
      assertThat(span.low(x)).isCloseTo(spans.get(0)[0], within(1e-7));
      assertThat(span.high(x)).isCloseTo(spans.get(0)[1], within(1e-7));
    }
  }

  /** A slot's edge is everywhere as far from the cutter's way as its radius. */
  @Property(tries = 120)
  void aSlotIsTheCuttersRadiusAroundItsWay(@ForAll @LongRange(min = 0, max = 9_999) long seed) {
    Random random = new Random(seed);
    Point a = place(random, 200);
    Point b = place(random, 200);
    double radius = 0.5 + 12 * random.nextDouble();
    Outline slot = Shapes.slot(a, b, radius);
    slot.corners()
        .forEach(p -> assertThat(p.distanceToSegment(a, b)).isCloseTo(radius, within(1e-9)));
    double area = 2 * radius * a.distance(b) + Math.PI * radius * radius;
    assertThat(slot.area()).isCloseTo(area, within(area * 0.01)).isLessThanOrEqualTo(area + 1e-9);
    assertThat(slot.contains(a)).isTrue();
    assertThat(slot.contains(b)).isTrue();
    assertThat(slot.convex()).isTrue();
  }

  /** A rounded rectangle: its sides where they were asked for, its corners of that radius. */
  @Property(tries = 120)
  void aRoundedRectangleIsARectangleLessItsCorners(
      @ForAll @DoubleRange(min = 4, max = 90) double along,
      @ForAll @DoubleRange(min = 4, max = 90) double across,
      @ForAll @DoubleRange(min = 0.02, max = 30) double radius,
      @ForAll @DoubleRange(min = -180, max = 180) double turn) {
    Point centre = new Point(31, -17);
    Outline shape = Shapes.rounded(centre, along, across, radius, turn);
    double r = Math.min(radius, Math.min(along, across) / 2);
    double area = along * across - (4 - Math.PI) * r * r;
    assertThat(shape.area()).isCloseTo(area, within(area * 0.01 + 0.01));
    double cos = Math.cos(Math.toRadians(-turn));
    double sin = Math.sin(Math.toRadians(-turn));
    double right = 0;
    double high = 0;
    for (Point p : shape.corners()) {
      double x = (p.x() - centre.x()) * cos - (p.y() - centre.y()) * sin;
      double y = (p.x() - centre.x()) * sin + (p.y() - centre.y()) * cos;
      right = Math.max(right, Math.abs(x));
      high = Math.max(high, Math.abs(y));
      double intoX = Math.max(0, Math.abs(x) - (along / 2 - r));
      double intoY = Math.max(0, Math.abs(y) - (across / 2 - r));
      assertThat(Math.hypot(intoX, intoY)).as("round its corner").isCloseTo(r, within(1e-5));
    }
    assertThat(right).isCloseTo(along / 2, within(1e-5));
    assertThat(high).isCloseTo(across / 2, within(1e-5));
    assertThat(shape.centre().distance(centre)).isLessThan(1e-6);
  }

  @Test
  void withoutARadiusItHasFourCorners() {
    Outline shape = Shapes.rounded(new Point(10, 20), 8, 4, 0, 90);
    assertThat(shape.corners()).hasSize(4);
    assertThat(shape.bounds().width()).isCloseTo(4, within(1e-9));
    assertThat(shape.bounds().height()).isCloseTo(8, within(1e-9));
    assertThat(shape.area()).isCloseTo(32, within(1e-9));
  }

  /** Two boxes are as far apart as their nearest points; a place's distance is its nearest's. */
  @Property(tries = 200)
  void boxesAreApartByTheirNearestPoints(@ForAll @LongRange(min = 0, max = 9_999) long seed) {
    Random random = new Random(seed);
    Bounds a = box(random);
    Bounds b = box(random);
    Point p = place(random, 160);
    double ax = Math.max(a.left(), Math.min(a.right(), p.x()));
    double ay = Math.max(a.low(), Math.min(a.high(), p.y()));
    assertThat(a.distance(p)).isCloseTo(Math.hypot(p.x() - ax, p.y() - ay), within(1e-9));
    assertThat(a.contains(p)).isEqualTo(a.distance(p) == 0);
    double least = Double.POSITIVE_INFINITY;
    for (double x : new double[] {a.left(), a.right(), b.left(), b.right()}) {
      for (double y : new double[] {a.low(), a.high(), b.low(), b.high()}) {
        double inAx = Math.max(a.left(), Math.min(a.right(), x));
        double inAy = Math.max(a.low(), Math.min(a.high(), y));
        least = Math.min(least, b.distance(new Point(inAx, inAy)));
      }
    }
    assertThat(a.distance(b)).isCloseTo(least, within(1e-9)).isEqualTo(b.distance(a));
    Bounds both = a.and(b);
    assertThat(both.contains(new Point(a.left(), a.high()))).isTrue();
    assertThat(both.contains(new Point(b.right(), b.low()))).isTrue();
    assertThat(both.width() * both.height())
        .isGreaterThanOrEqualTo(Math.max(a.width() * a.height(), b.width() * b.height()));
    assertThat(a.expanded(2).width()).isCloseTo(a.width() + 4, within(1e-9));
    assertThat(a.expanded(2).low()).isCloseTo(a.low() - 2, within(1e-9));
  }

  private static Bounds box(Random random) {
    Point p = place(random, 120);
    return new Bounds(
        p.x(), p.y(), p.x() + 1 + 30 * random.nextDouble(), p.y() + 1 + 30 * random.nextDouble());
  }

  /** A line crosses an edge where, walked in small steps, it goes from in to out. */
  @Property(tries = 120)
  void crossingsAreWhereALineGoesInAndOut(@ForAll @LongRange(min = 0, max = 9_999) long seed) {
    Random random = new Random(seed);
    Outline shape = star(random);
    Point a = place(random, 200);
    Point b = place(random, 200);
    List<Double> found = new ArrayList<>(shape.crossings(a, b));
    Collections.sort(found);
    List<Double> walked = new ArrayList<>();
    int steps = 4_000;
    boolean in = shape.contains(a);
    for (int i = 1; i <= steps; i++) {
      boolean now = shape.contains(a.towards(b, (double) i / steps));
      if (now != in) {
        walked.add((i - 0.5) / steps);
      }
      in = now;
    }
    // Two so near that a step goes over both are seen by the one only.
    List<Double> apart = new ArrayList<>();
    for (int i = 0; i < found.size(); i++) {
      boolean before = i > 0 && found.get(i) - found.get(i - 1) < 2.0 / steps;
      boolean after = i + 1 < found.size() && found.get(i + 1) - found.get(i) < 2.0 / steps;
      if (!before && !after) {
        apart.add(found.get(i));
      }
    }
    for (double share : apart) {
      assertThat(walked).anyMatch(w -> Math.abs(w - share) <= 1.0 / steps);
    }
    for (double share : walked) {
      assertThat(found).anyMatch(f -> Math.abs(f - share) <= 1.0 / steps);
    }
  }

  /** Turned over about a line every point is as far below it as it was above. */
  @Property(tries = 60)
  void turnedOverItLiesBelow(@ForAll @LongRange(min = 0, max = 9_999) long seed) {
    Random random = new Random(seed);
    Outline shape = star(random);
    double line = 30 * random.nextGaussian();
    Outline over = shape.turnedOver(line);
    for (Point p : shape.corners()) {
      Point there = new Point(p.x(), 2 * line - p.y());
      assertThat(over.corners()).anyMatch(q -> q.distance(there) < 1e-9);
    }
    Outline moved = shape.translate(3, -8);
    assertThat(moved.corners().get(0)).isEqualTo(shape.corners().get(0).plus(3, -8));
    Outline square = Outline.rectangle(0, 0, 10, 10);
    assertThat(square.distance(square.translate(13, 14))).isCloseTo(5, within(1e-9));
  }

  /** Shapes overlap when a place lies in both, and not where they only touch. */
  @Property(tries = 80)
  void shapesOverlapWhereAPlaceLiesInBoth(@ForAll @LongRange(min = 0, max = 9_999) long seed) {
    Random random = new Random(seed);
    Outline one = star(random);
    Outline other = star(random).translate(place(random, 260).x(), place(random, 260).y());
    boolean both = false;
    for (int i = 0; i < 3_000 && !both; i++) {
      Point p = place(random, 140);
      both = one.contains(p) && other.contains(p);
    }
    if (both) {
      assertThat(one.overlaps(other)).isTrue();
      assertThat(other.overlaps(one)).isTrue();
      assertThat(one.distance(other)).isZero();
    } else if (one.distance(other) > 0) {
      assertThat(one.overlaps(other)).isFalse();
    }
  }

  @Test
  void touchingIsNotOverlapping() {
    Outline a = Outline.rectangle(0, 0, 10, 10);
    assertThat(a.overlaps(Outline.rectangle(10, 0, 20, 10))).isFalse();
    assertThat(a.overlaps(Outline.rectangle(9.9, 2, 20, 8))).isTrue();
    Outline cross = Outline.rectangle(-5, 4, 15, 6);
    assertThat(a.overlaps(cross)).as("no corner of either in the other").isTrue();
    assertThat(a.overlaps(Outline.rectangle(3, 3, 4, 4))).isTrue();
    assertThat(Outline.rectangle(3, 3, 4, 4).overlaps(a)).isTrue();
  }

  /** Of shapes without hollows: moved by their overlap along some way they are clear. */
  @Property(tries = 80)
  void overlapIsTheLeastWayToClear(@ForAll @LongRange(min = 0, max = 9_999) long seed) {
    Random random = new Random(seed);
    Outline a = Shapes.rounded(place(random, 60), 30, 20, 3, 90 * random.nextDouble());
    Outline b = Shapes.rounded(place(random, 60), 25, 14, 2, 90 * random.nextDouble());
    double overlap = Shapes.overlap(a, b);
    double clear = Double.POSITIVE_INFINITY;
    for (int i = 0; i < 360; i++) {
      double turn = Math.toRadians(i);
      double low = 0;
      double high = 80;
      while (high - low > 0.005) {
        double by = (low + high) / 2;
        boolean off =
            Shapes.commonArea(a, b.translate(by * Math.cos(turn), by * Math.sin(turn))) <= 0;
        high = off ? by : high;
        low = off ? low : by;
      }
      clear = Math.min(clear, high);
    }
    assertThat(Math.max(0, overlap)).isCloseTo(clear, within(0.05));
  }

  /** With fewer corners the shape is nearly the same; with enough it is left alone. */
  @Property(tries = 40)
  void thinnedItIsNearlyTheSame(@ForAll @LongRange(min = 0, max = 9_999) long seed) {
    Random random = new Random(seed);
    List<Point> points = new ArrayList<>();
    for (int i = 0; i < 400; i++) {
      double turn = 2 * Math.PI * i / 400;
      double radius = 100 + 20 * Math.sin(3 * turn) + 0.02 * random.nextDouble();
      points.add(new Point(radius * Math.cos(turn), radius * Math.sin(turn)));
    }
    Outline shape = new Outline(points);
    Outline thinned = shape.thinned(120);
    assertThat(thinned.corners().size()).isLessThanOrEqualTo(120);
    assertThat(thinned.area()).isCloseTo(shape.area(), within(shape.area() * 0.005));
    assertThat(shape.corners()).containsAll(thinned.corners());
    assertThat(shape.thinned(400)).isEqualTo(shape);
    assertThat(shape.convex()).isFalse();
    assertThat(Shapes.hull(points).convex()).isTrue();
    assertThat(Shapes.hull(points).covers(shape)).isTrue();
  }

  /** Grown and shrunk by the same a shape without hollows is what it was, save its corners. */
  @Property(tries = 60)
  void grownByTheWayRoundAndTheCircle(
      @ForAll @DoubleRange(min = 20, max = 90) double along,
      @ForAll @DoubleRange(min = 0.3, max = 9) double by) {
    Outline shape = Outline.rectangle(-along / 2, -10, along / 2, 10);
    double area = shape.area() + shape.perimeter() * by + Math.PI * by * by;
    assertThat(shape.buffer(by).area()).isCloseTo(area, within(area * 0.005));
    assertThat(shape.perimeter()).isCloseTo(2 * along + 40, within(1e-9));
    List<Outline> smaller = shape.shrink(by);
    assertThat(smaller).hasSize(1);
    assertThat(smaller.get(0).area()).isCloseTo((along - 2 * by) * (20 - 2 * by), within(1e-6));
    assertThat(shape.shrink(10.5)).isEmpty();
  }

  /**
   * A scribble that crosses itself all over is what lies round it; a loop loses its smaller part.
   */
  @Test
  void whatCrossesItselfIsMadeSound() {
    Random random = new Random(2);
    List<Point> scribble = new ArrayList<>();
    for (int i = 0; i < 400; i++) {
      scribble.add(place(random, 100));
    }
    Outline round = new Outline(scribble).repaired();
    assertThat(round.crossing()).isEmpty();
    assertThat(round.convex()).isTrue();
    Outline loop =
        Outline.of(
            new Point(0, 0),
            new Point(30, 0),
            new Point(30, 20),
            new Point(-4, -3),
            new Point(-4, 0));
    assertThat(loop.crossing()).isPresent();
    Outline mended = loop.repaired();
    assertThat(mended.crossing()).isEmpty();
    assertThat(mended.contains(new Point(28, 10))).isTrue();
    assertThat(mended.contains(new Point(-3.5, -1))).isFalse();
  }

  /** Places along an edge are as far along as their share of the way says. */
  @Property(tries = 80)
  void aShareOfTheWayIsThatFarAlong(
      @ForAll @LongRange(min = 0, max = 9_999) long seed,
      @ForAll @DoubleRange(min = 0, max = 0.99) double share) {
    Outline shape = star(new Random(seed));
    Edge edge = new Edge(shape);
    assertThat(edge.length()).isCloseTo(shape.perimeter(), within(1e-6));
    double left = share * edge.length();
    List<Point> p = shape.corners();
    int i = 0;
    while (left > p.get(i).distance(p.get((i + 1) % p.size()))) {
      left -= p.get(i).distance(p.get((i + 1) % p.size()));
      i++;
    }
    Point a = p.get(i);
    Point b = p.get((i + 1) % p.size());
    Point there = a.towards(b, left / a.distance(b));
    Edge.Place found = edge.at(share);
    assertThat(found.at().distance(there)).isLessThan(1e-6);
    assertThat(Math.hypot(found.inward().x(), found.inward().y())).isCloseTo(1, within(1e-9));
    double along = found.inward().x() * (b.x() - a.x()) + found.inward().y() * (b.y() - a.y());
    assertThat(along).as("square to the edge").isCloseTo(0, within(1e-6));
    assertThat(edge.at(-1).at()).isEqualTo(edge.at(0).at());
    assertThat(edge.at(2).at().distance(p.get(0))).isLessThan(1e-9);
  }

  @Test
  void twoStretchesCrossOnlyWhereTheyGoThroughEachOther() {
    Point o = new Point(0, 0);
    assertThat(Edge.crosses(o, new Point(10, 10), new Point(0, 10), new Point(10, 0))).isTrue();
    assertThat(Edge.crosses(o, new Point(4, 4), new Point(0, 10), new Point(10, 0))).isFalse();
    assertThat(Edge.crosses(o, new Point(5, 5), new Point(0, 10), new Point(10, 0)))
        .as("only touching")
        .isFalse();
    assertThat(Edge.crosses(o, new Point(10, 0), new Point(0, 1), new Point(10, 1))).isFalse();
  }
}
