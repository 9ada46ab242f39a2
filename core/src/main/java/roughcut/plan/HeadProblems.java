package roughcut.plan;

import java.util.List;
import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.design.NeckDecisions;
import roughcut.design.RodReach;
import roughcut.design.RoutDecisions;
import roughcut.design.StringDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Message;
import roughcut.finding.OutlineMessage;
import roughcut.finding.Topic;
import roughcut.geometry.Point;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.neck.HeadFace;
import roughcut.neck.Headpiece;
import roughcut.record.EffectiveInputs;
import roughcut.shop.BridgeBook;

/**
 * A headstock's outline that was drawn elsewhere, and what keeps it from being cut; a headless
 * neck, and what keeps it from being strung.
 */
final class HeadProblems extends Problems {
  /** A step beside the nut so small is sanded away with the edge, mm. */
  private static final double EASED = 0.5;

  /** Where the width beside the nut is looked at, mm from the break line. */
  private static final double BESIDE_NUT = 0.1;

  private HeadProblems(EffectiveInputs inputs) {
    super(inputs, Topic.NECK);
  }

  static List<Finding> of(EffectiveInputs inputs, HeadPlan head, RodReach reach, double nutHalf) {
    HeadProblems problems = new HeadProblems(inputs);
    if (head.headpiece().isPresent()) {
      problems.headless(head.headpiece().get(), reach);
      return problems.found();
    }
    problems.tunedTwice();
    HeadFace face = head.face();
    Optional<DrawnOutline> drawn = inputs.design().drawn(DrawnPart.HEAD);
    drawn.ifPresent(
        outline -> {
          face.crossing().ifPresent(problems::crossing);
          problems.open(NeckDecisions.HEAD_OUTLINE_TURN, outline);
          problems.nut(face, nutHalf);
        });
    return problems.found();
  }

  private boolean tunedAtBridge() {
    return BridgeBook.get(inputs.get(StringDecisions.BRIDGE).word()).tunes();
  }

  private void headless(Headpiece piece, RodReach reach) {
    if (reach.fromHead()) {
      stop(
          NeckDecisions.ROD_REACH.id(),
          Message.of(Text.of("The rod is adjusted at the headstock, and there is none."))
              .why(Text.of("The headpiece covers the end of the neck."))
              .fix(Text.of("Adjust it at the fretboard end or at the heel.")));
    }
    if (!tunedAtBridge()) {
      stop(
          StringDecisions.BRIDGE.id(),
          Message.of(Text.of("Nothing tunes the strings of this headless neck."))
              .why(Text.of("The headpiece only holds them."))
              .fix(Text.of("Choose a bridge with tuners, or a headstock.")));
    }
    Value own = inputs.get(NeckDecisions.HEADPIECE_MASS);
    Value all = inputs.get(RoutDecisions.OTHER_MASS);
    if (own.value() > all.value()) {
      add(
          NeckDecisions.HEADPIECE_MASS,
          Message.of(
                  Text.of(
                      "The headpiece weighs {own}, and all other hardware with it only {all}.",
                      Text.shown(own),
                      Text.shown(all)))
              .fix(Text.of("Weigh both, and type what the scale says.")));
    }
    if (piece.held().value() > of(NeckDecisions.HEAD_STUB)) {
      stop(
          NeckDecisions.HEADPIECE_STRINGS.id(),
          Message.of(
                  Text.of(
                      "The strings are held {held} behind the nut, and the neck ends after {stub}.",
                      mm(piece.held().value()),
                      mm(of(NeckDecisions.HEAD_STUB))))
              .why(Text.of("The headpiece has nothing to sit on."))
              .fix(
                  Text.of(
                      "Let the neck run at least {held} past the nut.", mm(piece.held().value()))));
    }
  }

  /** Tuners at both ends of a string are one set too many. */
  private void tunedTwice() {
    if (tunedAtBridge()) {
      stop(
          StringDecisions.BRIDGE.id(),
          Message.of(Text.of("The strings have tuners at the bridge and at the headstock."))
              .why(Text.of("One of the two is not needed."))
              .fix(Text.of("Choose a headless neck, or a bridge without tuners.")));
    }
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
