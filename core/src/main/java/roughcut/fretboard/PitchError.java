package roughcut.fretboard;

/**
 * What an error in a fret's place does to its note, in hundredths of a semitone (handbook page 2):
 * a fret that sits e towards the bridge of its place plays sharp by 1200 · log2(s / (s − e)), s the
 * speaking length.
 */
public final class PitchError {
  private static final double OCTAVE = 1200 / Math.log(2);

  private PitchError() {}

  /** Sharp by so much; negative flat. */
  public static double fretMoved(double error, double speaking) {
    return OCTAVE * Math.log(speaking / (speaking - error));
  }
}
