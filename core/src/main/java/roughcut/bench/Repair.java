package roughcut.bench;

import java.util.Set;
import roughcut.measure.Text;

/**
 * What makers do about a cut that came out other than wanted (handbook page 7, "Rework"): with its
 * hands-on time by rule of thumb and what is seen of it afterwards.
 */
public enum Repair {
  CUT_FURTHER(
      Text.of("cut further"), 20, Text.of("it doesn't show"), true, Sizing.DEPTH, Sizing.OPENING),
  SHIM(
      Text.of("glue in a full-face shim, grain the same way"),
      45,
      Text.of("a glue line at the edge. Never shim one corner: it lifts the heel of a bolted neck"),
      false,
      Sizing.DEPTH),
  PLUG(
      Text.of("plug it with the same wood, grain in line, and drill again"),
      40,
      Text.of("a plug shows unless something covers it"),
      false,
      Sizing.DEPTH,
      Sizing.PLACE),
  FILL(
      Text.of("fill it with a slip of the same wood and saw it again"),
      40,
      Text.of("the slip shows at the fretboard edge unless binding covers it"),
      false,
      Sizing.DEPTH),
  COVER(
      Text.of("cover it with a wider ring or plate"),
      15,
      Text.of("nothing shows, where the cover is wide enough"),
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
