package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.bench.Operation;
import roughcut.bench.Operations;
import roughcut.design.ChannelMachine;
import roughcut.design.NeckDecisions;
import roughcut.design.OperationId;
import roughcut.finding.Topic;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/** Settings of the router for channels: a router that is led by them cuts the channel's walls. */
class ChannelRoutingTest {
  private static final String[] JIG = {"channel.base=76", "channel.cutter=6.4", "head.made=flat"};

  private static Plan jig(String machine, String... more) {
    String[] all = new String[more.length + JIG.length + 1];
    System.arraycopy(JIG, 0, all, 0, JIG.length);
    all[JIG.length] = "channel.machine=" + machine;
    System.arraycopy(more, 0, all, JIG.length + 1, more.length);
    return Heron.with(all);
  }

  private static String word(ChannelMachine machine) {
    return machine.word();
  }

  @Test
  void aHandRoutersStopsStandItsBaseBeyondTheChannel() {
    Plan table = jig(word(ChannelMachine.ROUTER_TABLE));
    double start = value(table, "rod.start-stop");
    double end = value(table, "rod.end-stop");
    for (ChannelMachine hand :
        new ChannelMachine[] {ChannelMachine.RAILED_JIG, ChannelMachine.EDGE_GUIDE}) {
      Plan plan = jig(word(hand));
      assertThat(value(plan, "rod.start-stop"))
          .as(hand.label().toString())
          .isCloseTo(start - 72.8, within(1e-9));
      assertThat(value(plan, "rod.end-stop"))
          .as(hand.label().toString())
          .isCloseTo(end - 72.8, within(1e-9));
    }
    assertThat(end)
        .as("heel end and trim less the channel's end")
        .isCloseTo(500 + trim(table) - 432, within(1e-9));
  }

  /** A stop under 0 stands past the blank's end, and says so; over 0 it doesn't. */
  @Test
  void aStopPastTheBlanksEndSaysSo() {
    int past = 0;
    for (ChannelMachine machine : ChannelMachine.values()) {
      for (String base : new String[] {"60", "150", "200"}) {
        for (String made : new String[] {"flat", "scarf"}) {
          for (String trim : new String[] {"0", "60"}) {
            Plan plan =
                jig(
                    word(machine),
                    "channel.base=" + base,
                    "head.made=" + made,
                    "blank.end-trim=" + trim);
            for (String stop : new String[] {"rod.start-stop", "rod.end-stop"}) {
              Value value = plan.value(stop).orElseThrow();
              assertThat(value.label().toString().contains("past that end"))
                  .as("%s with a base of %s, %s: %s", machine, base, made, value.value())
                  .isEqualTo(value.value() < 0);
              past += value.value() < 0 ? 1 : 0;
            }
          }
        }
      }
    }
    assertThat(past).isGreaterThan(5);
  }

  @Test
  void settingsOfOtherMachinesAreNotThere() {
    Plan railed = jig(word(ChannelMachine.RAILED_JIG));
    assertThat(railed.value("rod.fence")).isEmpty();
    assertThat(railed.value("stiffener.fence")).isEmpty();
    assertThat(value(railed, "stiffener.near-rail")).isCloseTo(74.4, within(1e-9));
    assertThat(value(railed, "stiffener.far-rail")).isCloseTo(77.6, within(1e-9));
    for (ChannelMachine fenced :
        new ChannelMachine[] {ChannelMachine.ROUTER_TABLE, ChannelMachine.EDGE_GUIDE}) {
      Plan plan = jig(word(fenced));
      assertThat(plan.value("rod.near-rail")).isEmpty();
      assertThat(plan.value("rod.far-rail")).isEmpty();
      assertThat(plan.value("rod.fence")).isPresent();
    }
  }

  @Test
  void aScarfIsCountedFromTheHeelEndAndSaysWhenToCut() {
    Plan under = Heron.with("scarf.school=seam-under-fretboard");
    assertThat(under.blanks().routing().when().orElseThrow().toString())
        .contains("after the joint");
    double heelEnd = value(under, "rod.end-stop") + under.rod().end().value();
    assertThat(value(under, "rod.start-stop"))
        .isCloseTo(heelEnd - under.rod().start().value(), within(1e-9));
    assertThat(under.value("rod.start-stop").orElseThrow().label().toString())
        .contains("eel end")
        .contains("after the joint");
    Plan across = Heron.with("scarf.school=seam-across-head");
    assertThat(across.blanks().routing().when().orElseThrow().toString())
        .contains("before or after the joint");
    Plan one = Heron.with("head.made=one-piece");
    assertThat(one.blanks().routing().when()).isEmpty();
    assertThat(value(one, "rod.start-stop") + 430 + value(one, "rod.end-stop"))
        .isCloseTo(value(one, "stack.length"), within(1e-9));
  }

  @Test
  void aStiffenersCutterFollowsItsChannelUntilItIsDecided() {
    assertThat(cutter(Heron.with("stiffener.width=4.5"))).isEqualTo(4.5);
    assertThat(cutter(Heron.with("stiffener.width=8")))
        .as("no wider than the rod's")
        .isEqualTo(6.4);
    Plan decided = Heron.with("stiffener.width=4.5", "stiffener.cutter=3");
    assertThat(cutter(decided)).isEqualTo(3);
    assertThat(cutter(Heron.with("stiffener.cutter=3", "stiffener.cutter="))).isEqualTo(3.2);
    assertThat(decided.problems()).noneMatch(p -> p.where().equals("stiffener.cutter"));
    Plan wide = Heron.with("stiffener.cutter=4");
    // A cutter of its own width fits.
    assertThat(wide.problems()).anyMatch(p -> p.where().equals("stiffener.cutter"));
    assertThat(Heron.with("channel.cutter=8").problems())
        .anyMatch(p -> p.where().equals("channel.cutter"));
  }

  private static double cutter(Plan plan) {
    return run(plan, "Stiffener").cutter().value();
  }

  private static MachineStops run(Plan plan, String name) {
    return plan.blanks().routing().runs().stream()
        .filter(r -> r.name().toString().equals(name))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void widerDeeperAndCurvedPartsHaveTheirOwnPassesDownToTheirDepth() {
    Plan plan =
        Heron.with(
            "rod.adjuster-length=18",
            "rod.adjuster-width=10",
            "rod.adjuster-depth=11.5",
            "rod.deeper-middle=3",
            "rod.depth=8.5");
    MachineStops even = run(plan, "Rod channel");
    MachineStops curve = run(plan, "Its curve");
    MachineStops adjuster = run(plan, "Adjuster end");
    assertThat(even.passes().value() * even.passDepth().value()).isCloseTo(8.5, within(1e-9));
    assertThat(curve.passes().value() * curve.passDepth().value()).isCloseTo(3, within(1e-9));
    assertThat(curve.to().value()).isCloseTo(11.5, within(1e-9));
    assertThat(adjuster.passes().value() * adjuster.passDepth().value())
        .isCloseTo(11.5, within(1e-9));
    assertThat(adjuster.fenceFar().orElseThrow().value() - adjuster.fence().orElseThrow().value())
        .as("two settings: the channel's width less the cutter's")
        .isCloseTo(10 - 6.4, within(1e-9));
    assertThat(even.fenceFar()).isEmpty();
    Plan shallow = Heron.with("rod.deeper-middle=-2");
    assertThat(run(shallow, "Rod channel").to().value()).isCloseTo(8.4, within(1e-9));
    assertThat(run(shallow, "Its curve").to().value()).isCloseTo(10.4, within(1e-9));
    for (MachineStops run : plan.blanks().routing().runs()) {
      assertThat(run.passDepth().value())
          .isLessThanOrEqualTo(0.7 * run.cutter().value() / 2 + 1e-9);
    }
  }

  /**
   * A blank is led along a fence with its wedge in between: where the cutter's edges come is worked
   * out from the settings alone, and held against the channel's walls at the middle and both ends.
   */
  @Test
  void aBlankLedAlongFenceAndWedgeHasItsChannelWhereItBelongs() {
    Random random = new Random(11);
    for (int i = 0; i < 60; i++) {
      double head = 9 + 4 * random.nextDouble();
      double heel = 9 + 8 * random.nextDouble();
      double width = 3 + 3 * random.nextDouble();
      Plan plan =
          Heron.with(
              "stiffener.offset-head=" + head,
              "stiffener.offset-heel=" + heel,
              "stiffener.width=" + width,
              "stiffener.cutter=3",
              "neck.strip.1.heel-thickness=" + (8 + 6 * random.nextDouble()));
      MachineStops run = run(plan, "Stiffener");
      Channel.Piece piece = plan.details().stiffeners().orElseThrow().treble().pieces().get(0);
      double f = run.fence().orElseThrow().value();
      double fHeel = run.fenceHeel().map(Value::value).orElse(f);
      double far = run.fenceFar().map(v -> v.value() - f).orElse(0.0);
      assertThat(run.wedge().map(Value::value).orElse(0.0))
          .isCloseTo(run.wedge().isPresent() ? Math.abs(f - fHeel) : 0, within(1e-9));
      for (double share : new double[] {0, 0.5, 1}) {
        double x = piece.from() + share * (piece.to() - piece.from());
        double fence = f + share * (fHeel - f);
        // The blank's edge is at half its width; the cutter's far edge comes after its diameter.
        double outer = plan.blank().halfWidth(x) - fence;
        assertThat(outer)
            .as("outer wall")
            .isCloseTo(piece.offsetAt(x) + piece.width() / 2, within(0.06));
        assertThat(outer - far - 3)
            .as("inner wall")
            .isCloseTo(piece.offsetAt(x) - piece.width() / 2, within(0.06));
      }
    }
  }

  @Test
  void everyRunOfEveryMachineCoversItsChannelEndToEnd() {
    Random random = new Random(12);
    for (ChannelMachine machine : ChannelMachine.values()) {
      for (int i = 0; i < 15; i++) {
        double start = 20 * random.nextDouble();
        double length = 300 + 120 * random.nextDouble();
        double base = 40 + 60 * random.nextDouble();
        Plan plan =
            Heron.with(
                "channel.machine=" + machine.word(),
                "channel.base=" + base,
                "rod.start=" + start,
                "rod.length=" + length,
                "head.made=" + (i % 2 == 0 ? "one-piece" : "scarf"));
        MachineStops run = plan.blanks().routing().rod();
        double heel = plan.neck().heelEnd().value() + trim(plan);
        double stopEnd = heel - run.endStop().value();
        double stopStart =
            plan.blanks().routing().countedFromHeel()
                ? heel - run.startStop().value()
                : heel - value(plan, "stack.length") + run.startStop().value();
        double r = run.cutter().value() / 2;
        // A base's edge on its stop holds the cutter's middle that far inside; a table cuts to the
        // line.
        double in = machine == ChannelMachine.ROUTER_TABLE ? r : base;
        assertThat(stopStart + in - r).isCloseTo(start, within(1e-6));
        assertThat(stopEnd - in + r).isCloseTo(start + length, within(1e-6));
      }
    }
  }

  private static double trim(Plan plan) {
    return roughcut.design.BlankDecisions.END_TRIM.in(plan.build().design());
  }

  @Test
  void cutterChoicesSurviveWithoutStiffeners() {
    Plan none = Heron.with("stiffener.count=0");
    assertThat(none.blanks().routing().runs()).hasSize(1);
    assertThat(NeckDecisions.STIFFENER_CUTTER.undecided(none.build().design())).isTrue();
  }

  /** Trial cuts at three places: how far each is off, and whether the fence is moved or turned. */
  @Test
  void aFenceIsTriedAlongTheWholeChannel() {
    Plan plan = Heron.with("channel.machine=router-table");
    double fence = value(plan, "rod.fence");
    Plan right = tried(fence + 0.05, fence, fence - 0.05);
    assertThat(fences(right)).isEmpty();
    assertThat(value(right, "rod.fence-off.head")).isCloseTo(0.05, within(1e-9));
    assertThat(fences(tried(fence + 0.4, fence + 0.4, fence + 0.4)).get(0))
        .contains("0.40 mm too far from the edge at the headstock end", "Move the fence");
    assertThat(fences(tried(fence, fence + 0.3, fence + 0.6)).get(0))
        .contains("right at the headstock end", "0.60 mm too far from the edge at the heel end")
        .contains("off the centre line", "parallel");
    assertThat(fences(tried(fence - 0.3, fence - 0.3, fence - 0.3)).get(0))
        .contains("0.30 mm too near the edge halfway")
        .doesNotContain("−");
    assertThat(fences(Heron.with("fence.rod.heel=" + (fence + 2), "done=rod.channel")))
        .as("what is routed needs no fence")
        .isEmpty();
  }

  private static Plan tried(double head, double middle, double heel) {
    return Heron.with(
        "channel.machine=router-table",
        "fence.rod.head=" + head,
        "fence.rod.middle=" + middle,
        "fence.rod.heel=" + heel);
  }

  private static List<String> fences(Plan plan) {
    return plan.about(Topic.NECK).stream()
        .map(f -> f.words())
        .filter(w -> w.contains("trial cut"))
        .toList();
  }

  /** What stands out beside the board, measured on the outlines of both. */
  @Test
  void theBlankStandsOutAlikeOnBothSidesOfTheFretboard() {
    Plan plan = Heron.with();
    double end = Math.min(plan.taper().end().value(), plan.neck().heelEnd().value());
    assertThat(value(plan, "board.reveal-nut"))
        .isCloseTo((value(plan, "blank.width") - 43) / 2, within(1e-9));
    assertThat(value(plan, "board.reveal-end"))
        .isCloseTo(value(plan, "blank.width") / 2 - plan.taper().halfWidth(end), within(1e-9));
    Plan planed = Heron.with("blank.width-now=" + (value(plan, "blank.width") - 2));
    assertThat(value(plan, "board.reveal-nut") - value(planed, "board.reveal-nut"))
        .isCloseTo(1, within(1e-9));
  }

  /** A way to the adjuster that is bored and came out behind: it is said how that is mended. */
  @Test
  void aBoreThatWentThroughTheBackHasAWayOut() {
    String[] thin = {"head.angle=4", "access.bore=12", "neck.thickness-1=13", "head.thickness=8"};
    Plan drawn = Heron.with(thin);
    double back = value(drawn, "access.back-least");
    assertThat(back).isLessThan(0);
    assertThat(drawn.about(Topic.NECK)).noneMatch(p -> p.words().contains("plug"));
    String[] done = java.util.Arrays.copyOf(thin, thin.length + 1);
    done[thin.length] = "done=rod.access";
    assertThat(Heron.with(done).about(Topic.NECK))
        .anyMatch(p -> p.words().contains("through the back of the neck"));
  }

  /**
   * Where the edge leans to the channel the bench asks for the cut there, and half of it halfway.
   */
  @Test
  void theBenchAsksForTheCutWhereTheEdgeReallyIs() {
    Plan plan = Heron.with("channel.machine=router-table", "neck.strip.1.heel-thickness=16");
    double head = value(plan, "rod.fence");
    double heel = value(plan, "rod.fence-heel");
    assertThat(Math.abs(head - heel)).isGreaterThan(1);
    Operation rod =
        Operations.of(plan).stream()
            .filter(o -> o.is(OperationId.ROD_CHANNEL))
            .findFirst()
            .orElseThrow();
    List<Double> asked =
        rod.holds().stream()
            .filter(h -> h.of().startsWith("fence.rod."))
            .map(h -> h.nominal().orElseThrow().value())
            .toList();
    assertThat(asked).hasSize(3);
    assertThat(asked.get(0)).isCloseTo(head, within(1e-9));
    assertThat(asked.get(1)).isCloseTo((head + heel) / 2, within(1e-9));
    assertThat(asked.get(2)).isCloseTo(heel, within(1e-9));
    assertThat(Heron.with("channel.machine=railed-jig").value("rod.fence-at.head")).isEmpty();
  }
}
