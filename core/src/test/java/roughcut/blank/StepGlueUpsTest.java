package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.BlankDecisions;
import roughcut.design.BlankStep;
import roughcut.design.Decisions;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.finding.Topic;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** Blanks of blanks: what each step glues; veneers in number. */
class StepGlueUpsTest {
  private static Plan plan(List<BlankStep> steps, Strip... strips) {
    Build build = Heron.build().asDesigned();
    return Plan.of(
        build.withDesign(
            build.design().withNeckStack(new Stack(List.of(strips), false)).withNeckSteps(steps)),
        Demo.shop());
  }

  private static Strip strip(String wood, double t) {
    return new Strip(wood, t, Strip.Grain.TO_HEEL);
  }

  @Test
  void everyStepHasItsOwnJointAndItsOwnSizes() {
    Plan plan =
        plan(
            List.of(
                new BlankStep(BlankStep.Kind.OPENED, "pear", 6, 0),
                new BlankStep(BlankStep.Kind.CAPPED, "elm", 3, 0)),
            strip("hornbeam", 14),
            strip("pear", 14));
    List<GlueUp.Assembly> steps = plan.glueUp().steps();
    assertThat(steps).hasSize(2);
    List<BlankNode> nodes = plan.tree().afterSteps();
    assertThat(nodes)
        .extracting(n -> n.name().toString())
        .containsExactly("opened blank", "capped blank");
    assertThat(steps.get(0).job().faces().value())
        .as("two leaves and a strip between")
        .isEqualTo(2);
    assertThat(steps.get(1).job().faces().value()).isEqualTo(1);
    BlankNode opened = nodes.get(0);
    assertThat(steps.get(0).job().area().value())
        .isCloseTo(opened.length() * opened.depth() / 100, within(1e-9));
    BlankNode capped = nodes.get(1);
    assertThat(steps.get(1).job().area().value())
        .isCloseTo(capped.length() * capped.width() / 100, within(1e-9));
    assertThat(opened.from().get(0).depth())
        .as("the stack holds both leaves and the saw")
        .isGreaterThan(2 * opened.depth());
    assertThat(plan.glueUp().job().faces().value()).as("the stack's own").isEqualTo(1);
    assertThat(plan(List.of(), strip("pear", 62)).glueUp().steps()).isEmpty();
  }

  @Test
  void manyVeneersCreepAndAreStaged() {
    List<Strip> many = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      many.add(strip("hornbeam", 10));
      many.add(strip("pear", 0.6));
    }
    many.add(strip("hornbeam", 10));
    Plan plan = plan(List.of(), many.toArray(Strip[]::new));
    assertThat(plan.glueUp().job().creeps()).isTrue();
    assertThat(plan.glueUp().job().stages().value())
        .as("10 faces, four at a time")
        .isGreaterThanOrEqualTo(3);
    assertThat(plan.about(Topic.NECK_BLANK)).anyMatch(q -> q.words().contains("veneers creep"));
    for (List<Integer> stage : plan.glueUp().job().faceStages()) {
      assertThat(stage.size()).isLessThanOrEqualTo(4);
    }
    Plan two =
        plan(
            List.of(),
            strip("hornbeam", 20),
            strip("pear", 0.6),
            strip("hornbeam", 20),
            strip("pear", 0.6),
            strip("hornbeam", 20));
    assertThat(two.glueUp().job().creeps()).isFalse();
  }

  /** A half can be turned only where the saw leaves two. */
  @Test
  void aBlankThatIsAllKerfIsNotHalved() {
    var design = Heron.build().design();
    double lost = Decisions.SAW_KERF.in(design) + 2 * BlankDecisions.SAW_ALLOWANCE.in(design);
    List<BlankStep> turned = List.of(new BlankStep(BlankStep.Kind.TURNED, "cherry", 0, 0));
    for (double over : new double[] {-0.1, 0, 0.1, 40}) {
      double half = (lost + over) / 2;
      assertThat(allKerf(plan(turned, strip("pear", half), strip("pear", half))))
          .as(over + " mm more than the saw takes")
          .isEqualTo(over <= 0);
      assertThat(allKerf(plan(List.of(), strip("pear", half), strip("pear", half)))).isFalse();
    }
  }

  private static boolean allKerf(Plan plan) {
    return plan.problems().stream()
        .anyMatch(
            p ->
                p.where().equals(Decisions.SAW_KERF.id())
                    && p.words().contains("Nothing is left of one half"));
  }

  /** A strip bows outwards: its joint at that side is told, next to the edge as well. */
  @Test
  void everyCurvedJointHasItsOrdinates() {
    for (int bowed : new int[] {1, 2}) {
      List<Strip> strips = new ArrayList<>();
      for (int i = 0; i < 4; i++) {
        strips.add(new Strip("pear", 15, 15, i == bowed ? 1.5 : 0, Strip.Grain.TO_HEEL));
      }
      assertThat(plan(List.of(), strips.toArray(Strip[]::new)).blank().inserts())
          .extracting(CurvedInsert::line)
          .containsExactly(bowed == 1 ? 1 : 3);
    }
  }
}
