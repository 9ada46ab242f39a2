package roughcut.machining;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.gcode.Leg;
import roughcut.gcode.Leg.Pace;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.geometry.Region;
import roughcut.geometry.Shapes;
import roughcut.shop.Cutter;
import roughcut.shop.CutterBook;

/** The way of a cutter that empties an area: where its axis may be, how steep, which way round. */
class PocketingTest {
  private static final double HARD = 750;

  /** With an island in it, a waist and round corners. */
  private static final Region AREA =
      Region.of(
              List.of(
                  Shapes.slot(new Point(0, 0), new Point(60, 0), 20),
                  Shapes.slot(new Point(60, 0), new Point(110, 30), 6)))
          .difference(Region.of(Shapes.circle(new Point(30, 4), 7)));

  private static Cutter cutter() {
    return CutterBook.all().stream()
        .filter(c -> c.name().equals("spiral 8"))
        .findFirst()
        .orElseThrow();
  }

  /** Where the axis is, every tenth of a millimetre, with its pace. */
  private record Spot(Point3 at, Pace pace) {}

  private static List<Spot> walked(List<Leg> legs) {
    List<Spot> spots = new ArrayList<>();
    Point3[] at = {legs.get(0).to()};
    for (Leg leg : legs) {
      leg.fold(
          new Leg.Cases<Void>() {
            @Override
            public Void straight(Leg.Straight to) {
              int n = (int) Math.max(1, at[0].distance(to.to()) / 0.1);
              for (int i = 1; i <= n; i++) {
                spots.add(new Spot(at[0].towards(to.to(), (double) i / n), to.pace()));
              }
              return null;
            }

            @Override
            public Void round(Leg.Round arc) {
              Point c = arc.centre();
              double r = c.distance(at[0].flat());
              double from = Math.atan2(at[0].y() - c.y(), at[0].x() - c.x());
              int n = (int) Math.max(1, r * Math.abs(arc.sweep()) / 0.1);
              for (int i = 1; i <= n; i++) {
                double a = from + arc.sweep() * i / n;
                double z = at[0].z() + (arc.to().z() - at[0].z()) * i / n;
                spots.add(
                    new Spot(
                        new Point3(c.x() + r * Math.cos(a), c.y() + r * Math.sin(a), z),
                        arc.pace()));
              }
              return null;
            }
          });
      at[0] = leg.to();
    }
    return spots;
  }

  private static List<Spot> way() {
    CuttingRule rule = CuttingRule.of(cutter(), HARD);
    return walked(new Pocketing(AREA, 0, -11, cutter(), rule, 6).legs());
  }

  @Test
  void theAxisStaysACutterAwayFromWallsAndIsland() {
    double nearest = Double.POSITIVE_INFINITY;
    for (Spot spot : way()) {
      if (spot.at().z() < 0) {
        assertThat(AREA.contains(spot.at().flat())).as("%s", spot).isTrue();
        nearest = Math.min(nearest, AREA.edgeDistance(spot.at().flat()));
      }
    }
    // The library's corners of a circle grown lie a little inside of it.
    assertThat(nearest).isCloseTo(4, within(0.03));
  }

  @Test
  void itGoesDownGentlyAndNeverDeeperThanItTakesAtOnce() {
    Spot before = null;
    double least = 0;
    for (Spot spot : way()) {
      if (before != null && spot.pace() != Pace.RAPID && spot.at().z() < before.at().z()) {
        double level = spot.at().flat().distance(before.at().flat());
        double drop = before.at().z() - spot.at().z();
        assertThat(Math.toDegrees(Math.atan2(drop, level))).isLessThan(3.01);
        assertThat(spot.pace()).isEqualTo(Pace.ENTERING);
      }
      least = Math.min(least, spot.at().z());
      before = spot;
    }
    assertThat(least).isEqualTo(-11);
    // 11 deep in hard wood by half of 8: three layers.
    assertThat(way().stream().filter(s -> s.pace() == Pace.CUTTING).map(s -> s.at().z()).distinct())
        .hasSize(3);
  }

  /** The wall on the right of a cutter that turns clockwise: round outside walls anticlockwise. */
  @Test
  void wallsAreClimbedAndIslandsToo() {
    double wall = 0;
    double island = 0;
    Outline outside = AREA.pieces().get(0).outline();
    Spot before = null;
    for (Spot spot : way()) {
      if (before != null && spot.pace() == Pace.CUTTING && before.pace() == Pace.CUTTING) {
        Point a = before.at().flat();
        Point b = spot.at().flat();
        if (outside.edgeDistance(b) < 4.05) {
          wall += turned(new Point(30, 0), a, b);
        } else if (b.distance(new Point(30, 4)) < 11.05) {
          island += turned(new Point(30, 4), a, b);
        }
      }
      before = spot;
    }
    assertThat(wall).as("anticlockwise, in three layers").isGreaterThan(3 * Math.PI);
    assertThat(island).as("clockwise, three times round").isCloseTo(-6 * Math.PI, within(0.5));
  }

  private static double turned(Point about, Point a, Point b) {
    double from = Math.atan2(a.y() - about.y(), a.x() - about.x());
    double to = Math.atan2(b.y() - about.y(), b.x() - about.x());
    return Math.IEEEremainder(to - from, 2 * Math.PI);
  }

  @Test
  void whatIsTooNarrowIsntEntered() {
    CuttingRule rule = CuttingRule.of(cutter(), HARD);
    Region slit = Region.of(Shapes.slot(new Point(0, 0), new Point(40, 0), 3.9));
    Pocketing pocket = new Pocketing(slit, 0, -5, cutter(), rule, 6);
    assertThat(pocket.legs()).isEmpty();
  }

  /** Handbook page 11, "How chips are made". */
  @Test
  void whatACutterTakesFollowsFromItsSizeAndTheWood() {
    rule(6, 800, 3, 0.09);
    rule(12, 800, 6, 0.2);
    rule(9, 800, 4.5, 0.15);
    rule(20, 800, 10, 0.2);
    rule(6, 450, 6, 0.09 * 1.3);
    rule(12, 450, 12, 0.26);
    rule(1, 450, 0.25, 0.015 * 1.3);
    Cutter shallow = cutter().sized(12, 4, 8, 0, 0, 30, 0);
    assertThat(CuttingRule.of(shallow, 450).deepest()).as("no deeper than its edges").isEqualTo(4);
  }

  private static void rule(double diameter, double density, double deepest, double chip) {
    CuttingRule rule = CuttingRule.of(cutter().withDiameter(diameter), density);
    assertThat(rule.deepest()).isCloseTo(deepest, within(1e-9));
    assertThat(rule.chip()).isCloseTo(chip, within(1e-9));
  }
}
