package roughcut.measure;

import java.time.LocalDate;

/**
 * A number that the maker gave: decided, or measured on the wood. A measured value stands in the
 * decided one's place everywhere downstream, and still knows what was decided.
 *
 * @param nominal the decision; equal to {@code value} while nothing was measured
 * @param measuredOn the day of measuring, or null while the decision stands
 */
public record Given(
    String id, String label, double value, Quantity quantity, double nominal, LocalDate measuredOn)
    implements Value {
  /** A decision that nothing measured has replaced. */
  public static Given decided(String id, String label, double value, Quantity quantity) {
    return new Given(id, label, value, quantity, value, null);
  }

  public boolean measured() {
    return measuredOn != null;
  }
}
