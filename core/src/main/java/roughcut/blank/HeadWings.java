package roughcut.blank;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;

/**
 * Wood glued to the blank's sides where the head is wider than it; each side on its own, though
 * this head's outline has equal sides.
 */
public record HeadWings(Worked bass, Worked treble) {

  public static HeadWings of(Givens givens, Worked blankWidth, Ledger ledger) {
    return new HeadWings(
        side("bass", givens, blankWidth, ledger), side("treble", givens, blankWidth, ledger));
  }

  private static Worked side(String side, Givens givens, Worked blankWidth, Ledger ledger) {
    Given head = givens.get(Decisions.HEAD_WIDTH);
    Given trim = givens.get(BlankDecisions.WING_TRIM);
    double over = head.value() / 2 - blankWidth.value() / 2;
    return ledger.put(
        "head.wing." + side,
        "Head wing at the " + side + " side",
        LENGTH,
        over > 0 ? over + trim.value() : 0,
        over > 0 ? "w_h / 2 − W / 2 + e" : "0",
        in("w_h", head),
        in("W", blankWidth),
        in("e", trim));
  }
}
