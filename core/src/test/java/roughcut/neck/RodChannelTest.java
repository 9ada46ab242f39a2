package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.Vectors;
import roughcut.geometry.Point;
import roughcut.plan.Plan;

class RodChannelTest {
  @Test
  void leavesWhatTheTableSays() {
    for (Map<String, Double> row : Vectors.read("carving.csv")) {
      NeckProfile profile =
          new NeckProfile(row.get("half_width_mm"), row.get("depth_mm"), row.get("exponent"));
      double w = row.get("channel_w_mm");
      double d = row.get("channel_d_mm");
      assertThat(profile.depthAt(0) - d)
          .isCloseTo(row.get("under_channel_centre_mm"), within(5e-4));
      assertThat(profile.depthAt(w / 2) - d)
          .isCloseTo(row.get("under_channel_corner_mm"), within(1.5e-3));
      assertThat(profile.distanceToChannel(0, w, d))
          .isCloseTo(row.get("least_channel_mm"), within(1.5e-3));
      double y = row.get("stiffener_y_mm");
      double sw = row.get("stiffener_w_mm");
      double sd = row.get("stiffener_d_mm");
      assertThat(profile.depthAt(y + sw / 2) - sd)
          .isCloseTo(row.get("under_stiffener_corner_mm"), within(1.5e-3));
      assertThat(profile.distanceToChannel(y, sw, sd))
          .isCloseTo(row.get("least_stiffener_mm"), within(1.5e-3));
    }
  }

  @Test
  void aNeckOfEvenThicknessGivesTheHandbooksExample() {
    Plan plan =
        Heron.with(
            "nut.width=43",
            "fretboard.end-width=43",
            "neck.thickness-1=21.5",
            "neck.thickness-12=21.5",
            "fretboard.thickness=6",
            "rod.width=6.4",
            "rod.depth=9.6");
    assertThat(value(plan, "rod.under-centre")).isCloseTo(5.90, within(0.001));
    assertThat(value(plan, "rod.under-corner")).isCloseTo(5.73, within(0.005));
    assertThat(value(plan, "rod.least")).isCloseTo(5.69, within(0.005));
  }

  @Test
  void theLeastIsNoMoreThanAnyFineSampleAlongTheChannel() {
    Random random = new Random(13);
    for (int i = 0; i < 25; i++) {
      double first = 19 + random.nextDouble() * 4;
      double octave = 19 + random.nextDouble() * 5;
      Plan plan =
          Heron.with(
              "neck.thickness-1=" + first,
              "neck.thickness-12=" + octave,
              "rod.depth=" + (8 + random.nextDouble() * 3),
              "neck.profile-exponent=" + (1.5 + random.nextDouble()));
      double sampled = Double.MAX_VALUE;
      for (double x = 2; x <= 432; x += 0.5) {
        NeckProfile profile = plan.neck().profile(x);
        sampled = Math.min(sampled, profile.distanceToChannel(0, 6.4, plan.rod().depth().value()));
      }
      assertThat(value(plan, "rod.least"))
          .isCloseTo(sampled, within(0.01))
          .isLessThanOrEqualTo(sampled + 1e-4);
    }
  }

  @Test
  void theShortestWayAgreesWithBruteForceOverTheCurve() {
    Random random = new Random(17);
    for (int i = 0; i < 40; i++) {
      NeckProfile profile =
          new NeckProfile(
              18 + random.nextDouble() * 12,
              12 + random.nextDouble() * 8,
              1.4 + random.nextDouble() * 2);
      double y = random.nextDouble() * profile.halfWidth() * 0.9;
      double z = random.nextDouble() * profile.depthAt(y);
      double brute = Double.MAX_VALUE;
      for (Point p : profile.curve(20000)) {
        brute = Math.min(brute, Math.hypot(p.x() - y, -p.y() - z));
      }
      assertThat(profile.distance(y, z)).isCloseTo(brute, within(2e-3));
      assertThat(profile.distance(-y, z)).isEqualTo(profile.distance(y, z));
    }
  }

  @Test
  void aChannelThroughTheBackIsNegative() {
    assertThat(new NeckProfile(21.5, 14, 2).distanceToChannel(0, 6.4, 15)).isNegative();
  }
}
