package roughcut.strings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.FretboardDecisions;
import roughcut.design.StringDecisions;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.thin.ThinSpot;

/** The seated neck: what it really is, what follows it, and what can be done about it. */
class NeckProofTest {
  private static Plan seated(double standing, double edge, String... more) {
    String[] all = new String[more.length + 2];
    all[0] = "proof.standing=" + standing;
    all[1] = "proof.straightedge=" + edge;
    System.arraycopy(more, 0, all, 2, more.length);
    return Heron.with(all);
  }

  /** Done on the elevation itself: each remedy is built, and the saddle is read off anew. */
  @Test
  void everyRemedyBringsTheSaddleWhereItIsWanted() {
    Random random = new Random(31);
    for (int i = 0; i < 40; i++) {
      double standing = 5 + 4 * random.nextDouble();
      double edge = standing + 4 + 8 * random.nextDouble();
      Plan plan = seated(standing, edge);
      double wanted = value(plan, "saddle.height");
      double fret = FretboardDecisions.WIRE_HEIGHT.in(plan.build().design());
      double a12 = StringDecisions.ACTION_12.in(plan.build().design());
      double nut = NutAction.of(new roughcut.record.Givens(plan.build())).value();
      double joint = plan.neck().joint().value();
      double run = 640 - joint;
      double tan = (edge - standing - fret) / run;
      assertThat(value(plan, "proof.angle"))
          .isCloseTo(Math.toDegrees(Math.atan(tan)), within(1e-9));
      // Deepened all over: the whole neck comes down.
      double k = value(plan, "proof.deepen");
      assertThat(standing + fret - k + tan * run + 2 * a12 - nut).isCloseTo(wanted, within(1e-9));
      // Tilted about the joint's height: the floor's slope is the neck's.
      double slope = tan + value(plan, "proof.tilt") / (500 - joint);
      assertThat(standing + fret + slope * run + 2 * a12 - nut).isCloseTo(wanted, within(1e-9));
      assertThat(value(plan, "proof.floor"))
          .isCloseTo(44 - (22 - (standing - 6)) - k, within(1e-9));
    }
  }

  @Test
  void whatWouldBeLeftIsHeldAgainstTheLimitsEverywhere() {
    // 4.5 mm screws: 11.25 is the stop.
    Plan plan = seated(9, 27, "bolt.diameter=4.5", "body.thickness=34");
    ThinSpot spot =
        plan.thinSpots().stream()
            .filter(s -> s.what().equals("floor if deepened for the saddle"))
            .findFirst()
            .orElseThrow();
    assertThat(spot.left().value()).isEqualTo(value(plan, "proof.floor"));
    assertThat(spot.limit().fail()).isEqualTo(11.25);
    assertThat(spot.state()).isEqualTo(ThinSpot.State.STOP);
    assertThat(plan.proofWays(Units.MM))
        .filteredOn(w -> w.words().startsWith("or deepen"))
        .allSatisfy(
            w -> {
              assertThat(w.state()).isEqualTo(ThinSpot.State.STOP);
              assertThat(w.words()).contains("under 11.3 mm, don't");
            });
    assertThat(plan.proofWays(Units.MM).get(0).words())
        .as("the angle first")
        .startsWith("tilt the pocket's floor");
    Plan thick = seated(9, 27, "bolt.diameter=4.5", "body.thickness=60");
    assertThat(thick.thinSpots())
        .filteredOn(s -> s.what().startsWith("floor if"))
        .allMatch(s -> s.state() == ThinSpot.State.CLEAR);
  }

  @Test
  void pickupsAndSaddlesFollowTheSeatedNeck() {
    Plan drawn = Heron.with();
    double zj = value(drawn, "heights.joint");
    double angle = value(drawn, "neck.angle");
    double fret = FretboardDecisions.WIRE_HEIGHT.in(drawn.build().design());
    double run = 640 - drawn.neck().joint().value();
    double edge = zj + Math.tan(Math.toRadians(angle)) * run;
    Plan same = seated(zj - fret, edge);
    assertThat(same.stringPlan().heights().string(560))
        .as("as drawn: nothing changes")
        .isCloseTo(drawn.stringPlan().heights().string(560), within(1e-9));
    assertThat(same.stringPlan().heights().proof().orElseThrow().fits()).isTrue();
    assertThat(same.proofWays(Units.MM)).isEmpty();
    Plan higher = seated(zj - fret + 1, edge + 1);
    assertThat(higher.stringPlan().heights().string(560) - drawn.stringPlan().heights().string(560))
        .isCloseTo(1, within(1e-9));
    assertThat(value(higher, "pickup.neck.depth") - value(drawn, "pickup.neck.depth"))
        .as("a string a millimetre higher")
        .isCloseTo(-1, within(1e-9));
    assertThat(value(higher, "string.3.saddle-height") - value(drawn, "string.3.saddle-height"))
        .isCloseTo(1, within(1e-9));
    assertThat(higher.proofWays(Units.MM)).anyMatch(w -> w.words().startsWith("or deepen"));
    Plan lower = seated(zj - fret - 1, edge - 1);
    assertThat(lower.proofWays(Units.MM)).anyMatch(w -> w.words().startsWith("or shim"));
    assertThat(lower.proofWays(Units.FRACTION_64)).noneMatch(w -> w.words().contains(" mm;"));
  }

  /** Nothing is told of a neck of which only one of the two was read. */
  @Test
  void oneReadingAloneProvesNothing() {
    assertThat(seated(7, 0).stringPlan().heights().proof()).isEmpty();
    assertThat(seated(0, 14).stringPlan().heights().proof()).isEmpty();
    assertThat(seated(7, 14).stringPlan().heights().proof()).isPresent();
  }
}
