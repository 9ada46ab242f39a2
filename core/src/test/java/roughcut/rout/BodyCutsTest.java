package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.plan.Plan;
import roughcut.record.Build;

class BodyCutsTest {
  private static Plan plan(Design design) {
    return Plan.of(Heron.build().asDesigned().withDesign(design), Demo.shop());
  }

  @Test
  void bindingIsLetInBetweenRoutAndEdge() {
    Plan plan = Heron.with("binding.layers=3", "binding.layer-width=1.5", "control.tone.y=136");
    assertThat(value(plan, "rout.controls.binding"))
        .isCloseTo(value(plan, "rout.controls.edge") - 4.5, within(1e-9));
  }

  @Test
  void balanceIsToldFromTheFrontStrapButton() {
    Plan plan = Heron.with();
    assertThat(value(plan, "balance.behind-strap"))
        .isCloseTo(
            value(plan, "balance.x") - plan.cuts().cut("horn").orElseThrow().middleX(),
            within(1e-9));
  }

  @Test
  void shapesOfTheBookAreSoundAndComeBack() {
    for (var shape : roughcut.shop.BodyShapeBook.all()) {
      Design design =
          roughcut.design.BodyShapes.set(
              Heron.set(Heron.build().design(), "outline.bass.3.out=9"), shape);
      assertThat(roughcut.design.BodyShapes.matching(design)).contains(shape);
      assertThat(plan(design).body().outline().crossing()).as(shape.name()).isEmpty();
    }
    assertThat(
            roughcut.design.BodyShapes.matching(
                Heron.set(Heron.build().design(), "outline.bass.3.out=9")))
        .isEmpty();
  }

  @Test
  void everyKindOfBridgeAndFittingCanBeCut() {
    for (String bridge :
        List.of("two-post", "flat-plate", "pivoting", "bar-tailpiece", "wraparound")) {
      Plan plan = Heron.with("bridge.kind=" + bridge, "bridge.strung-through=yes");
      assertThat(plan.cuts().cuts()).as(bridge).extracting(Cut::kind).contains(CutKind.POST);
      assertThat(plan.cuts().cuts().stream().filter(c -> c.kind() == CutKind.STRING)).hasSize(6);
    }
    Set<FittingType> used =
        Demo.builds(LocalDate.of(2026, 5, 4)).stream()
            .flatMap(b -> b.design().fittings().stream())
            .map(Fitting::type)
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(FittingType.class)));
    assertThat(used).as("every kind is used somewhere").isEqualTo(EnumSet.allOf(FittingType.class));
    List<Build> builds = new ArrayList<>(Demo.builds(LocalDate.of(2026, 5, 4)));
    List<Fitting> hollow = new ArrayList<>(builds.get(0).design().fittings());
    hollow.add(new Fitting(FittingType.CAVITY, "bass-chamber", "chamber"));
    builds.add(builds.get(0).withDesign(builds.get(0).design().withFittings(hollow)));
    Set<CutKind> cut =
        builds.stream()
            .flatMap(b -> Plan.of(b, Demo.shop()).cuts().cuts().stream())
            .map(Cut::kind)
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(CutKind.class)));
    assertThat(cut).as("every kind of cut too").isEqualTo(EnumSet.allOf(CutKind.class));
  }

  @Test
  void everyKindOfTheBookCanTakeItsPlace() {
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      for (Fitting fitting : build.design().fittings()) {
        for (var kind : roughcut.shop.FittingBook.of(fitting.type().word())) {
          Design other = Heron.set(build.design(), fitting.id("kind") + "=" + kind.id());
          assertThat(other.fitting(fitting.name()).orElseThrow().listed()).isEqualTo(kind);
          Plan plan = Plan.of(build.withDesign(other), Demo.shop());
          assertThat(plan.values().values()).allMatch(v -> Double.isFinite(v.value()));
        }
      }
    }
  }

  @Test
  void whatCantBeIsSaidAtItsPlace() {
    assertThat(Heron.with("rout.bridge.depth=60").problems())
        .anyMatch(
            p ->
                p.where().equals("rout.bridge.depth")
                    && p.words().contains("66.0 mm deep, and the body 44.0 mm thick"));
    assertThat(Heron.with("control.tone.y=390").problems())
        .anyMatch(
            p -> p.words().contains("outside the body outline") || p.words().contains("misses"));
    assertThat(Heron.with("outline.bass.4.out=-140", "outline.treble.4.out=-140").problems())
        .anyMatch(p -> p.where().startsWith("outline.") && p.words().contains("crosses itself"));
    assertThat(Heron.with("relief.left=10", "body.mass-target=500").problems())
        .anyMatch(p -> p.where().equals("body.mass-target"));
    assertThat(Heron.with().problems()).isEmpty();
  }

  @Test
  void takingAFittingAwayTakesAllOfItAndNothingElse() {
    Build build = Heron.build();
    Build without = build.withoutFitting("selector");
    assertThat(without.design().fitting("selector")).isEmpty();
    assertThat(without.measured()).doesNotContainKey("control.selector.height");
    assertThat(without.design().fitting("controls").orElseThrow().with())
        .containsExactly("volume", "tone");
    assertThat(without.design().numbers().keySet()).noneMatch(id -> id.contains("selector"));
    Plan plan = Plan.of(without, Demo.shop());
    assertThat(plan.problems()).isEmpty();
    assertThat(plan.cuts().cut("controls")).isPresent();
    Build none = build;
    for (Fitting fitting : build.design().fittings()) {
      none = none.withoutFitting(fitting.name());
    }
    assertThat(Plan.of(none, Demo.shop()).cuts().pickups()).isEmpty();
  }

  @Test
  void anOutlineOfOurOwnCanBeMirroredAndItsPointsMoved() {
    Plan plan = Heron.with("outline.mirror=yes");
    Outline shape = plan.body().outline().shape();
    for (Point p : shape.corners()) {
      assertThat(shape.edgeDistance(new Point(p.x(), -p.y()))).isLessThan(0.01);
    }
    Plan moved = Heron.with("outline.treble.6.out=12");
    double before = Heron.with().body().outline().bounds().high();
    assertThat(moved.body().outline().bounds().high()).isGreaterThan(before + 8);
    assertThat(moved.body().outline().bounds().low())
        .isCloseTo(Heron.with().body().outline().bounds().low(), within(0.6));
  }
}
