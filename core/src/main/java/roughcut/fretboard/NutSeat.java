package roughcut.fretboard;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.Givens;
import roughcut.design.NutKind;
import roughcut.design.StringDecisions;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;

/**
 * What the nut's kind asks of fretboard and blank (handbook page 2, "Nut"). Places from the nut
 * line, negative towards the head.
 *
 * @param front the nut's front edge
 * @param cut where the fretboard is cut off at the head
 * @param blankLength of the nut's blank, across the neck, a millimetre to spare at each side
 * @param blankHeight of the nut's blank from its seat to over the highest string
 * @param keepClear pins and stiffeners begin behind this
 */
public record NutSeat(
    NutKind kind,
    Worked front,
    Worked cut,
    Worked blankLength,
    Worked blankHeight,
    Worked keepClear) {
  /** What is left over the strings to file away, mm. */
  private static final double OVER = 1.5;

  public static NutSeat of(Givens givens, FretboardTaper taper, Ledger ledger) {
    NutKind kind = (NutKind) givens.get(FretboardDecisions.NUT_KIND);
    Given gap = givens.get(FretboardDecisions.NUT_GAP);
    Given lip = givens.get(FretboardDecisions.NUT_LIP);
    Given thickness = givens.get(Decisions.NUT_THICKNESS);
    Given floor = givens.get(FretboardDecisions.NUT_FLOOR);
    Given board = givens.get(Decisions.FRETBOARD_THICKNESS);
    Given fret = givens.get(FretboardDecisions.WIRE_HEIGHT);
    Given action = givens.get(StringDecisions.ACTION_NUT);
    Given screws = givens.get(FretboardDecisions.NUT_SCREWS);
    Given width = taper.nutWidth();
    boolean zero = kind == NutKind.ZERO_FRET;
    boolean slot = kind == NutKind.SLOT;
    Worked front =
        ledger.put(
            "nut.front",
            "Nut's front edge",
            LENGTH,
            zero ? -gap.value() : 0,
            zero ? "−g" : "0",
            in("g", gap));
    double back = front.value() - thickness.value();
    Worked cut =
        ledger.put(
            "nut.fretboard-cut",
            "Fretboard is cut at",
            LENGTH,
            slot ? back - lip.value() : zero ? front.value() : 0,
            slot ? "x − t − l" : zero ? "x" : "0",
            in("x", front),
            in("t", thickness),
            in("l", lip));
    return new NutSeat(
        kind,
        front,
        cut,
        ledger.put(
            "nut.blank-length",
            "Nut blank, across the neck",
            LENGTH,
            width.value() + 2,
            "w + 2",
            in("w", width)),
        ledger.put(
            "nut.blank-height",
            "Nut blank, high",
            LENGTH,
            board.value() - floor.value() + fret.value() + action.value() + OVER,
            "t_b − z + t_f + a + 1.5",
            in("t_b", board),
            in("z", floor),
            in("t_f", fret),
            in("a", action)),
        ledger.put(
            "nut.keep-clear",
            "Pins and stiffeners begin behind",
            LENGTH,
            kind == NutKind.LOCKING ? screws.value() : Math.max(0, front.value()),
            kind == NutKind.LOCKING ? "s" : "max(0, x)",
            in("s", screws),
            in("x", front)));
  }
}
