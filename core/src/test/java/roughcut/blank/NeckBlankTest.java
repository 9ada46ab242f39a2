package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.plan.Plan;
import roughcut.record.Build;

class NeckBlankTest {
  private static Plan withStack(Stack stack, String... settings) {
    Build build = Heron.build().asDesigned();
    return Plan.of(
        build.withDesign(Heron.set(build.design(), settings).withNeckStack(stack)), Demo.shop());
  }

  private static Strip strip(double thickness) {
    return new Strip("cherry", thickness, Strip.Grain.TO_HEEL);
  }

  @Test
  void theHandbooksGlueLineIsCrossedWhereItSays() {
    // Half-widths 21.5 at the nut and 28.0 at x = 460, glue line at ±23: crossed at 106.2.
    Stack stack = Stack.mirroredFromMiddle(strip(46), strip(8));
    double past = 460 - Heron.with().frets().last().x();
    Plan plan = withStack(stack, "fretboard.width-at=end", "scale.length=638");
    double end = value(plan, "fretboard.end.from-nut");
    assertThat(plan.blank().crossings()).hasSize(2);
    assertThat(value(plan, "blank.crossing.1.x")).isCloseTo(1.5 / 6.5 * end, within(1e-9));
    assertThat(1.5 / 6.5 * 460).isCloseTo(106.2, within(0.05));
    assertThat(past).isNegative();
  }

  @Test
  void whatTheSawLeavesAtACrossingIsHalfTheNeck() {
    Plan plan = Heron.with();
    for (NeckBlank.Crossing crossing : plan.blank().crossings()) {
      assertThat(plan.taper().halfWidth(crossing.x().value()))
          .isCloseTo(Math.abs(crossing.offset()), within(1e-9));
    }
  }

  @Test
  void linesInsideTheNutOrOutsideTheHeelAreNotCrossed() {
    assertThat(withStack(Stack.mirroredFromMiddle(strip(20), strip(25))).blank().crossings())
        .isEmpty();
    assertThat(withStack(Stack.mirroredFromMiddle(strip(60), strip(8))).blank().crossings())
        .isEmpty();
    assertThat(withStack(new Stack(List.of(strip(70)), true)).blank().crossings()).isEmpty();
    assertThat(Heron.with("fretboard.end-width=43").blank().crossings())
        .as("a neck without taper")
        .isEmpty();
  }

  @Test
  void theCentreLineIsTheMiddleOfTheStack() {
    Plan plan = withStack(new Stack(List.of(strip(10), strip(20), strip(40)), false));
    assertThat(value(plan, "blank.width")).isEqualTo(70);
    assertThat(plan.blank().strips().get(0).from()).isEqualTo(-35);
    assertThat(plan.blank().strips().get(2).to()).isCloseTo(35, within(1e-9));
    assertThat(plan.blank().crossings()).hasSize(1);
  }

  @Test
  void editsOfAMirroredStackStayAlike() {
    Stack stack = Heron.build().design().neckStack();
    Stack edited =
        stack
            .change(0, s -> s.withThickness(9))
            .addOutside(strip(4))
            .change(2, s -> s.withSpecies("pear"));
    assertThat(edited.symmetrical()).isTrue();
    assertThat(edited.size()).isEqualTo(7);
    assertThat(edited.remove(0).size()).isEqualTo(5);
    assertThat(edited.remove(3).size()).isEqualTo(6);
    Stack odd = stack.withMirrored(false).change(0, s -> s.withThickness(9));
    assertThat(odd.symmetrical()).isFalse();
    assertThat(odd.withMirrored(true).symmetrical()).isTrue();
    assertThat(new Stack(List.of(strip(5)), true).remove(0).size())
        .as("the last strip stays")
        .isEqualTo(1);
  }
}
