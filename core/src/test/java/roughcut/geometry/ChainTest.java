package roughcut.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** An outline worked on point by point. */
class ChainTest {
  /** A quarter of a circle, a straight side, a curve back: three kinds of stretch. */
  private static final Chain MIXED =
      new Chain(
          List.of(
              new Arc(new Point(0, 0), 100, 0, Math.PI / 2),
              new Line(new Point(0, 100), new Point(-150, 100)),
              new Cubic(
                  new Point(-150, 100),
                  new Point(-200, 100),
                  new Point(-60, -90),
                  new Point(100, 0))),
          true);

  private static Chain random(Random random) {
    List<Point> through = new ArrayList<>();
    int count = 5 + random.nextInt(8);
    for (int i = 0; i < count; i++) {
      double turn = 2 * Math.PI * i / count;
      double radius = 120 + 60 * random.nextDouble();
      through.add(new Point(radius * Math.cos(turn), radius * Math.sin(turn)));
    }
    List<Segment> curves = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Point a = through.get(i);
      Point d = through.get((i + 1) % count);
      Point before = through.get((i + count - 1) % count);
      Point after = through.get((i + 2) % count);
      curves.add(
          new Cubic(
              a,
              a.plus((d.x() - before.x()) / 6, (d.y() - before.y()) / 6),
              d.plus((a.x() - after.x()) / 6, (a.y() - after.y()) / 6),
              d));
    }
    return new Chain(curves, true);
  }

  private static void whole(Chain chain) {
    Path.of(chain.segments(), chain.closed()); // refuses gaps
  }

  @Test
  void aPointIsMovedWithItsPullsAndNothingElse() {
    Random random = new Random(1);
    for (int i = 0; i < 40; i++) {
      Chain chain = random(random);
      int point = random.nextInt(chain.points());
      Chain moved = chain.moved(point, 7, -4);
      whole(moved);
      for (int j = 0; j < chain.points(); j++) {
        double by = j == point ? Math.hypot(7, -4) : 0;
        assertThat(moved.at(j).distance(chain.at(j))).isCloseTo(by, within(1e-9));
        assertThat(moved.pullAfter(j).orElseThrow().distance(chain.pullAfter(j).orElseThrow()))
            .isCloseTo(by, within(1e-9));
        assertThat(moved.pullBefore(j).orElseThrow().distance(chain.pullBefore(j).orElseThrow()))
            .isCloseTo(by, within(1e-9));
        assertThat(moved.smooth(j)).as("a fair curve stays without kinks").isTrue();
      }
    }
  }

  /** A line stays straight, an arc as round: the same share of a circle over another chord. */
  @Test
  void straightAndRoundStretchesStayWhatTheyAre() {
    Chain moved = MIXED.moved(1, -30, 20);
    whole(moved);
    Arc arc = moved.segments().get(0).round().orElseThrow();
    assertThat(arc.sweep()).isCloseTo(Math.PI / 2, within(1e-12));
    double chord = new Point(100, 0).distance(new Point(-30, 120));
    assertThat(arc.radius())
        .as("r = c / (2 sin 45°)")
        .isCloseTo(chord / Math.sqrt(2), within(1e-9));
    assertThat(moved.segments().get(1).straight()).isTrue();
    assertThat(moved.segments().get(2)).isEqualTo(MIXED.segments().get(2));
  }

  /** The other pull turns along where there was no kink, and keeps its length. */
  @Test
  void aPullOfASmoothPointTurnsTheOtherOne() {
    Random random = new Random(2);
    for (int i = 0; i < 40; i++) {
      Chain chain = random(random);
      int point = random.nextInt(chain.points());
      boolean forward = random.nextBoolean();
      Chain pulled = chain.pulled(point, forward, 9, 5);
      whole(pulled);
      assertThat(pulled.smooth(point)).isTrue();
      Point was = (forward ? chain.pullBefore(point) : chain.pullAfter(point)).orElseThrow();
      Point is = (forward ? pulled.pullBefore(point) : pulled.pullAfter(point)).orElseThrow();
      assertThat(is.distance(chain.at(point)))
          .isCloseTo(was.distance(chain.at(point)), within(1e-9));
      assertThat(is.distance(was)).as("it turned").isGreaterThan(0.1);
      Chain corner = chain.cornered(point).pulled(point, forward, 9, 5);
      Point alone = (forward ? corner.pullBefore(point) : corner.pullAfter(point)).orElseThrow();
      Point before =
          (forward
                  ? chain.cornered(point).pullBefore(point)
                  : chain.cornered(point).pullAfter(point))
              .orElseThrow();
      assertThat(alone).as("at a corner each is for itself").isEqualTo(before);
    }
  }

  /** Beside a straight side there is one way without a kink: a pull only gets longer or shorter. */
  @Test
  void aPullBesideAStraightSideKeepsItsWay() {
    Chain pulled = MIXED.pulled(2, true, -20, 35);
    Point pull = pulled.pullAfter(2).orElseThrow();
    assertThat(pull.y()).isCloseTo(100, within(1e-9));
    assertThat(-150 - pull.x()).isCloseTo(Math.hypot(70, 35), within(1e-9));
    assertThat(pulled.smooth(2)).isTrue();
  }

  /** A point more is the same line; the same taken out again is nearly it. */
  @Test
  void aPointIsAddedOnTheLineAndTakenOutAgain() {
    Random random = new Random(3);
    for (int i = 0; i < 40; i++) {
      Chain chain = i % 4 == 0 ? MIXED : random(random);
      int stretch = random.nextInt(chain.segments().size());
      double t = 0.2 + 0.6 * random.nextDouble();
      Chain more = chain.added(stretch, t);
      whole(more);
      assertThat(more.points()).isEqualTo(chain.points() + 1);
      Segment old = chain.segments().get(stretch);
      for (double u = 0; u <= 1; u += 0.05) {
        Point on = old.at(u);
        assertThat(
                Math.min(
                    more.segments().get(stretch).distance(on),
                    more.segments().get(stretch + 1).distance(on)))
            .isLessThan(1e-6);
      }
      Chain back = more.removed(stretch + 1);
      whole(back);
      assertThat(back.points()).isEqualTo(chain.points());
      for (double u = 0; u <= 1; u += 0.05) {
        assertThat(back.segments().get(stretch).distance(old.at(u)))
            .as(
                "one curve in the place of two: "
                    + old
                    + " at "
                    + t
                    + " is "
                    + back.segments().get(stretch))
            .isLessThan(old.round().isPresent() ? 0.05 : 1e-4);
      }
    }
  }

  @Test
  void threePointsAreTheLeastAndEndsStay() {
    assertThat(MIXED.removable(0)).isFalse();
    assertThat(MIXED.removed(0)).isEqualTo(MIXED);
    Chain open = new Chain(random(new Random(4)).segments(), false);
    assertThat(open.points()).isEqualTo(open.segments().size() + 1);
    assertThat(open.removable(0)).isFalse();
    assertThat(open.removable(open.points() - 1)).isFalse();
    assertThat(open.removable(2)).isTrue();
    assertThat(open.pullBefore(0)).isEmpty();
    assertThat(open.pullAfter(open.points() - 1)).isEmpty();
    assertThat(open.smooth(0)).isFalse();
    whole(open.moved(0, 3, 3).moved(open.points() - 1, 2, 2));
  }

  @Test
  void aCornerIsMadeAndSmoothedAgain() {
    Random random = new Random(5);
    for (int i = 0; i < 40; i++) {
      Chain chain = random(random);
      int point = random.nextInt(chain.points());
      Chain corner = chain.cornered(point);
      assertThat(corner.smooth(point)).isFalse();
      Chain smooth = corner.smoothed(point);
      whole(smooth);
      assertThat(smooth.smooth(point)).isTrue();
      assertThat(smooth.at(point)).isEqualTo(chain.at(point));
    }
    // A straight side says the way.
    Chain beside = MIXED.pulled(2, true, 0, 0).cornered(2).smoothed(2);
    assertThat(beside.segments().get(1)).isEqualTo(MIXED.segments().get(1));
    assertThat(beside.smooth(2)).isTrue();
  }

  /** An arc goes through the ends and the middle; a flat one rises outwards, to the right. */
  @Test
  void aStretchIsMadeStraightCurvedAndRound() {
    Chain straight = MIXED.straightened(2);
    assertThat(straight.segments().get(2))
        .isEqualTo(new Line(new Point(-150, 100), new Point(100, 0)));
    Segment curve = straight.curved(2).segments().get(2);
    assertThat(curve.straight()).isFalse();
    assertThat(curve.at(0.5).distance(new Point(-25, 50))).isLessThan(1e-9);
    Chain round = MIXED.rounded(2);
    whole(round);
    Arc arc = round.segments().get(2).round().orElseThrow();
    Point middle = MIXED.segments().get(2).at(0.5);
    Point a = new Point(-150, 100);
    Point d = new Point(100, 0);
    // By construction: the rise is the middle's distance from the chord.
    double rise =
        Math.abs(
            ((d.x() - a.x()) * (a.y() - middle.y()) - (a.x() - middle.x()) * (d.y() - a.y()))
                / a.distance(d));
    assertThat(new Line(a, d).distance(arc.at(0.5))).isCloseTo(rise, within(1e-9));
    Arc flat = straight.rounded(1).segments().get(1).round().orElseThrow();
    assertThat(flat.at(0.5).distance(new Point(-75, 115))).as("a tenth of 150").isLessThan(1e-9);
  }

  /** One side is kept to the last bit, the other is its mirror image, whichever way it runs. */
  @Test
  void bothSidesAreMadeAlike() {
    Random random = new Random(7);
    int tried = 0;
    for (int i = 0; i < 200; i++) {
      Chain chain = random(random).through(Similarity.moving(0, 11 * random.nextGaussian()));
      chain = i % 2 == 0 ? chain.reversed() : chain;
      if (i % 3 == 0) {
        Chain.Place end = chain.nearest(new Point(130, 0));
        chain = chain.added(end.stretch(), Math.min(0.9, Math.max(0.1, end.t())));
        Point on = chain.at(end.stretch() + 1);
        chain = chain.moved(end.stretch() + 1, 0, -on.y());
      }
      int side = random.nextBoolean() ? 1 : -1;
      if (chain.mirrored(side).isEmpty()) {
        continue;
      }
      tried++;
      Chain alike = chain.mirrored(side).orElseThrow();
      whole(alike);
      for (Segment segment : alike.segments()) {
        for (double t = 0.03; t < 1; t += 0.1) {
          Point p = segment.at(t);
          Point kept = p.y() * side >= 0 ? p : new Point(p.x(), -p.y());
          assertThat(chain.nearest(kept).distance()).isLessThan(1e-6);
          assertThat(alike.nearest(new Point(p.x(), -p.y())).distance()).isLessThan(1e-6);
        }
      }
    }
    assertThat(tried).isGreaterThan(100);
  }

  /** A line from one side over the middle to the other keeps the way that it runs. */
  @Test
  void anOpenLineIsMirroredTheWayItRuns() {
    Chain open =
        new Chain(
            List.of(
                new Line(new Point(0, -20), new Point(-150, -35)),
                new Line(new Point(-150, -35), new Point(-190, 40)),
                new Line(new Point(-190, 40), new Point(0, 21))),
            false);
    for (int side : new int[] {-1, 1}) {
      Chain alike = open.mirrored(side).orElseThrow();
      whole(alike);
      assertThat(alike.at(0)).isEqualTo(new Point(0, side < 0 ? -20 : -21));
      assertThat(alike.at(alike.points() - 1)).isEqualTo(new Point(0, side < 0 ? 20 : 21));
    }
    Chain twice = new Chain(List.of(new Line(new Point(0, 5), new Point(9, 6))), false);
    assertThat(twice.mirrored(1)).as("it never gets to the other side").isEmpty();
  }

  /** Evened out it goes through the same points, and bends alike before and after each. */
  @Test
  void anEvenCurveHasNoJumpInItsBend() {
    Random random = new Random(8);
    for (int i = 0; i < 40; i++) {
      Chain chain = random(random);
      int corner = random.nextInt(chain.points());
      chain = i % 2 == 0 ? chain : chain.cornered(corner);
      Chain fair = chain.fair();
      whole(fair);
      int n = chain.points();
      for (int j = 0; j < n; j++) {
        assertThat(fair.at(j)).isEqualTo(chain.at(j));
        double before = fair.segments().get((j + n - 1) % n).curvature(1);
        double after = fair.segments().get(j).curvature(0);
        if (chain.smooth(j)) {
          assertThat(fair.smooth(j)).isTrue();
          assertThat(before).isCloseTo(after, within(1e-9));
        } else {
          assertThat(before).as("free at a corner").isCloseTo(0, within(1e-9));
          assertThat(after).isCloseTo(0, within(1e-9));
        }
      }
    }
  }

  /**
   * The same as the spline that the program's own bodies are made of, which is solved otherwise.
   */
  @Test
  void anEvenCurveIsTheProgramsOwnSpline() {
    Random random = new Random(9);
    for (int i = 0; i < 20; i++) {
      List<Point> through = new ArrayList<>();
      for (int j = 0; j < 9; j++) {
        through.add(new Point(60 * j + 20 * random.nextDouble(), 120 * random.nextGaussian()));
      }
      List<Segment> spline = Spline.through(through, 10, false).segments();
      Chain moved = new Chain(spline, false).pulled(4, true, 9, 3).pulled(2, false, -4, 8);
      List<Segment> again = moved.fair().segments();
      for (int j = 0; j < spline.size(); j++) {
        for (double t = 0; t <= 1; t += 0.25) {
          assertThat(again.get(j).at(t).distance(spline.get(j).at(t))).isLessThan(1e-6);
        }
      }
    }
  }

  /** Straight and round stretches stay, and what runs into them keeps their way. */
  @Test
  void anEvenCurveRunsOnFromAStraightSide() {
    Chain fair = MIXED.fair();
    assertThat(fair.segments().subList(0, 2)).isEqualTo(MIXED.segments().subList(0, 2));
    assertThat(fair.smooth(2)).isTrue();
    Segment curve = fair.segments().get(2);
    assertThat(curve.curvature(1)).as("free at the corner").isCloseTo(0, within(1e-9));
    assertThat(curve.way(0).y()).isCloseTo(0, within(1e-9));
  }

  /** Round a circle of radius 100 all teeth are alike, outwards; a straight side has none. */
  @Test
  void teethTellHowTightlyItBends() {
    List<List<Line>> teeth = CurvatureComb.of(MIXED, 1, 1200, 40);
    for (Line tooth : teeth.get(0)) {
      assertThat(tooth.length()).isCloseTo(12, within(1e-9));
      assertThat(tooth.b().distance(new Point(0, 0))).as("outwards").isCloseTo(112, within(1e-9));
    }
    assertThat(teeth.get(1)).allMatch(t -> t.length() < 1e-12);
    // Through three near places of the curve goes the circle that a tooth tells of.
    Segment curve = MIXED.segments().get(2);
    int last = teeth.get(2).size() - 1;
    for (int i = 1; i < last; i++) {
      double t = (double) i / last;
      Point a = curve.at(t - 1e-4);
      Point b = curve.at(t);
      Point c = curve.at(t + 1e-4);
      double twice = (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x());
      double bend = 2 * twice / (a.distance(b) * b.distance(c) * a.distance(c));
      Line tooth = teeth.get(2).get(i);
      assertThat(tooth.length()).isCloseTo(Math.min(40, Math.abs(1200 * bend)), within(0.02));
      double right =
          (tooth.b().x() - b.x()) * (c.y() - a.y()) - (tooth.b().y() - b.y()) * (c.x() - a.x());
      assertThat(right * bend).as("to the right of a bend to the left").isNotNegative();
    }
  }

  @Test
  void theNearestPlaceIsFound() {
    Chain.Place place = MIXED.nearest(new Point(-70, 103));
    assertThat(place.stretch()).isEqualTo(1);
    assertThat(place.t()).isCloseTo(70 / 150.0, within(1e-9));
    assertThat(place.distance()).isCloseTo(3, within(1e-9));
  }
}
