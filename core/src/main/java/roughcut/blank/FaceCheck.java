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

  public static FaceCheck of(EffectiveInputs inputs, ValueRegistry registry) {
    FaceUse use = inputs.get(BlankDecisions.FACE_USE);
    Value length = inputs.get(BlankDecisions.CHECK_LENGTH);
    Value per300 =
        TableValue.of(BlankKeys.CHECK_PER_300, use.gapPer300(), Text.of("the use of the face"));
    Value height = inputs.get(BlankDecisions.CHECK_SQUARE_HEIGHT);
    Value squareGap = inputs.get(BlankDecisions.CHECK_SQUARE_GAP);
    return new FaceCheck(
        use,
        inputs.get(BlankDecisions.CHECK_GAP),
        inputs.get(BlankDecisions.CHECK_WIND),
        squareGap,
        registry.put(BlankKeys.CHECK_ALLOWED, "g · ℓ / 300", in("g", per300), in("ℓ", length)),
        registry.put(BlankKeys.CHECK_ALLOWED_SQUARE, "h · 0.1 / 30", in("h", height)),
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
