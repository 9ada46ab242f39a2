package roughcut.plan;

/**
 * Decisions, each sensible alone, that can't be had together.
 *
 * @param decisionId whose field the message belongs beside
 * @param message what can't be, and the nearest value that can
 * @param drawn whether the plan stands all the same, drawn with what is wrong in it; otherwise it
 *     can't be worked out and the edit that brought it is refused
 */
public record Problem(String decisionId, String message, boolean drawn) {
  /** A problem that the plan can't stand with. */
  public Problem(String decisionId, String message) {
    this(decisionId, message, false);
  }
}
