package roughcut.plan;

import java.util.List;
import roughcut.design.BlankDecisions;
import roughcut.design.BlankStep;
import roughcut.design.Decisions;
import roughcut.design.PartDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;
import roughcut.record.Measurables;

/**
 * Decisions on the neck blank that leave nothing of it. Lengths in messages are millimetres,
 * written out.
 */
final class BlankProblems extends Problems {
  private BlankProblems(EffectiveInputs inputs) {
    super(inputs, Topic.NECK_BLANK);
  }

  /**
   * What is wrong.
   *
   * @param wanted length that shaft and head need
   */
  static List<Finding> of(EffectiveInputs inputs, Value wanted) {
    BlankProblems stock = new BlankProblems(inputs);
    stock.halved();
    stock.length(wanted);
    return stock.found();
  }

  /** A glued blank that came out too short, as long as nothing is sawn off it. */
  private void length(Value wanted) {
    double missing =
        inputs
            .read(Measurables.BLANK_LENGTH, wanted)
            .map(now -> wanted.value() - now.value())
            .orElse(0.0);
    if (missing > Precision.NEAR && !inputs.anyDone("head.")) {
      stop(
          Measurables.BLANK_LENGTH.id(),
          Message.of(
                  Text.of(
                      "The neck blank is {missing} too short for shaft and headstock.",
                      mm(missing)))
              .fix(Text.of("Make the headstock shorter, or glue up another blank.")));
    }
  }

  /** A blank that is sawn in two and is all kerf. */
  private void halved() {
    boolean halved = !inputs.design().neckSteps(BlankStep.Kind.TURNED).isEmpty();
    double width = 0;
    for (int i = 1; i <= inputs.design().neckStack().size(); i++) {
      width += of(PartDecisions.stripThickness(i));
    }
    double lost = of(Decisions.SAW_KERF) + 2 * of(BlankDecisions.SAW_ALLOWANCE);
    if (halved && lost >= width) {
      add(
          Decisions.SAW_KERF,
          Message.of(
                  Text.of(
                      "Sawing the blank in two loses {lost} of its {width}.", mm(lost), mm(width)))
              .why(Text.of("Nothing is left of one half."))
              .fix(Text.of("Use a thinner blade, or don't turn a half end for end.")));
    }
  }
}
