package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.BlankStep;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.drawing.StationDrawing;
import roughcut.measure.ComputedValue;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.ValueRegistry;
import roughcut.plan.Plan;
import roughcut.record.EffectiveInputs;

/** What lies where across a blank that was sawn in two or opened, asked place by place. */
class StackLayersTest {
  private static final List<String> WOODS = List.of("cherry", "walnut", "maple", "pear", "elm");

  static IntStream seeds() {
    return IntStream.range(0, 40);
  }

  private static List<Strip> any(Random random) {
    List<Strip> strips = new ArrayList<>();
    for (int i = 0; i < 2 + random.nextInt(4); i++) {
      double nut = 3 + 25 * random.nextDouble();
      double heel = random.nextInt(3) == 0 ? 3 + 30 * random.nextDouble() : nut;
      strips.add(new Strip(WOODS.get(i), nut, heel, 0, Strip.Grain.values()[random.nextInt(2)]));
    }
    return strips;
  }

  private static StackLayers layers(List<Strip> strips, BlankStep.Kind... steps) {
    List<BlankStep> all = new ArrayList<>();
    for (BlankStep.Kind kind : steps) {
      all.add(new BlankStep(kind, "cherry", 0, 0));
    }
    return StackLayers.of(
        new EffectiveInputs(
            Heron.build()
                .asDesigned()
                .withDesign(
                    Heron.set(Heron.build().design(), "saw.kerf=1.2", "saw.allowance=0.7")
                        .withNeckStack(new Stack(strips, false))
                        .withNeckSteps(all))));
  }

  /** The strip at an offset from the bass side, at the nut line or at the heel; 0 for none. */
  private static int at(List<Strip> strips, double offset, boolean heel) {
    double reached = 0;
    for (int i = 0; i < strips.size(); i++) {
      reached += heel ? strips.get(i).heelThickness() : strips.get(i).thickness();
      if (offset < reached) {
        return i + 1;
      }
    }
    return 0;
  }

  private static int layer(List<StackLayers.Layer> layers, double offset, boolean heel) {
    double reached = 0;
    for (StackLayers.Layer layer : layers) {
      reached += heel ? layer.heel() : layer.nut();
      if (offset < reached) {
        return layer.number();
      }
    }
    return 0;
  }

  private static double width(List<StackLayers.Layer> layers, boolean heel) {
    return layers.stream().mapToDouble(l -> heel ? l.heel() : l.nut()).sum();
  }

  /**
   * The bass half stays; of the treble half, laid the other way round, the wood that was outermost
   * at the heel lies beside the joint at the nut line.
   */
  @ParameterizedTest
  @MethodSource("seeds")
  void aHalfTurnedEndForEndSwapsItsEndsAndItsSides(int seed) {
    List<Strip> strips = any(new Random(seed));
    List<StackLayers.Layer> turned = layers(strips, BlankStep.Kind.TURNED).layers();
    double lost = 1.2 / 2 + 0.7;
    for (boolean heel : new boolean[] {false, true}) {
      double here =
          strips.stream().mapToDouble(s -> heel ? s.heelThickness() : s.thickness()).sum();
      double other =
          strips.stream().mapToDouble(s -> heel ? s.thickness() : s.heelThickness()).sum();
      double half = here / 2 - lost;
      assertThat(width(turned, heel)).isCloseTo((here + other) / 2 - 2 * lost, within(1e-9));
      for (double y = 0.013; y < half; y += 0.21) {
        assertThat(layer(turned, y, heel)).as("at %s", y).isEqualTo(at(strips, y, heel));
      }
      for (double in = 0.013; in < other / 2 - lost; in += 0.21) {
        assertThat(layer(turned, half + in, heel))
            .as("%s behind the joint", in)
            .isEqualTo(at(strips, other - in, !heel));
      }
    }
  }

  /** What the formula for the width says, number by number, is how wide the layers lie. */
  @ParameterizedTest
  @MethodSource("seeds")
  void theWidthThatIsToldIsThatOfTheLayers(int seed) {
    List<Strip> strips = any(new Random(seed));
    for (BlankStep.Kind[] steps :
        new BlankStep.Kind[][] {
          {},
          {BlankStep.Kind.OPENED},
          {BlankStep.Kind.TURNED},
          {BlankStep.Kind.OPENED, BlankStep.Kind.TURNED}
        }) {
      StackLayers made = layers(strips, steps);
      for (boolean heel : new boolean[] {false, true}) {
        String text = heel ? made.widthAtHeel() : made.width();
        double told =
            new ValueRegistry()
                .put(
                    "w",
                    Text.of("Width"),
                    Quantity.LENGTH,
                    text,
                    made.terms().toArray(ComputedValue.Input[]::new))
                .value();
        assertThat(told).as(text).isCloseTo(width(made.layers(), heel), within(1e-9));
      }
    }
  }

  /** Strips that run out to nothing at the saw line are planned and drawn like any. */
  @ParameterizedTest
  @ValueSource(ints = {3, 8, 21})
  void suchABlankIsPlannedAndDrawn(int seed) {
    Plan plan =
        Plan.of(
            Heron.build()
                .asDesigned()
                .withDesign(
                    Heron.build()
                        .design()
                        .withNeckStack(new Stack(any(new Random(seed)), false))
                        .withNeckSteps(
                            List.of(new BlankStep(BlankStep.Kind.TURNED, "cherry", 0, 0)))),
            Demo.shop());
    assertThat(plan.values().values()).allMatch(v -> Double.isFinite(v.value()));
    for (StationDrawing each : StationDrawing.values()) {
      assertThat(each.of(plan, Units.MM).marks()).as("%s", each).isNotEmpty();
    }
  }
}
