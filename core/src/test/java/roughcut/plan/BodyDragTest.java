package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.design.NumberDecision;
import roughcut.geometry.Point;
import roughcut.record.Build;
import roughcut.rout.Cut;

class BodyDragTest {
  private static double number(Design design, String id) {
    return ((NumberDecision) Decisions.find(design, id).orElseThrow()).in(design);
  }

  private static Drag point(Plan plan, String side, boolean mirrored, double dx, double dy) {
    return Drag.of(plan, new Grip.BodyPoint(side, 5, mirrored), dx, dy).orElseThrow();
  }

  private static Drag drag(Plan plan, String name, double dx, double dy) {
    return Drag.of(plan, new Grip.Cut(name), dx, dy).orElseThrow();
  }

  @Test
  void aPickupGoesToTheBridgeAndSnapsToItsLine() {
    Plan plan = Heron.with();
    Drag along = drag(plan, "bridge", 10.2, 0.9);
    assertThat(number(along.design(), "pickup.bridge.from-saddle")).isEqualTo(36);
    assertThat(number(along.design(), "pickup.bridge.aside")).as("snapped").isZero();
    assertThat(along.words().toString()).isEqualTo("36.0 mm to the saddle line");
    Drag aside = drag(plan, "bridge", 0, 4.3);
    assertThat(number(aside.design(), "pickup.bridge.aside")).isEqualTo(4.5);
    assertThat(aside.words().toString()).contains("4.5 mm sideways");
    Drag tooFar = drag(plan, "bridge", 400, 0);
    assertThat(number(tooFar.design(), "pickup.bridge.from-saddle")).as("no further").isEqualTo(5);
  }

  @Test
  void locatedFromTheFretboardItsGapGrowsToTheBridge() {
    Plan plan =
        Heron.with("pickup.neck.located-from=fretboard-end", "pickup.neck.from-fretboard=8");
    Drag moved = drag(plan, "neck", 3, 0);
    assertThat(number(moved.design(), "pickup.neck.from-fretboard")).isEqualTo(11);
    assertThat(moved.words().toString()).contains("to the fretboard");
  }

  @Test
  void controlsSnapIntoLineAndToEqualSpacing() {
    Plan plan =
        Heron.with(
            "control.volume.x=660",
            "control.volume.y=80",
            "control.tone.x=700",
            "control.tone.y=90",
            "control.selector.x=730",
            "control.selector.y=120");
    Drag line = drag(plan, "selector", 0, -29.2);
    assertThat(number(line.design(), "control.selector.y")).as("level with tone").isEqualTo(90);
    Drag spaced = drag(plan, "selector", 11.3, 0);
    assertThat(number(spaced.design(), "control.selector.x"))
        .as("as far beyond tone as tone is beyond volume")
        .isEqualTo(740);
    Drag between = drag(plan, "selector", -49.2, 0);
    assertThat(number(between.design(), "control.selector.x")).as("halfway").isEqualTo(680);
    Drag free = drag(plan, "selector", 4.3, 7.2);
    assertThat(number(free.design(), "control.selector.x")).isEqualTo(734.5);
    assertThat(number(free.design(), "control.selector.y")).isEqualTo(127);
    assertThat(number(drag(plan, "selector", 0, -119).design(), "control.selector.y"))
        .as("to the centre line")
        .isZero();
  }

  @Test
  void aCavityTakesItsControlsAlongAndNobodyElse() {
    Plan plan = Heron.with();
    Drag moved = drag(plan, "controls", -6, 3);
    for (String name : new String[] {"volume", "tone", "selector"}) {
      for (String key : new String[] {"x", "y"}) {
        String id = "control." + name + "." + key;
        assertThat(number(moved.design(), id) - number(plan.build().design(), id))
            .as(id)
            .isEqualTo(key.equals("x") ? -6 : 3);
      }
    }
    assertThat(moved.words().toString()).startsWith("with its controls");
    Plan dunlin = Plan.of(Demo.dunlin(LocalDate.of(2026, 5, 4)), Demo.shop());
    Drag box = drag(dunlin, "battery", 5, 5);
    assertThat(number(box.design(), "cavity.battery.x")).isEqualTo(855);
    assertThat(number(box.design(), "cavity.battery.y")).isEqualTo(-67);
  }

  @Test
  void aJackRunsAlongTheEdgeToWhereItComesNearest() {
    Plan plan = Heron.with();
    Point now = plan.body().outline().edge().at(0.64).at();
    Point wanted = plan.body().outline().edge().at(0.60).at();
    Drag moved = drag(plan, "output", wanted.x() - now.x(), wanted.y() - now.y());
    assertThat(number(moved.design(), "jack.output.round")).isCloseTo(60, within(0.06));
    assertThat(moved.words().toString()).contains("% round the edge");
  }

  @Test
  void whatBelongsToOthersStaysAndSaysSo() {
    Plan plan = Heron.with();
    for (String name : new String[] {"pocket", "post-bass", "bolt-1", "controls-screw-1"}) {
      Drag still = drag(plan, name, 20, 20);
      assertThat(still.design()).isEqualTo(plan.build().design());
      assertThat(still.words().toString()).isEqualTo("its position follows from other decisions");
    }
    assertThat(drag(plan, "neck-wire", 20, 20).design()).isEqualTo(plan.build().design());
  }

  @Test
  void aPointOfTheOutlineFollowsOnItsOwnSide() {
    Plan plan = Heron.with();
    Drag treble = point(plan, "treble", false, 4, 6);
    Drag bass = point(plan, "bass", false, 4, -6);
    for (String side : new String[] {"treble", "bass"}) {
      Design design = (side.equals("treble") ? treble : bass).design();
      Design before = plan.build().design();
      String id = "outline." + side + ".5.";
      assertThat(number(design, id + "along") - number(before, id + "along")).isEqualTo(4);
      assertThat(number(design, id + "out") - number(before, id + "out"))
          .as("outwards")
          .isEqualTo(6);
    }
    Drag mirrored = point(plan, "bass", true, 0, 6);
    assertThat(
            number(mirrored.design(), "outline.bass.5.out")
                - number(plan.build().design(), "outline.bass.5.out"))
        .as("its image on the treble side")
        .isEqualTo(6);
  }

  /**
   * Wherever a thing is dragged, its design can be planned and every number is within its limits.
   */
  @Test
  void anyDragOfAnythingKeepsToTheLimits() {
    Random random = new Random(8);
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build, Demo.shop());
      for (Cut cut : plan.cuts().cuts()) {
        Drag moved =
            drag(plan, cut.name(), 900 * random.nextGaussian(), 500 * random.nextGaussian());
        assertThat(moved.words().toString()).isNotBlank();
        for (String id : moved.design().numbers().keySet()) {
          Decisions.find(moved.design(), id)
              .map(NumberDecision.class::cast)
              .ifPresent(
                  d ->
                      assertThat(d.in(moved.design()))
                          .as(d.id())
                          .isBetween(d.least() - 1e-9, d.most() + 1e-9));
        }
        Plan next = Plan.of(build.withDesign(moved.design()), Demo.shop());
        assertThat(next.values().values()).allMatch(v -> Double.isFinite(v.value()));
      }
    }
  }

  @Test
  void aNewFittingOfEveryTypeBeginsOnTheBodyAndIsPlanned() {
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build, Demo.shop());
      for (FittingType type : FittingType.values()) {
        Design before = build.design();
        String name = before.freeFittingName(StartingFitting.stem(type));
        Design design = StartingFitting.added(plan, before, type, name);
        Fitting added = design.fitting(name).orElseThrow();
        assertThat(added.type()).isEqualTo(type);
        assertThat(design.fittings()).hasSize(before.fittings().size() + 1);
        Plan next = Plan.of(build.withDesign(design), Demo.shop());
        assertThat(next.values().values()).allMatch(v -> Double.isFinite(v.value()));
        next.cuts()
            .cut(name)
            .ifPresent(
                c ->
                    assertThat(c.shapes())
                        .as(build.name() + ": " + type)
                        .anyMatch(
                            s ->
                                s.corners().stream()
                                    .anyMatch(next.body().outline().shape()::contains)));
        assertThat(next.build().design().withoutFitting(name)).isEqualTo(before);
      }
    }
  }
}
