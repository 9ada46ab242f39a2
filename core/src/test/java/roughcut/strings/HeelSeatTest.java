package roughcut.strings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import roughcut.Heron;
import roughcut.SeatedNeck;
import roughcut.bench.Bench;
import roughcut.bench.Route;
import roughcut.design.Applicability;
import roughcut.drawing.HeightsDrawing;
import roughcut.drawing.Mark;
import roughcut.geometry.Point;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** What makes the neck's angle, carried out on a neck of plain points. */
class HeelSeatTest {
  private static final double BOARD = 6;
  private static final double FRET = 1.1;
  private static final double OVER = 2 * 1.8 - 0.45;

  private static Plan plan(String made, double angle, String... more) {
    String[] all =
        Stream.concat(
                Stream.of(
                    "neck.angle-made=" + made,
                    "heights.solve-for=saddle",
                    "neck.angle=" + angle,
                    "pocket.exposed=3",
                    "heel.thickness=22",
                    "body.thickness=48",
                    "joint.x=430",
                    "heel.end=500"),
                Stream.of(more))
            .toArray(String[]::new);
    return Heron.with(all);
  }

  /** A heel of 22 on a floor as deep as the plan says, raised where something lies under it. */
  private static SeatedNeck seated(Plan plan, double atEdge, double atEnd) {
    return new SeatedNeck(
            430,
            500,
            plan.frets().scale().value(),
            -value(plan, "pocket.depth.front"),
            -value(plan, "pocket.depth.end"),
            22,
            BOARD,
            FRET,
            OVER)
        .raised(atEdge, atEnd);
  }

  /** Whatever makes the angle, the saddle comes where it was wanted, leaning back or forward. */
  @ParameterizedTest
  @ValueSource(doubles = {-1.2, 0, 0.4, 2, 3.5})
  void whateverMakesTheAngleTheSaddleStandsTheSame(double angle) {
    double taper = 70 * Math.tan(Math.toRadians(Math.abs(angle)));
    boolean back = angle >= 0;
    SeatedNeck tilted = seated(plan("tilted-floor", angle), 0, 0);
    SeatedNeck planed = seated(plan("planed-heel", angle), back ? -taper : 0, back ? 0 : -taper);
    SeatedNeck packed = seated(plan("wedge", angle), back ? 0 : taper, back ? taper : 0);
    double saddle = value(plan("wedge", angle), "saddle.height");
    for (SeatedNeck neck : List.of(tilted, planed, packed)) {
      assertThat(neck.saddle()).isCloseTo(saddle, within(0.12));
      assertThat(neck.standing()).isCloseTo(3 + BOARD, within(0.08));
    }
    assertThat(planed.saddle()).isCloseTo(tilted.saddle(), within(1e-9));
    assertThat(packed.saddle()).isCloseTo(tilted.saddle(), within(1e-9));
  }

  /** Under a planed or packed heel the floor is level, and no shims lie under the template. */
  @ParameterizedTest
  @CsvSource({"planed-heel, 16.5556", "wedge, 19"})
  void theFloorIsLevelUnderAPlanedOrPackedHeel(String made, double depth) {
    Plan plan = plan(made, 2);
    assertThat(value(plan, "pocket.depth.front")).isCloseTo(depth, within(1e-4));
    assertThat(value(plan, "pocket.depth.end")).isCloseTo(depth, within(1e-4));
    assertThat(value(plan, "heel.taper")).isCloseTo(2.4444, within(1e-4));
    assertThat(plan.value("pass.pocket.shim")).isEmpty();
    assertThat(plan("tilted-floor", 2).value("pass.pocket.shim")).isPresent();
    double thick = 48 - depth;
    assertThat(value(plan, "pocket.floor")).isCloseTo(thick, within(1e-4));
    assertThat(plan.value("heel.taper").orElseThrow().label().toString())
        .endsWith(made.equals("wedge") ? "at the heel end" : "at the body edge");
    assertThat(plan(made, -2).value("heel.taper").orElseThrow().label().toString())
        .endsWith(made.equals("wedge") ? "at the body edge" : "at the heel end");
  }

  /**
   * A bolt goes through body and wedge and bites into the heel: with a wedge it is as long as over
   * a tilted floor, for the heel lies in the same place; over a planed one it has more body to
   * cross, and less heel to end in.
   */
  @Test
  void boltsGoByWedgeAndPlanedHeel() {
    String[] bolted = {"neck.fixing=bolted", "bolt.bite=12", "bolt.first=15", "bolt.along=40"};
    Plan tilted = plan("tilted-floor", 2, bolted);
    Plan packed = plan("wedge", 2, bolted);
    Plan planed = plan("planed-heel", 2, bolted);
    double slope = Math.tan(Math.toRadians(2));
    assertThat(value(packed, "bolt.length")).isCloseTo(value(tilted, "bolt.length"), within(1e-9));
    assertThat(value(planed, "bolt.length") - value(tilted, "bolt.length"))
        .isCloseTo((70 - 15) * slope, within(1e-9));
    assertThat(value(planed, "bolt.last.length") - value(tilted, "bolt.last.length"))
        .isCloseTo((70 - 55) * slope, within(1e-9));
    assertThat(value(tilted, "bolt.tip-clearance") - value(planed, "bolt.tip-clearance"))
        .as("the heel over the first bolts is thinner by what is planed off")
        .isCloseTo((70 - 15) * slope, within(1e-9));
    assertThat(value(packed, "bolt.tip-clearance"))
        .isCloseTo(value(tilted, "bolt.tip-clearance"), within(1e-9));
  }

  /** The neck itself is thinner where its heel is planed, and only there. */
  @Test
  void aPlanedHeelIsThinnerInTheNecksShape() {
    Plan planed = plan("planed-heel", 2);
    assertThat(planed.neck().back().depth(430.01)).isCloseTo(22 - 2.4444, within(1e-2));
    assertThat(planed.neck().back().depth(499.99)).isCloseTo(22, within(1e-2));
    assertThat(plan("wedge", 2).neck().back().depth(430.01)).isCloseTo(22, within(1e-2));
  }

  /** A wedge made too thin leaves the rest to the floor that isn't cut yet. */
  @Test
  void whatATaperLacksTheFloorTakes() {
    Plan plan = plan("wedge", 2, "heel.taper-made=2");
    assertThat(value(plan, "pocket.depth.front")).isCloseTo(19, within(1e-9));
    assertThat(value(plan, "pocket.depth.end")).isCloseTo(19 - 0.4444, within(1e-4));
    assertThat(seated(plan, 0, 2).saddle())
        .isCloseTo(seated(plan("tilted-floor", 2), 0, 0).saddle(), within(1e-9));
    assertThat(value(plan, "pass.pocket.shim")).isCloseTo(0.4444, within(1e-4));
  }

  /** Depths read off the pocket say how the neck will sit, before it was ever seated. */
  @ParameterizedTest
  @CsvSource({
    "tilted-floor, 0, 0",
    "planed-heel, -2.4444, 0",
    "wedge, 0, 2.4444",
  })
  void depthsOfThePocketTellTheSeat(String made, double atEdge, double atEnd) {
    Plan drawn = plan(made, 2);
    double front = value(drawn, "pocket.depth.front") + 0.6;
    double end = value(drawn, "pocket.depth.end") + 0.1;
    Plan read = plan(made, 2, "pocket.made-edge=" + front, "pocket.made-end=" + end);
    SeatedNeck model =
        new SeatedNeck(430, 500, read.frets().scale().value(), -front, -end, 22, BOARD, FRET, OVER)
            .raised(atEdge, atEnd);
    NeckProof proof = read.stringPlan().heights().proof().orElseThrow();
    assertThat(proof.exposed().value()).isCloseTo(2.4, within(1e-6));
    assertThat(proof.saddle().value()).isCloseTo(model.saddle(), within(0.12));
    assertThat(proof.seating().tan())
        .isCloseTo(Math.tan(Math.toRadians(2)) + 0.5 / 70, within(1e-6));
    assertThat(value(read, "pocket.depth.front")).isCloseTo(front, within(1e-6));
    assertThat(value(read, "pocket.depth.end")).isCloseTo(end, within(1e-6));
  }

  /** One end read: the other is taken to be as far off, and the angle as drawn. */
  @Test
  void oneDepthTellsTheHeightAlone() {
    Plan drawn = plan("tilted-floor", 2);
    Plan read = plan("tilted-floor", 2, "pocket.made-edge=19.6");
    assertThat(value(read, "proof.exposed")).isCloseTo(2.4, within(1e-9));
    assertThat(value(read, "pocket.depth.end"))
        .isCloseTo(value(drawn, "pocket.depth.end") + 0.6, within(1e-9));
    Plan far = plan("tilted-floor", 2, "pocket.made-end=" + (value(drawn, "pocket.depth.end") - 1));
    assertThat(far.stringPlan().heights().proof().orElseThrow().seating().tan())
        .isCloseTo(Math.tan(Math.toRadians(2)) + 1 / 70.0, within(1e-9));
  }

  /** What the seated neck itself says counts before what its pocket says. */
  @Test
  void theSeatedNeckKnowsBetterThanItsPocket() {
    Plan read = plan("tilted-floor", 2, "pocket.made-edge=19.6", "proof.standing=8.7");
    assertThat(value(read, "proof.exposed")).isCloseTo(2.7, within(1e-9));
  }

  /** The order asks for what makes the angle, and the pocket's depth can be read when it is cut. */
  @Test
  void theOrderOfWorkFollows() {
    Plan plan = plan("wedge", 2);
    Route route = Route.of(plan);
    List<String> order = route.order().stream().map(o -> o.id()).toList();
    assertThat(order.indexOf("heel.wedge"))
        .isGreaterThan(order.indexOf("heel.faces"))
        .isLessThan(order.indexOf("neck.fit"));
    Bench bench = Bench.of(plan, LocalDate.of(2026, 5, 4).atTime(9, 0));
    assertThat(bench.results(route.find("body.cut.pocket").orElseThrow()))
        .extracting(h -> h.hold().of())
        .contains("pocket.made-edge", "pocket.made-end");
    assertThat(bench.results(route.find("heel.wedge").orElseThrow()))
        .extracting(h -> h.hold().of())
        .containsExactly("heel.taper-made");
    assertThat(Applicability.idle(plan.build().design(), "heel.taper-made")).isEmpty();
    Plan tilted = plan("tilted-floor", 2);
    assertThat(Applicability.idle(tilted.build().design(), "heel.taper-made"))
        .as("nothing is planed or packed there to be read")
        .isPresent();
    assertThat(Route.of(tilted).find("body.cut.pocket").orElseThrow().settings())
        .contains("pass.pocket.shim", "pocket.depth.end");
    assertThat(route.find("body.cut.pocket").orElseThrow().settings())
        .as("a level floor is as deep at both ends")
        .doesNotContain("pocket.depth.end");
    assertThat(Route.of(plan("tilted-floor", 2)).find("heel.wedge")).isEmpty();
    Route planed = Route.of(plan("planed-heel", 2));
    assertThat(planed.find("heel.wedge")).isEmpty();
    assertThat(planed.find("heel.faces").orElseThrow().settings()).contains("heel.taper");
  }

  /** The drawn heel and wedge stand on the floor that is drawn, with no gap and no overlap. */
  @ParameterizedTest
  @ValueSource(strings = {"tilted-floor", "planed-heel", "wedge"})
  void theDrawingShowsTheFloorThatIsCut(String made) {
    Plan plan = plan(made, 2);
    double front = -value(plan, "pocket.depth.front");
    double end = -value(plan, "pocket.depth.end");
    List<Point> corners =
        HeightsDrawing.of(plan, Units.MM).marks().stream()
            .filter(Mark.Stroke.class::isInstance)
            .map(Mark.Stroke.class::cast)
            .flatMap(p -> p.points().stream())
            .toList();
    assertThat(corners)
        .anyMatch(p -> p.distance(new Point(430, front)) < 1e-6)
        .anyMatch(p -> p.distance(new Point(500, end)) < 1e-6);
    double deepest =
        corners.stream()
            .filter(p -> p.x() > 429 && p.x() < 501 && p.y() > -47)
            .mapToDouble(Point::y)
            .min()
            .orElseThrow();
    assertThat(deepest).isCloseTo(Math.min(front, end), within(1e-6));
  }
}
