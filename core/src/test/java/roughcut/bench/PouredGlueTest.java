package roughcut.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import roughcut.blank.GlueJob;
import roughcut.demo.Demo;
import roughcut.plan.Constructions;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** Every glue-up of an instrument is poured for by the operation that does it, and by one only. */
class PouredGlueTest {
  /** From the blanks themselves, whatever the operations say. */
  private static Set<String> wanted(Plan plan) {
    List<GlueJob> jobs = new ArrayList<>();
    jobs.add(plan.glueUp().job());
    plan.glueUp().steps().forEach(s -> jobs.add(s.job()));
    jobs.add(plan.body().join());
    plan.body().topping().ifPresent(jobs::add);
    Set<String> ids = new TreeSet<>();
    jobs.stream().filter(j -> j.faces().value() > 0).forEach(j -> ids.add(j.mass().id()));
    return ids;
  }

  @Test
  void ofEveryConstruction() {
    int steps = 0;
    for (Build build : Constructions.all()) {
      Plan plan = Plan.of(build, Demo.shop());
      List<String> poured =
          Operations.of(plan).stream().flatMap(o -> o.poured().stream()).sorted().toList();
      assertThat(poured).as(build.name()).containsExactlyElementsOf(wanted(plan));
      assertThat(poured).as(build.name()).allMatch(id -> plan.value(id).isPresent());
      steps += plan.glueUp().steps().size();
    }
    assertThat(steps).isGreaterThan(5);
  }
}
