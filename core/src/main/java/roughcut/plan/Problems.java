package roughcut.plan;

import java.util.List;
import roughcut.design.Decision;
import roughcut.design.DrawnOutline;
import roughcut.design.NumberDecision;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Message;
import roughcut.finding.OutlineMessage;
import roughcut.finding.Topic;
import roughcut.measure.Text;
import roughcut.record.EffectiveInputs;

/** Decisions of one topic that exclude each other, gathered while they are looked for. */
abstract class Problems {
  final EffectiveInputs inputs;
  private final Findings found;

  Problems(EffectiveInputs inputs, Topic topic) {
    this.inputs = inputs;
    this.found = new Findings(topic);
  }

  final double of(NumberDecision decision) {
    return inputs.get(decision).value();
  }

  final void add(Decision decision, Message message) {
    add(decision.id(), message);
  }

  final void add(String decision, Message message) {
    found.impossible(decision, message);
  }

  final void stop(String where, Message message) {
    found.stop(where, message);
  }

  /** An outline drawn elsewhere whose ends don't meet. */
  final void open(Decision placing, DrawnOutline outline) {
    if (outline.open() > 0) {
      add(placing, OutlineMessage.open(outline.source(), outline.open()));
    }
  }

  final List<Finding> found() {
    return found.list();
  }

  /** A length as it stands in a message. */
  static Text.Arg mm(double value) {
    return Text.length(value, 1);
  }
}
