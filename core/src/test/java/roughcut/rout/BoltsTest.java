package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.geometry.Point;
import roughcut.plan.Plan;
import roughcut.record.Build;

/**
 * What a bolted neck is held by, and how near its bolts come to what is routed from the other side.
 */
class BoltsTest {
  private static double value(Plan plan, String id) {
    return plan.value(id).orElseThrow().value();
  }

  /**
   * A pilot leaves soft wood more to bite in: two thirds of a screw, and four fifths in hard wood.
   */
  @ParameterizedTest
  @CsvSource({
    "paulownia, 0.65",
    "black-alder, 0.65",
    "cherry, 0.72",
    "oak, 0.72",
    "maple, 0.82",
    "ebony, 0.82",
  })
  void aPilotIsAShareOfItsScrewByTheHeelsWood(String wood, double share) {
    Build heron = Heron.build().asDesigned();
    Stack one = new Stack(List.of(new Strip(wood, 70, Strip.Grain.TO_HEEL)), false);
    Build build =
        heron.withDesign(
            Heron.set(
                heron.design().withNeckStack(one).withNeckSteps(List.of()), "bolt.diameter=5"));
    Plan plan = Plan.of(build, Demo.shop());
    assertThat(value(plan, "bolt.pilot")).isCloseTo(5 * share, within(1e-9));
    assertThat(value(plan, "bolt.body-bore")).isCloseTo(5.3, within(1e-9));
    Plan inserted =
        Plan.of(
            build.withDesign(Heron.set(build.design(), "bolt.kind=inserts", "insert.bore=8.5")),
            Demo.shop());
    assertThat(value(inserted, "bolt.pilot")).isEqualTo(8.5);
  }

  /**
   * Upright bolts under a straight channel, point by point: the bolt's skin against the channel's
   * box, in a neck that doesn't lean.
   */
  @ParameterizedTest
  @CsvSource({
    "14, 470, 10.4, 16",
    "24, 470, 10.4, 16",
    "24, 430, 10.4, 16",
    "9, 470, 6, 8",
    "14, 436, 10.4, 19",
  })
  void howNearABoltComesToTheRod(double across, double length, double deep, double bite) {
    Plan plan =
        Heron.with(
            "heights.solve-for=saddle",
            "neck.angle=0",
            "stiffener.count=0",
            "bolt.count=4",
            "bolt.diameter=4.5",
            "bolt.across=" + across,
            "bolt.across-end=" + across,
            "bolt.bite=" + bite,
            "rod.start=2",
            "rod.length=" + length,
            "rod.depth=" + deep,
            "rod.adjuster-length=0",
            "rod.deeper-middle=0");
    double heel = plan.given(Decisions.HEEL_THICKNESS);
    double from = 2;
    double to = 2 + length;
    double half = plan.given(Decisions.ROD_WIDTH) / 2;
    double least = Double.POSITIVE_INFINITY;
    for (Point bolt : plan.cuts().bolts().orElseThrow().places()) {
      for (int a = 0; a < 720; a++) {
        double x = bolt.x() + 2.25 * Math.cos(Math.toRadians(a / 2.0));
        double y = bolt.y() + 2.25 * Math.sin(Math.toRadians(a / 2.0));
        for (int k = 0; k <= 40; k++) {
          double down = heel - bite * k / 40;
          double dx = Math.max(0, Math.max(from - x, x - to));
          double dy = Math.max(0, Math.abs(y) - half);
          double dz = Math.max(0, down - deep);
          least = Math.min(least, Math.sqrt(dx * dx + dy * dy + dz * dz));
        }
      }
    }
    assertThat(value(plan, "bolt.channel")).isCloseTo(least, within(0.02));
  }
}
