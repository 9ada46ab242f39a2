package roughcut.measure;

import java.util.List;

/**
 * A number worked out by a formula from named values. The formula's text is what the maker reads on
 * the sum card and in the report, and it is what the number comes from: there is no second story.
 */
public final class ComputedValue implements Value {
  /** One value put into a formula, under the symbol that the formula uses. */
  public record Input(String symbol, Value value) {}

  private final ValueKey key;
  private final Formula formula;
  private final List<Input> inputs;
  private final double value;
  private final boolean fromMeasured;
  private final long print;

  /**
   * @throws IllegalArgumentException when the formula can't be read or wants what isn't put in: a
   *     mistake of the program, never of the maker
   */
  public ComputedValue(ValueKey key, Formula formula, List<Input> inputs) {
    this.key = key;
    this.formula = formula;
    this.inputs = List.copyOf(inputs);
    this.value = formula.of(this.inputs);
    boolean measured = false;
    long all = Fingerprint.of(Fingerprint.of(key, value), formula.text());
    for (Input input : this.inputs) {
      measured |= input.value().fromMeasured();
      all = Fingerprint.of(Fingerprint.of(all, input.symbol()), input.value().print());
    }
    this.fromMeasured = measured;
    this.print = all;
  }

  /** A number worked out on the way to another, whose input it is. */
  public static ComputedValue of(
      String id, Text label, Quantity quantity, String formula, Input... inputs) {
    return new ComputedValue(
        new ValueKey(id, label, quantity), Formula.of(formula), List.of(inputs));
  }

  /** The same under a key that a room has named. */
  public static ComputedValue of(ValueKey key, String formula, Input... inputs) {
    return new ComputedValue(key, Formula.of(formula), List.of(inputs));
  }

  public static Input in(String symbol, Value value) {
    return new Input(symbol, value);
  }

  @Override
  public ValueKey key() {
    return key;
  }

  @Override
  public double value() {
    return value;
  }

  public Formula formula() {
    return formula;
  }

  @Override
  public Text how() {
    return Text.raw(formula.text());
  }

  @Override
  public List<Input> inputs() {
    return inputs;
  }

  @Override
  public Value as(ValueKey key) {
    return new ComputedValue(key, formula, inputs);
  }

  @Override
  public Origin origin() {
    return Origin.WORKED;
  }

  @Override
  public List<Value> dependsOn() {
    return inputs.stream().map(Input::value).toList();
  }

  @Override
  public boolean fromMeasured() {
    return fromMeasured;
  }

  @Override
  public long print() {
    return print;
  }

  /** By the prints of what they were made from: as far back as that goes, in one step. */
  @Override
  public boolean equals(Object other) {
    return other instanceof ComputedValue w
        && print == w.print
        && Double.compare(value, w.value) == 0
        && key.equals(w.key);
  }

  @Override
  public int hashCode() {
    return key.hashCode();
  }

  @Override
  public String toString() {
    return key.id() + " = " + formula + " = " + value + " " + key.quantity().unit();
  }
}
