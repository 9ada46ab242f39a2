package roughcut.design;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import roughcut.measure.InvalidInput;
import roughcut.measure.InvalidValue;
import roughcut.measure.NumberWriter;
import roughcut.measure.Quantity;
import roughcut.measure.Range;
import roughcut.measure.SettingRef;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.ValueKey;

/**
 * A decided number with the limits between which it makes sense.
 *
 * @param least smallest value taken, in the quantity's unit
 * @param most largest value taken
 * @param step what one press of an arrow key adds
 * @param follows whether it follows from others until it is decided itself
 * @param followed ids of the numbers that it follows from; a choice among kinds apart
 * @param reading what a reading of it is of, where it can be measured; empty for what is decided
 *     only
 */
public record NumberDecision(
    String id,
    Text label,
    Text hint,
    Quantity quantity,
    double least,
    double most,
    double step,
    Optional<ReadingKind> reading,
    boolean follows,
    List<String> followed,
    ToDoubleFunction<Design> getter,
    BiFunction<Design, Double, Design> setter)
    implements SettingRef, Decision {
  /** What its value is told under, whatever stands in its place. */
  public ValueKey key() {
    return new ValueKey(id, label, quantity);
  }

  /** Whether it can be measured, so that a measured value may take its place. */
  public boolean measurable() {
    return reading.isPresent();
  }

  /**
   * One that doesn't follow from others.
   *
   * @param reading what a reading of it is of; null for what is decided only
   */
  public NumberDecision(
      String id,
      Text label,
      Text hint,
      Quantity quantity,
      double least,
      double most,
      double step,
      ReadingKind reading,
      ToDoubleFunction<Design> getter,
      BiFunction<Design, Double, Design> setter) {
    this(
        id,
        label,
        hint,
        quantity,
        least,
        most,
        step,
        Optional.ofNullable(reading),
        false,
        List.of(),
        getter,
        setter);
  }

  public double in(Design design) {
    return getter.applyAsDouble(design);
  }

  /** As decided and then moved by hand: in halves of its unit, within the limits. */
  public double moved(Design design, double by) {
    return clampedInto(in(design) + by);
  }

  /** In halves of its unit, within the limits. */
  public double clampedInto(double value) {
    return Math.max(least, Math.min(most, Math.round(value * 2) / 2.0));
  }

  /**
   * The design with this number.
   *
   * @throws IllegalArgumentException outside the limits
   */
  public Design with(Design design, double value) {
    if (!allows(value)) {
      throw new InvalidValue(Text.of("{label}: {why}", label, range().refusal(value)));
    }
    return setter.apply(design, value);
  }

  /** Whether it stands at what follows from others, or at its usual value. */
  public boolean undecided(Design design) {
    return !design.numbers().containsKey(id);
  }

  /** The design in which it follows from others again. */
  public Design released(Design design) {
    Map<String, Double> left = new TreeMap<>(design.numbers());
    left.remove(id);
    return design.withNumbers(left);
  }

  /** Between what it makes sense. */
  public Range range() {
    return new Range(quantity, least, most);
  }

  public boolean allows(double value) {
    return range().allows(value);
  }

  /**
   * Reads a typed value within the limits.
   *
   * @return the value in the quantity's unit
   * @throws Unreadable in words for the maker
   */
  public double read(String text, Units units) throws InvalidInput {
    Optional<SentinelWord> none = SentinelWord.of(id);
    if (none.isPresent() && text.strip().equalsIgnoreCase(none.get().word())) {
      return none.get().value();
    }
    return range().read(text, units);
  }

  /** Whether that value stands for there being none: no veneer, nothing measured yet. */
  public boolean none(double value) {
    return SentinelWord.of(id).filter(n -> n.value() == value).isPresent();
  }

  /** A value as a field shows it: a number without its unit, or the word for there being none. */
  public String shown(double value, Units units) {
    return none(value)
        ? SentinelWord.of(id).orElseThrow().word()
        : NumberWriter.editable(value, quantity, units);
  }

  /** A value as it is told, with its unit, or the word for there being none. */
  public String told(double value, Units units) {
    return none(value) ? shown(value, units) : NumberWriter.text(value, quantity, units);
  }

  /**
   * The next value when an arrow key is pressed: so many steps on, kept within the limits. In
   * inches a step is a sixteenth for what is set to the millimetre, otherwise a sixty-fourth.
   */
  public double stepped(double value, double steps, Units units) {
    double one = !quantity.isLength() || units.metric() ? step : Units.INCH / (step >= 1 ? 16 : 64);
    double next = Math.round((value + steps * one) * 1e6) / 1e6;
    return Math.max(least, Math.min(most, quantity == Quantity.COUNT ? Math.rint(next) : next));
  }

  @Override
  public <T> T fold(Function<NumberDecision, T> number, Function<ChoiceDecision<?>, T> choice) {
    return number.apply(this);
  }

  @Override
  public Design typed(Design design, String text, Units units) throws InvalidInput {
    return follows && text.isBlank() ? released(design) : setter.apply(design, read(text, units));
  }

  @Override
  public String editable(Design design, Units units) {
    return shown(in(design), units);
  }

  @Override
  public Text decided(Design design) {
    double value = in(design);
    return SentinelWord.of(id)
        .filter(n -> n.value() == value)
        .map(n -> Text.word(n.word()))
        .orElseGet(() -> Text.only(Text.shown(value, quantity)));
  }
}
