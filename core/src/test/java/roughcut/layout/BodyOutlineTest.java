package roughcut.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.Design;
import roughcut.design.DrawnOutline;
import roughcut.finding.Finding;
import roughcut.geometry.Bounds;
import roughcut.geometry.Point;
import roughcut.plan.Rooms;
import roughcut.record.Build;

/** The body's curve comes out in the sizes asked for, and a drawn one lies where it was put. */
class BodyOutlineTest {
  private static BodyOutline outline(String... settings) {
    Build heron = Heron.build().asDesigned();
    Design own = Heron.set(heron.design(), settings);
    return Rooms.of(heron.withDesign(own)).layout().outline();
  }

  /** The widest of the curve's points over a stretch, on one side. */
  private static double reach(BodyOutline body, double from, double to, int side) {
    return body.shape().corners().stream()
        .filter(p -> p.x() >= from && p.x() <= to)
        .mapToDouble(p -> side * p.y())
        .max()
        .orElseThrow();
  }

  private static double least(BodyOutline body, double from, double to, int side) {
    return body.shape().corners().stream()
        .filter(p -> p.x() >= from && p.x() <= to && side * p.y() > 40)
        .mapToDouble(p -> side * p.y())
        .min()
        .orElseThrow();
  }

  /** Long, wide and waisted as decided: what a maker would lay a rule on. */
  @Test
  void theCurveHasTheSizesAskedFor() {
    Random random = new Random(12);
    for (int i = 0; i < 12; i++) {
      double length = 340 + 100 * random.nextDouble();
      double upper = 240 + 60 * random.nextDouble();
      double waist = 190 + 40 * random.nextDouble();
      double lower = 300 + 60 * random.nextDouble();
      double bass = 20 + 40 * random.nextDouble();
      BodyOutline body =
          outline(
              "body.length=" + length,
              "body.upper-width=" + upper,
              "body.waist-width=" + waist,
              "body.lower-width=" + lower,
              "body.horn-bass=" + bass,
              "body.horn-treble=12",
              "body.slant=0");
      double x0 = body.joint().value();
      assertThat(body.end()).isCloseTo(x0 + length, within(0.5));
      assertThat(body.front()).isBetween(x0 - bass - 6, x0 - bass + 1);
      for (int side : new int[] {1, -1}) {
        assertThat(reach(body, x0 + 0.1 * length, x0 + 0.32 * length, side))
            .isCloseTo(upper / 2, within(1e-4));
        assertThat(least(body, x0 + 0.36 * length, x0 + 0.52 * length, side))
            .isCloseTo(waist / 2, within(1e-4));
        assertThat(reach(body, x0 + 0.5 * length, x0 + length, side))
            .isCloseTo(lower / 2, within(1e-4));
      }
      assertThat(body.area().value() * 100).isCloseTo(body.shape().area(), within(1e-6));
      assertThat(body.perimeter().value()).isCloseTo(body.shape().perimeter(), within(1e-6));
    }
  }

  /**
   * Whatever is decided: either a rule laid on the curve finds the widths, or it is said that no
   * curve has them. The waist that is named then can be had, and a wider one can't.
   */
  @Test
  void aWidthThatIsNotThereIsSaid() {
    Random random = new Random(41);
    int missing = 0;
    for (int i = 0; i < 40; i++) {
      double upper = 200 + 150 * random.nextDouble();
      double waist = 150 + 250 * random.nextDouble();
      double lower = 220 + 180 * random.nextDouble();
      BodyOutline body = sized(upper, waist, lower);
      assertThat(ruled(body, upper, waist, lower))
          .as("%s %s %s", upper, waist, lower)
          .isEqualTo(body.none().isEmpty());
      if (body.none().isPresent()) {
        missing++;
        double most = body.none().get().waist().orElseThrow();
        assertThat(most).isLessThan(waist);
        assertThat(sized(upper, most, lower).none()).isEmpty();
        assertThat(sized(upper, most + 1, lower).none()).isPresent();
      }
    }
    assertThat(missing).isBetween(8, 32);
    assertThat(Heron.with("body.waist-width=330").findings())
        .filteredOn(f -> f.where().equals("body.waist-width"))
        .singleElement()
        .extracting(Finding::words, InstanceOfAssertFactories.STRING)
        .contains("at most 2");
  }

  private static BodyOutline sized(double upper, double waist, double lower) {
    return outline(
        "body.upper-width=" + upper,
        "body.waist-width=" + waist,
        "body.lower-width=" + lower,
        "outline.mirror=yes",
        "body.slant=0");
  }

  /** Whether both sides have half the widths, within a twentieth of a millimetre. */
  private static boolean ruled(BodyOutline body, double upper, double waist, double lower) {
    double x0 = body.joint().value();
    double length = body.end() - x0;
    boolean all = true;
    for (int side : new int[] {1, -1}) {
      all &= Math.abs(2 * reach(body, x0, x0 + 0.4 * length, side) - upper) < 0.05;
      all &= Math.abs(2 * least(body, x0 + 0.22 * length, x0 + 0.66 * length, side) - waist) < 0.05;
      all &= Math.abs(2 * reach(body, x0 + 0.5 * length, x0 + length, side) - lower) < 0.05;
    }
    return all;
  }

  /** Taken at its points the curve goes through them, and is wider or narrower between. */
  @Test
  void atItsPointsItIsAsWideAsDecidedThereOnly() {
    BodyOutline body = outline("outline.sizes=points", "body.slant=0", "body.upper-width=272");
    double x0 = body.joint().value();
    double length = body.end() - x0;
    assertThat(body.points().stream().filter(h -> h.number() == 4).map(h -> Math.abs(h.at().y())))
        .allMatch(y -> Math.abs(y - 136) < 1e-9);
    assertThat(reach(body, x0 + 0.1 * length, x0 + 0.32 * length, -1)).isGreaterThan(136.5);
  }

  /** Whatever is decided, waist or none, the curve is sound and never runs away. */
  @Test
  void oddWidthsStaySound() {
    Random random = new Random(8);
    for (int i = 0; i < 60; i++) {
      BodyOutline body =
          outline(
              "body.upper-width=" + (80 + 470 * random.nextDouble()),
              "body.waist-width=" + (60 + 490 * random.nextDouble()),
              "body.lower-width=" + (100 + 500 * random.nextDouble()),
              "body.slant=" + (-60 + 120 * random.nextDouble()));
      assertThat(body.bounds().height()).isLessThan(760);
      assertThat(body.shape().crossing()).isEmpty();
      assertThat(body.raw().corners()).allMatch(p -> Double.isFinite(p.x() + p.y()));
    }
  }

  /** Mirrored, the treble side is the bass side's; slanted, the waists lie one behind the other. */
  @Test
  void mirroredAndSlanted() {
    BodyOutline mirrored = outline("outline.mirror=yes", "body.horn-bass=60", "body.horn-treble=5");
    for (Point p : mirrored.shape().corners()) {
      assertThat(mirrored.edge().inside(new Point(p.x(), -p.y()))).isCloseTo(0, within(0.01));
    }
    BodyOutline slanted = outline("body.slant=30", "outline.mirror=no");
    double treble = waist(slanted, 1);
    double bass = waist(slanted, -1);
    assertThat(bass - treble).as("nearer the neck at the treble side").isBetween(18.0, 34.0);
    assertThat(waist(outline("body.slant=-30"), 1) - waist(outline("body.slant=-30"), -1))
        .isBetween(18.0, 34.0);
  }

  private static double waist(BodyOutline body, int side) {
    double x0 = body.joint().value();
    double length = body.end() - x0;
    return body.shape().corners().stream()
        .filter(p -> p.x() > x0 + 0.3 * length && p.x() < x0 + 0.6 * length && side * p.y() > 0)
        .min((a, b) -> Double.compare(side * a.y(), side * b.y()))
        .orElseThrow()
        .x();
  }

  /** A point that is moved goes there, and the curve goes through it; the rest keeps its places. */
  @Test
  void aMovedPointIsOnTheCurve() {
    BodyOutline before = outline();
    for (int i = 1; i <= 8; i++) {
      for (String name : List.of("bass", "treble")) {
        BodyOutline after =
            outline(
                "outline." + name + "." + i + ".along=4", "outline." + name + "." + i + ".out=3");
        for (BodyOutline.Handle handle : after.points()) {
          BodyOutline.Handle was =
              before.points().stream()
                  .filter(
                      h ->
                          h.name().equals(handle.name())
                              && h.number() == handle.number()
                              && h.side() == handle.side())
                  .findFirst()
                  .orElseThrow();
          boolean moved = handle.number() == i && handle.name().equals(name);
          Point there = moved ? was.at().plus(4, handle.side() * 3) : was.at();
          assertThat(handle.at().distance(there))
              .as(handle.name() + handle.number())
              .isLessThan(1e-9);
          assertThat(after.shape().corners()).anyMatch(p -> p.distance(there) < 1e-9);
        }
      }
    }
  }

  private static DrawnOutline drawn(Random random, boolean clockwise) {
    List<Point> corners = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      double turn = 2 * Math.PI * i / 40;
      double radius = 150 + 30 * random.nextDouble();
      corners.add(new Point(1000 + radius * Math.cos(turn), 77 + 0.8 * radius * Math.sin(turn)));
    }
    if (clockwise) {
      Collections.reverse(corners);
    }
    return new DrawnOutline("a.svg", corners, 0);
  }

  /**
   * Turned, sized and flipped by hand, then moved: every corner lies where a maker would pin it.
   */
  @Test
  void aDrawnOutlineLiesWhereItWasPut() {
    Random random = new Random(9);
    for (int i = 0; i < 30; i++) {
      DrawnOutline drawn = drawn(random, i % 2 == 0);
      double scale = 0.7 + 0.6 * random.nextDouble();
      double turn = -180 + 360 * random.nextDouble();
      boolean flip = random.nextBoolean();
      double along = -10 + 20 * random.nextDouble();
      double aside = -8 + 16 * random.nextDouble();
      Build heron = Heron.build().asDesigned();
      Design own =
          Heron.set(
              heron.design(),
              "outline.scale=" + scale,
              "outline.turn=" + turn,
              "outline.flip=" + (flip ? "yes" : "no"),
              "outline.along=" + along,
              "outline.aside=" + aside);
      BodyOutline body =
          Rooms.of(heron.withDesign(own.withDrawn(Optional.of(drawn)))).layout().outline();
      assertThat(body.points()).as("nothing to drag on a drawing").isEmpty();
      // The same shape: all distances between corners, scaled.
      List<Point> by = body.raw().corners();
      assertThat(by).hasSize(drawn.corners().size());
      Bounds b = body.raw().bounds();
      assertThat((b.low() + b.high()) / 2).as("its middle").isCloseTo(aside, within(1e-6));
      double begins = body.raw().spans(aside).stream().mapToDouble(s -> s[0]).min().orElseThrow();
      assertThat(begins).isCloseTo(body.joint().value() + along, within(1e-6));
      // Each corner by its bearing from the drawing's own middle, turned by hand.
      double cos = Math.cos(Math.toRadians(turn));
      double sin = Math.sin(Math.toRadians(turn));
      Point first = drawn.corners().get(0);
      Point origin = turned(first, scale, flip, cos, sin);
      List<Point> wanted =
          drawn.corners().stream().map(p -> turned(p, scale, flip, cos, sin)).toList();
      Point anchor = nearestTo(by, wanted, origin, b);
      for (Point w : wanted) {
        Point there = anchor.plus(w.x() - origin.x(), w.y() - origin.y());
        assertThat(by).anyMatch(p -> p.distance(there) < 1e-6);
      }
      assertThat(signed(by)).as("to the bass side first").isPositive();
      Point neck =
          new Point(
              body.joint().value(), -Rooms.of(heron).taper().halfWidth(body.joint().value()) - 3);
      for (Point p : by) {
        assertThat(by.get(0).distance(neck)).isLessThanOrEqualTo(p.distance(neck) + 1e-9);
      }
    }
  }

  private static Point turned(Point p, double scale, boolean flip, double cos, double sin) {
    double x = p.x() * scale;
    double y = p.y() * scale * (flip ? -1 : 1);
    return new Point(x * cos - y * sin, x * sin + y * cos);
  }

  /** Where the first corner came to lie: both boxes' lower left corners lie on each other. */
  private static Point nearestTo(List<Point> placed, List<Point> wanted, Point origin, Bounds b) {
    double left = wanted.stream().mapToDouble(Point::x).min().orElseThrow();
    double low = wanted.stream().mapToDouble(Point::y).min().orElseThrow();
    return origin.plus(b.left() - left, b.low() - low);
  }

  private static double signed(List<Point> ring) {
    double twice = 0;
    for (int i = 0; i < ring.size(); i++) {
      Point a = ring.get(i);
      Point b = ring.get((i + 1) % ring.size());
      twice += a.x() * b.y() - b.x() * a.y();
    }
    return twice;
  }

  /** The tightest bend is that of a circle laid into it. */
  @Test
  void theTightestBendIsItsCircles() {
    List<Point> corners = new ArrayList<>();
    for (int i = 0; i < 360; i++) {
      double turn = Math.toRadians(i);
      corners.add(new Point(140 * Math.cos(turn), 140 * Math.sin(turn)));
    }
    Build heron = Heron.build().asDesigned();
    Design own = heron.design().withDrawn(Optional.of(new DrawnOutline("a.dxf", corners, 0)));
    BodyOutline body = Rooms.of(heron.withDesign(own)).layout().outline();
    assertThat(body.curvature().bulge()).isCloseTo(140, within(0.01));
    assertThat(body.curvature().hollow()).isInfinite();
    assertThat(outline().curvature().tightest()).isBetween(8.0, 60.0);
  }
}
