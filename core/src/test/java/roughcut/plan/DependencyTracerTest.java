package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.NumberDecision;
import roughcut.measure.Value;
import roughcut.record.Build;

/** What is said to hang on a decision is what really moves when it is changed. */
class DependencyTracerTest {
  @Test
  void aWorkedExample() {
    Plan plan = Heron.with();
    List<String> sources =
        DependencyTracer.sources(plan.value("scarf.run").orElseThrow()).stream()
            .map(Value::id)
            .toList();
    assertThat(sources).contains("head.angle", "shaft.thickness").doesNotContain("nut.width");
    assertThat(ids(DependencyTracer.dependents(plan, "head.angle")))
        .contains("scarf.run", "scarf.bevel")
        .doesNotContain("head.angle", "fret.12.nut");
    assertThat(DependencyTracer.dependents(plan, "no.such")).isEmpty();
  }

  private static Set<String> ids(List<Value> values) {
    return values.stream().map(Value::id).collect(Collectors.toCollection(TreeSet::new));
  }

  /**
   * Each decision nudged: the numbers that change are among those that are said to hang on it. What
   * comes into being or goes with a nudge (a spot that wasn't near) isn't asked.
   */
  @Test
  void nothingMovesThatIsNotSaidToHangOnIt() {
    Plan plan = Heron.with();
    Build build = plan.build();
    int moves = 0;
    List<String> silent = new ArrayList<>();
    for (String id :
        List.of(
            "head.angle",
            "head.thickness",
            "scale.length",
            "fretboard.thickness",
            "body.thickness",
            "heel.thickness",
            "rod.depth",
            "bridge.spread")) {
      Decision decision = Decisions.find(build.design(), id).orElse(null);
      if (!(decision instanceof NumberDecision n)) {
        continue;
      }
      Plan next =
          Plan.of(
              build.withDesign(n.with(build.design(), n.in(build.design()) + 0.2)), plan.shop());
      Set<String> said = ids(DependencyTracer.dependents(plan, id));
      for (Value value : plan.values().values()) {
        double then = next.value(value.id()).map(Value::value).orElse(value.value());
        if (!value.id().equals(id) && Math.abs(then - value.value()) > 1e-6) {
          moves++;
          if (!said.contains(value.id())) {
            silent.add(id + " moves " + value.id());
          }
        }
      }
    }
    assertThat(moves).isGreaterThan(200);
    assertThat(silent).isEmpty();
  }

  /** Both ways tell the same: a source of a number is a decision that it is moved by. */
  @Test
  void sourcesAndMovesAgree() {
    Plan plan = Heron.with();
    Set<String> headAngle = ids(DependencyTracer.dependents(plan, "head.angle"));
    for (Value value : plan.values().values()) {
      boolean source =
          DependencyTracer.sources(value).stream().anyMatch(s -> s.id().equals("head.angle"));
      if (!value.id().equals("head.angle")) {
        assertThat(headAngle.contains(value.id())).as(value.id()).isEqualTo(source);
      }
    }
  }
}
