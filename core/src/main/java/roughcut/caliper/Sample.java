package roughcut.caliper;

/**
 * One reading as it was sent.
 *
 * @param mm always millimetres, whatever the caliper's own unit is
 * @param millis when, by any steady clock
 */
public record Sample(double mm, long millis) {
  public Sample {
    if (!Double.isFinite(mm)) {
      throw new IllegalArgumentException("a reading is a number");
    }
  }
}
