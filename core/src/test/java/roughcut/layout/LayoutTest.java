package roughcut.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static roughcut.Heron.value;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.Vectors;
import roughcut.plan.Plan;
import roughcut.plan.Rooms;

class LayoutTest {
  @Test
  void fretsStandWhereTheTableSays() {
    Vectors.read("frets.csv")
        .forEach(
            row ->
                assertThat(
                        FretLayout.position(
                            row.get("scale_mm"), row.get("divisions"), row.get("fret")))
                    .isCloseTo(row.get("from_nut_mm"), within(5e-5)));
  }

  @Test
  void aPlanHasThoseFrets() {
    Plan plan = Heron.with("scale.length=600", "scale.divisions=19", "scale.frets=31");
    assertThat(value(plan, "fret.31.from-nut")).isCloseTo(406.3591, within(5e-5));
    assertThat(plan.frets().frets()).hasSize(31);
  }

  @Test
  void fretsRiseTheOctaveHalvesAndSpacingsAddUp() {
    Random random = new Random(3);
    for (int i = 0; i < 100; i++) {
      Rooms plan = Rooms.of(Heron.build().asDesigned().withDesign(Heron.random(random, true)));
      double scale = plan.frets().scale().value();
      double before = 0;
      double spacing = Double.MAX_VALUE;
      double sum = 0;
      for (FretLayout.Fret fret : plan.frets().frets()) {
        assertThat(fret.x()).isGreaterThan(before).isLessThan(scale);
        assertThat(fret.fromPrevious().value()).isLessThan(spacing);
        sum += fret.fromPrevious().value();
        assertThat(sum).isCloseTo(fret.x(), within(1e-9));
        before = fret.x();
        spacing = fret.fromPrevious().value();
      }
      assertThat(plan.frets().at(plan.frets().divisions().value()))
          .isCloseTo(scale / 2, within(1e-9));
      assertThat(plan.frets().octave()).isEqualTo(scale / 2);
    }
  }

  @Test
  void theBoardIsAsWideAsDecidedWhereItWasDecided() {
    assertThat(Heron.with("fretboard.width-at=octave-fret").taper().width(320))
        .isCloseTo(56, within(1e-9));
    Plan last = Heron.with("fretboard.width-at=last-fret");
    assertThat(value(last, "fret.22.width")).isCloseTo(56, within(1e-9));
    Plan end = Heron.with();
    assertThat(end.taper().width(end.taper().end().value())).isCloseTo(56, within(1e-9));
    assertThat(end.taper().width(0)).isEqualTo(43);
  }

  @Test
  void equalGapsAreEqualBetweenTheStringsEdges() {
    Plan plan = Heron.with();
    List<Double> gauges = plan.build().design().strings().stream().map(s -> s.gauge()).toList();
    double gap = value(plan, "nut.gap");
    for (int i = 1; i < 6; i++) {
      double between =
          value(plan, "nut.string." + i + ".offset")
              - value(plan, "nut.string." + (i + 1) + ".offset");
      assertThat(between - gauges.get(i - 1) / 2 - gauges.get(i) / 2).isCloseTo(gap, within(1e-9));
    }
    assertThat(value(plan, "nut.string.1.offset")).isCloseTo(18, within(1e-12));
    assertThat(value(plan, "nut.string.6.offset")).isCloseTo(-18, within(1e-9));
    double edges = 36 + (gauges.get(0) + gauges.get(5)) / 2;
    double all = gauges.stream().mapToDouble(g -> g).sum();
    assertThat(gap)
        .as("the handbook's own wording of the gap")
        .isCloseTo((edges - all) / 5, within(1e-9));
  }

  @Test
  void equalCentresAreEqual() {
    Plan plan = Heron.with("nut.spacing=equal-centres");
    for (int i = 1; i < 6; i++) {
      assertThat(
              value(plan, "nut.string." + i + ".offset")
                  - value(plan, "nut.string." + (i + 1) + ".offset"))
          .isCloseTo(7.2, within(1e-9));
    }
  }

  @Test
  void aPlaceIsNamedByItsNearestFret() {
    FretLayout frets = Heron.with().frets();
    assertThat(frets.near(0).toString()).isEqualTo("nut");
    assertThat(frets.near(17).toString()).isEqualTo("nut");
    assertThat(frets.near(19).toString()).isEqualTo("fret 1");
    assertThat(frets.near(900).toString()).isEqualTo("fret 22");
  }
}
