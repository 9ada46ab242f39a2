package roughcut.measure;

import java.util.List;

/**
 * A number that no formula gives: searched for along something drawn, a least, a nearest, a count
 * of what fits.
 *
 * @param how in a sentence for the sum card; begins with “least” or “found”
 * @param basis the values that shape what was searched
 */
public record Found(ValueKey key, double value, String how, Basis basis) implements Value {
  /** A number found on the way to another, whose input it is. */
  public static Found of(
      String id, String label, double value, Quantity quantity, String how, Basis basis) {
    return new Found(new ValueKey(id, label, quantity), value, how, basis);
  }

  /** The same where few values shape it. */
  public static Found of(
      String id, String label, double value, Quantity quantity, String how, Value... from) {
    return of(id, label, value, quantity, how, Basis.of(from));
  }

  public static Found of(ValueKey key, double value, String how, Basis basis) {
    return new Found(key, value, how, basis);
  }

  public static Found of(ValueKey key, double value, String how, Value... from) {
    return new Found(key, value, how, Basis.of(from));
  }

  @Override
  public long print() {
    return Print.of(Print.of(Print.of(key, value), how), basis.print());
  }

  @Override
  public Value as(ValueKey key) {
    return new Found(key, value, how, basis);
  }

  @Override
  public Origin origin() {
    return Origin.FOUND;
  }

  @Override
  public List<Value> dependsOn() {
    return basis.values();
  }

  @Override
  public boolean fromMeasured() {
    return basis.fromMeasured();
  }
}
