package roughcut.machining;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.BodyFace;
import roughcut.design.Decisions;
import roughcut.design.Handedness;
import roughcut.design.StringDecisions;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Prism;
import roughcut.geometry.Solid;
import roughcut.machining.SimulationFault.Kind;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.rout.Cut;
import roughcut.rout.IndexHole;
import roughcut.shop.Cutter;
import roughcut.shop.Machine;
import roughcut.stock.HeightMap;

/**
 * What the programs leave of the wood, run by a reader that knows only their text, against the
 * plan's solids, asked place by place.
 */
class BodyProgramsTest {
  /** So far from a wall a cell is looked at, mm: the cutter's way is written in thousandths. */
  private static final double BESIDE = 0.05;

  private static final double OFF = 0.05;

  static Stream<Plan> plans() {
    return Stream.concat(
            Demo.builds(LocalDate.of(2026, 12, 2)).stream(),
            Stream.of(
                Demo.heron(LocalDate.of(2026, 12, 2))
                    .withDesign(
                        Decisions.HAND.with(
                            Demo.heron(LocalDate.of(2026, 12, 2)).design(), Handedness.LEFT))))
        .map(b -> Plan.of(b, Demo.shop()));
  }

  /** From the machine's place to the plan's, said anew: y is the treble side unless one mirrors. */
  private static Point planned(Plan plan, BodyFace face, Point at) {
    boolean left = plan.given(Decisions.HAND) == Handedness.LEFT;
    Point zero =
        plan.cuts().indexHoles().stream()
            .filter(h -> found(plan, face, h))
            .map(h -> h.at())
            .min((a, b) -> Double.compare(a.x(), b.x()))
            .orElse(new Point(plan.given(Decisions.JOINT_X), 0));
    double y = (face == BodyFace.BACK) == left ? at.y() : -at.y();
    return new Point(zero.x() + at.x(), zero.y() + y);
  }

  /** A pin is of use where its hole is seen: bored from that face, or from one to the other. */
  private static boolean found(Plan plan, BodyFace face, IndexHole hole) {
    Cut cut = plan.cuts().cut(hole.fitting().name()).orElseThrow();
    return cut.from().opens(face) || cut.depth() >= plan.cuts().surface().thickness();
  }

  /** A zero that nobody can find with that face up isn't given. */
  @Test
  void theZeroIsSeenFromTheFaceThatLiesUp() {
    Plan heron = Heron.with();
    assertThat(BodyPrograms.of(heron, BodyFace.TOP, Optional.empty()).setting().toString())
        .contains("the middle of index 1 hole");
    assertThat(BodyPrograms.of(heron, BodyFace.BACK, Optional.empty()).setting().toString())
        .as("its pins' holes end in the wood")
        .contains("centre line and body edge at the neck");
  }

  /** How deep a cut goes at a place from that face; 0 where it isn't. */
  private static double depth(Plan plan, BodyFace face, Cut cut, Point p) {
    double deepest = 0;
    for (Solid solid : cut.solids()) {
      double[] chord = solid.chord(p.x(), p.y());
      if (chord != null) {
        double deep =
            face == BodyFace.TOP
                ? chord[1] - plan.cuts().surface().topPlane(plan.cuts().surface().to())
                : plan.cuts().surface().thickness() - chord[0];
        deepest = Math.max(deepest, deep);
      }
    }
    return deepest;
  }

  @ParameterizedTest
  @MethodSource("plans")
  void whatIsCutIsWhatIsPlanned(Plan plan) {
    for (BodyFace face : BodyFace.values()) {
      BodyPrograms programs = BodyPrograms.of(plan, face, Optional.empty());
      Set<String> made = new HashSet<>();
      Set<String> left = new HashSet<>();
      programs.programs().forEach(p -> p.cuts().forEach(c -> made.add(c.toString())));
      programs.left().forEach(l -> left.add(l.what().toString()));
      List<Cut> open = plan.cuts().cuts().stream().filter(c -> c.from().opens(face)).toList();
      for (Cut cut : open) {
        assertThat(Stream.concat(made.stream(), left.stream()))
            .as("each is cut, or it is said why not")
            .anyMatch(w -> of(cut.words().toString(), w));
      }
      for (MachineProgram program : programs.programs()) {
        assertThat(program.report().faults()).as(program.file()).isEmpty();
      }
      HeightMap stock = programs.programs().get(programs.programs().size() - 1).report().stock();
      compare(plan, face, open, made, left, stock);
    }
  }

  private static void compare(
      Plan plan,
      BodyFace face,
      List<Cut> open,
      Set<String> made,
      Set<String> left,
      HeightMap stock) {
    Outline body = plan.body().outline().shape();
    int inside = 0;
    for (int row = 0; row < stock.rows(); row += 6) {
      for (int column = 0; column < stock.columns(); column += 7) {
        double height = stock.height(column, row);
        Point middle = stock.middle(column, row);
        double allowed = 0;
        double wanted = 0;
        for (Cut cut : open) {
          Point at = planned(plan, face, middle);
          if (!near(cut, at)) {
            continue;
          }
          double least = Double.POSITIVE_INFINITY;
          double most = 0;
          for (Point p : around(at)) {
            double deep = depth(plan, face, cut, p);
            least = Math.min(least, deep);
            most = Math.max(most, deep);
          }
          allowed = Math.max(allowed, most);
          String words = cut.words().toString();
          boolean whole = left.stream().noneMatch(w -> of(words, w));
          if (whole && made.stream().anyMatch(w -> of(words, w))) {
            wanted = Math.max(wanted, least);
          }
        }
        Point here = planned(plan, face, middle);
        // Outside the body is waste, over which a pocket runs out.
        if (!body.contains(here) && body.edgeDistance(here) > BESIDE) {
          continue;
        }
        assertThat(-height)
            .as("%s %s gouged at %s", plan.name(), face, planned(plan, face, middle))
            .isLessThanOrEqualTo(allowed + OFF);
        assertThat(-height)
            .as("%s %s left at %s", plan.name(), face, planned(plan, face, middle))
            .isGreaterThanOrEqualTo(wanted - OFF);
        inside += wanted > 0 ? 1 : 0;
      }
    }
    assertThat(inside).as("places that were cut").isGreaterThan(500);
  }

  /** Whether that is a cut, or one of its floors. */
  private static boolean of(String cut, String words) {
    return words.equals(cut) || words.startsWith(cut + ", ");
  }

  private static boolean near(Cut cut, Point p) {
    return p.x() > cut.box().x0() - 1
        && p.x() < cut.box().x1() + 1
        && p.y() > cut.box().y0() - 1
        && p.y() < cut.box().y1() + 1;
  }

  private static List<Point> around(Point p) {
    List<Point> all = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      double a = (i + 0.3) * Math.PI / 2;
      all.add(p.plus(BESIDE * Math.cos(a), BESIDE * Math.sin(a)));
    }
    all.add(p);
    return all;
  }

  /** What a maker may do wrong at the machine is seen before the wood is. */
  @Test
  void slipsAtTheMachineAreCaught() {
    Plan plan = Heron.with();
    BodyPrograms back = BodyPrograms.of(plan, BodyFace.BACK, Optional.empty());
    MachineProgram program = back.programs().get(0);
    SetUp sound = back.setUp().withCutters(Map.of(1, program.cutter()));
    assertThat(Simulation.run(program.text(), sound).faults()).isEmpty();

    String deeper = program.text().replace(" Z-3.", " Z-13.");
    assertThat(kinds(Simulation.run(deeper, sound))).contains(Kind.PASS_TOO_DEEP);

    String up = program.text().replace(" Z-", " Z");
    assertThat(Simulation.run(up, sound).removed()).as("a depth of the wrong sign").isZero();

    SetUp high = sound.at(sound.plan(), 5);
    assertThat(kinds(Simulation.run(program.text(), high))).contains(Kind.RAPID_IN_WOOD);

    Cutter bigger = program.cutter().withDiameter(12);
    HeightMap wide = Simulation.run(program.text(), sound.withCutters(Map.of(1, bigger))).stock();
    assertThat(differing(program.report().stock(), wide)).as("cells").isGreaterThan(5000);

    BodyPrograms top = BodyPrograms.of(plan, BodyFace.TOP, Optional.empty());
    HeightMap turned =
        Simulation.run(program.text(), top.setUp().withCutters(Map.of(1, program.cutter())))
            .stock();
    assertThat(differing(seenFromBehind(program.report().stock()), turned))
        .as("forgotten to turn over: the cavity lies on the other side")
        .isGreaterThan(20_000);

    Point3 deepest = null;
    HeightMap stock = program.report().stock();
    for (int row = 0; row < stock.rows() && deepest == null; row++) {
      for (int column = 0; column < stock.columns(); column++) {
        if (stock.height(column, row) < -10) {
          Point at = stock.middle(column, row);
          deepest = new Point3(at.x(), at.y(), 3);
          break;
        }
      }
    }
    Clamp clamp =
        new Clamp(
            "pin",
            new roughcut.geometry.Bounds(
                deepest.x(), deepest.y(), deepest.x() + 5, deepest.y() + 5),
            3);
    assertThat(kinds(Simulation.run(program.text(), sound.withClamps(List.of(clamp)))))
        .containsExactly(Kind.CLAMP_HIT);
  }

  private static Set<Kind> kinds(SimulationReport report) {
    Set<Kind> kinds = new HashSet<>();
    report.faults().forEach(f -> kinds.add(f.kind()));
    return kinds;
  }

  private static HeightMap seenFromBehind(HeightMap map) {
    HeightMap turned = map.copy();
    for (int row = 0; row < map.rows(); row++) {
      for (int column = 0; column < map.columns(); column++) {
        turned.set(column, map.rows() - 1 - row, map.height(column, row));
      }
    }
    return turned;
  }

  /** Cells that differ where both have some, by their place in the field. */
  private static int differing(HeightMap a, HeightMap b) {
    int count = 0;
    for (int row = 0; row < Math.min(a.rows(), b.rows()); row++) {
      for (int column = 0; column < Math.min(a.columns(), b.columns()); column++) {
        count += Math.abs(a.height(column, row) - b.height(column, row)) > OFF ? 1 : 0;
      }
    }
    return count;
  }

  @Test
  void aMachinesLimitsHoldInWhatIsWritten() {
    Machine slow = new Machine("slow", 900, 600, 120, 12_000, 18_000, 1200, 2000);
    for (MachineProgram program :
        BodyPrograms.of(Heron.with(), BodyFace.TOP, Optional.of(slow)).programs()) {
      SimulationReport report =
          Simulation.run(
              program.text(),
              BodyPrograms.of(Heron.with(), BodyFace.TOP, Optional.of(slow))
                  .setUp()
                  .withCutters(Map.of(1, program.cutter()))
                  .on(slow, Map.of(54, new Point3(300, 300, -60))));
      assertThat(report.faults()).isEmpty();
    }
  }

  /**
   * A pocket whose floor leans: nowhere deeper than planned, and less deep only under the last line
   * of a flat cutter, by what is said.
   */
  @ParameterizedTest
  @MethodSource("plans")
  void aLeaningPocketIsWithinWhatIsSaid(Plan plan) {
    Cut pocket = plan.cuts().cut("pocket").orElse(null);
    if (pocket == null) {
      return;
    }
    BodyPrograms programs = BodyPrograms.of(plan, BodyFace.TOP, Optional.empty());
    MachineProgram program =
        programs.programs().stream()
            .filter(p -> p.cuts().contains(pocket.words()))
            .findFirst()
            .orElseThrow();
    double slope = Math.abs(((Prism) pocket.solids().get(0)).lean());
    assertThat(slope).isGreaterThan(0.001);
    double said =
        programs.left().stream()
            .filter(l -> l.what().equals(pocket.words()))
            .mapToDouble(l -> l.why().numbers().get(0))
            .sum();
    assertThat(said).isLessThanOrEqualTo(slope * program.cutter().diameter() + 1e-9);
    HeightMap stock = programs.programs().get(programs.programs().size() - 1).report().stock();
    double most = 0;
    int cells = 0;
    int full = 0;
    for (int row = 0; row < stock.rows(); row++) {
      for (int column = 0; column < stock.columns(); column++) {
        Point at = planned(plan, BodyFace.TOP, stock.middle(column, row));
        double least = Double.POSITIVE_INFINITY;
        for (Point p : near(pocket, at) ? around(at) : List.<Point>of()) {
          least = Math.min(least, depth(plan, BodyFace.TOP, pocket, p));
        }
        if (least > 0 && least < Double.POSITIVE_INFINITY) {
          double left = least + stock.height(column, row);
          most = Math.max(most, left);
          cells++;
          full += left < 0.03 ? 1 : 0;
        }
      }
    }
    assertThat(most).isLessThan(said + OFF);
    assertThat((double) full / cells).as("share that is on its floor").isGreaterThan(0.85);
  }

  /** A carved top that rises is cut from stock as thick as its highest place. */
  @Test
  void aRiseIsInTheStock() {
    Build avocet =
        Demo.builds(LocalDate.of(2026, 12, 2)).stream()
            .filter(b -> b.name().equals("Avocet"))
            .findFirst()
            .orElseThrow();
    Plan risen =
        Plan.of(
            avocet.withDesign(StringDecisions.CARVE_RISE.with(avocet.design(), 3)), Demo.shop());
    for (BodyFace face : BodyFace.values()) {
      BodyPrograms programs = BodyPrograms.of(risen, face, Optional.empty());
      assertThat(programs.setUp().thickness())
          .isCloseTo(risen.cuts().surface().thickness() + 3, within(1e-9));
      assertThat(programs.programs()).allMatch(p -> p.report().faults().isEmpty());
    }
    MachineProgram top = BodyPrograms.of(risen, BodyFace.TOP, Optional.empty()).programs().get(0);
    assertThat(top.report().deepest())
        .as("from the highest place down to the floors that are planned")
        .isCloseTo(
            -risen.cuts().cuts().stream()
                .filter(c -> top.cuts().contains(c.words()))
                .mapToDouble(c -> c.box().z1() + 3)
                .max()
                .orElseThrow(),
            within(0.01));
  }

  /** With a drawer that has nothing that fits, all of it is left, each with a reason. */
  @Test
  void anEmptyDrawerLeavesAll() {
    Build heron = Demo.heron(LocalDate.of(2026, 12, 2));
    List<Cutter> few = Demo.shop().cutters().stream().filter(c -> c.kind().bores()).toList();
    BodyPrograms programs =
        BodyPrograms.of(
            Plan.of(heron, Demo.shop().withCutters(few)), BodyFace.BACK, Optional.empty());
    assertThat(programs.programs()).isEmpty();
    assertThat(programs.left()).extracting(l -> l.what().toString()).contains("controls");
    assertThat(programs.left()).allMatch(l -> !l.why().isEmpty());
    assertThat(
            BodyPrograms.of(
                    Plan.of(heron, Demo.shop().withCutters(List.of())),
                    BodyFace.BACK,
                    Optional.empty())
                .left())
        .hasSameSizeAs(programs.left());
  }
}
