package roughcut.fretboard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.layout.FretLayout;
import roughcut.plan.Rooms;

class FretboardWorkTest {
  /** How far a circle falls from its crown towards an edge, by its angle. */
  private static double sagitta(double radius, double half) {
    return radius * (1 - Math.cos(Math.asin(half / radius)));
  }

  @Test
  void gaugesOfNearRadiiShowTheDifferenceOfTwoCircles() {
    Rooms rooms =
        Heron.rooms("fretboard.radius-nut=287", "fretboard.radius-end=287", "gauge.at=200");
    double half = rooms.taper().width(200) / 2;
    List<FretboardWork.GaugeGap> near = rooms.fretboard().work().gauge().near();
    assertThat(near)
        .extracting(FretboardWork.GaugeGap::radius)
        .containsExactly(240.0, 260.0, 280.0, 300.0, 320.0);
    for (FretboardWork.GaugeGap gap : near) {
      double apart = Math.abs(sagitta(gap.radius(), half) - sagitta(287, half));
      assertThat(gap.gap()).isCloseTo(apart, within(1e-9)).isPositive();
    }
  }

  /** A gauge no wider than the board has no arc over it. */
  @Test
  void aGaugeRounderThanTheBoardIsWideIsNoGauge() {
    Rooms rooms =
        Heron.rooms(
            "nut.width=120",
            "fretboard.end-width=120",
            "fretboard.radius-nut=100",
            "fretboard.radius-end=100");
    assertThat(rooms.fretboard().work().gauge().near())
        .extracting(FretboardWork.GaugeGap::radius)
        .containsExactly(80.0, 100.0, 120.0, 140.0);
  }

  /** Every slot against every place of a shaped inlay, thrown fine. */
  @Test
  void anInlayCrossesTheSlotsThatRunThroughIt() {
    int crossing = 0;
    for (String length : List.of("14", "26.3", "55", "120")) {
      for (String width : List.of("5", "40")) {
        for (int fret : new int[] {1, 5, 12, 19}) {
          Rooms rooms =
              Heron.rooms(
                  "scale.bass=720",
                  "scale.treble=640",
                  "scale.perpendicular-fret=9",
                  "inlay.fret=" + fret,
                  "inlay.length=" + length,
                  "inlay.width=" + width);
          List<FretLayout.Fret> frets = rooms.frets().frets();
          double before = fret == 1 ? 0 : frets.get(fret - 2).x();
          double middle = (before + frets.get(fret - 1).x()) / 2;
          double half = Double.parseDouble(width) / 2;
          List<Integer> met = new ArrayList<>();
          for (FretLayout.Fret slot : frets) {
            double nearest = Double.POSITIVE_INFINITY;
            for (int i = -500; i <= 500; i++) {
              double y = half * i / 500;
              nearest = Math.min(nearest, Math.abs(slot.x() + slot.slant() * y - middle));
            }
            if (nearest < Double.parseDouble(length) / 2 - 0.01) {
              met.add(slot.number());
            }
          }
          crossing += met.size();
          assertThat(rooms.fretboard().work().inlay().orElseThrow().slotsCrossed())
              .as(length + " × " + width + " at fret " + fret)
              .isEqualTo(met);
        }
      }
    }
    assertThat(crossing).isGreaterThan(30);
  }

  @Test
  void aNotchTakesItsLengthFromWhatStandsPastTheLastSlot() {
    Rooms rooms = Heron.rooms("fretboard.past-last-fret=18", "fretboard.notch-length=11.5");
    assertThat(rooms.fretboard().work().notchLeft().orElseThrow().value()).isEqualTo(6.5);
    assertThat(Heron.rooms("fretboard.notch-length=0").fretboard().work().notchLeft()).isEmpty();
  }

  /** From the corner of the leaning cut for the nut to the end, and a trim at both. */
  @Test
  void aFannedBoardIsSawnFromItsForemostCorner() {
    Rooms rooms =
        Heron.rooms(
            "scale.bass=720",
            "scale.treble=640",
            "scale.perpendicular-fret=9",
            "blank.end-trim=8",
            "nut.width=46");
    double nutLean =
        FretLayout.position(1, 12, 9)
            * 80
            / (rooms.strings().atNut().get(0).value() - rooms.strings().atNut().get(5).value());
    double cut = rooms.fretboard().work().nut().cut().value();
    double corner = Double.POSITIVE_INFINITY;
    for (int side : new int[] {-1, 1}) {
      // Where the line runs off the board, found by halving.
      double in = 0;
      double out = 40;
      for (int i = 0; i < 60; i++) {
        double y = (in + out) / 2;
        if (y < rooms.taper().halfWidth(cut + nutLean * side * y)) {
          in = y;
        } else {
          out = y;
        }
      }
      corner = Math.min(corner, cut + nutLean * side * in);
    }
    assertThat(corner).isLessThan(cut - 5);
    assertThat(rooms.fretboard().work().blank().length().value())
        .isCloseTo(rooms.taper().end().value() - corner + 16, within(1e-6));
  }

  @Test
  void aDotIsBoredToTheMiddleOfItsWindow() {
    Rooms rooms = Heron.rooms("fretboard.radius-nut=240", "fretboard.radius-end=400");
    assertThat(rooms.fretboard().markers().dots()).hasSizeGreaterThan(8);
    for (Markers.Dot dot : rooms.fretboard().markers().dots()) {
      assertThat(dot.proposed() - dot.least().value())
          .isCloseTo(dot.most().value() - dot.proposed(), within(1e-9))
          .isPositive();
    }
  }

  /** Midway the deepest of all slots sets the second stop; the one with least left is named. */
  @Test
  void theSecondStopGivesEverySlotItsDepth() {
    for (String[] radii : new String[][] {{"240", "500"}, {"400", "220"}}) {
      Rooms rooms =
          Heron.rooms(
              "slot.school=midway",
              "slot.first-depth=3",
              "fretboard.sanded=0.1",
              "fretboard.edge-dropped=0.4",
              "fretboard.radius-nut=" + radii[0],
              "fretboard.radius-end=" + radii[1]);
      double deepest = 0;
      int least = 0;
      for (Slots.Slot slot : rooms.fretboard().slots().slots()) {
        Slots.Later later = slot.later().orElseThrow();
        deepest = Math.max(deepest, later.sawNow().value());
        Slots.Later worst =
            least == 0
                ? later
                : rooms.fretboard().slots().slots().get(least - 1).later().orElseThrow();
        least = later.edgeNow().value() <= worst.edgeNow().value() ? slot.number() : least;
      }
      assertThat(rooms.value("slot.second-stop").orElseThrow().value())
          .isCloseTo(deepest, within(1e-9));
      assertThat(rooms.fretboard().slots().when().toString()).endsWith("slot " + least);
    }
  }

  /**
   * A gauge of another radius shows light on a board that is as it is to be; only what is more or
   * less than that is told to be taken off, from where a board of another radius has too much.
   */
  @Test
  void lightUnderAGaugeOfAnotherRadiusIsNoFaultByItself() {
    for (double gauge : new double[] {200, 250, 287, 350}) {
      for (String light : new String[] {"centre", "edges"}) {
        String words =
            Heron.rooms(
                    "fretboard.radius-nut=287",
                    "fretboard.radius-end=287",
                    "gauge.at=200",
                    "gauge.radius=" + gauge,
                    "gauge.light=" + light)
                .fretboard()
                .work()
                .gauge()
                .meaning()
                .toString();
        // On a finished board a rounder gauge touches at the edges, a flatter one at the crown.
        boolean shown =
            gauge < 287 && light.contains("centre") || gauge > 287 && light.contains("edges");
        assertThat(words.contains("is right. More: sand the"))
            .as(gauge + ", " + light + ": " + words)
            .isEqualTo(shown);
        if (shown) {
          assertThat(words).contains("More: sand the " + (gauge < 287 ? "edges" : "crown"));
        }
      }
    }
  }
}
