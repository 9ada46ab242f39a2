package roughcut.plan;

import java.util.List;
import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.design.NeckDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Message;
import roughcut.finding.OutlineMessage;
import roughcut.finding.Topic;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.neck.HeadFace;
import roughcut.record.EffectiveInputs;

/** A headstock's outline that was drawn elsewhere, and what keeps it from being cut. */
final class HeadProblems extends Problems {
  /** A step beside the nut so small is sanded away with the edge, mm. */
  private static final double EASED = 0.5;

  /** Where the width beside the nut is looked at, mm from the break line. */
  private static final double BESIDE_NUT = 0.1;

  private HeadProblems(EffectiveInputs inputs) {
    super(inputs, Topic.NECK);
  }

  static List<Finding> of(EffectiveInputs inputs, HeadFace face, double nutHalf) {
    HeadProblems problems = new HeadProblems(inputs);
    Optional<DrawnOutline> drawn = inputs.design().drawn(DrawnPart.HEAD);
    drawn.ifPresent(
        outline -> {
          face.crossing().ifPresent(problems::crossing);
          problems.open(NeckDecisions.HEAD_OUTLINE_TURN, outline);
          problems.nut(face, nutHalf);
        });
    return problems.found();
  }

  private void crossing(Point at) {
    add(
        NeckDecisions.HEAD_OUTLINE_TURN,
        OutlineMessage.crossing(
            Text.of(
                "The headstock outline crosses itself {along} from the break line.", mm(at.x()))));
  }

  /** The neck goes on into the head: both are as wide at the nut. */
  private void nut(HeadFace face, double nutHalf) {
    double bass = face.reach(-1, BESIDE_NUT);
    double treble = face.reach(1, BESIDE_NUT);
    if (Math.abs(bass - nutHalf) > EASED || Math.abs(treble - nutHalf) > EASED) {
      stop(
          Decisions.HEAD_WIDTH.id(),
          Message.of(
                  Text.of(
                      "The headstock is {width} wide at the nut, the neck {neck}.",
                      mm(bass + treble),
                      mm(2 * nutHalf)))
              .why(Text.of("A step is left beside the nut."))
              .fix(
                  Text.of(
                      "Stretch it with the headstock width, turn it, or draw its end {neck} wide.",
                      mm(2 * nutHalf))));
    }
  }
}
