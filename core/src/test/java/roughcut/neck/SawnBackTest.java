package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.geometry.Point;
import roughcut.measure.Provenance;
import roughcut.measure.ValueRegistry;
import roughcut.plan.Plan;
import roughcut.record.Measurables;

/** Facet lines for the back as it really is, checked by planing a section in the computer. */
class SawnBackTest {
  /** The wood of one side of a section, seen as at the treble side: planed by half planes. */
  private static final class Planed {
    private List<Point> wood;

    Planed(double a, double depth) {
      wood = List.of(new Point(0, 0), new Point(a, 0), new Point(a, depth), new Point(0, depth));
    }

    /**
     * Takes everything away beyond the line through two marks, away from the middle of the wood.
     */
    void plane(Point one, Point two) {
      double nx = two.y() - one.y();
      double ny = one.x() - two.x();
      double sign = nx * (0 - one.x()) + ny * (0 - one.y()) > 0 ? -1 : 1;
      List<Point> kept = new ArrayList<>();
      for (int i = 0; i < wood.size(); i++) {
        Point p = wood.get(i);
        Point q = wood.get((i + 1) % wood.size());
        double fp = sign * (nx * (p.x() - one.x()) + ny * (p.y() - one.y()));
        double fq = sign * (nx * (q.x() - one.x()) + ny * (q.y() - one.y()));
        if (fp <= 0) {
          kept.add(p);
        }
        if (fp < 0 && fq > 0 || fp > 0 && fq < 0) {
          kept.add(p.towards(q, fp / (fp - fq)));
        }
      }
      wood = kept;
    }

    /** How far a place lies from the wood's edge. */
    double fromEdge(Point place) {
      double least = Double.POSITIVE_INFINITY;
      for (int i = 0; i < wood.size(); i++) {
        least =
            Math.min(least, place.distanceToSegment(wood.get(i), wood.get((i + 1) % wood.size())));
      }
      return least;
    }

    boolean holds(Point place) {
      boolean inside = false;
      for (int i = 0, j = wood.size() - 1; i < wood.size(); j = i++) {
        Point a = wood.get(i);
        Point b = wood.get(j);
        if (a.y() > place.y() != b.y() > place.y()
            && place.x() < (b.x() - a.x()) * (place.y() - a.y()) / (b.y() - a.y()) + a.x()) {
          inside = !inside;
        }
      }
      return inside;
    }
  }

  @Test
  void planedToItsMarksNoSideLosesAnyOfTheProfile() {
    Random random = new Random(414);
    int bevels = 0;
    for (int i = 0; i < 200; i++) {
      NeckProfile profile =
          new NeckProfile(
              18 + 12 * random.nextDouble(),
              10 + 9 * random.nextDouble(),
              1.5 + 1.4 * random.nextDouble(),
              1.5 + 1.4 * random.nextDouble(),
              i % 3 == 0 ? 3 * random.nextDouble() : 0);
      // Now and then the stock is thinner than the line.
      double now = profile.depth() - 1 + 3.5 * random.nextDouble();
      for (boolean bass : new boolean[] {false, true}) {
        Facets facets =
            Facets.of("1", 0, profile, now, 3, bass, Provenance.NONE, new ValueRegistry());
        Planed planed = new Planed(profile.halfWidth(), now);
        for (int round = 1; round <= 3; round++) {
          List<Facets.Bevel> own = new ArrayList<>();
          for (Facets.Bevel bevel : facets.bevels()) {
            if (bevel.round() == round && bevel.takes()) {
              own.add(bevel);
              if (bevel.markedOnBack() && bevel.markedOnSide()) {
                assertThat(planed.fromEdge(bevel.low()))
                    .as("a mark lies on the wood")
                    .isLessThan(1e-6);
                assertThat(planed.fromEdge(bevel.high())).isLessThan(1e-6);
              }
            }
          }
          for (Facets.Bevel bevel : own) {
            planed.plane(bevel.low(), bevel.high());
            bevels++;
          }
        }
        for (Point p : profile.curve(400)) {
          boolean here = bass ? p.x() < -1e-9 : p.x() > 1e-9;
          Point seen = new Point(Math.abs(p.x()), -p.y());
          if (here && seen.y() > 1e-6 && seen.y() < now - 1e-6) {
            assertThat(planed.holds(seen) || planed.fromEdge(seen) < 1e-6)
                .as("planed away: " + seen + " of " + profile)
                .isTrue();
          }
        }
      }
    }
    assertThat(bevels).isGreaterThan(1500);
  }

  @Test
  void stockThinnerThanLineAndMarginMovesTheMarks() {
    Plan plan = Heron.with();
    double a = plan.taper().halfWidth(plan.frets().octave());
    // p = 2: h = 1, so the mark on the back is a · (√2 − B_now / B).
    assertThat(value(plan, "facet.12.1.on-back"))
        .isCloseTo(a * (Math.sqrt(2) - 16.0 / 15.0), within(1e-9));
    assertThat(value(plan, "facet.12.1.on-back")).isCloseTo(9.01, within(0.005));
    assertThat(value(Heron.with("shaft.thickness=20"), "facet.12.1.on-back"))
        .as("where there is enough, the margin counts")
        .isCloseTo(a * (Math.sqrt(2) - 16.5 / 15.0), within(1e-9));
    assertThat(value(Heron.with("shaft.thickness=15.2"), "facet.12.1.on-back"))
        .isCloseTo(a * (Math.sqrt(2) - 15.2 / 15.0), within(1e-9));
  }

  @Test
  void readingsCountAtTheirStationAndBetween() {
    Plan plan =
        Heron.with("neck.now-1=21", "neck.now-12=21.6", "carve.station=178", "shaft.thickness=25");
    SawnBack back = plan.details().carving().back();
    double x1 = plan.frets().at(1);
    double x12 = plan.frets().octave();
    assertThat(back.depth(x1)).isCloseTo(15, within(1e-9));
    assertThat(back.depth(x12)).isCloseTo(15.6, within(1e-9));
    assertThat(back.depth((x1 + x12) / 2)).as("halfway between").isCloseTo(15.3, within(1e-9));
    assertThat(back.left(x12 + 40)).as("beyond, as much is on").isCloseTo(0.6, within(1e-9));
    SawnBack one = Heron.with("neck.now-12=21.6", "shaft.thickness=25").details().carving().back();
    assertThat(one.left(x12)).isCloseTo(0.6, within(1e-9));
    assertThat(one.left(x1))
        .as("one reading tells of its own station")
        .isCloseTo(1.5, within(1e-9));
  }

  @Test
  void whatWasReadBelowTheLineIsHowThickTheNeckIsEverywhere() {
    Plan plan = Heron.with("neck.now-12=17");
    double x12 = plan.frets().octave();
    assertThat(plan.neck().profile(x12).depth()).isCloseTo(11, within(1e-9));
    assertThat(
            plan.neck().profile(x12 + 60).depth() - Heron.with().neck().profile(x12 + 60).depth())
        .as("and as much is missing beyond")
        .isCloseTo(-4, within(1e-9));
    assertThat(plan.neck().profile(plan.frets().at(1)).depth())
        .as("fret 1 wasn't read")
        .isCloseTo(14, within(1e-9));
    assertThat(value(plan, "rod.under-centre"))
        .isCloseTo(11 - plan.rod().depth().value(), within(1e-3));
    assertThat(value(plan, "carve.12.left"))
        .as("told against the line")
        .isCloseTo(-4, within(1e-9));
    assertThat(value(Heron.with("neck.now-12=22"), "rod.under-centre"))
        .as("what is still on is no wood to count on")
        .isEqualTo(value(Heron.with(), "rod.under-centre"));
  }

  @Test
  void anUnsymmetricalProfileHasLinesForBothSidesAndMarksAreNeverNegative() {
    Plan plan = Heron.with("neck.profile-exponent=1.7", "neck.profile-exponent-treble=0.8");
    assertThat(value(plan, "facet.1.1.on-side"))
        .isNotCloseTo(value(plan, "facet.1.bass.1.on-side"), within(0.2));
    Plan round = Heron.with("neck.roughing-margin=5", "shaft.thickness=30");
    for (Plan one : List.of(plan, round, Heron.with())) {
      one.values().values().stream()
          .filter(v -> v.id().matches("facet\\..*\\.on-(back|side)"))
          .forEach(v -> assertThat(v.value()).as(v.id()).isNotNegative());
    }
    assertThat(round.value("facet.12.3.on-back")).as("it falls off, and has no mark").isEmpty();
  }

  @Test
  void theRuleOfThumbIsJudgedWhereItIsWorst() {
    Plan plan = Heron.with("neck.thickness-1=24", "neck.thickness-12=18.5", "shaft.thickness=30");
    assertThat(plan.details().carving().rule().where().toString()).isEqualTo("fret 12");
    Plan other = Heron.with("neck.thickness-1=18", "neck.thickness-12=23", "shaft.thickness=30");
    assertThat(other.details().carving().rule().where().toString()).isEqualTo("fret 1");
  }

  /** Straight down under both lower corners, everywhere along the channel, by looking. */
  @Test
  void underTheCornersIsTheLessOfBothSides() {
    Random random = new Random(5);
    for (int i = 0; i < 25; i++) {
      double bass = 1.5 + random.nextDouble();
      double differs = -0.3 + 1.2 * random.nextDouble();
      double wide = 5 + 6 * random.nextDouble();
      Plan plan =
          Heron.with(
              "neck.profile-exponent=" + bass,
              "neck.profile-exponent-treble=" + differs,
              "rod.width=" + wide);
      double least = Double.POSITIVE_INFINITY;
      for (Channel.Piece piece : plan.rod().channel().pieces()) {
        for (int k = 0; k <= 4000; k++) {
          double x = piece.from() + (piece.to() - piece.from()) * k / 4000;
          double a = plan.neck().halfWidth(x);
          double b = plan.neck().back().depth(x);
          for (double side : new double[] {-1, 1}) {
            double p = side < 0 ? bass : Math.max(1.1, bass + differs);
            double deep = b * Math.pow(1 - Math.pow(piece.width() / 2 / a, p), 1 / p);
            least = Math.min(least, deep - piece.depthAt(x));
          }
        }
      }
      assertThat(value(plan, "rod.under-corner")).isCloseTo(least, within(0.002));
    }
  }

  @Test
  void rodAndStiffenerAreApartByWhatLiesBetweenThemWhereBothAre() {
    Random random = new Random(6);
    for (int i = 0; i < 40; i++) {
      Plan plan =
          Heron.with(
              "stiffener.count=2",
              "stiffener.offset-head=" + (8 + 6 * random.nextDouble()),
              "stiffener.offset-heel=" + (8 + 10 * random.nextDouble()),
              "stiffener.start=" + 200 * random.nextDouble(),
              "stiffener.length=" + (60 + 120 * random.nextDouble()),
              "rod.adjuster-length=" + 60 * random.nextDouble(),
              "rod.adjuster-width=" + (6 + 6 * random.nextDouble()));
      Channel.Piece bar = plan.details().stiffeners().orElseThrow().treble().pieces().get(0);
      double least = Double.POSITIVE_INFINITY;
      for (Channel.Piece piece : plan.rod().channel().pieces()) {
        for (int k = 0; k <= 600; k++) {
          double x = bar.from() + (bar.to() - bar.from()) * k / 600;
          Point inner = new Point(x, bar.offsetAt(x) - bar.width() / 2);
          double nearest = Math.max(piece.from(), Math.min(piece.to(), x));
          least = Math.min(least, inner.distance(new Point(nearest, piece.width() / 2)));
        }
      }
      assertThat(value(plan, "stiffener.between")).isCloseTo(least, within(0.02));
    }
  }

  /** Read at any frets: each station as it was read, straight from one to the next. */
  @Test
  void whereverOnTheNeckItIsReadTheLinesAreDrawnOnThatWood() {
    Plan plan =
        Heron.with(
            "neck.now-1=21.4",
            "neck.now-at.5=22.6",
            "neck.now-at.9=21.9",
            "neck.now-12=22.3",
            "shaft.thickness=25");
    SawnBack back = plan.details().carving().back();
    double[] read = {1, 21.4, 5, 22.6, 9, 21.9, 12, 22.3};
    for (int i = 0; i < read.length; i += 2) {
      double x = plan.frets().at((int) read[i]);
      assertThat(back.depth(x)).isCloseTo(read[i + 1] - 6, within(1e-9));
    }
    double x5 = plan.frets().at(5);
    double x9 = plan.frets().at(9);
    assertThat(back.depth((x5 + x9) / 2)).isCloseTo((22.6 + 21.9) / 2 - 6, within(1e-9));
    double x1 = plan.frets().at(1);
    double line = 20 + (x5 - x1) / (plan.frets().octave() - x1);
    assertThat(value(plan, "carve.5.left"))
        .as("against the line through fret 1 and the octave")
        .isCloseTo(22.6 - line, within(1e-9));
    assertThat(plan.details().carving().readings()).hasSize(4);
    assertThat(value(plan, "rod.under-centre"))
        .as("prouder than the line is no wood to count on")
        .isEqualTo(value(Heron.with(), "rod.under-centre"));
  }

  @Test
  void carvedTooDeepAtFretFiveTheNeckIsThinThereOnly() {
    Plan plan = Heron.with("neck.now-at.5=19.2");
    double x1 = plan.frets().at(1);
    double x5 = plan.frets().at(5);
    double x12 = plan.frets().octave();
    Plan drawn = Heron.with();
    assertThat(plan.neck().profile(x5).depth()).isCloseTo(13.2, within(1e-9));
    for (double x : new double[] {x1, x12, x12 + 50}) {
      assertThat(plan.neck().profile(x).depth())
          .isCloseTo(drawn.neck().profile(x).depth(), within(1e-9));
    }
    assertThat(value(plan, "rod.under-centre")).isLessThan(value(drawn, "rod.under-centre") - 0.5);
  }

  /**
   * Fret 1 and the octave read like any other fret count the same; a fret that isn't there,
   * nothing.
   */
  @Test
  void everyFretThatThereIsCanBeRead() {
    Plan named = Heron.with("neck.now-1=18.5", "neck.now-12=19.6");
    Plan counted = Heron.with("neck.now-at.1=18.5", "neck.now-at.12=19.6");
    for (double x = 20; x < 400; x += 37) {
      assertThat(counted.neck().thickness().thickness(x))
          .isCloseTo(named.neck().thickness().thickness(x), within(1e-9));
    }
    var design = Heron.build().design();
    assertThat(Measurables.find(design, "neck.now-at.22")).isPresent();
    assertThat(Measurables.find(design, "neck.now-at.23")).isEmpty();
    assertThat(Measurables.find(design, "neck.now-at.0")).isEmpty();
  }
}
