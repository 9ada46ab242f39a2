package roughcut.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

/** Minimum, roots, arcs and splines against what is known of them without them. */
class CurveProperties {
  /** A bowl whose lowest place is known, wherever it lies; outside the interval, the nearer end. */
  @Property
  void theLowestPlaceOfABowlIsFound(
      @ForAll @DoubleRange(min = -80, max = 80) double lowest,
      @ForAll @DoubleRange(min = -50, max = 0) double from,
      @ForAll @DoubleRange(min = 1, max = 90) double length,
      @ForAll @DoubleRange(min = 0.1, max = 20) double steep,
      @ForAll @IntRange(min = 1, max = 40) int samples) {
    double to = from + length;
    MinimumSearch found =
        MinimumSearch.of(x -> 7 + steep * (x - lowest) * (x - lowest), from, to, samples, 1e-6);
    double there = Math.max(from, Math.min(to, lowest));
    assertThat(found.at()).isCloseTo(there, within(2e-6 + 1e-7 * length));
    assertThat(found.value()).isCloseTo(7 + steep * Math.pow(found.at() - lowest, 2), within(1e-9));
  }

  /** A vee has no slope to go by: it is found all the same, and never past the ends. */
  @Property
  void theLowestPlaceOfAVeeIsFound(
      @ForAll @DoubleRange(min = 0, max = 100) double lowest,
      @ForAll @IntRange(min = 10, max = 60) int samples) {
    MinimumSearch found = MinimumSearch.of(x -> Math.abs(x - lowest), 0, 100, samples, 1e-5);
    assertThat(found.at()).isCloseTo(lowest, within(2e-5)).isBetween(0.0, 100.0);
  }

  /** Of two dips the deeper one is taken, when neither is narrower than a step. */
  @Property
  void theDeeperOfTwoDipsIsTaken(@ForAll @DoubleRange(min = 0.2, max = 3) double deeper) {
    MinimumSearch found =
        MinimumSearch.of(
            x -> Math.min(Math.abs(x - 20), Math.abs(x - 70) - deeper), 0, 100, 40, 1e-6);
    assertThat(found.at()).isCloseTo(70, within(1e-4));
    assertThat(found.value()).isCloseTo(-deeper, within(1e-4));
  }

  @Property
  void everyChangeOfSignIsFoundInOrder(
      @ForAll @Size(min = 1, max = 6) List<@DoubleRange(min = 0.5, max = 8) Double> gaps) {
    List<Double> places = new ArrayList<>();
    double at = 0;
    for (double gap : gaps) {
      at += gap;
      places.add(at);
    }
    double end = at + 1;
    List<Double> found =
        RootSearch.of(
            x -> {
              double product = 1;
              for (double place : places) {
                product *= x - place;
              }
              return product;
            },
            0,
            end,
            (int) Math.ceil(end / 0.4),
            1e-9);
    assertThat(found).hasSameSizeAs(places);
    for (int i = 0; i < places.size(); i++) {
      assertThat(found.get(i)).isCloseTo(places.get(i), within(1e-8));
    }
  }

  /** Every point stands on the circle; between two of them no chord strays further than is said. */
  @Property
  void anArcStaysByItsCircle(
      @ForAll @DoubleRange(min = 0.05, max = 2000) double radius,
      @ForAll @DoubleRange(min = -7, max = 7) double from,
      @ForAll @DoubleRange(min = -6, max = 6) double turn) {
    Point centre = new Point(11, -4);
    List<Point> points = Arcs.arc(centre, radius, from, from + turn);
    assertThat(points.get(0).distance(at(centre, radius, from))).isLessThan(1e-9 * radius + 1e-9);
    assertThat(points.get(points.size() - 1).distance(at(centre, radius, from + turn)))
        .isLessThan(1e-9 * radius + 1e-9);
    for (int i = 0; i < points.size(); i++) {
      assertThat(points.get(i).distance(centre)).isCloseTo(radius, within(1e-8 * radius + 1e-9));
      if (i > 0) {
        Point middle = points.get(i - 1).towards(points.get(i), 0.5);
        assertThat(radius - middle.distance(centre)).isLessThan(Arcs.CHORD_ERROR + 1e-9);
      }
    }
  }

  private static Point at(Point centre, double radius, double turn) {
    return centre.plus(radius * Math.cos(turn), radius * Math.sin(turn));
  }

  /**
   * However flat: from every place of the arc the chord is seen under the same angle (Euclid III
   * 21), and the flattest are the parabola that every arc ends as.
   */
  @Property
  void everyPlaceOfAnArcSeesItsChordUnderOneAngle(
      @ForAll @DoubleRange(min = 100, max = 900) double chord,
      @ForAll @DoubleRange(min = -300, max = -0.31) double flat,
      @ForAll @DoubleRange(min = 0.02, max = 0.98) double share) {
    double rise = chord * Math.pow(10, flat);
    double x = share * chord;
    double h = Arcs.ordinate(chord, rise, x);
    if (rise > 1e-3 * chord) {
      double here = Math.atan2(x, h) + Math.atan2(chord - x, h);
      assertThat(here).isCloseTo(2 * Math.atan2(chord / 2, rise), within(1e-9));
    } else {
      double parabola = 4 * rise * share * (1 - share);
      assertThat(h).isCloseTo(parabola, within(1e-5 * rise + Math.ulp(rise)));
    }
  }

  /** The rise of a chord is that of its circle, by Pythagoras. */
  @Property
  void aChordsRadiusIsThatOfTheCircleThroughItsEndsAndItsTop(
      @ForAll @DoubleRange(min = 5, max = 800) double chord,
      @ForAll @DoubleRange(min = 0.01, max = 2) double share) {
    double rise = Math.max(0.01, share * chord / 4);
    double radius = Arcs.radius(chord, rise);
    double below = radius - rise;
    assertThat(Math.hypot(chord / 2, below)).isCloseTo(radius, within(1e-9 * radius));
    assertThat(Arcs.ordinate(chord, rise, 0)).isZero();
    assertThat(Arcs.ordinate(chord, rise, chord)).isZero();
    assertThat(Arcs.ordinate(chord, rise, chord / 2)).isCloseTo(rise, within(1e-12 * radius));
    double third = Arcs.ordinate(chord, rise, chord / 3);
    assertThat(Arcs.ordinate(chord, rise, 2 * chord / 3)).isCloseTo(third, within(1e-12 * radius));
    assertThat(Math.hypot(chord / 6, below + third)).isCloseTo(radius, within(1e-12 * radius));
  }

  /** Half a circle stands on its chord's ends, however these are rounded. */
  @Property(tries = 20_000)
  void halfACircleStandsOnItsChordsEnds(@ForAll @DoubleRange(min = 5, max = 800) double chord) {
    assertThat(Arcs.ordinate(chord, chord / 2, 0)).isZero();
    assertThat(Arcs.ordinate(chord, chord / 2, chord)).isZero();
    double eighth = Arcs.ordinate(chord, chord / 2, chord / 2 * (1 - Math.sqrt(0.5)));
    assertThat(eighth).isCloseTo(chord / 2 * Math.sqrt(0.5), within(1e-9 * chord));
  }

  /** A spline goes through what it is given; along a straight line it is that line. */
  @Property
  void aSplineGoesThroughItsPoints(
      @ForAll @Size(min = 2, max = 9) List<@DoubleRange(min = -40, max = 40) Double> heights,
      @ForAll @IntRange(min = 1, max = 12) int pieces) {
    List<Point> through = new ArrayList<>();
    List<Point> straight = new ArrayList<>();
    for (int i = 0; i < heights.size(); i++) {
      through.add(new Point(25.0 * i, heights.get(i)));
      straight.add(new Point(25.0 * i, 3 + 0.4 * 25 * i));
    }
    List<Point> curve = Spline.through(through, pieces, false).points();
    assertThat(curve).hasSize((heights.size() - 1) * pieces + 1);
    for (int i = 0; i < through.size(); i++) {
      assertThat(curve.get(i * pieces).distance(through.get(i))).isLessThan(1e-9);
    }
    for (Point p : Spline.through(straight, pieces, false).points()) {
      assertThat(p.y()).isCloseTo(3 + 0.4 * p.x(), within(1e-9));
    }
  }

  /** Turned round, the same curve: nothing in it hangs on the end that was drawn first. */
  @Property
  void aSplineIsTheSameFromBothEnds(
      @ForAll @Size(min = 3, max = 8) List<@DoubleRange(min = -30, max = 30) Double> heights) {
    List<Point> through = new ArrayList<>();
    for (int i = 0; i < heights.size(); i++) {
      through.add(new Point(20.0 * i, heights.get(i)));
    }
    List<Point> back = new ArrayList<>(through);
    java.util.Collections.reverse(back);
    List<Point> one = Spline.through(through, 6, false).points();
    List<Point> other = Spline.through(back, 6, false).points();
    for (int i = 0; i < one.size(); i++) {
      assertThat(one.get(i).distance(other.get(one.size() - 1 - i))).isLessThan(1e-7);
    }
  }
}
