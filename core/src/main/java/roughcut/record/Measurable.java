package roughcut.record;

import roughcut.measure.Quantity;
import roughcut.measure.Range;

/**
 * Something that is only ever read off the wood, never decided: how thick a part is at the stage
 * that it has reached. What is decided and may be measured besides is a decision that says so.
 *
 * @param id of its readings
 * @param hint how and from where it is taken
 */
public record Measurable(String id, String label, String hint, Range range) {
  static Measurable length(String id, String label, double least, double most, String hint) {
    return new Measurable(id, label, hint, new Range(Quantity.LENGTH, least, most));
  }

  public Quantity quantity() {
    return range.quantity();
  }
}
