package roughcut.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Shapes against sums that can be done by hand, and against the slow way. */
class OutlineTest {
  private static Outline star(Random random, double x, double y) {
    List<Point> points = new ArrayList<>();
    int n = 5 + random.nextInt(30);
    for (int i = 0; i < n; i++) {
      double r = 20 + 60 * random.nextDouble();
      double turn = 2 * Math.PI * i / n;
      points.add(new Point(x + r * Math.cos(turn), y + r * Math.sin(turn)));
    }
    return new Outline(points);
  }

  /** Share of a fine grid that lies inside, and its middle. */
  private static double[] counted(Outline shape) {
    Bounds b = shape.bounds();
    double step = 0.4;
    double n = 0;
    double sx = 0;
    double sy = 0;
    for (double x = b.left() + step / 2; x < b.right(); x += step) {
      for (double y = b.low() + step / 2; y < b.high(); y += step) {
        if (shape.contains(new Point(x, y))) {
          n++;
          sx += x;
          sy += y;
        }
      }
    }
    return new double[] {n * step * step, sx / n, sy / n};
  }

  @Test
  void areaAndMiddleAreWhatCountingFinds() {
    Random random = new Random(12);
    for (int i = 0; i < 12; i++) {
      Outline shape = star(random, 700, -40);
      double[] slow = counted(shape);
      assertThat(shape.area()).isCloseTo(slow[0], within(slow[0] * 0.004));
      assertThat(shape.centre().x()).isCloseTo(slow[1], within(0.15));
      assertThat(shape.centre().y()).isCloseTo(slow[2], within(0.15));
    }
  }

  @Test
  void theMiddleOfAnLIsNotThatOfItsBox() {
    Outline l =
        Outline.of(
            new Point(0, 0),
            new Point(60, 0),
            new Point(60, 20),
            new Point(20, 20),
            new Point(20, 80),
            new Point(0, 80));
    // 60 × 20 with its middle at 30, 10 and 20 × 60 with its middle at 10, 50.
    assertThat(l.area()).isCloseTo(2400, within(1e-9));
    assertThat(l.centre().x()).isCloseTo(20, within(1e-9));
    assertThat(l.centre().y()).isCloseTo(30, within(1e-9));
    assertThat(new Outline(reversed(l.corners())).centre())
        .as("whichever way round it is told")
        .isEqualTo(l.centre());
  }

  private static List<Point> reversed(List<Point> points) {
    List<Point> back = new ArrayList<>(points);
    java.util.Collections.reverse(back);
    return back;
  }

  @Test
  void spansAndHoldsAgree() {
    Random random = new Random(3);
    for (int i = 0; i < 40; i++) {
      Outline shape = star(random, 0, 0);
      double x = -80 + 160 * random.nextDouble();
      double y = -80 + 160 * random.nextDouble();
      boolean along = shape.spans(y).stream().anyMatch(s -> x > s[0] && x < s[1]);
      boolean upright = shape.spans(x, true).stream().anyMatch(s -> y > s[0] && y < s[1]);
      assertThat(along).isEqualTo(shape.contains(new Point(x, y)));
      assertThat(upright).isEqualTo(shape.contains(new Point(x, y)));
    }
  }

  @Test
  void whatTwoShareAndWhatOneLeavesIsTheWhole() {
    Random random = new Random(21);
    for (int i = 0; i < 30; i++) {
      Outline a = star(random, 0, 0);
      Outline b = star(random, 25, 10);
      double shared = a.intersection(b).stream().mapToDouble(Outline::area).sum();
      double left = a.difference(b).stream().mapToDouble(Outline::area).sum();
      assertThat(shared).isPositive();
      // What is left may have a hole, which its outline doesn't tell.
      assertThat(shared + left).isGreaterThanOrEqualTo(a.area() - 1e-6);
      Outline union = Outline.union(List.of(a, b));
      assertThat(union.area()).isCloseTo(a.area() + b.area() - shared, within(a.area() * 0.02));
    }
  }

  @Test
  void convexPiecesShareWhatTheSlowWayFinds() {
    Random random = new Random(30);
    for (int i = 0; i < 40; i++) {
      Outline one =
          Shapes.rounded(
              new Point(0, 0),
              20 + 40 * random.nextDouble(),
              20 + 40 * random.nextDouble(),
              4,
              360 * random.nextDouble());
      Outline two =
          Shapes.circle(
              new Point(40 * random.nextDouble(), 30 * random.nextDouble()),
              5 + 20 * random.nextDouble());
      double slow = one.intersection(two).stream().mapToDouble(Outline::area).sum();
      assertThat(Shapes.commonArea(one, two)).isCloseTo(slow, within(1e-6 + slow * 1e-9));
    }
  }

  @Test
  void turnedOverTwiceIsTheSame() {
    Outline shape = star(new Random(1), 5, 9);
    assertThat(shape.mirrored().mirrored().area()).isCloseTo(shape.area(), within(1e-9));
    assertThat(shape.mirrored().centre().y()).isCloseTo(-shape.centre().y(), within(1e-9));
  }

  @Test
  void aLoopIsFoundAndMended() {
    Outline bow =
        Outline.of(new Point(0, 0), new Point(10, 10), new Point(10, 0), new Point(0, 10));
    assertThat(bow.crossing()).isPresent();
    assertThat(bow.crossing().orElseThrow().distance(new Point(5, 5))).isLessThan(1e-6);
    assertThat(bow.repaired().crossing()).isEmpty();
    assertThat(star(new Random(9), 0, 0).crossing()).isEmpty();
  }

  @Test
  void twoCornersAreNoShape() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Outline.of(new Point(0, 0), new Point(1, 1)))
        .withMessageContaining("three corners");
  }
}
