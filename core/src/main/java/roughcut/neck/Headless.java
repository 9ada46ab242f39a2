package roughcut.neck;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.design.NumberDecision;
import roughcut.design.RoutDecisions;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.ComputedValue;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;

/**
 * A neck without a headstock: it runs on past the nut as it is, as far as its headpiece needs. What
 * is asked of a headstock elsewhere is answered by that end: flat, as wide as the neck, as thick as
 * the neck under its fretboard.
 */
public final class Headless {
  private static final Text NO_HEAD = Text.of("there is no headstock");

  private Headless() {}

  /** Whether a neck is made so. */
  public static boolean is(EffectiveInputs inputs) {
    return switch (inputs.get(NeckDecisions.HEAD_MAKING)) {
      case HEADLESS -> true;
      case SCARF, ONE_PIECE, FLAT -> false;
    };
  }

  /** What stands in the place of a headstock's decisions, by their ids; nothing on any other. */
  public static Map<String, Value> standsIn(
      EffectiveInputs inputs, FretLayout frets, FretboardTaper taper) {
    if (!is(inputs)) {
      return Map.of();
    }
    Map<String, Value> all = new LinkedHashMap<>();
    for (NumberDecision none :
        List.of(
            Decisions.HEAD_ANGLE,
            NeckDecisions.HEAD_STEP,
            Decisions.HEAD_VENEER,
            Decisions.HEAD_BACK_VENEER)) {
      all.put(none.id(), TableValue.of(none.key(), 0, NO_HEAD));
    }
    Value stub = inputs.get(NeckDecisions.HEAD_STUB);
    all.put(
        Decisions.HEAD_LENGTH.id(),
        ComputedValue.of(
            Decisions.HEAD_LENGTH.key().called(stub.label()), "ℓ", ComputedValue.in("ℓ", stub)));
    all.put(
        Decisions.HEAD_WIDTH.id(),
        ComputedValue.of(
            Decisions.HEAD_WIDTH.key().called(taper.nutWidth().label()),
            "w",
            ComputedValue.in("w", taper.nutWidth())));
    EffectiveInputs.Watched<Double> depth =
        inputs.tracked(() -> ThicknessLine.of(inputs, frets).depth(HeadLine.of(inputs).breakX()));
    all.put(
        Decisions.HEAD_THICKNESS.id(),
        SearchedValue.of(
            Decisions.HEAD_THICKNESS.key().called(Text.of("Thickness past the nut")),
            depth.made(),
            Text.of("found where the back of the neck reaches the nut"),
            depth.asked().and(frets.provenance())));
    all.put(
        RoutDecisions.OTHER_AT.id(),
        ComputedValue.of(
            RoutDecisions.OTHER_AT.key().called(Text.of("Of which the headpiece")),
            "min(1, m_h / max(1, m_o))",
            ComputedValue.in("m_h", inputs.get(NeckDecisions.HEADPIECE_MASS)),
            ComputedValue.in("m_o", inputs.get(RoutDecisions.OTHER_MASS))));
    return all;
  }
}
