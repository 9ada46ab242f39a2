package roughcut.fretboard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** Slots that get their depth later: what guides the saw, when it is time, how deep it is set. */
class SlotsLaterTest {
  @Test
  void setItToFollowsTheSchool() {
    Plan atFirst = Heron.with("slot.school=at-first");
    assertThat(atFirst.value("slot.second-stop")).isEmpty();
    assertThat(atFirst.value("slot.1.edge-now")).isEmpty();
    Plan after = Heron.with("slot.school=after-radius", "slot.first-depth=2.6");
    assertThat(value(after, "slot.saw-stop")).isEqualTo(2.6);
    assertThat(value(after, "slot.second-stop"))
        .as("tang and clearance")
        .isCloseTo(1.9, within(1e-9));
    assertThat(after.value("slot.deepen-when")).isEmpty();
    Plan midway = Heron.with("slot.school=midway", "slot.first-depth=2.6");
    assertThat(value(midway, "slot.saw-stop")).isEqualTo(2.6);
    assertThat(value(midway, "slot.deepen-when"))
        .as("0.8 guides the saw")
        .isCloseTo(1.8, within(1e-9));
  }

  @Test
  void midwayTheEdgesHaveLostTheCrownAndTheRadiusSoFar() {
    Plan begun = Heron.with("slot.school=midway", "slot.first-depth=2.6");
    assertThat(value(begun, "slot.22.edge-now")).isCloseTo(2.6, within(1e-9));
    assertThat(value(begun, "slot.22.saw-now"))
        .as("nothing sanded: as deep as at first")
        .isCloseTo(value(begun, "slot.22.depth-flat"), within(1e-9));
    double full = FretboardRadius.drop(280, begun.taper().halfWidth(begun.taper().end().value()));
    Plan half =
        Heron.with(
            "slot.school=midway",
            "slot.first-depth=2.6",
            "fretboard.sanded=0.1",
            "fretboard.edge-dropped=" + full / 2);
    double drop = FretboardRadius.drop(280, half.taper().halfWidth(half.frets().at(22)));
    assertThat(value(half, "slot.22.edge-now")).isCloseTo(2.6 - 0.1 - drop / 2, within(1e-6));
    assertThat(value(half, "slot.22.saw-now")).isCloseTo(1.9 + drop / 2 + 0.2, within(1e-6));
    assertThat(half.fretboard().slots().when().toString()).contains("now, at slot 22");
    Plan done =
        Heron.with(
            "slot.school=midway",
            "slot.first-depth=2.6",
            "fretboard.sanded=0.3",
            "fretboard.edge-dropped=" + full);
    assertThat(value(done, "slot.22.saw-now")).as("all sanded in").isCloseTo(1.9, within(1e-6));
    assertThat(half.fretboard().slots().when().in(Units.FRACTION_64)).contains("0.031 in");
    Plan late =
        Heron.with("slot.school=midway", "slot.first-depth=1.5", "fretboard.edge-dropped=" + full);
    assertThat(late.fretboard().slots().when().toString()).startsWith("too late");
  }

  /**
   * The board as a row of heights across: sawn, sanded, sawn again and sanded to the end, with the
   * saw's stop riding on what is there. Every edge must keep tang and clearance, none more than it
   * has to at the edge.
   */
  @Test
  void aBoardSandedAndSawnInStepsHasItsDepthsWhenItIsDone() {
    Random random = new Random(8);
    for (int i = 0; i < 40; i++) {
      double share = random.nextDouble();
      double radius = 200 + 300 * random.nextDouble();
      double sanded = 0.3 * random.nextDouble();
      double first = 2 + random.nextDouble();
      Plan at =
          Heron.with(
              "slot.school=midway",
              "fretboard.radius-nut=" + radius,
              "fretboard.radius-end=" + radius);
      double end = FretboardRadius.drop(radius, at.taper().halfWidth(at.taper().end().value()));
      Plan plan =
          Heron.with(
              "slot.school=midway",
              "slot.first-depth=" + first,
              "fretboard.radius-nut=" + radius,
              "fretboard.radius-end=" + radius,
              "fretboard.sanded=" + sanded,
              "fretboard.edge-dropped=" + share * end);
      for (int k : new int[] {1, 12, 22}) {
        double half = plan.taper().halfWidth(plan.frets().at(k));
        double least = Double.POSITIVE_INFINITY;
        double under = Double.POSITIVE_INFINITY;
        for (int j = 0; j <= 100; j++) {
          double y = half * j / 100;
          double flat = 6 + 0.3;
          double now = flat - sanded - share * FretboardRadius.drop(radius, y);
          double bottom = Math.min(flat - first, now - value(plan, "slot." + k + ".saw-now"));
          double finished = 6 - FretboardRadius.drop(radius, y);
          least = Math.min(least, finished - bottom);
          under = j == 0 ? bottom : under;
        }
        assertThat(least).as("fret %s", k).isGreaterThanOrEqualTo(1.9 - 1e-6);
        if (first < 1.9) {
          assertThat(least).isCloseTo(1.9, within(0.02));
        }
        assertThat(value(plan, "slot." + k + ".under")).isCloseTo(under, within(1e-6));
        double left = 6.3 - sanded - share * FretboardRadius.drop(radius, half) - (6.3 - first);
        assertThat(value(plan, "slot." + k + ".edge-now")).isCloseTo(left, within(1e-6));
      }
    }
  }

  @Test
  void afterTheRadiusTheWidestSlotDecides() {
    Plan shallow = Heron.with("slot.school=after-radius", "slot.first-depth=2.2");
    double drop = FretboardRadius.drop(280, shallow.taper().halfWidth(shallow.frets().at(22)));
    assertThat(value(shallow, "slot.22.edge-then")).isCloseTo(2.2 - 0.3 - drop, within(1e-6));
    assertThat(shallow.fretboard().slots().when().toString())
        .startsWith("sawn too shallow")
        .contains("slot 22");
    Plan enough = Heron.with("slot.school=after-radius", "slot.first-depth=2.8");
    assertThat(enough.fretboard().slots().when().toString()).startsWith("deepened after radiusing");
  }

  @Test
  void aGaugeTellsOfItsOwnRadiusAtItsOwnPlace() {
    String[] conical = {"fretboard.radius-nut=250", "fretboard.radius-end=400", "gauge.radius=400"};
    Plan nut = Heron.with(conical);
    double half = nut.taper().halfWidth(0);
    assertThat(value(nut, "gauge.gap"))
        .isCloseTo(
            Math.abs(FretboardRadius.drop(400, half) - FretboardRadius.drop(250, half)),
            within(1e-9));
    assertThat(nut.fretboard().work().gauge().meaning().toString())
        .contains("but not the plan there");
    double end = nut.taper().end().value();
    Plan atEnd =
        Heron.with(
            "fretboard.radius-nut=250",
            "fretboard.radius-end=400",
            "gauge.radius=400",
            "gauge.at=" + end);
    assertThat(value(atEnd, "gauge.gap")).isCloseTo(0, within(1e-9));
    assertThat(atEnd.fretboard().work().gauge().meaning().toString())
        .contains("matches the gauge and the plan there");
    Plan light = Heron.with("fretboard.radius-nut=250", "gauge.radius=400", "gauge.light=centre");
    assertThat(light.fretboard().work().gauge().meaning().toString())
        .as("a flatter gauge that shows light at the centre: the board is flatter still")
        .contains("sand the edges more, until they show a gap of");
  }

  /** Whichever slot has least, the first or the last: the one that is told. */
  @Test
  void theSlotThatIsToldHasTheLeastLeft() {
    for (String[] radii : new String[][] {{"100", "900"}, {"300", "300"}, {"900", "100"}}) {
      Plan plan =
          Heron.with(
              "slot.school=after-radius",
              "slot.first-depth=3.5",
              "fretboard.radius-nut=" + radii[0],
              "fretboard.radius-end=" + radii[1]);
      int worst = 1;
      for (int i = 2; i <= 22; i++) {
        worst =
            value(plan, "slot." + i + ".edge-then") < value(plan, "slot." + worst + ".edge-then")
                ? i
                : worst;
      }
      double left = value(plan, "slot." + worst + ".edge-then");
      String told = plan.fretboard().slots().when().toString();
      assertThat(told).contains(String.format(java.util.Locale.ROOT, "%.2f mm", Math.max(0, left)));
      if (left < 0.8) {
        assertThat(told).contains("slot " + worst);
      }
    }
  }
}
