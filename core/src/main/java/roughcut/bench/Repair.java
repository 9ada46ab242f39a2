package roughcut.bench;

import java.util.Set;
import roughcut.measure.Text;

/**
 * What makers do about a cut that came out other than wanted (handbook page 7, "Rework"): with its
 * hands-on time by rule of thumb and what is seen of it afterwards.
 */
public enum Repair {
  CUT_FURTHER(
      Text.of("cut it further"),
      20,
      Text.of("nothing is seen of it"),
      true,
      Sizing.DEPTH,
      Sizing.OPENING),
  SHIM(
      Text.of("glue in a shim over the full face, grain the same way"),
      45,
      Text.of(
          "a glue line at the edge; never a shim at one corner, under a bolted neck it lifts the heel"),
      false,
      Sizing.DEPTH),
  PLUG(
      Text.of("plug it with the same wood, grain in line, and bore again"),
      40,
      Text.of("a plug is seen unless something covers it"),
      false,
      Sizing.DEPTH,
      Sizing.PLACE),
  FILL(
      Text.of("fill it with a slip of the same wood and saw it again"),
      40,
      Text.of("the slip is seen at the fretboard's edge unless binding covers it"),
      false,
      Sizing.DEPTH),
  COVER(
      Text.of("let a wider ring or plate cover it"),
      15,
      Text.of("nothing, where the cover is wide enough"),
      false,
      Sizing.OPENING);

  private final Text words;
  private final int minutes;
  private final Text look;
  private final boolean tooLittle;
  private final Set<Sizing> of;

  Repair(Text words, int minutes, Text look, boolean tooLittle, Sizing... of) {
    this.words = words;
    this.minutes = minutes;
    this.look = look;
    this.tooLittle = tooLittle;
    this.of = Set.of(of);
  }

  public Text words() {
    return words;
  }

  public int minutes() {
    return minutes;
  }

  /** What is seen of it in the end. */
  public Text look() {
    return look;
  }

  /**
   * Whether it mends a size that is off by so much. A hole in the wrong place is plugged whichever
   * way it is off.
   *
   * @param sizing what it is a size of
   * @param by what is wanted less what is there; more than 0 where more should have come off
   */
  boolean fixes(Sizing sizing, double by) {
    return of.contains(sizing) && (sizing == Sizing.PLACE || (tooLittle ? by > 0 : by < 0));
  }
}
