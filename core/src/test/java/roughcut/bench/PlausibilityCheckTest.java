package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.measure.DecidedValue;
import roughcut.measure.InvalidInput;
import roughcut.measure.Quantity;
import roughcut.measure.Range;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;

class PlausibilityCheckTest {
  private static final Range HEEL = new Range(Quantity.LENGTH, 8, 80);

  private static Value hold(double nominal) {
    return DecidedValue.of("heel.thickness", Text.of("Heel thickness"), nominal, Quantity.LENGTH);
  }

  private static double read(String text, Units units) throws InvalidInput {
    return PlausibilityCheck.read(
        PlausibilityCheck.Expected.of(hold(22), 0.3), HEEL, text, units, "");
  }

  /** The slip is asked about before the limits are: they would only say that it is too small. */
  @Test
  void aTypedSlipIsAskedAboutAndItsUnitSettlesIt() throws Exception {
    assertThatThrownBy(() -> read("0.86", Units.MM)).hasMessageContaining("did you mean 21.8 mm?");
    assertThat(read("0.86 in", Units.MM)).isCloseTo(21.844, within(1e-9));
    assertThat(read("0.86\"", Units.MM)).isCloseTo(21.844, within(1e-9));
    assertThatThrownBy(() -> read("21.9", Units.DECIMAL_INCH))
        .hasMessageContaining("25 times the planned value");
    assertThat(read("21.9 mm", Units.DECIMAL_INCH)).isCloseTo(21.9, within(1e-9));
    assertThatThrownBy(() -> read("0.86 mm", Units.MM)).hasMessageContaining("too small");
    assertThatThrownBy(() -> read("206", Units.MM)).hasMessageContaining("too large");
    assertThatThrownBy(() -> read("abc", Units.MM)).isInstanceOf(InvalidInput.class);
    assertThat(PlausibilityCheck.read(PlausibilityCheck.Expected.NOTHING, HEEL, "9", Units.MM, ""))
        .isEqualTo(9);
  }

  @Test
  void inchesTakenForMillimetresAreAskedAbout() {
    assertThat(PlausibilityCheck.slip(hold(22), 0.861).orElseThrow())
        .hasToString(
            "0.9 mm is a 25th of the planned value: did you mean 21.9 mm? Type it with its unit");
    assertThat(PlausibilityCheck.slip(hold(22), 22 * 25.4).orElseThrow().toString())
        .contains("25 times the planned value");
  }

  /** Nothing that wood could come out as is ever asked about. */
  @Test
  void whatWoodComesOutAsIsTaken() {
    Random random = new Random(8);
    for (int i = 0; i < 2000; i++) {
      double nominal = 0.5 + random.nextDouble() * 100;
      double real = nominal * (0.3 + 2.2 * random.nextDouble());
      assertThat(PlausibilityCheck.slip(hold(nominal), real)).isEmpty();
      assertThat(PlausibilityCheck.slip(hold(nominal), real / 25.4).isPresent())
          .isEqualTo(Math.abs(real / nominal - 1) < 0.12);
    }
    assertThat(PlausibilityCheck.slip(hold(0), 3)).as("nothing is drawn").isEmpty();
  }

  private static String doubt(double nominal, String text) {
    try {
      PlausibilityCheck.read(
          new PlausibilityCheck.Expected(
              Optional.of(hold(nominal)), 0.3, Map.of("with the fretboard included", nominal + 6)),
          HEEL,
          text,
          Units.MM,
          "");
      return "";
    } catch (InvalidInput e) {
      return e.getMessage();
    }
  }

  /** By ten, by a digit, by two that changed places, from another datum, or just far off. */
  @Test
  void slipsAreAskedAboutOnceAndTakenWhenTheyAreEnteredAgain() throws Exception {
    assertThat(doubt(22, "220")).as("out of its limits at once").contains("too large");
    assertThat(doubt(23, "2.3")).as("under its limits").contains("too small");
    assertThat(doubt(75, "8.1")).contains("66.9 mm less than the planned 75.0 mm");
    assertThat(doubt(75, "13.5")).contains("Enter it again if it is right").doesNotContain("mean");
    assertThat(doubt(8.2, "76")).contains("more than the planned 8.2 mm");
    assertThat(doubt(22, "32")).contains("Did you mean 22.0 mm?");
    assertThat(doubt(21.5, "12.5")).contains("Did you mean 21.5 mm?");
    assertThat(doubt(21.8, "28.1")).contains("Did you mean 21.8 mm?");
    assertThat(doubt(22, "28")).contains("Did you mean 22.0 mm?");
    assertThat(doubt(21.4, "27.4")).contains("Did you mean 21.4 mm?");
    assertThat(doubt(24.6, "30.6")).contains("Was it measured with the fretboard included?");
    assertThat(doubt(22, "23.4")).as("what wood comes out as").isEmpty();
    PlausibilityCheck.Expected heel = PlausibilityCheck.Expected.of(hold(22), 0.3);
    assertThat(PlausibilityCheck.read(heel, HEEL, "32", Units.MM, "32")).isEqualTo(32);
    assertThatThrownBy(() -> PlausibilityCheck.read(heel, HEEL, "33", Units.MM, "32"))
        .as("another one is asked about again")
        .hasMessageContaining("11.0 mm more");
    assertThat(doubt(22, "22,1")).isEmpty();
  }

  /** Ten times what is drawn, in whatever unit, within the limits. */
  @Test
  void tenTimesTooMuchIsAskedAbout() {
    Range wide = new Range(Quantity.LENGTH, 0, 2000);
    for (double nominal : new double[] {3.2, 8, 18, 44, 110}) {
      for (double times : new double[] {10, 0.1}) {
        String text = Double.toString(Math.round(nominal * times * 100) / 100.0);
        assertThatThrownBy(
                () ->
                    PlausibilityCheck.read(
                        PlausibilityCheck.Expected.of(hold(nominal), 0.1),
                        wide,
                        text,
                        Units.MM,
                        ""))
            .as(text + " for " + nominal)
            .hasMessageContaining("Did you mean");
      }
    }
  }
}
