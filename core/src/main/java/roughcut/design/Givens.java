package roughcut.design;

import java.util.HashMap;
import java.util.Map;
import roughcut.measure.Given;
import roughcut.measure.Quantity;

/**
 * What computation starts from: each decision, with the measured value in its place where the wood
 * was measured. This is the one place where that happens; nothing further down knows the
 * difference, but every number can tell.
 */
public final class Givens {
  private final Build build;
  private final Map<String, Given> following;
  private Design real;

  public Givens(Build build) {
    this(build, Map.of());
  }

  private Givens(Build build, Map<String, Given> following) {
    this.build = build;
    this.following = Map.copyOf(following);
  }

  /**
   * The same with values that follow from what was worked out already standing in some decisions'
   * places, by id: a through-neck's core ends where its body does, whatever was decided before.
   */
  public Givens following(Map<String, Given> values) {
    return new Givens(build, values);
  }

  /** Whether the maker decided or measured it, so that it follows from nothing else. */
  public boolean own(NumberDecision decision) {
    return !decision.undecided(build.design()) || build.measured().containsKey(decision.id());
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
    Given stands = following.get(decision.id());
    if (stands != null) {
      return stands;
    }
    // What follows from others follows from them as they really are.
    boolean follows = decision.follows() && decision.undecided(build.design());
    double nominal = decision.in(follows ? real() : build.design());
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

  /** The design with what was measured in its place. */
  private Design real() {
    if (real == null) {
      Map<String, Double> numbers = new HashMap<>(build.design().numbers());
      build.measured().forEach((id, reading) -> numbers.put(id, reading.value()));
      real = build.measured().isEmpty() ? build.design() : build.design().withNumbers(numbers);
    }
    return real;
  }

  public Choice get(ChoiceDecision decision) {
    return decision.in(build.design());
  }
}
