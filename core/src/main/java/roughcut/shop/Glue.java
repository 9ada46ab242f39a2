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
    String note) {}
