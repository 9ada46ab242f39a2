package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The values that shape a thing: each once, those from the wood first. */
class ProvenanceTest {
  private static DecidedValue decided(String id, double value) {
    return DecidedValue.of(id, Text.raw(id), value, Quantity.LENGTH);
  }

  private static MeasuredValue read(String id, double value) {
    return new MeasuredValue(decided(id, 1), value, LocalDate.of(2026, 11, 26));
  }

  @Test
  void eachIsThereOnceHoweverOftenItWasAskedFor() {
    Provenance neck = Provenance.of(decided("a", 1), decided("b", 2));
    Provenance both =
        neck.and(Provenance.of(decided("a", 1), decided("c", 3)), neck).with(decided("b", 2));
    assertThat(both.values()).extracting(Value::id).containsExactlyInAnyOrder("a", "b", "c");
    assertThat(both.fromMeasured()).isFalse();
  }

  @Test
  void aReadingAnywhereInItIsKnownAndStandsFirst() {
    Provenance deep =
        Provenance.all(List.of(Provenance.of(decided("a", 1)), Provenance.of(read("r", 5))));
    Provenance outer = Provenance.of(decided("z", 9)).and(deep);
    assertThat(outer.fromMeasured()).isTrue();
    assertThat(outer.values().get(0).id()).isEqualTo("r");
    assertThat(Provenance.NONE.fromMeasured()).isFalse();
  }

  @Test
  void twoBasesOfTheSameValuesAreTheSame() {
    assertThat(Provenance.of(decided("a", 1)).with(decided("b", 2)))
        .isEqualTo(Provenance.of(decided("a", 1)).with(decided("b", 2)))
        .isNotEqualTo(Provenance.of(decided("a", 1)).with(decided("b", 3)));
  }

  @Test
  void aNumberThatIsWorkedOutFromAReadingKnowsIt() {
    ComputedValue sum =
        ComputedValue.of(
            "s",
            Text.of("s"),
            Quantity.LENGTH,
            "2 · a + r",
            ComputedValue.in("a", decided("a", 3)),
            ComputedValue.in("r", read("r", 5)));
    assertThat(sum.value()).isEqualTo(11);
    assertThat(sum.fromMeasured()).isTrue();
    assertThat(sum.as(new ValueKey("t", "t", Quantity.LENGTH)).value()).isEqualTo(11);
  }
}
