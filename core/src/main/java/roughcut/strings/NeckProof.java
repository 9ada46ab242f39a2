package roughcut.strings;

import static roughcut.measure.Worked.in;

import java.util.Optional;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.StringDecisions;
import roughcut.measure.Known;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.measure.Worked;
import roughcut.record.Givens;

/**
 * What the seated neck says, from its standing height and a straightedge (handbook page 2, "Made
 * and proved").
 *
 * @param angle that it really has
 * @param exposed that it really has
 * @param saddle height that it would need
 * @param joint plane of the fret tops that it really has over the body at the joint
 * @param wanted angle at which the saddle would stand as wanted, with the height it really has
 * @param tilt what the pocket's floor or the heel's taper would have to change for that over the
 *     pocket; positive where the neck has to lean back more
 * @param tiltedFloor of the pocket that would be left by tilting it
 * @param deepen how much deeper the pocket would have to be for the saddle wanted; negative: shim
 * @param floor of the pocket that would be left
 */
public record NeckProof(
    Value angle,
    Value exposed,
    Value saddle,
    Value joint,
    Value wanted,
    Value tilt,
    Value tiltedFloor,
    Value deepen,
    Value floor) {

  /** Nearer than this nobody measures a saddle's height, mm. */
  private static final double FITS = 0.1;

  /**
   * The proof, once both were measured.
   *
   * @param along from the joint to the saddle line
   */
  static Optional<NeckProof> of(Givens givens, Value wanted, Value along, Ledger ledger) {
    Value board = givens.get(Decisions.FRETBOARD_THICKNESS);
    Value fret = givens.get(FretboardDecisions.WIRE_HEIGHT);
    Value action = givens.get(StringDecisions.ACTION_12);
    Value nut = NutAction.of(givens);
    Value standing = givens.get(StringDecisions.STANDING);
    Value edge = givens.get(StringDecisions.STRAIGHTEDGE);
    if (standing.value() == 0 || edge.value() == 0) {
      return Optional.empty();
    }
    Value exposed =
        ledger.put(StringKeys.PROOF_EXPOSED, "s − t_b", in("s", standing), in("t_b", board));
    Value angle =
        ledger.put(
            StringKeys.PROOF_ANGLE,
            "atan((g − s − t_f) / l)",
            in("g", edge),
            in("s", standing),
            in("t_f", fret),
            in("l", along));
    Value saddle =
        ledger.put(
            StringKeys.PROOF_SADDLE,
            "g + 2 · a_12 − a_nut",
            in("g", edge),
            in("a_12", action),
            in("a_nut", nut));
    Value deepen =
        ledger.put(StringKeys.PROOF_DEEPEN, "H_real − H", in("H_real", saddle), in("H", wanted));
    Value body = givens.get(BodyDecisions.BODY_THICKNESS);
    Value heel = givens.get(Decisions.HEEL_THICKNESS);
    Value pocket =
        Worked.of(
            StringKeys.HEIGHTS_POCKET_LENGTH,
            "k · (x_h − x_j)",
            in(
                "k",
                Known.of(
                    StringKeys.HEIGHTS_IN_POCKET,
                    givens.get(BodyDecisions.NECK_JOINT).runsThrough() ? 0 : 1,
                    "the neck joint")),
            in("x_h", givens.get(Decisions.HEEL_END)),
            in("x_j", givens.get(Decisions.JOINT_X)));
    Value joint = ledger.put(StringKeys.PROOF_JOINT, "s + t_f", in("s", standing), in("t_f", fret));
    Value lean =
        ledger.put(
            StringKeys.PROOF_ANGLE_WANTED,
            "atan((H − z_j − 2 · a_12 + a_nut) / l)",
            in("H", wanted),
            in("z_j", joint),
            in("a_12", action),
            in("a_nut", nut),
            in("l", along));
    Value tilt =
        ledger.put(
            StringKeys.PROOF_TILT,
            "p · (tan(α_w) − tan(α))",
            in("p", pocket),
            in("α_w", lean),
            in("α", angle));
    Value floor =
        ledger.put(
            StringKeys.PROOF_FLOOR,
            "t − (h − e) − k",
            in("t", body),
            in("h", heel),
            in("e", exposed),
            in("k", deepen));
    // Leaning back more takes wood at the body's edge, less at the heel's end: never under the
    // height that the fretboard has at the joint.
    Value tilted =
        ledger.put(
            StringKeys.PROOF_FLOOR_TILTED,
            "t − (h − e) − max(0, k) − max(0, −p · tan(α_w))",
            in("t", body),
            in("h", heel),
            in("e", exposed),
            in("k", tilt),
            in("p", pocket),
            in("α_w", lean));
    return Optional.of(
        new NeckProof(angle, exposed, saddle, joint, lean, tilt, tilted, deepen, floor));
  }

  /** Whether the saddle stands as wanted, to what can be measured. */
  public boolean fits() {
    return Math.abs(deepen.value()) < FITS;
  }
}
