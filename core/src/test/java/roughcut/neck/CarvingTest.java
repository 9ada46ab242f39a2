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
import roughcut.measure.Provenance;
import roughcut.measure.ValueRegistry;
import roughcut.plan.Plan;

class CarvingTest {
  /** A neck of even width and depth all along. */
  private static Plan even(double a, double b, double p, String... more) {
    String[] settings = {
      "nut.width=" + 2 * a,
      "fretboard.end-width=" + 2 * a,
      "fretboard.thickness=6",
      "neck.thickness-1=" + (b + 6),
      "neck.thickness-12=" + (b + 6),
      "neck.profile-exponent=" + p,
      "shaft.thickness=60"
    };
    String[] all = java.util.Arrays.copyOf(settings, settings.length + more.length);
    System.arraycopy(more, 0, all, settings.length, more.length);
    return Heron.with(all);
  }

  @Test
  void theVectorsFacetsStiffenersAndQuarterLines() {
    for (Map<String, Double> row : Vectors.read("carving.csv")) {
      double a = row.get("half_width_mm");
      double b = row.get("depth_mm");
      double p = row.get("exponent");
      String[] cuts = {
        "rod.width=" + row.get("channel_w_mm"),
        "rod.depth=" + row.get("channel_d_mm"),
        "stiffener.width=" + row.get("stiffener_w_mm"),
        "stiffener.depth=" + row.get("stiffener_d_mm"),
        "stiffener.offset-head=" + row.get("stiffener_y_mm"),
        "stiffener.offset-heel=" + row.get("stiffener_y_mm"),
        "neck.roughing-margin=0"
      };
      Plan plan = even(a, b, p, cuts);
      assertThat(value(plan, "rod.least")).isCloseTo(row.get("least_channel_mm"), within(2e-3));
      assertThat(value(plan, "stiffener.under-corner"))
          .isCloseTo(row.get("under_stiffener_corner_mm"), within(2e-3));
      assertThat(value(plan, "stiffener.least"))
          .isCloseTo(row.get("least_stiffener_mm"), within(2e-3));
      assertThat(value(plan, "quarter-rule.bite"))
          .isCloseTo(row.get("quarter_rule_bite_mm"), within(1e-3));
      assertThat(value(plan, "facet.1.1.on-back"))
          .isCloseTo(row.get("facet1_on_back_mm"), within(1e-3));
      assertThat(value(plan, "facet.12.1.on-side"))
          .isCloseTo(row.get("facet1_on_side_mm"), within(1e-3));
      cuts[6] = "neck.roughing-margin=1.5";
      assertThat(value(even(a, b, p, cuts), "facet.1.1.on-back"))
          .isCloseTo(row.get("facet1_on_back_with_1_5_margin_mm"), within(1e-3));
    }
  }

  @Test
  void halvingOnBitesAsTheHandbookSaysAndThreeRoundsLeaveLittle() {
    Plan plan = even(21.5, 15.5, 2, "neck.roughing-margin=0");
    assertThat(value(plan, "quarter-rule.2.bite")).isCloseTo(0.60, within(0.005));
    assertThat(value(plan, "quarter-rule.3.bite")).isCloseTo(0.65, within(0.005));
    assertThat(value(plan, "facet.1.ridge")).isLessThan(0.3);
    QuarterRule rule = plan.details().carving().rule();
    assertThat(rule.rounds().get(0).bites(0)).isTrue();
    assertThat(rule.rounds().get(0).bites(1.5)).as("within the margin").isFalse();
  }

  @Test
  void everyBevelTouchesTheProfileAndNeverCutsIntoIt() {
    Random random = new Random(8);
    for (int i = 0; i < 60; i++) {
      NeckProfile profile =
          new NeckProfile(
              18 + 10 * random.nextDouble(),
              11 + 8 * random.nextDouble(),
              1.5 + 1.5 * random.nextDouble(),
              1.5 + 1.5 * random.nextDouble(),
              i % 3 == 0 ? 3 * random.nextDouble() : 0);
      double now = profile.depth() + 2 * random.nextDouble();
      Facets facets = Facets.of("1", 0, profile, now, 4, Provenance.NONE, new ValueRegistry());
      assertThat(facets.bevels()).hasSize(1 + 2 + 4 + 8);
      for (Facets.Bevel bevel : facets.bevels()) {
        double least = Double.MAX_VALUE;
        for (Point p : profile.curve(4000)) {
          if (p.x() >= 0) {
            double dy = bevel.high().x() - bevel.low().x();
            double dz = bevel.high().y() - bevel.low().y();
            double side =
                ((p.x() - bevel.low().x()) * dz + (-(-p.y()) + bevel.low().y()) * dy)
                    / Math.hypot(dy, dz);
            least = Math.min(least, Math.abs(side));
          }
        }
        assertThat(least).as("touches: " + bevel).isLessThan(0.02);
        if (!Double.isNaN(bevel.lowShare())) {
          assertThat(bevel.lowShare()).isBetween(0.0, 1.0);
        }
      }
      assertThat(facets.ridge().value()).isBetween(0.0, 0.2);
    }
  }

  @Test
  void moreRoundsLeaveLowerRidges() {
    double before = Double.MAX_VALUE;
    for (int rounds = 1; rounds <= 4; rounds++) {
      double ridge = value(even(21.5, 15.5, 2, "carve.rounds=" + rounds), "facet.12.ridge");
      assertThat(ridge).isLessThan(before);
      before = ridge;
    }
  }

  @Test
  void theBackAsMeasuredMovesTheMarks() {
    Plan margin = even(21.5, 15.5, 2);
    Plan measured = even(21.5, 15.5, 2, "neck.now-1=22.1");
    assertThat(value(measured, "facet.1.1.on-back"))
        .as("16.1 deep as it is, 1.5 was meant")
        .isGreaterThan(value(margin, "facet.1.1.on-back"));
    assertThat(value(measured, "carve.1.left")).isCloseTo(0.6, within(1e-9));
    assertThat(measured.details().carving().readings().get(0).advice().toString())
        .contains("0.6 mm to remove");
    assertThat(measured.details().carving().readings().get(1).advice().toString())
        .contains("not measured");
  }

  @Test
  void anAsymmetricProfileAndAShoulderCountInWhatRemains() {
    double round = value(even(21.5, 15.5, 2), "stiffener.least");
    assertThat(value(even(21.5, 15.5, 2, "neck.profile-exponent-treble=-0.3"), "stiffener.least"))
        .as("the thinner side counts")
        .isLessThan(round);
    assertThat(value(even(21.5, 15.5, 2, "neck.shoulder=3"), "stiffener.least"))
        .isGreaterThan(round);
    Random random = new Random(9);
    for (int i = 0; i < 30; i++) {
      NeckProfile profile =
          new NeckProfile(22, 15, 1.6 + random.nextDouble(), 2.2, 2 * random.nextDouble());
      double y = (2 * random.nextDouble() - 1) * 18;
      double z = random.nextDouble() * profile.depthAt(y);
      double brute = Double.MAX_VALUE;
      for (Point p : profile.curve(20000)) {
        brute = Math.min(brute, Math.hypot(p.x() - y, -p.y() - z));
      }
      for (double s = 0; s <= profile.shoulder(); s += 0.01) {
        brute = Math.min(brute, Math.hypot(22 - Math.abs(y), s - z));
      }
      assertThat(profile.distance(y, z)).isCloseTo(brute, within(5e-3));
    }
  }

  @Test
  void whatIsSandedOutOfABowIsTakenFromCrownAndEdge() {
    Plan plan = Heron.with("carve.bow=0.8", "carve.rod-takes=0.5");
    assertThat(value(plan, "bow.sanded")).isCloseTo(0.3, within(1e-9));
    assertThat(value(plan, "bow.crown-left")).isCloseTo(5.7, within(1e-9));
    assertThat(value(Heron.with("carve.bow=0.3"), "bow.sanded")).isZero();
  }
}
