package roughcut.measure;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Pitches by note name or in Hz: E4, F#2, Bb1; A4 is 440 Hz, twelve equal steps to the octave, C
 * begins a new one.
 */
public final class Pitch {
  private static final Pattern NOTE = Pattern.compile("([A-Ga-g])([#♯b♭]?)(-?\\d)");
  private static final String NAMES = "C D EF G A B";
  private static final String[] SHARP = {
    "C", "C#", "D", "D#", "E", "F", "F#", "G", "G#", "A", "A#", "B"
  };

  /** Steps from C0 to A4. */
  private static final int A4 = 57;

  private Pitch() {}

  /**
   * Reads a note's name or a frequency.
   *
   * @return Hz
   * @throws Unreadable when it is neither
   */
  public static double read(String text) throws InvalidInput {
    Matcher m = NOTE.matcher(text.strip());
    if (m.matches()) {
      int step = NAMES.indexOf(Character.toUpperCase(m.group(1).charAt(0)));
      step += m.group(2).isEmpty() ? 0 : "#♯".contains(m.group(2)) ? 1 : -1;
      return hertz(step + 12 * Integer.parseInt(m.group(3)));
    }
    try {
      return NumberReader.ratio(text.replaceFirst("(?i)\\s*hz\\s*$", ""));
    } catch (InvalidInput e) {
      throw new InvalidInput(
          Text.of(
              "“{typed}” is neither a note nor a frequency; write for example E4 or 329.63",
              text.strip()));
    }
  }

  private static double hertz(int step) {
    return 440 * Math.pow(2, (step - A4) / 12.0);
  }

  /** The note of a frequency, with what it is off in cents when that is more than a cent. */
  public static String name(double hertz) {
    double steps = 12 * Math.log(hertz / 440) / Math.log(2) + A4;
    int nearest = (int) Math.rint(steps);
    double off = 100 * (steps - nearest);
    long cents = Math.round(off);
    String name = SHARP[Math.floorMod(nearest, 12)] + Math.floorDiv(nearest, 12);
    return Math.abs(off) <= 1 ? name : name + (cents > 0 ? " +" : " −") + Math.abs(cents);
  }
}
