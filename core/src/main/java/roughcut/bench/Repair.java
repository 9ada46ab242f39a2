package roughcut.bench;

/**
 * What makers do about a cut that came out other than wanted (handbook page 7, "Rework"): with its
 * hands-on time by rule of thumb and what is seen of it afterwards.
 */
public enum Repair {
  /** Only where more can come off: the number set grows with what is taken away. */
  CUT_FURTHER("cut it further", 20, "nothing is seen of it"),
  SHIM(
      "glue in a shim over the full face, grain the same way",
      45,
      "a glue line at the edge; never a shim at one corner, under a bolted neck it lifts the heel"),
  PLUG(
      "plug it with the same wood, grain in line, and bore again",
      40,
      "a plug is seen unless something covers it"),
  COVER("let a wider ring or plate cover it", 15, "nothing, where the cover is wide enough");

  private final String words;
  private final int minutes;
  private final String look;

  Repair(String words, int minutes, String look) {
    this.words = words;
    this.minutes = minutes;
    this.look = look;
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

  /** Whether it is about wood that is taken away too much or too little, not about a place. */
  public boolean ofWhatIsTakenAway() {
    return this == CUT_FURTHER || this == SHIM;
  }

  /**
   * Whether it mends a cut that is off by so much.
   *
   * @param by what is wanted less what was set, mm; more than 0 where more should have come off
   */
  public boolean mends(double by) {
    return switch (this) {
      case CUT_FURTHER -> by > 0;
      case SHIM, COVER -> by < 0;
      case PLUG -> true;
    };
  }
}
