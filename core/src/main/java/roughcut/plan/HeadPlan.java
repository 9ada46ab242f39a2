package roughcut.plan;

import static roughcut.measure.ComputedValue.in;

import java.util.Optional;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.HeadMaking;
import roughcut.design.NeckDecisions;
import roughcut.measure.Provenance;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.neck.FlatHead;
import roughcut.neck.HeadFace;
import roughcut.neck.HeadLine;
import roughcut.neck.NeckKeys;
import roughcut.neck.NeckShape;
import roughcut.neck.OnePieceHead;
import roughcut.neck.ScarfJoint;
import roughcut.neck.TunerLayout;
import roughcut.neck.Volute;
import roughcut.record.EffectiveInputs;

/**
 * The head: its face, what each way of making it would ask of the blank, its tuners.
 *
 * @param making how it is made
 * @param onePiece the head if it were made in one piece
 * @param flat if it were flat and stepped down
 * @param joint the scarf joint that its angle would ask for; empty on a flat head
 * @param face the head seen square to its face: the break at x = 0, the tip to the right
 */
record HeadPlan(
    HeadMaking making,
    OnePieceHead onePiece,
    FlatHead flat,
    Volute volute,
    Optional<ScarfJoint> joint,
    HeadFace face,
    TunerLayout tuners) {

  static HeadPlan of(
      EffectiveInputs inputs, LayoutPlan layout, NeckShape neck, ValueRegistry registry) {
    HeadLine head = neck.head();
    HeadLine angled = HeadLine.angled(inputs);
    OnePieceHead onePiece =
        OnePieceHead.of(angled, neck.heelEnd(), inputs.get(BlankDecisions.END_TRIM), registry);
    FlatHead flat = FlatHead.of(inputs, head, neck.heelEnd(), registry);
    Volute volute = Volute.of(inputs, head, layout.taper(), registry);
    // The scarf's numbers are there for comparing with one piece; a flat head has none of them.
    ValueRegistry own =
        switch (inputs.get(NeckDecisions.HEAD_MAKING)) {
          case FLAT -> new ValueRegistry();
          case SCARF, ONE_PIECE -> registry;
        };
    Optional<ScarfJoint> joint =
        angled.flat() ? Optional.empty() : Optional.of(ScarfJoint.of(inputs, angled, own));
    Value veneer = inputs.get(Decisions.HEAD_VENEER);
    if (veneer.value() > 0 && !head.flat()) {
      registry.put(NeckKeys.HEAD_VENEER_BEVEL, "θ", in("θ", head.angle()));
    }
    EffectiveInputs.Watched<HeadFace> shaped =
        inputs.tracked(() -> HeadFace.of(inputs, layout.taper(), head));
    HeadFace face = shaped.made();
    Provenance shape = shaped.asked().and(head.provenance()).with(inputs.get(Decisions.NUT_WIDTH));
    return new HeadPlan(
        inputs.get(NeckDecisions.HEAD_MAKING),
        onePiece,
        flat,
        volute,
        joint,
        face,
        TunerLayout.of(inputs, head, layout.strings(), face, shape, registry));
  }

  /** The scarf joint, where it is made with one. */
  Optional<ScarfJoint> scarf() {
    return switch (making) {
      case SCARF -> joint;
      case ONE_PIECE, FLAT -> Optional.empty();
    };
  }

  /** Whether short grain begins at the break. */
  boolean shortGrain() {
    return switch (making) {
      case ONE_PIECE -> joint.isPresent();
      case SCARF, FLAT -> false;
    };
  }

  /** How long the blank has to be. */
  Value blankLength() {
    return switch (making) {
      case FLAT -> flat.length();
      case SCARF -> joint.map(ScarfJoint::blankLength).orElse(onePiece.length());
      case ONE_PIECE -> onePiece.length();
    };
  }

  /** How deep the blank has to be for it; empty when the shaft's depth will do. */
  Optional<Value> deep() {
    return switch (making) {
      case ONE_PIECE -> joint.map(j -> onePiece.depth());
      case FLAT -> Optional.of(flat.depth());
      case SCARF -> Optional.empty();
    };
  }

  /**
   * How deep the shaft's wood is: as it was planed under a scarf or read in any case, or else at
   * least the head's.
   */
  Value stock(Value shaft) {
    return deep().filter(d -> !shaft.measured() && d.value() > shaft.value()).orElse(shaft);
  }
}
