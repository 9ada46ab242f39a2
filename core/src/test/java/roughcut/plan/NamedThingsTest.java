package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import roughcut.clearance.Clearance;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.finding.Finding;
import roughcut.record.Build;
import roughcut.record.Measurables;
import roughcut.shop.Shop;
import roughcut.wild.RandomBuilds;

/** What a thin spot or a finding names is there: nobody is sent to a field that doesn't exist. */
class NamedThingsTest {
  private int named;

  private Set<String> lost(Plan plan) {
    Set<String> lost = new TreeSet<>();
    for (Clearance clearance : plan.clearances()) {
      for (String id : clearance.changedBy()) {
        check(plan, id, "thin " + clearance.kind().id(), lost);
      }
    }
    for (Finding finding : plan.findings()) {
      if (finding.board().isPresent()) {
        named++;
        if (plan.shop().board(finding.board().get()).isEmpty()) {
          lost.add("finding " + finding.topic() + " → " + finding.where());
        }
      } else if (!finding.where().isEmpty()) {
        check(plan, finding.where(), "finding " + finding.topic(), lost);
      }
    }
    return lost;
  }

  private void check(Plan plan, String id, String what, Set<String> lost) {
    named++;
    boolean there =
        Decisions.find(plan.build().design(), id).isPresent()
            || Measurables.find(plan.build().design(), id).isPresent()
            || plan.value(id).isPresent();
    if (!there) {
      lost.add(what + " → " + id);
    }
  }

  @Test
  void ofEveryConstruction() {
    Set<String> lost = new TreeSet<>();
    for (Build build : Constructions.all()) {
      lost.addAll(lost(Plan.of(build, Demo.shop())));
      lost.addAll(lost(Plan.of(build, Shop.usual("nothing but saws"))));
    }
    assertThat(lost).isEmpty();
    assertThat(named).isGreaterThan(4000);
  }

  @Test
  void ofAHundredRandomBuilds() {
    Set<String> lost = new TreeSet<>();
    for (int i = 0; i < 100; i++) {
      RandomBuilds.Case one =
          i % 2 == 0 ? RandomBuilds.near(4100 + i) : RandomBuilds.wild(4100 + i);
      lost.addAll(lost(Plan.of(one.build(), one.shop())));
    }
    assertThat(lost).isEmpty();
  }
}
