package roughcut.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.geometry.Point3;
import roughcut.measure.InvalidValue;

/** A cutter moved through wood leaves what its shape leaves, and no more. */
class SweepTest {
  private static final Bounds PIECE = new Bounds(-10, 5, 20, 30);
  private static final List<Tip> TIPS =
      List.of(new Tip.Flat(), new Tip.Ball(3), new Tip.Cone(1.2), new Tip.Cone(0.4));

  private static HeightMap piece() {
    return HeightMap.level(PIECE, 0.5, 0);
  }

  /** The lowest over each cell of five thousand places on the way, one by one. */
  private static double walked(Tip tip, double radius, Point3 from, Point3 to, Point cell) {
    double least = 0;
    int steps = 5000;
    for (int i = 0; i <= steps; i++) {
      Point3 at = from.towards(to, (double) i / steps);
      double away = at.flat().distance(cell);
      if (away <= radius) {
        least = Math.min(least, at.z() + tip.over(away));
      }
    }
    return least;
  }

  @Test
  void anyWayLeavesWhatAWalkAlongItLeaves() {
    Random random = new Random(3);
    for (int n = 0; n < 60; n++) {
      Tip tip = TIPS.get(n % TIPS.size());
      Point3 from = place(random);
      Point3 to = n % 5 == 0 ? from.plus(0, 0, -2) : place(random);
      if (n % 7 == 0) {
        to = new Point3(to.x(), from.y(), from.z());
      }
      HeightMap map = piece();
      Contact contact = new Sweep(map, -100).cut(tip, 3, from, to);
      double removed = 0;
      double deepest = 0;
      for (int row = 0; row < map.rows(); row += 1) {
        for (int column = 0; column < map.columns(); column += 1) {
          double height = map.height(column, row);
          removed += -height * 0.25;
          deepest = Math.max(deepest, -height);
          double walked = walked(tip, 3, from, to, map.middle(column, row));
          // A walk's last step may stop short of the cutter's edge, where a wall is upright.
          boolean wall = tip.flat() || tip.over(3) > 0;
          assertThat(height)
              .as("%s from %s to %s over %s", tip, from, to, map.middle(column, row))
              .isLessThanOrEqualTo(walked + 1e-5);
          if (height < walked - 0.01) {
            assertThat(wall && nearEdge(from, to, map.middle(column, row))).isTrue();
          }
        }
      }
      assertThat(contact.removed()).isCloseTo(removed, within(1e-2));
      assertThat(contact.deepest()).isCloseTo(deepest, within(1e-5));
    }
  }

  private static boolean nearEdge(Point3 from, Point3 to, Point cell) {
    double away = cell.distanceToSegment(from.flat(), to.flat());
    return Math.abs(away - 3) < 0.02
        || Math.abs(cell.distance(from.flat()) - 3) < 0.02
        || Math.abs(cell.distance(to.flat()) - 3) < 0.02;
  }

  private static Point3 place(Random random) {
    return new Point3(
        -13 + random.nextDouble() * 36, 2 + random.nextDouble() * 31, -6 + random.nextDouble() * 7);
  }

  /** A slot, a bored hole and a ball's groove by their volumes. */
  @Test
  void volumesAreThoseOfTheShapes() {
    HeightMap fine = HeightMap.level(new Bounds(0, 0, 60, 30), 0.05, 0);
    Contact slot =
        new Sweep(fine, -50).cut(new Tip.Flat(), 3, new Point3(10, 15, -4), new Point3(50, 15, -4));
    assertThat(slot.removed()).isCloseTo((40 * 6 + Math.PI * 9) * 4, within(1.0));
    fine = HeightMap.level(new Bounds(0, 0, 60, 30), 0.05, 0);
    Contact ball =
        new Sweep(fine, -50)
            .cut(new Tip.Ball(3), 3, new Point3(10, 15, -3), new Point3(50, 15, -3));
    assertThat(ball.removed())
        .isCloseTo(40 * Math.PI * 9 / 2 + 4.0 / 3 * Math.PI * 27 / 2, within(1.0));
    fine = HeightMap.level(new Bounds(0, 0, 60, 30), 0.05, 0);
    Contact bore =
        new Sweep(fine, -2)
            .cut(new Tip.Cone(0.6), 3, new Point3(30, 15, 5), new Point3(30, 15, -3));
    // Down to the underside at −2: a cone of 1.8 whose point is below it.
    double cone = Math.PI * 9 * 1.8 / 3;
    double point = Math.PI * Math.pow(1 / 0.6, 2) / 3;
    assertThat(bore.removed()).isCloseTo(Math.PI * 9 * 1.2 + cone - point, within(0.5));
    assertThat(bore.deepest()).isCloseTo(3, within(0.05));
  }

  @Test
  void whatDoesntCutTellsWhatItMeets() {
    HeightMap map = piece();
    map.set(20, 20, 7);
    Point spot = map.middle(20, 20);
    Sweep sweep = new Sweep(map, -50);
    Contact hit =
        sweep.touch(
            2, new Point3(spot.x() - 9, spot.y() + 1, 4), new Point3(spot.x(), spot.y() + 1, 6));
    assertThat(hit.met()).isTrue();
    assertThat(hit.deepest()).isEqualTo(3);
    assertThat(hit.where()).isEqualTo(spot);
    assertThat(map.height(20, 20)).isEqualTo(7);
    assertThat(
            sweep
                .touch(2, new Point3(-5, spot.y() + 2.2, 4), new Point3(15, spot.y() + 2.2, 4))
                .met())
        .as("past it")
        .isFalse();
  }

  @Test
  void aSecondPassTakesOnlyWhatTheFirstLeft() {
    HeightMap map = piece();
    Sweep sweep = new Sweep(map, -50);
    Point3 a = new Point3(0, 15, -2);
    Point3 b = new Point3(10, 15, -2);
    sweep.cut(new Tip.Flat(), 2, a, b);
    assertThat(sweep.cut(new Tip.Flat(), 2, b, a)).isEqualTo(Contact.NONE);
    assertThat(sweep.cut(new Tip.Flat(), 2, a.plus(0, 0, -1), b.plus(0, 0, -1)).deepest())
        .isEqualTo(1);
  }

  @Test
  void fieldsThatDontFitAreRefused() {
    assertThatThrownBy(() -> HeightMap.level(new Bounds(0, 0, 1e6, 1e6), 0.01, 0))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> HeightMap.level(PIECE, 0, 0)).isInstanceOf(InvalidValue.class);
  }
}
