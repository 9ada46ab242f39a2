package roughcut.blank;

import static roughcut.measure.ComputedValue.in;

import java.util.Optional;
import roughcut.design.BodyDecisions;
import roughcut.layout.BodyOutline;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Species;
import roughcut.shop.Woods;

/**
 * Binding round the body's top edge: its channel, how tightly it has to bend against how tightly it
 * can, and how much of it (handbook page 3, "Binding").
 *
 * @param channelWidth all layers together
 * @param channelHeight the binding's height
 * @param bendsTo least radius of one heated layer
 * @param tightest smallest radius of the outline; empty for one that bends nowhere
 * @param length of one layer for going all round, spare included
 */
public record BodyBinding(
    Value layers,
    Species wood,
    Value channelWidth,
    Value channelHeight,
    Value bendsTo,
    Optional<Value> tightest,
    Value length) {

  /** The binding, or nothing when there are no layers. */
  static Optional<BodyBinding> of(
      EffectiveInputs inputs, Woods woods, BodyOutline outline, ValueRegistry registry) {
    Value layers = inputs.get(BodyDecisions.BINDING_LAYERS);
    if (layers.value() == 0) {
      return Optional.empty();
    }
    Value layer = inputs.get(BodyDecisions.BINDING_LAYER);
    Value factor = inputs.get(BodyDecisions.BEND_FACTOR);
    return Optional.of(
        new BodyBinding(
            layers,
            woods.get(inputs.get(BodyDecisions.BINDING_SPECIES).word()),
            registry.put(BlankKeys.BINDING_CHANNEL_WIDTH, "n · w", in("n", layers), in("w", layer)),
            inputs.get(BodyDecisions.BINDING_HEIGHT),
            registry.put(BlankKeys.BINDING_BENDS_TO, "m · w", in("m", factor), in("w", layer)),
            tightest(outline, registry),
            registry.put(
                BlankKeys.BINDING_LENGTH,
                "U · (1 + r / 100)",
                in("U", outline.perimeter()),
                in("r", inputs.get(BodyDecisions.BINDING_SPARE)))));
  }

  private static Optional<Value> tightest(BodyOutline outline, ValueRegistry registry) {
    double radius = outline.curvature().tightest();
    return Double.isInfinite(radius)
        ? Optional.empty()
        : Optional.of(
            registry.find(
                BlankKeys.BINDING_TIGHTEST,
                radius,
                Text.of("found along the body outline"),
                outline.provenance()));
  }

  /** Whether a layer bends as tightly as the outline asks. */
  public boolean bends() {
    return tightest.isEmpty() || tightest.get().value() >= bendsTo.value();
  }
}
