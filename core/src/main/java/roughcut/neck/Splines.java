package roughcut.neck;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.NeckDecisions;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * Thin bars let in from above, across the scarf joint or the short grain at the break of a head in
 * one piece (handbook page 4, "Splines").
 *
 * @param offsets of their middles from the centre line
 * @param x where the middle of what they cross lies, from the nut line
 * @param back least wood to the carved back
 * @param rod wood between the nearest one and the rod's channel or the access bore
 */
public record Splines(List<Double> offsets, double x, Value back, Value rod) {

  /**
   * The splines; empty when there are none.
   *
   * @param scarf that they cross; empty where they cross the break of a head in one piece
   */
  public static Optional<Splines> of(
      EffectiveInputs inputs,
      Optional<ScarfJoint> scarf,
      NeckShape neck,
      RodChannel rod,
      ValueRegistry registry) {
    int count = (int) inputs.get(NeckDecisions.SPLINES).value();
    if (count == 0) {
      return Optional.empty();
    }
    Value width = inputs.get(NeckDecisions.SPLINE_WIDTH);
    Value depth = inputs.get(NeckDecisions.SPLINE_DEPTH);
    Value apart = inputs.get(NeckDecisions.SPLINE_OFFSET);
    List<Double> offsets = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      offsets.add((i - (count - 1) / 2.0) * apart.value());
    }
    double x = Math.max(0, scarf.map(ScarfJoint::middleX).orElse(0.0));
    Provenance place =
        scarf
            .map(s -> Provenance.of(s.bevel(), s.run()).and(neck.head().provenance()))
            .orElse(Provenance.NONE);
    double back = Double.POSITIVE_INFINITY;
    double beside = Double.POSITIVE_INFINITY;
    for (double y : offsets) {
      back = Math.min(back, neck.profile(x).distanceToChannel(y, width.value(), depth.value()));
      beside = Math.min(beside, Math.abs(y) - width.value() / 2 - rod.width().value() / 2);
    }
    return Optional.of(
        new Splines(
            offsets,
            x,
            registry.find(
                NeckKeys.SPLINE_BACK_LEAST,
                back,
                Text.of("least at the middle from its corners to the carved back"),
                neck.provenance().and(place).with(width, depth, apart)),
            registry.find(
                NeckKeys.SPLINE_ROD,
                beside,
                Text.of("least distance from the splines to the rod channel"),
                width,
                apart,
                rod.width())));
  }
}
