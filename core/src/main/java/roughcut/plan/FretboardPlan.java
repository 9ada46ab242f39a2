package roughcut.plan;

import java.util.List;
import roughcut.fretboard.FretboardRadius;
import roughcut.fretboard.FretboardWork;
import roughcut.fretboard.Markers;
import roughcut.fretboard.Slots;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.memo.Memo;
import roughcut.record.Givens;
import roughcut.thin.FretboardThinSpots;

/**
 * The fretboard.
 *
 * @param sideDots from a side dot to the nearest slot
 */
public record FretboardPlan(
    FretboardRadius radius,
    Slots slots,
    Markers markers,
    Value sideDots,
    FretboardWork work,
    Told told) {

  static FretboardPlan of(Ground ground, LayoutPlan layout, Memo memo) {
    Givens givens = ground.givens();
    FretLayout frets = layout.frets();
    FretboardTaper taper = layout.taper();
    Ledger ledger = new Ledger();
    FretboardRadius radius = memo.same("radius", FretboardRadius.of(givens, taper, ledger));
    Slots slots = memo.same("slots", Slots.of(givens, frets, taper, radius, ledger));
    Markers markers = Markers.of(givens, frets, taper, radius, ledger);
    Value sideDots = Markers.sideDots(givens, slots, frets.basis(), ledger);
    FretboardWork work = FretboardWork.of(givens, frets, taper, layout.strings(), radius, ledger);
    return new FretboardPlan(
        radius,
        slots,
        markers,
        sideDots,
        work,
        Told.of(
            ledger,
            FretboardThinSpots.of(ground.shop(), frets, radius, slots, work.notchLeft(), sideDots),
            List.of(
                Readiness.fretboard(givens, slots, markers, work),
                DotProblems.of(givens, frets, taper, markers))));
  }
}
