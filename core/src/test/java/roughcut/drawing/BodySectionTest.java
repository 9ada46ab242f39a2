package roughcut.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.blank.PlacedStrip;
import roughcut.demo.Demo;
import roughcut.design.BodyFace;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.geometry.Solids;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Build;

class BodySectionTest {
  /** Each as a right-handed one: {@code HandednessTest} holds that the others are mirrored. */
  private static List<Build> builds() {
    return Demo.builds(LocalDate.of(2026, 5, 4)).stream()
        .map(b -> b.withDesign(Heron.set(b.design(), "instrument.hand=right")))
        .toList();
  }

  private static List<Mark.Dimension> dimensions(Plan plan, double x) {
    List<Mark.Dimension> all = new ArrayList<>();
    for (Mark mark : BodySection.across(plan, x, Units.MM).marks()) {
      if (mark instanceof Mark.Dimension dimension) {
        all.add(dimension);
      }
    }
    return all;
  }

  /**
   * Every dimension lies in wood all the way, from an opening's floor to the next one or a face.
   */
  @Test
  void whatIsLeftIsMeasuredInWoodOnly() {
    int told = 0;
    for (Build build : builds()) {
      Plan plan = Plan.of(build, Demo.shop());
      Bounds b = plan.body().outline().bounds();
      for (double x = b.left() + 7.3; x < b.right(); x += 9.7) {
        for (Mark.Dimension dimension : dimensions(plan, x)) {
          told++;
          double y = -dimension.a().x();
          double from = -dimension.a().y();
          double to = -dimension.b().y();
          assertThat(Double.parseDouble(dimension.text()))
              .as("its number is its length")
              .isCloseTo(Math.abs(to - from), within(0.051));
          for (int i = 1; i < 20; i++) {
            double z = from + (to - from) * i / 20;
            double at = x;
            assertThat(plan.cuts().cuts())
                .as(() -> build.name() + " at " + at + ", " + y + ", " + z)
                .noneMatch(c -> c.solids().stream().anyMatch(s -> Solids.holds(s, at, y, z)));
          }
          assertThat(Math.max(from, to))
              .isLessThanOrEqualTo(plan.cuts().surface().at(BodyFace.BACK, x, y) + 0.2);
          assertThat(Math.min(from, to))
              .isGreaterThanOrEqualTo(plan.cuts().surface().at(BodyFace.TOP, x, y) - 0.2);
        }
      }
    }
    assertThat(told).as("there is something to tell").isGreaterThan(140);
  }

  private static boolean bored(Plan plan, double x, double y, double z) {
    return plan.cuts().cuts().stream()
        .anyMatch(c -> c.solids().stream().anyMatch(s -> Solids.holds(s, x, y, z)));
  }

  /**
   * Wood is drawn where there is wood, point by point: over a channel or a chamber that the top
   * closes as well.
   */
  @Test
  void woodIsDrawnWhereTheBodyHasSome() {
    int looked = 0;
    int closed = 0;
    for (Build build : builds()) {
      Plan plan = Plan.of(build, Demo.shop());
      double cap = plan.body().top().value() + plan.body().accent().value();
      Bounds b = plan.body().outline().bounds();
      for (double x = plan.neck().heelEnd().value() + 31; x < b.right() - 8; x += 23.7) {
        List<Mark.Fill> fills =
            BodySection.across(plan, x, Units.MM).marks().stream()
                .filter(Mark.Fill.class::isInstance)
                .map(Mark.Fill.class::cast)
                .toList();
        for (double y = b.low() + 2.3; y < b.high(); y += 5.9) {
          double top = plan.cuts().surface().at(BodyFace.TOP, x, y);
          double back = plan.cuts().surface().at(BodyFace.BACK, x, y);
          if (!plan.body().outline().shape().contains(new Point(x, y)) || back - top < 3) {
            continue;
          }
          for (double z = top + 0.7; z < back - 0.6; z += 1.9) {
            boolean hollow = bored(plan, x, y, z);
            boolean edge = false;
            for (double d : new double[] {-0.4, 0.4}) {
              edge |= bored(plan, x, y + d, z) != hollow || bored(plan, x, y, z + d) != hollow;
            }
            edge |= Math.abs(z - cap) < 0.2;
            if (!edge) {
              Point there = new Point(-y, -z);
              // What is painted last is seen: a hollow amid wood is painted over it.
              boolean drawn =
                  fills.stream()
                      .filter(f -> f.shape().contains(there))
                      .reduce((under, over) -> over)
                      .filter(f -> f.role() == Role.END_GRAIN)
                      .isPresent();
              assertThat(drawn).as("%s at %s, %s, %s", build.name(), x, y, z).isEqualTo(!hollow);
              looked++;
              closed += hollow && z - cap < 3 && z > cap ? 1 : 0;
            }
          }
        }
      }
    }
    assertThat(looked).isGreaterThan(5000);
    assertThat(closed).as("right under a top").isPositive();
  }

  /**
   * A neck with a stripe in its middle shows it in its heel: every strip between the heel's sides,
   * each in its own wood and as wide as it is there, and the middle one where the body is cut
   * through along its middle.
   */
  @Test
  void theHeelIsOfTheNecksStrips() {
    Plan plan = Heron.with();
    double x = plan.neck().joint().value() + 12;
    double half = plan.neck().halfWidth(x);
    List<String> wanted = new ArrayList<>();
    double covered = 0;
    for (PlacedStrip strip : plan.blank().strips()) {
      double width = Math.min(half, strip.to(x)) - Math.max(-half, strip.from(x));
      if (width > 0.5) {
        wanted.add(strip.strip().species());
        covered += width;
      }
    }
    assertThat(wanted).hasSizeGreaterThan(2);
    assertThat(covered).isCloseTo(2 * half, within(0.1));
    List<Mark.Fill> ends = new ArrayList<>();
    for (Mark mark : BodySection.across(plan, x, Units.MM).marks()) {
      if (mark instanceof Mark.Fill fill && fill.role() == Role.END_GRAIN) {
        ends.add(fill);
      }
    }
    for (PlacedStrip strip : plan.blank().strips()) {
      double from = Math.max(-half, strip.from(x));
      double to = Math.min(half, strip.to(x));
      if (to > from) {
        // Seen towards the bridge the treble side is at the left.
        assertThat(ends)
            .as("%s from %s to %s", strip.strip().species(), from, to)
            .anySatisfy(
                w -> {
                  Bounds b = w.shape().bounds();
                  assertThat(w.fill()).isEqualTo(plan.wood(strip.strip().species()).tint());
                  assertThat(b.left()).isCloseTo(-to, within(1e-6));
                  assertThat(b.right()).isCloseTo(-from, within(1e-6));
                });
      }
    }
  }

  @Test
  void betweenRoutsFromBothFacesTheWebIsTold() {
    Plan plan =
        Heron.with("bridge.kind=pivoting", "pickup.bridge.from-saddle=46", "saddle.height=13");
    double web =
        plan.body().thickness().value()
            - plan.cuts().cut("springs").orElseThrow().depth()
            - Heron.value(plan, "pickup.bridge.depth");
    // Beside the legs, which go deeper.
    double x = 580;
    assertThat(dimensions(plan, x).stream().map(d -> Double.parseDouble(d.text())))
        .as("under the pickup the wood ends at the springs")
        .anyMatch(mm -> Math.abs(mm - web) < 0.1);
  }

  @Test
  void theKnifeStaysInTheBody() {
    Plan plan = Heron.with();
    Bounds b = plan.body().outline().bounds();
    assertThat(BodySection.within(plan, -5000)).isCloseTo(b.left() + 1, within(1e-9));
    assertThat(BodySection.within(plan, 5000)).isCloseTo(b.right() - 1, within(1e-9));
    assertThat(BodySection.within(plan, 600)).isEqualTo(600);
  }

  /** Where a bore is cut through, the last thing painted there is no wood. */
  @Test
  void aBoreInsideTheWoodIsSeenAsAHole() {
    for (Build build : builds()) {
      Plan plan = Plan.of(build, Demo.shop());
      int holes = 0;
      for (var cut : plan.cuts().cuts()) {
        if (cut.kind() != roughcut.rout.CutKind.WIRE) {
          continue;
        }
        var bore = cut.bores().get(0);
        var at = bore.from().towards(bore.to(), 0.5);
        Mark.Fill last = null;
        for (Mark mark : BodySection.across(plan, at.x(), Units.MM).marks()) {
          if (mark instanceof Mark.Fill fill
              && fill.shape().contains(new roughcut.geometry.Point(-at.y(), -at.z()))) {
            last = fill;
          }
        }
        boolean empty = last == null || last.fill().equals("#FBF9F4");
        assertThat(empty).as(build.name() + ": " + cut.name()).isTrue();
        holes += last == null ? 0 : 1;
      }
      assertThat(holes).as(build.name()).isPositive();
    }
  }
}
