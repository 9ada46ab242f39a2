package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The values that shape a thing: each once, those from the wood first. */
class BasisTest {
  private static Decided decided(String id, double value) {
    return Decided.of(id, id, value, Quantity.LENGTH);
  }

  private static Read read(String id, double value) {
    return new Read(decided(id, 1), value, LocalDate.of(2026, 11, 26));
  }

  @Test
  void eachIsThereOnceHoweverOftenItWasAskedFor() {
    Basis neck = Basis.of(decided("a", 1), decided("b", 2));
    Basis both = neck.and(Basis.of(decided("a", 1), decided("c", 3)), neck).with(decided("b", 2));
    assertThat(both.values()).extracting(Value::id).containsExactlyInAnyOrder("a", "b", "c");
    assertThat(both.fromMeasured()).isFalse();
  }

  @Test
  void aReadingAnywhereInItIsKnownAndStandsFirst() {
    Basis deep = Basis.all(List.of(Basis.of(decided("a", 1)), Basis.of(read("r", 5))));
    Basis outer = Basis.of(decided("z", 9)).and(deep);
    assertThat(outer.fromMeasured()).isTrue();
    assertThat(outer.values().get(0).id()).isEqualTo("r");
    assertThat(Basis.NONE.fromMeasured()).isFalse();
  }

  @Test
  void twoBasesOfTheSameValuesAreTheSame() {
    assertThat(Basis.of(decided("a", 1)).with(decided("b", 2)))
        .isEqualTo(Basis.of(decided("a", 1)).with(decided("b", 2)))
        .isNotEqualTo(Basis.of(decided("a", 1)).with(decided("b", 3)));
  }

  @Test
  void aNumberThatIsWorkedOutFromAReadingKnowsIt() {
    Worked sum =
        Worked.of(
            "s",
            "s",
            Quantity.LENGTH,
            "2 · a + r",
            Worked.in("a", decided("a", 3)),
            Worked.in("r", read("r", 5)));
    assertThat(sum.value()).isEqualTo(11);
    assertThat(sum.fromMeasured()).isTrue();
    assertThat(sum.as(new ValueKey("t", "t", Quantity.LENGTH)).value()).isEqualTo(11);
  }
}
