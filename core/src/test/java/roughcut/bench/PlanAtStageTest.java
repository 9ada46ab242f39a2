package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.part.BodyWork;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** A plan asked at another stage of its work. */
class PlanAtStageTest {
  private static final LocalDateTime NOON = LocalDateTime.of(2026, 5, 4, 12, 0);

  private static double mass(Plan plan) {
    return Heron.value(plan, "body.mass-now");
  }

  @Test
  void theBodyOnlyGetsLighterAsItsWorkGoesOn() {
    for (Build demo : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Build build = Heron.undone(demo);
      Plan plan = Plan.of(build, Demo.shop());
      double before = Double.POSITIVE_INFINITY;
      int lighter = 0;
      for (Operation op : Route.of(plan).order()) {
        if (!op.id().startsWith("body.")) {
          continue;
        }
        Plan then = PlanAtStage.after(plan, op.id(), NOON).orElseThrow();
        if (then.value("body.mass-now").isPresent()) {
          assertThat(mass(then)).as(op.id()).isLessThanOrEqualTo(before + 1e-9);
          lighter += mass(then) < before - 1 ? 1 : 0;
          before = mass(then);
        }
      }
      assertThat(lighter).as(build.name()).isGreaterThan(3);
      Plan finished = PlanAtStage.finished(plan, NOON);
      assertThat(mass(finished)).isCloseTo(Heron.value(finished, "body.mass"), within(1e-6));
    }
  }

  @Test
  void whenAllIsDoneNowIsFinished() {
    for (Build demo : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan finished = PlanAtStage.finished(Plan.of(demo, Demo.shop()), NOON);
      assertThat(finished.clearances()).noneMatch(Clearance::later);
      assertThat(Bench.of(finished, NOON).steps()).allMatch(s -> s.state() == Bench.State.DONE);
      assertThat(Route.open(finished)).isEmpty();
    }
  }

  @Test
  void anOperationsStageIsWithAllBeforeItInTheOrder() {
    Plan plan = Plan.of(Heron.build(), Demo.shop());
    Plan then = PlanAtStage.after(plan, BodyWork.OUTLINE.operation().text(), NOON).orElseThrow();
    assertThat(then.build().log().isDone(BodyWork.THICKNESS.operation())).isTrue();
    assertThat(then.build().log().isDone("body.cut.pocket")).isFalse();
    assertThat(then.cuts().state().toCome(BodyWork.EDGES)).isTrue();
    assertThat(then.cuts().state().toCome(BodyWork.OUTLINE)).isFalse();
    assertThat(PlanAtStage.after(plan, "no.such", NOON)).isEmpty();
  }
}
