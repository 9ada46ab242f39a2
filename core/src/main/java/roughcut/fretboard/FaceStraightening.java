package roughcut.fretboard;

import static roughcut.measure.ComputedValue.in;

import roughcut.design.FretboardDecisions;
import roughcut.design.NeckDecisions;
import roughcut.design.OperationId;
import roughcut.measure.ComputedValue;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;

/**
 * What straightening takes off the fretboard's face: the bow that the rod can't draw straight, and
 * what radius and sanding took more than was allowed for (handbook page 7).
 */
public final class FaceStraightening {
  private static final OperationId DONE = OperationId.BOARD_STRAIGHT;

  private FaceStraightening() {}

  /** The bow that is left to the abrasive after the rod took its share, mm. */
  public static ComputedValue bow(EffectiveInputs inputs) {
    Value bow = inputs.get(NeckDecisions.BOW);
    Value rod = inputs.get(NeckDecisions.BOW_ROD);
    // Hollow is positive: the strings' pull makes more of it, and every rod works against that.
    boolean helpless =
        switch (inputs.get(NeckDecisions.ROD_ACTING)) {
          case SINGLE -> bow.value() < 0;
          case DOUBLE -> false;
        };
    return helpless
        ? ComputedValue.of(FretboardKeys.BOW_SANDED, "abs(b)", in("b", bow))
        : ComputedValue.of(
            FretboardKeys.BOW_SANDED.called("Bow to sand out, after the rod"),
            "max(0, abs(b) − r)",
            in("b", bow),
            in("r", rod));
  }

  /**
   * What comes or came off the face beyond the sanding that slots are sawn deeper for, mm. What was
   * read as sanded has the straightening in it once that is done.
   */
  static Value beyond(EffectiveInputs inputs) {
    Value sanded = inputs.get(FretboardDecisions.SANDED);
    Value allowed = inputs.get(FretboardDecisions.SANDING);
    return inputs.done(DONE) && sanded.measured()
        ? ComputedValue.of(
            FretboardKeys.SLOT_SANDED_MORE, "max(0, g − σ)", in("g", sanded), in("σ", allowed))
        : ComputedValue.of(
            FretboardKeys.SLOT_SANDED_MORE,
            "max(0, g − σ) + b",
            in("g", sanded),
            in("σ", allowed),
            in("b", bow(inputs)));
  }
}
