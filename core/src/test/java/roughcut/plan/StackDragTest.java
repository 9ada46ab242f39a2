package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.blank.PlacedStrip;
import roughcut.demo.Demo;
import roughcut.design.Stack;
import roughcut.design.Strip;

class StackDragTest {
  private static double thick(Plan plan, int number) {
    return plan.blank().strips().get(number - 1).strip().thickness();
  }

  @Test
  void ofAMirroredStackTheMiddleGrowsTwiceAndTheBassSideTheOtherWay() {
    Plan plan = Heron.with();
    assertThat(plan.blank().strips()).hasSize(5);
    assertThat(StackDrag.thickness(plan, 3, 1.5)).isCloseTo(thick(plan, 3) + 3, within(1e-9));
    assertThat(StackDrag.thickness(plan, 4, 1.5)).isCloseTo(thick(plan, 4) + 1.5, within(1e-9));
    assertThat(StackDrag.thickness(plan, 2, 1.5)).isCloseTo(thick(plan, 2) - 1.5, within(1e-9));
    assertThat(StackDrag.thickness(plan, 4, 0.26))
        .as("to a tenth")
        .isCloseTo(thick(plan, 4) + 0.3, within(1e-9));
  }

  @Test
  void ofAnUnlikeStackEveryStripGrowsByWhatItsEdgeMoves() {
    Strip plum = new Strip("plum", 20, Strip.Grain.TO_HEEL);
    Strip larch = new Strip("larch", 30, Strip.Grain.TO_HEAD);
    Plan plan =
        Plan.of(
            Heron.build()
                .asDesigned()
                .withDesign(
                    Heron.build()
                        .design()
                        .withNeckStack(new Stack(List.of(plum, larch, plum), false))),
            Demo.shop());
    for (int number = 1; number <= 3; number++) {
      assertThat(StackDrag.thickness(plan, number, 2))
          .isCloseTo(thick(plan, number) + 2, within(1e-9));
    }
  }

  /** Wherever a strip is let go, it takes the place of the one that lies there. */
  @Test
  void aStripTakesThePlaceOfTheOneItIsLetGoOn() {
    Plan plan = Heron.with();
    List<PlacedStrip> strips = plan.blank().strips();
    double x = strips.get(0).lower().heelEnd() - 24;
    for (int from = 1; from <= strips.size(); from++) {
      double own = middle(strips.get(from - 1), x);
      for (int to = 1; to <= strips.size(); to++) {
        double dy = middle(strips.get(to - 1), x) - own;
        assertThat(StackDrag.target(plan, from, dy)).isEqualTo(to);
      }
      assertThat(StackDrag.target(plan, from, 500)).as("off the stack").isEqualTo(from);
      assertThat(StackDrag.target(plan, from, -500)).isEqualTo(from);
    }
  }

  private static double middle(PlacedStrip strip, double x) {
    return (strip.from(x) + strip.to(x)) / 2;
  }
}
