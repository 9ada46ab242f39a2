package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Percentage.withPercentage;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyFace;
import roughcut.design.StringDecisions;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** What is cut out of a top weighs what the top's wood weighs, against thrown points. */
class RemovedWoodTest {
  private static double input(Plan plan, String id, String symbol) {
    Value value = plan.value(id).orElseThrow();
    return value.inputs().stream()
        .filter(i -> i.symbol().equals(symbol))
        .findFirst()
        .orElseThrow()
        .value()
        .value();
  }

  /** Points thrown into the body: of those that nothing took away, each weighs as its wood does. */
  @Test
  void everyPlaceWeighsWhatItsOwnWoodDoes() {
    Random random = new Random(27);
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build, Demo.shop());
      if (BodyDecisions.BODY_WEIGHED.in(build.design()) > 0) {
        continue;
      }
      double thick =
          BodyDecisions.BODY_TOP.in(build.design()) + BodyDecisions.BODY_ACCENT.in(build.design());
      double back = input(plan, "body.mass", "ρ");
      double top = input(plan, "body.mass", "ρ_t");
      BodyCuts cuts = plan.cuts();
      Outline outline = cuts.surface().edge().shape();
      Bounds b = outline.bounds();
      double low = -Math.max(0, StringDecisions.CARVE_RISE.in(build.design()));
      double deep = cuts.surface().thickness();
      int thrown = 150_000;
      double removed = 0;
      for (int i = 0; i < thrown; i++) {
        double x = b.left() + random.nextDouble() * b.width();
        double y = b.low() + random.nextDouble() * b.height();
        double z = low + random.nextDouble() * (deep - low);
        if (!outline.contains(new Point(x, y))) {
          continue;
        }
        double face = cuts.surface().at(BodyFace.TOP, x, y);
        boolean cut =
            cuts.cuts().stream()
                .flatMap(c -> c.solids().stream())
                .map(s -> s.chord(x, y))
                .anyMatch(c -> c != null && z >= c[0] && z <= c[1]);
        boolean off = z < face || z > cuts.surface().at(BodyFace.BACK, x, y);
        double weight = z < thick ? top : back;
        // Wood over the slab's top, where a carved one rises, is added; below, what is off is lost.
        removed += z < 0 ? (z >= face && !cut ? -weight : 0) : cut || off ? weight : 0;
      }
      double volume = b.width() * b.height() * (deep - low);
      double grams = removed / thrown * volume / 1e6;
      double told = input(plan, "body.mass", "m") - value(plan, "body.mass");
      assertThat(told).as(build.name()).isCloseTo(grams, withPercentage(4));
    }
  }

  /** Four millimetres more of a pickup's rout lie in the back; its first six lie in the top. */
  @Test
  void eachDepthOfARoutIsWeighedInTheWoodItIsIn() {
    Plan plan = Heron.with("pickup.neck.travel=4");
    Plan deeper = Heron.with("pickup.neck.travel=8");
    double area = plan.cuts().cut("neck").orElseThrow().steps().get(0).area();
    double back = input(plan, "body.mass", "ρ");
    double top = input(plan, "body.mass", "ρ_t");
    assertThat(top).isNotEqualTo(back);
    assertThat(value(plan, "body.mass") - value(deeper, "body.mass"))
        .isCloseTo(area * 4 * back / 1e6, within(0.6));
    double thick = BodyDecisions.BODY_TOP.in(plan.build().design());
    Plan thicker = Heron.with("pickup.neck.travel=4", "body.top-thickness=" + (thick + 1));
    double moved = input(thicker, "body.mass", "u") - input(plan, "body.mass", "u");
    assertThat(moved * 1000).as("a millimetre more of every rout from the top").isGreaterThan(area);
  }

  @Test
  void filmCountsWhereverAPartLiesOnItOrGoesThrough() {
    String[] thin = {"finish.film=0.1", "heights.solve-for=angle"};
    String[] thick = {"finish.film=0.5", "heights.solve-for=angle"};
    Plan one = Heron.with(thin);
    Plan two = Heron.with(thick);
    assertThat(value(two, "bolt.length") - value(one, "bolt.length")).isCloseTo(0.4, within(1e-9));
    assertThat(value(one, "bridge.saddle-over-base") - value(two, "bridge.saddle-over-base"))
        .isCloseTo(0.4, within(1e-9));
    for (String bore : new String[] {"tuner.bit", "bridge.post.bore"}) {
      assertThat(value(two, bore + "-for-finish") - value(two, bore)).isCloseTo(1, within(1e-9));
    }
    assertThat(
            value(two, "body.thickness-finished")
                - BodyDecisions.BODY_THICKNESS.in(two.build().design()))
        .isCloseTo(1, within(1e-9));
    assertThat(value(two, "pocket.depth.front")).isEqualTo(value(one, "pocket.depth.front"));
    assertThat(value(two, "pocket.clearance-finished"))
        .isEqualTo(value(one, "pocket.clearance-finished"));
  }

  /** A film on the pocket's floor lifts the neck: the floor goes down by as much, the tip stays. */
  @Test
  void filmThatGetsIntoThePocketLiesUnderTheHeel() {
    for (String made : new String[] {"tilted-floor", "planed-heel", "wedge"}) {
      Plan out = pocketed(made, "kept-out");
      Plan in = pocketed(made, "goes-in");
      for (String depth : new String[] {"pocket.depth.front", "pocket.depth.end"}) {
        assertThat(value(in, depth) - value(out, depth)).as(made).isCloseTo(0.4, within(1e-9));
      }
      assertThat(value(in, "bolt.length")).isCloseTo(value(out, "bolt.length"), within(1e-9));
      assertThat(value(in, "bolt.tip-clearance"))
          .isCloseTo(value(out, "bolt.tip-clearance"), within(1e-9));
      assertThat(in.neck().back().depth(490)).isEqualTo(out.neck().back().depth(490));
      // Seated as deep as it was cut, it stands as wanted.
      Plan seated =
          pocketed(made, "goes-in", "pocket.made-edge=" + value(in, "pocket.depth.front"));
      assertThat(value(seated, "proof.exposed"))
          .isCloseTo(value(out, "pocket.exposed"), within(1e-9));
    }
  }

  private static Plan pocketed(String made, String finish, String... more) {
    String[] set = {
      "finish.film=0.4",
      "neck.fixing=bolted",
      "neck.angle-made=" + made,
      "pocket.finish=" + finish,
      "pocket.clearance=0.6"
    };
    return Heron.with(
        java.util.stream.Stream.concat(java.util.Arrays.stream(set), java.util.Arrays.stream(more))
            .toArray(String[]::new));
  }
}
