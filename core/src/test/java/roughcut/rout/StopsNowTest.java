package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.BodyDecisions;
import roughcut.design.BodyFace;
import roughcut.plan.Plan;

/** How deep the drill's stop is set on a body that still has wood on it: from what is there now. */
class StopsNowTest {
  private static final double THICKNESS = BodyDecisions.BODY_THICKNESS.in(Heron.build().design());

  private static Plan lived(String... lived) {
    return Plan.of(Heron.lived(Heron.build().asDesigned(), lived), Demo.shop());
  }

  private static double more(Plan plan, Cut cut) {
    return Heron.value(plan, "rout." + cut.name() + ".stop-now")
        - plan.value("rout." + cut.name() + ".stop-now").orElseThrow().inputs().stream()
            .filter(i -> i.symbol().equals("l"))
            .findFirst()
            .orElseThrow()
            .value()
            .value();
  }

  private static List<Cut> bored(Plan plan) {
    return plan.cuts().cuts().stream()
        .filter(c -> plan.value("rout." + c.name() + ".stop-now").isPresent())
        .toList();
  }

  @ParameterizedTest
  @EnumSource
  void whatIsBoredFromAFaceGoesThroughTheStockOnIt(BodyFace face) {
    Plan plan = lived("body.stock-from=" + face.word(), "body.now-thickness=" + (THICKNESS + 3));
    assertThat(bored(plan)).hasSizeGreaterThan(4);
    for (Cut cut : bored(plan)) {
      boolean through = cut.from() != CutFrom.EDGE && cut.from().opens(face);
      assertThat(more(plan, cut)).as(cut.name()).isCloseTo(through ? 3 : 0, within(1e-9));
    }
  }

  @Test
  void whatIsBoredFromTheEdgeGoesThroughTheWoodOutsideTheLine() {
    Plan plan = lived("body.now-outside=4");
    assertThat(bored(plan)).anyMatch(c -> c.from() == CutFrom.EDGE);
    for (Cut cut : bored(plan)) {
      boolean edge = cut.from() == CutFrom.EDGE;
      assertThat(more(plan, cut)).as(cut.name()).isCloseTo(edge ? 4 : 0, within(1e-9));
    }
  }
}
