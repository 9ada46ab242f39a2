package roughcut.plan;

import java.util.List;
import roughcut.layout.FretLayout;
import roughcut.layout.StringSpread;
import roughcut.measure.ValueRegistry;
import roughcut.memo.Memo;
import roughcut.record.EffectiveInputs;
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
    ChapterResult told) {

  static StringPlan of(PlanInputs given, LayoutPlan layout, FretboardPlan fretboard, Memo memo) {
    EffectiveInputs inputs = given.inputs();
    FretLayout frets = layout.frets();
    StringSpread strings = layout.strings();
    ValueRegistry registry = new ValueRegistry();
    StringPull pull = StringPull.of(inputs, strings, registry);
    Compensation compensation = Compensation.of(inputs, strings, pull, registry);
    Bridge bridge =
        memo.same(
            "bridge", Bridge.of(inputs, frets, layout.taper(), strings, compensation, registry));
    Heights heights =
        memo.same(
            "heights",
            Heights.of(inputs, frets, strings, fretboard.radius(), bridge.kind(), registry));
    SetUp setUp = SetUp.of(inputs, bridge, registry);
    return new StringPlan(
        pull,
        compensation,
        bridge,
        heights,
        setUp,
        ChapterResult.of(
            registry,
            List.of(),
            List.of(
                StringProblems.of(inputs, bridge),
                Readiness.strings(heights, bridge),
                setUp.findings())));
  }
}
