package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.plan.Plan;

/** A neck that was read at any frets, against wood that is followed from one to the next. */
class ThicknessLineTest {
  private static double line(Plan plan, double x) {
    double x1 = plan.frets().at(1);
    return 20 + (x - x1) / (plan.frets().octave() - x1);
  }

  /** What is missing at a place, walked from station to station in steps of a hundredth. */
  private static double missing(TreeMap<Double, Double> read, double x) {
    if (x <= read.firstKey()) {
      return read.firstEntry().getValue();
    }
    if (x >= read.lastKey()) {
      return read.lastEntry().getValue();
    }
    double from = read.floorKey(x);
    double to = read.higherKey(x);
    double a = read.get(from);
    double b = read.get(to);
    double steps = Math.ceil((to - from) / 0.01);
    double at = a;
    for (double i = 0; from + (to - from) * i / steps < x; i++) {
      at = a + (b - a) * i / steps;
    }
    return at;
  }

  @Test
  void theNeckIsAsThickAsItWasReadAndStraightBetween() {
    Random random = new Random(163);
    for (int round = 0; round < 25; round++) {
      TreeMap<Integer, Double> frets = new TreeMap<>();
      for (int i = 0; i < 1 + random.nextInt(4); i++) {
        frets.put(2 + random.nextInt(16), 17 + 5 * random.nextDouble());
      }
      frets.remove(12);
      List<String> settings = new ArrayList<>();
      frets.forEach((fret, read) -> settings.add("neck.now-at." + fret + "=" + read));
      Plan plan = Heron.with(settings.toArray(String[]::new));
      TreeMap<Double, Double> places = new TreeMap<>();
      places.put(plan.frets().at(1), 0.0);
      places.put(plan.frets().octave(), 0.0);
      frets.forEach(
          (fret, read) -> {
            double x = plan.frets().at(fret);
            places.put(x, Math.max(0, line(plan, x) - read));
            assertThat(plan.neck().thickness().thickness(x))
                .as("fret " + fret)
                .isCloseTo(Math.min(read, line(plan, x)), within(1e-9));
          });
      for (int i = 0; i < 40; i++) {
        double x = 20 + random.nextDouble() * 380;
        assertThat(plan.neck().thickness().thickness(x))
            .as(settings + " at " + x)
            .isCloseTo(line(plan, x) - missing(places, x), within(2e-3));
      }
    }
  }

  /** Read prouder everywhere, nothing of the finished neck changes. */
  @Test
  void whatIsStillOnIsNoWoodToCountOn() {
    Plan plan = Heron.with("neck.now-at.4=24", "neck.now-at.9=23", "neck.now-1=25");
    assertThat(plan.neck().thickness().dips()).isFalse();
    assertThat(plan.neck().back().line()).isEqualTo(Heron.with().neck().back().line());
  }

  /**
   * A post that stands higher lies on its own string only: the angle by points in the headstock.
   */
  @Test
  void aHigherPostBreaksItsOwnStringLess() {
    for (double wrap : new double[] {2, 5, 9.5}) {
      Plan plan = Heron.with("tuner.3.wrap-height=" + wrap);
      Plan plain = Heron.with();
      for (int string = 1; string <= 6; string++) {
        double is = Heron.value(plan, "tuner." + string + ".break-angle");
        if (string != 3) {
          assertThat(is).isEqualTo(Heron.value(plain, "tuner." + string + ".break-angle"));
          continue;
        }
        double theta = Math.toRadians(12.5);
        double along = Heron.value(plan, "tuner.3.x");
        double nut =
            6
                + roughcut.design.FretboardDecisions.WIRE_HEIGHT.in(plan.build().design())
                + roughcut.strings.NutAction.of(new roughcut.record.EffectiveInputs(plan.build()))
                    .value();
        // Along the face from the break line, then square to it up to the wrap.
        double x = along * Math.cos(theta) + wrap * Math.sin(theta);
        double z = -along * Math.sin(theta) + wrap * Math.cos(theta);
        assertThat(is).isCloseTo(Math.toDegrees(Math.atan2(nut - z, x)), within(0.01));
      }
    }
  }
}
