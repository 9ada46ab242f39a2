package roughcut.neck;

import static roughcut.measure.ComputedValue.in;

import java.util.List;
import java.util.Optional;
import roughcut.design.BodyDecisions;
import roughcut.design.NeckJoint;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueKey;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * A set neck's tenon that is narrower than the neck, or thinner than its heel: what is sawn off
 * beside and under it, so that shoulders stand against the body's edge.
 *
 * @param atEdge wood off each side at the body's edge; empty where it is as wide as the neck
 * @param atEnd the same at the tenon's end
 * @param under wood off its underside; empty where it is as deep as the heel
 * @param length from the shoulders to its end
 * @param beside wood between its sides and a channel that runs into it; empty where none does
 */
public record Tenon(
    Optional<Value> atEdge,
    Optional<Value> atEnd,
    Optional<Value> under,
    Value length,
    Optional<Value> beside) {
  /** The tenon of a neck that is glued in; empty where all of the heel goes into the body. */
  public static Optional<Tenon> of(
      EffectiveInputs inputs, NeckShape neck, List<Channel> channels, ValueRegistry registry) {
    NeckJoint joint = inputs.get(BodyDecisions.NECK_JOINT);
    return switch (joint) {
      case SET_NECK -> glued(inputs, neck, channels, registry);
      case BOLT_ON, THROUGH -> Optional.empty();
    };
  }

  private static Optional<Tenon> glued(
      EffectiveInputs inputs, NeckShape neck, List<Channel> channels, ValueRegistry registry) {
    Value width = inputs.get(BodyDecisions.TENON_WIDTH);
    Value depth = inputs.get(BodyDecisions.TENON_DEPTH);
    if (width.value() <= 0 && depth.value() <= 0) {
      return Optional.empty();
    }
    // What is to be sawn off is no less because the tenon came out wider.
    Value wide = inputs.decided(BodyDecisions.TENON_WIDTH);
    Value deep = inputs.decided(BodyDecisions.TENON_DEPTH);
    boolean narrow = wide.value() > 0;
    boolean thin = deep.value() > 0;
    return Optional.of(
        new Tenon(
            narrow
                ? Optional.of(off(NeckKeys.TENON_OFF_EDGE, neck, neck.joint(), wide, registry))
                : Optional.empty(),
            narrow
                ? Optional.of(off(NeckKeys.TENON_OFF_END, neck, neck.heelEnd(), wide, registry))
                : Optional.empty(),
            thin
                ? Optional.of(
                    registry.put(
                        NeckKeys.TENON_OFF_UNDER,
                        "h − d",
                        in("h", neck.heelThickness()),
                        in("d", deep)))
                : Optional.empty(),
            registry.put(
                NeckKeys.TENON_LENGTH,
                "x_h − x_j",
                in("x_h", neck.heelEnd()),
                in("x_j", neck.joint())),
            width.value() > 0 ? beside(neck, channels, registry) : Optional.empty()));
  }

  /** Off one side at x: less than 0 where the neck is narrower than its tenon. */
  private static Value off(
      ValueKey key, NeckShape neck, Value x, Value width, ValueRegistry registry) {
    return registry.find(
        key,
        neck.taper().halfWidth(x.value()) - width.value() / 2,
        Text.of("found as half of what the neck is wider there"),
        neck.taper().provenance().with(x, width));
  }

  private static Optional<Value> beside(
      NeckShape neck, List<Channel> channels, ValueRegistry registry) {
    double least = Double.POSITIVE_INFINITY;
    for (Channel channel : channels) {
      for (Channel.Piece piece : channel.pieces()) {
        double from = Math.max(piece.from(), neck.joint().value());
        double to = Math.min(piece.to(), neck.heelEnd().value());
        if (from >= to) {
          continue;
        }
        // Sides and offsets run straight, so that the least is at an end.
        for (double x : new double[] {from, to}) {
          double out = Math.abs(piece.offsetAt(x)) + piece.width() / 2;
          least = Math.min(least, neck.halfInBody(x) - out);
        }
      }
    }
    return Double.isInfinite(least)
        ? Optional.empty()
        : Optional.of(
            registry.find(
                NeckKeys.TENON_BESIDE,
                least,
                Text.of("least from a channel to the side of the tenon"),
                neck.provenance()));
  }
}
