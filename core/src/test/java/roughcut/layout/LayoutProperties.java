package roughcut.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import roughcut.Heron;
import roughcut.plan.Rooms;
import roughcut.record.Build;

/** Scale, frets and strings under doubling, mirroring and small changes; without any body. */
class LayoutProperties {
  private static Rooms rooms(String... settings) {
    Build heron = Heron.build().asDesigned();
    return Rooms.of(heron.withDesign(Heron.set(heron.design(), settings)));
  }

  /** Every fret of a scale twice as long stands twice as far: temperament knows no size. */
  @Property(tries = 60)
  void aDoubledScaleDoublesEveryFret(
      @ForAll @DoubleRange(min = 300, max = 640) double scale,
      @ForAll @IntRange(min = 5, max = 36) int frets,
      @ForAll @IntRange(min = 5, max = 31) int divisions) {
    String[] one = {
      "scale.length=" + scale, "scale.frets=" + frets, "scale.divisions=" + divisions
    };
    String[] two = {
      "scale.length=" + 2 * scale, "scale.frets=" + frets, "scale.divisions=" + divisions
    };
    List<FretLayout.Fret> small = rooms(one).frets().frets();
    List<FretLayout.Fret> large = rooms(two).frets().frets();
    for (int i = 0; i < frets; i++) {
      assertThat(large.get(i).x()).isCloseTo(2 * small.get(i).x(), within(1e-9 * scale));
    }
    // Each fret divides what is left of the string in the same proportion: no formula of the
    // code's.
    double ratio = (scale - small.get(0).x()) / scale;
    double left = scale;
    for (FretLayout.Fret fret : small) {
      left *= ratio;
      assertThat(scale - fret.x()).isCloseTo(left, within(1e-7));
    }
    assertThat(Math.pow(ratio, divisions)).as("an octave halves").isCloseTo(0.5, within(1e-12));
  }

  /** A fan with its sides swapped is the same fan seen from behind. */
  @Property(tries = 40)
  void aFanMirroredIsTheFanOfSwappedScales(
      @ForAll @DoubleRange(min = 600, max = 660) double treble,
      @ForAll @DoubleRange(min = 0.5, max = 40) double longer,
      @ForAll @IntRange(min = 0, max = 12) int upright) {
    double bass = treble + longer;
    Rooms one =
        rooms(
            "scale.treble=" + treble, "scale.bass=" + bass, "scale.perpendicular-fret=" + upright);
    Rooms other =
        rooms(
            "scale.treble=" + bass, "scale.bass=" + treble, "scale.perpendicular-fret=" + upright);
    List<FretLayout.Fret> a = one.frets().frets();
    List<FretLayout.Fret> b = other.frets().frets();
    for (int i = 0; i < a.size(); i++) {
      assertThat(b.get(i).slant()).isCloseTo(-a.get(i).slant(), within(1e-9));
      assertThat(b.get(i).at(-15)).isCloseTo(a.get(i).at(15), within(1e-6));
    }
    if (upright > 0) {
      assertThat(a.get(upright - 1).slant())
          .as("that fret stands square")
          .isCloseTo(0, within(1e-9));
    }
  }

  /** A hundredth more of the scale moves no fret by more than a hundredth: nothing jumps. */
  @Property(tries = 60)
  void aHairMoreMovesEveryFretByLess(@ForAll @DoubleRange(min = 550, max = 900) double scale) {
    List<FretLayout.Fret> before = rooms("scale.length=" + scale).frets().frets();
    List<FretLayout.Fret> after = rooms("scale.length=" + (scale + 0.01)).frets().frets();
    for (int i = 0; i < before.size(); i++) {
      assertThat(after.get(i).x() - before.get(i).x()).isBetween(0.0, 0.01 + 1e-9);
    }
  }
}
