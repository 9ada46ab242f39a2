package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.measure.Decided;
import roughcut.measure.Quantity;
import roughcut.measure.Range;
import roughcut.measure.Units;
import roughcut.measure.Unreadable;
import roughcut.measure.Value;

class PlausibleTest {
  private static final Range HEEL = new Range(Quantity.LENGTH, 8, 80);

  private static Value hold(double nominal) {
    return Decided.of("heel.thickness", "Heel thickness", nominal, Quantity.LENGTH);
  }

  private static double read(String text, Units units) throws Unreadable {
    return Plausible.read(Plausible.Expected.of(hold(22), 0.3), HEEL, text, units, "");
  }

  /** The slip is asked about before the limits are: they would only say that it is too small. */
  @Test
  void aTypedSlipIsAskedAboutAndItsUnitSettlesIt() throws Exception {
    assertThatThrownBy(() -> read("0.86", Units.MM)).hasMessageContaining("did you mean 21.8 mm?");
    assertThat(read("0.86 in", Units.MM)).isCloseTo(21.844, within(1e-9));
    assertThat(read("0.86\"", Units.MM)).isCloseTo(21.844, within(1e-9));
    assertThatThrownBy(() -> read("21.9", Units.DECIMAL_INCH))
        .hasMessageContaining("25 times what is drawn");
    assertThat(read("21.9 mm", Units.DECIMAL_INCH)).isCloseTo(21.9, within(1e-9));
    assertThatThrownBy(() -> read("0.86 mm", Units.MM)).hasMessageContaining("too small");
    assertThatThrownBy(() -> read("206", Units.MM)).hasMessageContaining("too large");
    assertThatThrownBy(() -> read("abc", Units.MM)).isInstanceOf(Unreadable.class);
    assertThat(Plausible.read(Plausible.Expected.NOTHING, HEEL, "9", Units.MM, "")).isEqualTo(9);
  }

  @Test
  void inchesTakenForMillimetresAreAskedAbout() {
    assertThat(Plausible.slip(hold(22), 0.861, Units.MM).orElseThrow())
        .isEqualTo(
            "0.9 mm is a 25th of what is drawn: did you mean 21.9 mm? Type it with its unit");
    assertThat(Plausible.slip(hold(22), 22 * 25.4, Units.DECIMAL_INCH).orElseThrow())
        .contains("25 times what is drawn");
  }

  /** Nothing that wood could come out as is ever asked about. */
  @Test
  void whatWoodComesOutAsIsTaken() {
    Random random = new Random(8);
    for (int i = 0; i < 2000; i++) {
      double nominal = 0.5 + random.nextDouble() * 100;
      double real = nominal * (0.3 + 2.2 * random.nextDouble());
      assertThat(Plausible.slip(hold(nominal), real, Units.MM)).isEmpty();
      assertThat(Plausible.slip(hold(nominal), real / 25.4, Units.MM).isPresent())
          .isEqualTo(Math.abs(real / nominal - 1) < 0.12);
    }
    assertThat(Plausible.slip(hold(0), 3, Units.MM)).as("nothing is drawn").isEmpty();
  }
}
