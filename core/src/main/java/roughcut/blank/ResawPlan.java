package roughcut.blank;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import java.util.Optional;
import roughcut.design.BlankDecisions;
import roughcut.design.BodyDecisions;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Board;

/**
 * The top's two leaves sawn through the thickness of one board: each leaf with what the blade's
 * wander and planing take on both faces, and the kerf between (handbook page 3, "Resawing").
 *
 * @param leaf one rough leaf
 * @param need thickness of board for both
 * @param leaves how many the board gives; empty while there is no measured board
 * @param missing thickness that is missing, 0 when both come out
 * @param thinner thickness that both are brought to once they are sawn and measured
 */
public record ResawPlan(
    Optional<Board> board,
    Value leaf,
    Value need,
    Optional<Value> leaves,
    Optional<Value> missing,
    Optional<Value> thinner) {

  static ResawPlan of(EffectiveInputs inputs, Optional<Board> board, ValueRegistry registry) {
    Value top = inputs.get(BodyDecisions.BODY_TOP);
    Value allowance = inputs.get(BlankDecisions.RESAW_ALLOWANCE);
    Value kerf = inputs.get(BlankDecisions.RESAW_KERF);
    Value leaf = registry.put(BlankKeys.RESAW_ROUGH, "t + 2 · q", in("t", top), in("q", allowance));
    Value need = registry.put(BlankKeys.RESAW_NEED, "2 · r + k", in("r", leaf), in("k", kerf));
    Optional<Value> thickness =
        board
            .filter(b -> b.thickness().isPresent())
            .map(
                b ->
                    TableValue.of(
                        "board." + b.id() + ".thickness",
                        Text.of("Thickness of board {id}", b.id()),
                        b.thickness().getAsDouble(),
                        LENGTH,
                        Text.of("listed size of the board")));
    return new ResawPlan(
        board,
        leaf,
        need,
        thickness.map(
            b ->
                registry.put(
                    BlankKeys.RESAW_LEAVES,
                    "floor((B + k) / (r + k))",
                    in("B", b),
                    in("k", kerf),
                    in("r", leaf))),
        thickness.map(
            b ->
                registry.put(
                    BlankKeys.RESAW_SHORT, "max(0, need − B)", in("need", need), in("B", b))),
        thinner(inputs, registry));
  }

  private static Optional<Value> thinner(EffectiveInputs inputs, ValueRegistry registry) {
    Value first = inputs.get(BodyDecisions.TOP_LEAF_1);
    Value second = inputs.get(BodyDecisions.TOP_LEAF_2);
    if (first.value() == 0 || second.value() == 0) {
      return Optional.empty();
    }
    return Optional.of(
        registry.put(BlankKeys.RESAW_LEAF_THICKNESS, "min(a, b)", in("a", first), in("b", second)));
  }
}
