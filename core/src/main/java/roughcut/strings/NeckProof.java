package roughcut.strings;

import static roughcut.measure.Quantity.ANGLE;
import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.Optional;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.Givens;
import roughcut.design.StringDecisions;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;

/**
 * What the seated neck says, from its standing height and a straightedge (handbook page 2, "Made
 * and proved").
 *
 * @param angle that it really has
 * @param exposed that it really has
 * @param saddle height that it would need
 * @param deepen how much deeper the pocket would have to be for the saddle wanted; negative: shim
 * @param floor of the pocket that would be left
 */
public record NeckProof(Worked angle, Worked exposed, Worked saddle, Worked deepen, Worked floor) {

  /**
   * The proof, once both were measured.
   *
   * @param run from the joint to the saddle line, mm
   */
  static Optional<NeckProof> of(Givens givens, Worked wanted, double run, Ledger ledger) {
    Given board = givens.get(Decisions.FRETBOARD_THICKNESS);
    Given fret = givens.get(FretboardDecisions.WIRE_HEIGHT);
    Given action = givens.get(StringDecisions.ACTION_12);
    Given nut = NutAction.of(givens);
    Given along = Given.decided("heights.run", "Joint to saddle line", run, LENGTH);
    Given standing = givens.get(StringDecisions.STANDING);
    Given edge = givens.get(StringDecisions.STRAIGHTEDGE);
    if (standing.value() == 0 || edge.value() == 0) {
      return Optional.empty();
    }
    Worked exposed =
        ledger.put(
            "proof.exposed",
            "Fretboard really stands out",
            FINE_LENGTH,
            standing.value() - board.value(),
            "s − t_b",
            in("s", standing),
            in("t_b", board));
    Worked angle =
        ledger.put(
            "proof.angle",
            "Neck really leans back by",
            ANGLE,
            Math.toDegrees(Math.atan((edge.value() - standing.value() - fret.value()) / run)),
            "atan((g − s − t_f) / l)",
            in("g", edge),
            in("s", standing),
            in("t_f", fret),
            in("l", along));
    Worked saddle =
        ledger.put(
            "proof.saddle",
            "Saddle would really have to stand",
            FINE_LENGTH,
            edge.value() + 2 * action.value() - nut.value(),
            "g + 2 · a_12 − a_nut",
            in("g", edge),
            in("a_12", action),
            in("a_nut", nut));
    Worked deepen =
        ledger.put(
            "proof.deepen",
            "Deepen the pocket by, for the saddle wanted",
            FINE_LENGTH,
            saddle.value() - wanted.value(),
            "H_real − H",
            in("H_real", saddle),
            in("H", wanted));
    Given body = givens.get(BodyDecisions.BODY_THICKNESS);
    Given heel = givens.get(Decisions.HEEL_THICKNESS);
    return Optional.of(
        new NeckProof(
            angle,
            exposed,
            saddle,
            deepen,
            ledger.put(
                "proof.floor",
                "Floor left then",
                LENGTH,
                body.value() - (heel.value() - exposed.value()) - deepen.value(),
                "t − (h − e) − k",
                in("t", body),
                in("h", heel),
                in("e", exposed),
                in("k", deepen))));
  }
}
