package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.bench.Operation;
import roughcut.bench.Operations;
import roughcut.clearance.Clearance;
import roughcut.clearance.ClearanceKind;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.Handedness;
import roughcut.design.HeadMaking;
import roughcut.design.NeckDecisions;
import roughcut.design.NeckJoint;
import roughcut.drawing.HeadDrawing;
import roughcut.drawing.Mark;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.schedule.HardwareNeeds;
import roughcut.shop.Shop;
import roughcut.start.InstrumentKind;
import roughcut.start.NewInstrument;

/** A neck without a headstock: what it is, what holds its strings, and what it no longer asks. */
class HeadlessTest {
  private static Plan with(String... more) {
    return Heron.with(
        Stream.concat(
                Stream.of("head.made=headless", "bridge.kind=tuner-bridge", "rod.worked-from=heel"),
                Stream.of(more))
            .toArray(String[]::new));
  }

  private static double value(Plan plan, String id) {
    return plan.value(id).orElseThrow().value();
  }

  /** The neck goes on as it is: level on top, along its taper, as thick as it is carved. */
  @Test
  void theNeckRunsOnPastTheNut() {
    Plan plan = with("head.stub=30");
    double nut = plan.neck().head().nutThickness().value();
    List<Point> corners = plan.headFace().outline().corners();
    double slope = (plan.taper().width(400) - plan.taper().width(0)) / 400;
    double end = (plan.taper().width(0) - 30 * slope) / 2;
    assertThat(corners).hasSize(4);
    assertThat(plan.headFace().reach(1, 30)).isCloseTo(end, within(1e-9));
    assertThat(plan.headFace().reach(-1, 15))
        .isCloseTo((plan.taper().width(0) - 15 * slope) / 2, within(1e-9));
    assertThat(plan.neck().head().at(30, 0).distance(new Point(-nut - 30, 0))).isZero();
    List<Point> back = plan.neck().back().line();
    // From the end to the thickness line in one level, without a step at the nut.
    assertThat(back.get(0).x()).isCloseTo(-nut - 30, within(1e-9));
    assertThat(back.get(0).y())
        .isCloseTo(-plan.neck().thickness().depth(-nut), within(1e-9))
        .isCloseTo(back.get(1).y(), within(1e-9));
    double trim = plan.given(BlankDecisions.END_TRIM);
    assertThat(value(plan, "stack.length"))
        .isCloseTo(plan.given(Decisions.HEEL_END) + nut + 30 + 2 * trim, within(1e-9));
    assertThat(plan.scarf()).isEmpty();
    assertThat(value(plan, "head.wing.bass") + value(plan, "head.wing.treble")).isZero();
  }

  /** Handbook page 2's break angle, drawn: down from the crown over the first fret's height. */
  @Test
  void theBreakAngleIsWhatIsDrawnFromNutToHeadpiece() {
    Plan plan = with("headpiece.strings=12", "headpiece.height=4", "strings.action-nut=0.5");
    double over =
        plan.given(Decisions.FRETBOARD_THICKNESS)
            + plan.given(FretboardDecisions.WIRE_HEIGHT)
            + 0.5
            - 4;
    double drawn = Math.toDegrees(Math.acos(12 / Math.hypot(12, over)));
    assertThat(value(plan, "headpiece.1.break-angle")).isCloseTo(drawn, within(1e-9));
    assertThat(plan.values())
        .doesNotContainKey("tuner.1.break-angle")
        .doesNotContainKey("tuner.1.x");
  }

  /** What is advised of a wrong angle is true: done so, the angle is within its limits. */
  @Test
  void adviceOnTheBreakAngleIsAHeadpieces() {
    Plan flat = with("headpiece.height=7");
    assertThat(flat.nutWork().advice())
        .extracting(w -> w.in(Units.MM))
        .hasSize(1)
        .allMatch(w -> w.startsWith("Strings 1, 2, 3, 4, 5, 6, "))
        .allMatch(w -> w.endsWith("hold the strings lower at the headpiece, or nearer to the nut"));
    assertThat(with("headpiece.height=7", "headpiece.strings=4").nutWork().advice()).isEmpty();
    assertThat(with("headpiece.height=5").nutWork().advice()).isEmpty();
    Plan steep = with("headpiece.strings=5", "headpiece.height=4");
    assertThat(steep.nutWork().advice())
        .extracting(w -> w.in(Units.MM))
        .allMatch(w -> w.endsWith("hold the strings higher, or further behind the nut"))
        .hasSize(1);
    assertThat(with("headpiece.strings=16", "headpiece.height=4").nutWork().advice()).isEmpty();
  }

  /** Screws stand evenly about the centre line; the outer ones are held against the sides. */
  @Test
  void theScrewsStandEvenlyAndInWood() {
    for (int count = 1; count <= 6; count++) {
      Plan plan = with("headpiece.screws=" + count, "headpiece.spread=30", "headpiece.screw=3.5");
      Headpiece piece = plan.details().headpiece().orElseThrow();
      double sum = 0;
      double least = Double.POSITIVE_INFINITY;
      for (int k = 0; k < count; k++) {
        double y = piece.places().get(k).y();
        sum += y;
        double wanted = count == 1 ? 0 : -15 + 30.0 * k / (count - 1);
        assertThat(y).isCloseTo(wanted, within(1e-9));
        // Straight across to the side, walked in hundredths until it is outside.
        double side = Math.abs(y);
        while (plan.headFace().outline().contains(new Point(19, side))) {
          side += 0.01;
        }
        least = Math.min(least, side - Math.abs(y) - 1.75);
      }
      assertThat(sum).isCloseTo(0, within(1e-9));
      assertThat(piece.edge().value()).isCloseTo(least, within(0.011));
    }
    Plan wide = with("headpiece.spread=42");
    assertThat(stops(wide)).contains(ClearanceKind.HEADPIECE_EDGE);
    assertThat(stops(with("headpiece.bite=13"))).contains(ClearanceKind.HEADPIECE_UNDER);
    assertThat(stops(with())).isEmpty();
  }

  /**
   * The neck is carved round to its end: an outer screw comes through its shoulder long before one
   * in the middle would. Walked along the carved section, each side with its own exponent.
   */
  @Test
  void underTheScrewsIsTheCarvedBack() {
    for (String[] more :
        new String[][] {
          {"headpiece.spread=10"},
          {"headpiece.spread=27", "headpiece.bite=9"},
          {"headpiece.screws=1", "headpiece.bite=11", "headpiece.screw=4"},
          {"headpiece.spread=24", "neck.profile-exponent-treble=0.6", "headpiece.screws-at=9"},
          {"headpiece.spread=24", "neck.profile-exponent-treble=-0.4", "nut.width=38"}
        }) {
      Plan plan = with(more);
      Headpiece piece = plan.details().headpiece().orElseThrow();
      double x = plan.neck().head().breakX() - piece.along().value();
      double a = plan.taper().width(x) / 2;
      double deep = plan.neck().head().thickness().value();
      double bite = plan.given(NeckDecisions.HEADPIECE_BITE);
      double radius = plan.given(NeckDecisions.HEADPIECE_SCREW) / 2;
      double least = Double.POSITIVE_INFINITY;
      for (Point screw : piece.places()) {
        for (double y : new double[] {screw.y() - radius, screw.y() + radius}) {
          double p =
              plan.given(Decisions.PROFILE_EXPONENT)
                  + (y > 0 ? plan.given(NeckDecisions.EXPONENT_TREBLE) : 0);
          boolean out = Math.pow(Math.abs(y) / a, p) + Math.pow(bite / deep, p) > 1;
          double nearest = Double.POSITIVE_INFINITY;
          for (double t = 0; t <= Math.PI / 2; t += 1e-4) {
            Point back =
                new Point(
                    a * Math.signum(y) * Math.pow(Math.sin(t), 2 / p),
                    deep * Math.pow(Math.cos(t), 2 / p));
            nearest = Math.min(nearest, back.distance(new Point(y, bite)));
            nearest = Math.min(nearest, back.distance(new Point(y, 0)));
          }
          least = Math.min(least, out ? -nearest : nearest);
        }
      }
      assertThat(piece.under().value()).as(String.join(" ", more)).isCloseTo(least, within(0.01));
    }
    // As deep as is sound in the middle, it comes out at the shoulder.
    assertThat(stops(with("headpiece.screws=1", "headpiece.bite=10"))).isEmpty();
    assertThat(stops(with("headpiece.spread=30", "headpiece.bite=10")))
        .contains(ClearanceKind.HEADPIECE_UNDER);
    assertThat(with("headpiece.bite=20").details().headpiece().orElseThrow().under().value())
        .isNegative();
  }

  private static List<ClearanceKind> stops(Plan plan) {
    return plan.clearances().stream()
        .filter(c -> c.left().value() < c.limit().fail())
        .map(Clearance::kind)
        .filter(k -> k.id().startsWith("headpiece"))
        .toList();
  }

  /** What can't be is said in words: a key without a way, strings that nothing tunes, no seat. */
  @Test
  void whatCannotBeIsSaid() {
    assertThat(words(with())).isEmpty();
    assertThat(words(with("rod.worked-from=head-bore")))
        .containsExactly("The rod is adjusted at the headstock, and there is none.");
    assertThat(words(with("bridge.kind=two-post")))
        .containsExactly("Nothing tunes the strings of this headless neck.");
    assertThat(words(with("headpiece.strings=30", "head.stub=24")))
        .containsExactly(
            "The strings are held 30.0 mm behind the nut, and the neck ends after 24.0 mm.");
    assertThat(words(with("headpiece.mass=300", "hardware.other-mass=250")))
        .containsExactly("The headpiece weighs 300 g, and all other hardware with it only 250 g.");
    assertThat(words(Heron.with("bridge.kind=tuner-bridge")))
        .containsExactly("The strings have tuners at the bridge and at the headstock.");
  }

  private static List<String> words(Plan plan) {
    return plan.findings().stream()
        .map(f -> f.what().in(Units.MM))
        .filter(
            m -> m.matches(".*(headless|headstock, and|held|at the headstock|headpiece weighs).*"))
        .toList();
  }

  /** Nothing of a headstock is sawn, drilled, bought or drawn; the headpiece is. */
  @Test
  void theBenchKnowsNoHeadstock() {
    Plan plan = with();
    List<String> ids = Operations.of(plan).stream().map(Operation::id).toList();
    assertThat(ids)
        .contains("head.outline", "headpiece.drill", "headpiece.fit")
        .noneMatch(
            id -> id.matches("head\\.(tuners|thickness|veneer|scarf.*|saw|step-down)|tuners.*"));
    assertThat(ids.indexOf("headpiece.drill"))
        .isBetween(ids.indexOf("head.outline"), ids.indexOf("neck.carve"));
    assertThat(HardwareNeeds.hardware(plan, Units.MM))
        .extracting(n -> n.what().in(Units.MM))
        .contains("headpiece for 6 strings")
        .noneMatch(n -> n.contains("tuners") && !n.contains("bridge"));
    long circles =
        HeadDrawing.of(plan, Units.MM).marks().stream()
            .filter(Mark.Handle.class::isInstance)
            .count();
    assertThat(circles).as("no tuner to be dragged").isZero();
  }

  /** What a headstock would want of the blank is compared as it was decided, not as the stub is. */
  @Test
  void theOtherWaysAreComparedAsTheyWouldBe() {
    List<HeadComparison.Way> headless = with().blanks().ways();
    List<HeadComparison.Way> scarfed = Heron.with("rod.worked-from=heel").blanks().ways();
    assertThat(headless).hasSize(5).filteredOn(HeadComparison.Way::chosen).hasSize(1);
    assertThat(headless.get(4).chosen()).isTrue();
    for (int i = 0; i < headless.size(); i++) {
      assertThat(headless.get(i).length()).isCloseTo(scarfed.get(i).length(), within(1e-9));
      assertThat(headless.get(i).depth()).isCloseTo(scarfed.get(i).depth(), within(1e-9));
      assertThat(headless.get(i).grain()).isEqualTo(scarfed.get(i).grain());
    }
  }

  /** Its weight at the nut is the headpiece's, and the balance moves to the body with it. */
  @Test
  void theTunersNoLongerWeighAtTheNut() {
    Plan light = with("headpiece.mass=40");
    Plan heavy = with("headpiece.mass=240");
    double mass = value(light, "instrument.mass");
    assertThat(value(heavy, "instrument.mass")).isCloseTo(mass, within(1e-9));
    // 200 g move from the bridge to halfway along the stub.
    double apart = 200 * (light.given(Decisions.SCALE_LENGTH) + 26 / 2.0) / mass;
    assertThat(value(light, "balance.x") - value(heavy, "balance.x")).isCloseTo(apart, within(0.3));
  }

  /** Any kind of new instrument, joint and hand: clear from the beginning. */
  @Test
  void newOnesAreClearWhateverTheirJoint() {
    for (InstrumentKind kind : InstrumentKind.values()) {
      for (NeckJoint joint : NeckJoint.values()) {
        NewInstrument usual = NewInstrument.usual("n", kind);
        Plan plan =
            Plan.of(
                new NewInstrument(
                        "n",
                        kind,
                        usual.treble(),
                        usual.bass(),
                        usual.frets(),
                        joint,
                        HeadMaking.HEADLESS,
                        Handedness.LEFT,
                        usual.timber())
                    .build(),
                Shop.usual("s"));
        assertThat(plan.problems()).as(kind + " " + joint).isEmpty();
        assertThat(plan.details().headpiece().orElseThrow().breakAngles())
            .hasSize(plan.stringSet().size())
            .allMatch(a -> a.value() > 5 && a.value() < 17);
      }
    }
  }
}
