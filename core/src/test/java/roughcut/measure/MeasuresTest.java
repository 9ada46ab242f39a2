package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Weights, forces, areas and temperatures in the customary units of the US, chosen by itself. */
class MeasuresTest {
  private static final Units US = Units.MM.with(Measures.CUSTOMARY);

  /** By tables of the units, not by the program's factors. */
  @ParameterizedTest
  @CsvSource({
    "MASS, 3628.74, 128.0 oz",
    "MASS, 536, 18.9 oz",
    "FORCE, 4, 899 lbf",
    "NEWTON, 70.8, 15.92 lbf",
    "CELSIUS, 18, 64 °F",
    "CELSIUS, -40, −40 °F",
    "CELSIUS, 0, 32 °F",
    "AREA, 100, 15.50 in²",
    "VOLUME, 1000, 61.02 in³",
    "DENSITY, 700, 43.7 lb/ft³",
    "PRESSURE, 0.7, 102 psi",
    "COVERAGE, 180, 0.59 oz/ft²",
    "PERCENT, 10, 10.0 %",
    "PITCH, 82.41, 82.41 Hz",
    "RESISTANCE, 7.5, 7.50 kΩ"
  })
  void whatIsWeighedInOuncesIsShownInThem(Quantity quantity, double own, String shown) {
    assertThat(NumberWriter.text(own, quantity, US)).isEqualTo(shown);
    assertThat(NumberWriter.text(own, quantity, Units.MM))
        .isNotEqualTo(quantity.customary(US).isPresent() ? shown : "");
  }

  /**
   * Lengths go by their own setting: a maker may work in mm and weigh in ounces, or the reverse.
   */
  @Test
  void lengthsAndMeasuresAreChosenApart() {
    assertThat(NumberWriter.text(25.4, Quantity.LENGTH, US)).isEqualTo("25.4 mm");
    assertThat(NumberWriter.text(500, Quantity.MASS, Units.FRACTION_64)).isEqualTo("500 g");
    Units both = US.lengths(Units.DECIMAL_INCH);
    assertThat(both.measures()).isEqualTo(Measures.CUSTOMARY);
    assertThat(NumberWriter.text(25.4, Quantity.LENGTH, both)).isEqualTo("1.000 in");
    assertThat(both.with(Measures.METRIC)).isEqualTo(Units.DECIMAL_INCH);
  }

  @ParameterizedTest
  @CsvSource({
    "MASS, 8 oz, 226.796",
    "MASS, 8, 226.796",
    "MASS, 500 g, 500",
    "MASS, 500g, 500",
    "CELSIUS, 70, 21.1111",
    "CELSIUS, 70 °F, 21.1111",
    "CELSIUS, 20 °C, 20",
    "CELSIUS, -40, -40",
    "FORCE, 900 lbf, 4.00340",
    "FORCE, 4 kN, 4",
    "PERCENT, 8 %, 8",
    "PERCENT, 8, 8"
  })
  void whatIsTypedIsReadInTheMakersUnitsUnlessItSaysAnother(
      Quantity quantity, String typed, double own) throws InvalidInput {
    assertThat(NumberReader.amount(typed, quantity, US)).isCloseTo(own, within(1e-3));
  }

  @Test
  void ouncesAreReadByOneWhoWeighsInGramsToo() throws InvalidInput {
    assertThat(NumberReader.amount("8 oz", Quantity.MASS, Units.MM)).isCloseTo(226.8, within(0.01));
    assertThat(NumberReader.amount("8", Quantity.MASS, Units.MM)).isEqualTo(8);
    assertThat(NumberReader.amount("64 °F", Quantity.CELSIUS, Units.MM))
        .isCloseTo(17.78, within(0.01));
    assertThatThrownBy(() -> NumberReader.amount("8 stone", Quantity.MASS, US))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("8 stone");
    assertThatThrownBy(() -> NumberReader.amount("oz", Quantity.MASS, US))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> NumberReader.amount(" ", Quantity.MASS, US))
        .isInstanceOf(InvalidInput.class);
  }

  /** What a field shows is read back as the value to what is shown of it. */
  @ParameterizedTest
  @EnumSource
  void whatIsShownIsReadBack(Quantity quantity) throws InvalidInput {
    for (double own : new double[] {0.7, 1, 4, 18, 180, 512.25}) {
      if (quantity == Quantity.COUNT || quantity == Quantity.PITCH) {
        continue;
      }
      String shown = NumberWriter.editable(own, quantity, US);
      double back = NumberReader.amount(shown, quantity, US);
      assertThat(back)
          .as("%s %s", quantity, shown)
          .isCloseTo(own, within(Math.max(0.01, own / 500)));
      assertThat(NumberWriter.editable(back, quantity, US)).isEqualTo(shown);
    }
  }

  /** A limit is told in the units that the number was typed in. */
  @Test
  void aRefusalSpeaksTheMakersUnits() {
    Range range = new Range(Quantity.CELSIUS, -10, 45);
    assertThatThrownBy(() -> range.read("200", US))
        .isInstanceOfSatisfying(
            InvalidInput.class,
            e -> assertThat(e.told().in(US)).isEqualTo("200 °F is too large: at most 113 °F"));
  }
}
