package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.clearance.Clearance;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.plan.Plan;

/** The key's way to a rod that isn't worked through a bore from the head. */
class RodAccessTest {
  private static RodAccess way(Plan plan) {
    return plan.details().keyWay().orElseThrow();
  }

  private static Clearance spot(Plan plan, String kind) {
    return plan.clearances().stream()
        .filter(s -> s.kind().id().equals(kind))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aNotchThatEndsShortOfTheAdjusterIsAStop() {
    // The fretboard ends at 470-odd; the rod at 432: a notch of 15 gets nowhere near it.
    Plan plan = Heron.with("rod.worked-from=fretboard-end", "fretboard.notch-length=15");
    double end = plan.taper().end().value();
    assertThat(value(plan, "access.way")).isCloseTo(end - 432, within(1e-9));
    assertThat(value(plan, "access.notch-past")).isCloseTo(15 - (end - 432), within(1e-9));
    assertThat(spot(plan, "access.reach").state()).isEqualTo(Clearance.State.STOP);
    assertThat(plan.problems()).anyMatch(p -> p.words().contains("ends before the adjuster"));
    String longRod = "rod.length=" + (end - 12 - 2);
    Plan reaches =
        Heron.with("rod.worked-from=fretboard-end", "fretboard.notch-length=15", longRod);
    assertThat(value(reaches, "access.notch-past")).isCloseTo(3, within(1e-9));
    assertThat(spot(reaches, "access.reach").state()).isEqualTo(Clearance.State.CLEAR);
    assertThat(reaches.problems()).noneMatch(p -> p.words().contains("ends before the adjuster"));
    // 15 of notch where 9.6 stand past the last slot: the slot is cut away, and that is said.
    assertThat(spot(reaches, "fretboard.notch").state()).isEqualTo(Clearance.State.STOP);
    assertThat(value(reaches, "fretboard.notch-left")).isCloseTo(-5.4, within(1e-9));
  }

  @Test
  void aReliefLeavesWhatIsUnderTheDeepestSlotOverIt() {
    Plan plan = Heron.with("rod.worked-from=fretboard-end", "access.bore=7", "rod.axis-depth=2");
    assertThat(value(plan, "access.relief-height")).isCloseTo(1.5, within(1e-9));
    double least =
        plan.fretboard().slots().slots().stream()
            .filter(s -> s.x() >= 432)
            .mapToDouble(s -> s.under().value())
            .min()
            .orElseThrow();
    assertThat(value(plan, "access.over")).isCloseTo(least - 1.5, within(1e-9));
    assertThat(value(plan, "access.groove-depth")).isCloseTo(5.5, within(1e-9));
    Plan deep = Heron.with("rod.worked-from=fretboard-end", "access.bore=7", "rod.axis-depth=6");
    assertThat(value(deep, "access.relief-height")).as("all of it in the neck").isZero();
    assertThat(value(deep, "access.back-least")).isLessThan(value(plan, "access.back-least"));
  }

  @Test
  void aBoreFromTheHeelHasItsWellAndItsWayPastTheBody() {
    Plan plan =
        Heron.with(
            "rod.worked-from=heel",
            "access.bore=8",
            "rod.axis-depth=6",
            "rod.length=400",
            "access.well=25");
    assertThat(value(plan, "access.depth")).as("500 − 402 − 25").isCloseTo(73, within(1e-9));
    assertThat(value(plan, "access.well-depth")).isCloseTo(10, within(1e-9));
    assertThat(value(plan, "access.over")).isCloseTo(2, within(1e-9));
    assertThat(value(plan, "access.back-least"))
        .as("22 − 10 under the heel, less where it is carved")
        .isLessThanOrEqualTo(12);
    double rise = Math.tan(Math.toRadians(plan.stringPlan().heights().angle().value()));
    double over = plan.stringPlan().heights().exposed().value() + 68 * rise - 6;
    assertThat(value(plan, "access.key-over-body")).isCloseTo(over, within(1e-9));
    assertThat(way(plan).steps().get(3).toString())
        .contains(over < 2 ? "take the neck off" : "above the body");
    assertThat(way(plan).problem()).isEmpty();
    assertThat(Heron.with("rod.worked-from=heel", "rod.length=495").problems())
        .anyMatch(p -> p.where().equals("rod.worked-from"));
  }

  /** The heel's bore against the carved back, by walking its circle in small steps. */
  @Test
  void whatTheHeelsBoreLeavesIsTheLeastOverItsWholeSurface() {
    Random random = new Random(5);
    for (int i = 0; i < 20; i++) {
      double bore = 5 + 4 * random.nextDouble();
      double axis = 4 + 3 * random.nextDouble();
      double length = 330 + 90 * random.nextDouble();
      Plan plan =
          Heron.with(
              "rod.worked-from=heel",
              "access.bore=" + bore,
              "rod.axis-depth=" + axis,
              "rod.length=" + length,
              "neck.profile-exponent-treble=" + (random.nextDouble() - 0.5));
      double least = Double.POSITIVE_INFINITY;
      NeckShape neck = plan.neck();
      double from = plan.rod().end().value();
      for (int k = 0; k <= 48; k++) {
        double x = from + (neck.heelEnd().value() - from) * k / 48;
        if (!neck.carved(x) || x >= neck.joint().value()) {
          least = Math.min(least, neck.back().depth(x) - axis - bore / 2);
          continue;
        }
        for (int a = 0; a <= 180; a++) {
          double t = Math.PI * a / 180;
          Point p = new Point(bore / 2 * Math.cos(t), -axis - bore / 2 * Math.sin(t));
          least = Math.min(least, toBack(neck.profile(x), p));
        }
      }
      assertThat(value(plan, "access.back-least")).isCloseTo(least, within(0.05));
    }
  }

  private static double toBack(NeckProfile profile, Point p) {
    double best = Double.POSITIVE_INFINITY;
    for (int i = -400; i <= 400; i++) {
      double y = profile.halfWidth() * i / 400;
      best = Math.min(best, p.distance(new Point(y, -profile.depthAt(y))));
    }
    return best;
  }

  @Test
  void aHeadPocketIsHeldAgainstBackSidesTunersAndKey() {
    Plan plan =
        Heron.with(
            "rod.worked-from=head-pocket",
            "access.pocket-length=30",
            "access.pocket-width=12",
            "access.pocket-depth=8",
            "rod.axis-depth=4",
            "access.key=4",
            "head.angle=10",
            "head.thickness=14");
    double cos = Math.cos(Math.toRadians(10));
    assertThat(value(plan, "access.key-clearance")).isCloseTo(8 * cos - 4 - 2, within(1e-9));
    assertThat(value(plan, "access.pocket-back"))
        .as("14 − 8 where the headstock is even")
        .isLessThanOrEqualTo(6 + 1e-9)
        .isGreaterThan(5);
    assertThat(value(plan, "access.pocket-section"))
        .isLessThan(100 * (1 - 12.0 * 8 / (44 * 14)) + 1);
    double tuner =
        plan.details().tuners().tuners().stream()
                .mapToDouble(t -> distance(t.post(), 30, 6))
                .min()
                .orElseThrow()
            - 5;
    assertThat(value(plan, "access.pocket-tuner")).isCloseTo(tuner, within(1e-9));
    assertThat(value(plan, "access.cover-length")).isCloseTo(35, within(1e-9));
    Plan shallow = Heron.with("rod.worked-from=head-pocket", "access.pocket-depth=4");
    assertThat(way(shallow).problem()).isPresent();
    assertThat(spot(shallow, "access.key").state()).isEqualTo(Clearance.State.STOP);
  }

  private static double distance(Point p, double length, double half) {
    double best = Double.POSITIVE_INFINITY;
    for (int i = 0; i <= 300; i++) {
      for (int k = -60; k <= 60; k++) {
        best = Math.min(best, p.distance(new Point(length * i / 300, half * k / 60)));
      }
    }
    return best;
  }

  @Test
  void everyWayIsDrawnInsideTheNeckAndOnlyItsOwnNumbersAreThere() {
    for (String from : List.of("head-pocket", "heel", "fretboard-end")) {
      Plan plan = Heron.with("rod.worked-from=" + from);
      assertThat(way(plan).cuts()).isNotEmpty();
      assertThat(way(plan).lefts()).isNotEmpty();
      for (Outline cut : way(plan).cuts()) {
        assertThat(cut.bounds().high()).as(from).isLessThanOrEqualTo(0.1);
      }
      assertThat(plan.value("access.opens-at")).isEmpty();
    }
    assertThat(Heron.with().details().keyWay()).isEmpty();
    assertThat(Heron.with("rod.worked-from=heel", "neck.fixing=through").problems())
        .anyMatch(p -> p.words().contains("neck-through has no heel"));
  }

  /** The pocket has to go as deep as the adjuster lies, to the hundredth, and no deeper. */
  @Test
  void aPocketIsTroubleOnlyWhereTheAdjusterLiesUnderItsFloor() {
    int under = 0;
    int over = 0;
    for (double depth = 4; depth <= 12; depth += 0.25) {
      Plan plan = Heron.with("rod.worked-from=head-pocket", "access.pocket-depth=" + depth);
      double key =
          way(plan).lefts().stream()
              .filter(l -> l.what().toString().contains("key above the pocket"))
              .findFirst()
              .orElseThrow()
              .value()
              .value();
      assertThat(way(plan).problem().isPresent()).as("%s deep", depth).isEqualTo(key < 0);
      under += key < 0 ? 1 : 0;
      over += key >= 0 && key < 1 ? 1 : 0;
    }
    assertThat(under).isPositive();
    assertThat(over).as("by less than a millimetre").isPositive();
  }
}
