package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Notes and frequencies, against the twelve equal steps of an octave. */
class PitchTest {
  @Test
  void notesAndFrequencies() throws InvalidInput {
    assertThat(Pitch.read("A4")).isEqualTo(440);
    assertThat(Pitch.read("e4")).isCloseTo(329.628, within(1e-3));
    assertThat(Pitch.read("Bb1")).isCloseTo(58.270, within(1e-3));
    assertThat(Pitch.read("F♯2")).isCloseTo(92.499, within(1e-3));
    assertThat(Pitch.read("82.4 Hz")).isEqualTo(82.4);
    assertThat(Pitch.name(329.63)).isEqualTo("E4");
    assertThat(Pitch.name(442)).isEqualTo("A4 +8");
    assertThat(Pitch.name(440 * Math.pow(2, 1.3 / 1200))).isEqualTo("A4 +1");
    assertThat(Pitch.name(440 * Math.pow(2, -0.9 / 1200))).isEqualTo("A4");
    assertThatThrownBy(() -> Pitch.read("H9x")).isInstanceOf(InvalidInput.class);
  }

  /** A semitone up is the same ratio everywhere; an octave doubles; sharps and flats agree. */
  @Property
  void stepsAreAllAlike(@ForAll @IntRange(min = 0, max = 8) int octave) throws InvalidInput {
    String[] up = {"C", "C#", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B"};
    double step = Math.pow(2, 1 / 12.0);
    for (int i = 1; i < up.length; i++) {
      double ratio = Pitch.read(up[i] + octave) / Pitch.read(up[i - 1] + octave);
      assertThat(ratio).as(up[i]).isCloseTo(step, within(1e-12));
    }
    assertThat(Pitch.read("C" + (octave + 1)) / Pitch.read("B" + octave))
        .isCloseTo(step, within(1e-12));
    assertThat(Pitch.read("D#" + octave)).isCloseTo(Pitch.read("Eb" + octave), within(1e-9));
    assertThat(Pitch.read("A" + octave)).isCloseTo(440 * Math.pow(2, octave - 4), within(1e-9));
  }

  /** The name of a frequency is read back to within what it says that it is off. */
  @Property
  void aNameIsReadBack(@ForAll @DoubleRange(min = 20, max = 2000) double hertz)
      throws InvalidInput {
    String[] name = Pitch.name(hertz).split(" ");
    double cents = name.length == 1 ? 0 : Double.parseDouble(name[1].replace('−', '-'));
    assertThat(Math.abs(cents)).isLessThanOrEqualTo(50);
    double back = Pitch.read(name[0]) * Math.pow(2, cents / 1200);
    assertThat(1200 * Math.log(back / hertz) / Math.log(2)).isCloseTo(0, within(1.001));
  }
}
