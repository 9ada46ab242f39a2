package roughcut.neck;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.geometry.Arc;
import roughcut.geometry.Arcs;
import roughcut.geometry.Point;
import roughcut.geometry.RootSearch;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.record.EffectiveInputs;

/**
 * The way down from the neck's top to the face of a flat, stepped head: the drum's curve from the
 * break, then the face with its veneer (handbook page 4, “Flat, stepped down”).
 *
 * @param drop how much lower the face lies than the neck's top, mm
 * @param radius of the curve; never less than the drop, mm
 * @param run of the curve from the break along the head, mm
 * @param veneer glued on the face, mm
 * @param length of the head from the break, mm
 */
public record StepDown(
    double drop, double radius, double run, double veneer, double length, Provenance provenance) {
  private static final int PIECES = 400;

  /** The step of a head; empty where it has none. */
  public static Optional<StepDown> of(EffectiveInputs inputs, HeadLine head) {
    if (!head.stepped()) {
      return Optional.empty();
    }
    double drop = head.drop();
    double radius = Math.max(drop, inputs.get(NeckDecisions.STEP_RADIUS).value());
    return Optional.of(
        new StepDown(
            drop,
            radius,
            Math.sqrt(drop * (2 * radius - drop)),
            inputs.get(Decisions.HEAD_VENEER).value(),
            head.length().value(),
            head.provenance()
                .with(inputs.get(NeckDecisions.STEP_RADIUS), inputs.get(Decisions.HEAD_VENEER))));
  }

  /** The curve in the elevation, from the break to the face. */
  public List<Point> curve(double breakX) {
    return arc(breakX)
        .map(a -> Arcs.arc(a.centre(), a.radius(), a.from(), a.from() + a.sweep()))
        .orElse(List.of(new Point(breakX, 0)));
  }

  /** The same as what it is; empty for a face that isn't lower. */
  public Optional<Arc> arc(double breakX) {
    if (drop <= 0) {
      return Optional.empty();
    }
    Point centre = new Point(breakX - run, radius - drop);
    double from = Math.atan2(-centre.y(), run);
    return Optional.of(new Arc(centre, radius, from, -Math.PI / 2 - from));
  }

  /** How far below the neck's top the wood begins, so far from the break towards the tip, mm. */
  public double below(double along) {
    double u = Math.max(0, run - along);
    double curve = drop - radius + Math.sqrt(Math.max(0, radius * radius - u * u));
    return Math.min(curve, drop - veneer);
  }

  /**
   * Where a straight line that begins in the wood comes out, from the break; empty where it stays
   * in the head.
   *
   * @param depth of the line below the neck's top, by the distance from the break
   */
  OptionalDouble comesOut(DoubleUnaryOperator depth) {
    return RootSearch.of(u -> depth.applyAsDouble(u) - below(u), 0, length, PIECES, Precision.NEAR)
        .stream()
        .mapToDouble(Double::doubleValue)
        .findFirst();
  }
}
