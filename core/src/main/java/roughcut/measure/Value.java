package roughcut.measure;

import java.util.List;
import java.util.Optional;

/**
 * A number with a name, that can be asked where it comes from. There are five kinds, and no number
 * passes as another: what the maker {@link DecidedValue}, what was {@link MeasuredValue} off the
 * wood, what is {@link TableValue} beforehand, what is {@link ComputedValue} out by a formula, and
 * what is {@link SearchedValue} by a search.
 */
public sealed interface Value extends SettingRef
    permits DecidedValue, MeasuredValue, TableValue, ComputedValue, SearchedValue {
  ValueKey key();

  /** In the quantity's own unit: mm, degrees, a count or a plain number. */
  double value();

  /** Stands for the number with all that it was made from, however far back. */
  long print();

  /** The values that it was made from, none where it came from outside. */
  List<Value> dependsOn();

  /** Whether it was read off the wood, or anything that it was made from, however far back. */
  boolean fromMeasured();

  @Override
  default String id() {
    return key().id();
  }

  /** What the maker calls it. */
  default Text label() {
    return key().label();
  }

  default Quantity quantity() {
    return key().quantity();
  }

  /** Whether it was itself read off the wood. */
  default boolean measured() {
    return false;
  }

  /** What was decided, where a reading stands in its place; the value itself otherwise. */
  default double nominal() {
    return value();
  }

  /** Of which of the five kinds it is. */
  Origin origin();

  /** The reading that it is; empty for what wasn't itself read. */
  default Optional<MeasuredValue> reading() {
    return Optional.empty();
  }

  /**
   * Where it comes from: the formula, how it was searched for, or its source; empty for neither.
   */
  default Text how() {
    return Text.NONE;
  }

  /** What it was made from, each under its symbol; without one where no formula names it. */
  default List<ComputedValue.Input> inputs() {
    return dependsOn().stream().map(v -> new ComputedValue.Input("", v)).toList();
  }

  /** The same number under another name. */
  Value as(ValueKey key);

  /** Shown with its unit, in the maker's units. */
  default String text(Units units) {
    return NumberWriter.text(value(), quantity(), units);
  }
}
