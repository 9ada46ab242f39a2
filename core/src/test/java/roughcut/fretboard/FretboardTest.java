package roughcut.fretboard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.Vectors;
import roughcut.layout.FretLayout;
import roughcut.plan.Plan;
import roughcut.plan.Rooms;
import roughcut.record.Build;
import roughcut.record.FretRecords;
import roughcut.record.FretStage;

class FretboardTest {
  /** A board of even width with one radius. */
  private static Plan even(double width, double radius, String... more) {
    String[] all = {
      "nut.width=" + width,
      "fretboard.end-width=" + width,
      "fretboard.radius-nut=" + radius,
      "fretboard.radius-end=" + radius
    };
    String[] set = java.util.Arrays.copyOf(all, all.length + more.length);
    System.arraycopy(more, 0, set, all.length, more.length);
    return Heron.with(set);
  }

  @Test
  void theVectorsOfRadiusSlotsAndWire() {
    for (Map<String, Double> row : Vectors.read("radius.csv")) {
      Plan plan =
          even(
              row.get("width_mm"),
              row.get("radius_mm"),
              "fretboard.thickness=" + row.get("crown_mm"),
              "wire.tang=" + row.get("tang_mm"),
              "slot.clearance=" + row.get("clearance_mm"),
              "fretboard.sanding=" + row.get("sanding_mm"),
              "wire.overhang=0");
      assertThat(value(plan, "fretboard.edge.nut")).isCloseTo(row.get("edge_mm"), within(1e-3));
      assertThat(value(plan, "fretboard.edge.end")).isCloseTo(row.get("edge_mm"), within(1e-3));
      for (int fret : new int[] {1, 12, 22}) {
        String slot = "slot." + fret;
        assertThat(value(plan, slot + ".depth-flat"))
            .isCloseTo(row.get("slot_depth_flat_mm"), within(1e-3));
        assertThat(value(plan, slot + ".depth-final"))
            .isCloseTo(row.get("tang_mm") + row.get("clearance_mm"), within(1e-9));
        assertThat(value(plan, slot + ".under"))
            .isCloseTo(row.get("left_under_slot_mm"), within(1e-3));
        assertThat(value(plan, "wire." + fret + ".length"))
            .isCloseTo(row.get("arc_mm"), within(1e-3));
      }
      assertThat(value(plan, "wire.total")).isCloseTo(1.05 * 22 * row.get("arc_mm"), within(0.02));
    }
  }

  @Test
  void theVectorsOfMarkers() {
    for (Map<String, Double> row : Vectors.read("markers.csv")) {

      double offset = row.get("offset_mm");
      Plan plan =
          Heron.with(
              "marker.aside=" + offset,
              "fretboard.radius-nut=" + row.get("radius_mm"),
              "fretboard.radius-end=" + row.get("radius_mm"),
              "fretboard.thickness=" + row.get("crown_mm"),
              "fretboard.sanding=" + row.get("sanding_mm"),
              "marker.diameter=" + 2 * row.get("dot_radius_mm"),
              "marker.thickness=" + row.get("dot_thickness_mm"),
              "marker.spur=" + row.get("spur_mm"));
      int fret = offset == 0 ? 5 : 12;
      assertThat(value(plan, "marker." + fret + ".depth-min"))
          .isCloseTo(row.get("least_depth_mm"), within(1e-3));
      assertThat(value(plan, "marker." + fret + ".depth-max"))
          .isCloseTo(row.get("most_depth_mm"), within(1e-3));
    }
  }

  @Test
  void aDotBoredWithinItsWindowShowsAndKeepsWood() {
    Random random = new Random(5);
    for (int i = 0; i < 300; i++) {
      Rooms plan = Rooms.of(Heron.build().asDesigned().withDesign(Heron.random(random, false)));
      double sanding = 0;
      for (Markers.Dot dot : plan.fretboard().markers().dots()) {
        if (!dot.possible()) {
          continue;
        }
        sanding = roughcut.design.FretboardDecisions.SANDING.in(plan.build().design());
        double r = roughcut.design.FretboardDecisions.MARKER_DIAMETER.in(plan.build().design()) / 2;
        double thick =
            roughcut.design.FretboardDecisions.MARKER_THICKNESS.in(plan.build().design());
        double radius = plan.radius().radius(dot.x());
        // Sample the face over the dot: it must never pass below the dot's bottom, and must have
        // been sanded into the dot somewhere.
        double lowest = 0;
        double highest = Double.POSITIVE_INFINITY;
        for (double y = Math.max(0, dot.y() - r); y <= dot.y() + r; y += r / 50) {
          double face = sanding + FretboardRadius.drop(radius, y);
          lowest = Math.max(lowest, face);
          highest = Math.min(highest, face);
        }
        double bottom = dot.proposed();
        assertThat(bottom - lowest).isGreaterThan(0.49);
        assertThat(bottom - thick).isLessThanOrEqualTo(highest + 1e-6);
      }
    }
  }

  @Test
  void aZeroFretIsOneMoreSlotAndOneMoreWire() {
    Plan without = Heron.with();
    Plan with = Heron.with("nut.kind=zero-fret");
    assertThat(with.fretboard().slots().slots()).hasSize(23);
    assertThat(with.fretboard().slots().slots().get(0).x()).isZero();
    assertThat(value(with, "wire.total") - value(without, "wire.total"))
        .isCloseTo(1.05 * value(with, "wire.0.length"), within(1e-9));
    assertThat(value(with, "slot.1.depth-flat")).isEqualTo(value(without, "slot.1.depth-flat"));
  }

  @Test
  void aZeroFretMovesNutAndBreakBackWithoutMovingAFret() {
    Plan without = Heron.with();
    Plan with = Heron.with("nut.kind=zero-fret", "nut.behind-zero-fret=5");
    assertThat(with.neck().head().breakX()).isCloseTo(-9, within(1e-9));
    assertThat(value(with, "scarf.blank-length") - value(without, "scarf.blank-length"))
        .isCloseTo(5, within(1e-9));
    assertThat(value(with, "fret.12.from-nut")).isEqualTo(value(without, "fret.12.from-nut"));
  }

  @Test
  void aLeaningNutStandsWhollyBeforeTheBreakAndTheBlankReachesItsCorner() {
    Plan plan = Heron.with("scale.bass=690", "scale.treble=640", "scale.perpendicular-fret=9");
    double slant = plan.frets().fan().slant(0);
    double corner = plan.taper().headmost(0, slant);
    assertThat(corner).isLessThan(-5);
    assertThat(plan.neck().head().breakX()).isCloseTo(corner - 4, within(0.3));
    assertThat(value(plan, "fretboard.blank-length"))
        .isCloseTo(value(plan, "fretboard.end.from-nut") - corner + 20, within(1e-9));
  }

  @Test
  void aTemplateServesOnlyWhenItsScaleIsTheRightShareLonger() {
    double two = 640 * Math.pow(2, 2 / 12.0);
    TemplateCheck serves =
        Heron.with("template.scale=" + two).fretboard().work().template().orElseThrow();
    assertThat(serves.serves()).isTrue();
    assertThat(serves.from()).isEqualTo(2);
    Plan plan = Heron.with("template.scale=648");
    TemplateCheck not = plan.fretboard().work().template().orElseThrow();
    assertThat(not.serves()).isFalse();
    for (FretLayout.Fret fret : plan.frets().frets()) {
      double error = not.errors().get(fret.number() - 1);
      assertThat(error).isCloseTo(8 * (1 - Math.pow(2, -fret.number() / 12.0)), within(1e-9));
      double speaking = 640 - fret.x();
      assertThat(not.cents().get(fret.number() - 1))
          .isCloseTo(1200 * Math.log(speaking / (speaking - error)) / Math.log(2), within(1e-9));
    }
  }

  @Test
  void theNutsKindSaysWhereTheFretboardIsCut() {
    assertThat(value(Heron.with(), "nut.fretboard-cut")).isZero();
    assertThat(value(Heron.with("nut.kind=slot"), "nut.fretboard-cut")).isEqualTo(-4 - 4);
    Plan zero = Heron.with("nut.kind=zero-fret", "nut.behind-zero-fret=7");
    assertThat(value(zero, "nut.fretboard-cut")).isEqualTo(-7);
    assertThat(value(zero, "nut.blank-height")).isCloseTo(6 + 1.1 + 0.45 + 1.5, within(1e-9));
  }

  @Test
  void theBlankHasRoomToFlushAndABoundBoardsTangsAreCutBack() {
    Plan plan = Heron.with("fretboard.binding=1.5", "nut.kind=slot", "blank.end-trim=10");
    assertThat(value(plan, "wire.tang-back")).isCloseTo(1.8, within(1e-9));
    assertThat(value(Heron.with(), "wire.tang-back")).isZero();
    assertThat(value(plan, "fretboard.blank-width")).isCloseTo(56 + 6, within(1e-9));
    assertThat(value(plan, "fretboard.blank-length"))
        .isCloseTo(value(plan, "fretboard.end.from-nut") + 8 + 20, within(1e-9));
  }

  @Test
  void aNotchAndARealOctaveFretAreJudged() {
    assertThat(value(Heron.with("fretboard.notch-length=8"), "fretboard.notch-left"))
        .isCloseTo(
            value(Heron.with(), "fretboard.end.from-nut")
                - value(Heron.with(), "fret.22.from-nut")
                - 8,
            within(1e-9));
    assertThat(value(Heron.with("neck.nut-to-octave=320.2"), "fret.octave.cents"))
        .isCloseTo(1.08, within(0.005));
  }

  @Test
  void anErrorInCents() {
    assertThat(PitchError.fretMoved(0.2, 320)).isCloseTo(1.08, within(0.005));
  }

  @Test
  void aGaugeIsRead() {
    String[] flat = {"gauge.radius=240", "gauge.light=centre"};
    assertThat(Heron.with(flat).fretboard().work().gauge().meaning().toString()).contains("edges");
    assertThat(Heron.with("gauge.light=edges").fretboard().work().gauge().meaning().toString())
        .contains("crown");
    assertThat(value(Heron.with("gauge.radius=280"), "gauge.gap")).isCloseTo(0, within(1e-9));
  }

  @Test
  void pinsStandClearOfEveryChannelOrAreSaidToHaveNoPlace() {
    Random random = new Random(8);
    for (int i = 0; i < 500; i++) {
      double half = 18 + random.nextDouble() * 14;
      double pin = 0.5 + random.nextDouble() * 4;
      double w = random.nextDouble() * 6;
      double s = 6 + random.nextDouble() * 14;
      List<FretPins.Taken> taken =
          List.of(new FretPins.Taken(-w, w), new FretPins.Taken(s, s + random.nextDouble() * 10));
      FretPins found = FretPins.at(1, 30, 0, half, pin, 4, taken);
      double need = pin / 2 + 1;
      boolean any = false;
      for (double y = need; y <= half - 4 - pin / 2; y += 0.01) {
        double at = y;
        any |= taken.stream().allMatch(t -> at + need <= t.from() || at - need >= t.to());
      }
      if (found.y().isPresent()) {
        double at = found.y().get();
        assertThat(taken).allMatch(t -> at + need <= t.from() + 1e-6 || at - need >= t.to() - 1e-6);
        assertThat(at + pin / 2).isLessThanOrEqualTo(half - 4 + 1e-9);
      } else {
        assertThat(any).as("half " + half + " pin " + pin + " taken " + taken).isFalse();
      }
    }
  }

  @Test
  void onAFanPinsStandInTheirSlotAndDotsMidwayBetweenFretsWhereTheyAre() {
    Plan plan = Heron.with("scale.bass=690", "scale.treble=640", "scale.perpendicular-fret=7");
    for (FretPins pin : plan.neckPlan().pins()) {
      FretLayout.Fret fret = plan.frets().frets().get(pin.fret() - 1);
      double y = pin.y().orElseThrow();
      assertThat(pin.along(1)).isCloseTo(fret.x() + fret.slant() * y, within(1e-9));
      assertThat(pin.along(-1)).isCloseTo(fret.x() - fret.slant() * y, within(1e-9));
    }
    for (Markers.Dot dot : plan.fretboard().markers().dots()) {
      FretLayout.Fret fret = plan.frets().frets().get(dot.fret() - 1);
      FretLayout.Fret before = plan.frets().frets().get(dot.fret() - 2);
      for (int side : new int[] {-1, 1}) {
        double y = side * dot.y();
        double middle = (fret.x() + fret.slant() * y + before.x() + before.slant() * y) / 2;
        assertThat(dot.along(side)).isCloseTo(middle, within(1e-9));
      }
    }
  }

  @Test
  void everyFretKeepsItsOwnRecord() {
    LocalDate day = LocalDate.of(2026, 5, 4);
    FretRecords records =
        FretRecords.NONE.turned(3, FretStage.SEATED, day).turned(4, FretStage.SEATED, day);
    assertThat(records.count(22, FretStage.SEATED)).isEqualTo(2);
    assertThat(records.turned(3, FretStage.SEATED, day).when(3, FretStage.SEATED)).isEmpty();
    FretRecords all = records.all(22, FretStage.SEATED, day.plusDays(1));
    assertThat(all.count(22, FretStage.SEATED)).isEqualTo(22);
    assertThat(all.when(3, FretStage.SEATED)).contains(day);
    assertThat(all.when(5, FretStage.SEATED)).contains(day.plusDays(1));
    Build build = Heron.build().withFrets(all);
    assertThat(build.withName("Knot").frets()).isEqualTo(all);
    assertThat(build.withDesign(build.design()).frets()).isEqualTo(all);
  }

  /** A board wider than the round that it is made to: found by random builds, once no number. */
  @Test
  void anEdgeBeyondTheRoundIsANumberAll() {
    Plan plan =
        Heron.with(
            "scale.frets=1",
            "scale.divisions=60",
            "fretboard.width-at=last-fret",
            "fretboard.past-last-fret=7",
            "fretboard.radius-end=100",
            "fretboard.end-width=150");
    assertThat(plan.value("fretboard.edge.end").orElseThrow().value())
        .as("all of the round and more is gone")
        .isCloseTo(
            plan.value("fretboard.thickness").map(v -> v.value()).orElse(6.0) - 100, within(4.0));
    assertThat(plan.values().values()).allMatch(v -> Double.isFinite(v.value()));
  }
}
