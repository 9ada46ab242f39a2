package roughcut.record;

import java.util.List;
import java.util.Optional;
import roughcut.design.NumberDecision;
import roughcut.design.ReadingKind;
import roughcut.measure.Quantity;
import roughcut.measure.Range;
import roughcut.measure.Text;
import roughcut.measure.ValueKey;

/**
 * Something that can be read off the wood: what is only ever read, never decided, such as how thick
 * a part is at the stage that it has reached; or a decision that may be measured besides.
 *
 * @param id of its readings
 * @param kind what a reading of it is of, and where it is taken
 * @param answers what is seen instead of a number, each for its place from 0 on; empty for a number
 * @param drawn id of the plan's number that it is a reading of: its own, or that of a number that
 *     is worked out
 */
public record Measurable(
    String id, Text label, ReadingKind kind, Range range, List<Text> answers, String drawn) {
  public Measurable {
    answers = List.copyOf(answers);
  }

  public Measurable(String id, Text label, ReadingKind kind, Range range) {
    this(id, label, kind, range, List.of());
  }

  public Measurable(String id, Text label, ReadingKind kind, Range range, List<Text> answers) {
    this(id, label, kind, range, answers, id);
  }

  /** The same as a reading of a number that is worked out. */
  Measurable of(String number) {
    return new Measurable(id, label, kind, range, answers, number);
  }

  /** A decision as something to be read; empty for one that is decided only. */
  public static Optional<Measurable> of(NumberDecision decision) {
    return decision
        .reading()
        .map(kind -> new Measurable(decision.id(), decision.label(), kind, decision.range()));
  }

  /** How far a part has come. */
  static Measurable stage(String id, Text label, double least, double most, Text where) {
    return new Measurable(
        id, label, new ReadingKind.Stage(where), new Range(Quantity.LENGTH, least, most));
  }

  /** One that is seen rather than measured. */
  static Measurable seen(String id, Text label, ReadingKind kind, Text... answers) {
    Range range = new Range(Quantity.COUNT, 0, answers.length - 1);
    return new Measurable(id, label, kind, range, List.of(answers));
  }

  /** Where and how it is taken, in one sentence. */
  public Text hint() {
    return kind.where();
  }

  public ValueKey key() {
    return new ValueKey(id, label, quantity());
  }

  public Quantity quantity() {
    return range.quantity();
  }

  /**
   * How far a reading may be from what is drawn and still be as drawn, in its own unit; 0 where
   * nothing says. What is bought is true to its list, what is made to what tools leave.
   */
  public double tolerance() {
    return switch (quantity()) {
      case LENGTH, FINE_LENGTH -> kind.fold(part -> 0.3, stage -> 0.5, result -> 0.3, seat -> 0.3);
      case ANGLE -> 0.3;
      default -> 0;
    };
  }

  /** A reading of it as it is told: the answer, or the number with its unit. */
  public Text told(double value) {
    int place = (int) Math.round(value);
    return place >= 0 && place < answers.size()
        ? answers.get(place)
        : Text.only(Text.shown(value, quantity()));
  }
}
