package roughcut.whatif;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Proposal;

class ClearanceFixesTest {
  private static Clearance spot(Plan plan, String id) {
    return plan.clearances().stream()
        .filter(s -> s.left().id().equals(id))
        .findFirst()
        .orElseThrow(() -> new AssertionError("no spot " + id));
  }

  private static Plan after(Plan plan, Proposal way) {
    return Plan.of(way.change().apply(plan.build()), plan.shop());
  }

  /** A body too thin for its pocket: thicker by the least that does, or a shallower pocket. */
  @Test
  void eachWayMakesTheSpotClearAndAStepLessDoesNot() {
    Plan plan = Plan.of(Heron.lived(Heron.build(), "body.thickness=34"), Demo.shop());
    Clearance floor = spot(plan, "pocket.floor");
    assertThat(floor.state()).isNotEqualTo(Clearance.State.CLEAR);
    List<Proposal> ways = ClearanceFixes.of(plan, floor);
    assertThat(ways).isNotEmpty();
    for (Proposal way : ways) {
      assertThat(spot(after(plan, way), "pocket.floor").state())
          .as(way.words())
          .isEqualTo(Clearance.State.CLEAR);
    }
    double thick =
        ways.stream()
            .filter(w -> w.words().contains("body thickness"))
            .map(w -> after(plan, w).build().design().numbers().get("body.thickness"))
            .findFirst()
            .orElseThrow();
    assertThat(thick).isGreaterThan(34);
    Plan less = Plan.of(Heron.lived(Heron.build(), "body.thickness=" + (thick - 0.5)), Demo.shop());
    assertThat(spot(less, "pocket.floor").state())
        .as("half a millimetre less isn't enough")
        .isNotEqualTo(Clearance.State.CLEAR);
  }

  @Test
  void whatIsClearNeedsNothingAndWhatWasMeasuredIsLeftAlone() {
    Plan plan = Plan.of(Heron.build(), Demo.shop());
    assertThat(ClearanceFixes.of(plan, spot(plan, "pocket.floor"))).isEmpty();
    Plan thin = Plan.of(Heron.lived(Heron.build(), "body.thickness=34"), Demo.shop());
    Build read =
        thin.build()
            .withReading(
                roughcut.record.Reading.of("body.thickness", 34, LocalDate.of(2026, 5, 4)));
    Plan measured = Plan.of(read, Demo.shop());
    assertThat(ClearanceFixes.of(measured, spot(measured, "pocket.floor")))
        .noneMatch(w -> w.words().contains("body thickness"));
  }

  /** No way out stops anything that wasn't stopped before, on any spot of any demo. */
  @Test
  void noWayOutSpoilsElsewhereWhatWasSound() {
    int offered = 0;
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build, Demo.shop());
      long before =
          plan.clearances().stream().filter(s -> s.state() == Clearance.State.STOP).count();
      for (Clearance clearance : plan.clearances().stream().limit(3).toList()) {
        for (Proposal way : ClearanceFixes.of(plan, clearance)) {
          offered++;
          Plan then = after(plan, way);
          assertThat(
                  then.clearances().stream().filter(s -> s.state() == Clearance.State.STOP).count())
              .as(build.name() + ": " + way.words())
              .isLessThanOrEqualTo(before);
          assertThat(then.problems()).hasSizeLessThanOrEqualTo(plan.problems().size());
        }
      }
    }
    assertThat(offered).isGreaterThan(2);
  }
}
