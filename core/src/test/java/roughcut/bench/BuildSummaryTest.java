package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.finding.Finding;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Shop;
import roughcut.start.InstrumentKind;
import roughcut.start.NewInstrument;

/** What is said of an instrument in a line is what bench and plan say. */
class BuildSummaryTest {
  private static final LocalDateTime NOW = LocalDateTime.of(2026, 5, 4, 10, 0);

  @Test
  void everyDemoIsToldAsItStands() {
    for (Build build : Demo.builds(NOW.toLocalDate())) {
      Plan plan = Plan.of(build, Demo.shop());
      BuildSummary glance = BuildSummary.of(plan, NOW);
      int done = build.log().done().size();
      long stops =
          plan.findings().stream()
                  .filter(Finding::stops)
                  .filter(f -> f.severity() != Finding.Severity.GET)
                  .count()
              + plan.clearances().stream().filter(s -> s.state() == Clearance.State.STOP).count();
      assertThat(glance.stops()).as(build.name()).isEqualTo((int) stops);
      assertThat(glance.toGet())
          .isEqualTo(
              (int)
                  plan.findings().stream()
                      .filter(f -> f.severity() == Finding.Severity.GET)
                      .count());
      assertThat(glance.stopped().toString().isEmpty()).isEqualTo(stops + glance.toGet() == 0);
      assertThat(glance.done()).as(build.name()).isLessThanOrEqualTo(done);
      assertThat(glance.words().toString().startsWith("Not started")).isEqualTo(glance.done() == 0);
      Bench bench = Bench.of(plan, NOW);
      assertThat(glance.next())
          .allSatisfy(
              o ->
                  assertThat(bench.step(o.id()).orElseThrow().state())
                      .isEqualTo(Bench.State.READY));
    }
  }

  /** From not begun to finished, each operation done counts one, and the next is really next. */
  @Test
  void itGoesFromNotBegunToFinished() {
    Shop shop = Demo.shop();
    Build build = NewInstrument.usual("Plover", InstrumentKind.SIX_STRINGS).build();
    BuildSummary first = BuildSummary.of(Plan.of(build, shop), NOW);
    assertThat(first.words().toString()).startsWith("Not started");
    LocalDateTime at = NOW;
    int done = 0;
    for (Operation op : Route.of(Plan.of(build, shop)).order()) {
      Plan plan = Plan.of(build, shop);
      build = Bench.of(plan, at).done(build, op, Duration.ZERO, "", "");
      done++;
      if (done % 12 == 1) {
        BuildSummary now = BuildSummary.of(Plan.of(build, shop), at.plusDays(20));
        assertThat(now.done()).isEqualTo(done);
        assertThat(now.words().toString())
            .startsWith(done + " of " + now.of() + " operations done");
      }
    }
    BuildSummary last = BuildSummary.of(Plan.of(build, shop), at.plusDays(90));
    assertThat(last.words().toString()).isEqualTo("finished");
    assertThat(last.next()).isEmpty();
  }
}
