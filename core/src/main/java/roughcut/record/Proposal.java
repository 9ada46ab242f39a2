package roughcut.record;

import java.util.function.UnaryOperator;

/**
 * A change that is offered, to be made with one action: what would mend something, another way of
 * making it. Whoever offers one has it judged on a whole plan first.
 *
 * @param words what it is and what it costs; lengths in millimetres, written out
 * @param change makes it
 */
public record Proposal(String words, UnaryOperator<Build> change) {
  /** The same with more to say. */
  public Proposal saying(String more) {
    return more.isEmpty() ? this : new Proposal(words + more, change);
  }
}
