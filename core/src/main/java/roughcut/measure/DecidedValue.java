package roughcut.measure;

import java.util.List;

/** The maker's choice, or the usual one while the maker has made none. */
public record DecidedValue(ValueKey key, double value) implements Value {
  public static DecidedValue of(String id, Text label, double value, Quantity quantity) {
    return new DecidedValue(new ValueKey(id, label, quantity), value);
  }

  @Override
  public long print() {
    return Fingerprint.of(key, value);
  }

  @Override
  public Value as(ValueKey key) {
    return new DecidedValue(key, value);
  }

  @Override
  public Origin origin() {
    return Origin.DECIDED;
  }

  @Override
  public List<Value> dependsOn() {
    return List.of();
  }

  @Override
  public boolean fromMeasured() {
    return false;
  }
}
