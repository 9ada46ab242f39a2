package roughcut.blank;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import java.util.Comparator;
import java.util.function.DoubleUnaryOperator;
import roughcut.design.BlankDecisions;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * Wood glued to the blank's sides where the head is wider than it: what the stack lacks where it
 * lacks most, anywhere along the head; a tapered stack has less wood there than at the heel. Each
 * side on its own.
 */
public record HeadWings(Value bass, Value treble) {

  /**
   * The wings.
   *
   * @param face the head seen square to its face, treble positive
   * @param along from a place along the face to the same from the nut line, mm
   * @param head what shapes it
   */
  public static HeadWings of(
      EffectiveInputs inputs,
      NeckBlank blank,
      Outline face,
      DoubleUnaryOperator along,
      Provenance head,
      ValueRegistry registry) {
    Side each = new Side(inputs, blank, face, along, head.and(blank.provenance()), registry);
    return new HeadWings(each.wing("bass", -1), each.wing("treble", 1));
  }

  /** What both sides are worked out from. */
  private record Side(
      EffectiveInputs inputs,
      NeckBlank blank,
      Outline face,
      DoubleUnaryOperator along,
      Provenance provenance,
      ValueRegistry registry) {

    Value wing(String side, int sign) {
      Point furthest =
          face.corners().stream()
              .max(Comparator.comparingDouble(corner -> lacks(corner, sign)))
              .orElseThrow();
      Value reaches =
          SearchedValue.of(
              BlankKeys.HEAD_REACHES,
              sign * furthest.y(),
              Text.of("found where the blank is most too narrow"),
              provenance);
      Value there =
          SearchedValue.of(
              BlankKeys.BLANK_WIDTH_AT_HEAD,
              2 * half(furthest),
              Text.of("found where the blank is most too narrow"),
              provenance);
      return registry.put(
          "head.wing." + side,
          Text.of("Headstock wing, {side} side", Text.of(side)),
          LENGTH,
          lacks(furthest, sign) > 0 ? "y − W / 2 + e" : "0",
          in("y", reaches),
          in("W", there),
          in("e", inputs.get(BlankDecisions.WING_TRIM)));
    }

    private double half(Point corner) {
      return blank.halfWidth(along.applyAsDouble(corner.x()));
    }

    private double lacks(Point corner, int sign) {
      return sign * corner.y() - half(corner);
    }
  }
}
