package roughcut.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.measure.InvalidInput;
import roughcut.measure.Units;

/** Where there is nothing, a word stands and not a zero; typed, the word is that number again. */
class SentinelWordTest {
  private static NumberDecision number(String id) {
    return (NumberDecision) Decisions.find(Heron.build().design(), id).orElseThrow();
  }

  @Test
  void everyWordIsReadBackInAnyUnits() throws InvalidInput {
    for (String id : SentinelWord.ids()) {
      NumberDecision decision = number(id);
      SentinelWord none = SentinelWord.of(id).orElseThrow();
      assertThat(decision.allows(none.value())).as(id).isTrue();
      for (Units units : new Units[] {Units.MM, Units.DECIMAL_INCH, Units.FRACTION_64}) {
        String shown = decision.shown(none.value(), units);
        assertThat(shown).as(id).isEqualTo(none.word()).doesNotContainPattern("\\d");
        assertThat(decision.read(" " + shown.toUpperCase() + " ", units)).isEqualTo(none.value());
        assertThat(decision.told(none.value(), units)).isEqualTo(none.word());
      }
      // The number itself is taken too, and any other is shown as one.
      assertThat(decision.read(Double.toString(none.value()), Units.MM)).isEqualTo(none.value());
      double other = Math.min(decision.most(), decision.least() + 1);
      assertThat(decision.shown(other, Units.MM)).as(id).matches("[−\\d.]+");
    }
  }

  /** A hint that says that 0 stands for nothing belongs to a decision that shows no 0. */
  @Test
  void noHintPromisesAWordThatIsNotShown() {
    for (Decision decision : Decisions.all()) {
      if (decision instanceof NumberDecision n
          && n.hint().toString().matches(".*\\b0 (for none|as listed).*")) {
        assertThat(n.none(0)).as(n.id()).isTrue();
      }
    }
  }

  @Test
  void whereZeroIsANumberItStays() throws InvalidInput {
    assertThat(number("head.angle").shown(0, Units.MM)).isEqualTo("0");
    assertThatThrownBy(() -> number("head.angle").read("none", Units.MM))
        .isInstanceOf(InvalidInput.class);
  }
}
