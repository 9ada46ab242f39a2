package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Design;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.geometry.Point;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** Binding round a body of straight edges bends nowhere: no radius is told, and nothing breaks. */
class StraightBindingTest {
  private static final List<Point> SLAB =
      List.of(new Point(0, -160), new Point(380, -160), new Point(380, 160), new Point(0, 160));

  @Test
  void aBodyOfStraightEdgesTellsNoRadius() {
    Build heron = Heron.build().asDesigned();
    Design bound = Heron.set(heron.design(), "binding.layers=3", "binding.layer-width=2");
    Plan curved = Plan.of(heron.withDesign(bound), Demo.shop());
    assertThat(curved.value("binding.tightest").orElseThrow().value()).isBetween(5.0, 200.0);
    Design slab =
        bound.withDrawn(DrawnPart.BODY, Optional.of(new DrawnOutline("slab.svg", SLAB, 0)));
    Plan straight = Plan.of(heron.withDesign(slab), Demo.shop());
    assertThat(straight.value("binding.tightest")).isEmpty();
    assertThat(straight.blanks().body().binding().orElseThrow().bends()).isTrue();
    assertThat(straight.values().values()).allMatch(v -> Double.isFinite(v.value()));
  }
}
