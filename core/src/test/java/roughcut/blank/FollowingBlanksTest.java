package roughcut.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.clearance.Clearance;
import roughcut.design.BodyDecisions;
import roughcut.finding.Topic;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.plan.Plan;

/** Blanks whose sizes follow from what they have to hold. */
class FollowingBlanksTest {
  private static final String[] FREE = {"body.blank-length=", "body.blank-width="};

  private static Plan free(String... more) {
    String[] all = new String[more.length + 2];
    System.arraycopy(FREE, 0, all, 0, 2);
    System.arraycopy(more, 0, all, 2, more.length);
    return Heron.with(all);
  }

  /** However the outline is shaped and laid, the blank that follows holds it with its trim. */
  @Test
  void aBodyBlankThatFollowsHoldsItsOutline() {
    Random random = new Random(6);
    for (int i = 0; i < 40; i++) {
      double trim = 1 + 12 * random.nextDouble();
      double y = -20 + 40 * random.nextDouble();
      Plan plan =
          free(
              "body.length=" + (330 + 150 * random.nextDouble()),
              "body.lower-width=" + (280 + 120 * random.nextDouble()),
              "body.trim=" + trim,
              "body.laid-x=" + (5 + 40 * random.nextDouble()),
              "body.laid-y=" + y,
              "body.laid-turn=" + (-4 + 8 * random.nextDouble()));
      BodyBlank body = plan.body();
      for (Point p : body.placement().shape().corners()) {
        assertThat(p.x()).isLessThanOrEqualTo(body.length().value() - trim + 1e-6);
        assertThat(Math.abs(p.y())).isLessThanOrEqualTo(body.width().value() / 2 - trim + 1e-6);
      }
      Bounds laid = body.placement().shape().bounds();
      assertThat(body.length().value())
          .as("and no more")
          .isCloseTo(laid.right() + trim, within(1e-6));
      assertThat(body.placement().off(body.length().value(), body.width().value())).isZero();
    }
  }

  @Test
  void aDecidedBlankStandsAndIsAStopWhereItIsTooSmall() {
    Plan small = Heron.with("body.blank-length=300");
    assertThat(small.body().length().value()).isEqualTo(300);
    assertThat(small.about(Topic.BODY_BLANK))
        .anyMatch(q -> q.stops() && q.words().contains("over the edge of the blank"));
    assertThat(free().about(Topic.BODY_BLANK))
        .noneMatch(q -> q.words().contains("over the edge of the blank"));
    assertThat(BodyDecisions.BODY_BLANK_LENGTH.undecided(free().build().design())).isTrue();
    assertThat(value(free(), "body.blank-length"))
        .isCloseTo(free().body().length().value(), within(1e-9));
  }

  private static Plan through(String... more) {
    String[] all = new String[more.length + 1];
    all[0] = "neck.fixing=through";
    System.arraycopy(more, 0, all, 1, more.length);
    Plan plan = Heron.with(all);
    // Without the demo's heel block.
    return Plan.of(
        plan.build().withDesign(plan.build().design().withNeckSteps(java.util.List.of())),
        plan.shop());
  }

  @Test
  void aThroughNecksCoreFollowsFromTheBodyWhateverItsHeelWas() {
    Random random = new Random(14);
    for (int i = 0; i < 30; i++) {
      double thick = 36 + 14 * random.nextDouble();
      double cap = random.nextBoolean() ? 0 : 3 + 5 * random.nextDouble();
      double e = -2 + 10 * random.nextDouble();
      Plan plan =
          through(
              "body.thickness=" + thick,
              "body.top-thickness=" + cap,
              "body.accent=0.5",
              "heights.solve-for=angle",
              "pocket.exposed=" + e,
              "heel.end=" + (450 + 300 * random.nextDouble()),
              "heel.thickness=" + (12 + 30 * random.nextDouble()),
              "body.length=" + (350 + 100 * random.nextDouble()));
      double end =
          plan.body().outline().shape().corners().stream()
              .mapToDouble(Point::x)
              .max()
              .orElseThrow();
      assertThat(plan.neck().heelEnd().value()).isCloseTo(end, within(1e-9));
      assertThat(plan.neck().heelThickness().value()).isCloseTo(thick + e, within(1e-9));
      // One solid: as deep in the middle of the body as the neck's own outline and section say.
      double lean = Math.tan(Math.toRadians(value(plan, "neck.angle")));
      double deeper = (end - 50 - plan.neck().joint().value()) * lean;
      assertThat(plan.neck().back().depth(end - 50)).isCloseTo(thick + e + deeper, within(1e-6));
      double trim = 10;
      double blank = value(plan, "stack.length");
      assertThat(blank)
          .as("head, shaft and all of the body")
          .isGreaterThan(end + 4 + 100 + 2 * trim);
      double flattening = roughcut.design.BlankDecisions.FLATTENING.in(plan.build().design());
      assertThat(value(plan, "stack.depth"))
          .isGreaterThanOrEqualTo(thick + e + 2 * flattening - 1e-9);
      assertThat(plan.clearances())
          .filteredOn(s -> s.kind().id().equals("heel.stock"))
          .allMatch(s -> s.state() != Clearance.State.STOP);
    }
  }

  @Test
  void aCoreOutOfTooShortOrThinABoardIsAStop() {
    Plan plan = through();
    assertThat(plan.about(Topic.NECK_BLANK))
        .as("no board of the demo's rack gives so long and deep a strip")
        .anyMatch(
            q -> q.stops() && (q.words().contains("too short") || q.words().contains("too thin")));
    assertThat(plan.cuts().pocket()).isEmpty();
    assertThat(plan.cuts().bolts()).isEmpty();
  }

  @Test
  void aBlockUnderTheHeelIsPartOfTheCore() {
    Plan whole = through();
    var steps =
        java.util.List.of(
            new roughcut.design.BlankStep(
                roughcut.design.BlankStep.Kind.HEEL_BLOCK, "elm", 20, 450));
    Plan block =
        Plan.of(
            whole.build().withDesign(whole.build().design().withNeckSteps(steps)), whole.shop());
    assertThat(value(whole, "stack.depth") - value(block, "stack.depth"))
        .isCloseTo(20, within(1e-6));
    assertThat(value(block, "heel.stock")).isCloseTo(value(block, "core.depth-end"), within(1e-6));
  }

  /** Wings reach from the core to the outline's furthest place, each side its own. */
  @Test
  void wingsReachToTheOutline() {
    Plan plan = through("outline.treble.3.out=12");
    double half = plan.tree().root().width() / 2;
    Bounds b = plan.body().outline().bounds();
    for (WoodPart part : plan.parts()) {
      if (part.id().equals("body.wing.treble")) {
        assertThat(part.width() + half).isGreaterThanOrEqualTo(b.high());
      } else if (part.id().equals("body.wing.bass")) {
        assertThat(part.width() + half).isGreaterThanOrEqualTo(-b.low());
      }
    }
    assertThat(plan.parts()).anyMatch(p -> p.id().equals("body.wing.bass"));
  }
}
