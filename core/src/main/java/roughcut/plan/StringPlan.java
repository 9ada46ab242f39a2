package roughcut.plan;

import java.util.List;
import roughcut.layout.FretLayout;
import roughcut.layout.StringSpread;
import roughcut.measure.Ledger;
import roughcut.memo.Memo;
import roughcut.record.Givens;
import roughcut.strings.Bridge;
import roughcut.strings.Compensation;
import roughcut.strings.Heights;
import roughcut.strings.SetUp;
import roughcut.strings.StringPull;

/** Strings and bridge, and how high they lie over the body. */
public record StringPlan(
    StringPull pull,
    Compensation compensation,
    Bridge bridge,
    Heights heights,
    SetUp setUp,
    Told told) {

  static StringPlan of(Ground ground, LayoutPlan layout, FretboardPlan fretboard, Memo memo) {
    Givens givens = ground.givens();
    FretLayout frets = layout.frets();
    StringSpread strings = layout.strings();
    Ledger ledger = new Ledger();
    StringPull pull = StringPull.of(givens, strings, ledger);
    Compensation compensation = Compensation.of(givens, strings, pull, ledger);
    Bridge bridge =
        memo.same(
            "bridge", Bridge.of(givens, frets, layout.taper(), strings, compensation, ledger));
    Heights heights =
        memo.same(
            "heights",
            Heights.of(givens, frets, strings, fretboard.radius(), bridge.kind(), ledger));
    SetUp setUp = SetUp.of(givens, bridge, ledger);
    return new StringPlan(
        pull,
        compensation,
        bridge,
        heights,
        setUp,
        Told.of(
            ledger,
            List.of(),
            List.of(
                StringProblems.of(givens, bridge),
                Readiness.strings(heights, bridge),
                setUp.findings())));
  }
}
