package roughcut.plan;

import java.util.List;
import roughcut.clearance.LayoutClearances;
import roughcut.layout.BodyOutline;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.layout.StringSpread;
import roughcut.measure.ValueRegistry;
import roughcut.memo.Memo;
import roughcut.record.EffectiveInputs;

/**
 * Where everything lies, seen from above: frets, taper, strings, the body's outline.
 *
 * @param outline of the body
 */
public record LayoutPlan(
    FretLayout frets,
    FretboardTaper taper,
    StringSpread strings,
    BodyOutline outline,
    ChapterResult told) {

  static LayoutPlan of(PlanInputs given, Memo memo) {
    EffectiveInputs inputs = given.inputs();
    ValueRegistry registry = new ValueRegistry();
    FretLayout frets = memo.same("frets", FretLayout.of(inputs, registry));
    FretboardTaper taper = memo.same("taper", FretboardTaper.of(inputs, frets, registry));
    StringSpread strings = memo.same("spread", StringSpread.of(inputs, frets, registry));
    BodyOutline outline = memo.same("outline", BodyOutline.of(inputs, taper, registry));
    return new LayoutPlan(
        frets,
        taper,
        strings,
        outline,
        ChapterResult.of(
            registry,
            LayoutClearances.of(given.shop(), frets, strings, taper, registry),
            List.of(
                LayoutProblems.of(inputs, frets, taper, strings), Readiness.limits(given.shop()))));
  }
}
