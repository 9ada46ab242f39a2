package roughcut.strings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.Vectors;
import roughcut.plan.Plan;
import roughcut.plan.Rooms;

/** Where the strings lie over the neck and what the bridge must reach. */
class HeightsTest {
  private static String[] heights(Map<String, Double> row, String... more) {
    String[] set = {
      "scale.length=" + row.get("scale_mm"),
      "joint.x=" + row.get("joint_x_mm"),
      "pocket.exposed=" + row.get("exposed_e_mm"),
      "fretboard.thickness=" + row.get("fretboard_mm"),
      "wire.height=" + row.get("fret_mm"),
      "strings.action-12=" + row.get("action12_mm"),
      "strings.action-nut=" + row.get("nut_action_mm"),
      "saddle.height=" + row.get("saddle_height_mm")
    };
    return StringsTest.with(set, more);
  }

  @Test
  void theVectorsOfTheNeckAngleAndBackAgain() {
    for (Map<String, Double> row : Vectors.read("neck-angle.csv")) {
      Plan plan = Heron.with(heights(row, "heights.solve-for=angle"));
      double angle = value(plan, "neck.angle");
      assertThat(angle).isCloseTo(row.get("angle_deg"), within(1e-4));
      assertThat(value(plan, "heights.flat-exposed"))
          .isCloseTo(row.get("e_for_zero_angle_mm"), within(1e-3));
      assertThat(value(plan, "heights.plan-shortening"))
          .isCloseTo(row.get("plan_shortening_mm"), within(1e-3));
      Plan back = Heron.with(heights(row, "neck.angle=" + angle, "heights.solve-for=saddle"));
      assertThat(value(back, "saddle.height")).isCloseTo(row.get("saddle_height_mm"), within(1e-9));
      Plan deep = Heron.with(heights(row, "neck.angle=" + angle, "heights.solve-for=exposed"));
      assertThat(value(deep, "pocket.exposed")).isCloseTo(row.get("exposed_e_mm"), within(1e-9));
      // The line drawn ends at the saddle that was worked out.
      assertThat(plan.stringPlan().heights().string(row.get("scale_mm")))
          .isCloseTo(row.get("saddle_height_mm"), within(1e-9));
    }
  }

  @Test
  void anyOneHeightFollowsFromTheOthersWhateverTheyAre() {
    Random random = new Random(12);
    for (int i = 0; i < 80; i++) {
      String[] set = {
        "pocket.exposed=" + (random.nextDouble() * 8 - 2),
        "neck.angle=" + (random.nextDouble() * 4),
        "strings.action-12=" + (1 + random.nextDouble() * 2),
        "strings.action-nut=" + (0.2 + random.nextDouble()),
        "heights.solve-for=saddle"
      };
      Rooms first = Heron.rooms(set);
      double saddle = value(first, "saddle.height");
      if (saddle < 2 || saddle > 60) {
        continue;
      }
      set[4] = "heights.solve-for=angle";
      Rooms angle = Heron.rooms(StringsTest.with(set, "saddle.height=" + saddle));
      assertThat(value(angle, "neck.angle")).isCloseTo(value(first, "neck.angle"), within(1e-6));
      set[4] = "heights.solve-for=exposed";
      Rooms deep = Heron.rooms(StringsTest.with(set, "saddle.height=" + saddle));
      assertThat(value(deep, "pocket.exposed"))
          .isCloseTo(value(first, "pocket.exposed"), within(1e-6));
      // The proof read off that neck finds the same neck again.
      Heights heights = first.stringPlan().heights();
      double joint = first.neck().joint().value();
      double standing = heights.fretPlane(joint) - 1.1;
      double edge = heights.fretPlane(first.frets().scale().value());
      if (standing > 0.5 && edge > 0.5) {
        Rooms proved =
            Heron.rooms(
                StringsTest.with(
                    set,
                    "saddle.height=" + saddle,
                    "proof.standing=" + standing,
                    "proof.straightedge=" + edge));
        NeckProof proof = proved.stringPlan().heights().proof().orElseThrow();
        assertThat(proof.angle().value()).isCloseTo(value(first, "neck.angle"), within(1e-6));
        assertThat(proof.exposed().value()).isCloseTo(value(first, "pocket.exposed"), within(1e-6));
        assertThat(proof.deepen().value()).isCloseTo(0, within(1e-6));
      }
    }
  }

  @Test
  void strungHigherPulledHarderCompensatedMore() {
    Random random = new Random(13);
    for (int i = 0; i < 60; i++) {
      double gauge = 0.2 + random.nextDouble() * 0.4;
      double action = 1 + random.nextDouble() * 2;
      String[] set = {
        "string.1.gauge=" + gauge, "strings.action-12=" + action, "string.1.pitch=250"
      };
      Rooms plan = Heron.rooms(set);
      set[1] = "strings.action-12=" + (action + 0.5);
      Rooms higher = Heron.rooms(set);
      set[2] = "string.1.pitch=300";
      Rooms tighter = Heron.rooms(set);
      assertThat(value(higher, "string.1.compensation.stretch"))
          .isGreaterThan(value(plan, "string.1.compensation.stretch"));
      assertThat(value(higher, "string.1.compensation.stiffness"))
          .isEqualTo(value(plan, "string.1.compensation.stiffness"));
      assertThat(value(tighter, "string.1.tension") / value(higher, "string.1.tension"))
          .isCloseTo(1.44, within(1e-9));
      assertThat(value(tighter, "string.1.compensation"))
          .isLessThan(value(higher, "string.1.compensation"));
    }
  }

  @Test
  void theSeatedNeckSaysWhatItReallyHas() {
    Plan plan = Heron.with("proof.standing=7", "proof.straightedge=14");
    NeckProof proof = plan.stringPlan().heights().proof().orElseThrow();
    double run = plan.frets().scale().value() - plan.neck().joint().value();
    double fret = 1.1;
    assertThat(proof.exposed().value()).isCloseTo(7 - 6, within(1e-9));
    assertThat(Math.tan(Math.toRadians(proof.angle().value())))
        .isCloseTo((14 - 7 - fret) / run, within(1e-9));
    assertThat(proof.saddle().value()).isCloseTo(14 + 2 * 1.8 - 0.45, within(1e-9));
    assertThat(proof.deepen().value()).isCloseTo(proof.saddle().value() - 17, within(1e-9));
    assertThat(Heron.with().stringPlan().heights().proof()).isEmpty();
  }

  @Test
  void aBridgeThatCannotReachSaysWhichWayToChangeWhat() {
    Plan high = Heron.with("saddle.height=30");
    Heights heights = high.stringPlan().heights();
    assertThat(heights.reach(high.stringPlan().bridge().kind()).toString())
        .contains("higher", "less neck angle", "deeper pocket by 7.9 mm");
    Plan through = Heron.with("saddle.height=30", "neck.fixing=through");
    assertThat(
            through.stringPlan().heights().reach(through.stringPlan().bridge().kind()).toString())
        .contains("less fretboard height above the body by 7.9 mm")
        .doesNotContain("pocket");
    Plan low = Heron.with("saddle.height=9");
    assertThat(low.stringPlan().heights().reach(low.stringPlan().bridge().kind()).toString())
        .contains("lower", "more neck angle", "shallower pocket by 3.2 mm");
  }

  @Test
  void aBridgeInHandTakesItsKindsPlace() {
    Plan plan = Heron.with("bridge.height-least=15", "bridge.height-most=16");
    Bridge bridge = plan.stringPlan().bridge();
    assertThat(bridge.kind().heightMost()).isEqualTo(16);
    assertThat(plan.stringPlan().heights().reaches(bridge.kind())).isFalse();
    assertThat(
            Heron.with().stringPlan().heights().reaches(Heron.with().stringPlan().bridge().kind()))
        .isTrue();
  }

  /** The string over the last fret stands on the line through nut and octave, and the fall-away. */
  @Test
  void fallAwayCountsAtTheLastFretWhereItBeginsBeforeIt() {
    double at12 = 1.9;
    double atNut = value(Heron.with(), "action.last-fret");
    for (int from : new int[] {14, 21, 22, 24}) {
      Plan plan =
          Heron.with(
              "strings.action-12=" + at12, "frets.fall-away=0.35", "frets.fall-away-from=" + from);
      double line = value(Heron.with("strings.action-12=" + at12), "action.last-fret");
      assertThat(value(plan, "action.last-fret") - line)
          .as("from fret %s", from)
          .isCloseTo(from < 22 ? 0.35 : 0, within(1e-9));
      assertThat(line).isNotEqualTo(atNut);
    }
  }

  /** Handbook 2: 0.2 of relief at the middle is 0.4 at the saddle. */
  @Test
  void reliefIsTwiceAsMuchAtTheSaddle() {
    assertThat(value(Heron.with("setup.relief-wanted=0.2"), "heights.relief-at-saddle"))
        .isCloseTo(0.4, within(1e-12));
  }
}
