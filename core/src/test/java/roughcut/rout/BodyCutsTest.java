package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Build;
import roughcut.design.Design;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.plan.Plan;
import roughcut.plan.Problem;
import roughcut.shop.Template;
import roughcut.thin.ThinSpot;

class BodyCutsTest {
  private static Plan plan(Design design) {
    return Plan.of(Heron.build().asDesigned().withDesign(design), Demo.shop());
  }

  @Test
  void pocketFollowsHeelAngleAndBody() {
    Plan plan =
        Heron.with(
            "heights.solve-for=saddle",
            "heel.thickness=22",
            "pocket.exposed=3",
            "neck.angle=2",
            "body.thickness=44",
            "joint.x=430",
            "heel.end=500");
    assertThat(value(plan, "pocket.depth.front")).isCloseTo(19, within(1e-9));
    assertThat(value(plan, "pocket.depth.end"))
        .isCloseTo(19 - 70 * Math.tan(Math.toRadians(2)), within(1e-9));
    assertThat(value(plan, "pocket.floor")).isCloseTo(25, within(1e-9));
    assertThat(value(plan, "pocket.heel-gap"))
        .isCloseTo(22 * Math.sin(Math.toRadians(2)), within(1e-9));
    Pocket pocket = plan.cuts().pocket().orElseThrow();
    assertThat(pocket.depthAt(430)).isCloseTo(19, within(1e-9));
    assertThat(pocket.depthAt(500)).isCloseTo(value(plan, "pocket.depth.end"), within(1e-9));
  }

  @Test
  void pocketIsTheRealNecksEdgesAndTheClearance() {
    Plan plan = Heron.with("pocket.clearance=0.2", "pocket.corners=chisel");
    Outline shape = plan.cuts().pocket().orElseThrow().cut().steps().get(0).outline();
    double half = plan.neck().halfWidth(432);
    assertThat(shape.bounds().left()).isCloseTo(432, within(1e-9));
    assertThat(shape.bounds().right()).isCloseTo(500.2, within(1e-9));
    assertThat(shape.spans(432.001, true).get(0)[1]).isCloseTo(half + 0.2, within(0.001));
    Plan measured = Plan.of(Heron.build(), Demo.shop());
    Outline wide = measured.cuts().pocket().orElseThrow().cut().steps().get(0).outline();
    assertThat(wide.bounds().height())
        .as("the fretboard came out wider, and the pocket with it")
        .isGreaterThan(
            Heron.with()
                .cuts()
                .pocket()
                .orElseThrow()
                .cut()
                .steps()
                .get(0)
                .outline()
                .bounds()
                .height());
    Outline round =
        Heron.with("pocket.corner-radius=6.35")
            .cuts()
            .pocket()
            .orElseThrow()
            .cut()
            .steps()
            .get(0)
            .outline();
    // two round corners of nearly a right angle each lack (1 − π/4)·r²
    assertThat(
            Heron.with("pocket.corners=chisel")
                    .cuts()
                    .pocket()
                    .orElseThrow()
                    .cut()
                    .steps()
                    .get(0)
                    .outline()
                    .area()
                - round.area())
        .isCloseTo(2 * (1 - Math.PI / 4) * 6.35 * 6.35, within(0.8));
  }

  @Test
  void boltsReachThroughPlateAndFloorIntoTheHeel() {
    Plan plan =
        Heron.with(
            "heights.solve-for=saddle",
            "neck.angle=0",
            "heel.thickness=22",
            "pocket.exposed=1",
            "body.thickness=44",
            "bolt.plate=2",
            "bolt.counterbore=5",
            "bolt.bite=16");
    // floor 23, less the counterbore
    assertThat(value(plan, "bolt.length")).isCloseTo(2 + 23 - 5 + 16, within(1e-9));
    assertThat(value(plan, "bolt.tip-clearance")).isCloseTo(6, within(1e-9));
    double into = value(Heron.with("bolt.reach=into-fretboard"), "bolt.tip-clearance");
    assertThat(into)
        .as("through the glue line up to the slots, when that is chosen")
        .isCloseTo(6 + Heron.with().fretboard().slots().least().under().value(), within(1e-9));
  }

  @Test
  void aFloorUnderABoltedPocketIsHeldAgainstTheScrew() {
    assertThat(floor(Heron.with("body.thickness=36.7")).state()).isEqualTo(ThinSpot.State.LOOK);
    assertThat(floor(Heron.with("body.thickness=36.8")).state()).isEqualTo(ThinSpot.State.CLEAR);
    assertThat(floor(Heron.with("body.thickness=32")).state()).isEqualTo(ThinSpot.State.STOP);
    assertThat(floor(Heron.with("body.thickness=32", "neck.fixing=glued-in")).state())
        .as("glued: 11 is under 12")
        .isEqualTo(ThinSpot.State.LOOK);
  }

  private static ThinSpot floor(Plan plan) {
    return plan.thinSpots().stream()
        .filter(s -> s.kind().equals("pocket.floor"))
        .findFirst()
        .orElseThrow();
  }

  /** 20 high, strings 13 over the body there, gap 2.5, wire 3, travel 4: 16.5. */
  @Test
  void aPickupsRoutIsAsDeepAsTheSum() {
    Plan first = Heron.with("pickup.neck.height=20", "pickup.neck.gap=2.5");
    double string = first.stringPlan().heights().string(640 - 122);
    assertThat(value(first, "pickup.neck.depth"))
        .isCloseTo(20 + 3 + 4 - (string - 2.5), within(1e-9));
    Plan example = Heron.with("pickup.neck.height=20", "pickup.neck.gap=" + (2.5 + string - 13));
    assertThat(value(example, "pickup.neck.depth")).isCloseTo(16.5, within(1e-9));
  }

  @Test
  void aPickupFollowsItsDistanceAndTheStringsAndItsOwnDepth() {
    Plan plan = Heron.with("pickup.bridge.from-saddle=50", "rout.bridge.depth=15");
    Pickup bridge = plan.cuts().pickups().get(1);
    assertThat(bridge.centre().x()).isCloseTo(590, within(1e-9));
    assertThat(value(plan, "pickup.bridge.from-saddle")).isEqualTo(50);
    assertThat(value(plan, "pickup.bridge.depth")).isEqualTo(15);
    assertThat(value(plan, "rout.bridge.floor")).as("legs 6 deeper").isCloseTo(23, within(1e-9));
    assertThat(value(plan, "pickup.bridge.share")).isCloseTo(5000 / 640.0, within(1e-9));
    Outline bed = bridge.cut().steps().get(0).outline();
    assertThat(bed.bounds().height()).isCloseTo(71, within(1e-4));
    assertThat(bed.bounds().width()).isCloseTo(39.5, within(1e-4));
    assertThat(value(plan, "template.bridge.opening-width")).isCloseTo(39.5, within(1e-4));
    assertThat(value(Heron.with("template.bush=16"), "template.bridge.opening-width"))
        .as("(16 − 9.5) / 2 more all round")
        .isCloseTo(39.5 + 6.5, within(1e-4));
  }

  @Test
  void aPickupLocatedFromTheFretboardKeepsItsGapToTheRealOne() {
    Plan plan =
        Heron.with("pickup.neck.located-from=fretboard-end", "pickup.neck.from-fretboard=5");
    assertThat(value(plan, "pickup.neck.to-fretboard")).isCloseTo(5, within(1e-9));
    Plan longer =
        Heron.with(
            "pickup.neck.located-from=fretboard-end",
            "pickup.neck.from-fretboard=5",
            "fretboard.past-last-fret=14.6");
    assertThat(value(longer, "pickup.neck.from-saddle"))
        .as("5 nearer the saddle than with the shorter board")
        .isCloseTo(value(plan, "pickup.neck.from-saddle") - 5, within(1e-9));
  }

  @Test
  void bindingIsLetInBetweenRoutAndEdge() {
    Plan plan = Heron.with("binding.layers=3", "binding.layer-width=1.5", "control.tone.y=136");
    assertThat(value(plan, "rout.controls.binding"))
        .isCloseTo(value(plan, "rout.controls.edge") - 4.5, within(1e-9));
  }

  @Test
  void indexHolesAreHiddenInTheEndOrItIsSaid() {
    assertThat(Heron.with().cuts().indexHoles())
        .hasSize(2)
        .allMatch(h -> h.coveredBy().isPresent());
    assertThat(Heron.with("bore.index-2.x=760").cuts().indexHoles().get(1).coveredBy()).isEmpty();
    assertThat(Heron.with("bore.index-2.x=860").cuts().indexHoles().get(1).coveredBy())
        .contains("the waste outside the outline");
  }

  @Test
  void aPlateKeepsOffTheBridgeButNotOffItsKnobs() {
    Build dunlin = Demo.builds(LocalDate.of(2026, 5, 4)).get(2);
    Plan wide =
        Plan.of(
            dunlin.withDesign(Heron.set(dunlin.design(), "plate.plate.overlap=60")), Demo.shop());
    assertThat(wide.thinSpots())
        .filteredOn(s -> s.kind().equals("body.hardware"))
        .extracting(ThinSpot::what)
        .anyMatch(w -> w.contains("bridge") && w.contains("plate"))
        .noneMatch(w -> w.contains("plate") && w.contains("knob"));
  }

  @Test
  void aControlUnderAPlateCanBeTakenHoldOf() {
    Plan plan = Plan.of(Demo.builds(LocalDate.of(2026, 5, 4)).get(2), Demo.shop());
    assertThat(plan.cuts().cut("volume")).as("no bore of its own").isEmpty();
    var drawing =
        roughcut.drawing.BodyDrawing.of(
            plan,
            roughcut.measure.Units.MM,
            roughcut.design.BodyFace.TOP,
            roughcut.drawing.BodyDrawing.Shows.CUTS,
            "volume");
    assertThat(drawing.marks())
        .anyMatch(m -> m instanceof roughcut.drawing.Mark.Handle h && h.id().equals("cut.volume"));
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
  void theTopOverTheControlsFollowsTheirCavity() {
    Plan plan = Heron.with("cavity.controls.left=5", "body.thickness=44");
    assertThat(value(plan, "control.top-left")).isCloseTo(5, within(1e-9));
    assertThat(value(plan, "rout.controls.floor")).isCloseTo(5, within(1e-9));
    assertThat(value(plan, "cavity.controls.depth")).isCloseTo(39, within(1e-9));
    assertThat(value(plan, "control.volume.bushing-spare"))
        .as("9.5 of thread, washer and nut 3.5, top 5")
        .isCloseTo(1, within(1e-9));
    Plan deeper = Heron.with("rout.controls.depth=41");
    assertThat(value(deeper, "control.top-left")).isCloseTo(3, within(1e-9));
    Plan carved = Heron.with("arm.depth=20", "arm.reach=160", "arm.turn=60");
    assertThat(value(carved, "control.top-left"))
        .as("less where the top is contoured")
        .isLessThan(5);
  }

  @Test
  void eachControlLiesInItsCavityWithItsRoom() {
    Plan plan = Heron.with("cavity.controls.wall=3");
    Outline cavity = plan.cuts().cut("controls").orElseThrow().steps().get(1).outline();
    for (Part part : plan.cuts().parts()) {
      if (Set.of("volume", "tone", "selector").contains(part.id())) {
        assertThat(cavity.covers(part.outline())).as(part.id()).isTrue();
        double room =
            part.outline().corners().stream().mapToDouble(cavity::edgeDistance).min().orElse(0);
        assertThat(room).as(part.id()).isGreaterThan(2.9);
      }
    }
  }

  @Test
  void theJackBreaksIntoItsCavityBetweenItsWalls() {
    Plan plan = Heron.with("body.thickness=44");
    assertThat(value(plan, "jack.walls")).isCloseTo(22 - 11, within(1e-9));
    assertThat(value(Heron.with("jack.output.depth=15"), "jack.walls")).isCloseTo(4, within(1e-9));
    Cut jack = plan.cuts().cut("output").orElseThrow();
    Outline cavity = plan.cuts().cut("controls").orElseThrow().steps().get(1).outline();
    assertThat(cavity.holds(jack.bores().get(0).to().flat())).isTrue();
    assertThat(plan.cuts().surface().edge().inside(jack.bores().get(0).from().flat()))
        .isCloseTo(0, within(0.05));
    assertThat(plan.problems()).isEmpty();
    assertThat(Heron.with("jack.output.turn=60").problems())
        .extracting(Problem::decisionId)
        .contains("jack.output.turn");
  }

  @Test
  void aBoredChannelIsAsLongAsFromRoutToRout() {
    Plan plan = Heron.with();
    Cut wire = plan.cuts().cut("bridge-wire").orElseThrow();
    double length = wire.bores().get(0).from().distance(wire.bores().get(0).to());
    assertThat(value(plan, "channel.bridge-wire.length")).isCloseTo(length, within(1e-9));
    double fall = wire.bores().get(0).to().z() - wire.bores().get(0).from().z();
    assertThat(value(plan, "channel.bridge-wire.angle"))
        .isCloseTo(Math.toDegrees(Math.asin(fall / length)), within(1e-6));
    Outline rout = plan.cuts().cut("bridge").orElseThrow().steps().get(0).outline();
    assertThat(rout.holds(wire.bores().get(0).from().flat())).isTrue();
  }

  @Test
  void aPivotingBridgeLeavesAWebBetweenItsRouts() {
    Plan plan = Heron.with("bridge.kind=pivoting", "body.thickness=44");
    assertThat(plan.cuts().cuts())
        .extracting(Cut::name)
        .contains("bridge-top", "bridge-block", "springs", "post-bass", "post-treble");
    assertThat(value(plan, "springs.depth")).isEqualTo(17);
    assertThat(value(plan, "web.bridge-top.springs"))
        .as("44 − 11 from the top − 17 from the back")
        .isCloseTo(16, within(0.002));
    assertThat(
            value(
                Heron.with("bridge.kind=pivoting", "rout.springs.depth=30"),
                "web.bridge-top.springs"))
        .isCloseTo(3, within(0.002));
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
    Set<CutKind> cut =
        Demo.builds(LocalDate.of(2026, 5, 4)).stream()
            .flatMap(b -> Plan.of(b, Demo.shop()).cuts().cuts().stream())
            .map(Cut::kind)
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(CutKind.class)));
    assertThat(cut).containsAll(EnumSet.complementOf(EnumSet.of(CutKind.BRIDGE, CutKind.SPRINGS)));
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
                p.decisionId().equals("rout.bridge.depth")
                    && p.message().contains("deeper than the body"));
    assertThat(Heron.with("control.tone.y=390").problems())
        .anyMatch(
            p ->
                p.message().contains("outside the body's outline")
                    || p.message().contains("misses"));
    assertThat(Heron.with("outline.bass.4.out=-140", "outline.treble.4.out=-140").problems())
        .anyMatch(
            p -> p.decisionId().startsWith("outline.") && p.message().contains("crosses itself"));
    assertThat(Heron.with("relief.left=10", "body.mass-target=500").problems())
        .anyMatch(p -> p.decisionId().equals("body.mass-target"));
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
  void templatesSayWhatTheyAre() {
    Template master =
        new Template(
            "bridge", 12, "plywood", Template.Use.ROUTING, true, Optional.empty(), true, "pins");
    assertThat(say(master)).contains("a master");
    assertThat(
            say(
                new Template(
                    "bridge",
                    5,
                    "acrylic",
                    Template.Use.ROUTING,
                    false,
                    Optional.empty(),
                    true,
                    "pins")))
        .contains("melts");
    assertThat(
            say(
                new Template(
                    "bridge",
                    12,
                    "plywood",
                    Template.Use.ROUTING,
                    false,
                    Optional.of(39.9),
                    true,
                    "pins")))
        .contains("39.90")
        .contains("39.50");
    Template thick =
        new Template(
            "bridge", 18, "plywood", Template.Use.ROUTING, false, Optional.empty(), true, "pins");
    Plan plan = Plan.of(Heron.build().asDesigned(), Demo.shop().withTemplates(List.of(thick)));
    assertThat(value(plan, "pass.bridge.1.setting") - value(plan, "pass.bridge.1.depth"))
        .as("the router stands on the template that is there")
        .isEqualTo(18);
  }

  private static String say(Template template) {
    Plan plan = Plan.of(Heron.build().asDesigned(), Demo.shop().withTemplates(List.of(template)));
    return plan.cuts().plansOf("bridge").get(0).template().say();
  }

  @Test
  void wasteIsBoredClearOfWallsAndFloor() {
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      for (RoutPlan rout : Plan.of(build, Demo.shop()).cuts().routs()) {
        rout.bored()
            .ifPresent(
                b -> {
                  assertThat(b.stop())
                      .isCloseTo(rout.surface().value() - b.bit().spur() - 0.5, within(1e-9));
                  for (Point p : b.places()) {
                    assertThat(rout.step().outline().holds(p)).isTrue();
                    assertThat(rout.step().outline().edgeDistance(p))
                        .isGreaterThanOrEqualTo(b.bit().diameter() / 2 + 0.99);
                  }
                });
      }
    }
  }

  @Test
  void reliefBoresKeepClearAndMeetTheTarget() {
    Build dunlin = Demo.builds(LocalDate.of(2026, 5, 4)).get(2);
    Plan plan = Plan.of(dunlin, Demo.shop());
    assertThat(value(plan, "relief.count")).isGreaterThan(2);
    assertThat(value(plan, "body.mass"))
        .isLessThanOrEqualTo(roughcut.design.RoutDecisions.MASS_TARGET.in(dunlin.design()) + 0.5);
    List<Cut> cuts = plan.cuts().cuts();
    for (Cut bore : cuts) {
      if (!bore.name().matches("relief-\\d+")) {
        continue;
      }
      assertThat(plan.cuts().surface().edge().nearest(bore.outlines().get(0)).distance())
          .isGreaterThan(13.9);
      for (Cut other : cuts) {
        if (other != bore) {
          double gap =
              other.solids().stream()
                  .mapToDouble(
                      s -> roughcut.geometry.ClosestApproach.of(bore.solids().get(0), s).distance())
                  .min()
                  .orElse(99);
          assertThat(gap).as(bore.name() + " " + other.name()).isGreaterThan(7.9);
        }
      }
    }
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

  @Test
  void theRouterRunsDownhillOnEachQuarterOfARoundBody() {
    FeedDirection feed = FeedDirection.of(roughcut.geometry.Shapes.circle(new Point(0, 0), 150));
    assertThat(feed.stretches()).hasSizeBetween(4, 5);
    for (FeedDirection.Stretch stretch : feed.stretches()) {
      Point middle = stretch.points().get(stretch.points().size() / 2);
      // anticlockwise: from the widest place to the end it falls, from the end it rises
      assertThat(stretch.downhill()).isEqualTo(middle.x() * middle.y() < 0);
    }
  }
}
