package roughcut.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.design.BodyFace;
import roughcut.geometry.Box;
import roughcut.geometry.Point;

class ContourTest {
  private final Random random = new Random(91);

  private double between(double from, double to) {
    return from + (to - from) * random.nextDouble();
  }

  private Contour contour(boolean level) {
    double turn = between(-Math.PI, Math.PI);
    return new Contour(
        level ? Contour.Kind.ARM : Contour.Kind.BELLY,
        level ? BodyFace.TOP : BodyFace.BACK,
        new Point(between(-300, 300), between(-300, 300)),
        new Point(Math.cos(turn), Math.sin(turn)),
        between(1, 15),
        between(20, 120),
        level ? 0 : between(40, 220));
  }

  /** A place so far inwards from the deepest one, and so far to its left. */
  private static Point place(Contour c, double inward, double aside) {
    return new Point(
        c.outermost().x() - inward * c.way().x() - aside * c.way().y(),
        c.outermost().y() - inward * c.way().y() + aside * c.way().x());
  }

  private static double at(Contour c, double inward, double aside) {
    Point p = place(c, inward, aside);
    return c.at(p.x(), p.y());
  }

  @Test
  void aLevelOneFallsLikeAPlane() {
    for (int i = 0; i < 200; i++) {
      Contour c = contour(true);
      double aside = between(-200, 200);
      assertThat(at(c, 0, aside)).isCloseTo(c.depth(), within(1e-9));
      assertThat(at(c, -30, aside)).as("no deeper beyond").isCloseTo(c.depth(), within(1e-9));
      double share = random.nextDouble();
      assertThat(at(c, share * c.reach(), aside)).isCloseTo((1 - share) * c.depth(), within(1e-9));
      assertThat(at(c, c.reach() + 0.001, aside)).isZero();
    }
  }

  @Test
  void aHollowFadesOutToBothSidesAlike() {
    for (int i = 0; i < 200; i++) {
      Contour c = contour(false);
      double inward = between(0, 0.9) * c.reach();
      double middle = at(c, inward, 0);
      assertThat(middle).isCloseTo(c.depth() * (1 - inward / c.reach()), within(1e-9));
      assertThat(at(c, inward, c.length() / 4)).isCloseTo(middle / 2, within(1e-9));
      assertThat(at(c, inward, -c.length() / 4)).isCloseTo(middle / 2, within(1e-9));
      assertThat(at(c, inward, c.length() / 2 + 0.001)).isZero();
      assertThat(at(c, inward, -c.length() / 2 - 0.001)).isZero();
      double before = middle;
      for (double aside = 0; aside <= c.length() / 2; aside += c.length() / 40) {
        assertThat(at(c, inward, aside)).isLessThanOrEqualTo(before + 1e-12);
        before = at(c, inward, aside);
      }
    }
  }

  /** What a box is told to be out of reach of takes nothing off anywhere near it. */
  @Test
  void whatIsOutOfReachTakesNothingOff() {
    int out = 0;
    int met = 0;
    for (int i = 0; i < 4000; i++) {
      Contour c = contour(random.nextBoolean());
      double x = between(-500, 500);
      double y = between(-500, 500);
      Box box = new Box(x, y, 0, x + between(1, 90), y + between(1, 90), 10);
      double near = between(0, 20);
      double most = 0;
      for (int k = 0; k <= 12; k++) {
        for (int j = 0; j <= 12; j++) {
          most =
              Math.max(
                  most,
                  c.at(
                      box.x0() + (box.x1() - box.x0()) * k / 12,
                      box.y0() + (box.y1() - box.y0()) * j / 12));
        }
      }
      if (c.reaches(box, near)) {
        met++;
      } else {
        out++;
        assertThat(most).as("%s over %s", c, box).isZero();
      }
      if (most > 0) {
        assertThat(c.reaches(box, 0)).isTrue();
      }
    }
    assertThat(out).isGreaterThan(500);
    assertThat(met).isGreaterThan(500);
  }

  /** Further away than reach, length and what is asked for, nothing is met. */
  @Test
  void whatIsFarAwayIsNotMet() {
    for (int i = 0; i < 300; i++) {
      Contour c = contour(false);
      double near = between(0, 20);
      for (double aside : new double[] {c.length() / 2 + near + 8, -c.length() / 2 - near - 8}) {
        Point p = place(c, 5, aside);
        assertThat(c.reaches(new Box(p.x() - 1, p.y() - 1, 0, p.x() + 1, p.y() + 1, 9), near))
            .isFalse();
      }
      Point in = place(c, c.reach() + near + 8, 0);
      assertThat(c.reaches(new Box(in.x() - 1, in.y() - 1, 0, in.x() + 1, in.y() + 1, 9), near))
          .isFalse();
      Point here = place(c, c.reach() / 2, 0);
      assertThat(c.reaches(new Box(here.x(), here.y(), 0, here.x() + 1, here.y() + 1, 9), near))
          .isTrue();
    }
  }
}
