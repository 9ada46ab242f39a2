package roughcut.neck;

import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.Map;
import java.util.Optional;
import roughcut.design.BlankStep;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.layout.BodyOutline;
import roughcut.measure.Decided;
import roughcut.measure.Found;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.measure.Worked;
import roughcut.record.Givens;
import roughcut.strings.Heights;

/**
 * The core of a through-neck: it ends where the body does, and is as deep as the body less its cap,
 * and what the fretboard stands out of it more; whatever was decided about a heel before.
 *
 * @param end from the nut line
 * @param depth under the fretboard
 * @param fromStrips what of that the strips give, where a block is glued under
 */
public record ThroughCore(Value end, Value depth, Value fromStrips) {

  /** The core; empty for a neck that ends in a heel. */
  public static Optional<ThroughCore> of(
      Givens givens, BodyOutline outline, Heights heights, Ledger ledger) {
    if (!givens.get(BodyDecisions.NECK_JOINT).runsThrough()) {
      return Optional.empty();
    }
    Value body = givens.get(BodyDecisions.BODY_THICKNESS);
    Value top = givens.get(BodyDecisions.BODY_TOP);
    Value accent = givens.get(BodyDecisions.BODY_ACCENT);
    Value reaches =
        Found.of(NeckKeys.BODY_END, outline.end(), "found at the outline’s end", outline.basis());
    double block =
        givens.design().neckSteps().stream()
            .filter(s -> s.kind() == BlankStep.Kind.HEEL_BLOCK)
            .mapToDouble(BlankStep::thickness)
            .sum();
    Value depth =
        ledger.put(
            NeckKeys.CORE_DEPTH,
            "t − t_top − v + e",
            in("t", body),
            in("t_top", top),
            in("v", accent),
            in("e", heights.exposed()));
    return Optional.of(
        new ThroughCore(
            ledger.put(NeckKeys.CORE_END, "x_b", in("x_b", reaches)),
            depth,
            ledger.put(
                NeckKeys.CORE_STRIPS_DEPTH,
                "max(0, d − b)",
                in("d", depth),
                in("b", Decided.of("neck.heel-block", "Heel block", block, LENGTH)))));
  }

  /** What is worked out from now on, with the core's end and depth in the heel's places. */
  public Givens standingIn(Givens givens) {
    return givens.following(
        Map.of(
            Decisions.HEEL_END.id(),
            following(givens.get(Decisions.HEEL_END), end),
            Decisions.HEEL_THICKNESS.id(),
            following(givens.get(Decisions.HEEL_THICKNESS), depth)));
  }

  private static Value following(Value decided, Value worked) {
    // A core thinner than any neck is a problem that is told; here it stays a solid.
    return Worked.of(decided.key().called(worked.label()), "max(1, x)", in("x", worked));
  }

  /** The depth that the blank wants: the head's, or the core's where that is more. */
  public Optional<Value> deeper(Optional<Value> head) {
    return head.filter(h -> h.value() >= fromStrips.value()).or(() -> Optional.of(fromStrips));
  }
}
