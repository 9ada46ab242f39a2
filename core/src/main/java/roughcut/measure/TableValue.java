package roughcut.measure;

import java.util.List;

/**
 * A number that neither the wood nor the maker's decisions change: of a table, of a thing in the
 * shop, of nature, or counted.
 *
 * @param source where it stands: “the bridge's listed sizes”, “the board's label”, “handbook 5”
 */
public record TableValue(ValueKey key, double value, Text source) implements Value {
  public static TableValue of(String id, Text label, double value, Quantity quantity, Text source) {
    return new TableValue(new ValueKey(id, label, quantity), value, source);
  }

  public static TableValue of(ValueKey key, double value, Text source) {
    return new TableValue(key, value, source);
  }

  @Override
  public Text how() {
    return source;
  }

  @Override
  public long print() {
    return Fingerprint.of(Fingerprint.of(key, value), source);
  }

  @Override
  public Value as(ValueKey key) {
    return new TableValue(key, value, source);
  }

  @Override
  public Origin origin() {
    return Origin.KNOWN;
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
