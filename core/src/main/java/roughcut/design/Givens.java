package roughcut.design;

import roughcut.measure.Given;
import roughcut.measure.Quantity;

/**
 * What computation starts from: each decision, with the measured value in its place where the wood
 * was measured. This is the one place where that happens; nothing further down knows the
 * difference, but every number can tell.
 */
public final class Givens {
  private final Build build;

  public Givens(Build build) {
    this.build = build;
  }

  public Design design() {
    return build.design();
  }

  /**
   * A number by its id alone.
   *
   * @param usual what it is while the design doesn't say
   */
  public Given get(String id, String label, Quantity quantity, double usual) {
    double nominal = build.design().numbers().getOrDefault(id, usual);
    Measurement measured = build.measured().get(id);
    return measured == null
        ? Given.decided(id, label, nominal, quantity)
        : new Given(id, label, measured.value(), quantity, nominal, measured.on());
  }

  public Given get(NumberDecision decision) {
    double nominal = decision.in(build.design());
    Measurement measured = build.measured().get(decision.id());
    return measured == null
        ? Given.decided(decision.id(), decision.label(), nominal, decision.quantity())
        : new Given(
            decision.id(),
            decision.label(),
            measured.value(),
            decision.quantity(),
            nominal,
            measured.on());
  }

  public Choice get(ChoiceDecision decision) {
    return decision.in(build.design());
  }
}
