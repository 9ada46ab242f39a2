package roughcut.bench;

/**
 * What makers do about a cut that came out other than wanted (handbook page 7, "Rework"): with its
 * hands-on time by rule of thumb and what is seen of it afterwards.
 */
public enum Repair {
  CUT_FURTHER("cut it further", 20, "nothing is seen of it", Of.ALL, true),
  SHIM(
      "glue in a shim over the full face, grain the same way",
      45,
      "a glue line at the edge; never a shim at one corner, under a bolted neck it lifts the heel",
      Of.DEPTH,
      false),
  PLUG(
      "plug it with the same wood, grain in line, and bore again",
      40,
      "a plug is seen unless something covers it",
      Of.DEPTH,
      false),
  FILL(
      "fill it with a slip of the same wood and saw it again",
      40,
      "the slip is seen at the fretboard's edge unless binding covers it",
      Of.DEPTH,
      false),
  COVER(
      "let a wider ring or plate cover it",
      15,
      "nothing, where the cover is wide enough",
      Of.OPENING,
      false);

  /** Which of a cut's sizes it is about. */
  private enum Of {
    DEPTH,
    OPENING,
    ALL
  }

  private final String words;
  private final int minutes;
  private final String look;
  private final Of of;
  private final boolean tooLittle;

  Repair(String words, int minutes, String look, Of of, boolean tooLittle) {
    this.words = words;
    this.minutes = minutes;
    this.look = look;
    this.of = of;
    this.tooLittle = tooLittle;
  }

  public String words() {
    return words;
  }

  public int minutes() {
    return minutes;
  }

  /** What is seen of it in the end. */
  public String look() {
    return look;
  }

  /**
   * Whether it mends a size that is off by so much.
   *
   * @param opening whether it is an opening's width rather than a depth
   * @param by what is wanted less what was set, mm; more than 0 where more should have come off
   */
  boolean mends(boolean opening, double by) {
    boolean itsSize = of == Of.ALL || (of == Of.OPENING) == opening;
    return itsSize && (tooLittle ? by > 0 : by < 0);
  }
}
