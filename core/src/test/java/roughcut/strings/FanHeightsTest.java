package roughcut.strings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.fretboard.FretboardRadius;
import roughcut.plan.Plan;

/** A fan on a tilted neck: every saddle stands at its own place on the leaning plane. */
class FanHeightsTest {
  private static String[] fan(double bass, double treble, double angle) {
    return new String[] {
      "scale.bass=" + bass,
      "scale.treble=" + treble,
      "scale.perpendicular-fret=7",
      "neck.angle=" + angle,
      "heights.solve-for=saddle",
    };
  }

  @Test
  void everySaddleIsTheStringsOwnLineProduced() {
    Random random = new Random(3);
    for (int i = 0; i < 25; i++) {
      double angle = 4 * random.nextDouble();
      double bass = 650 + 30 * random.nextDouble();
      Plan plan = Heron.with(fan(bass, 640, angle));
      double tan = Math.tan(Math.toRadians(angle));
      double joint = plan.neck().joint().value();
      double a12 = roughcut.design.StringDecisions.ACTION_12.in(plan.build().design());
      double aNut = roughcut.design.StringDecisions.ACTION_NUT.in(plan.build().design());
      for (int s = 1; s <= plan.strings().count(); s++) {
        double nut = plan.strings().nutX(s);
        double scale = plan.strings().scale(s);
        double octave = nut + scale / 2;
        // Two points of the string, over the fret tops as they really are there; then straight on.
        double zNut = plane(plan, nut, joint, tan, plan.strings().offset(s, nut)) + aNut;
        double zOctave = plane(plan, octave, joint, tan, plan.strings().offset(s, octave)) + a12;
        double saddle = zNut + 2 * (zOctave - zNut);
        assertThat(value(plan, "string." + s + ".saddle-height")).isCloseTo(saddle, within(1e-6));
      }
    }
  }

  private static double plane(Plan plan, double x, double joint, double tan, double y) {
    return value(plan, "heights.joint")
        + tan * (x - joint)
        - FretboardRadius.drop(plan.radius().radius(x), y);
  }

  @Test
  void aLastSlotThatRunsOutOfTheEndIsTold() {
    Plan steep =
        Heron.with(
            "scale.bass=690",
            "scale.treble=640",
            "scale.perpendicular-fret=0",
            "fretboard.past-last-fret=3");
    assertThat(steep.problems())
        .anyMatch(
            p -> p.where().equals("fretboard.past-last-fret") && p.words().contains("runs out"));
    var told =
        steep.problems().stream()
            .filter(p -> p.words().contains("runs out"))
            .findFirst()
            .orElseThrow();
    double least = Double.parseDouble(told.words().replaceAll(".*at least ([0-9.]+) mm.*", "$1"));
    Plan mended =
        Heron.with(
            "scale.bass=690",
            "scale.treble=640",
            "scale.perpendicular-fret=0",
            "fretboard.past-last-fret=" + (least + 0.1));
    assertThat(mended.problems()).noneMatch(p -> p.words().contains("runs out"));
    assertThat(Heron.with().problems()).noneMatch(p -> p.words().contains("runs out"));
  }
}
