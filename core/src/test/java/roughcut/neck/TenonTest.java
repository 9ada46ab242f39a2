package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.bench.Bench;
import roughcut.bench.Operation;
import roughcut.clearance.Clearance;
import roughcut.clearance.ClearanceKind;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.Handedness;
import roughcut.design.HeadMaking;
import roughcut.design.NeckJoint;
import roughcut.design.OperationId;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.finding.Finding;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.layout.LayoutKeys;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.record.Reading;
import roughcut.shop.Shop;
import roughcut.start.InstrumentKind;
import roughcut.start.NewInstrument;

/** A set neck's tenon of its own width and depth, from the saw to the pocket that takes it. */
class TenonTest {
  private static final LocalDate DAY = LocalDate.of(2026, 12, 2);

  private static Build glued(String... settings) {
    NewInstrument begun =
        new NewInstrument(
            "x",
            InstrumentKind.SIX_STRINGS,
            640,
            640,
            22,
            NeckJoint.SET_NECK,
            HeadMaking.SCARF,
            Handedness.RIGHT,
            NewInstrument.Timber.USUAL);
    return Heron.lived(begun.build(), settings);
  }

  private static Plan planned(String... settings) {
    return Plan.of(glued(settings), Shop.usual("own"));
  }

  /** The width at x by the rule of three from the first and the twelfth fret's. */
  private static double width(Plan plan, double x) {
    double one = value(plan, LayoutKeys.FRET_WIDTH.of(1).id());
    double twelve = value(plan, LayoutKeys.FRET_WIDTH.of(12).id());
    double from = plan.frets().frets().get(0).x();
    double to = plan.frets().frets().get(11).x();
    return one + (twelve - one) * (x - from) / (to - from);
  }

  @Test
  void thePocketTakesTheTenonAndTheShouldersTheRest() {
    Plan full = planned();
    Plan own = planned("tenon.width=36", "tenon.depth=17");
    double joint = own.given(Decisions.JOINT_X);
    double end = own.given(Decisions.HEEL_END);
    double clearance = own.given(RoutDecisions.POCKET_CLEARANCE);
    Bounds pocket = own.cuts().pocket().orElseThrow().cut().steps().get(0).bounds();
    assertThat(pocket.height()).isCloseTo(36 + 2 * clearance, within(1e-9));
    assertThat(pocket.right()).isCloseTo(end + clearance, within(1e-9));
    assertThat(full.cuts().pocket().orElseThrow().cut().steps().get(0).bounds().height())
        .as("without one the neck's own width, before its corners")
        .isBetween(width(full, end - 10) + 2 * clearance, width(full, end) + 2 * clearance);
    assertThat(value(own, "tenon.off-edge")).isCloseTo((width(own, joint) - 36) / 2, within(1e-6));
    assertThat(value(own, "tenon.off-end")).isCloseTo((width(own, end) - 36) / 2, within(1e-6));
    double heel = own.given(Decisions.HEEL_THICKNESS);
    assertThat(value(own, "tenon.off-under")).isCloseTo(heel - 17, within(1e-9));
    assertThat(value(own, "tenon.length")).isCloseTo(end - joint, within(1e-9));
    // The pocket is as much shallower as the tenon is, its floor as much thicker, nothing higher.
    for (String depth : List.of("pocket.depth.front", "pocket.depth.end")) {
      assertThat(value(full, depth) - value(own, depth)).isCloseTo(heel - 17, within(1e-9));
    }
    assertThat(value(own, "pocket.floor") - value(full, "pocket.floor"))
        .isCloseTo(heel - 17, within(1e-9));
    assertThat(own.given(StringDecisions.SADDLE_HEIGHT))
        .isEqualTo(full.given(StringDecisions.SADDLE_HEIGHT));
    assertThat(full.details().tenon()).isEmpty();
    assertThat(own.problems()).isEmpty();
  }

  /** Shoulders stand square at the body's edge: a step in width and depth, the heel before it. */
  @Test
  void theNeckStepsAtTheBodysEdge() {
    Plan own = planned("tenon.width=36", "tenon.depth=17");
    NeckShape neck = own.neck();
    double joint = neck.joint().value();
    assertThat(2 * neck.halfWidth(joint)).isCloseTo(width(own, joint), within(1e-6));
    assertThat(2 * neck.halfWidth(joint + 0.01)).isEqualTo(36);
    assertThat(neck.back().depth(joint)).isEqualTo(own.given(Decisions.HEEL_THICKNESS));
    assertThat(neck.back().depth(joint + 0.01)).isCloseTo(17, within(1e-9));
    assertThat(neck.back().depth(neck.heelEnd().value())).isCloseTo(17, within(1e-9));
    assertThat(planned().neck().back().depth(joint + 0.01))
        .isEqualTo(own.given(Decisions.HEEL_THICKNESS));
  }

  /** What the neck weighs less is the wood that is sawn off, added up in thin slices. */
  @Test
  void theNeckIsLighterByWhatIsSawnOff() {
    Plan full = planned();
    Plan own = planned("tenon.width=36", "tenon.depth=17");
    double joint = own.given(Decisions.JOINT_X);
    double end = own.given(Decisions.HEEL_END);
    double heel = own.given(Decisions.HEEL_THICKNESS);
    double volume = 0;
    for (double x = joint + 0.05; x < end; x += 0.1) {
      volume += 0.1 * (width(full, x) * heel - 36 * 17);
    }
    double density = own.shop().woods().get("maple").density();
    double halfSlice = 2.5 * (width(full, joint) * heel - 36 * 17) * density / 1e6;
    assertThat(value(full, "neck.mass") - value(own, "neck.mass"))
        .isCloseTo(volume * density / 1e6, within(halfSlice));
  }

  /** Sawn from the final heel, then the pocket from the real tenon. */
  @Test
  void itIsSawnBetweenHeelAndPocketAndTheRealOneIsCutFor() {
    Plan own = planned("tenon.width=36", "tenon.depth=17");
    Bench bench = Bench.of(own, LocalDateTime.of(2026, 12, 2, 9, 0));
    Operation saw = bench.step(OperationId.TENON_SAW.text()).orElseThrow().operation();
    assertThat(saw.after()).containsKey(OperationId.HEEL_FACES.text());
    Operation pocket = bench.step(OperationId.cut("pocket").text()).orElseThrow().operation();
    assertThat(pocket.after()).containsKey(OperationId.TENON_SAW.text());
    assertThat(pocket.holds())
        .extracting(h -> h.of())
        .contains("tenon.depth", "tenon.width")
        .doesNotContain("heel.thickness");
    assertThat(Bench.of(planned(), LocalDateTime.of(2026, 12, 2, 9, 0)).step("tenon.saw"))
        .isEmpty();
    Build measured = glued("tenon.width=36", "tenon.depth=17");
    measured = measured.withReading(Reading.of("tenon.width", 36.7, DAY));
    measured = measured.withReading(Reading.of("tenon.depth", 16.6, DAY));
    Plan real = Plan.of(measured, Shop.usual("own"));
    assertThat(real.cuts().pocket().orElseThrow().cut().steps().get(0).bounds().height())
        .isCloseTo(36.7 + 2 * real.given(RoutDecisions.POCKET_CLEARANCE), within(1e-9));
    assertThat(value(own, "pocket.depth.front") - value(real, "pocket.depth.front"))
        .isCloseTo(0.4, within(1e-9));
    assertThat(value(real, "tenon.off-edge"))
        .as("what was to be sawn off is no wish of the caliper's")
        .isEqualTo(value(own, "tenon.off-edge"));
  }

  @Test
  void aTenonThatTheNeckDoesNotHoldIsSaid() {
    assertThat(planned("tenon.width=70").problems())
        .extracting(Finding::where)
        .contains("tenon.width");
    assertThat(planned("tenon.depth=40").problems())
        .extracting(Finding::where)
        .contains("tenon.depth");
    Plan bolted = Plan.of(Heron.lived(glued(), "neck.fixing=bolted"), Shop.usual("own"));
    Plan idle =
        Plan.of(Heron.lived(glued(), "neck.fixing=bolted", "tenon.width=20"), Shop.usual("own"));
    assertThat(idle.values().keySet()).isEqualTo(bolted.values().keySet());
    assertThat(value(idle, "pocket.area")).isEqualTo(value(bolted, "pocket.area"));
  }

  /** Bars that run on into a narrow tenon: looked along in small steps, against its side. */
  @Test
  void woodBesideChannelsInTheTenonIsWhatAWalkFinds() {
    Random random = new Random(12);
    List<Clearance.State> states = new ArrayList<>();
    for (int i = 0; i < 25; i++) {
      Plan plan =
          planned(
              "tenon.width=" + (24 + 16 * random.nextDouble()),
              "rod.length=" + (440 + random.nextInt(40)),
              "stiffener.count=" + 2 * random.nextInt(2),
              "stiffener.length=" + (430 + random.nextInt(30)),
              "stiffener.offset-heel=" + (8 + 5 * random.nextDouble()));
      double joint = plan.neck().joint().value();
      double walked = Double.POSITIVE_INFINITY;
      List<Channel> channels = new ArrayList<>(List.of(plan.rod().channel()));
      plan.details().stiffeners().ifPresent(s -> channels.addAll(List.of(s.bass(), s.treble())));
      for (Channel channel : channels) {
        for (double x = joint + 0.01;
            x < Math.min(channel.to(), plan.neck().heelEnd().value());
            x += 0.1) {
          for (Channel.Piece piece : channel.pieces()) {
            if (piece.reaches(x)) {
              double out = Math.abs(piece.offsetAt(x)) + piece.width() / 2;
              walked = Math.min(walked, plan.given(BodyDecisions.TENON_WIDTH) / 2 - out);
            }
          }
        }
      }
      assertThat(value(plan, "tenon.beside")).isCloseTo(walked, within(0.01));
      plan.clearances().stream()
          .filter(c -> c.kind() == ClearanceKind.TENON_CHANNEL)
          .forEach(c -> states.add(c.state()));
    }
    assertThat(states).hasSize(25).contains(Clearance.State.STOP, Clearance.State.CLEAR);
  }

  /** Handed over, a tenon is the same; and its outline is no wider than the neck anywhere. */
  @Test
  void thePocketLiesInsideTheFullOne() {
    Outline full = planned().cuts().pocket().orElseThrow().cut().shapes().get(0);
    Outline own = planned("tenon.width=36").cuts().pocket().orElseThrow().cut().shapes().get(0);
    assertThat(full.covers(own)).isTrue();
    assertThat(value(planned("tenon.width=36"), "pocket.area"))
        .isLessThan(value(planned(), "pocket.area"));
  }

  /** The taper of a planed heel lies on the floor: it comes off the tenon, after that is sawn. */
  @Test
  void thePlanedTaperIsTheTenonsOwn() {
    LocalDateTime now = DAY.atStartOfDay();
    String[] planed = {"tenon.depth=17", "neck.angle-made=planed-heel"};
    Bench bench = Bench.of(planned(planed), now);
    Operation faces = bench.step(OperationId.HEEL_FACES.text()).orElseThrow().operation();
    Operation saw = bench.step(OperationId.TENON_SAW.text()).orElseThrow().operation();
    assertThat(faces.settings()).doesNotContain("heel.taper");
    assertThat(saw.settings()).contains("heel.taper", "tenon.off-under");
    assertThat(saw.holds()).extracting(h -> h.of()).contains("heel.thickness");
    assertThat(planned(planed).value("heel.taper").orElseThrow().label().toString())
        .contains("tenon");
    Bench full = Bench.of(planned("neck.angle-made=planed-heel"), now);
    assertThat(full.step(OperationId.HEEL_FACES.text()).orElseThrow().operation().settings())
        .contains("heel.taper");
    // The heel beside it keeps its thickness, the tenon loses the taper.
    Plan own = planned(planed);
    double joint = own.neck().joint().value();
    double deep = own.neck().back().depth(joint + 0.001);
    double end = own.neck().back().depth(own.neck().heelEnd().value());
    assertThat(own.neck().back().depth(joint)).isEqualTo(own.given(Decisions.HEEL_THICKNESS));
    assertThat(Math.max(deep, end)).isCloseTo(17, within(1e-3));
    assertThat(Math.abs(deep - end)).isCloseTo(value(own, "heel.taper"), within(1e-3));
  }

  /** The fretboard's pins stand in wood: behind the body's edge inside the tenon. */
  @Test
  void pinsBehindTheBodysEdgeStandInTheTenon() {
    Plan full = planned();
    Plan own = planned("tenon.width=34");
    assertThat(full.frets().frets().get(20).x()).isGreaterThan(full.given(Decisions.JOINT_X));
    assertThat(value(full, "pin.body.y")).isGreaterThan(17);
    assertThat(own.values())
        .hasEntrySatisfying(
            "pin.body.y",
            v -> assertThat(v.value() + own.given(FretboardDecisions.PIN) / 2).isLessThan(17));
    assertThat(value(own, "pin.head.y")).isEqualTo(value(full, "pin.head.y"));
  }

  /** In the body the section is square: the least wood round a rod there is to the tenon's side. */
  @Test
  void woodRoundARodInTheTenonIsMeasuredSquare() {
    String[] rod = {"tenon.width=11", "rod.length=470", "stiffener.count=0"};
    Plan own = planned(rod);
    double side = (11 - own.given(Decisions.ROD_WIDTH)) / 2;
    assertThat(side).isLessThan(value(planned(rod[1], rod[2]), "rod.least"));
    assertThat(value(own, "rod.least")).isCloseTo(side, within(1e-6));
  }
}
