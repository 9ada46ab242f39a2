package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.BlankStep;
import roughcut.design.Design;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.geometry.Arcs;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Proposal;
import roughcut.whatif.FixSuggestions;

/** Tapered and curved strips, steps after gluing, and what is seen of it all. */
class StackShapesTest {
  private static Strip strip(double nut, double heel, double bow) {
    return new Strip("cherry", nut, heel, bow, Strip.Grain.TO_HEEL);
  }

  private static Plan plan(Stack stack, BlankStep... steps) {
    Build build = Heron.build().asDesigned();
    Design design = build.design().withNeckStack(stack).withNeckSteps(List.of(steps));
    return Plan.of(build.withDesign(design), Demo.shop());
  }

  /** Every millimetre along the neck: the other way to find a crossing. */
  private static List<Double> signChanges(Plan plan, int line) {
    List<Double> found = new ArrayList<>();
    GlueFace face = plan.blank().strips().get(line).lower();
    double before = 0;
    for (double x = 0; x <= plan.neck().heelEnd().value(); x += 0.05) {
      double now = Math.abs(face.at(x)) - plan.taper().halfWidth(x);
      if (before * now < 0) {
        found.add(x);
      }
      before = now;
    }
    return found;
  }

  @Test
  void crossingsOfTaperedAndCurvedStripsAreThoseFoundByWalkingAlong() {
    Random random = new Random(3);
    int crossed = 0;
    for (int i = 0; i < 150; i++) {
      double nut = 36 + 12 * random.nextDouble();
      Stack stack =
          Stack.mirroredFromMiddle(
              strip(
                  nut,
                  nut + 16 * random.nextDouble() - 4,
                  i % 2 == 0 ? 0 : 6 * random.nextDouble()),
              strip(14, 14, 0));
      Plan plan = plan(stack);
      for (int line = 1; line <= 2; line++) {
        int which = line;
        List<Double> told =
            plan.blank().crossings().stream()
                .filter(c -> c.line() == which)
                .map(c -> c.x().value())
                .toList();
        List<Double> walked = signChanges(plan, line);
        assertThat(told).as(stack.toString()).hasSameSizeAs(walked);
        for (int k = 0; k < told.size(); k++) {
          assertThat(told.get(k)).isCloseTo(walked.get(k), within(0.06));
        }
        crossed += told.size();
      }
    }
    assertThat(crossed).isGreaterThan(60);
  }

  @Test
  void everyWayOutKeepsTheOutlineOffTheLine() {
    Plan before = Heron.with();
    assertThat(before.blank().crossings()).isNotEmpty();
    List<Proposal> ways = FixSuggestions.stack(before);
    assertThat(ways).hasSize(3);
    for (Proposal way : ways) {
      Plan after = Plan.of(way.change().apply(before.build()), Demo.shop());
      assertThat(after.blank().crossings()).as(way.words()).isEmpty();
      assertThat(value(after, "blank.side-spare")).as(way.words()).isNotNegative();
      assertThat(after.blank().symmetrical()).isTrue();
    }
    Proposal taper =
        ways.stream().filter(w -> w.words().contains("Taper")).findFirst().orElseThrow();
    Plan tapered = Plan.of(taper.change().apply(before.build()), Demo.shop());
    GlueFace line = tapered.blank().strips().get(1).lower();
    for (double x : new double[] {0, 200, 500}) {
      assertThat(tapered.taper().halfWidth(x) - Math.abs(line.at(x)))
          .as("the line follows the outline")
          .isCloseTo(3, within(0.01));
    }
  }

  @Test
  void aCurvedInsertHasItsRadiusOrdinatesAndWhatIsLeftBesideIt() {
    Plan plan =
        plan(Stack.mirroredFromMiddle(strip(20, 20, 4), strip(0.6, 0.6, 0), strip(22, 22, 0)));
    assertThat(plan.blank().inserts()).hasSize(2);
    CurvedInsert insert = plan.blank().inserts().get(1);
    // 500 long, 4 deep: (250000/4 + 16) / 8.
    assertThat(insert.radius().value()).isCloseTo(7814.5, within(1e-9));
    assertThat(insert.outerRadius().value()).isCloseTo(7815.1, within(1e-9));
    assertThat(insert.left().value()).isCloseTo(18, within(1e-9));
    for (CurvedInsert.Ordinate o : insert.ordinates()) {
      double r = insert.radius().value();
      double fromMiddle = o.x() - 250;
      assertThat(o.height())
          .isCloseTo(4 - (r - Math.sqrt(r * r - fromMiddle * fromMiddle)), within(1e-9));
    }
    // The veneer follows the curve: it is as thick in the middle as at the ends.
    PlacedStrip veneer = plan.blank().strips().get(3);
    assertThat(veneer.to(250) - veneer.from(250)).isCloseTo(0.6, within(1e-9));
    assertThat(Arcs.ordinate(500, 4, 250)).isCloseTo(4, within(1e-12));
  }

  @Test
  void anOpenedBlankIsMirroredAndItsStackTwiceAsDeep() {
    Stack half = new Stack(List.of(strip(20, 20, 0), new Strip("hornbeam", 8, null)), false);
    Plan plan = plan(half, new BlankStep(BlankStep.Kind.OPENED, "hornbeam", 6, 0));
    assertThat(value(plan, "blank.width")).isEqualTo(62);
    assertThat(plan.blank().strips().stream().map(s -> s.strip().species()))
        .containsExactly("hornbeam", "cherry", "hornbeam", "cherry", "hornbeam");
    assertThat(plan.blank().symmetrical()).isTrue();
    // Shaft 16 and flattening 1 a face, twice; kerf 1; resawing 1.5 a sawn face.
    assertThat(value(plan, "stack.depth")).isEqualTo(2 * 18 + 1 + 3);
    assertThat(plan.tree().root().how().toString()).contains("bookmatched");
    assertThat(plan.tree().root().from().get(0).name().toString()).isEqualTo("stack");
    assertThat(plan.tree().root().all()).hasSize(5);
  }

  @Test
  void aHalfTurnedEndForEndLosesOneCutAndReversesItsGrain() {
    Plan plan =
        plan(
            new Stack(List.of(strip(70, 70, 0)), true),
            new BlankStep(BlankStep.Kind.TURNED, "cherry", 0, 0));
    assertThat(value(plan, "blank.width")).isEqualTo(70 - 1 - 2);
    assertThat(plan.blank().strips()).hasSize(2);
    assertThat(plan.blank().strips().get(0).strip().grain())
        .isNotEqualTo(plan.blank().strips().get(1).strip().grain());
  }

  @Test
  void aCapIsTakenOffTheCoresDepthAndABlockDeepensTheHeel() {
    Plan plan =
        plan(
            new Stack(List.of(strip(70, 70, 0)), true),
            new BlankStep(BlankStep.Kind.CAPPED, "pear", 4, 0),
            new BlankStep(BlankStep.Kind.HEEL_BLOCK, "cherry", 7, 90));
    assertThat(value(plan, "stack.depth")).isEqualTo(16 + 2 - 4 + 1);
    assertThat(value(plan, "heel.stock")).isEqualTo(23);
    assertThat(value(plan, "heel.spare")).isEqualTo(1);
    assertThat(plan.about(Topic.NECK_BLANK).stream().map(Finding::words))
        .noneMatch(w -> w.contains("heel is"));
    Plan without = plan(new Stack(List.of(strip(70, 70, 0)), true));
    assertThat(without.about(Topic.NECK_BLANK).stream().map(Finding::words))
        .anyMatch(w -> w.contains("heel is 6.0 mm too thin"));
  }

  @Test
  void whatIsSeenOfALineIsWhatWalkingAlongItCounts() {
    Plan plan = Heron.with();
    for (SeenLines seen : plan.seen()) {
      GlueFace face = plan.blank().strips().get(seen.line()).lower();
      double walked = 0;
      for (double x = 0.05; x < plan.neck().joint().value(); x += 0.1) {
        walked += Math.abs(face.at(x)) < plan.taper().halfWidth(x) ? 0.1 : 0;
      }
      assertThat(seen.back().value()).isCloseTo(walked, within(0.2));
    }
    assertThat(value(plan, "seen.line.2.head")).isGreaterThan(150);
    assertThat(value(Heron.with("head.face-veneer=2"), "seen.line.2.head")).isZero();
    Plan through = Heron.with("neck.fixing=through");
    assertThat(value(through, "seen.line.2.back"))
        .as("to the body's end")
        .isCloseTo(through.body().outline().end(), within(1e-6));
  }

  @Test
  void movedStripsStayMirrored() {
    Stack stack = Heron.build().design().neckStack();
    Stack moved = stack.move(0, 1);
    assertThat(moved.symmetrical()).isTrue();
    assertThat(moved.strips().get(0).species()).isEqualTo("cherry");
    assertThat(moved.strips().get(1).species()).isEqualTo("hornbeam");
    assertThat(moved.strips().get(3).species()).isEqualTo("hornbeam");
    assertThat(moved.move(1, 0)).isEqualTo(stack);
    Stack odd = new Stack(List.of(strip(5, 5, 0), strip(6, 6, 0), strip(7, 7, 0)), false);
    assertThat(odd.move(0, 9).strips().stream().map(Strip::thickness))
        .containsExactly(6.0, 7.0, 5.0);
  }

  @Test
  void theNeckWeighsWhatFineSlicesWeighAndTheScaleOverrules() {
    Plan plan =
        plan(
            new Stack(List.of(new Strip("pear", 70, null)), true),
            new BlankStep(BlankStep.Kind.HEEL_BLOCK, "pear", 8, 96));
    double shaft = 0;
    for (double x = 0.5; x < 500; x += 1) {
      double half = plan.taper().halfWidth(x);
      for (double y = -half + 0.25; y < half; y += 0.5) {
        shaft +=
            (plan.neck().carved(x)
                    ? plan.neck().profile(x).depthAt(y)
                    : plan.neck().back().depth(x))
                * 0.5
                * 690e-6;
      }
    }
    double told = plan.value("neck.mass").orElseThrow().inputs().get(0).value().value();
    assertThat(told).isCloseTo(shaft, within(shaft * 0.015));
    assertThat(value(Heron.with("neck.weighed=530"), "neck.mass")).isEqualTo(530);
  }
}
