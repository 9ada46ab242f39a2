package roughcut.finding;

import roughcut.measure.Text;

/** What is told of any part's drawn outline that can't be cut. */
public final class OutlineMessage {
  private OutlineMessage() {}

  /**
   * A line that crosses itself.
   *
   * @param what a sentence that says which, and where
   */
  public static Message crossing(Text what) {
    return Message.of(what)
        .why(Text.of("A bearing can't follow such a template."))
        .fix(Text.of("Move its points there apart, or mend the drawing and import it again."));
  }

  /**
   * A line whose ends don't meet.
   *
   * @param source the file that it came from
   * @param apart how far its ends are apart, mm
   */
  public static Message open(String source, double apart) {
    return Message.of(
            Text.of(
                "The path in {source} is open: its ends are {open} apart.",
                source,
                Text.length(apart, 1)))
        .why(Text.of("A straight line closes it for now."))
        .fix(Text.of("Close it in the drawing and import it again, or edit it point by point."));
  }
}
