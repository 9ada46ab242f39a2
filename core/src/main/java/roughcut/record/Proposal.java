package roughcut.record;

import java.util.List;
import java.util.function.UnaryOperator;
import roughcut.measure.Text;
import roughcut.measure.Units;

/**
 * A change that is offered, to be made with one action: what would mend something, another way of
 * making it. Whoever offers one has it judged on a whole plan first.
 *
 * @param text what it is and what it costs
 * @param change makes it
 */
public record Proposal(Text text, UnaryOperator<Build> change) {
  /** As it is read in millimetres. */
  public String words() {
    return text.in(Units.MM);
  }

  public String words(Units units) {
    return text.in(units);
  }

  /** The same with more to say. */
  public Proposal saying(Text more) {
    return more.isEmpty() ? this : new Proposal(Text.joined(List.of(text, more), "; "), change);
  }
}
