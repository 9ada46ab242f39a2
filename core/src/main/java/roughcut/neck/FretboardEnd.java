package roughcut.neck;

import static roughcut.measure.ComputedValue.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.NeckDecisions;
import roughcut.finding.Message;
import roughcut.fretboard.Slots;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * A rod worked at the fretboard's end: the way from there to the adjuster is a groove in the neck's
 * top, and above it either a notch through the fretboard, which must get as far as the adjuster, or
 * a relief in its underside, cut before gluing, with wood over it (handbook page 4).
 */
final class FretboardEnd {
  private FretboardEnd() {}

  static RodAccess of(
      EffectiveInputs inputs, NeckShape neck, RodChannel rod, Slots slots, ValueRegistry registry) {
    Value bore = inputs.get(NeckDecisions.ACCESS_BORE);
    Value axis = inputs.get(NeckDecisions.ROD_AXIS);
    Value key = inputs.get(NeckDecisions.KEY_SIZE);
    Value notch = inputs.get(FretboardDecisions.NOTCH_LENGTH);
    Value board = inputs.get(Decisions.FRETBOARD_THICKNESS);
    double end = neck.taper().end().value();
    double at = rod.end().value();
    Value way =
        registry.put(
            NeckKeys.ACCESS_WAY, "x_f − x_e", in("x_f", neck.taper().end()), in("x_e", rod.end()));
    Value groove =
        registry.put(NeckKeys.ACCESS_GROOVE_DEPTH, "c + D / 2", in("c", axis), in("D", bore));
    Value relief =
        registry.put(
            NeckKeys.ACCESS_RELIEF_HEIGHT, "max(0, D / 2 − c)", in("D", bore), in("c", axis));
    List<RodAccess.Left> lefts = new ArrayList<>();
    List<Outline> cuts = new ArrayList<>();
    double from = Math.min(at, end);
    double to = Math.max(end, neck.heelEnd().value());
    cuts.add(Outline.rectangle(from, -groove.value(), Math.max(from, to), 0));
    boolean notched = notch.value() > 0;
    if (notched) {
      lefts.add(notch(neck.taper().end(), rod.end(), notch, registry));
      cuts.add(Outline.rectangle(end - notch.value(), 0, end, board.value()));
    } else {
      lefts.add(over(relief, board, slots, at, end, registry));
      if (relief.value() > 0 && end > at) {
        cuts.add(Outline.rectangle(at, 0, end, relief.value()));
      }
    }
    lefts.add(
        RodAccess.Left.of(
            RodAccess.Kind.BACK,
            Text.of("key groove to the back"),
            under(neck, groove, bore, at, registry),
            at,
            NeckDecisions.ROD_AXIS.id(),
            NeckDecisions.ACCESS_BORE.id()));
    lefts.add(
        RodAccess.Left.of(
            RodAccess.Kind.KEY,
            Text.of("key in its groove"),
            registry.put(
                NeckKeys.ACCESS_KEY_CLEARANCE.called("Clearance of the key in its groove"),
                "(D − k) / 2",
                in("D", bore),
                in("k", key)),
            end,
            NeckDecisions.ACCESS_BORE.id(),
            NeckDecisions.KEY_SIZE.id()));
    return new RodAccess(
        notched ? Text.of("notch in the fretboard end") : Text.of("relief under the fretboard end"),
        List.of(way),
        lefts,
        cuts,
        List.of(new Point(at, -axis.value()), new Point(end + 40, -axis.value())),
        steps(notched, relief.value() > 0),
        trouble(way, notch, notched));
  }

  private static List<Text> steps(boolean notched, boolean relieved) {
    return notched
        ? List.of(
            Text.of("rout the key groove on from the rod channel to the heel"),
            Text.of(
                "saw and chisel the notch before you glue on the fretboard, and shape its edges"),
            Text.of("try the key with the fretboard held in place"))
        : List.of(
            Text.of("rout the key groove on from the rod channel to the heel"),
            relieved
                ? Text.of("rout the relief into the underside of the fretboard before gluing")
                : Text.of(
                    "the underside of the fretboard needs no relief: key and adjuster are inside the neck"),
            Text.of("try the key with the fretboard held in place"));
  }

  private static Optional<Message> trouble(Value way, Value notch, boolean notched) {
    if (way.value() < 0) {
      return Optional.empty();
    }
    return notched && notch.value() < way.value()
        ? Optional.of(
            Message.of(Text.of("The notch ends before the adjuster."))
                .why(Text.of("No key reaches it there."))
                .fix(Text.of("Use a longer rod, or a longer notch.")))
        : Optional.empty();
  }

  private static RodAccess.Left notch(
      Value fretboard, Value adjuster, Value notch, ValueRegistry registry) {
    return RodAccess.Left.of(
        RodAccess.Kind.REACH,
        Text.of("end notch past the adjuster"),
        registry.put(
            NeckKeys.ACCESS_NOTCH_PAST,
            "l − (x_f − x_e)",
            in("l", notch),
            in("x_f", fretboard),
            in("x_e", adjuster)),
        fretboard.value() - notch.value(),
        FretboardDecisions.NOTCH_LENGTH.id(),
        Decisions.ROD_LENGTH.id(),
        Decisions.ROD_START.id());
  }

  /** Over the relief, where a slot comes down nearest; or to the face without any over it. */
  private static RodAccess.Left over(
      Value relief, Value board, Slots slots, double at, double end, ValueRegistry registry) {
    double least = board.value() - relief.value();
    double where = end;
    for (Slots.Slot slot : slots.slots()) {
      if (slot.x() >= at - 1 && slot.x() <= end && slot.under().value() - relief.value() < least) {
        least = slot.under().value() - relief.value();
        where = slot.x();
      }
    }
    return RodAccess.Left.of(
        RodAccess.Kind.OVER,
        Text.of("over the relief in the fretboard"),
        registry.find(
            NeckKeys.ACCESS_OVER,
            least,
            Text.of("least of t_b − h and of what is under each slot over it, less h"),
            Provenance.of(slots.slots().stream().map(Slots.Slot::under).toList())
                .with(board, relief)),
        where,
        NeckDecisions.ROD_AXIS.id(),
        NeckDecisions.ACCESS_BORE.id(),
        Decisions.FRETBOARD_THICKNESS.id());
  }

  private static Value under(
      NeckShape neck, Value groove, Value bore, double from, ValueRegistry registry) {
    double to = neck.heelEnd().value();
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i <= 48; i++) {
      double x = from + Math.max(0, to - from) * i / 48;
      double wood =
          neck.carved(x)
              ? neck.profile(x).distanceToRoundChannel(0, bore.value(), groove.value())
              : neck.back().depth(x) - groove.value();
      least = Math.min(least, wood);
    }
    return registry.find(
        NeckKeys.ACCESS_BACK_LEAST.called("From the key groove to the back of the neck"),
        least,
        Text.of("least along the groove from its floor to the back"),
        neck.provenance().with(groove, bore));
  }
}
