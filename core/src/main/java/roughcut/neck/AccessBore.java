package roughcut.neck;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.LENGTH;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.geometry.MinimumSearch;
import roughcut.geometry.Point;
import roughcut.measure.ComputedValue;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * The bore through which a head-adjusted rod is turned: where it opens on the head's face, how far
 * the bit goes, and what wood it leaves (handbook page 4, "Access hole"). Places along the neck are
 * measured from the break line towards the tip; with f = tan θ + tan β and the axis at the depth c
 * under the break line, the bore opens from (c − D / (2·cos β)) / f to (c + D / (2·cos β)) / f; on
 * a flat head it comes out of the step's curve or of the face below it.
 *
 * @param opens where its upper edge comes out
 * @param centre where its axis comes out
 * @param closes where its lower edge comes out
 * @param depth of the bit from the face to the adjuster
 * @param bit shortest that clears the chuck over the head
 * @param underNut wood over the bore at the break line, under the nut's seat
 * @param back least wood between the bore and the neck's back
 * @param key how far the key stands clear in the bore
 * @param axis from the adjuster to beyond the face, in the elevation
 */
public record AccessBore(
    Value diameter,
    Value tilt,
    Value pilot,
    Value opens,
    Value centre,
    Value closes,
    Value depth,
    Value bit,
    Value underNut,
    Value back,
    Value key,
    List<Point> axis) {
  /** A key turned further than this out of the axis slips, degrees. */
  public static final double KEY_ANGLE = 6;

  /** Flatter than this the bore never meets the face. */
  private static final double MEETS = 0.005;

  private static final int SAMPLES = 24;

  /** Whether the bore comes out of the face at all, with the whole of its width. */
  public static boolean meets(HeadLine head, EffectiveInputs inputs) {
    return StepDown.of(inputs, head)
        .map(step -> step.comesOut(edge(inputs, 1)).isPresent())
        .orElse(fall(head, inputs) > MEETS);
  }

  /**
   * Depth of the bore below the neck's top, by the distance from the break.
   *
   * @param edge -1 for its upper edge, 0 for the axis, 1 for its lower edge
   */
  private static DoubleUnaryOperator edge(EffectiveInputs inputs, int edge) {
    double beta = Math.toRadians(inputs.get(NeckDecisions.ACCESS_TILT).value());
    double half = inputs.get(NeckDecisions.ACCESS_BORE).value() / 2 / Math.cos(beta);
    double axis = inputs.get(NeckDecisions.ROD_AXIS).value();
    return u -> axis + edge * half - u * Math.tan(beta);
  }

  private static double fall(HeadLine head, EffectiveInputs inputs) {
    return Math.tan(head.theta())
        + Math.tan(Math.toRadians(inputs.get(NeckDecisions.ACCESS_TILT).value()));
  }

  /** The bore; empty where it never meets the face, as on a flat head without tilt. */
  public static Optional<AccessBore> of(
      EffectiveInputs inputs,
      HeadLine head,
      NeckShape neck,
      RodChannel rod,
      ValueRegistry registry) {
    return meets(head, inputs)
        ? Optional.of(new Builder(inputs, head, neck, rod, registry).build())
        : Optional.empty();
  }

  /** The steps of drilling it, in order. */
  public List<Text> steps() {
    return List.of(
        Text.of("pilot, steep first, then lower"),
        Text.of("try the key"),
        Text.of("only then enlarge it"));
  }

  private static final class Builder {
    private final EffectiveInputs inputs;
    private final HeadLine head;
    private final NeckShape neck;
    private final ValueRegistry registry;
    private final Value c;
    private final Value d;
    private final Value beta;
    private final Value veneer;
    private final Value angle;
    private final Value adjuster;
    private final Optional<StepDown> step;

    private Builder(
        EffectiveInputs inputs,
        HeadLine head,
        NeckShape neck,
        RodChannel rod,
        ValueRegistry registry) {
      this.inputs = inputs;
      this.head = head;
      this.neck = neck;
      this.registry = registry;
      this.c = inputs.get(NeckDecisions.ROD_AXIS);
      this.d = inputs.get(NeckDecisions.ACCESS_BORE);
      this.beta = inputs.get(NeckDecisions.ACCESS_TILT);
      this.veneer = inputs.get(Decisions.HEAD_VENEER);
      this.angle = head.angle();
      this.adjuster = rod.start();
      this.step = StepDown.of(inputs, head);
    }

    AccessBore build() {
      Value opens =
          place(
              NeckKeys.ACCESS_OPENS_AT.id(), Text.of("Access hole opens, from the break line"), -1);
      Value centre =
          place(
              NeckKeys.ACCESS_CENTRE_AT.id(),
              Text.of("Axis of the access hole on the face, from the break line"),
              0);
      Value closes =
          place("access.closes-at", Text.of("Access hole closes, from the break line"), 1);
      Value depth =
          registry.put(
              NeckKeys.ACCESS_DEPTH,
              "(x_c + x_s + nut) / cos(β)",
              in("x_c", centre),
              in("x_s", adjuster),
              in("nut", head.nutThickness()),
              in("β", beta));
      Value chuck = inputs.get(NeckDecisions.ACCESS_CHUCK);
      return new AccessBore(
          d,
          beta,
          inputs.get(NeckDecisions.ACCESS_PILOT),
          opens,
          centre,
          closes,
          depth,
          bit(depth, centre, chuck),
          registry.put(
              NeckKeys.ACCESS_UNDER_NUT,
              "c − D / (2 · cos(β))",
              in("c", c),
              in("D", d),
              in("β", beta)),
          back(centre),
          key(),
          List.of(
              axis(-(adjuster.value() + head.nutThickness().value())), axis(centre.value() + 24)));
    }

    /** The axis at so much from the break towards the tip. */
    private Point axis(double x) {
      return new Point(head.breakX() - x, -c.value() + x * Math.tan(Math.toRadians(beta.value())));
    }

    private Value place(String id, Text label, int edge) {
      if (step.isPresent()) {
        return registry.find(
            id,
            label,
            LENGTH,
            step.get().comesOut(edge(inputs, edge)).orElse(0),
            Text.of("found where it leaves the step or the face"),
            step.get().provenance().with(c, d, beta));
      }
      String depth = veneer.value() > 0 ? "c + v / cos(θ)" : "c";
      String over =
          edge == 0 ? depth : "(" + depth + (edge < 0 ? " − " : " + ") + "D / (2 · cos(β)))";
      String formula =
          (edge == 0 && veneer.value() > 0 ? "(" + over + ")" : over) + " / (tan(θ) + tan(β))";
      return registry.put(
          id,
          label,
          LENGTH,
          formula,
          in("c", c),
          in("D", d),
          in("v", veneer),
          in("θ", angle),
          in("β", beta));
    }

    /** The chuck clears where it stands its radius over the face, or lies beyond the head's tip. */
    private Value bit(Value depth, Value centre, Value chuck) {
      if (step.isPresent()) {
        return steppedBit(depth, centre, chuck);
      }
      double tip = head.breakX() - head.at(head.length().value(), 0).x();
      return registry.put(
          NeckKeys.ACCESS_BIT_LENGTH,
          "ℓ + min(r / ((tan(θ) + tan(β)) · cos(β) · cos(β)), max(0, (x_tip − x_c) / cos(β)))",
          in("ℓ", depth),
          in("r", ComputedValue.of(NeckKeys.ACCESS_CHUCK_RADIUS, "d / 2", in("d", chuck))),
          in("θ", angle),
          in("β", beta),
          in(
              "x_tip",
              SearchedValue.of(
                  NeckKeys.HEAD_TIP,
                  tip,
                  Text.of("found along the line of the headstock"),
                  head.provenance())),
          in("x_c", centre));
    }

    /** Over a flat head the chuck clears where the axis has risen by its radius, or at the tip. */
    private Value steppedBit(Value depth, Value centre, Value chuck) {
      double tan = Math.tan(Math.toRadians(beta.value()));
      double cos = Math.cos(Math.toRadians(beta.value()));
      double face = step.get().below(head.length().value());
      double rise = chuck.value() / 2 / cos + c.value() - face;
      double clear =
          rise <= 0
              ? step.get()
                  .comesOut(u -> c.value() + chuck.value() / 2 / cos - u * tan)
                  .orElse(head.length().value())
              : tan > 0 ? rise / tan : Double.POSITIVE_INFINITY;
      double out = Math.min(clear, head.length().value()) - centre.value();
      return registry.find(
          NeckKeys.ACCESS_BIT_LENGTH,
          depth.value() + Math.max(0, out / cos),
          Text.of("found where the chuck clears the headstock"),
          step.get().provenance().with(depth, centre, chuck, c, beta));
    }

    private Value back(Value centre) {
      List<Point> line = neck.back().line();
      double from = -(adjuster.value() + head.nutThickness().value());
      MinimumSearch least =
          MinimumSearch.of(
              x -> {
                Point p = axis(x);
                double best = Double.POSITIVE_INFINITY;
                for (int i = 1; i < line.size(); i++) {
                  best = Math.min(best, p.distanceToSegment(line.get(i - 1), line.get(i)));
                }
                return best;
              },
              from,
              Math.max(from + 1, centre.value()),
              SAMPLES,
              1e-3);
      return registry.find(
          NeckKeys.ACCESS_BACK_LEAST,
          least.value() - d.value() / 2,
          Text.of("least distance of the axis from the back along the hole, less D / 2"),
          neck.provenance().with(c, d, beta, adjuster));
    }

    private Value key() {
      Value key = inputs.get(NeckDecisions.KEY_SIZE);
      return registry.put(NeckKeys.ACCESS_KEY_CLEARANCE, "(D − k) / 2", in("D", d), in("k", key));
    }
  }
}
