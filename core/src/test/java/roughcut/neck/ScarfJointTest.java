package roughcut.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.Vectors;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.plan.Plan;

class ScarfJointTest {
  private static String[] settings(Map<String, Double> row, String school) {
    return new String[] {
      "shaft.thickness=" + row.get("shaft_mm"),
      "head.angle=" + row.get("angle_deg"),
      "head.length=" + row.get("head_mm"),
      "head.thickness=14",
      "saw.kerf=" + row.get("kerf_mm"),
      "scarf.trim=" + row.get("trim_mm"),
      "scarf.planing=" + row.get("planing_each_mm"),
      "heel.end=" + (row.get("break_to_heel_mm") - 4),
      "nut.thickness=4",
      "scarf.school=" + school,
    };
  }

  @Test
  void givesTheTablesNumbersInBothSchools() {
    for (String school : new String[] {"seam-under-fretboard", "seam-across-head"}) {
      for (Map<String, Double> row : Vectors.read("scarf.csv")) {
        Plan plan = Heron.with(settings(row, school));
        assertThat(value(plan, "scarf.run")).isCloseTo(row.get("run_mm"), within(5e-4));
        assertThat(value(plan, "scarf.bevel")).isCloseTo(row.get("bevel_mm"), within(5e-4));
        assertThat(value(plan, "scarf.shift")).isCloseTo(row.get("shift_mm"), within(5e-4));
        assertThat(value(plan, "scarf.seam-top")).isCloseTo(row.get("bevel_mm"), within(5e-4));
        assertThat(value(plan, "scarf.seam-back")).isCloseTo(row.get("shift_mm"), within(5e-4));
        assertThat(value(plan, "scarf.blank-length"))
            .isCloseTo(row.get("blank_length_mm"), within(5e-4));
        assertThat(value(plan, "head.one-piece-depth"))
            .isCloseTo(row.get("one_piece_depth_head14_mm"), within(5e-4));
        assertThat(value(plan, "head.grain-through"))
            .isCloseTo(row.get("grain_through_head14_mm"), within(5e-4));
      }
    }
  }

  @Test
  void thePiecesMeetAlongTheSeamAndNowhereOverlap() {
    Random random = new Random(5);
    for (int i = 0; i < 60; i++) {
      String school = i % 2 == 0 ? "seam-under-fretboard" : "seam-across-head";
      double angle = 6 + random.nextDouble() * 12;
      double thickness = 14 + random.nextDouble() * 6;
      ScarfJoint scarf =
          Heron.with(
                  "head.angle=" + angle,
                  "shaft.thickness=" + thickness,
                  "head.length=220",
                  "scarf.school=" + school)
              .scarf()
              .orElseThrow();
      double overlap =
          scarf.shaft().intersection(scarf.headPiece()).stream().mapToDouble(Outline::area).sum();
      assertThat(overlap).as("overlap of the pieces").isLessThan(1e-6);
      for (Point end : scarf.seam()) {
        assertThat(nearest(scarf.shaft(), end)).as("joint on the shaft").isLessThan(1e-6);
        assertThat(nearest(scarf.headPiece(), end))
            .as("joint on the headstock piece")
            .isLessThan(1e-6);
      }
      double seam = scarf.seam().get(0).distance(scarf.seam().get(1));
      assertThat(seam)
          .as("the glue length is the bevel")
          .isCloseTo(scarf.bevel().value(), within(1e-6));
    }
  }

  private static double nearest(Outline shape, Point p) {
    double least = Double.MAX_VALUE;
    for (int i = 0; i < shape.corners().size(); i++) {
      Point a = shape.corners().get(i);
      Point b = shape.corners().get((i + 1) % shape.corners().size());
      double length = a.distance(b);
      double t =
          ((p.x() - a.x()) * (b.x() - a.x()) + (p.y() - a.y()) * (b.y() - a.y()))
              / (length * length);
      least = Math.min(least, p.distance(a.towards(b, Math.max(0, Math.min(1, t)))));
    }
    return least;
  }

  @Test
  void theTurnedOffcutKeepsItsWoodAndItsFaceFallsAtTheHeadAngle() {
    Plan plan = Heron.with();
    ScarfJoint scarf = plan.scarf().orElseThrow();
    double sawn = scarf.blankLength().value() * 16 - 16 * 1 / Math.sin(Math.toRadians(12.5));
    assertThat(scarf.shaft().area() + scarf.headPiece().area()).isCloseTo(sawn, within(1e-6));
    HeadLine head = plan.neck().head();
    Point tip = head.at(195, 0);
    assertThat(nearest(scarf.headPiece(), tip))
        .as("head and trim end on the face")
        .isLessThan(1e-6);
    assertThat(Math.toDegrees(Math.atan2(-tip.y(), head.breakX() - tip.x())))
        .isCloseTo(12.5, within(1e-9));
  }

  @Test
  void identitiesHold() {
    Random random = new Random(9);
    for (int i = 0; i < 50; i++) {
      double angle = 4 + random.nextDouble() * 20;
      Plan plan = Heron.with("head.angle=" + angle);
      double run = value(plan, "scarf.run");
      double bevel = value(plan, "scarf.bevel");
      assertThat(Math.hypot(run, 16)).isCloseTo(bevel, within(1e-9));
      assertThat(bevel - run)
          .as("bevel less run is the shift")
          .isCloseTo(value(plan, "scarf.shift"), within(1e-9));
      assertThat(value(plan, "scarf.wedge") * 16).isCloseTo(run, within(1e-9));
    }
  }

  @Test
  void aFlatHeadHasNoScarf() {
    Plan plan = Heron.with("head.angle=0");
    assertThat(plan.scarf()).isEmpty();
    assertThat(plan.value("scarf.run")).isEmpty();
    assertThat(plan.value("head.grain-through")).isEmpty();
    assertThat(value(plan, "head.one-piece-depth")).isCloseTo(14, within(1e-9));
  }

  @Test
  void aHeadInOnePieceIsAsDeepAsItsShape() {
    Bounds shape = Heron.with().onePiece().shape().bounds();
    assertThat(shape.height()).isCloseTo(53.7, within(0.05));
  }
}
