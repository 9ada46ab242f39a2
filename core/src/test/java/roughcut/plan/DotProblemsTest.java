package roughcut.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import roughcut.Heron;
import roughcut.finding.Finding;
import roughcut.finding.Topic;

/** Dots that can't be drilled where they are drawn. */
class DotProblemsTest {
  private static List<Finding> told(String... settings) {
    return Heron.with(settings).about(Topic.FRETBOARD).stream()
        .filter(f -> f.words().contains("marker"))
        .toList();
  }

  @Test
  void dotsOverTheEdgeAreTold() {
    assertThat(told()).isEmpty();
    // At fret 12 the board is about 52 wide: two dots 24 aside, 6 across, reach 27.
    List<Finding> found = told("marker.aside=24", "marker.diameter=6");
    assertThat(found).hasSize(1);
    assertThat(found.get(0).where()).isEqualTo("marker.aside");
    assertThat(found.get(0).words()).contains("at fret 12 overhangs the fretboard edge by");
    double width = Heron.with().taper().width(Heron.with().frets().octave());
    assertThat(27 - width / 2).isPositive();
    assertThat(told("marker.aside=" + (width / 2 - 3.6), "marker.diameter=6")).isEmpty();
  }

  @Test
  void dotsAcrossTwoSlotsAreTold() {
    // Between frets 20 and 21 of a scale of 640 there are 640 · (2^(−20/12) − 2^(−21/12)) = 11.3.
    double gap = 640 * (Math.pow(2, -20 / 12.0) - Math.pow(2, -21 / 12.0));
    List<Finding> found =
        told("marker.diameter=" + (gap + 0.2), "marker.thickness=3", "fretboard.thickness=8");
    assertThat(found).anyMatch(f -> f.words().contains("into the slots beside"));
    assertThat(found).anyMatch(f -> f.words().contains("21"));
    assertThat(
            told("marker.diameter=" + (gap - 0.2), "marker.thickness=3", "fretboard.thickness=8"))
        .noneMatch(f -> f.words().contains("into the slots beside"));
  }
}
