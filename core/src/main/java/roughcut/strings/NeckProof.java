package roughcut.strings;

import static roughcut.measure.Worked.in;

import java.util.Optional;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.StringDecisions;
import roughcut.measure.Ledger;
import roughcut.measure.Value;
import roughcut.record.Givens;

/**
 * What the seated neck says (handbook page 2, "Made and proved"): from its height at the body's
 * edge and a straightedge along the frets, or from as much of that as was read. What wasn't read is
 * as it was to be made.
 *
 * @param angle that it really has
 * @param exposed that it really has
 * @param saddle height that it would need
 * @param joint plane of the fret tops that it really has over the body at the joint
 * @param deepen how much lower the whole neck would have to sit for the saddle wanted; negative:
 *     higher
 * @param floor of the pocket that would be left then
 * @param seating the neck as it sits
 * @param wanted the neck as it was to sit
 */
public record NeckProof(
    Value angle,
    Value exposed,
    Value saddle,
    Value joint,
    Value deepen,
    Value floor,
    Seating seating,
    Seating wanted) {

  /** Nearer than this nobody measures a saddle's height, mm. */
  private static final double FITS = 0.1;

  /**
   * What it was to be.
   *
   * @param joint plane of the fret tops over the body's top at the joint
   * @param angle by which the neck leans back
   * @param saddle its height over the body's top at the neck end
   * @param along from the joint to the saddle line
   * @param pocket from the joint to the heel's end
   */
  record Wanted(Value joint, Value angle, Value saddle, Value along, Value pocket) {}

  /** The proof, once something of the seated neck was read. */
  static Optional<NeckProof> of(Givens givens, Wanted wanted, Ledger ledger) {
    Value board = givens.get(Decisions.FRETBOARD_THICKNESS);
    Value fret = givens.get(FretboardDecisions.WIRE_HEIGHT);
    Value action = givens.get(StringDecisions.ACTION_12);
    Value nut = NutAction.of(givens);
    Value standing = givens.get(StringDecisions.STANDING);
    Value edge = givens.get(StringDecisions.STRAIGHTEDGE);
    Value exposedRead = givens.get(StringDecisions.EXPOSED);
    Value angleRead = givens.get(StringDecisions.ANGLE_DECIDED);
    boolean height = standing.value() != 0 || exposedRead.measured();
    if (!height && edge.value() == 0 && !angleRead.measured()) {
      return Optional.empty();
    }
    Value joint =
        standing.value() != 0
            ? ledger.put(StringKeys.PROOF_JOINT, "s + t_f", in("s", standing), in("t_f", fret))
            : exposedRead.measured()
                ? ledger.put(
                    StringKeys.PROOF_JOINT,
                    "e + t_b + t_f",
                    in("e", exposedRead),
                    in("t_b", board),
                    in("t_f", fret))
                : ledger.put(StringKeys.PROOF_JOINT, "z_j", in("z_j", wanted.joint()));
    Value rise = givens.get(StringDecisions.CARVE_RISE);
    Value angle =
        edge.value() != 0
            ? ledger.put(
                StringKeys.PROOF_ANGLE,
                "atan((g + r − z_j) / l)",
                in("g", edge),
                in("r", rise),
                in("z_j", joint),
                in("l", wanted.along()))
            : ledger.put(
                StringKeys.PROOF_ANGLE,
                "α",
                in("α", angleRead.measured() ? angleRead : wanted.angle()));
    Value exposed =
        ledger.put(
            StringKeys.PROOF_EXPOSED,
            "z_j − t_f − t_b",
            in("z_j", joint),
            in("t_f", fret),
            in("t_b", board));
    Value saddle =
        ledger.put(
            StringKeys.PROOF_SADDLE,
            "z_j + tan(α) · l + 2 · a_12 − a_nut",
            in("z_j", joint),
            in("α", angle),
            in("l", wanted.along()),
            in("a_12", action),
            in("a_nut", nut));
    Value deepen =
        ledger.put(
            StringKeys.PROOF_DEEPEN, "H_real − H", in("H_real", saddle), in("H", wanted.saddle()));
    // Where it leans forward the heel's end lies deepest.
    Value floor =
        ledger.put(
            StringKeys.PROOF_FLOOR,
            "t − (h − e) − max(0, −p · tan(α)) − k",
            in("t", givens.get(BodyDecisions.BODY_THICKNESS)),
            in("h", givens.get(Decisions.HEEL_THICKNESS)),
            in("e", exposed),
            in("p", wanted.pocket()),
            in("α", angle),
            in("k", deepen));
    return Optional.of(
        new NeckProof(
            angle,
            exposed,
            saddle,
            joint,
            deepen,
            floor,
            seating(joint, angle, wanted),
            seating(wanted.joint(), wanted.angle(), wanted)));
  }

  private static Seating seating(Value joint, Value angle, Wanted wanted) {
    return new Seating(
        joint.value(),
        Math.tan(Math.toRadians(angle.value())),
        wanted.along().value(),
        wanted.pocket().value());
  }

  /** Whether the saddle stands as wanted, to what can be measured. */
  public boolean fits() {
    return Math.abs(deepen.value()) < FITS;
  }
}
