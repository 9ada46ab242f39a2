package roughcut.measure;

/**
 * A number with a name, that can be asked where it comes from: {@link Given} by the maker or {@link
 * Worked} out from others.
 */
public sealed interface Value permits Given, Worked {
  /** Stable name, for reports, fields and links. */
  String id();

  /** What the maker calls it. */
  String label();

  /** In the quantity's own unit: mm, degrees, a count or a plain number. */
  double value();

  Quantity quantity();

  /** Shown with its unit, in the maker's units. */
  default String text(Units units) {
    return NumberWriter.text(value(), quantity(), units);
  }
}
