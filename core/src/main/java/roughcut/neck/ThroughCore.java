package roughcut.neck;

import static roughcut.measure.ComputedValue.in;

import java.util.Map;
import java.util.Optional;
import roughcut.design.BlankDecisions;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.layout.BodyOutline;
import roughcut.layout.FretboardTaper;
import roughcut.measure.ComputedValue;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.strings.Heights;

/**
 * The core of a through-neck: it ends where the body does, and reaches from the fretboard's
 * underside to the body's back, deeper towards the body's end the more the neck leans; whatever was
 * decided about a heel before (handbook page 8, “with the neck angle taken in the core”).
 *
 * @param end from the nut line
 * @param depth below the glue line at the body's edge
 * @param depthAtEnd below the glue line at the body's end
 * @param fromStrips what the strips give where a block is glued under
 * @param lean how much deeper the blank reaches below the glue line for each mm towards the body's
 *     end: nothing for one that is laid along the neck
 * @param top where the blank's top is the glue line, from the nut line, mm
 */
public record ThroughCore(
    Value end,
    Value depth,
    Value depthAtEnd,
    Value fromStrips,
    double lean,
    double top,
    Provenance provenance) {

  /** The core; empty for a neck that ends in a heel. */
  public static Optional<ThroughCore> of(
      EffectiveInputs inputs,
      BodyOutline outline,
      FretboardTaper board,
      Heights heights,
      ValueRegistry registry) {
    return switch (inputs.get(BodyDecisions.NECK_JOINT)) {
      case THROUGH -> Optional.of(core(inputs, outline, board, heights, registry));
      case BOLT_ON, SET_NECK -> Optional.empty();
    };
  }

  private static ThroughCore core(
      EffectiveInputs inputs,
      BodyOutline outline,
      FretboardTaper board,
      Heights heights,
      ValueRegistry registry) {
    Value body = inputs.get(BodyDecisions.BODY_THICKNESS);
    Value joint = inputs.get(Decisions.JOINT_X);
    Value angle = heights.leans();
    Value reaches =
        SearchedValue.of(
            NeckKeys.BODY_END,
            outline.end(),
            Text.of("found at the end of the outline"),
            outline.provenance());
    Value end = registry.put(NeckKeys.CORE_END, "x_b", in("x_b", reaches));
    Value depth =
        registry.put(
            NeckKeys.CORE_DEPTH, "t + e", in("t", body), in("e", heights.fretboardAboveBody()));
    Value atEnd =
        registry.put(
            NeckKeys.CORE_DEPTH_AT_END,
            "d + (x_b − x_j) · tan(α)",
            in("d", depth),
            in("x_b", end),
            in("x_j", joint),
            in("α", angle));
    double tan = Math.tan(Math.toRadians(angle.value()));
    Provenance provenance =
        Provenance.of(
            depth,
            atEnd,
            joint,
            board.end(),
            inputs.get(BodyDecisions.BODY_TOP),
            inputs.get(BodyDecisions.BODY_ACCENT),
            inputs.get(Decisions.SHAFT_THICKNESS),
            inputs.get(BlankDecisions.END_TRIM));
    BlankReach.Block block = BlankReach.Block.of(inputs, end);
    Laid along = new Laid(inputs, depth.value(), joint.value(), tan, 0, 0);
    // The glue line's highest place: where the fretboard ends, or at the break on a neck that
    // leans forward.
    double highest = tan >= 0 ? board.end().value() : -HeadLine.of(inputs).nutThickness().value();
    Laid level = new Laid(inputs, depth.value(), joint.value(), tan, tan, highest);
    Text how =
        Text.of("found as the least depth that holds shaft and core, with the block in place");
    Value alongNeck =
        registry.find(
            NeckKeys.CORE_STRIPS_ALONG, along.strips(block, end.value()), how, provenance);
    Value withBody =
        registry.find(
            NeckKeys.CORE_STRIPS_LEVEL, level.strips(block, end.value()), how, provenance);
    return switch (inputs.get(BlankDecisions.CORE_LAID)) {
      case ALONG_NECK ->
          new ThroughCore(
              end,
              depth,
              atEnd,
              registry.put(alongNeck.as(NeckKeys.CORE_STRIPS_DEPTH)),
              0,
              0,
              provenance);
      case LEVEL ->
          new ThroughCore(
              end,
              depth,
              atEnd,
              registry.put(withBody.as(NeckKeys.CORE_STRIPS_DEPTH)),
              tan,
              highest,
              provenance);
    };
  }

  /** What of the body's thickness a core is, under cap and accent, mm. */
  static double thickness(EffectiveInputs inputs) {
    return inputs.get(BodyDecisions.BODY_THICKNESS).value()
        - inputs.get(BodyDecisions.BODY_TOP).value()
        - inputs.get(BodyDecisions.BODY_ACCENT).value();
  }

  /**
   * A blank laid one way or the other; what it has to hold is straight below, so that its ends and
   * the block's beginning are all the places to look at.
   *
   * @param tan of the neck's lean
   * @param lean of the blank's top against the glue line
   * @param top where they meet
   */
  private record Laid(
      EffectiveInputs inputs, double depth, double joint, double tan, double lean, double top) {
    /** How deep the blank has to be for what lies at x, without a block. */
    private double wanted(double x) {
      double below =
          x < joint ? inputs.get(Decisions.SHAFT_THICKNESS).value() : depth + (x - joint) * tan;
      return below - lean * (x - top);
    }

    double strips(BlankReach.Block block, double end) {
      double from = Math.max(joint, Math.min(block.from(), end));
      double nut = -HeadLine.of(inputs).nutThickness().value();
      double shaft = Math.max(wanted(nut), wanted(joint - Precision.SAME));
      // A fretboard let into the body lies lower than the core's own top.
      double own = thickness(inputs);
      double under = Math.max(own, Math.max(wanted(from), wanted(end))) - block.thickness();
      double before = from > joint ? Math.max(own, Math.max(wanted(joint), wanted(from))) : 0;
      return Math.max(shaft, Math.max(under, before));
    }
  }

  /** The core's end and depth, to stand in the heel's places from now on, by their ids. */
  public Map<String, Value> standsIn(EffectiveInputs inputs) {
    return Map.of(
        Decisions.HEEL_END.id(),
        following(inputs.get(Decisions.HEEL_END), end),
        Decisions.HEEL_THICKNESS.id(),
        following(inputs.get(Decisions.HEEL_THICKNESS), depth));
  }

  private static Value following(Value decided, Value worked) {
    // A core thinner than any neck is a problem that is told; here it stays a solid.
    return ComputedValue.of(decided.key().called(worked.label()), "max(1, x)", in("x", worked));
  }

  /** The depth that the blank wants: the head's, or the core's where that is more. */
  public Optional<Value> deeper(Optional<Value> head) {
    return head.filter(h -> h.value() >= fromStrips.value()).or(() -> Optional.of(fromStrips));
  }
}
