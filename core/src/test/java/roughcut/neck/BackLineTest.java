package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.geometry.Arc;
import roughcut.geometry.Path;
import roughcut.geometry.Point;
import roughcut.geometry.Segment;
import roughcut.plan.Plan;
import roughcut.plan.Rooms;

class BackLineTest {
  @Test
  void passesThroughTheDecidedThicknesses() {
    Plan plan = Heron.with("neck.thickness-1=20.5", "neck.thickness-12=21.8");
    assertThat(plan.neck().back().depth(plan.frets().at(1))).isCloseTo(14.5, within(1e-6));
    assertThat(plan.neck().back().depth(320)).isCloseTo(15.8, within(1e-6));
    assertThat(plan.neck().back().depth(480)).isCloseTo(22, within(1e-6));
  }

  @Test
  void runsForwardWithoutAKinkFromHeadToHeel() {
    for (Plan plan :
        List.of(
            Heron.with(),
            Heron.with("head.angle=18"),
            Heron.with("volute.drum-radius=20", "heel.blend-radius=80"))) {
      List<Point> line = plan.neck().back().line();
      for (int i = 2; i < line.size(); i++) {
        Point a = line.get(i - 2);
        Point b = line.get(i - 1);
        Point c = line.get(i);
        double turn =
            Math.atan2(c.y() - b.y(), c.x() - b.x()) - Math.atan2(b.y() - a.y(), b.x() - a.x());
        boolean heelCorner = Math.abs(b.x() - 432) < 1e-6;
        if (!heelCorner) {
          assertThat(Math.toDegrees(Math.abs(turn))).as("turn at x = %s", b.x()).isLessThan(5);
        }
      }
    }
  }

  /** Paper and machine get the drum's and the heel's curves round, and nothing else curved. */
  @Test
  void itsCurvesAreRoundWithTheDrumsAndTheHeelsRadius() {
    for (String[] settings :
        List.of(
            new String[] {"volute.drum-radius=23.5", "heel.blend-radius=61"},
            new String[] {"volute.drum-radius=23.5", "heel.blend-radius=61", "head.angle=17.5"},
            new String[] {"volute.drum-radius=23.5", "heel.blend-radius=61", "head.angle=0"})) {
      BackLine back = Heron.with(settings).neck().back();
      Path path = back.path();
      List<Double> radii =
          path.segments().stream().flatMap(s -> s.round().stream()).map(Arc::radius).toList();
      assertThat(radii).as("%s", settings[settings.length - 1]).containsExactly(23.5, 61.0);
      assertThat(path.points()).isEqualTo(back.line());
      // Walked along it, nowhere further from the corners' chords than these stray from a curve.
      for (Segment segment : path.segments()) {
        for (int i = 0; i <= 40; i++) {
          Point on = segment.at(i / 40.0);
          double nearest = Double.MAX_VALUE;
          for (int k = 1; k < back.line().size(); k++) {
            nearest = Math.min(nearest, toChord(on, back.line().get(k - 1), back.line().get(k)));
          }
          assertThat(nearest).isLessThan(0.0101);
        }
      }
    }
  }

  private static double toChord(Point p, Point a, Point b) {
    double length = a.distance(b);
    double t = ((p.x() - a.x()) * (b.x() - a.x()) + (p.y() - a.y()) * (b.y() - a.y()));
    double along = Math.min(1, Math.max(0, t / (length * length)));
    return p.distance(a.towards(b, along));
  }

  @Test
  void theCurveBehindTheNutHasTheDrumsRadius() {
    Plan plan = Heron.with();
    List<Point> arc =
        plan.neck().back().line().stream().filter(p -> p.x() > -8 && p.x() < 2.5).toList();
    assertThat(arc.size()).isGreaterThan(4);
    Point a = arc.get(0);
    Point b = arc.get(arc.size() / 2);
    Point c = arc.get(arc.size() - 1);
    double area =
        Math.abs((b.x() - a.x()) * (c.y() - a.y()) - (c.x() - a.x()) * (b.y() - a.y())) / 2;
    double radius = a.distance(b) * b.distance(c) * c.distance(a) / (4 * area);
    assertThat(radius).isCloseTo(40, within(0.05));
  }

  @Test
  void isBuiltForAnyDecisionsWithinLimits() {
    Random random = new Random(19);
    for (int i = 0; i < 300; i++) {
      Rooms plan = Rooms.of(Heron.build().asDesigned().withDesign(Heron.random(random, true)));
      plan.neck().back().line().forEach(p -> assertThat(p.x() + p.y()).isFinite());
    }
  }
}
