package roughcut.plan;

import java.util.List;
import roughcut.design.StringDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Topic;
import roughcut.record.EffectiveInputs;
import roughcut.strings.Bridge;

/**
 * A bridge that can't hold what the strings need. Lengths in messages are millimetres, written out.
 */
final class StringProblems extends Problems {
  private StringProblems(EffectiveInputs inputs) {
    super(inputs, Topic.STRINGS);
  }

  static List<Finding> of(EffectiveInputs inputs, Bridge bridge) {
    StringProblems bridged = new StringProblems(inputs);
    bridged.bridge(bridge);
    return bridged.found();
  }

  /** A bridge whose travel can't hold the compensation. */
  private void bridge(Bridge bridge) {
    if (!bridge.possible()) {
      add(StringDecisions.BRIDGE, bridge.problem());
    }
  }
}
