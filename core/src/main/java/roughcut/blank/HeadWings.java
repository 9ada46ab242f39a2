package roughcut.blank;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.measure.Basis;
import roughcut.measure.Found;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.record.Givens;

/**
 * Wood glued to the blank's sides where the head is wider than it: what the stack lacks where the
 * head is widest, which on a tapered stack is less wood than it has at the heel. Each side on its
 * own, though this head's outline has equal sides.
 */
public record HeadWings(Value bass, Value treble) {

  /**
   * The wings.
   *
   * @param widestX where the head is widest, from the nut line, mm
   */
  public static HeadWings of(
      Givens givens, NeckBlank blank, Basis head, double widestX, Ledger ledger) {
    Value there =
        Found.of(
            BlankKeys.BLANK_WIDTH_AT_HEAD,
            2 * blank.halfWidth(widestX),
            "found where the headstock is widest",
            blank.basis().and(head));
    return new HeadWings(
        side("bass", givens, there, ledger), side("treble", givens, there, ledger));
  }

  private static Value side(String side, Givens givens, Value blankWidth, Ledger ledger) {
    Value head = givens.get(Decisions.HEAD_WIDTH);
    Value trim = givens.get(BlankDecisions.WING_TRIM);
    double over = head.value() / 2 - blankWidth.value() / 2;
    return ledger.put(
        "head.wing." + side,
        "Headstock wing at the " + side + " side",
        LENGTH,
        over > 0 ? "w_h / 2 − W / 2 + e" : "0",
        in("w_h", head),
        in("W", blankWidth),
        in("e", trim));
  }
}
