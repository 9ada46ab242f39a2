package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NumberReaderTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "640|640",
        "640mm|640",
        "64 cm|640",
        "25.2in|640.08",
        "25.2\"|640.08",
        "25 1/4\"|641.35",
        "1-3/8in|34.925",
        "3/8\"|9.525",
        "9/64 in|3.571875",
        "12,5|12.5",
        "0,5 in|12.7",
        ".5|0.5",
        "+3|3",
        "-2.5|-2.5",
        "−2.5 mm|-2.5",
        "  7.5  |7.5",
        "25 1/4 inches|641.35"
      })
  void readsEveryFormOfTheHandbook(String text, double mm) throws InvalidInput {
    assertThat(NumberReader.length(text, Units.MM)).isCloseTo(mm, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"25.2|640.08", "25 1/4|641.35", "3/8|9.525", "640mm|640", "64cm|640", "1|25.4"})
  void aBareNumberIsInTheMakersUnit(String text, double mm) throws InvalidInput {
    assertThat(NumberReader.length(text, Units.DECIMAL_INCH)).isCloseTo(mm, within(1e-9));
    assertThat(NumberReader.length(text, Units.FRACTION_64)).isCloseTo(mm, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        " ",
        "abc",
        "12..5",
        "1 2",
        "12 mm in",
        "mm",
        "1/0 in",
        "3/8 mm",
        "3/8",
        "1e3",
        "NaN",
        "Infinity",
        "0x10",
        "640 m",
        "6'",
        "--3",
        "1,2,3",
        "½",
        "1/2/3 in",
        "12.5 1/2 in",
        "99999999999999999999999999999999999999999"
      })
  void refusesEverythingElse(String text) {
    assertThatThrownBy(() -> NumberReader.length(text, Units.MM)).isInstanceOf(InvalidInput.class);
  }

  @Test
  void aRefusalShowsTheTextAndAnExample() {
    assertThatThrownBy(() -> NumberReader.length("long one", Units.MM))
        .hasMessageContaining("long one")
        .hasMessageContaining("25 1/4 in");
    assertThatThrownBy(() -> NumberReader.length("long one", Units.DECIMAL_INCH))
        .hasMessageContaining("25 1/4");
    assertThatThrownBy(() -> NumberReader.count("2.5")).hasMessageContaining("whole number");
    assertThatThrownBy(() -> NumberReader.angle("steep")).hasMessageContaining("12.5");
  }

  @Test
  void readsAnglesAndCounts() throws InvalidInput {
    assertThat(NumberReader.angle("12,5°")).isEqualTo(12.5);
    assertThat(NumberReader.angle("12.5 deg")).isEqualTo(12.5);
    assertThat(NumberReader.count("22")).isEqualTo(22);
    assertThat(NumberReader.ratio("2.5")).isEqualTo(2.5);
  }

  @Test
  void whatAFieldShowsIsReadBackAsItWas() throws InvalidInput {
    Random random = new Random(1);
    for (int i = 0; i < 2000; i++) {
      double mm = Math.round((random.nextDouble() * 1400 - 100) * 1000) / 1000.0;
      for (Units units :
          new Units[] {
            Units.MM, Units.DECIMAL_INCH, Units.FRACTION_64, new Units(Units.System.FRACTION, 16)
          }) {
        String shown = NumberWriter.editable(mm, Quantity.LENGTH, units);
        // Half a thousandth of an inch.
        double tolerance = units.metric() ? 5e-5 : 0.01271;
        assertThat(NumberReader.length(shown, units))
            .as("%s in %s", shown, units)
            .isCloseTo(mm, within(tolerance));
      }
    }
  }

  @Test
  void aShownFractionIsTheNearest() throws InvalidInput {
    Random random = new Random(2);
    for (int denominator : new int[] {8, 16, 32, 64}) {
      Units units = new Units(Units.System.FRACTION, denominator);
      for (int i = 0; i < 500; i++) {
        double mm = random.nextDouble() * 1000 - 20;
        String shown = NumberWriter.number(mm, Quantity.LENGTH, units);
        double error = NumberReader.length(shown, units) - mm;
        assertThat(Math.abs(error))
            .as("%s for %s", shown, mm)
            .isLessThanOrEqualTo(Units.INCH / denominator / 2 + 1e-9);
        String told = NumberWriter.roundingError(mm, Quantity.LENGTH, units);
        if (Math.abs(error) > 0.1) {
          assertThat(told)
              .isEqualTo(
                  (error > 0 ? "+" : "−")
                      + String.format(Locale.ROOT, "%.3f in", Math.abs(error) / 25.4).substring(1));
        } else {
          assertThat(told).isEmpty();
        }
      }
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "35.92044|FINE_LENGTH|35.92 mm",
        "5.686|LENGTH|5.7 mm",
        "697.868|ROUGH_LENGTH|698 mm",
        "12.5|ANGLE|12.5°",
        "-0.04|LENGTH|0.0 mm",
        "-0.06|LENGTH|−0.1 mm",
        "22|COUNT|22"
      })
  void showsAsFinelyAsTheQuantityDeserves(double value, Quantity quantity, String text) {
    assertThat(NumberWriter.text(value, quantity, Units.MM)).isEqualTo(text);
  }

  @Test
  void showsDecimalInchesWithThreeDecimals() {
    assertThat(NumberWriter.text(640, Quantity.LENGTH, Units.DECIMAL_INCH)).isEqualTo("25.197 in");
    assertThat(NumberWriter.text(640, Quantity.LENGTH, Units.FRACTION_64))
        .isEqualTo("25 13/64 in (+.006 in)");
    assertThat(NumberWriter.text(25.4 * 1.375, Quantity.LENGTH, Units.FRACTION_64))
        .isEqualTo("1 3/8 in");
  }
}
