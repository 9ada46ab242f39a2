package roughcut.strings;

import static roughcut.measure.ComputedValue.in;

import java.util.Optional;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.StringDecisions;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;
import roughcut.record.Measurables;

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
   * @param seat of the heel in its pocket; none on a through-neck
   */
  record Wanted(
      Value joint, Value angle, Value saddle, Value along, Value pocket, Optional<HeelSeat> seat) {}

  /** The proof, once something of the seated neck was read. */
  static Optional<NeckProof> of(EffectiveInputs inputs, Wanted wanted, ValueRegistry registry) {
    Value board = inputs.get(Decisions.FRETBOARD_THICKNESS);
    Value fret = inputs.get(FretboardDecisions.WIRE_HEIGHT);
    Value action = inputs.get(StringDecisions.ACTION_12);
    Value nut = NutAction.of(inputs);
    Value standing = inputs.get(StringDecisions.STANDING);
    Value edge = inputs.get(StringDecisions.STRAIGHTEDGE);
    Value exposedRead = inputs.get(StringDecisions.EXPOSED);
    Value angleRead = inputs.get(StringDecisions.ANGLE_DECIDED);
    Optional<HeelSeat> seat = wanted.seat();
    Optional<Value> depth = seat.flatMap(h -> inputs.read(Measurables.POCKET_EDGE, h.edgeDepth()));
    Optional<Value> atEnd =
        seat.filter(h -> wanted.pocket().value() > 0)
            .flatMap(h -> inputs.read(Measurables.POCKET_END, h.endDepth()));
    boolean height = standing.value() != 0 || exposedRead.measured() || depth.isPresent();
    if (!height && edge.value() == 0 && !angleRead.measured() && atEnd.isEmpty()) {
      return Optional.empty();
    }
    Value joint = joint(new Joint(standing, exposedRead, depth, fret, board), wanted, registry);
    Value exposed =
        registry.put(
            StringKeys.PROOF_EXPOSED,
            "z_j − t_f − t_b",
            in("z_j", joint),
            in("t_f", fret),
            in("t_b", board));
    Value rise = inputs.get(StringDecisions.CARVE_RISE);
    Value angle =
        edge.value() != 0
            ? registry.put(
                StringKeys.PROOF_ANGLE,
                "atan((g + r − z_j) / l)",
                in("g", edge),
                in("r", rise),
                in("z_j", joint),
                in("l", wanted.along()))
            : angleRead.measured() || atEnd.isEmpty()
                ? registry.put(
                    StringKeys.PROOF_ANGLE,
                    "α",
                    in("α", angleRead.measured() ? angleRead : wanted.angle()))
                : registry.put(
                    StringKeys.PROOF_ANGLE,
                    "atan((h − d − e) / p)",
                    in("h", seat.orElseThrow().end()),
                    in("d", atEnd.get()),
                    in("e", exposed),
                    in("p", wanted.pocket()));
    Value saddle =
        registry.put(
            StringKeys.PROOF_SADDLE,
            "z_j + tan(α) · l + 2 · a_12 − a_nut",
            in("z_j", joint),
            in("α", angle),
            in("l", wanted.along()),
            in("a_12", action),
            in("a_nut", nut));
    Value deepen =
        registry.put(
            StringKeys.PROOF_DEEPEN, "H_real − H", in("H_real", saddle), in("H", wanted.saddle()));
    Value heel = inputs.get(Decisions.HEEL_THICKNESS);
    Value floor =
        registry.put(
            StringKeys.PROOF_FLOOR,
            "t − max(h_1 − e, h_2 − e − p · tan(α)) − k",
            in("t", inputs.get(BodyDecisions.BODY_THICKNESS)),
            in("h_1", seat.map(HeelSeat::edge).orElse(heel)),
            in("h_2", seat.map(HeelSeat::end).orElse(heel)),
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

  /** What the height at the body's edge may be known from. */
  private record Joint(
      Value standing, Value exposed, Optional<Value> depth, Value fret, Value board) {}

  /** Read on the seated neck, or else off the pocket that it will sit in. */
  private static Value joint(Joint read, Wanted wanted, ValueRegistry registry) {
    if (read.standing.value() != 0) {
      return registry.put(
          StringKeys.PROOF_JOINT, "s + t_f", in("s", read.standing), in("t_f", read.fret));
    }
    if (read.exposed.measured()) {
      return registry.put(
          StringKeys.PROOF_JOINT,
          "e + t_b + t_f",
          in("e", read.exposed),
          in("t_b", read.board),
          in("t_f", read.fret));
    }
    if (read.depth.isPresent()) {
      return registry.put(
          StringKeys.PROOF_JOINT,
          "h − d + t_b + t_f",
          in("h", wanted.seat().orElseThrow().edge()),
          in("d", read.depth.get()),
          in("t_b", read.board),
          in("t_f", read.fret));
    }
    return registry.put(StringKeys.PROOF_JOINT, "z_j", in("z_j", wanted.joint()));
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
