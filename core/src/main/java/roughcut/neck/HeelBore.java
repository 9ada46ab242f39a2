package roughcut.neck;

import static roughcut.measure.ComputedValue.in;

import java.util.List;
import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.finding.Message;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.strings.Heights;

/**
 * A rod worked from the heel's end: a guided bore along the rod's axis from there, and a well from
 * the top at the adjuster (handbook page 4). The key comes past the body: over its top, or not
 * while the neck is in.
 */
final class HeelBore {
  private static final int SAMPLES = 48;

  private HeelBore() {}

  static RodAccess of(
      EffectiveInputs inputs,
      NeckShape neck,
      RodChannel rod,
      Heights heights,
      ValueRegistry registry) {
    Value bore = inputs.get(NeckDecisions.ACCESS_BORE);
    Value axis = inputs.get(NeckDecisions.ROD_AXIS);
    Value well = inputs.get(NeckDecisions.ACCESS_WELL);
    Value key = inputs.get(NeckDecisions.KEY_SIZE);
    double r = bore.value() / 2;
    double c = axis.value();
    double from = rod.end().value() + well.value();
    double heel = neck.heelEnd().value();
    Value length =
        registry.put(
            NeckKeys.ACCESS_DEPTH.called("Hole from the heel end to the adjuster recess"),
            "x_heel − x_e − ℓ_w",
            in("x_heel", neck.heelEnd()),
            in("x_e", rod.end()),
            in("ℓ_w", well));
    bit(length, inputs.get(NeckDecisions.BIT_HELD), registry);
    registry.put(NeckKeys.ACCESS_WELL_DEPTH, "c + D / 2", in("c", axis), in("D", bore));
    Value over =
        registry.put(
            NeckKeys.ACCESS_OVER.called("Wood over the heel hole, to the glue line"),
            "c − D / 2",
            in("c", axis),
            in("D", bore));
    Value under = under(neck, axis, bore, rod.end().value(), registry);
    Value clear =
        registry.put(NeckKeys.ACCESS_KEY_CLEARANCE, "(D − k) / 2", in("D", bore), in("k", key));
    Value passes = overBody(neck, heights, axis, registry);
    return new RodAccess(
        Text.of("hole from the heel"),
        List.of(passes),
        List.of(
            RodAccess.Left.of(
                RodAccess.Kind.OVER,
                Text.of("heel hole to the glue line"),
                over,
                from,
                NeckDecisions.ROD_AXIS.id(),
                NeckDecisions.ACCESS_BORE.id()),
            RodAccess.Left.of(
                RodAccess.Kind.BACK,
                Text.of("heel hole to the back"),
                under,
                from,
                NeckDecisions.ROD_AXIS.id(),
                NeckDecisions.ACCESS_BORE.id(),
                Decisions.HEEL_THICKNESS.id()),
            RodAccess.Left.of(
                RodAccess.Kind.KEY,
                Text.of("key in its hole"),
                clear,
                heel,
                NeckDecisions.ACCESS_BORE.id(),
                NeckDecisions.KEY_SIZE.id())),
        List.of(
            Outline.rectangle(rod.end().value(), -c - r, from, 0),
            Outline.rectangle(Math.min(from, heel), -c - r, Math.max(from, heel), -c + r)),
        List.of(new Point(rod.end().value(), -c), new Point(heel + 40, -c)),
        steps(passes, key),
        trouble(neck, length));
  }

  private static List<Text> steps(Value passes, Value key) {
    return List.of(
        Text.of(
            "drill along the axis from the heel end, guided square to it, before you shape "
                + "the heel"),
        Text.of("rout the adjuster recess from the top down to the hole"),
        Text.of("insert the rod and try the key before the fretboard covers it"),
        passes.value() < key.value() / 2
            ? Text.of(
                "the key passes through the body: give it a groove or the pickup rout, or take "
                    + "the neck off to adjust the rod")
            : Text.of("the key passes above the body with the neck in its pocket"));
  }

  private static Optional<Message> trouble(NeckShape neck, Value length) {
    if (neck.through()) {
      return Optional.of(
          Message.of(Text.of("A neck-through has no heel to adjust the rod from."))
              .fix(Text.of("Adjust it from the headstock or the fretboard end.")));
    }
    return length.value() < 0
        ? Optional.of(
            Message.of(Text.of("Rod and recess reach past the heel end."))
                .fix(Text.of("Use a shorter rod, or a shorter recess.")))
        : Optional.empty();
  }

  private static Value bit(Value length, Value held, ValueRegistry registry) {
    return registry.put(
        NeckKeys.ACCESS_BIT_LENGTH.called("Shortest bit, including the chuck"),
        "ℓ + g",
        in("ℓ", length),
        in("g", held));
  }

  private static Value under(
      NeckShape neck, Value axis, Value bore, double from, ValueRegistry registry) {
    double heel = neck.heelEnd().value();
    double depth = axis.value() + bore.value() / 2;
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i <= SAMPLES; i++) {
      double x = from + (heel - from) * i / SAMPLES;
      double wood =
          neck.carved(x) && x < neck.joint().value()
              ? neck.profile(x).distanceToRoundChannel(0, bore.value(), depth)
              : neck.back().depth(x) - depth;
      least = Math.min(least, wood);
    }
    return registry.find(
        NeckKeys.ACCESS_BACK_LEAST.called("From the heel hole to the back of the neck"),
        least,
        Text.of("least along hole and recess from the hole to the back"),
        neck.provenance().with(axis, bore));
  }

  /** How far over the body's top the key passes the heel's end; negative in its wood. */
  private static Value overBody(
      NeckShape neck, Heights heights, Value axis, ValueRegistry registry) {
    return registry.put(
        NeckKeys.ACCESS_KEY_OVER_BODY,
        "e + (x_heel − x_j) · tan(α) − c",
        in("e", heights.fretboardAboveBody()),
        in("x_heel", neck.heelEnd()),
        in("x_j", neck.joint()),
        in("α", heights.leans()),
        in("c", axis));
  }
}
