package roughcut.neck;

import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import roughcut.blank.NeckBlank;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;

/**
 * The neck blank as it lies at the router: its edges, and the ends that stops are counted from. A
 * scarf saws the head's end off and turns it over, so nothing is counted from there then.
 *
 * @param half centre line to the blank's edge at x, mm
 * @param headEnd the blank's head end to the nut line, mm
 * @param heelEnd nut line to the blank's heel end, its trim included, mm
 * @param countedFromHeel whether the beginning of a channel is counted from the heel end, too
 * @param when the channels are cut relative to the joint, in words; empty without one
 * @param density of its heaviest wood, kg/m³
 * @param provenance what shapes it
 */
public record RoutedBlank(
    DoubleUnaryOperator half,
    double headEnd,
    double heelEnd,
    boolean countedFromHeel,
    Optional<Text> when,
    double density,
    Provenance provenance) {

  /** The blank; {@code length} is that of its strips. */
  public static RoutedBlank of(
      EffectiveInputs inputs, NeckBlank blank, Value length, double density) {
    double heelEnd =
        inputs.get(Decisions.HEEL_END).value() + inputs.get(BlankDecisions.END_TRIM).value();
    boolean angled = inputs.get(Decisions.HEAD_ANGLE).value() >= HeadLine.FLAT;
    boolean scarf =
        angled
            && switch (inputs.get(NeckDecisions.HEAD_MAKING)) {
              case SCARF -> true;
              case ONE_PIECE, FLAT, HEADLESS -> false;
            };
    // Under the fretboard the head's own piece carries the channel's beginning.
    Text when =
        switch (inputs.get(Decisions.SCARF_SCHOOL)) {
          case SEAM_UNDER_FRETBOARD -> Text.of("after the joint");
          case SEAM_ACROSS_HEAD -> Text.of("before or after the joint");
        };
    return new RoutedBlank(
        blank::halfWidth,
        length.value() - heelEnd,
        heelEnd,
        scarf,
        scarf ? Optional.of(when) : Optional.empty(),
        density,
        blank
            .provenance()
            .with(length, inputs.get(Decisions.HEEL_END), inputs.get(BlankDecisions.END_TRIM)));
  }

  double half(double x) {
    return half.applyAsDouble(x);
  }
}
