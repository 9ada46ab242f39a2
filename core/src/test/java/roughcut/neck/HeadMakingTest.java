package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Strip;
import roughcut.geometry.Point;
import roughcut.measure.Said;
import roughcut.plan.Plan;
import roughcut.record.Build;

/** What each way of making the head sets: its own lengths and lines, wings, pins, the drum. */
class HeadMakingTest {
  @Test
  void aFlatHeadIsAsLongAsItIs() {
    Plan flat = Heron.with("head.made=flat", "head.length=200", "head.angle=13");
    assertThat(value(flat, "head.flat-length")).isCloseTo(500 + 4 + 200, within(1e-9));
    assertThat(value(flat, "stack.length")).isCloseTo(704 + 20, within(1e-9));
    assertThat(flat.headWords().toString()).isEqualTo("flat headstock");
    assertThat(flat.setting("scarf.run")).as("not what is set").isEmpty();
    assertThat(flat.setting("head.one-piece-depth")).isEmpty();
    assertThat(flat.setting("head.flat-depth")).isPresent();
    assertThat(flat.value("scarf.run")).as("it has no angle to compare").isEmpty();
    Plan piece = Heron.with("head.made=one-piece");
    assertThat(piece.headWords().toString()).isEqualTo("one-piece headstock");
    assertThat(piece.setting("scarf.run")).isEmpty();
    assertThat(piece.setting("head.flat-depth")).isEmpty();
    assertThat(Heron.with().setting("scarf.run")).isPresent();
    assertThat(Heron.with().headWords().toString()).isEqualTo("scarfed");
  }

  /** The lines drawn on a deep blank are those of the head as it stands in the elevation. */
  @Test
  void theLinesOfAOnePieceHeadAreTheHeadsOwn() {
    Random random = new Random(4);
    for (int i = 0; i < 30; i++) {
      double angle = 4 + 14 * random.nextDouble();
      double length = 140 + 90 * random.nextDouble();
      double thick = 11 + 5 * random.nextDouble();
      Plan plan =
          Heron.with(
              "head.made=one-piece",
              "head.angle=" + angle,
              "head.length=" + length,
              "head.thickness=" + thick);
      HeadLine head = plan.neck().head();
      double blankHead = 510 - value(plan, "stack.length");
      assertThat(value(plan, "head.one-piece-break"))
          .isCloseTo(head.breakX() - blankHead, within(1e-6));
      // From break and end marks alone: a straight line; the head's tip must lie on it.
      double fall = value(plan, "head.one-piece-face") / value(plan, "head.one-piece-break");
      Point tip = head.at(length, 0);
      assertThat(-fall * (head.breakX() - tip.x())).isCloseTo(tip.y(), within(1e-6));
      Point under = head.at(length / 2, thick);
      double faceThere = -fall * (head.breakX() - under.x());
      assertThat(faceThere - value(plan, "head.one-piece-back")).isCloseTo(under.y(), within(1e-6));
    }
  }

  @Test
  void runningOutGrainShortensWhatHoldsAOnePieceHead() {
    Build build =
        Heron.build()
            .asDesigned()
            .withDesign(Heron.set(Heron.build().design(), "head.made=one-piece"));
    var shop = Demo.shop();
    double plain = value(Plan.of(build, shop), "head.grain-through");
    double most = Plan.of(build, shop).rips().mostRunOut();
    assertThat(plain).isCloseTo(14 / Math.sin(Math.toRadians(12.5 + most)), within(1e-9));
    assertThat(Plan.of(build, shop).blanks().ways())
        .filteredOn(w -> w.name().toString().equals("one piece"))
        .allMatch(w -> w.grainWords().toString().endsWith("short"));
    assertThat(Plan.of(build, shop).blanks().ways())
        .filteredOn(w -> w.name().toString().startsWith("scarf"))
        .allMatch(w -> w.grainWords().toString().equals("full length"));
  }

  @Test
  void splinesCrossTheBreakOfAOnePieceHead() {
    Plan plan = Heron.with("head.made=one-piece", "spline.count=2", "spline.depth=6");
    Splines splines = plan.details().splines().orElseThrow();
    assertThat(splines.x()).isZero();
    assertThat(splines.offsets()).containsExactly(-6.0, 6.0);
    assertThat(Heron.with("head.made=flat", "spline.count=2").details().splines()).isEmpty();
  }

  @Test
  void planingPutsTheSawsLineBeyondTheFinishedOne() {
    Plan plan = Heron.with("head.angle=14", "scarf.planing=0.8");
    assertThat(value(plan, "scarf.saw-off")).isCloseTo(3.307, within(0.001));
    assertThat(value(plan, "scarf.saw-top") - value(plan, "scarf.mark-top"))
        .isCloseTo(0.8 / Math.sin(Math.toRadians(14)), within(1e-9));
    assertThat(Heron.with().value("scarf.saw-off")).isEmpty();
    assertThat(Said.all(plan.details().marks().orElseThrow().steps()))
        .anyMatch(s -> s.contains("support under the cut"))
        .anyMatch(s -> s.contains("plane them together"));
  }

  /** Pins that are said to be possible stand in waste, whichever outline is the finished one. */
  @Test
  void pinsStandInWasteOrAreSaidNotToBePossible() {
    Random random = new Random(21);
    int with = 0;
    int without = 0;
    for (int i = 0; i < 60; i++) {
      boolean under = random.nextBoolean();
      double wide = 60 + 50 * random.nextDouble();
      double strip = 6 + 14 * random.nextDouble();
      Plan plan =
          Heron.with(
              "scarf.school=" + (under ? "seam-under-fretboard" : "seam-across-head"),
              "head.width=" + wide,
              "neck.strip.1.thickness=" + strip);
      ScarfMarks marks = plan.details().marks().orElseThrow();
      if (marks.pinSide().isEmpty()) {
        without++;
        assertThat(marks.steps().get(4).toString()).contains("no waste for pins");
        continue;
      }
      with++;
      double y = marks.pinSide().get().value();
      double r = roughcut.design.BlankDecisions.PIN_DIAMETER.in(plan.build().design()) / 2;
      boolean somewhere = false;
      double bevel = value(plan, "scarf.bevel");
      for (double along = bevel / 4; along <= bevel * 0.75; along += 0.25) {
        double outline =
            under ? plan.taper().halfWidth(plan.neck().head().breakX() + along) : half(plan, along);
        double stock =
            plan.blank().halfWidth(plan.neck().head().breakX() + (under ? along : -along));
        somewhere |= y - r >= outline + 1.9 && y + r <= stock - 1.9;
      }
      assertThat(somewhere).as("a place for pins at %s", y).isTrue();
    }
    assertThat(with).isPositive();
    assertThat(without).isPositive();
  }

  private static double half(Plan plan, double along) {
    List<Point> corners = plan.headFace().outline().corners();
    double best = 0;
    for (int i = 1; i < corners.size(); i++) {
      Point a = corners.get(i - 1);
      Point b = corners.get(i);
      if (Math.min(a.x(), b.x()) <= along && along <= Math.max(a.x(), b.x()) && a.x() != b.x()) {
        best =
            Math.max(best, Math.abs(a.y() + (b.y() - a.y()) * (along - a.x()) / (b.x() - a.x())));
      }
    }
    return best;
  }

  @Test
  void wingsAreWhatATaperedStackLacksWhereTheHeadIsWidest() {
    Build build = Heron.build().asDesigned();
    var design = build.design();
    var stack = design.neckStack();
    List<Strip> strips = stack.strips();
    double heel = strips.get(0).thickness();
    var tapered = stack.change(0, s -> new Strip(s.species(), heel - 5, heel, s.bow(), s.grain()));
    Plan plan = Plan.of(build.withDesign(design.withNeckStack(tapered)), Demo.shop());
    double x = plan.neck().head().at(0.27 * plan.neck().head().length().value(), 0).x();
    double stackThere = 2 * plan.blank().halfWidth(x);
    assertThat(stackThere).isLessThan(plan.blank().width().value() - 9);
    double trim = roughcut.design.BlankDecisions.WING_TRIM.in(design);
    assertThat(value(plan, "head.wing.bass")).isCloseTo(40 - stackThere / 2 + trim, within(1e-9));
    assertThat(plan.parts()).anyMatch(p -> p.id().equals("head.wing.bass"));
  }

  @Test
  void theDrumsRiserComesFromWhatLiesOnTheTable() {
    Plan plan = Heron.with("head.width=84");
    double heel = plan.taper().width(500);
    assertThat(value(plan, "drum.riser")).isCloseTo((84 - heel) / 2, within(1e-9));
    assertThat(plan.details().volute().underHead()).isFalse();
    Plan slim = Heron.with("head.width=44");
    assertThat(slim.details().volute().underHead()).isTrue();
    assertThat(value(Heron.with("head.width=90", "drum.height=90"), "drum.turns")).isEqualTo(1);
    assertThat(value(Heron.with("head.width=91", "drum.height=90"), "drum.turns")).isEqualTo(2);
    Plan wide = Heron.with("head.width=200", "drum.height=90");
    assertThat(value(wide, "drum.turns")).isEqualTo(3);
    assertThat(wide.details().volute().thinning().toString()).contains("middle isn't reached");
  }

  @Test
  void aSingleActingRodTakesOutNoBackBow() {
    assertThat(value(Heron.with("rod.acting=single", "carve.bow=-0.4"), "bow.sanded"))
        .isEqualTo(0.4);
    assertThat(value(Heron.with("rod.acting=double", "carve.bow=-0.4"), "bow.sanded")).isZero();
    assertThat(value(Heron.with("rod.acting=single", "carve.bow=0.7"), "bow.sanded"))
        .isCloseTo(0.2, within(1e-9));
  }
}
