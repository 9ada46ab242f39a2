package roughcut.neck;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.design.RodReach;
import roughcut.geometry.MinimumSearch;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * The truss rod channel on the centre line, straight or curved, with its adjuster's end, and what
 * wood remains between it and the carved back (handbook page 4, "What remains"): straight down
 * under its middle, straight down under a lower corner, and the shortest way to the carved surface,
 * which is the one that limits are held against. Each is the least along the whole channel.
 *
 * @param room what is left for the rod itself between bed and cap
 */
public record RodChannel(
    Value start,
    Value length,
    Value width,
    Value depth,
    RodReach reach,
    Channel channel,
    Value end,
    Value room,
    Value underCentre,
    Value underCorner,
    Value least,
    Value leastX,
    Provenance provenance) {
  private static final DoubleUnaryOperator ON_CENTRE = x -> 0;

  /** Whether the same shapes both: the channel itself holds functions, which don't compare. */
  public boolean alike(RodChannel other) {
    return provenance.equals(other.provenance)
        && reach == other.reach
        && told().equals(other.told());
  }

  private List<Value> told() {
    return List.of(start, length, width, depth, end, room, underCentre, underCorner, least, leastX);
  }

  public static RodChannel of(EffectiveInputs inputs, NeckShape neck, ValueRegistry registry) {
    Value start = inputs.get(Decisions.ROD_START);
    Value length = inputs.get(Decisions.ROD_LENGTH);
    Value width = inputs.get(Decisions.ROD_WIDTH);
    Value depth = inputs.get(Decisions.ROD_DEPTH);
    Value bed = inputs.get(NeckDecisions.ROD_BED);
    Value cap = inputs.get(NeckDecisions.ROD_CAP);
    Value end =
        registry.put(NeckKeys.ROD_END_FROM_NUT, "x_s + ℓ", in("x_s", start), in("ℓ", length));
    Value room =
        registry.put(NeckKeys.ROD_ROOM, "d − b − c", in("d", depth), in("b", bed), in("c", cap));
    RodReach reach = inputs.get(NeckDecisions.ROD_REACH);
    EffectiveInputs.Watched<Channel> cut =
        inputs.tracked(() -> channel(inputs, start.value(), end.value(), width, depth, reach));
    Channel channel = cut.made();
    Provenance own = cut.asked().with(start, length, width, depth);
    Provenance both = own.and(neck.provenance());
    MinimumSearch centre = channel.least(neck, Channel.Piece::underCentre);
    MinimumSearch corner = channel.least(neck, Channel.Piece::underCorner);
    MinimumSearch least = channel.least(neck, Channel.Piece::least);
    return new RodChannel(
        start,
        length,
        width,
        depth,
        reach,
        channel,
        end,
        room,
        put(
            registry,
            "rod.under-centre",
            Text.of("Under the rod channel, straight down at its middle"),
            centre.value(),
            Text.of("least along the channel of B(x) − d"),
            both),
        put(
            registry,
            "rod.under-corner",
            Text.of("Under the lower corner of the rod channel, straight down"),
            corner.value(),
            Text.of(
                "least along the channel of P(±w / 2) − d, P the carved back's depth at that offset"),
            both),
        put(
            registry,
            NeckKeys.ROD_LEAST.id(),
            Text.of("Shortest way from the rod channel to the carved back"),
            least.value(),
            Text.of("least along the channel from its corners to |y / a|^p + |z / B|^p = 1"),
            both),
        registry.find(NeckKeys.ROD_LEAST_X, least.at(), Text.of("found with rod.least"), both),
        own);
  }

  /** The channel's pieces: the body, deeper halfway when it is curved, and the adjuster's end. */
  private static Channel channel(
      EffectiveInputs inputs, double from, double to, Value width, Value depth, RodReach reach) {
    double deeper = inputs.get(NeckDecisions.ROD_DEPTH_MIDDLE).value();
    boolean round =
        switch (inputs.get(NeckDecisions.ROD_BOTTOM)) {
          case ROUND -> true;
          case FLAT -> false;
        };
    DoubleUnaryOperator body =
        x -> {
          double s = to > from ? (x - from) / (to - from) : 0;
          return depth.value() + deeper * 4 * s * (1 - s);
        };
    double adjuster =
        Math.min(inputs.get(NeckDecisions.ROD_ADJUSTER_LENGTH).value(), Math.max(0, to - from));
    List<Channel.Piece> pieces = new ArrayList<>();
    pieces.add(new Channel.Piece(from, to, width.value(), body, ON_CENTRE, round));
    if (adjuster > 0) {
      boolean atHead = reach.fromHead();
      double own = inputs.get(NeckDecisions.ROD_ADJUSTER_DEPTH).value();
      Channel.Piece end =
          new Channel.Piece(
              atHead ? from : to - adjuster,
              atHead ? from + adjuster : to,
              inputs.get(NeckDecisions.ROD_ADJUSTER_WIDTH).value(),
              x -> own,
              ON_CENTRE,
              false);
      pieces.add(atHead ? 0 : 1, end);
    }
    return new Channel(pieces);
  }

  /** Its wider or deeper end; empty when it has none. */
  public Optional<Channel.Piece> adjuster() {
    List<Channel.Piece> pieces = channel.pieces();
    boolean first = reach.fromHead();
    return pieces.size() < 2
        ? Optional.empty()
        : Optional.of(pieces.get(first ? 0 : pieces.size() - 1));
  }

  private static Value put(
      ValueRegistry registry,
      String id,
      Text label,
      double value,
      Text how,
      Provenance provenance) {
    return registry.find(id, label, FINE_LENGTH, value, how, provenance);
  }
}
