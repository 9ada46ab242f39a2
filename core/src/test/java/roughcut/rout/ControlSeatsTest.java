package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.body.BodySurface;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.design.BodyFace;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.plan.Plan;

class ControlSeatsTest {
  private static Plan avocet(String... settings) {
    var build = Demo.avocet();
    return Plan.of(build.withDesign(Heron.set(build.design(), settings)), Demo.shop());
  }

  private static Cut cut(Plan plan, String name) {
    return plan.cuts().cut(name).orElseThrow(() -> new AssertionError("no cut " + name));
  }

  @Test
  void aRecessTakesFromTheTopAndGivesToTheThread() {
    Plan plain = Heron.with();
    Plan recessed = Heron.with("control.volume.recess=1.5");
    assertThat(value(plain, "control.volume.top-left")).isCloseTo(5, within(1e-9));
    assertThat(value(recessed, "control.volume.top-left")).isCloseTo(3.5, within(1e-9));
    assertThat(
            value(recessed, "control.volume.bushing-spare")
                - value(plain, "control.volume.bushing-spare"))
        .isCloseTo(1.5, within(1e-9));
    assertThat(cut(recessed, "volume").bores()).hasSize(2);
    assertThat(cut(recessed, "volume").bores().get(0).radius()).isEqualTo(10);
    assertThat(cut(recessed, "volume").bores().get(0).length()).isCloseTo(1.5, within(1e-9));
    assertThat(cut(plain, "volume").bores()).hasSize(1);
    assertThat(cut(recessed, "volume").volume())
        .as("nothing is taken away twice")
        .isCloseTo(Math.PI * (10 * 10 * 1.5 + 4.85 * 4.85 * 3.5), within(1e-6));
    assertThat(value(recessed, "rout.volume.stop-now")).isCloseTo(5, within(1e-9));
  }

  @Test
  void aRecessThatLeavesTooLittleIsAThinSpotOfItsOwn() {
    assertThat(spots(Heron.with())).as("the cavity's own tells it").isEmpty();
    List<Clearance> clearances = spots(Heron.with("control.volume.recess=3.4"));
    assertThat(clearances).hasSize(1);
    assertThat(clearances.get(0).state()).isEqualTo(Clearance.State.STOP);
    assertThat(clearances.get(0).left().value()).isCloseTo(1.6, within(1e-9));
    assertThat(clearances.get(0).changedBy()).startsWith("control.volume.recess");
  }

  private static List<Clearance> spots(Plan plan) {
    return plan.clearances().stream()
        .filter(s -> s.left().id().equals("control.volume.top-left"))
        .toList();
  }

  /** The lowest of the carved top under the washer, looked for at a thousand places. */
  @Test
  void onACarvedTopTheLeastFlatSeatIsTheLowestUnderTheWasher() {
    Plan plan = avocet("carve.drop=9", "carve.width=70");
    BodySurface surface = plan.cuts().surface();
    for (String name : List.of("volume", "tone")) {
      Point at = cut(plan, name).bores().get(0).from().flat();
      double here = surface.at(BodyFace.TOP, at.x(), at.y());
      double lowest = here;
      for (int i = 0; i < 1000; i++) {
        double turn = 2 * Math.PI * i / 1000;
        lowest =
            Math.max(
                lowest,
                surface.at(
                    BodyFace.TOP, at.x() + 10 * Math.cos(turn), at.y() + 10 * Math.sin(turn)));
      }
      double least = value(plan, "control." + name + ".recess-least");
      assertThat(least).isPositive();
      assertThat(least).isCloseTo(lowest - here, within(0.02));
    }
    assertThat(Heron.with().value("control.volume.recess-least"))
        .as("a flat top needs none")
        .isEmpty();
  }

  @Test
  void aLeverHasASlotAndTwoScrewsInItsTurn() {
    Plan plan = avocet();
    Cut lever = cut(plan, "lever");
    assertThat(lever.kind()).isEqualTo(CutKind.SLOT);
    Outline slot = lever.steps().get(0).outline();
    assertThat(slot.area())
        .as("28 by 3.2 with round ends")
        .isCloseTo(24.8 * 3.2 + Math.PI * 1.6 * 1.6, within(0.3));
    Point a = cut(plan, "lever-screw-1").bores().get(0).from().flat();
    Point b = cut(plan, "lever-screw-2").bores().get(0).from().flat();
    assertThat(a.distance(b)).isCloseTo(41, within(1e-9));
    assertThat(a.towards(b, 0.5).distance(slot.centre())).isLessThan(0.01);
    assertThat(Math.toDegrees(Math.atan2(b.x() - a.x(), b.y() - a.y())))
        .as("turned by −75°")
        .isCloseTo(75, within(1e-6));
    assertThat(lever.joins(cut(plan, "controls"))).isTrue();
    assertThat(value(plan, "control.lever.slot-depth")).isCloseTo(10, within(1e-9));
  }

  @Test
  void aSlotIsBoredAtItsEndsAndSawnSoThatNoPassesAreToldForIt() {
    Plan plan = avocet();
    assertThat(plan.cuts().plansOf("lever")).isEmpty();
    assertThat(value(plan, "control.lever.slot-bores")).isCloseTo(24.8, within(1e-9));
    assertThat(plan.value("pass.lever.1.depth")).isEmpty();
  }

  @Test
  void underAPlateInAFrontCavityNothingIsBoredForIt() {
    Plan plan = avocet("cavity.controls.face=top");
    assertThat(plan.cuts().cut("lever")).isEmpty();
    assertThat(plan.cuts().cut("volume")).isEmpty();
    assertThat(plan.cuts().parts()).anyMatch(p -> p.id().equals("lever"));
  }
}
