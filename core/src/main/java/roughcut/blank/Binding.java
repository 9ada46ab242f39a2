package roughcut.blank;

import static roughcut.measure.Worked.in;

import java.util.Optional;
import roughcut.design.BodyDecisions;
import roughcut.layout.BodyOutline;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.record.Givens;
import roughcut.shop.Species;
import roughcut.shop.Woods;

/**
 * Binding round the body's top edge: its channel, how tightly it has to bend against how tightly it
 * can, and how much of it (handbook page 3, "Binding").
 *
 * @param channelWidth all layers together
 * @param channelHeight the binding's height
 * @param bendsTo least radius of one heated layer
 * @param tightest smallest radius of the outline
 * @param length of one layer for going all round, spare included
 */
public record Binding(
    Value layers,
    Species wood,
    Value channelWidth,
    Value channelHeight,
    Value bendsTo,
    Value tightest,
    Value length) {

  /** The binding, or nothing when there are no layers. */
  static Optional<Binding> of(Givens givens, Woods woods, BodyOutline outline, Ledger ledger) {
    Value layers = givens.get(BodyDecisions.BINDING_LAYERS);
    if (layers.value() == 0) {
      return Optional.empty();
    }
    Value layer = givens.get(BodyDecisions.BINDING_LAYER);
    Value factor = givens.get(BodyDecisions.BEND_FACTOR);
    return Optional.of(
        new Binding(
            layers,
            woods.get(givens.get(BodyDecisions.BINDING_SPECIES).word()),
            ledger.put(BlankKeys.BINDING_CHANNEL_WIDTH, "n · w", in("n", layers), in("w", layer)),
            givens.get(BodyDecisions.BINDING_HEIGHT),
            ledger.put(BlankKeys.BINDING_BENDS_TO, "m · w", in("m", factor), in("w", layer)),
            ledger.find(
                BlankKeys.BINDING_TIGHTEST,
                outline.tightest(),
                "found along the body's outline",
                outline.basis()),
            ledger.put(
                BlankKeys.BINDING_LENGTH,
                "U · (1 + r / 100)",
                in("U", outline.around()),
                in("r", givens.get(BodyDecisions.BINDING_SPARE)))));
  }

  /** Whether a layer bends as tightly as the outline asks. */
  public boolean bends() {
    return tightest.value() >= bendsTo.value();
  }
}
