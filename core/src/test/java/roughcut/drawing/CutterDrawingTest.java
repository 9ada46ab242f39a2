package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.RoutDecisions;
import roughcut.geometry.Bounds;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.rout.PassPlan;
import roughcut.shop.Cutter;
import roughcut.shop.CutterKind;

/** A cutter is drawn to scale, in the wood that it cuts, and reaches as deep as it is drawn. */
class CutterDrawingTest {
  private static Cutter cutter(CutterKind kind, double cutting, double bearing, double stickOut) {
    return new Cutter(
        "a cutter",
        kind,
        12.7,
        cutting,
        6.35,
        bearing,
        5,
        2,
        stickOut,
        Cutter.ROUTER_SPEED,
        0,
        Cutter.Condition.SHARP);
  }

  /** Handbook 6: the bearing's lower edge is c − d above the work. */
  @Test
  void whatATemplateGuides() {
    Cutter c = cutter(CutterKind.TOP_BEARING, 25, 12.7, 60);
    assertThat(CutterDrawing.deepest(c, 12)).isEqualTo(25);
    // 2 mm of the bearing on a template of 12: 25 − 12 + 2.
    assertThat(CutterDrawing.shallowest(c, 12)).isEqualTo(15);
    assertThat(CutterDrawing.shallowest(c, 30)).isZero();
    assertThat(PassPlan.TOUCH).isEqualTo(2);
  }

  @Test
  void itGoesNoDeeperThanItCanBeLetOut() {
    assertThat(CutterDrawing.deepest(cutter(CutterKind.TOP_BEARING, 25, 12.7, 30), 12))
        .isEqualTo(18);
    assertThat(CutterDrawing.deepest(cutter(CutterKind.TOP_BEARING, 25, 12.7, 10), 12)).isZero();
    assertThat(CutterDrawing.deepest(cutter(CutterKind.FORSTNER, 25, 0, 30), 12)).isEqualTo(25);
  }

  /** Every cutter of every drawer, in all its kinds: its steel is as wide as it cuts. */
  @Test
  void everyKindIsAsWideAsItCuts() {
    Plan plan = Heron.with();
    for (CutterKind kind : CutterKind.values()) {
      Cutter c = cutter(kind, 20, kind.followsAbove() || kind.bearingAtTip() ? 12.7 : 0, 60);
      Drawing drawing = CutterDrawing.of(plan, c, Units.MM);
      Bounds widest =
          drawing.marks().stream()
              .filter(m -> m instanceof Mark.Fill f && f.role() == Role.CHANNEL)
              .map(m -> ((Mark.Fill) m).shape().bounds())
              .filter(b -> b.low() < 0)
              .reduce(Bounds::and)
              .orElseThrow();
      assertThat(widest.width()).as(kind.label()).isCloseTo(12.7, within(0.01));
      assertThat(widest.low())
          .as(kind.label() + " reaches down")
          .isLessThanOrEqualTo(-CutterDrawing.deepest(c, 12) + 0.01);
      for (Mark mark : drawing.marks()) {
        if (mark instanceof Mark.Stroke path) {
          assertThat(path.points())
              .as(kind.label())
              .allMatch(p -> drawing.bounds().expanded(1).contains(p));
        }
      }
    }
  }

  @Test
  void theTemplateStandsAtTheBearingNotAtTheEdges() {
    Plan plan = Heron.with();
    double thick = plan.given(RoutDecisions.TEMPLATE_THICKNESS);
    Cutter c = cutter(CutterKind.TOP_BEARING, 20, 16, 60);
    List<Bounds> boards =
        CutterDrawing.of(plan, c, Units.MM).marks().stream()
            .filter(m -> m instanceof Mark.Fill)
            .map(m -> ((Mark.Fill) m).shape().bounds())
            .filter(b -> b.low() == 0 && Math.abs(b.high() - thick) < 1e-9)
            .toList();
    assertThat(boards).hasSize(2);
    assertThat(boards.get(0).left()).isEqualTo(8);
    assertThat(boards.get(1).right()).isEqualTo(-8);
    Optional<Mark> words =
        CutterDrawing.of(plan, c, Units.DECIMAL_INCH).marks().stream()
            .filter(m -> m instanceof Mark.Dimension d && d.text().startsWith("deepest 0.787"))
            .findFirst();
    assertThat(words).as("in the maker's units").isPresent();
  }
}
