package roughcut.thin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.plan.Plan;
import roughcut.record.Build;

class BodyNowTest {
  private static Plan plan(Build build, String... settings) {
    return Plan.of(build.withDesign(Heron.set(build.design(), settings)), Demo.shop());
  }

  private static ThinSpot spot(Plan plan, String id) {
    return plan.thinSpots().stream()
        .filter(s -> s.left().id().equals(id))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no spot " + id));
  }

  private static double more(Plan plan, String id) {
    ThinSpot spot = spot(plan, id);
    return spot.now() - spot.left().value();
  }

  /** Page 8: relief bored from the top while 9 are still to come off the back. */
  @Test
  void reliefBoredEarlyHasAThickerFloorNowThanLater() {
    Build dunlin = Demo.dunlin(LocalDate.of(2026, 5, 4));
    Plan early = plan(dunlin, "body.stock-left=9", "body.stock-from=back");
    Plan late = plan(dunlin);
    assertThat(value(early, "relief.horn-bore.stop"))
        .as("the stop is measured from the top all the same")
        .isCloseTo(value(late, "relief.horn-bore.stop"), within(1e-9));
    assertThat(spot(early, "rout.horn-bore.floor").left().value()).isCloseTo(8, within(1e-9));
    assertThat(spot(early, "rout.horn-bore.floor").now()).isCloseTo(17, within(1e-9));
    assertThat(spot(late, "rout.horn-bore.floor").later()).isFalse();
  }

  @Test
  void stopsAndRoutersGoDeeperWhereStockIsStillOn() {
    Plan top = Heron.with("body.stock-left=4", "body.stock-from=top");
    Plan back = Heron.with("body.stock-left=4", "body.stock-from=back");
    Plan done = Heron.with();
    String post = "rout.post-bass.stop-now";
    String bolt = "rout.bolt-1.stop-now";
    assertThat(value(top, post) - value(done, post)).isCloseTo(4, within(1e-9));
    assertThat(value(back, post)).isCloseTo(value(done, post), within(1e-9));
    assertThat(value(back, bolt) - value(done, bolt)).isCloseTo(4, within(1e-9));
    assertThat(value(top, bolt)).isCloseTo(value(done, bolt), within(1e-9));
    assertThat(value(done, post)).isCloseTo(value(done, "bridge.post.stop"), within(1e-9));
    assertThat(done.value("rout.bridge-wire.stop-now")).as("bored from inside").isEmpty();
  }

  @Test
  void theJackIsBoredDeeperAndHasMoreBesideItBeforeTheOutlineIsSawn() {
    Plan early = Heron.with("body.outline-left=6", "control.tone.y=128");
    Plan done = Heron.with("control.tone.y=128");
    assertThat(value(early, "rout.output.stop-now") - value(done, "rout.output.stop-now"))
        .isCloseTo(6, within(1e-9));
    assertThat(value(early, "rout.post-bass.stop-now"))
        .isCloseTo(value(done, "rout.post-bass.stop-now"), within(1e-9));
    ThinSpot edge =
        early.thinSpots().stream()
            .filter(s -> s.left().id().endsWith(".edge") && s.kind().id().equals("body.edge"))
            .findFirst()
            .orElseThrow();
    assertThat(edge.now() - edge.left().value()).isCloseTo(6, within(1e-9));
  }

  @Test
  void theJacksWallsCountTheStockOnTheirOwnSide() {
    Plan low = Heron.with("jack.output.depth=30", "body.stock-left=5", "body.stock-from=back");
    assertThat(spot(low, "jack.walls").left().value()).isCloseTo(44 - 30 - 22 / 2.0, within(1e-9));
    assertThat(more(low, "jack.walls")).as("the back is the nearer").isCloseTo(5, within(1e-9));
    Plan other = Heron.with("jack.output.depth=30", "body.stock-left=5", "body.stock-from=top");
    assertThat(more(other, "jack.walls")).isCloseTo(0, within(1e-9));
  }

  @Test
  void beforeTheCarvingTheTopOverAControlIsWhole() {
    Build avocet = Demo.avocet();
    Plan rough = plan(avocet, "body.surfaces=to-come", "carve.width=75");
    double carved =
        rough.value("control.volume.top-left").orElseThrow().inputs().stream()
            .filter(i -> i.symbol().equals("c"))
            .mapToDouble(i -> i.value().value())
            .sum();
    assertThat(carved).isPositive();
    assertThat(more(rough, "control.volume.top-left")).isCloseTo(carved, within(1e-9));
    assertThat(spot(plan(avocet, "carve.width=75"), "control.volume.top-left").later()).isFalse();
    ThinSpot surface = spot(rough, "rout.controls.surface");
    assertThat(surface.now())
        .as("to the flat top: what the cavity leaves")
        .isCloseTo(10, within(1e-6));
  }

  /** Wood only comes off: now is never less than finished, and with nothing to come the same. */
  @Test
  void nowIsNeverLessThanLater() {
    Random random = new Random(41);
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      for (int i = 0; i < 12; i++) {
        Plan plan =
            plan(
                build,
                "body.stock-left=" + random.nextInt(12),
                "body.stock-from=" + (random.nextBoolean() ? "top" : "back"),
                "body.outline-left=" + random.nextInt(8),
                "body.surfaces=" + (random.nextBoolean() ? "cut" : "to-come"));
        assertThat(plan.thinSpots())
            .allMatch(s -> s.now() >= s.left().value() - 1e-9)
            .noneMatch(s -> s.later() && !s.inBody());
      }
      assertThat(plan(build).thinSpots()).noneMatch(ThinSpot::later);
    }
  }
}
