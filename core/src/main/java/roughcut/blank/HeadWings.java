package roughcut.blank;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

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
    return new HeadWings(
        side("bass", -1, givens, blank, face, along, head, ledger),
        side("treble", 1, givens, blank, face, along, head, ledger));
  }

  private static Value side(
      String side,
      int sign,
      Givens givens,
      NeckBlank blank,
      Outline face,
      DoubleUnaryOperator along,
      Basis head,
      Ledger ledger) {
    Point furthest = null;
    double over = Double.NEGATIVE_INFINITY;
    for (Point corner : face.corners()) {
      double lacks = sign * corner.y() - blank.halfWidth(along.applyAsDouble(corner.x()));
      if (lacks > over) {
        over = lacks;
        furthest = corner;
      }
    }
    Value reaches =
        Found.of(
            BlankKeys.HEAD_REACHES,
            sign * furthest.y(),
            "found where the blank lacks most",
            head.and(blank.basis()));
    Value there =
        Found.of(
            BlankKeys.BLANK_WIDTH_AT_HEAD,
            2 * blank.halfWidth(along.applyAsDouble(furthest.x())),
            "found where the blank lacks most",
            head.and(blank.basis()));
    return ledger.put(
        "head.wing." + side,
        "Headstock wing at the " + side + " side",
        LENGTH,
        over > 0 ? "y − W / 2 + e" : "0",
        in("y", reaches),
        in("W", there),
        in("e", givens.get(BlankDecisions.WING_TRIM)));
  }
}
