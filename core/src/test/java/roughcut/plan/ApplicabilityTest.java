package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Applicability;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.NumberDecision;
import roughcut.measure.Value;
import roughcut.record.Build;

/** What is said not to count really changes nothing, in every construction. */
class ApplicabilityTest {
  /** Numbers for comparing go with what isn't chosen: they are told, and set nothing. */
  private static boolean comparing(String id) {
    return id.startsWith("scarf.")
        || id.startsWith("head.one-piece")
        || id.startsWith("head.grain")
        || id.startsWith("head.flat")
        || id.startsWith("head.headless-")
        || id.startsWith("head.step")
        || id.equals("heel.end.from-break");
  }

  @Test
  void whatDoesNotCountChangesNothing() {
    Random random = new Random(77);
    Set<String> idle = new TreeSet<>();
    for (Build build : Constructions.all()) {
      Plan before = Plan.of(build, Demo.shop());
      Design design = build.design();
      List<NumberDecision> sleeping = new ArrayList<>();
      for (Decision decision : Decisions.all()) {
        if (decision instanceof NumberDecision number
            && Applicability.idle(design, number.id()).isPresent()
            && !build.measured().containsKey(number.id())) {
          double other = number.least() + random.nextDouble() * (number.most() - number.least());
          Design next =
              number.with(
                  design,
                  number.quantity() == roughcut.measure.Quantity.COUNT ? Math.rint(other) : other);
          if (Applicability.idle(next, number.id()).isEmpty()) {
            continue; // being set is what wakes it: a notch in the fretboard's end
          }
          sleeping.add(number);
          design = next;
          idle.add(number.id());
        }
      }
      // All of them at once: none may matter.
      Plan after = Plan.of(build.withDesign(design), Demo.shop());
      for (Value value : before.values().values()) {
        if (!comparing(value.id())) {
          Optional<Value> now = after.value(value.id());
          assertThat(now).as(build.name() + " " + value.id()).isPresent();
          assertThat(now.get().value())
              .as(build.name() + " " + value.id())
              .isEqualTo(value.value());
        }
      }
      assertThat(after.clearances().stream().map(c -> c.what().toString()).sorted())
          .as(build.name())
          .containsExactlyElementsOf(
              before.clearances().stream().map(c -> c.what().toString()).sorted().toList());
      assertThat(after.problems()).as(build.name()).isEqualTo(before.problems());
      assertThat(sleeping).isNotEmpty();
    }
    assertThat(idle).as("enough kinds of them").hasSizeGreaterThan(50);
  }

  @Test
  void itIsSaidWhereADecisionWouldCount() {
    Design heron = Heron.build().design();
    assertThat(Applicability.idle(heron, "access.pocket-depth").orElseThrow())
        .hasToString("Used only where the rod is adjusted from a pocket in the headstock");
    assertThat(Applicability.idle(heron, "rod.depth")).isEmpty();
    Design through = Heron.set(heron, "neck.fixing=through");
    assertThat(Applicability.idle(through, "bolt.count")).isPresent();
    assertThat(Applicability.idle(through, "heel.end")).isPresent();
    assertThat(Applicability.idle(heron, "bolt.count")).isEmpty();
    assertThat(Applicability.idle(Heron.set(heron, "bolt.kind=inserts"), "bolt.bite")).isPresent();
    assertThat(Applicability.idle(heron, "neck.angle").isPresent())
        .isEqualTo(
            roughcut.design.StringDecisions.SOLVE_FOR.in(heron) == roughcut.design.SolveFor.ANGLE);
  }
}
