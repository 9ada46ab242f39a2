package roughcut.blank;

import static roughcut.measure.ComputedValue.in;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.BlankDecisions;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * A board followed down to thickness: full passes, the remainder, then the finishing cut, faces
 * alternated, never past the target (handbook page 3). The bite is the machine's real one as soon
 * as it was measured.
 *
 * @param depths what each pass takes, in order; they add up to what is to come off
 * @param full how many passes at the full bite
 * @param remainder the pass between the full ones and the finishing cut; 0 when there is none
 */
public record MillingPasses(
    Value from, Value to, List<Double> depths, Value full, Value remainder) {

  public MillingPasses {
    depths = List.copyOf(depths);
  }

  public static MillingPasses of(EffectiveInputs inputs, ValueRegistry registry) {
    Value from = inputs.get(BlankDecisions.MILL_FROM);
    Value to = inputs.get(BlankDecisions.MILL_TO);
    Value bite = inputs.get(BlankDecisions.MILL_BITE);
    Value finish = inputs.get(BlankDecisions.MILL_FINISH);
    List<Double> depths = passes(from.value(), to.value(), bite.value(), finish.value());
    Value full =
        registry.put(
            BlankKeys.MILL_FULL_PASSES,
            "floor(max(0, m − t − f) / d)",
            in("m", from),
            in("t", to),
            in("f", finish),
            in("d", bite));
    Value remainder =
        registry.put(
            BlankKeys.MILL_REMAINDER,
            "max(0, max(0, m − t − f) − n · d)",
            in("m", from),
            in("t", to),
            in("f", finish),
            in("n", full),
            in("d", bite));
    registry.put(
        BlankKeys.MILL_FINISH_PASS,
        "max(0, min(m − t, f))",
        in("m", from),
        in("t", to),
        in("f", finish));
    registry.find(
        BlankKeys.MILL_PASSES,
        depths.size(),
        Text.of("found by counting them"),
        from,
        to,
        bite,
        finish);
    return new MillingPasses(from, to, depths, full, remainder);
  }

  /**
   * What each pass takes from {@code from} down to {@code to}; empty when there is nothing left to
   * take.
   */
  public static List<Double> passes(double from, double to, double bite, double finish) {
    List<Double> depths = new ArrayList<>();
    double left = from - to;
    double last = Math.min(left, finish);
    double before = left - last;
    while (before >= bite - Precision.SAME) {
      depths.add(bite);
      before -= bite;
    }
    if (before > Precision.SAME) {
      depths.add(before);
    }
    if (last > Precision.SAME) {
      depths.add(last);
    }
    return depths;
  }
}
