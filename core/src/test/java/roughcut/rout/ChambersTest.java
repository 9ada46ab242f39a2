package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import roughcut.Heron;
import roughcut.bench.Bench;
import roughcut.bench.Operation;
import roughcut.bench.Operations;
import roughcut.clearance.Clearance;
import roughcut.clearance.ClearanceKind;
import roughcut.demo.Demo;
import roughcut.design.Design;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.design.Fitting;
import roughcut.design.FittingDecisions;
import roughcut.design.FittingType;
import roughcut.design.OperationId;
import roughcut.file.BuildFile;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.plan.Drag;
import roughcut.plan.Grip;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** Chambers under a top: hollowed out of the back before it is glued on, and then closed. */
class ChambersTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
  private static final LocalDateTime NOON = TODAY.atTime(12, 0);

  private static Build heron(String... settings) {
    Build heron = Demo.builds(TODAY).get(0).asDesigned();
    List<Fitting> fittings = new ArrayList<>(heron.design().fittings());
    fittings.add(new Fitting(FittingType.CAVITY, "bass-chamber", "chamber"));
    Design design = heron.design().withFittings(fittings);
    String[] all = {
      "cavity.bass-chamber.x=680",
      "cavity.bass-chamber.y=-90",
      "cavity.bass-chamber.length=70",
      "cavity.bass-chamber.width=90",
      "cavity.bass-chamber.corner=8",
      "cavity.bass-chamber.left=7"
    };
    return heron.withDesign(Heron.set(Heron.set(design, all), settings));
  }

  private static Plan plan(String... settings) {
    return Plan.of(heron(settings), Demo.shop());
  }

  private static double value(Plan plan, String id) {
    return plan.value(id).orElseThrow().value();
  }

  /** Worked by hand: a body of 44 under a top of 5.5 and a veneer of 0.6, 7 left at the back. */
  @Test
  void itIsCutFromTheGlueFace() {
    Plan plan = plan();
    assertThat(value(plan, "cavity.bass-chamber.depth")).isCloseTo(30.9, within(1e-9));
    assertThat(value(plan, "rout.bass-chamber.floor")).isCloseTo(7, within(1e-9));
    Cut cut = plan.cuts().cut("bass-chamber").orElseThrow();
    assertThat(cut.kind()).isEqualTo(CutKind.CHAMBER);
    assertThat(cut.box().z0()).isCloseTo(6.1, within(1e-9));
    assertThat(cut.box().z1()).isCloseTo(37, within(1e-9));
    assertThat(plan.problems()).isEmpty();
    // Deeper than drawn by its own depth: less is left.
    Plan deeper = plan("rout.bass-chamber.depth=33");
    assertThat(value(deeper, "rout.bass-chamber.floor")).isCloseTo(44 - 6.1 - 33, within(1e-9));
  }

  /** What it takes is the back's wood, not the top's: box less its corners, times its density. */
  @Test
  void theBodyIsLighterByWhatIsHollowedOut() {
    Plan without = Plan.of(Demo.builds(TODAY).get(0).asDesigned(), Demo.shop());
    Plan with = plan();
    double area = 70 * 90 - (4 - Math.PI) * 8 * 8;
    double grams = area * 30.9 / 1e6 * with.wood(with.body().backWood().id()).density();
    double less = value(without, "body.mass") - value(with, "body.mass");
    assertThat(less).isCloseTo(grams, within(0.02 * grams));
  }

  /** It is hollowed out before the top closes it, and can't be after. */
  @Test
  void itComesBeforeTheTop() {
    Plan plan = plan();
    List<Operation> all = Operations.of(plan);
    List<String> ids = all.stream().map(Operation::id).toList();
    String own = OperationId.cut("bass-chamber").text();
    assertThat(ids.indexOf(own)).isBetween(0, ids.indexOf(OperationId.TOP_GLUE.text()) - 1);
    Operation chamber = all.get(ids.indexOf(own));
    assertThat(chamber.title().in(Units.MM))
        .isEqualTo("Hollow out the bass chamber, from the glue face");
    Bench glued =
        Bench.of(
            Plan.of(Heron.lived(heron(), "done=" + OperationId.TOP_GLUE.text()), Demo.shop()),
            NOON);
    assertThat(glued.step(own).orElseThrow().state()).isNotEqualTo(Bench.State.READY);
  }

  /** Limits of wood round it are told like any rout's: at the edge, at its floor, at its wall. */
  @Test
  void whatIsLeftRoundItIsGuarded() {
    Plan plan = plan();
    assertThat(plan.clearances())
        .filteredOn(c -> c.what().in(Units.MM).contains("bass chamber"))
        .extracting(Clearance::kind)
        .contains(ClearanceKind.FLOOR);
    Plan out = plan("cavity.bass-chamber.y=-160");
    assertThat(out.clearances())
        .filteredOn(c -> c.what().in(Units.MM).equals("bass chamber to edge"))
        .allMatch(c -> c.state() == Clearance.State.STOP)
        .isNotEmpty();
    // Under a pickup's rout: what is between them is too little, whatever covers it.
    Plan under = plan("cavity.bass-chamber.y=-40", "cavity.bass-chamber.x=590");
    assertThat(under.clearances())
        .filteredOn(c -> c.what().in(Units.MM).contains("bass chamber"))
        .anyMatch(c -> c.state() == Clearance.State.STOP);
  }

  /** Without a top nothing closes it: said, with what would. */
  @Test
  void withoutATopItStops() {
    Plan bare = plan("body.top-thickness=0", "body.accent=0");
    assertThat(bare.problems().toString()).contains("nothing closes it");
    assertThat(value(bare, "cavity.bass-chamber.depth")).isCloseTo(37, within(1e-9));
  }

  /** The top over it is whole: nothing of it shows, on the drawing or in what the wood shows. */
  @Test
  void theTopOverItIsWhole() {
    Cut cut = plan().cuts().cut("bass-chamber").orElseThrow();
    assertThat(cut.covered()).isTrue();
    for (Cut other : plan().cuts().cuts()) {
      if (other.kind() == CutKind.CAVITY || other.kind() == CutKind.PICKUP) {
        assertThat(other.covered()).as(other.name()).isFalse();
      }
    }
    Plan with = plan();
    Plan without = Plan.of(Demo.builds(TODAY).get(0).asDesigned(), Demo.shop());
    assertThat(with.bodyPlan().marks().toString()).isEqualTo(without.bodyPlan().marks().toString());
  }

  /** Any outline, as for a cavity: what its cutter reaches of it; and it is saved as it is. */
  @Test
  void itTakesAnOutline(@TempDir Path folder) throws Exception {
    List<Point> triangle = List.of(new Point(-40, -40), new Point(40, -40), new Point(-40, 40));
    DrawnPart part = new DrawnPart(DrawnPart.Kind.CAVITY, "bass-chamber");
    Build build = heron();
    Build drawn =
        build.withDesign(
            build
                .design()
                .withDrawn(part, Optional.of(new DrawnOutline("three.svg", triangle, 0))));
    Plan plan = Plan.of(drawn, Demo.shop());
    Outline made = plan.cuts().cut("bass-chamber").orElseThrow().steps().get(0).outline();
    // A right triangle's corners rounded by 8: each loses r² · (cot(a / 2) − (π − a) / 2).
    double lost = 0;
    for (double corner : new double[] {Math.PI / 2, Math.PI / 4, Math.PI / 4}) {
      lost += 64 * (1 / Math.tan(corner / 2) - (Math.PI - corner) / 2);
    }
    assertThat(made.area()).isCloseTo(3200 - lost, within(2.0));
    Path file = folder.resolve("x" + BuildFile.ENDING);
    BuildFile.at(file).save(drawn);
    Plan again = Plan.of(BuildFile.open(file).build(), Demo.shop());
    assertThat(value(again, "body.mass")).isEqualTo(value(plan, "body.mass"));
  }

  /** A control can't hang in it: it has no cover to come by. */
  @Test
  void noControlHangsInIt() {
    Build heron = Demo.builds(TODAY).get(0).asDesigned();
    List<Fitting> fittings = new ArrayList<>(heron.design().fittings());
    fittings.add(0, new Fitting(FittingType.CAVITY, "bass-chamber", "chamber", "volume"));
    Design design = heron.design().withFittings(fittings);
    Fitting volume = design.fitting("volume").orElseThrow();
    assertThat(design.cavitiesOf(volume)).extracting(Fitting::name).containsExactly("controls");
  }

  /**
   * A cavity that is made a chamber keeps no tie to its controls: nothing of it is left out where
   * they would meet, and it is dragged by itself.
   */
  @Test
  void whatItHeldAsACavityCountsNoMore() {
    Build heron = Demo.builds(TODAY).get(0).asDesigned();
    Fitting volume = heron.design().fitting("volume").orElseThrow();
    double x = FittingDecisions.number(volume, "x").in(heron.design());
    double y = FittingDecisions.number(volume, "y").in(heron.design());
    Design design =
        Heron.set(
            heron("cavity.bass-chamber.x=" + x, "cavity.bass-chamber.y=" + y).design(),
            "cavity.bass-chamber.left=20");
    List<Fitting> held =
        design.fittings().stream()
            .map(f -> f.name().equals("bass-chamber") ? f.withWith(List.of("volume")) : f)
            .toList();
    Plan plan = Plan.of(heron.withDesign(design.withFittings(held)), Demo.shop());
    assertThat(plan.clearances())
        .as("right under a control's hole")
        .filteredOn(c -> c.what().in(Units.MM).contains("bass chamber"))
        .filteredOn(c -> c.what().in(Units.MM).contains("volume"))
        .anyMatch(c -> c.state() == Clearance.State.STOP);
    Drag drag = Drag.of(plan, new Grip.Cut("bass-chamber"), 5, 0).orElseThrow();
    assertThat(drag.design().numbers().get("cavity.bass-chamber.x")).isEqualTo(x + 5);
    assertThat(FittingDecisions.number(volume, "x").in(drag.design())).isEqualTo(x);
  }
}
