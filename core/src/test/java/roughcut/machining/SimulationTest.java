package roughcut.machining;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point3;
import roughcut.machining.SimulationFault.Kind;
import roughcut.shop.Cutter;
import roughcut.shop.CutterBook;
import roughcut.shop.Machine;
import roughcut.stock.HeightMap;

/** A program run on wood as it is clamped: what is well is quiet, what would go wrong is told. */
class SimulationTest {
  private static final double HARD = 750;
  private static final Machine MACHINE =
      new Machine("router", 600, 400, 90, 8000, 24000, 4000, 5000);

  private static Cutter cutter(String name) {
    return CutterBook.all().stream().filter(c -> c.name().equals(name)).findFirst().orElseThrow();
  }

  private static SetUp stock(String cutter) {
    return SetUp.of(100, 60, 20, cutter(cutter), HARD);
  }

  /** A slot of 8 by 12, cut in three passes with ramps. */
  private static String slot(String depths) {
    StringBuilder text = new StringBuilder("G21 G90 G17\nS18000 M3\nG0 Z5\nG0 X20 Y30\nG0 Z0.5\n");
    for (String z : depths.split(" ")) {
      text.append("G1 X80 Z").append(z).append(" F3600\nG1 X20\n");
    }
    return text + "G0 Z5\nM5\nM30\n";
  }

  private static Set<Kind> kinds(SimulationReport report) {
    return report.faults().stream().map(SimulationFault::kind).collect(Collectors.toSet());
  }

  @Test
  void aSoundProgramIsQuietAndItsSlotIsThere() {
    SimulationReport report = Simulation.run(slot("-3 -6 -9"), stock("spiral 8"));
    assertThat(report.faults()).isEmpty();
    assertThat(report.stops()).isFalse();
    assertThat(report.stock().height(200, 120)).isEqualTo(-9);
    assertThat(report.stock().height(200, 103)).as("a wall 3.9 beside the middle").isEqualTo(0);
    assertThat(report.removed()).isCloseTo((60 * 8 + Math.PI * 16) * 9, within(40.0));
    assertThat(report.deepest()).isEqualTo(-9);
    double way = 6 * 60;
    assertThat(report.seconds())
        .as("at 3600 mm a minute, and up and down")
        .isCloseTo(way / 60 + (4.5 + 14) / 3000 * 60, within(0.5));
  }

  /** Each spoiled in one way, and only that is told, with its line. */
  @Test
  void eachSlipIsTold() {
    is(slot("-3 -6 -9").replace("G0 Z5\nM5", "G0 X50 Y10\nM5"), "spiral 8", Kind.RAPID_IN_WOOD, 12);
    is(slot("-3 -6 -9").replace("S18000 M3\n", "\n"), "spiral 8", Kind.SPINDLE_STANDS, 6);
    is(slot("-9 -9 -9"), "spiral 8", Kind.PASS_TOO_DEEP, 6);
    is(slot("-3 -6 -9").replace("F3600", "F12000"), "spiral 8", Kind.CHIP_TOO_THICK, 6);
    is(slot("-3 -6 -9").replace("F3600", "F600"), "spiral 8", Kind.CHIP_TOO_THIN, 6);
    is(
        slot("-3 -6 -9").replace("G1 X80 Z-3", "G1 Z-3 F3600\nG1 X80"),
        "straight 6.35",
        Kind.PLUNGE,
        6);
    is(
        slot("-3 -6 -9").replace("18000", "30000").replace("3600", "6000"),
        "spiral 8",
        Kind.SPEED_OVER_CUTTER,
        6);
    is(
        slot("-3").replace("18000", "1500").replace("F3600", "F3000"),
        "brad-point 8",
        Kind.BIT_SIDEWAYS,
        6);
    is(slot("-3 -6 -9").replace("M30", ""), "spiral 8", Kind.TEXT, 13);
  }

  /** A cutter that doesn't cut at its centre stands 5° and no more. */
  @Test
  void rampsAreAsSteepAsTheCutterStands() {
    String ramp = slot("-2.9").replace("G1 X80 Z-2.9", "G1 X%s Z-2.9 F3000\nG1 X80");
    double flat = 3.4 / Math.tan(Math.toRadians(4.8));
    double steep = 3.4 / Math.tan(Math.toRadians(5.2));
    SetUp setUp = stock("straight 6.35");
    assertThat(Simulation.run(String.format(Locale.ROOT, ramp, 20 + flat), setUp).faults())
        .isEmpty();
    assertThat(kinds(Simulation.run(String.format(Locale.ROOT, ramp, 20 + steep), setUp)))
        .containsExactly(Kind.PLUNGE);
    assertThat(
            Simulation.run(String.format(Locale.ROOT, ramp, 20 + steep), stock("spiral 8"))
                .faults())
        .as("a spiral one cuts at its centre")
        .isEmpty();
  }

  private static void is(String text, String cutter, Kind kind, int line) {
    List<SimulationFault> faults = Simulation.run(text, stock(cutter)).faults();
    assertThat(faults).extracting(SimulationFault::kind).containsOnly(kind);
    assertThat(faults.get(0).line()).isEqualTo(line);
    assertThat(faults.get(0).words().toString()).isNotBlank();
  }

  /** Deeper than its edges are long: what is over them rubs, unless it was cleared wider before. */
  @Test
  void theShankAndTheNutMeetWood() {
    SetUp deep = SetUp.of(100, 60, 60, cutter("spiral 8"), 500);
    String passes = "-6 -12 -18 -24 -30";
    SimulationReport slot = Simulation.run(slot(passes), deep);
    assertThat(kinds(slot)).as("a shank as thick as the cutter follows").isEmpty();
    // One of 6.35 on a shank of 12.7 doesn't.
    Cutter thick = cutter("spiral 8").sized(6.35, 15, 12.7, 0, 0, 55, 0);
    SimulationReport rubbing =
        Simulation.run(
            slot("-5 -10 -15 -18").replace("3600", "3000"), SetUp.of(100, 60, 60, thick, 500));
    assertThat(kinds(rubbing)).containsExactly(Kind.SHANK_IN_WOOD);
    assertThat(rubbing.faults().get(0).amount()).isCloseTo(3, within(1e-4));
    Cutter shortened = cutter("spiral 8").sized(8, 25, 8, 0, 0, 26, 0);
    SimulationReport nut = Simulation.run(slot(passes), SetUp.of(100, 60, 60, shortened, 500));
    assertThat(kinds(nut)).contains(Kind.NUT_IN_WOOD);
    assertThat(
            nut.faults().stream()
                .filter(f -> f.kind() == Kind.NUT_IN_WOOD)
                .mapToDouble(SimulationFault::amount)
                .max())
        .hasValueCloseTo(4.0, within(1e-4));
  }

  @Test
  void clampsAreSeenWhereTheyAre() {
    SetUp clear =
        stock("spiral 8")
            .withClamps(List.of(new Clamp("left clamp", new Bounds(-10, 20, 15.5, 40), 6)));
    assertThat(Simulation.run(slot("-3 -6 -9"), clear).faults())
        .as("half a millimetre beside the cutter, but the nut is high")
        .isEmpty();
    SetUp hit =
        stock("spiral 8")
            .withClamps(List.of(new Clamp("left clamp", new Bounds(-10, 20, 17, 40), 6)));
    List<SimulationFault> faults = Simulation.run(slot("-3 -6 -9"), hit).faults();
    assertThat(faults).extracting(SimulationFault::kind).containsOnly(Kind.CLAMP_HIT);
    assertThat(faults.get(0).words().toString()).contains("left clamp");
    SetUp tall =
        stock("spiral 8")
            .withClamps(List.of(new Clamp("tall clamp", new Bounds(-10, 20, 10, 40), 60)));
    assertThat(kinds(Simulation.run(slot("-3 -6 -9"), tall)))
        .as("the nut is wider than the cutter")
        .containsExactly(Kind.CLAMP_HIT);
  }

  @Test
  void belowTheWoodIsOnlyWhatLiesUnderIt() {
    SetUp thin = SetUp.of(100, 60, 8, cutter("spiral 8"), HARD);
    SimulationReport through = Simulation.run(slot("-3 -6 -8.5"), thin);
    assertThat(kinds(through)).containsExactly(Kind.BELOW_UNDERSIDE);
    assertThat(through.removed())
        .as("a board under it isn't wood of the work")
        .isCloseTo((60 * 8 + Math.PI * 16) * 8, within(40.0));
    assertThat(Simulation.run(slot("-3 -6 -8.5"), thin.withUnder(1)).faults()).isEmpty();
  }

  @Test
  void aMachinesLimitsAreItsOwn() {
    Map<Integer, Point3> zeros = Map.of(54, new Point3(100, 100, -60));
    assertThat(Simulation.run(slot("-3 -6 -9"), stock("spiral 8").on(MACHINE, zeros)).faults())
        .isEmpty();
    assertThat(
            kinds(
                Simulation.run(
                    slot("-3 -6 -9"),
                    stock("spiral 8").on(MACHINE, Map.of(54, new Point3(540, 100, -60))))))
        .containsExactly(Kind.BEYOND_TRAVEL);
    assertThat(
            kinds(
                Simulation.run(
                    slot("-3 -6 -9"),
                    stock("spiral 8").on(MACHINE, Map.of(54, new Point3(100, 100, -84))))))
        .as("too low")
        .containsExactly(Kind.BEYOND_TRAVEL);
    Machine slow = new Machine("slow", 600, 400, 90, 8000, 16000, 2000, 5000);
    SimulationReport report = Simulation.run(slot("-3 -6 -9"), stock("spiral 8").on(slow, zeros));
    assertThat(kinds(report))
        .containsExactlyInAnyOrder(Kind.FEED_OVER_MACHINE, Kind.SPEED_OUT_OF_RANGE);
    assertThat(report.seconds()).as("no faster than it goes").isGreaterThan(360 / 2000.0 * 60);
  }

  @Test
  void cuttersAreCalledByTheirNumbers() {
    SetUp two = stock("spiral 8").withCutters(Map.of(1, cutter("spiral 8"), 2, cutter("ball 6.4")));
    String text = slot("-3").replace("S18000", "T1 M6\nS18000");
    assertThat(Simulation.run(text, two).faults()).isEmpty();
    assertThat(kinds(Simulation.run(text.replace("T1", "T3"), two)))
        .containsExactly(Kind.NO_CUTTER);
    assertThat(kinds(Simulation.run(slot("-3"), two)))
        .as("none was called")
        .containsExactly(Kind.NO_CUTTER);
    SimulationReport ball = Simulation.run(text.replace("T1", "T2").replace("F3600", "F2800"), two);
    assertThat(ball.faults()).isEmpty();
    assertThat(ball.stock().height(200, 119)).as("near its middle").isCloseTo(-3, within(0.01));
    assertThat(ball.stock().height(200, 129))
        .as("2.375 beside it: 3.2 − √(3.2² − 2.375²) higher")
        .isCloseTo(-3 + 3.2 - Math.sqrt(3.2 * 3.2 - 2.375 * 2.375), within(1e-4));
    SetUp bearing = stock("bearing 19 flush");
    assertThat(kinds(Simulation.run(slot("-3"), bearing))).containsExactly(Kind.NO_CUTTER);
  }

  /** Run up to a line, it has done what stands before, and nothing of what comes. */
  @Test
  void itStopsAfterTheLineThatIsAskedFor() {
    SetUp setUp = stock("spiral 8");
    String text = slot("-3 -6 -9");
    HeightMap before = Simulation.uncut(setUp);
    assertThat(Simulation.until(text, setUp, before, 5).removed()).isZero();
    SimulationReport first = Simulation.until(text, setUp, before, 7);
    assertThat(first.deepest()).isEqualTo(-3);
    assertThat(first.faults()).as("its end isn't missing yet").isEmpty();
    SimulationReport whole = Simulation.run(text, setUp);
    SimulationReport all = Simulation.until(text, setUp, before, 99);
    assertThat(all.removed()).isEqualTo(whole.removed());
    assertThat(all.seconds()).isEqualTo(whole.seconds());
    assertThat(before.height(200, 120)).as("what it began with stays").isZero();
  }

  /** The same program against zeros that were set wrongly: nothing of it is believed. */
  @Test
  void aDepthOfTheWrongSignCutsNothing() {
    SimulationReport air = Simulation.run(slot("3 6 9"), stock("spiral 8"));
    assertThat(air.removed()).isZero();
    SimulationReport moved =
        Simulation.run(slot("-3 -6 -9"), stock("spiral 8").at(new Bounds(0, 0, 100, 60), 10));
    assertThat(kinds(moved)).contains(Kind.RAPID_IN_WOOD);
  }
}
