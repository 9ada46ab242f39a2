package roughcut.measure;

import java.util.List;

/**
 * A derived number with its sum: the formula's text and the named values put in. The sum card, the
 * report and the work order read this same object.
 *
 * @param formula arithmetic in the inputs' symbols ({@code t / tan(θ)}, angles in degrees), or a
 *     sentence that begins with “least” or “found” where the number is searched for
 */
public record Worked(
    String id, String label, double value, Quantity quantity, String formula, List<Input> inputs)
    implements Value {
  /** One value put into a formula, under the symbol that the formula uses. */
  public record Input(String symbol, Value value) {}

  public Worked {
    inputs = List.copyOf(inputs);
  }

  public static Input in(String symbol, Value value) {
    return new Input(symbol, value);
  }

  /** Whether any value put in, however far back, was measured on the wood. */
  public boolean fromMeasured() {
    for (Input input : inputs) {
      if (input.value() instanceof Given g
          ? g.measured()
          : ((Worked) input.value()).fromMeasured()) {
        return true;
      }
    }
    return false;
  }
}
