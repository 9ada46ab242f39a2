package roughcut.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.design.Strip;
import roughcut.measure.DecidedValue;
import roughcut.measure.MeasuredValue;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;

/** Where a reading takes a decision's place, and what was asked for is remembered. */
class EffectiveInputsTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 26);

  private static Build heron() {
    return Heron.build().asDesigned();
  }

  @Test
  void aReadingStandsInADecisionsPlaceAndStillKnowsIt() {
    EffectiveInputs inputs =
        new EffectiveInputs(heron().withReading(Reading.of("nut.width", 43.4, DAY)));
    assertThat(inputs.get(Decisions.NUT_WIDTH)).isInstanceOf(MeasuredValue.class);
    assertThat(inputs.get(Decisions.NUT_WIDTH).value()).isEqualTo(43.4);
    assertThat(inputs.get(Decisions.NUT_WIDTH).nominal())
        .isEqualTo(Decisions.NUT_WIDTH.in(heron().design()));
    assertThat(inputs.get(Decisions.HEAD_ANGLE)).isInstanceOf(DecidedValue.class);
  }

  @Test
  void whatFollowsFromAnotherFollowsFromWhatWasReadOfIt() {
    EffectiveInputs drawn = new EffectiveInputs(heron());
    Value cutter = drawn.get(NeckDecisions.CHANNEL_CUTTER);
    assertThat(cutter).isInstanceOf(SearchedValue.class);
    assertThat(cutter.fromMeasured()).isFalse();
    EffectiveInputs real =
        new EffectiveInputs(heron().withReading(Reading.of("rod.width", 5.8, DAY)));
    assertThat(real.get(NeckDecisions.CHANNEL_CUTTER).value()).isEqualTo(5.8);
    assertThat(real.get(NeckDecisions.CHANNEL_CUTTER).fromMeasured()).isTrue();
  }

  @Test
  void whatWasAskedForWhileSomethingIsMadeIsRememberedOnce() {
    EffectiveInputs inputs = new EffectiveInputs(heron());
    Provenance other =
        Provenance.of(DecidedValue.of("x", Text.of("x"), 1, roughcut.measure.Quantity.LENGTH));
    EffectiveInputs.Watched<Double> watched =
        inputs.tracked(
            () -> {
              for (int i = 0; i < 1000; i++) {
                inputs.get(Decisions.NUT_WIDTH);
                inputs.note(other);
              }
              inputs.untracked(() -> inputs.get(Decisions.HEAD_ANGLE));
              assertThat(inputs.trackedSoFar().values()).hasSize(2);
              return inputs.get(Decisions.HEAD_LENGTH).value();
            });
    assertThat(watched.asked().values())
        .extracting(Value::id)
        .containsExactlyInAnyOrder("nut.width", "head.length", "x");
    assertThat(inputs.trackedSoFar()).isSameAs(Provenance.NONE);
  }

  @Test
  void whatIsAskedForInsideCountsOutsideToo() {
    EffectiveInputs inputs = new EffectiveInputs(heron());
    Provenance outer =
        inputs
            .tracked(
                () -> {
                  inputs.get(Decisions.NUT_WIDTH);
                  return inputs.tracked(() -> inputs.get(Decisions.HEAD_ANGLE)).asked();
                })
            .asked();
    assertThat(outer.values())
        .extracting(Value::id)
        .containsExactlyInAnyOrder("nut.width", "head.angle");
  }

  @Test
  void stripsAreAsThickAsTheyWereRead() {
    List<Strip> drawn = new EffectiveInputs(heron()).neckStrips();
    assertThat(drawn).isEqualTo(heron().design().neckStack().strips());
    List<Strip> real =
        new EffectiveInputs(heron().withReading(Reading.of("neck.strip.2.thickness", 17.3, DAY)))
            .neckStrips();
    assertThat(real.get(1).thickness()).isEqualTo(17.3);
    assertThat(real.get(0)).isEqualTo(drawn.get(0));
    assertThat(real.get(3)).as("its mirror was not read").isEqualTo(drawn.get(3));
  }
}
