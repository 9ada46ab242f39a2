package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.BodyFace;
import roughcut.geometry.Cylinder;
import roughcut.geometry.Point;
import roughcut.geometry.Solid;
import roughcut.measure.Text;
import roughcut.plan.Plan;

/** The body as the real, seated neck asks for it, and its cuts at the stage they are made in. */
class NeckSeatingTest {
  private static String[] leaning(double angle) {
    return new String[] {"heights.solve-for=saddle", "neck.angle=" + angle};
  }

  /** A leaning neck, turned about the joint point by point: where its saddle line comes in plan. */
  @Test
  void bridgeAndPickupsLieWhereTheLeaningNeckBringsThem() {
    for (double angle : new double[] {0, 1.5, 4, 5}) {
      Plan plan = Heron.with(leaning(angle));
      double a = Math.toRadians(angle);
      double joint = plan.neck().joint().value();
      // In the neck's frame the string's end stands a stack over the glue line at the saddle.
      double stack =
          value(plan, "heights.joint")
              - value(plan, "pocket.exposed")
              + 2 * 1.8
              - roughcut.strings.NutAction.of(new roughcut.record.EffectiveInputs(plan.build()))
                  .value();
      double run = 640 - joint;
      double plain = joint + run * Math.cos(a) - stack * Math.sin(a);
      double stackSet =
          (2 * roughcut.design.StringDecisions.ACTION_12.in(plan.build().design()) - 3.6);
      double expected = plain - stackSet * Math.sin(a);
      Pickup bridge = plan.cuts().pickups().get(1);
      double x = bridge.centre().x() + bridge.fromSaddle().value();
      assertThat(x).as("%s°", angle).isCloseTo(expected, within(1e-6));
      Cut post = plan.cuts().cut("post-bass").orElseThrow();
      double along = value(plan, "bridge.post.bass.x");
      assertThat(along - post.bores().get(0).from().x()).isCloseTo(640 - expected, within(1e-6));
      // A ruler on the body finds the post where it is bored.
      assertThat(plan.stringPlan().bridge().holes().get(0).from())
          .filteredOn(f -> f.datum().toString().equals("the body edge"))
          .allSatisfy(
              f ->
                  assertThat(f.neckSeating(plan.cuts().neckSeating().shortening()))
                      .isCloseTo(post.bores().get(0).from().x() - joint, within(1e-6)));
    }
  }

  @Test
  void whereTheStringLineReallyPointsMovesBridgeAndPickups() {
    Plan straight = Heron.with();
    Plan off = Heron.with("strings.line-off=3");
    double saddle = off.cuts().neckSeating().atBridge(640);
    assertThat(off.cuts().neckSeating().offsetAt(saddle)).isCloseTo(3, within(1e-9));
    assertThat(off.cuts().neckSeating().offsetAt(off.neck().joint().value())).isZero();
    for (int i = 0; i < 2; i++) {
      Point was = straight.cuts().pickups().get(i).centre();
      Point is = off.cuts().pickups().get(i).centre();
      double share = (is.x() - 432) / (saddle - 432);
      assertThat(is.y() - was.y()).isCloseTo(3 * share, within(1e-9));
    }
    double y =
        off.cuts().cut("post-treble").orElseThrow().bores().get(0).from().y()
            - straight.cuts().cut("post-treble").orElseThrow().bores().get(0).from().y();
    assertThat(y).isBetween(2.8, 3.2);
  }

  /** Every bolt is as long as what it goes through: found by walking along it in small steps. */
  @Test
  void boltsUnderACarvedHeelAreAsLongAsTheWoodThereIs() {
    Random random = new Random(17);
    for (int i = 0; i < 25; i++) {
      Plan plan =
          Heron.with(
              "heel-carve.depth=" + (3 + 10 * random.nextDouble()),
              "heel-carve.reach=" + (40 + 60 * random.nextDouble()),
              "heel-carve.turn=" + (120 + 60 * random.nextDouble()));
      Bolts bolts = plan.cuts().bolts().orElseThrow();
      for (int b = 0; b < bolts.places().size(); b++) {
        Point p = bolts.places().get(b);
        double back = plan.cuts().surface().at(BodyFace.BACK, p.x(), p.y());
        double wood = 0;
        for (double z = 0; z < 60; z += 0.01) {
          wood += z > plan.cuts().pocket().orElseThrow().depthAt(p.x()) && z < back ? 0.01 : 0;
        }
        if (back < plan.cuts().surface().thickness() - 0.01) {
          double length = value(plan, "bolt." + (b + 1) + ".length");
          double bite = roughcut.design.RoutDecisions.BOLT_BITE.in(plan.build().design());
          assertThat(length).isCloseTo(2 + 0.15 + wood + bite, within(0.03));
        }
        Cylinder bore = plan.cuts().cut("bolt-" + (b + 1)).orElseThrow().bores().get(0);
        assertThat(bore.from().z()).isCloseTo(back, within(1e-9));
      }
    }
    assertThat(Heron.with("heel-carve.depth=0").value("bolt.1.length")).isEmpty();
  }

  @Test
  void halfwayOfAJackIsHalfwayOfTheEdgeThatIsThere() {
    Plan flat = Heron.with("jack.output.depth=0");
    Plan armed =
        Heron.with("jack.output.depth=0", "carve.drop=14", "carve.width=90", "carve.ledge=4");
    double z = armed.cuts().cut("output").orElseThrow().bores().get(0).from().z();
    assertThat(z)
        .isGreaterThan(flat.cuts().cut("output").orElseThrow().bores().get(0).from().z() + 5);
    // By hand: bore's upper side against the summed finished top all along it.
    Cylinder bore = armed.cuts().cut("output").orElseThrow().bores().get(0);
    double least = Double.POSITIVE_INFINITY;
    for (int i = 5; i <= 200; i++) {
      double t = i / 200.0;
      double x = bore.from().x() + t * (bore.to().x() - bore.from().x());
      double y = bore.from().y() + t * (bore.to().y() - bore.from().y());
      var s = armed.cuts().surface();
      double inside = s.edge().inside(new Point(x, y));
      double top = s.carved(inside) + s.contoured(BodyFace.TOP, x, y) + s.topPlane(x);
      double back = s.thickness() - s.contoured(BodyFace.BACK, x, y);
      least = Math.min(least, Math.min(z - top, back - z) - bore.radius());
    }
    assertThat(value(armed, "jack.walls")).isCloseTo(least, within(0.15));
    Plan deep =
        Heron.with("jack.output.depth=14", "carve.drop=20", "carve.width=120", "carve.ledge=12");
    assertThat(value(deep, "jack.walls")).as("out through the carve").isNegative();
  }

  @Test
  void aTiltedPocketSaysHowItsFloorIsTilted() {
    Plan tilted = Heron.with(leaning(2));
    RoutPlan pocket = tilted.cuts().plansOf("pocket").get(0);
    double taper = (500 - 432) * Math.tan(Math.toRadians(2));
    assertThat(pocket.shim().orElseThrow().height().value()).isCloseTo(taper, within(1e-9));
    assertThat(pocket.shim().orElseThrow().height().label().toString())
        .contains("at the heel end, none at the body edge");
    assertThat(pocket.depths().get(pocket.depths().size() - 1).value())
        .as("the depths are at the body edge, the deeper one")
        .isCloseTo(value(tilted, "pocket.depth.front"), within(1e-9));
    assertThat(pocket.tilt().orElseThrow().toString()).contains("2.37 mm").contains("body edge");
    Plan back = Heron.with(leaning(-1));
    assertThat(
            back.cuts().plansOf("pocket").get(0).shim().orElseThrow().height().label().toString())
        .contains("at the body edge, none at the heel end");
    assertThat(Heron.with(leaning(0)).cuts().plansOf("pocket").get(0).shim()).isEmpty();
    assertThat(tilted.cuts().plansOf("bridge").get(0).shim()).isEmpty();
  }

  @Test
  void aRoutedWiringChannelIsOfTheStageBeforeTheTop() {
    Plan plan = Heron.with("body.now-thickness=47", "body.stock-from=top");
    RoutPlan wire = plan.cuts().plansOf("neck-wire").get(0);
    assertThat(wire.stage().map(Text::toString))
        .contains("before the top is glued on, from the face of the back");
    assertThat(wire.surface().value())
        .as("nothing of what is still on the top")
        .isCloseTo(value(plan, "channel.neck-wire.depth"), within(1e-9));
    assertThat(plan.cuts().plansOf("neck").get(0).stage()).isEmpty();
    assertThat(plan.cuts().plansOf("neck").get(0).surface().value())
        .isCloseTo(value(plan, "pickup.neck.depth") + 3, within(1e-9));
  }

  /** Wood taken away, counted cube by cube over everything at once. */
  @Test
  void whatTwoCutsTakeTogetherIsGoneOnce() {
    Plan plan = Heron.with("pickup.neck.from-saddle=150");
    var cuts = plan.cuts().cuts();
    double sum = cuts.stream().mapToDouble(Cut::volume).sum();
    double step = 1.5;
    double gone = 0;
    var box = cuts.stream().map(Cut::box).reduce(roughcut.geometry.Box::and).orElseThrow();
    for (double x = box.x0(); x < box.x1(); x += step) {
      for (double y = box.y0(); y < box.y1(); y += step) {
        java.util.BitSet column = new java.util.BitSet(600);
        for (Cut cut : cuts) {
          if (x >= cut.box().x0()
              && x <= cut.box().x1()
              && y >= cut.box().y0()
              && y <= cut.box().y1()) {
            for (Solid solid : cut.solids()) {
              double[] chord = solid.chord(x, y);
              if (chord != null) {
                column.set(
                    (int) Math.max(0, chord[0] * 10 + 100), (int) Math.max(0, chord[1] * 10 + 100));
              }
            }
          }
        }
        gone += column.cardinality() * 0.1 * step * step;
      }
    }
    double over = CutOverlap.between(cuts);
    assertThat(over).isPositive();
    assertThat(sum - over).isCloseTo(gone, within(gone * 0.015));
    assertThat(sum).as("what was counted before").isGreaterThan(gone * 1.015);
  }

  @Test
  void aPivotingBridgesRoutsTakeTheSizesOfTheOneInHand() {
    Plan listed = Heron.with("bridge.kind=pivoting");
    Plan own =
        Heron.with(
            "bridge.kind=pivoting",
            "bridge.top-along=70",
            "bridge.top-across=95",
            "bridge.block-across=80",
            "bridge.block-along=30",
            "springs.across=60");
    var top = own.cuts().cut("bridge-top").orElseThrow().steps().get(0).bounds();
    assertThat(top.width()).isCloseTo(70, within(1e-6));
    assertThat(top.height()).isCloseTo(95, within(1e-6));
    var block = own.cuts().cut("bridge-block").orElseThrow().steps().get(0).bounds();
    assertThat(block.height()).isCloseTo(80, within(1e-6));
    assertThat(own.cuts().cut("springs").orElseThrow().steps().get(0).bounds().height())
        .isCloseTo(60, within(1e-6));
    assertThat(value(own, "bridge.spacer.front") + 30 + value(own, "bridge.spacer.rear"))
        .as("spacers and block fill the opening")
        .isCloseTo(70, within(1e-9));
    assertThat(2 * value(own, "bridge.spacer.side") + 80).isCloseTo(95, within(1e-9));
    assertThat(value(listed, "bridge.post.pilot")).isEqualTo(3);
    assertThat(value(Heron.with("bridge.stud-pilot=2.5"), "bridge.post.pilot")).isEqualTo(2.5);
    assertThat(value(Heron.with("bridge.post-bore=5", "bridge.stud-pilot=4"), "bridge.post.pilot"))
        .as("half the hole at most")
        .isEqualTo(2.5);
    assertThat(listed.cuts().cut("bridge-top").orElseThrow().steps().get(0).bounds().width())
        .as("as listed, −5 to 58")
        .isCloseTo(63, within(1e-6));
    Plan out = Heron.with("bridge.kind=pivoting", "bridge.block-across=120");
    assertThat(out.problems())
        .anyMatch(p -> p.words().contains("larger than the upper rout at each side of the block"));
  }

  @Test
  void rodAndBarsCountInTheNecksWeight() {
    Plan with = Heron.with("rod.mass=150", "stiffener.count=2", "stiffener.mass=12");
    Plan light = Heron.with("rod.mass=0", "stiffener.count=2", "stiffener.mass=0");
    assertThat(value(with, "neck.mass") - value(light, "neck.mass")).isCloseTo(174, within(1e-6));
    Plan deeper = Heron.with("rod.mass=0", "stiffener.mass=0", "rod.depth=11.4");
    double less = value(light, "neck.mass") - value(deeper, "neck.mass");
    assertThat(less)
        .as("a millimetre of channel: 430 × 6.4 × 1 of the neck's wood")
        .isBetween(430 * 6.4 * 0.5 / 1000, 430 * 6.4 * 0.9 / 1000);
    Plan measuredRod = Heron.with("rod.length=430", "rod.width=6.4", "rod.depth=10.4");
    assertThat(roughcut.design.NeckDecisions.ROD_MASS.in(measuredRod.build().design()))
        .isCloseTo(430 * 6.4 * 10.4 * 0.55 * 7.85 / 1000, within(1e-9));
  }

  /**
   * A neck that sits further out than drawn, or at another angle, takes bridge and pickups along:
   * from the nut they stay, from the body's edge they move; what is cut already stays in the wood.
   */
  @Test
  void aNeckThatSitsOutTakesTheBridgeAlong() {
    Plan drawn = Heron.with();
    double joint = drawn.neck().joint().value();
    for (double out : new double[] {-0.8, 1.4}) {
      Plan seated = Plan.of(read("joint.x", joint + out), roughcut.demo.Demo.shop());
      for (Cut cut : drawn.cuts().cuts()) {
        boolean along = cut.kind() == CutKind.POST || cut.kind() == CutKind.PICKUP;
        String place = CutLocations.along(cut.name());
        if (along) {
          assertThat(value(seated, place) - value(drawn, place))
              .as(cut.name())
              .isCloseTo(-out, within(0.01));
        }
      }
    }
    // Steeper than drawn: the saddle line comes nearer the nut in plan, and the bridge with it.
    Plan steep =
        Plan.of(
            read("proof.straightedge", value(drawn, "proof.straightedge-wanted") + 6),
            roughcut.demo.Demo.shop());
    double angle = steep.stringPlan().heights().leans().value();
    assertThat(angle).isGreaterThan(value(drawn, "neck.angle") + 1);
    double a = Math.toRadians(angle);
    double run = drawn.frets().scale().value() - joint;
    double stack = 6 + 1.1 + 2 * 1.8 - 0.45;
    assertThat(value(steep, "heights.plan-shortening"))
        .isCloseTo(run * (1 - Math.cos(a)) + stack * Math.sin(a), within(1e-6));
  }

  private static roughcut.record.Build read(String id, double value) {
    return Heron.build()
        .asDesigned()
        .withReading(
            roughcut.record.Reading.of(id, value, java.time.LocalDate.of(2026, 5, 4).atTime(9, 0)));
  }
}
