package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Percentage.withPercentage;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roughcut.demo.Demo;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Outline;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.geometry.Solid;
import roughcut.measure.DecidedValue;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** Wood that cuts share, against areas and depths worked out by hand and against dice. */
class CutOverlapTest {
  private static Cut rout(String name, double x0, double y0, double x1, double y1, double depth) {
    Outline shape = Outline.rectangle(x0, y0, x1, y1);
    RoutStep step =
        new RoutStep(
            name,
            List.of(shape),
            DecidedValue.of(name + ".depth", Text.of("Depth"), depth, Quantity.LENGTH),
            List.of(new Prism(shape.corners(), 0, depth, 0)),
            3);
    return new Cut(
        name,
        Text.raw(name),
        CutKind.CAVITY,
        CutFrom.TOP,
        List.of(step),
        List.of(),
        Set.of(),
        List.of(),
        false);
  }

  private static Cut bore(String name, double x, double y, double radius, double depth) {
    return new Cut(
        name,
        Text.raw(name),
        CutKind.BORE,
        CutFrom.TOP,
        List.of(),
        List.of(new Cylinder(new Point3(x, y, 0), new Point3(x, y, depth), radius)),
        Set.of(),
        List.of(),
        false);
  }

  @Test
  void aBoreHalfInARoutSharesHalfItsCircle() {
    double shared =
        CutOverlap.between(List.of(rout("a", 0, -50, 100, 50, 12), bore("b", 0, 3, 10, 30)));
    assertThat(shared).isCloseTo(Math.PI * 100 / 2 * 12, withPercentage(1.5));
  }

  @Test
  void threeThatMeetAreGoneOnce() {
    Cut a = rout("a", 0, 0, 40, 40, 10);
    Cut b = rout("b", 20, 0, 60, 40, 20);
    Cut c = rout("c", 10, 10, 50, 30, 5);
    double own = 40 * 40 * 10 + 40 * 40 * 20 + 40 * 20 * 5;
    double union = 20 * 40 * 10 + 40 * 40 * 20;
    assertThat(CutOverlap.between(List.of(a, b, c))).isCloseTo(own - union, withPercentage(2));
    assertThat(CutOverlap.between(List.of(c, b, a))).isCloseTo(own - union, withPercentage(2));
    assertThat(CutOverlap.between(List.of(a, rout("far", 90, 90, 99, 99, 9)))).isZero();
  }

  /** Thrown points: how many lie in more than one cut, and how often too many. */
  @Test
  void againstThrownPoints() {
    Random random = new Random(20);
    for (int round = 0; round < 5; round++) {
      List<Cut> cuts =
          List.of(
              rout("a", 0, 0, 60, 40, 15),
              rout("b", 30 + random.nextInt(20), -10, 90, 30, 10 + random.nextInt(15)),
              bore("c", 20 + random.nextInt(40), 20, 8 + random.nextInt(6), 25));
      int thrown = 400_000;
      long over = 0;
      for (int i = 0; i < thrown; i++) {
        double x = random.nextDouble() * 100 - 5;
        double y = random.nextDouble() * 60 - 15;
        double z = random.nextDouble() * 30;
        int in = 0;
        for (Cut cut : cuts) {
          in +=
              cut.solids().stream()
                      .map(s -> s.chord(x, y))
                      .anyMatch(c -> c != null && z >= c[0] && z <= c[1])
                  ? 1
                  : 0;
        }
        over += Math.max(0, in - 1);
      }
      double volume = 100.0 * 60 * 30;
      assertThat(CutOverlap.between(cuts)).isCloseTo(volume * over / thrown, withPercentage(3));
    }
  }

  /** Columns are followed through prisms without hollows: every cut's are. */
  @Test
  void noPrismHasAHollow() {
    int looked = 0;
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      for (Cut cut : Plan.of(build, Demo.shop()).cuts().cuts()) {
        for (Solid solid : cut.solids()) {
          if (solid instanceof Prism prism) {
            looked++;
            assertThat(new Outline(prism.corners()).convex()).as(cut.name()).isTrue();
          }
        }
      }
    }
    assertThat(looked).isGreaterThan(40);
  }
}
