package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.finding.Finding;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Reading;
import roughcut.thin.ThinSpot;

/** Go, look or stop after a reading, held against a plain comparison of the two plans. */
class ConsequencesTest {
  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

  private static Set<String> stops(Plan plan) {
    return plan.thinSpots().stream()
        .filter(s -> s.state() == ThinSpot.State.STOP)
        .map(s -> s.left().id())
        .collect(Collectors.toSet());
  }

  @Test
  void whatCantBeIsAStopEvenWhereNoWoodIsThin() {
    Build build = Heron.build().asDesigned();
    Plan kept = Plan.of(build, Demo.shop());
    Set<String> known = kept.problems().stream().map(Finding::words).collect(Collectors.toSet());
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
        Consequences means = Consequences.of(kept, next);
        boolean cant = next.problems().stream().anyMatch(p -> !known.contains(p.words()));
        Set<String> thin = stops(next);
        thin.removeAll(stops(kept));
        if (cant || !thin.isEmpty()) {
          assertThat(means.verdict())
              .as(number.id() + " " + value)
              .isEqualTo(Consequences.Verdict.STOP);
        } else {
          assertThat(means.verdict())
              .as(number.id() + " " + value)
              .isNotEqualTo(Consequences.Verdict.STOP);
        }
        impossible += cant && thin.isEmpty() ? 1 : 0;
        go += means.verdict() == Consequences.Verdict.GO ? 1 : 0;
        assertThat(means.told())
            .startsWith(means.verdict().word() + " · " + means.settings().size());
      }
    }
    assertThat(impossible).as("stops that only a problem tells").isGreaterThan(3);
    assertThat(go).isGreaterThan(30);
  }
}
