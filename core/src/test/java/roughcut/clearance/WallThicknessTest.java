package roughcut.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.geometry.Sampled;
import roughcut.geometry.Solid;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.rout.Cut;

class WallThicknessTest {
  private static double slow(Cut a, Cut b, Random random) {
    double best = Double.POSITIVE_INFINITY;
    for (Solid one : a.solids()) {
      for (Solid other : b.solids()) {
        if (one.box().distance(other.box()) < 22) {
          best = Math.min(best, Sampled.distance(one, other, random));
        }
      }
    }
    return best;
  }

  /** Every pair of all demo bodies, the ones told and the ones not told. */
  @Test
  void everyPairIsToldAsTheSlowWayFindsIt() {
    int told = 0;
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build, Demo.shop());
      List<Cut> cuts = plan.cuts().cuts();
      for (int i = 0; i < cuts.size(); i++) {
        for (int j = i + 1; j < cuts.size(); j++) {
          Cut a = cuts.get(i);
          Cut b = cuts.get(j);
          var value = plan.value("web." + a.name() + "." + b.name());
          if (a.joins(b)) {
            assertThat(value).as("meant to meet").isEmpty();
            continue;
          }
          if (a.box().distance(b.box()) > BodyClearances.NEAR) {
            assertThat(value).isEmpty();
            continue;
          }
          // Of each pair the same places, whatever else there is in the body.
          double slow = slow(a, b, new Random(17));
          if (value.isPresent()) {
            told++;
            double found = value.get().value();
            assertThat(found).isLessThan(slow + 0.01);
            if (found > 0.05) {
              assertThat(slow)
                  .as(build.name() + ": " + a.name() + " and " + b.name())
                  .isCloseTo(found, within(0.08)); // it tries places, and never comes all the way
            }
          } else {
            assertThat(slow).isGreaterThan(BodyClearances.NEAR - 0.05);
          }
        }
      }
    }
    assertThat(told).isGreaterThan(40);
  }

  @Test
  void whatIsMeantToMeetIsSaidSoAndNotAThinSpot() {
    Plan plan = Heron.with();
    assertThat(plan.clearances())
        .extracting(c -> c.what().toString())
        .noneMatch(
            w ->
                w.equals("bridge wire to controls")
                    || w.equals("controls to output jack")
                    || w.equals("output jack to controls"));
    Plan moved = Heron.with("pickup.bridge.from-saddle=90");
    assertThat(moved.clearances())
        .as("two pickups that nobody said may meet")
        .anyMatch(
            s ->
                s.what().toString().equals("neck pickup to bridge pickup")
                    && s.state() == Clearance.State.STOP);
  }

  @Test
  void aSpotNamesWhereItIsAndWhatWouldChangeIt() {
    Plan plan = Heron.with("pickup.bridge.from-saddle=80");
    Clearance clearance =
        plan.clearances().stream()
            .filter(s -> s.what().toString().equals("neck pickup to bridge pickup"))
            .findFirst()
            .orElseThrow();
    assertThat(clearance.x()).isBetween(500.0, 580.0);
    assertThat(clearance.changedBy())
        .contains("pickup.neck.from-saddle", "pickup.bridge.from-saddle");
    assertThat(clearance.changedBy())
        .allMatch(id -> roughcut.design.Decisions.find(plan.build().design(), id).isPresent());
  }

  @Test
  void everySpotOfEveryDemoBodyNamesDecisionsThatAreThere() {
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build, Demo.shop());
      assertThat(plan.clearances().stream().filter(Clearance::inBody)).isNotEmpty();
      for (Clearance clearance : plan.clearances()) {
        assertThat(clearance.changedBy())
            .as(clearance.what().toString())
            .isNotEmpty()
            .allMatch(id -> roughcut.design.Decisions.find(plan.build().design(), id).isPresent());
      }
    }
  }

  @Test
  void nowAndFinishedDifferWhileTheBodyIsTooThick() {
    Plan plan = Heron.with("body.now-thickness=53", "body.stock-from=back");
    Clearance pocket =
        plan.clearances().stream()
            .filter(s -> s.kind().id().equals("pocket.floor"))
            .findFirst()
            .orElseThrow();
    assertThat(pocket.now().value() - pocket.left().value()).isCloseTo(9, within(1e-9));
    assertThat(Heron.value(plan, "pass.controls.depth-now"))
        .as("from the back, where the rest comes off, the router goes deeper now")
        .isCloseTo(Heron.value(Heron.with(), "pass.controls.depth-now") + 9, within(1e-9));
    assertThat(Heron.value(plan, "pass.pocket.depth-now"))
        .isCloseTo(Heron.value(Heron.with(), "pass.pocket.depth-now"), within(1e-9));
  }
}
