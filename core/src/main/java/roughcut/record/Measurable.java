package roughcut.record;

import java.util.List;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Range;
import roughcut.measure.Units;

/**
 * Something that is only ever read off the wood, never decided: how thick a part is at the stage
 * that it has reached. What is decided and may be measured besides is a decision that says so.
 *
 * @param id of its readings
 * @param hint how and from where it is taken
 * @param answers what is seen instead of a number, each for its place from 0 on; empty for a number
 */
public record Measurable(String id, String label, String hint, Range range, List<String> answers) {
  public Measurable {
    answers = List.copyOf(answers);
  }

  public Measurable(String id, String label, String hint, Range range) {
    this(id, label, hint, range, List.of());
  }

  static Measurable length(String id, String label, double least, double most, String hint) {
    return new Measurable(id, label, hint, new Range(Quantity.LENGTH, least, most));
  }

  /** One that is seen rather than measured. */
  static Measurable seen(String id, String label, String hint, String... answers) {
    Range range = new Range(Quantity.COUNT, 0, answers.length - 1);
    return new Measurable(id, label, hint, range, List.of(answers));
  }

  public Quantity quantity() {
    return range.quantity();
  }

  /** A reading of it as it is told: the answer, or the number with its unit. */
  public String told(double value, Units units) {
    int place = (int) Math.round(value);
    return place >= 0 && place < answers.size()
        ? answers.get(place)
        : NumberWriter.text(value, quantity(), units);
  }
}
