package roughcut.fretboard;

import static roughcut.measure.ComputedValue.in;

import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.layout.FretboardTaper;
import roughcut.layout.MultiscaleLayout;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * What the fretboard is sawn from, and how far a bound one's tangs are cut back (handbook page 5,
 * first paragraph and "Wire").
 *
 * @param length from where it is cut at the nut to past its end
 * @param width widest with 3 to flush at each side
 * @param thickness at the crown with the sanding still to come
 * @param tangBack at each side; 0 where it isn't bound
 */
public record FretboardBlank(Value length, Value width, Value thickness, Value tangBack) {

  public static FretboardBlank of(
      EffectiveInputs inputs,
      FretboardTaper taper,
      MultiscaleLayout fan,
      NutSeat nut,
      ValueRegistry registry) {
    Value from =
        SearchedValue.of(
            FretboardKeys.FRETBOARD_HEAD_CORNER,
            taper.headmost(nut.cut().value(), fan.slant(0)),
            Text.of("found at the corner of the cut for the nut"),
            taper.provenance().and(fan.provenance()).with(nut.cut()));
    Value trim = inputs.get(BlankDecisions.END_TRIM);
    Value crown = inputs.get(Decisions.FRETBOARD_THICKNESS);
    Value sanding = inputs.get(FretboardDecisions.SANDING);
    Value binding = inputs.get(FretboardDecisions.BOUND);
    Value end = taper.endWidth();
    boolean bound = binding.value() > 0;
    if (bound) {
      // Handbook page 3: a bound fretboard is narrowed by its binding.
      registry.put(
          FretboardKeys.FRETBOARD_WOOD_NUT,
          "w − 2 · b",
          in("w", taper.nutWidth()),
          in("b", binding));
      registry.put(FretboardKeys.FRETBOARD_WOOD_END, "w − 2 · b", in("w", end), in("b", binding));
    }
    return new FretboardBlank(
        registry.put(
            FretboardKeys.FRETBOARD_BLANK_LENGTH,
            "x_e − x_c + 2 · t",
            in("x_e", taper.end()),
            in("x_c", from),
            in("t", trim)),
        registry.put(
            FretboardKeys.FRETBOARD_BLANK_WIDTH,
            "max(w_n, w_e) + 2 · s",
            in("w_n", taper.nutWidth()),
            in("w_e", end),
            in("s", inputs.get(FretboardDecisions.BLANK_SIDE))),
        registry.put(
            FretboardKeys.FRETBOARD_BLANK_THICKNESS, "t_b + σ", in("t_b", crown), in("σ", sanding)),
        registry.put(
            FretboardKeys.WIRE_TANG_BACK,
            bound ? "b + c" : "0",
            in("b", binding),
            in("c", inputs.get(FretboardDecisions.TANG_CLEAR))));
  }
}
