package roughcut.plan;

import java.util.List;
import roughcut.clearance.FretboardClearances;
import roughcut.fretboard.FretboardRadius;
import roughcut.fretboard.FretboardWork;
import roughcut.fretboard.Markers;
import roughcut.fretboard.Slots;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.memo.Memo;
import roughcut.record.EffectiveInputs;

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
    ChapterResult told) {

  static FretboardPlan of(PlanInputs given, LayoutPlan layout, Memo memo) {
    EffectiveInputs inputs = given.inputs();
    FretLayout frets = layout.frets();
    FretboardTaper taper = layout.taper();
    ValueRegistry registry = new ValueRegistry();
    FretboardRadius radius = memo.same("radius", FretboardRadius.of(inputs, taper, registry));
    Slots slots = memo.same("slots", Slots.of(inputs, frets, taper, radius, registry));
    Markers markers = Markers.of(inputs, frets, taper, radius, registry);
    Value sideDots = Markers.sideDots(inputs, slots, frets.provenance(), registry);
    FretboardWork work = FretboardWork.of(inputs, frets, taper, layout.strings(), radius, registry);
    return new FretboardPlan(
        radius,
        slots,
        markers,
        sideDots,
        work,
        ChapterResult.of(
            registry,
            FretboardClearances.of(given.shop(), frets, radius, slots, work.notchLeft(), sideDots),
            List.of(
                Readiness.fretboard(inputs, slots, markers, work),
                DotProblems.of(inputs, frets, taper, markers))));
  }
}
