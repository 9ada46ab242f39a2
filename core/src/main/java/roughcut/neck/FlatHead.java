package roughcut.neck;

import static roughcut.measure.ComputedValue.in;

import roughcut.design.NeckDecisions;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * A head in line with the neck, its face a step lower: what depth that wants, and how long the
 * drum's way down to the face is (handbook page 4, "Flat, stepped down").
 *
 * @param depth of the blank
 * @param length of that blank, from the tip to the heel's end
 * @param run of the transition from the break line, along the head
 */
public record FlatHead(Value depth, Value length, Value run) {

  public static FlatHead of(
      EffectiveInputs inputs, HeadLine head, Value heelEnd, ValueRegistry registry) {
    Value step = head.step();
    Value radius = inputs.get(NeckDecisions.STEP_RADIUS);
    return new FlatHead(
        registry.put(
            NeckKeys.HEAD_FLAT_DEPTH, "s + t_h", in("s", step), in("t_h", head.thickness())),
        registry.put(
            NeckKeys.HEAD_FLAT_LENGTH,
            "x_heel + nut + ℓ_h",
            in("x_heel", heelEnd),
            in("nut", head.nutThickness()),
            in("ℓ_h", head.length())),
        registry.put(
            NeckKeys.HEAD_STEP_RUN,
            "√(min(s, R) · (2 · R − min(s, R)))",
            in("s", step),
            in("R", radius)));
  }
}
