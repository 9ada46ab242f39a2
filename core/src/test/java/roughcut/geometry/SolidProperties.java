package roughcut.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

/** Bores and routs as solids: chords, boxes and furthest places against asking point by point. */
class SolidProperties {
  private static final double STEP = 0.02;

  /**
   * Walked up in small steps: what is inside lies on the chord, what is outside beyond its ends.
   */
  @Property(tries = 150)
  void aColumnRunsThroughASolidWhereItsPointsDo(
      @ForAll @LongRange(min = 0, max = 99_999) long seed) {
    Random random = new Random(seed);
    Solid solid = ClosestApproachTest.any(random);
    Box box = solid.box();
    for (int i = 0; i < 6; i++) {
      double x = box.x0() - 2 + random.nextDouble() * (box.x1() - box.x0() + 4);
      double y = box.y0() - 2 + random.nextDouble() * (box.y1() - box.y0() + 4);
      double[] chord = solid.chord(x, y);
      for (double z = -60; z < 110; z += STEP) {
        boolean on = chord != null && z >= chord[0] && z <= chord[1];
        if (on ? !Solids.touches(solid, x, y, z) : Solids.holds(solid, x, y, z)) {
          fail("%s at %s, %s, %s: %s", solid, x, y, z, on ? "on its chord" : "off its chord");
        }
      }
    }
  }

  /** The box touches the solid on all six sides: no point lies outside, and none further in. */
  @Property(tries = 120)
  void theBoxIsTheLeastRoundIt(@ForAll @LongRange(min = 0, max = 99_999) long seed) {
    Solid solid = ClosestApproachTest.any(new Random(seed));
    Box box = solid.box();
    double[] most = {
      solid.furthest(new Point3(-1, 0, 0)).x(),
      solid.furthest(new Point3(0, -1, 0)).y(),
      solid.furthest(new Point3(0, 0, -1)).z(),
      solid.furthest(new Point3(1, 0, 0)).x(),
      solid.furthest(new Point3(0, 1, 0)).y(),
      solid.furthest(new Point3(0, 0, 1)).z()
    };
    double[] sides = {box.x0(), box.y0(), box.z0(), box.x1(), box.y1(), box.z1()};
    for (int i = 0; i < 6; i++) {
      assertThat(sides[i]).as("%s, side %s", solid, i).isCloseTo(most[i], within(1e-6));
    }
  }

  /** The furthest place lies on the solid, and no place tried at random lies further that way. */
  @Property(tries = 120)
  void nothingOfItLiesFurther(@ForAll @LongRange(min = 0, max = 99_999) long seed) {
    Random random = new Random(seed);
    Solid solid = ClosestApproachTest.any(random);
    Point3 way = new Point3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
    Point3 far = solid.furthest(way);
    Box box = solid.box();
    for (int i = 0; i < 400; i++) {
      double x = box.x0() + random.nextDouble() * (box.x1() - box.x0());
      double y = box.y0() + random.nextDouble() * (box.y1() - box.y0());
      double[] chord = solid.chord(x, y);
      if (chord != null) {
        for (double z : chord) {
          assertThat(way.dot(new Point3(x, y, z))).isLessThanOrEqualTo(way.dot(far) + 1e-6);
        }
      }
    }
    // A hair further in it is inside: the place is the solid's own.
    Point3 middle =
        new Point3((box.x0() + box.x1()) / 2, (box.y0() + box.y1()) / 2, (box.z0() + box.z1()) / 2);
    Point3 inside = solid instanceof Cylinder c ? halfway(c.from(), c.to()) : middle;
    if (solid instanceof Cylinder && ((Cylinder) solid).length() > 1) {
      Point3 in = towards(far, inside, 0.01);
      assertThat(Solids.holds(solid, in.x(), in.y(), in.z())).as("%s", solid).isTrue();
    }
  }

  private static Point3 halfway(Point3 a, Point3 b) {
    return towards(a, b, 0.5);
  }

  private static Point3 towards(Point3 a, Point3 b, double share) {
    Point3 way = b.minus(a);
    return a.plus(way.x() * share, way.y() * share, way.z() * share);
  }

  /** A column's chords, added up over the plan, are the solid's volume. */
  @Test
  void chordsAddUpToTheVolume() {
    Random random = new Random(14);
    for (int i = 0; i < 12; i++) {
      Cylinder bore =
          new Cylinder(
              new Point3(0, 0, 0),
              new Point3(random.nextGaussian() * 20, random.nextGaussian() * 20, 30),
              3 + random.nextDouble() * 8);
      Box box = bore.box();
      double sum = 0;
      double step = 0.1;
      for (double x = box.x0() + step / 2; x < box.x1(); x += step) {
        for (double y = box.y0() + step / 2; y < box.y1(); y += step) {
          double[] chord = bore.chord(x, y);
          sum += chord == null ? 0 : (chord[1] - chord[0]) * step * step;
        }
      }
      double volume = Math.PI * bore.radius() * bore.radius() * bore.length();
      assertThat(sum).isCloseTo(volume, within(volume * 0.005));
    }
  }

  /** Level, upright and leaning bores by hand. */
  @Test
  void chordsOfBoresByHand() {
    Cylinder upright = new Cylinder(new Point3(5, 5, 2), new Point3(5, 5, 20), 4);
    assertThat(upright.upright()).isTrue();
    assertThat(upright.chord(7, 5)).containsExactly(2, 20);
    assertThat(upright.chord(9.01, 5)).isNull();
    Cylinder level = new Cylinder(new Point3(0, 0, 10), new Point3(50, 0, 10), 5);
    assertThat(level.upright()).isFalse();
    assertThat(level.chord(25, 3)).containsExactly(6, 14);
    assertThat(level.chord(-0.1, 0)).isNull();
    assertThat(level.chord(50.1, 0)).isNull();
    assertThat(level.chord(25, 5.1)).isNull();
    // At 45°, through the axis: 5·√2 above and below.
    Cylinder leaning = new Cylinder(new Point3(0, 0, 0), new Point3(40, 0, 40), 5);
    double[] chord = leaning.chord(20, 0);
    assertThat(chord[0]).isCloseTo(20 - 5 * Math.sqrt(2), within(1e-9));
    assertThat(chord[1]).isCloseTo(20 + 5 * Math.sqrt(2), within(1e-9));
    assertThat(leaning.chord(0, 0)[0]).as("its flat end").isCloseTo(0, within(1e-9));
    assertThat(new Cylinder(new Point3(1, 1, 1), new Point3(1, 1, 1), 4).chord(1, 1)).isNull();
  }

  /** A leaning floor: what is over it and under the open face. */
  @Test
  void aPrismsFloorLeans() {
    Prism top = new Prism(Outline.rectangle(10, -5, 30, 5).corners(), 0, 8, 0.1);
    assertThat(top.floorAt(20)).isCloseTo(10, within(1e-12));
    assertThat(top.chord(20, 0)).containsExactly(0, 10);
    assertThat(top.chord(9, 0)).isNull();
    Prism back = new Prism(Outline.rectangle(10, -5, 30, 5).corners(), 44, 34, -0.1);
    assertThat(back.chord(20, 0)).containsExactly(32, 44);
    assertThat(back.box().z0()).isCloseTo(31, within(1e-12));
    assertThat(back.box().z1()).isEqualTo(44);
    assertThat(back.furthest(new Point3(0, 0, -1)).z()).isCloseTo(31, within(1e-12));
  }
}
