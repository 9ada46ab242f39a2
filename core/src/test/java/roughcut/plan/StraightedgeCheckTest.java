package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.plan.StraightedgeCheck.Datum;

/** Rules that are laid to any line, and marks that were made with one that stood off its zero. */
class StraightedgeCheckTest {
  @Test
  void fromTheNutARuleShowsTheFretTable() {
    Plan plan = Heron.with();
    for (int fret = 1; fret <= 22; fret++) {
      double x = 640 - 640 / Math.pow(2, fret / 12.0);
      assertThat(StraightedgeCheck.USUAL.at(plan, x)).isEqualTo(x);
      assertThat(new StraightedgeCheck(Datum.NUT, 10).at(plan, x))
          .as("begun at its 10")
          .isEqualTo(x + 10);
      assertThat(new StraightedgeCheck(Datum.OCTAVE, 0).at(plan, x))
          .isCloseTo(x - 320, within(1e-9));
      assertThat(new StraightedgeCheck(Datum.HEEL_END, 0).at(plan, x))
          .isCloseTo(500 - x, within(1e-9));
    }
  }

  /** Two marks are as far apart by every rule as they are, and each reading leads back. */
  @Test
  void everyRuleMeasuresTheSameWood() {
    Random random = new Random(16);
    Plan plan = Heron.with("scale.length=655.3", "fretboard.past-last-fret=7.3");
    for (int i = 0; i < 200; i++) {
      StraightedgeCheck rule =
          new StraightedgeCheck(
              Datum.values()[random.nextInt(Datum.values().length)], random.nextInt(60) - 20);
      double a = random.nextDouble() * 500;
      double b = random.nextDouble() * 500;
      assertThat(Math.abs(rule.at(plan, a) - rule.at(plan, b)))
          .isCloseTo(Math.abs(a - b), within(1e-9));
      assertThat(rule.place(plan, rule.at(plan, a))).isCloseTo(a, within(1e-9));
      assertThat(rule.at(plan, rule.from().x(plan))).isEqualTo(rule.shows());
    }
  }

  @Test
  void aWrongMarkSaysWhatItMeans() {
    Plan plan = Heron.with();
    // Laid with its end, which is 1.2 short, to the nut line: everything lies 1.2 too near it.
    double seven = plan.frets().at(7);
    String said = StraightedgeCheck.USUAL.marked(plan, 7, seven - 1.2).toString();
    double cents = 1200 * Math.log((640 - seven + 1.2) / (640 - seven)) / Math.log(2);
    assertThat(said)
        .contains("1.20 mm too far towards the nut")
        .contains(String.format(java.util.Locale.ROOT, "%.1f cents flat", cents))
        .contains("move the nut line 1.20 mm towards the nut")
        .contains("10.8 mm of fretboard are left");
    assertThat(StraightedgeCheck.USUAL.marked(plan, 12, 325).toString())
        .contains("sharp", "a scale of 650.0 mm");
    assertThat(new StraightedgeCheck(Datum.HEEL_END, 5).marked(plan, 12, 505 - 320).toString())
        .isEqualTo("Fret 12 is marked correctly");
  }
}
