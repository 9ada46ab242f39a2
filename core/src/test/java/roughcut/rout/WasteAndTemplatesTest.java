package roughcut.rout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.demo.Demo;
import roughcut.design.Handedness;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.shop.Template;

class WasteAndTemplatesTest {
  private static String say(Template template) {
    Plan plan = Plan.of(Heron.build().asDesigned(), Demo.shop().withTemplates(List.of(template)));
    return plan.cuts().plansOf("bridge").get(0).template().say().toString();
  }

  @Test
  void indexHolesAreHiddenInTheEndOrItIsSaid() {
    assertThat(Heron.with().cuts().indexHoles())
        .hasSize(2)
        .allMatch(h -> h.coveredBy().isPresent());
    assertThat(Heron.with("bore.index-2.x=760").cuts().indexHoles().get(1).coveredBy()).isEmpty();
    assertThat(
            Heron.with("bore.index-2.x=860")
                .cuts()
                .indexHoles()
                .get(1)
                .coveredBy()
                .map(Text::toString))
        .contains("the waste outside the outline");
  }

  @Test
  void templatesSayWhatTheyAre() {
    Template master =
        new Template(
            "bridge", 12, "plywood", Template.Use.ROUTING, true, Optional.empty(), true, "pins");
    assertThat(say(master)).contains("a master");
    assertThat(
            say(
                new Template(
                    "bridge",
                    5,
                    "acrylic",
                    Template.Use.ROUTING,
                    false,
                    Optional.empty(),
                    true,
                    "pins")))
        .contains("melts");
    assertThat(
            say(
                new Template(
                    "bridge",
                    12,
                    "plywood",
                    Template.Use.ROUTING,
                    false,
                    Optional.of(39.9),
                    true,
                    "pins")))
        .contains("39.90")
        .contains("39.50");
    Template thick =
        new Template(
            "bridge", 18, "plywood", Template.Use.ROUTING, false, Optional.empty(), true, "pins");
    Plan plan = Plan.of(Heron.build().asDesigned(), Demo.shop().withTemplates(List.of(thick)));
    assertThat(value(plan, "pass.bridge.1.setting") - value(plan, "pass.bridge.1.depth"))
        .as("the router stands on the template that is there")
        .isEqualTo(18);
  }

  @Test
  void wasteIsBoredClearOfWallsAndFloor() {
    for (Build build : Demo.builds(LocalDate.of(2026, 5, 4))) {
      for (RoutPlan rout : Plan.of(build, Demo.shop()).cuts().routs()) {
        rout.bored()
            .ifPresent(
                b -> {
                  double more = rout.surface().value() - rout.step().depth().value();
                  double least = Double.POSITIVE_INFINITY;
                  for (Point p : rout.step().outline().corners()) {
                    least = Math.min(least, floor(rout.step(), p.x()) + more);
                  }
                  // The spur never marks the floor, where it is shallowest either.
                  assertThat(b.stop()).isCloseTo(least - b.bit().spur() - 0.5, within(1e-6));
                  for (Point p : b.places()) {
                    assertThat(rout.step().outline().contains(p)).isTrue();
                    assertThat(rout.step().outline().edgeDistance(p))
                        .isGreaterThanOrEqualTo(b.bit().diameter() / 2 + 0.99);
                  }
                });
      }
    }
  }

  private static double floor(RoutStep step, double x) {
    return step.solids().stream()
        .mapToDouble(s -> Math.abs(s.floorAt(x) - s.open()))
        .min()
        .orElseThrow();
  }

  @Test
  void reliefBoresKeepClearAndMeetTheTarget() {
    Build dunlin = Demo.builds(LocalDate.of(2026, 5, 4)).get(2);
    Plan plan = Plan.of(dunlin, Demo.shop());
    assertThat(value(plan, "relief.count")).isGreaterThan(2);
    assertThat(value(plan, "body.mass"))
        .isLessThanOrEqualTo(roughcut.design.RoutDecisions.MASS_TARGET.in(dunlin.design()) + 0.5);
    List<Cut> cuts = plan.cuts().cuts();
    for (Cut bore : cuts) {
      if (!bore.name().matches("relief-\\d+")) {
        continue;
      }
      assertThat(plan.cuts().surface().edge().nearest(bore.outlines().get(0)).distance())
          .isGreaterThan(13.9);
      for (Cut other : cuts) {
        if (other != bore) {
          double gap =
              other.solids().stream()
                  .mapToDouble(
                      s -> roughcut.geometry.ClosestApproach.of(bore.solids().get(0), s).distance())
                  .min()
                  .orElse(99);
          assertThat(gap).as(bore.name() + " " + other.name()).isGreaterThan(7.9);
        }
      }
    }
  }

  @Test
  void theRouterRunsDownhillOnEachQuarterOfARoundBody() {
    for (Handedness hand : Handedness.values()) {
      FeedDirection feed =
          FeedDirection.of(roughcut.geometry.Shapes.circle(new Point(0, 0), 150), hand.frame());
      assertThat(feed.stretches()).hasSizeBetween(4, 5);
      for (FeedDirection.Stretch stretch : feed.stretches()) {
        Point middle = hand.frame().of(stretch.points().get(stretch.points().size() / 2));
        // anticlockwise as it lies on the bench: from the widest place to the end it falls, from
        // the end it rises
        assertThat(stretch.downhill()).as(hand.name()).isEqualTo(middle.x() * middle.y() < 0);
      }
    }
  }
}
