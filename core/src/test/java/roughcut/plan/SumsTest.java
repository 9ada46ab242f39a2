package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.measure.ComputedValue;
import roughcut.measure.MeasuredValue;
import roughcut.measure.SearchedValue;
import roughcut.measure.Value;
import roughcut.record.Build;

/** What a plan's numbers say of themselves. */
class SumsTest {
  @Test
  void everyValueIsANumberWhateverIsDecided() {
    Random random = new Random(11);
    for (int i = 0; i < 60; i++) {
      Build build = Heron.build().asDesigned().withDesign(Heron.random(random, true));
      Plan plan = Plan.of(build, Demo.shop());
      plan.values()
          .values()
          .forEach(
              v ->
                  assertThat(v.value())
                      .as(() -> v.id() + " of " + build.design().numbers())
                      .isFinite());
    }
  }

  @Test
  void whatNoFormulaGivesSaysHowItWasFound() {
    Plan plan = Plan.of(Heron.build(), Demo.shop());
    assertThat(plan.values().values())
        .allSatisfy(
            v -> {
              assertThat(v).isInstanceOfAny(ComputedValue.class, SearchedValue.class);
              assertThat(v instanceof SearchedValue)
                  .isEqualTo(v.how().toString().matches("(least|found) .*"));
              if (!v.how().toString().equals("0")) {
                assertThat(v.dependsOn()).as(v.id() + " hangs on nothing").isNotEmpty();
              }
            });
  }

  @Test
  void aMeasuredValueTakesTheDecidedOnesPlaceAndKnowsIt() {
    Plan built = Plan.of(Heron.build(), Demo.shop());
    Value run = built.value("scarf.run").orElseThrow();
    MeasuredValue shaft = (MeasuredValue) run.inputs().get(0).value();
    assertThat(shaft.value()).isEqualTo(14.9);
    assertThat(shaft.nominal()).isEqualTo(16);
    assertThat(run.fromMeasured()).isTrue();
    assertThat(run.value()).isCloseTo(67.2, within(0.05));
    assertThat(built.value("fret.5.from-nut").orElseThrow().fromMeasured()).isFalse();
  }
}
