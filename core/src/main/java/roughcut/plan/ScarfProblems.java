package roughcut.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.design.OperationId;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.measure.Text;
import roughcut.neck.ScarfJoint;
import roughcut.neck.TunerLayout;
import roughcut.record.EffectiveInputs;

/** What a scarf joint meets: its planing, the tuners' bores, and the eye (handbook page 4). */
final class ScarfProblems {
  /** A thin edge so near beside a bore chips, mm. */
  private static final double CHIPS = 3;

  private final EffectiveInputs inputs;
  private final Findings found = new Findings(Topic.NECK);

  private ScarfProblems(EffectiveInputs inputs) {
    this.inputs = inputs;
  }

  static List<Finding> of(EffectiveInputs inputs, Optional<ScarfJoint> scarf, TunerLayout tuners) {
    ScarfProblems problems = new ScarfProblems(inputs);
    scarf.ifPresent(
        joint -> {
          problems.planing();
          if (!joint.underFretboard()) {
            problems.shown(joint);
            problems.bored(joint, tuners);
          }
        });
    return problems.found.list();
  }

  /** Both bevels are planed together after the saw: what that takes is missed from the joint. */
  private void planing() {
    if (inputs.get(Decisions.SCARF_PLANING).value() == 0
        && !inputs.done(OperationId.HEAD_SCARF_SAW)) {
      found.look(
          Decisions.SCARF_PLANING.id(),
          Message.of(Text.of("No wood is allowed for planing the scarf bevels."))
              .why(Text.of("Sawn on the line, the joint moves with every shaving."))
              .fix(Text.of("Allow about {half} for the plane.", Text.length(0.5, 1))));
    }
  }

  private void shown(ScarfJoint joint) {
    if (inputs.get(Decisions.HEAD_VENEER).value() == 0) {
      found.look(
          Decisions.HEAD_VENEER.id(),
          Message.of(
                  Text.of(
                      "The scarf joint shows on the headstock face, {seam} from the break line.",
                      Text.length(joint.seamTop().value(), 1)))
              .fix(Text.of("A face veneer covers it.")));
    }
  }

  /**
   * The glued face rises to the headstock's face at the joint's line; a bore before that line goes
   * through it within the headstock's thickness.
   */
  private void bored(ScarfJoint joint, TunerLayout tuners) {
    double line = joint.seamTop().value();
    double back = inputs.get(Decisions.HEAD_THICKNESS).value() * joint.wedge().value();
    double half = inputs.get(NeckDecisions.TUNER_BUSHING).value() / 2;
    List<Integer> through = new ArrayList<>();
    List<Integer> edge = new ArrayList<>();
    for (TunerLayout.Tuner tuner : tuners.tuners()) {
      double x = tuner.x().value();
      if (Math.abs(x - line) < half + CHIPS) {
        edge.add(tuner.string());
      } else if (x < line + half && x > line - back - half) {
        through.add(tuner.string());
      }
    }
    if (!edge.isEmpty()) {
      found.look(
          Decisions.SCARF_SCHOOL.id(),
          edge.size() == 1
              ? edge(Text.of("The tuner hole of string {all} is on the scarf's edge.", named(edge)))
              : edge(
                  Text.of(
                      "The tuner holes of strings {all} are on the scarf's edge.", named(edge))));
    }
    if (!through.isEmpty()) {
      found.look(
          Decisions.SCARF_SCHOOL.id(),
          through.size() == 1
              ? through(
                  Text.of("The tuner hole of string {all} goes through the scarf.", named(through)))
              : through(
                  Text.of(
                      "The tuner holes of strings {all} go through the scarf.", named(through))));
    }
  }

  private static Message edge(Text what) {
    return Message.of(what)
        .why(Text.of("The wood is thin there and chips."))
        .fix(Text.of("Move the tuner, or join under the fretboard."));
  }

  private static Message through(Text what) {
    return Message.of(what)
        .why(Text.of("A bit can lift the joint before the glue has cured."))
        .fix(Text.of("Drill after it has cured, with a backing board."));
  }

  private static Text named(List<Integer> strings) {
    return Text.joined(strings.stream().map(i -> Text.of("{number}", i)).toList(), ", ");
  }
}
