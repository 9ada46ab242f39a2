package roughcut.plan;

import static roughcut.measure.ComputedValue.in;

import java.util.List;
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
import roughcut.neck.Headless;
import roughcut.neck.Headpiece;
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
 * @param angled the head at the angle that was decided, however it is made
 * @param joint the scarf joint that its angle would ask for; empty on a flat head
 * @param headlessLength of the blank if it were headless
 * @param headpiece what holds the strings of a headless neck; empty on any other
 * @param face the head seen square to its face: the break at x = 0, the tip to the right
 */
record HeadPlan(
    HeadMaking making,
    OnePieceHead onePiece,
    FlatHead flat,
    Volute volute,
    HeadLine angled,
    Optional<ScarfJoint> joint,
    Value headlessLength,
    HeadFace face,
    TunerLayout tuners,
    Optional<Headpiece> headpiece) {

  /**
   * The head that was decided.
   *
   * @param plain what was decided of a headstock, on a headless neck too: what it would be if it
   *     had one
   */
  static HeadPlan of(
      EffectiveInputs inputs,
      EffectiveInputs plain,
      LayoutPlan layout,
      NeckShape neck,
      ValueRegistry registry) {
    HeadLine head = neck.head();
    HeadLine angled = HeadLine.angled(plain);
    OnePieceHead onePiece =
        OnePieceHead.of(angled, neck.heelEnd(), inputs.get(BlankDecisions.END_TRIM), registry);
    FlatHead flat = FlatHead.of(plain, HeadLine.flat(plain), neck.heelEnd(), registry);
    // The scarf's numbers are there for comparing with one piece; a flat head has none of them.
    ValueRegistry own =
        switch (inputs.get(NeckDecisions.HEAD_MAKING)) {
          case FLAT, HEADLESS -> new ValueRegistry();
          case SCARF, ONE_PIECE -> registry;
        };
    // Behind a headless neck's nut nothing is thinned round a drum.
    Volute volute =
        Volute.of(
            inputs, head, layout.taper(), Headless.is(inputs) ? new ValueRegistry() : registry);
    Optional<ScarfJoint> joint =
        angled.flat() ? Optional.empty() : Optional.of(ScarfJoint.of(plain, angled, own));
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
        angled,
        joint,
        registry.put(
            NeckKeys.HEADLESS_LENGTH,
            "x_heel + nut + ℓ",
            in("x_heel", neck.heelEnd()),
            in("nut", head.nutThickness()),
            in("ℓ", inputs.get(NeckDecisions.HEAD_STUB))),
        face,
        Headless.is(inputs)
            ? TunerLayout.NONE
            : TunerLayout.of(inputs, head, layout.strings(), face, shape, registry),
        Headpiece.of(inputs, neck, layout.strings(), face, shape, registry));
  }

  /** By how much each string turns down over the nut, string 1 first. */
  List<Value> breakAngles() {
    return headpiece
        .map(Headpiece::breakAngles)
        .orElseGet(() -> tuners.tuners().stream().map(TunerLayout.Tuner::breakAngle).toList());
  }

  /** The scarf joint, where it is made with one. */
  Optional<ScarfJoint> scarf() {
    return switch (making) {
      case SCARF -> joint;
      case ONE_PIECE, FLAT, HEADLESS -> Optional.empty();
    };
  }

  /** Whether short grain begins at the break. */
  boolean shortGrain() {
    return switch (making) {
      case ONE_PIECE -> joint.isPresent();
      case SCARF, FLAT, HEADLESS -> false;
    };
  }

  /** How long the blank has to be. */
  Value blankLength() {
    return switch (making) {
      case FLAT -> flat.length();
      case SCARF -> joint.map(ScarfJoint::blankLength).orElse(onePiece.length());
      case ONE_PIECE -> onePiece.length();
      case HEADLESS -> headlessLength;
    };
  }

  /** How deep the blank has to be for it; empty when the shaft's depth will do. */
  Optional<Value> deep() {
    return switch (making) {
      case ONE_PIECE -> joint.map(j -> onePiece.depth());
      case FLAT -> Optional.of(flat.depth());
      case SCARF, HEADLESS -> Optional.empty();
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
