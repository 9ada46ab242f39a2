package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.finding.Finding;
import roughcut.geometry.Outline;
import roughcut.plan.Plan;
import roughcut.record.Build;

class FittingsTest {
  /** 20 high, strings 13 over the body there, gap 2.5, wire 3, travel 4: 16.5. */
  @Test
  void aPickupsRoutIsAsDeepAsTheSum() {
    Plan first = Heron.with("pickup.neck.height=20", "pickup.neck.gap=2.5");
    double string = first.stringPlan().heights().string(640 - 122);
    assertThat(value(first, "pickup.neck.depth"))
        .isCloseTo(20 + 3 + 4 - (string - 2.5), within(1e-9));
    Plan example = Heron.with("pickup.neck.height=20", "pickup.neck.gap=" + (2.5 + string - 13));
    assertThat(value(example, "pickup.neck.depth")).isCloseTo(16.5, within(1e-9));
  }

  @Test
  void aPickupFollowsItsDistanceAndTheStringsAndItsOwnDepth() {
    Plan plan = Heron.with("pickup.bridge.from-saddle=50", "rout.bridge.depth=15");
    Pickup bridge = plan.cuts().pickups().get(1);
    assertThat(bridge.centre().x())
        .as("in plan, where the neck leans back")
        .isCloseTo(590 - value(plan, "heights.plan-shortening"), within(1e-9));
    assertThat(value(plan, "pickup.bridge.from-saddle")).isEqualTo(50);
    assertThat(value(plan, "pickup.bridge.depth")).isEqualTo(15);
    assertThat(value(plan, "rout.bridge.floor")).as("legs 6 deeper").isCloseTo(23, within(1e-9));
    assertThat(value(plan, "pickup.bridge.share")).isCloseTo(5000 / 640.0, within(1e-9));
    Outline bed = bridge.cut().steps().get(0).outline();
    assertThat(bed.bounds().height()).isCloseTo(71, within(1e-4));
    assertThat(bed.bounds().width()).isCloseTo(39.5, within(1e-4));
    assertThat(value(plan, "template.bridge.opening-width")).isCloseTo(39.5, within(1e-4));
    assertThat(value(Heron.with("template.bush=16"), "template.bridge.opening-width"))
        .as("(16 − 9.5) / 2 more all round")
        .isCloseTo(39.5 + 6.5, within(1e-4));
  }

  @Test
  void aPickupLocatedFromTheFretboardKeepsItsGapToTheRealOne() {
    Plan plan =
        Heron.with("pickup.neck.located-from=fretboard-end", "pickup.neck.from-fretboard=5");
    assertThat(value(plan, "pickup.neck.to-fretboard")).isCloseTo(5, within(1e-9));
    Plan longer =
        Heron.with(
            "pickup.neck.located-from=fretboard-end",
            "pickup.neck.from-fretboard=5",
            "fretboard.past-last-fret=14.6");
    assertThat(value(longer, "pickup.neck.from-saddle"))
        .as("5 nearer the saddle than with the shorter board")
        .isCloseTo(value(plan, "pickup.neck.from-saddle") - 5, within(1e-9));
  }

  @Test
  void aPlateKeepsOffTheBridgeButNotOffItsKnobs() {
    Build dunlin = Demo.builds(LocalDate.of(2026, 5, 4)).get(2);
    Plan wide =
        Plan.of(
            dunlin.withDesign(Heron.set(dunlin.design(), "plate.plate.overlap=60")), Demo.shop());
    assertThat(wide.clearances())
        .filteredOn(s -> s.kind().id().equals("body.hardware"))
        .extracting(s -> s.what().toString())
        .anyMatch(w -> w.contains("bridge") && w.contains("plate"))
        .noneMatch(w -> w.contains("plate") && w.contains("knob"));
  }

  @Test
  void aControlUnderAPlateCanBeTakenHoldOf() {
    Plan plan = Plan.of(Demo.builds(LocalDate.of(2026, 5, 4)).get(2), Demo.shop());
    assertThat(plan.cuts().cut("volume")).as("no bore of its own").isEmpty();
    var drawing =
        roughcut.drawing.BodyDrawing.of(
            plan,
            roughcut.measure.Units.MM,
            roughcut.design.BodyFace.TOP,
            roughcut.drawing.BodyDrawing.Shows.CUTS,
            "volume");
    assertThat(drawing.marks())
        .anyMatch(
            m ->
                m instanceof roughcut.drawing.Mark.Handle h
                    && h.grip().equals(new roughcut.plan.Grip.Cut("volume")));
  }

  @Test
  void theTopOverTheControlsFollowsTheirCavity() {
    Plan plan = Heron.with("cavity.controls.left=5", "body.thickness=44");
    assertThat(value(plan, "control.top-left")).isCloseTo(5, within(1e-9));
    assertThat(value(plan, "rout.controls.floor")).isCloseTo(5, within(1e-9));
    assertThat(value(plan, "cavity.controls.depth")).isCloseTo(39, within(1e-9));
    assertThat(value(plan, "control.volume.bushing-spare"))
        .as("9.5 of thread, washer and nut 3.5, top 5, finish 0.15")
        .isCloseTo(0.85, within(1e-9));
    Plan deeper = Heron.with("rout.controls.depth=41");
    assertThat(value(deeper, "control.top-left")).isCloseTo(3, within(1e-9));
    Plan carved = Heron.with("arm.depth=20", "arm.reach=160", "arm.turn=60");
    assertThat(value(carved, "control.top-left"))
        .as("less where the top is contoured")
        .isLessThan(5);
  }

  @Test
  void eachControlLiesInItsCavityWithItsRoom() {
    Plan plan = Heron.with("cavity.controls.wall=3");
    Outline cavity = plan.cuts().cut("controls").orElseThrow().steps().get(1).outline();
    for (HardwareSolid part : plan.cuts().parts()) {
      if (Set.of("volume", "tone", "selector").contains(part.id())) {
        assertThat(cavity.covers(part.outline())).as(part.id()).isTrue();
        double room =
            part.outline().corners().stream().mapToDouble(cavity::edgeDistance).min().orElse(0);
        assertThat(room).as(part.id()).isGreaterThan(2.9);
      }
    }
  }

  @Test
  void theJackBreaksIntoItsCavityBetweenItsWalls() {
    Plan plan = Heron.with("body.thickness=44");
    assertThat(value(plan, "jack.walls")).isCloseTo(22 - 11, within(1e-9));
    assertThat(value(Heron.with("jack.output.depth=15"), "jack.walls")).isCloseTo(4, within(1e-9));
    Cut jack = plan.cuts().cut("output").orElseThrow();
    Outline cavity = plan.cuts().cut("controls").orElseThrow().steps().get(1).outline();
    assertThat(cavity.contains(jack.bores().get(0).to().flat())).isTrue();
    assertThat(plan.cuts().surface().edge().inside(jack.bores().get(0).from().flat()))
        .isCloseTo(0, within(0.05));
    assertThat(plan.problems()).isEmpty();
    assertThat(Heron.with("jack.output.turn=60").problems())
        .extracting(Finding::where)
        .contains("jack.output.turn");
  }

  @Test
  void aBoredChannelIsAsLongAsFromRoutToRout() {
    Plan plan = Heron.with();
    Cut wire = plan.cuts().cut("bridge-wire").orElseThrow();
    double length = wire.bores().get(0).from().distance(wire.bores().get(0).to());
    assertThat(value(plan, "channel.bridge-wire.length")).isCloseTo(length, within(1e-9));
    double fall = wire.bores().get(0).to().z() - wire.bores().get(0).from().z();
    assertThat(value(plan, "channel.bridge-wire.angle"))
        .isCloseTo(Math.toDegrees(Math.asin(fall / length)), within(1e-6));
    Outline rout = plan.cuts().cut("bridge").orElseThrow().steps().get(0).outline();
    assertThat(rout.contains(wire.bores().get(0).from().flat())).isTrue();
  }

  @Test
  void aPivotingBridgeLeavesAWebBetweenItsRouts() {
    Plan plan = Heron.with("bridge.kind=pivoting", "body.thickness=44");
    assertThat(plan.cuts().cuts())
        .extracting(Cut::name)
        .contains("bridge-top", "bridge-block", "springs", "post-bass", "post-treble");
    assertThat(value(plan, "springs.depth")).isEqualTo(17);
    assertThat(value(plan, "web.bridge-top.springs"))
        .as("44 − 11 from the top − 17 from the back")
        .isCloseTo(16, within(0.002));
    assertThat(
            value(
                Heron.with("bridge.kind=pivoting", "rout.springs.depth=30"),
                "web.bridge-top.springs"))
        .isCloseTo(3, within(0.002));
  }
}
