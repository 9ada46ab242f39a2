package roughcut.blank;

import static roughcut.measure.ComputedValue.in;

import roughcut.design.BlankDecisions;
import roughcut.design.FaceUse;
import roughcut.measure.Precision;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * Whether a planed face is flat enough for what it is to be, free of wind, and its edge square
 * (handbook page 3, "Flatness").
 *
 * @param allowed gap that is accepted over the straightedge's length
 * @param outOfSquare how far the edge leans, degrees
 */
public record FaceCheck(
    FaceUse use,
    Value gap,
    Value wind,
    Value squareGap,
    Value allowed,
    Value allowedSquare,
    Value outOfSquare) {

  /** A square shows the light of so much over 30 mm of height, mm (handbook page 3, “Flatness”). */
  private static final double SQUARE_PER_30 = 0.1;

  /** What is accepted under a straightedge for that use, over 300 mm. */
  public static Value per300(FaceUse use) {
    return TableValue.of(BlankKeys.CHECK_PER_300, use.gapPer300(), use.label());
  }

  public static FaceCheck of(EffectiveInputs inputs, ValueRegistry registry) {
    FaceUse use = inputs.get(BlankDecisions.FACE_USE);
    Value length = inputs.get(BlankDecisions.CHECK_LENGTH);
    Value square =
        TableValue.of(
            BlankKeys.CHECK_SQUARE_PER_30, SQUARE_PER_30, Text.of("a square against the light"));
    Value height = inputs.get(BlankDecisions.CHECK_SQUARE_HEIGHT);
    Value squareGap = inputs.get(BlankDecisions.CHECK_SQUARE_GAP);
    return new FaceCheck(
        use,
        inputs.get(BlankDecisions.CHECK_GAP),
        inputs.get(BlankDecisions.CHECK_WIND),
        squareGap,
        registry.put(BlankKeys.CHECK_ALLOWED, "g · ℓ / 300", in("g", per300(use)), in("ℓ", length)),
        registry.put(
            BlankKeys.CHECK_ALLOWED_SQUARE, "g · h / 30", in("g", square), in("h", height)),
        registry.put(BlankKeys.CHECK_LEAN, "100 · g / h", in("g", squareGap), in("h", height)));
  }

  public boolean flat() {
    return gap.value() <= allowed.value() + Precision.SAME;
  }

  public boolean isUntwisted() {
    return wind.value() <= allowed.value() + Precision.SAME;
  }

  public boolean square() {
    return squareGap.value() <= allowedSquare.value() + Precision.SAME;
  }

  public boolean passes() {
    return flat() && isUntwisted() && square();
  }
}
