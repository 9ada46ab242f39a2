package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.measure.Decided;
import roughcut.measure.Quantity;
import roughcut.measure.Units;

class PlausibleTest {
  private static HoldPoint hold(double nominal) {
    return HoldPoint.measured(
        Decided.of("heel.thickness", "Heel thickness", nominal, Quantity.LENGTH), 0.3, "", "", "");
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
    assertThat(Plausible.slip(HoldPoint.look("x", "", "", ""), 1, Units.MM)).isEmpty();
    assertThat(Plausible.slip(hold(0), 3, Units.MM)).as("nothing is drawn").isEmpty();
  }
}
