package roughcut.plan;

import java.util.List;
import roughcut.layout.BodyOutline;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.measure.Ledger;
import roughcut.memo.Memo;
import roughcut.record.Givens;
import roughcut.thin.LayoutThinSpots;

/**
 * Where everything lies, seen from above: frets, taper, strings, the body's outline.
 *
 * @param outline of the body
 */
public record LayoutPlan(
    FretLayout frets, FretboardTaper taper, StringSpread strings, BodyOutline outline, Told told) {

  static LayoutPlan of(Ground ground, Memo memo) {
    Givens givens = ground.givens();
    Ledger ledger = new Ledger();
    FretLayout frets = memo.same("frets", FretLayout.of(givens, ledger));
    FretboardTaper taper = memo.same("taper", FretboardTaper.of(givens, frets, ledger));
    StringSpread strings = memo.same("spread", StringSpread.of(givens, frets, ledger));
    BodyOutline outline = memo.same("outline", BodyOutline.of(givens, taper, ledger));
    return new LayoutPlan(
        frets,
        taper,
        strings,
        outline,
        Told.of(
            ledger,
            LayoutThinSpots.of(ground.shop(), frets, strings, taper, ledger),
            List.of(
                LayoutProblems.of(givens, frets, taper, strings),
                Readiness.limits(ground.shop()))));
  }
}
