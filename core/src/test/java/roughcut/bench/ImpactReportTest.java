package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.finding.Finding;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.record.Reading;
import roughcut.whatif.Comparison;

/** Go, look or stop after a reading, held against a plain comparison of the two plans. */
class ImpactReportTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private static Set<String> stops(Plan plan) {
    return plan.clearances().stream()
        .filter(s -> s.state() == Clearance.State.STOP)
        .map(s -> s.left().id())
        .collect(Collectors.toSet());
  }

  @Test
  void whatCantBeIsAStopEvenWhereNoWoodIsThin() {
    Build build = Heron.build().asDesigned();
    Plan kept = Plan.of(build, Demo.shop());
    int impossible = 0;
    int go = 0;
    for (Decision decision : Decisions.all()) {
      if (!(decision instanceof NumberDecision number) || !number.measurable()) {
        continue;
      }
      double now = number.in(build.design());
      for (double value : new double[] {number.least(), now + number.step() / 100, number.most()}) {
        if (!number.allows(value)) {
          continue;
        }
        Plan next = Plan.of(build.withReading(Reading.of(number.id(), value, DAY)), Demo.shop());
        ImpactReport means = ImpactReport.of(kept, next);
        boolean cant =
            next.findings().stream()
                .filter(Finding::stops)
                .anyMatch(p -> kept.findings().stream().noneMatch(p::sameMatter));
        Set<String> thin = stops(next);
        thin.removeAll(stops(kept));
        if (cant || !thin.isEmpty()) {
          assertThat(means.verdict()).as(number.id() + " " + value).isEqualTo(Verdict.State.STOP);
        } else {
          assertThat(means.verdict())
              .as(number.id() + " " + value)
              .isNotEqualTo(Verdict.State.STOP);
        }
        impossible += cant && thin.isEmpty() ? 1 : 0;
        go += means.verdict() == Verdict.State.GO ? 1 : 0;
        assertThat(means.summary().toString())
            .startsWith(Integer.toString(means.settings().size()));
      }
    }
    assertThat(impossible).as("stops that only a problem tells").isGreaterThan(3);
    assertThat(go).isGreaterThan(30);
  }

  /** Strips sawn and glued, and a neck of one piece decided then: all of it was for nothing. */
  @Test
  void whatWouldNoLongerBePartOfTheWorkWasDoneInVain() {
    Build build = Heron.build().withLog(Log.NONE);
    Plan drawn = Plan.of(build, Demo.shop());
    Stack stack = build.design().neckStack();
    Strip first = stack.strips().get(0);
    Stack one = new Stack(List.of(new Strip(first.species(), 62, first.grain())), false);
    Plan nothingDone = Plan.of(build.withDesign(build.design().withNeckStack(one)), Demo.shop());
    assertThat(ImpactReport.of(drawn, nothingDone).obsoleteOperations())
        .as("nothing is done yet")
        .isEmpty();

    Set<String> gone = ids(drawn);
    gone.removeAll(ids(nothingDone));
    assertThat(gone).as("operations of strips").isNotEmpty();
    String done = gone.iterator().next();
    Build begun = build.withLog(Log.NONE.with(DoneOperation.of(done, DAY.atStartOfDay())));
    Plan kept = Plan.of(begun, Demo.shop());
    Plan next = Plan.of(begun.withDesign(begun.design().withNeckStack(one)), Demo.shop());
    ImpactReport means = ImpactReport.of(kept, next);
    assertThat(means.obsoleteOperations()).extracting(Operation::id).containsExactly(done);
    assertThat(means.verdict()).isNotEqualTo(Verdict.State.GO);
    assertThat(means.summary().toString())
        .contains("no longer needed: " + means.obsoleteOperations().get(0).title().toString());
    assertThat(new Comparison(kept, next).told().toString())
        .endsWith(
            "“"
                + means.obsoleteOperations().get(0).title().toString()
                + "” is then no longer needed");
    assertThat(ImpactReport.of(kept, kept).obsoleteOperations()).isEmpty();
  }

  private static Set<String> ids(Plan plan) {
    return Operations.of(plan).stream()
        .map(Operation::id)
        .collect(Collectors.toCollection(TreeSet::new));
  }
}
