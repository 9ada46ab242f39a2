package roughcut.strings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.FretboardDecisions;
import roughcut.plan.Plan;
import roughcut.record.Reading;

/** The seated neck: what it really is, what follows it, and what can be done about it. */
class NeckProofTest {
  private static Plan seated(double standing, double edge, String... more) {
    String[] all = new String[more.length + 2];
    all[0] = "proof.standing=" + standing;
    all[1] = "proof.straightedge=" + edge;
    System.arraycopy(more, 0, all, 2, more.length);
    return Heron.with(all);
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
    Plan higher = seated(zj - fret + 1, edge + 1);
    assertThat(higher.stringPlan().heights().string(560) - drawn.stringPlan().heights().string(560))
        .isCloseTo(1, within(1e-9));
    assertThat(value(higher, "pickup.neck.depth") - value(drawn, "pickup.neck.depth"))
        .as("a string a millimetre higher")
        .isCloseTo(-1, within(1e-9));
    assertThat(value(higher, "string.3.saddle-height") - value(drawn, "string.3.saddle-height"))
        .isCloseTo(1, within(1e-9));
  }

  /** What wasn't read is as it was to be made; what was read is never a wish. */
  @Test
  void oneReadingAloneProvesWhatItCan() {
    Plan drawn = Heron.with();
    double angle = value(drawn, "neck.angle");
    Plan low = seated(value(drawn, "proof.standing-wanted") - 1, 0);
    NeckProof proof = low.stringPlan().heights().proof().orElseThrow();
    assertThat(proof.angle().value()).isCloseTo(angle, within(1e-9));
    assertThat(proof.deepen().value()).isCloseTo(-1, within(1e-9));
    Plan edge = seated(0, value(drawn, "proof.straightedge-wanted") + 2);
    assertThat(edge.stringPlan().heights().proof().orElseThrow().deepen().value())
        .isCloseTo(2, within(1e-9));
    assertThat(Heron.with().stringPlan().heights().proof()).isEmpty();
    LocalDate day = LocalDate.of(2026, 5, 4);
    Plan read =
        Plan.of(
            drawn
                .build()
                .withReading(Reading.of("pocket.exposed", 0, day))
                .withReading(Reading.of("neck.angle", angle + 0.5, day)),
            drawn.shop());
    assertThat(value(read, "pocket.exposed")).as("wanted as before").isEqualTo(1);
    assertThat(value(read, "neck.angle")).isCloseTo(angle, within(1e-9));
    assertThat(value(read, "proof.exposed")).isZero();
    assertThat(value(read, "pocket.depth.front")).as("as it is").isCloseTo(22, within(1e-9));
    assertThat(value(read, "proof.angle")).isCloseTo(angle + 0.5, within(1e-9));
  }

  /** A straightedge over a carved top is read from the top that is under it. */
  @Test
  void aCarvedTopRisesUnderTheStraightedge() {
    Plan drawn = Heron.with("body.carve-rise=6");
    Plan proved =
        Heron.with(
            "body.carve-rise=6",
            "proof.standing=" + value(drawn, "proof.standing-wanted"),
            "proof.straightedge=" + value(drawn, "proof.straightedge-wanted"));
    NeckProof proof = proved.stringPlan().heights().proof().orElseThrow();
    assertThat(proof.angle().value()).isCloseTo(value(drawn, "neck.angle"), within(1e-9));
    assertThat(proof.fits()).isTrue();
    assertThat(value(drawn, "proof.straightedge-wanted"))
        .isCloseTo(value(Heron.with(), "proof.straightedge-wanted") - 6, within(1e-9));
  }
}
