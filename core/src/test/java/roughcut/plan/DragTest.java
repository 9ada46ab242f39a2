package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.NeckDecisions;
import roughcut.design.StringDecisions;
import roughcut.drawing.AllDrawings;
import roughcut.drawing.Drawing;
import roughcut.drawing.Mark;
import roughcut.measure.Units;
import roughcut.record.Build;
import roughcut.strings.Bridge;

/** What is taken hold of on a drawing, and what dragging it decides. */
class DragTest {
  private static Drag drag(Plan plan, Grip grip, double dx, double dy) {
    return Drag.of(plan, grip, dx, dy).orElseThrow();
  }

  private static Plan after(Plan plan, Drag drag) {
    return Plan.of(plan.build().withDesign(drag.design()), plan.shop());
  }

  private static double now(Plan plan, String id) {
    return plan.value(id).orElseThrow().value();
  }

  @Test
  void theBridgeGoesWhereItIsDraggedAndNoFurtherThanItsScrewsReach() {
    Plan plan = Heron.with();
    Bridge bridge = plan.stringPlan().bridge();
    Grip grip = Grip.Single.BRIDGE;
    Drag moved = drag(plan, grip, 1.25, 0);
    Bridge then = after(plan, moved).stringPlan().bridge();
    assertThat(then.datum().value() - bridge.datum().value()).isCloseTo(1.25, within(1e-6));
    Bridge furthest = after(plan, drag(plan, grip, 500, 0)).stringPlan().bridge();
    assertThat(furthest.datum().value()).isCloseTo(bridge.back().value(), within(1e-6));
    assertThat(StringDecisions.BRIDGE_PLACE.in(drag(plan, grip, -500, 0).design())).isZero();
    assertThat(moved.words().in(Units.MM)).endsWith(" mm");
  }

  /** The tip lies before the nut: dragged to it, posts come to stand further away. */
  @Test
  void tunersFollowTheMouse() {
    Plan plan = Heron.with();
    double first = now(plan, "tuner.1.x");
    double last = now(plan, "tuner.3.x");
    Plan one = after(plan, drag(plan, Grip.Single.FIRST_TUNER, -4, 0));
    assertThat(now(one, "tuner.1.x") - first).isCloseTo(4, within(1e-9));
    Plan all = after(plan, drag(plan, Grip.Single.LAST_TUNER, -6, 0));
    assertThat(now(all, "tuner.3.x") - last).as("two spacings").isCloseTo(6, within(1e-9));
    assertThat(now(all, "tuner.1.x")).isEqualTo(first);
    assertThat(NeckDecisions.TUNER_SPACING.in(all.build().design()))
        .isEqualTo(NeckDecisions.TUNER_SPACING.in(plan.build().design()) + 3);
  }

  @Test
  void theOutlineIsLaidAndTurnedOnItsBlank() {
    Plan plan = Heron.with();
    Design laid = drag(plan, Grip.Single.BODY_PLACE, 8, -4.5).design();
    Design was = plan.build().design();
    assertThat(BodyDecisions.BODY_LAID_X.in(laid) - BodyDecisions.BODY_LAID_X.in(was)).isEqualTo(8);
    assertThat(BodyDecisions.BODY_LAID_Y.in(laid) - BodyDecisions.BODY_LAID_Y.in(was))
        .isEqualTo(-4.5);
    // tan 2° · 350 mm
    Design turned = drag(plan, Grip.Single.BODY_TURN, 0, 12.222).design();
    assertThat(BodyDecisions.BODY_LAID_TURN.in(turned) - BodyDecisions.BODY_LAID_TURN.in(was))
        .isCloseTo(2, within(1e-9));
  }

  @Test
  void theBodyIsDraggedAlongTheNeckAsFarAsItMay() {
    Plan plan = Heron.with();
    double joint = plan.neck().joint().value();
    assertThat(after(plan, drag(plan, Grip.Single.JOINT, -7.5, 0)).neck().joint().value())
        .isEqualTo(joint - 7.5);
    assertThat(Decisions.JOINT_X.in(drag(plan, Grip.Single.JOINT, 9000, 0).design()))
        .isEqualTo(Decisions.JOINT_X.most());
  }

  @Test
  void aStripIsThickenedByItsEdgeAndMovedPastAnother() {
    Plan plan = Heron.with();
    double thick = plan.build().design().neckStack().strips().get(3).thickness();
    Design thicker = drag(plan, new Grip.StripEdge(4), 0, 1.5).design();
    assertThat(thicker.neckStack().strips().get(3).thickness())
        .isCloseTo(thick + 1.5, within(1e-9));
    String outer = plan.build().design().neckStack().strips().get(0).species();
    String inner = plan.build().design().neckStack().strips().get(1).species();
    assertThat(outer).isNotEqualTo(inner);
    Design moved = drag(plan, new Grip.Strip(1), 0, 12).design();
    assertThat(moved.neckStack().strips().get(0).species()).isEqualTo(inner);
    assertThat(moved.neckStack().strips().get(1).species()).isEqualTo(outer);
  }

  /** What the shop or the order of work decides is none of the design's. */
  @Test
  void whatIsNotTheDesignsIsLeftToItsPage() {
    Plan plan = Heron.with();
    for (Grip grip :
        List.of(new Grip.BoardPart("body.half.1"), new Grip.BoardMark(0), new Grip.Work("x"))) {
      assertThat(Drag.of(plan, grip, 3, 3)).isEmpty();
    }
    assertThat(new Grip.BoardPart("a").heldPart()).contains("a");
    assertThat(new Grip.BoardMark(2).heldMark()).hasValue(2);
    assertThat(new Grip.Work("w").heldWork()).contains("w");
    assertThat(new Grip.Cut("c").heldCut()).contains("c");
    assertThat(Grip.Single.JOINT.heldCut()).isEmpty();
  }

  /**
   * Everything that can be held on any drawing of the demos, dragged anywhere: a design within its
   * limits that can be planned, an edit with a name, and words for where it would lie.
   */
  @Test
  void whateverIsHeldAnywhereCanBeDragged() {
    Random random = new Random(5);
    Set<Class<?>> kinds = new HashSet<>();
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      Plan plan = Plan.of(build, Demo.shop());
      Set<Grip> held = new HashSet<>();
      AllDrawings.of(plan, Units.MM).values().forEach(d -> held.addAll(grips(d.get())));
      for (Grip grip : held) {
        kinds.add(grip.getClass());
        double dx = 60 * random.nextGaussian();
        double dy = 60 * random.nextGaussian();
        Optional<Drag> drag = Drag.of(plan, grip, dx, dy);
        if (drag.isEmpty()) {
          assertThat(grip.heldPart().isPresent() || grip.heldMark().isPresent()).isTrue();
          continue;
        }
        assertThat(drag.get().name().in(Units.MM)).isNotBlank();
        assertThat(drag.get().words().in(Units.DECIMAL_INCH)).as(grip.key()).isNotBlank();
        Design design = drag.get().design();
        for (String id : design.numbers().keySet()) {
          Decisions.find(design, id)
              .flatMap(d -> d.number())
              .ifPresent(d -> assertThat(d.allows(d.in(design))).as(id).isTrue());
        }
        assertThat(Plan.of(build.withDesign(design), Demo.shop()).values()).isNotEmpty();
      }
    }
    assertThat(kinds).hasSizeGreaterThanOrEqualTo(7);
  }

  private static List<Grip> grips(Drawing drawing) {
    return drawing.marks().stream()
        .filter(Mark.Handle.class::isInstance)
        .map(m -> ((Mark.Handle) m).grip())
        .toList();
  }
}
