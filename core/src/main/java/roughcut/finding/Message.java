package roughcut.finding;

import java.util.List;
import roughcut.measure.Text;

/**
 * What a maker is told of something that is wrong, in whole sentences (handbook page 10, “Voice”).
 *
 * @param what is wrong, with the number and its limit; short enough for a headline
 * @param why it matters in wood; empty where the first sentence says it
 * @param fix what to do about it; empty where there is nothing to do but to know it
 */
public record Message(Text what, Text why, Text fix) {
  /** Without a reason or a way out so far. */
  public static Message of(Text what) {
    return new Message(what, Text.NONE, Text.NONE);
  }

  /** The same with why it matters. */
  public Message why(Text reason) {
    return new Message(what, reason, fix);
  }

  /** The same with what to do about it. */
  public Message fix(Text help) {
    return new Message(what, why, help);
  }

  /** All of it, a sentence after the other. */
  public Text text() {
    return why.isEmpty() && fix.isEmpty() ? what : Text.joined(List.of(what, why, fix), " ");
  }

  /** What follows the headline; empty where that is all. */
  public Text rest() {
    return Text.joined(List.of(why, fix), " ");
  }
}
