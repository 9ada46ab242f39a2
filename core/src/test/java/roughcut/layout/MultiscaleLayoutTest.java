package roughcut.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.BiConsumer;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.design.WidthStation;
import roughcut.geometry.Point;
import roughcut.plan.Rooms;
import roughcut.record.Build;

/**
 * Fans, strings and the taper, drawn with a straightedge: each string a line between two points,
 * each fret a line through the same share of both outer ones, the fretboard's edges two lines more.
 */
class MultiscaleLayoutTest {
  private static final double OCTAVE = 12;

  private static Rooms rooms(String... settings) {
    Build heron = Heron.build().asDesigned();
    return Rooms.of(heron.withDesign(Heron.set(heron.design(), settings)));
  }

  /** A line through two points. */
  private record Line(Point a, Point b) {
    Point at(double share) {
      return new Point(a.x() + (b.x() - a.x()) * share, a.y() + (b.y() - a.y()) * share);
    }

    /** Where two lines meet, by Cramer's rule. */
    Point meets(Line o) {
      double a1 = b.y() - a.y();
      double b1 = a.x() - b.x();
      double c1 = a1 * a.x() + b1 * a.y();
      double a2 = o.b.y() - o.a.y();
      double b2 = o.a.x() - o.b.x();
      double c2 = a2 * o.a.x() + b2 * o.a.y();
      double det = a1 * b2 - a2 * b1;
      return new Point((b2 * c1 - b1 * c2) / det, (a1 * c2 - a2 * c1) / det);
    }

    /** Moved square to itself, to the bridge for more than 0. */
    Line aside(double by) {
      double length = a.distance(b);
      double nx = (b.y() - a.y()) / length;
      double ny = -(b.x() - a.x()) / length;
      double way = nx < 0 ? -by : by;
      return new Line(a.plus(nx * way, ny * way), b.plus(nx * way, ny * way));
    }
  }

  private record Fanned(double bass, double treble, double square, Rooms rooms) {
    /** How much of a string lies before fret k: what each fret leaves is the same share. */
    static double share(double k) {
      double left = 1;
      double whole = Math.floor(k);
      double step = Math.pow(2, -1 / OCTAVE);
      for (int i = 0; i < whole; i++) {
        left *= step;
      }
      return 1 - left * Math.pow(2, -(k - whole) / OCTAVE);
    }

    /** An outer string: as long as its own scale, at its own offset, placed by the square fret. */
    Line outer(boolean isTreble) {
      double nut = rooms.strings().atNut().get(isTreble ? 0 : 5).value();
      double bridge = rooms.strings().atSaddle().get(isTreble ? 0 : 5).value();
      double middle = (bass + treble) / 2;
      double own = isTreble ? treble : bass;
      // The square fret stands as far from the nut line as on a neck of the middle scale.
      double x = middle * share(square) - own * share(square);
      return new Line(new Point(x, nut), new Point(x + own, bridge));
    }

    Line fret(double k) {
      return new Line(outer(true).at(share(k)), outer(false).at(share(k)));
    }
  }

  private static void fans(BiConsumer<Fanned, Random> with) {
    Random random = new Random(31);
    for (int i = 0; i < 12; i++) {
      double treble = 600 + 50 * random.nextDouble();
      double bass = treble + (i % 4 == 3 ? -20 : 35) * random.nextDouble() + 1;
      double square = random.nextInt(15);
      Rooms rooms =
          rooms(
              "scale.treble=" + treble,
              "scale.bass=" + bass,
              "scale.perpendicular-fret=" + square,
              "nut.width=" + (40 + 8 * random.nextDouble()));
      with.accept(new Fanned(bass, treble, square, rooms), random);
    }
  }

  /** A fret is the line through the same share of both outer strings. */
  @Test
  void fretsGoThroughTheSameShareOfBothOuterStrings() {
    fans(
        (fan, random) -> {
          for (FretLayout.Fret fret : fan.rooms().frets().frets()) {
            for (boolean treble : new boolean[] {true, false}) {
              Point there = fan.outer(treble).at(Fanned.share(fret.number()));
              assertThat(fret.at(there.y()))
                  .as("fret %s of %s", fret.number(), fan)
                  .isCloseTo(there.x(), within(1e-6));
              String id = "fret." + fret.number() + (treble ? ".at-treble" : ".at-bass");
              assertThat(fan.rooms().value(id).orElseThrow().value())
                  .isCloseTo(there.x(), within(1e-6));
            }
            Line line = fan.fret(fret.number());
            double lean =
                Math.toDegrees(
                    Math.atan(
                        (line.b().x() - line.a().x()) / Math.abs(line.b().y() - line.a().y())));
            assertThat(fan.rooms().value("fret." + fret.number() + ".angle").orElseThrow().value())
                .isCloseTo(lean, within(1e-6));
          }
        });
  }

  /** Outer strings have their own scales, inner ones lie on their lines; all are straight. */
  @Test
  void stringsAreLinesBetweenNutAndSaddle() {
    fans(
        (fan, random) -> {
          StringSpread strings = fan.rooms().strings();
          assertThat(strings.scale(1)).isCloseTo(fan.treble(), within(1e-6));
          assertThat(strings.scale(6)).isCloseTo(fan.bass(), within(1e-6));
          Line nut = new Line(fan.outer(true).a(), fan.outer(false).a());
          Line saddle = new Line(fan.outer(true).b(), fan.outer(false).b());
          for (int i = 1; i <= 6; i++) {
            double yNut = strings.atNut().get(i - 1).value();
            double ySaddle = strings.atSaddle().get(i - 1).value();
            Point from = new Line(new Point(0, yNut), new Point(1, yNut)).meets(nut);
            Point to = new Line(new Point(0, ySaddle), new Point(1, ySaddle)).meets(saddle);
            assertThat(strings.nutX(i)).isCloseTo(from.x(), within(1e-6));
            assertThat(strings.saddleX(i)).isCloseTo(to.x(), within(1e-6));
            double share = random.nextDouble();
            Point on = new Line(from, to).at(share);
            assertThat(strings.offset(i, on.x())).isCloseTo(on.y(), within(1e-9));
          }
          double gap = (strings.atSaddle().get(0).value() - strings.atSaddle().get(5).value()) / 5;
          for (int i = 1; i < 6; i++) {
            assertThat(strings.atSaddle().get(i - 1).value() - strings.atSaddle().get(i).value())
                .isCloseTo(gap, within(1e-9));
          }
        });
  }

  private static Line side(FretboardTaper taper, double at, int side) {
    return new Line(
        new Point(0, side * taper.nutWidth().value() / 2),
        new Point(at, side * taper.secondWidth().value() / 2));
  }

  /** A leaning line meets the edges where two straightedges cross. */
  @Test
  void aLeaningLineMeetsTheEdgesWhereTheyCross() {
    fans(
        (fan, random) -> {
          FretboardTaper taper = fan.rooms().taper();
          double at = taper.secondAt().value();
          for (FretLayout.Fret fret : fan.rooms().frets().frets()) {
            double least = Double.POSITIVE_INFINITY;
            for (int side : new int[] {1, -1}) {
              Point met = fan.fret(fret.number()).meets(side(taper, at, side));
              Point found = taper.edge(fret.x(), fret.slant(), side);
              assertThat(found.distance(met)).as("%s, side %s", fret, side).isLessThan(1e-6);
              assertThat(Math.abs(found.y())).isCloseTo(taper.halfWidth(found.x()), within(1e-9));
              least = Math.min(least, met.x());
            }
            assertThat(taper.headmost(fret.x(), fret.slant())).isCloseTo(least, within(1e-6));
          }
          double x = 400 * random.nextDouble();
          Point treble = side(taper, at, 1).meets(new Line(new Point(x, 0), new Point(x, 1)));
          assertThat(taper.width(x)).isCloseTo(2 * treble.y(), within(1e-9));
          assertThat(taper.endWidth().value())
              .isCloseTo(taper.width(taper.end().value()), within(1e-9));
        });
  }

  /** A slot's far side, drawn, against an end that is put somewhere else. */
  @Test
  void aSlotReachesBeyondTheEndAsDrawn() {
    fans(
        (fan, random) -> {
          FretboardTaper taper = fan.rooms().taper();
          FretLayout.Fret last = fan.rooms().frets().last();
          double half = 0.2 + 0.2 * random.nextDouble();
          double end = last.x() - 4 + 12 * random.nextDouble();
          for (WidthStation station : WidthStation.values()) {
            double at = station == WidthStation.END ? end : taper.secondAt().value();
            for (int side : new int[] {1, -1}) {
              Point middle = fan.fret(last.number()).meets(side(taper, at, side));
              Line far = fan.fret(last.number()).aside(half);
              Line level = new Line(middle, middle.plus(1, 0));
              double reach = level.meets(far).x();
              assertThat(taper.beyond(station, end, last, half, side))
                  .isCloseTo(reach - end, within(1e-6));
            }
          }
        });
  }

  /** Slots that are sawn stand where they stand: both scales are drawn out or shrunk alike. */
  @Test
  void theRealNecksFanIsTheDrawnOneDrawnOut() {
    for (double out : new double[] {0.9982, 1.0013}) {
      Rooms real =
          Heron.rooms(
              "scale.treble=640",
              "scale.bass=676",
              "scale.perpendicular-fret=9",
              "neck.nut-to-octave=" + 658 * out / 2);
      Fanned fan = new Fanned(676 * out, 640 * out, 9, real);
      for (FretLayout.Fret fret : real.frets().frets()) {
        Line line = fan.fret(fret.number());
        assertThat(fret.at(line.a().y())).isCloseTo(line.a().x(), within(1e-6));
        assertThat(fret.at(line.b().y())).isCloseTo(line.b().x(), within(1e-6));
      }
    }
  }

  /** One side's scale left open is the scale of all; the middle lies halfway. */
  @Test
  void oneScaleGivenTheOtherSideKeepsTheScaleOfAll() {
    Rooms bass = Heron.rooms("scale.length=640", "scale.bass=680", "scale.perpendicular-fret=7");
    Rooms both = Heron.rooms("scale.treble=640", "scale.bass=680", "scale.perpendicular-fret=7");
    for (int i = 0; i < bass.frets().frets().size(); i++) {
      assertThat(bass.frets().frets().get(i).x())
          .isCloseTo(660 * Fanned.share(i + 1), within(1e-6))
          .isCloseTo(both.frets().frets().get(i).x(), within(1e-9));
    }
  }

  /** A zero fret leans as the nut does: through the beginnings of both outer strings. */
  @Test
  void aZeroFretGoesThroughTheBeginningsOfBothOuterStrings() {
    Rooms rooms =
        Heron.rooms(
            "nut.kind=zero-fret",
            "scale.treble=640",
            "scale.bass=676",
            "scale.perpendicular-fret=9");
    Fanned fan = new Fanned(676, 640, 9, rooms);
    Line nut = new Line(fan.outer(true).a(), fan.outer(false).a());
    var zero = rooms.fretboard().slots().slots().get(0);
    assertThat(zero.number()).isZero();
    assertThat(zero.slant())
        .isCloseTo((nut.a().x() - nut.b().x()) / (nut.a().y() - nut.b().y()), within(1e-9))
        .isNotZero();
  }

  /** The nearest fret, or the nut, by looking at all of them. */
  @Test
  void theNearestFretIsTheNearest() {
    FretLayout frets = rooms().frets();
    Random random = new Random(6);
    for (int i = 0; i < 400; i++) {
      double x = -20 + 520 * random.nextDouble();
      List<Double> places = new ArrayList<>(List.of(0.0));
      frets.frets().forEach(f -> places.add(f.x()));
      int nearest = 0;
      for (int k = 1; k < places.size(); k++) {
        nearest = Math.abs(places.get(k) - x) < Math.abs(places.get(nearest) - x) ? k : nearest;
      }
      assertThat(frets.nearest(x)).isEqualTo(nearest);
      assertThat(frets.near(x).toString()).isEqualTo(nearest == 0 ? "nut" : "fret " + nearest);
    }
    assertThat(frets.real()).isFalse();
  }

  /**
   * Between equal centres the gap is a fifth of the spread; between equal edges it is what is left.
   */
  @Test
  void spacingsAtTheNut() {
    Rooms centres = rooms("nut.spacing=equal-centres", "nut.width=44", "nut.edge-margin=3.5");
    assertThat(centres.strings().gap().value()).isCloseTo(37.0 / 5, within(1e-9));
    for (int i = 0; i < 6; i++) {
      assertThat(centres.strings().atNut().get(i).value())
          .isCloseTo(18.5 - i * 37.0 / 5, within(1e-9));
    }
    Rooms gaps = rooms("nut.width=44", "nut.edge-margin=3.5");
    double wood = 0;
    for (int i = 0; i < 6; i++) {
      double gauge = gaps.build().design().strings().get(i).gauge();
      wood += i == 0 || i == 5 ? gauge / 2 : gauge;
    }
    assertThat(gaps.strings().gap().value()).isCloseTo((37 - wood) / 5, within(1e-9));
  }
}
