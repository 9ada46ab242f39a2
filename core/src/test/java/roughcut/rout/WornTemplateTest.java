package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Shop;
import roughcut.shop.Template;

/** A template whose opening was measured: the rout is as wide as it, and all that hangs on it. */
class WornTemplateTest {
  private static Plan with(String name, double opening) {
    Shop demo = Demo.shop();
    List<Template> templates = new ArrayList<>(demo.templates());
    templates.removeIf(t -> t.name().equals(name));
    templates.add(
        new Template(
            name,
            12,
            "MDF",
            Template.Use.ROUTING,
            false,
            Optional.of(opening),
            true,
            "centre line"));
    return Plan.of(Heron.build().asDesigned(), demo.withTemplates(templates));
  }

  private static Plan without(String name) {
    Shop demo = Demo.shop();
    List<Template> templates = new ArrayList<>(demo.templates());
    templates.removeIf(t -> t.name().equals(name));
    return Plan.of(Heron.build().asDesigned(), demo.withTemplates(templates));
  }

  private static Bounds bounds(Plan plan, String name) {
    return plan.cuts().cut(name).orElseThrow().steps().get(0).bounds();
  }

  @Test
  void theRoutComesOutAsItsTemplateIs() {
    Plan drawn = without("neck");
    double wanted = bounds(drawn, "neck").width();
    for (double off : new double[] {-0.6, 0.4, 1.5}) {
      Plan plan = with("neck", wanted + off);
      assertThat(bounds(plan, "neck").width()).isCloseTo(wanted + off, within(0.01));
      assertThat(bounds(plan, "neck").height())
          .isCloseTo(bounds(drawn, "neck").height() + off, within(0.01));
      assertThat(plan.value("rout.neck.off").orElseThrow().value()).isCloseTo(off, within(1e-6));
      RoutPlan rout = plan.cuts().plansOf("neck").get(0);
      assertThat(rout.template().width().value())
          .as("what is wanted stays")
          .isCloseTo(wanted, within(1e-6));
      assertThat(rout.template().say().toString()).contains(off > 0 ? "wider. Walls" : "narrower");
    }
    assertThat(with("neck", wanted).value("rout.neck.off").orElseThrow().value())
        .isCloseTo(0, within(1e-9));
    assertThat(bounds(with("neck", wanted), "neck")).isEqualTo(bounds(drawn, "neck"));
  }

  @Test
  void wallsAndPocketGoByIt() {
    Plan drawn = without("pocket");
    double wanted = bounds(drawn, "pocket").width();
    Plan wide = with("pocket", wanted + 2);
    assertThat(bounds(wide, "pocket").right())
        .isCloseTo(bounds(drawn, "pocket").right() + 1, within(0.01));
    Plan worn = with("neck", bounds(drawn, "neck").width() + 2);
    double was = drawn.value("rout.neck.edge").orElseThrow().value();
    assertThat(was - worn.value("rout.neck.edge").orElseThrow().value())
        .as("the wall to the edge")
        .isCloseTo(1, within(0.05));
    Build build = drawn.build();
    assertThat(build.design()).isEqualTo(wide.build().design());
  }

  /** The neck's fit goes by the template as it is, wider or narrower, and check says so. */
  @Test
  void thePocketsClearanceGoesByItToo() {
    Plan drawn = without("pocket");
    double wanted = bounds(drawn, "pocket").width();
    double clearance = drawn.value("pocket.clearance-finished").orElseThrow().value();
    for (double off : new double[] {-0.16, 0.3, 1}) {
      Plan plan = with("pocket", wanted + off);
      assertThat(plan.value("pocket.clearance-finished").orElseThrow().value())
          .isCloseTo(clearance + off / 2, within(1e-6));
      assertThat(plan.findings())
          .anyMatch(
              f ->
                  f.words()
                      .contains("template for the neck pocket: its opening was last measured"));
    }
    assertThat(with("pocket", wanted).findings())
        .noneMatch(f -> f.words().contains("template for the neck pocket"));
    Plan tight = with("pocket", wanted - 1);
    assertThat(tight.findings())
        .anyMatch(f -> f.stops() && f.words().contains("too narrow for the neck"));
  }

  /** What a ring hides is looked at on the rout as it is cut, legs and all. */
  @Test
  void aRingHidesTheRoutAsTheTemplateCutsIt() {
    Build ringed =
        Heron.lived(
            Heron.build().asDesigned(),
            "pickup.neck.fixing=ring",
            "pickup.neck.ring-length=92",
            "pickup.neck.ring-width=46");
    Shop shop = Demo.shop().withTemplates(List.of());
    Plan drawn = Plan.of(ringed, shop);
    Plan worn = Plan.of(ringed, with("neck", bounds(drawn, "neck").width() + 1.2).shop());
    double least = Double.POSITIVE_INFINITY;
    for (var step : worn.cuts().cut("neck").orElseThrow().steps()) {
      for (var corner : step.outline().corners()) {
        Point at = worn.cuts().pickups().get(0).centre();
        double along = Math.abs(corner.x() - at.x());
        double across = Math.abs(corner.y() - at.y());
        least = Math.min(least, Math.min(46 / 2.0 - along, 92 / 2.0 - across));
      }
    }
    double hidden = worn.value("pickup.neck.hidden").orElseThrow().value();
    assertThat(hidden).isCloseTo(least, within(0.02));
    assertThat(drawn.value("pickup.neck.hidden").orElseThrow().value() - hidden)
        .isCloseTo(0.6, within(1e-6));
  }
}
