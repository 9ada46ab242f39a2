package roughcut.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ClosestApproachTest {
  private static Prism box(double x, double y, double size, double open, double floor) {
    return new Prism(Outline.rectangle(x, y, x + size, y + size).corners(), open, floor);
  }

  private static Cylinder upright(double x, double y, double from, double to, double radius) {
    return new Cylinder(new Point3(x, y, from), new Point3(x, y, to), radius);
  }

  @Test
  void routsOfOneFaceAreApartInPlan() {
    assertThat(ClosestApproach.of(box(0, 0, 10, 0, 16), box(13, 0, 10, 0, 20)).distance())
        .isCloseTo(3, within(0.002));
    assertThat(ClosestApproach.of(box(0, 0, 10, 0, 16), box(13, 14, 10, 0, 20)).distance())
        .isCloseTo(5, within(0.002));
  }

  @Test
  void routsOfOppositeFacesOneOverTheOtherAreApartByTheWeb() {
    // 44 thick, 16.5 from the top and 20 from the back
    assertThat(ClosestApproach.of(box(0, 0, 30, 0, 16.5), box(5, 5, 30, 44, 24)).distance())
        .isCloseTo(7.5, within(0.002));
  }

  @Test
  void boresEndFlat() {
    Cylinder one = upright(0, 0, 0, 20, 5);
    assertThat(ClosestApproach.of(one, upright(0, 0, 23, 40, 5)).distance())
        .isCloseTo(3, within(0.002));
    assertThat(ClosestApproach.of(one, upright(14, 0, 5, 40, 5)).distance())
        .isCloseTo(4, within(0.002));
    // corner to corner: 4 apart in plan, 3 in depth
    assertThat(ClosestApproach.of(one, upright(14, 0, 23, 40, 5)).distance())
        .isCloseTo(5, within(0.002));
  }

  @Test
  void crossingBoresAreApartByTheirAxesLessTheirRadii() {
    Cylinder wire = new Cylinder(new Point3(-50, 0, 10), new Point3(50, 0, 10), 4);
    Cylinder strap = new Cylinder(new Point3(0, -50, 22), new Point3(0, 50, 22), 1.6);
    ClosestApproach found = ClosestApproach.of(wire, strap);
    assertThat(found.distance()).isCloseTo(12 - 5.6, within(0.002));
    assertThat(found.a().z()).isCloseTo(14, within(0.05));
    assertThat(found.b().z()).isCloseTo(20.4, within(0.05));
  }

  @Test
  void whatMeetsIsNotApart() {
    assertThat(ClosestApproach.of(box(0, 0, 10, 0, 16), upright(5, 5, 2, 40, 3)).distance())
        .isZero();
    assertThat(ClosestApproach.of(upright(0, 0, 0, 10, 3), upright(0, 0, 0, 10, 3)).distance())
        .isZero();
    assertThat(ClosestApproach.of(box(0, 0, 10, 0, 16), box(10, 0, 10, 0, 16)).distance())
        .isCloseTo(0, within(0.002));
  }

  static Solid any(Random random) {
    double x = random.nextDouble() * 60;
    double y = random.nextDouble() * 60;
    if (random.nextBoolean()) {
      return new Cylinder(
          new Point3(x, y, random.nextDouble() * 40),
          new Point3(
              x + random.nextGaussian() * 25,
              y + random.nextGaussian() * 25,
              random.nextDouble() * 40 + 0.5),
          1 + random.nextDouble() * 15);
    }
    List<Point> points = new ArrayList<>();
    for (int i = 0; i < 7; i++) {
      points.add(new Point(x + random.nextGaussian() * 14, y + random.nextGaussian() * 14));
    }
    boolean top = random.nextBoolean();
    double depth = 4 + random.nextDouble() * 16;
    double lean = (random.nextDouble() - 0.5) * 0.1;
    return new Prism(
        Shapes.hull(points).corners(), top ? 0 : 44, (top ? depth : 44 - depth) - lean * x, lean);
  }

  @Test
  void aBarsEndIsFlatEvenSeenAlongItsAxis() {
    Point3 from = new Point3(36.76393312590651, 18.69694804187559, 33.84451568968408);
    Point3 to = new Point3(28.369569088486543, -5.113548406635868, 26.869177678828493);
    Cylinder bar = new Cylinder(from, to, 11);
    Point3 axis = to.minus(from);
    for (double k : new double[] {1, -1, 0.618, -3.3}) {
      Point3 far = bar.furthest(axis.times(k));
      Point3 end = k > 0 ? to : from;
      assertThat(far.minus(end).dot(axis) / axis.length()).isCloseTo(0, within(1e-6));
    }
  }

  @Test
  void isWhatTheSlowWayFinds() {
    Random random = new Random(3);
    int apart = 0;
    for (int i = 0; i < 120; i++) {
      Solid a = any(random);
      Solid b = any(random);
      double found = ClosestApproach.of(a, b).distance();
      double slow = Sampled.distance(a, b, random);
      assertThat(found).as("never more than any two points of the skins").isLessThan(slow + 0.01);
      if (found > 0) {
        apart++;
        assertThat(slow).as(a + " and " + b).isCloseTo(found, within(0.05));
      }
    }
    assertThat(apart).isGreaterThan(40);
  }

  /** A plane square to the way between the two nearest points has each solid wholly on its side. */
  @Test
  void aPlaneBetweenThemProvesIt() {
    Random random = new Random(8);
    for (int i = 0; i < 4000; i++) {
      Solid a = any(random);
      Solid b = any(random);
      ClosestApproach found = ClosestApproach.of(a, b);
      if (found.distance() < 0.05) {
        continue;
      }
      Point3 way = found.b().minus(found.a());
      assertThat(way.length()).isCloseTo(found.distance(), within(0.01));
      double proven =
          (way.dot(b.furthest(way.times(-1))) - way.dot(a.furthest(way))) / way.length();
      assertThat(proven).isCloseTo(found.distance(), within(0.01));
      assertThat(ClosestApproach.of(b, a).distance())
          .as("the same the other way round")
          .isCloseTo(found.distance(), within(0.01));
    }
  }

  @Test
  void boxesAreNeverFurtherApartThanWhatLiesInThem() {
    Random random = new Random(12);
    for (int i = 0; i < 2000; i++) {
      Solid a = any(random);
      Solid b = any(random);
      assertThat(a.box().distance(b.box()))
          .isLessThanOrEqualTo(ClosestApproach.of(a, b).distance() + 0.002);
    }
  }

  /**
   * A bore's own sum of the way to a place against the walk over differences, which knows no sum.
   */
  @Test
  void theWayToABoreIsTheWalkedOne() {
    Random random = new Random(31);
    int inside = 0;
    for (int i = 0; i < 500; i++) {
      Cylinder bore =
          new Cylinder(
              new Point3(random.nextGaussian() * 20, random.nextGaussian() * 20, 0),
              new Point3(random.nextGaussian() * 20, random.nextGaussian() * 20, 30),
              1 + 9 * random.nextDouble());
      Point3 place =
          new Point3(
              random.nextGaussian() * 25, random.nextGaussian() * 25, random.nextGaussian() * 30);
      double distance = bore.distance(place);
      assertThat(distance)
          .as("%s to %s", place, bore)
          .isCloseTo(ClosestApproach.of(place, bore).distance(), within(ClosestApproach.TOLERANCE));
      inside += distance == 0 ? 1 : 0;
    }
    assertThat(inside).isBetween(10, 250);
  }
}
