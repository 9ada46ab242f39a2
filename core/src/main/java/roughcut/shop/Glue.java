package roughcut.shop;

/**
 * A glue.
 *
 * @param open open time at 20 °C, s
 * @param clampMinutes time in the clamps
 * @param cureHours until it may be worked
 * @param coverage g/m² on a face
 * @param least lowest temperature at which it sets, °C
 * @param gap widest gap that it bridges, mm
 * @param warmthLengthens whether warmth gives more time (it gels as it cools) rather than less
 */
public record Glue(
    String id,
    String name,
    double open,
    double clampMinutes,
    double cureHours,
    double coverage,
    double least,
    double gap,
    boolean warmthLengthens,
    String note) {

  /** Open time at a temperature, s (handbook page 3); 0 below the least. */
  public double openAt(double celsius) {
    if (celsius < least) {
      return 0;
    }
    double tens = (celsius - 20) / 10;
    if (warmthLengthens) {
      return open * Math.pow(1.5, tens);
    }
    return open * (tens > 0 ? Math.pow(2, -tens) : Math.pow(1.5, -tens));
  }
}
