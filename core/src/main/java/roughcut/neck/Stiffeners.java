package roughcut.neck;

import java.util.List;
import roughcut.design.NeckDecisions;
import roughcut.geometry.MinimumSearch;
import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * Bars of carbon or titanium either side of the rod, parallel or splayed with the taper: their
 * channels, and what remains beneath and between (handbook page 4, "Truss rod and stiffeners").
 *
 * @param bass channel at the bass side; the treble side's is its mirror image
 * @param between wood between a stiffener's channel and the rod's, at its thinnest
 */
public record Stiffeners(
    Channel bass,
    Channel treble,
    Value underCorner,
    Value least,
    Value leastX,
    Value between,
    Provenance provenance) {

  /** Whether the same shapes both: the channels hold functions, which don't compare. */
  public boolean alike(Stiffeners other) {
    return provenance.equals(other.provenance) && told().equals(other.told());
  }

  private List<Value> told() {
    return List.of(underCorner, least, leastX, between);
  }

  /** The stiffeners, or null when there are none. */
  public static Stiffeners of(
      EffectiveInputs inputs, NeckShape neck, RodChannel rod, ValueRegistry registry) {
    if (inputs.get(NeckDecisions.STIFFENERS).value() < 2) {
      return null;
    }
    Value width = inputs.get(NeckDecisions.STIFFENER_WIDTH);
    Value depth = inputs.get(NeckDecisions.STIFFENER_DEPTH);
    Value head = inputs.get(NeckDecisions.STIFFENER_HEAD);
    Value heel = inputs.get(NeckDecisions.STIFFENER_HEEL);
    Value start = inputs.get(NeckDecisions.STIFFENER_START);
    Value length = inputs.get(NeckDecisions.STIFFENER_LENGTH);
    Channel bass = channel(start, length, width, depth, head, heel, -1);
    Channel treble = channel(start, length, width, depth, head, heel, 1);
    MinimumSearch corner = either(bass, treble, neck, Channel.Piece::underCorner);
    MinimumSearch least = either(bass, treble, neck, Channel.Piece::least);
    Provenance own = Provenance.of(width, depth, head, heel, start, length);
    Provenance both = own.and(neck.provenance());
    return new Stiffeners(
        bass,
        treble,
        registry.find(
            NeckKeys.STIFFENER_UNDER_CORNER,
            corner.value(),
            Text.of("least along the channel of P(y + w / 2) − d"),
            both),
        registry.find(
            NeckKeys.STIFFENER_LEAST,
            least.value(),
            Text.of("least along the channel from its outer corners to |y / a|^p + |z / B|^p = 1"),
            both),
        registry.find(
            NeckKeys.STIFFENER_LEAST_X, least.at(), Text.of("found with stiffener.least"), both),
        registry.find(
            NeckKeys.STIFFENER_BETWEEN,
            between(bass.pieces().get(0), rod.channel()),
            Text.of("least distance of their outlines, where both really are"),
            own.and(rod.provenance())),
        own);
  }

  /** The least distance seen from above between a stiffener's channel and the rod's pieces. */
  private static double between(Channel.Piece stiffener, Channel rod) {
    Outline own = outline(stiffener);
    double least = Double.POSITIVE_INFINITY;
    for (Channel.Piece piece : rod.pieces()) {
      if (piece.to() > piece.from()) {
        Outline other = outline(piece);
        least =
            Math.min(least, own.overlaps(other) ? -overlap(stiffener, piece) : own.distance(other));
      }
    }
    return Double.isInfinite(least) ? 0 : least;
  }

  /** How far two channels lie in each other, the most along what they share. */
  private static double overlap(Channel.Piece one, Channel.Piece other) {
    double from = Math.max(one.from(), other.from());
    double to = Math.min(one.to(), other.to());
    double half = (one.width() + other.width()) / 2;
    double nearest =
        Math.min(
            Math.abs(one.offsetAt(from) - other.offsetAt(from)),
            Math.abs(one.offsetAt(to) - other.offsetAt(to)));
    return Math.max(0, half - nearest);
  }

  private static Outline outline(Channel.Piece piece) {
    double half = piece.width() / 2;
    double a = piece.offsetAt(piece.from());
    double b = piece.offsetAt(piece.to());
    return Outline.of(
        new Point(piece.from(), a - half),
        new Point(piece.to(), b - half),
        new Point(piece.to(), b + half),
        new Point(piece.from(), a + half));
  }

  private static MinimumSearch either(
      Channel bass, Channel treble, NeckShape neck, Channel.Left left) {
    MinimumSearch a = bass.least(neck, left);
    if (neck.symmetrical()) {
      return a;
    }
    MinimumSearch b = treble.least(neck, left);
    return a.value() <= b.value() ? a : b;
  }

  private static Channel channel(
      Value start, Value length, Value width, Value depth, Value head, Value heel, int side) {
    double from = start.value();
    double to = from + length.value();
    return new Channel(
        List.of(
            new Channel.Piece(
                from,
                to,
                width.value(),
                x -> depth.value(),
                x ->
                    side
                        * (head.value() + (heel.value() - head.value()) * (x - from) / (to - from)),
                false)));
  }
}
