package roughcut.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Shapes;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.rout.HardwareSolid;

/** Hardware that lies in other hardware. */
class HardwareTest {
  @Test
  void potsThatLieInEachOtherStop() {
    Plan plan = Heron.with();
    Fitting volume = plan.build().design().fitting("volume").orElseThrow();
    double x = value(plan, volume.id("x"));
    double y = value(plan, volume.id("y"));
    double size = value(plan, volume.id("length"));
    for (double into : new double[] {-4, -0.5, 0.5, 2, 7}) {
      Plan moved = Heron.with("control.tone.x=" + (x + size - into), "control.tone.y=" + y);
      Value left =
          moved.values().values().stream()
              .filter(v -> v.id().matches("hardware\\.(volume\\.tone|tone\\.volume)"))
              .findFirst()
              .orElse(null);
      if (into < -3) {
        assertThat(left).as("far enough not to be told").isNull();
        continue;
      }
      assertThat(left.value()).as("into " + into).isCloseTo(-into, within(0.05));
      if (into > 0) {
        assertThat(moved.clearances())
            .anyMatch(s -> s.left().id().equals(left.id()) && s.state() == Clearance.State.STOP);
      }
    }
  }

  private static double value(Plan plan, String id) {
    return ((roughcut.design.NumberDecision)
            roughcut.design.Decisions.find(plan.build().design(), id).orElseThrow())
        .in(plan.build().design());
  }

  /** Moved by what the overlap says they are clear; moved by less they never are. */
  @Test
  void theOverlapIsTheShortestWayOut() {
    Random random = new Random(12);
    for (int i = 0; i < 24; i++) {
      Outline a =
          Shapes.rounded(
              new Point(0, 0),
              5 + 30 * random.nextDouble(),
              5 + 30 * random.nextDouble(),
              2,
              360 * random.nextDouble());
      Outline b =
          Shapes.rounded(
              new Point(20 * random.nextGaussian(), 20 * random.nextGaussian()),
              5 + 30 * random.nextDouble(),
              5 + 30 * random.nextDouble(),
              random.nextBoolean() ? 1 : 8,
              360 * random.nextDouble());
      double overlap = Shapes.overlap(a, b);
      if (overlap <= 0.01) {
        assertThat(a.distance(b) > 0 || overlap > -0.01).isTrue();
        continue;
      }
      double shortest = Double.POSITIVE_INFINITY;
      for (int k = 0; k < 720; k++) {
        double way = Math.PI * k / 360;
        double far = 0;
        double step = 40;
        // The way out in this direction, by halving.
        while (step > 1e-4) {
          Outline moved = b.translate((far + step) * Math.cos(way), (far + step) * Math.sin(way));
          if (a.distance(moved) == 0) {
            far += step;
          }
          step /= 2;
        }
        shortest = Math.min(shortest, far);
      }
      assertThat(overlap).isCloseTo(shortest, within(0.06));
    }
  }

  /** Whichever stand beside each other in the list: one laid upon the other is told. */
  @Test
  void noPairIsPassedOver() {
    Plan plan = Heron.with();
    List<HardwareSolid> parts = plan.bodyPlan().cuts().parts();
    int laid = 0;
    for (int i = 0; i + 1 < parts.size(); i++) {
      String one = parts.get(i).of();
      String two = parts.get(i + 1).of();
      if (one.equals(two)
          || plan.fitting(one).filter(f -> f.type() == FittingType.CONTROL).isEmpty()
          || plan.fitting(two).filter(f -> f.type() == FittingType.CONTROL).isEmpty()) {
        continue;
      }
      laid++;
      Fitting first = plan.fitting(one).orElseThrow();
      Fitting second = plan.fitting(two).orElseThrow();
      Plan upon =
          Heron.with(
              second.id("x") + "=" + value(plan, first.id("x")),
              second.id("y") + "=" + value(plan, first.id("y")));
      assertThat(upon.values().keySet())
          .as(one + " and " + two)
          .containsAnyOf("hardware." + one + "." + two, "hardware." + two + "." + one);
    }
    assertThat(laid).isPositive();
  }
}
