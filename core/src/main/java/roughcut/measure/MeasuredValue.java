package roughcut.measure;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What was read off the wood. It stands in the other's place everywhere downstream, and still knows
 * it.
 *
 * @param instead what it stands for: a decision mostly, or a number that was worked out
 * @param on the day of reading
 */
public record MeasuredValue(Value instead, double value, LocalDate on) implements Value {
  @Override
  public ValueKey key() {
    return instead.key();
  }

  @Override
  public double nominal() {
    return instead.value();
  }

  @Override
  public Optional<MeasuredValue> reading() {
    return Optional.of(this);
  }

  @Override
  public boolean measured() {
    return true;
  }

  @Override
  public long print() {
    return Fingerprint.of(Fingerprint.of(instead.print(), value), on);
  }

  @Override
  public Value as(ValueKey key) {
    return new MeasuredValue(instead.as(key), value, on);
  }

  @Override
  public Origin origin() {
    return Origin.MEASURED;
  }

  @Override
  public List<Value> dependsOn() {
    return List.of(instead);
  }

  @Override
  public boolean fromMeasured() {
    return true;
  }
}
