package roughcut.measure;

import java.util.List;

/**
 * A number that no formula gives: searched for along something drawn, a least, a nearest, a count
 * of what fits.
 *
 * @param how in a sentence for the sum card; begins with “least” or “found”
 * @param provenance the values that shape what was searched
 */
public record SearchedValue(ValueKey key, double value, Text how, Provenance provenance)
    implements Value {
  /** A number found on the way to another, whose input it is. */
  public static SearchedValue of(
      String id, Text label, double value, Quantity quantity, Text how, Provenance provenance) {
    return new SearchedValue(new ValueKey(id, label, quantity), value, how, provenance);
  }

  /** The same where few values shape it. */
  public static SearchedValue of(
      String id, Text label, double value, Quantity quantity, Text how, Value... from) {
    return of(id, label, value, quantity, how, Provenance.of(from));
  }

  public static SearchedValue of(ValueKey key, double value, Text how, Provenance provenance) {
    return new SearchedValue(key, value, how, provenance);
  }

  public static SearchedValue of(ValueKey key, double value, Text how, Value... from) {
    return new SearchedValue(key, value, how, Provenance.of(from));
  }

  @Override
  public long print() {
    return Fingerprint.of(Fingerprint.of(Fingerprint.of(key, value), how), provenance.print());
  }

  @Override
  public Value as(ValueKey key) {
    return new SearchedValue(key, value, how, provenance);
  }

  @Override
  public Origin origin() {
    return Origin.FOUND;
  }

  @Override
  public List<Value> dependsOn() {
    return provenance.values();
  }

  @Override
  public boolean fromMeasured() {
    return provenance.fromMeasured();
  }
}
