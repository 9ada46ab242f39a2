package roughcut.blank;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.Comparator;
import java.util.function.DoubleUnaryOperator;
import roughcut.design.BlankDecisions;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Basis;
import roughcut.measure.Found;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.record.Givens;

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
      Givens givens,
      NeckBlank blank,
      Outline face,
      DoubleUnaryOperator along,
      Basis head,
      Ledger ledger) {
    Side each = new Side(givens, blank, face, along, head.and(blank.basis()), ledger);
    return new HeadWings(each.wing("bass", -1), each.wing("treble", 1));
  }

  /** What both sides are worked out from. */
  private record Side(
      Givens givens,
      NeckBlank blank,
      Outline face,
      DoubleUnaryOperator along,
      Basis basis,
      Ledger ledger) {

    Value wing(String side, int sign) {
      Point furthest =
          face.corners().stream()
              .max(Comparator.comparingDouble(corner -> lacks(corner, sign)))
              .orElseThrow();
      Value reaches =
          Found.of(
              BlankKeys.HEAD_REACHES,
              sign * furthest.y(),
              "found where the blank lacks most",
              basis);
      Value there =
          Found.of(
              BlankKeys.BLANK_WIDTH_AT_HEAD,
              2 * half(furthest),
              "found where the blank lacks most",
              basis);
      return ledger.put(
          "head.wing." + side,
          "Headstock wing at the " + side + " side",
          LENGTH,
          lacks(furthest, sign) > 0 ? "y − W / 2 + e" : "0",
          in("y", reaches),
          in("W", there),
          in("e", givens.get(BlankDecisions.WING_TRIM)));
    }

    private double half(Point corner) {
      return blank.halfWidth(along.applyAsDouble(corner.x()));
    }

    private double lacks(Point corner, int sign) {
      return sign * corner.y() - half(corner);
    }
  }
}
