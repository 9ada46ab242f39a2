package roughcut.neck;

import java.util.Optional;
import roughcut.blank.GlueFace;
import roughcut.blank.NeckBlank;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.NeckDecisions;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Provenance;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;
import roughcut.strings.HeelSeat;

/**
 * The finished neck as a solid: how wide and how deep it is at every place along it, and the
 * section's shape there.
 *
 * @param tenonHalf half the width of a tenon narrower than the neck, mm; endless without one
 * @param coreSide side of a through-neck's core, towards the treble
 * @param coreThickness of a through-neck's core in the body, under cap and accent, mm
 */
public record NeckShape(
    HeadLine head,
    ThicknessLine thickness,
    BackLine back,
    FretboardTaper taper,
    Value exponent,
    Value shaft,
    Value joint,
    Value heelEnd,
    Value heelThickness,
    boolean through,
    double tenonHalf,
    GlueFace coreSide,
    double coreThickness,
    Value trebleDiffers,
    Value shoulder,
    Provenance provenance) {

  /**
   * A taper that runs out of wood is a problem told elsewhere; its section is a sliver rather than
   * nothing, mm.
   */
  private static final double SLIVER = 0.1;

  private static final double LEAST_EXPONENT = 1.1;

  private static final int AREA_PIECES = 6;

  /** The shape; a through-neck keeps the blank's width in the body. */
  public static NeckShape of(
      EffectiveInputs inputs,
      FretLayout frets,
      FretboardTaper taper,
      NeckBlank blank,
      Optional<HeelSeat> seat,
      Optional<ThroughCore> core) {
    Value heel = inputs.get(Decisions.HEEL_THICKNESS);
    Value atJoint = seat.map(HeelSeat::woodAtEdge).orElse(heel);
    Value shoulder = seat.filter(HeelSeat::tenoned).isPresent() ? heel : atJoint;
    Value heelAtEnd =
        core.map(ThroughCore::depthAtEnd).or(() -> seat.map(HeelSeat::woodAtEnd)).orElse(heel);
    EffectiveInputs.Watched<NeckShape> own =
        inputs.tracked(
            () ->
                shaped(
                    inputs,
                    frets,
                    taper,
                    blank.side(),
                    shoulder.value(),
                    atJoint.value(),
                    heelAtEnd.value()));
    Provenance provenance =
        own.asked().and(frets.provenance(), taper.provenance()).with(atJoint, shoulder, heelAtEnd);
    return own.made().on(core.isPresent() ? provenance.and(blank.provenance()) : provenance);
  }

  private static NeckShape shaped(
      EffectiveInputs inputs,
      FretLayout frets,
      FretboardTaper taper,
      GlueFace coreSide,
      double shoulder,
      double heelAtJoint,
      double heelAtEnd) {
    HeadLine head = HeadLine.of(inputs);
    ThicknessLine thickness = ThicknessLine.of(inputs, frets);
    Value joint = inputs.get(Decisions.JOINT_X);
    Value heelEnd = inputs.get(Decisions.HEEL_END);
    Value heel = inputs.get(Decisions.HEEL_THICKNESS);
    BackLine back =
        BackLine.of(
            head,
            thickness,
            inputs.get(Decisions.DRUM_RADIUS).value(),
            joint.value(),
            heelEnd.value(),
            shoulder,
            heelAtJoint,
            heelAtEnd,
            inputs.get(Decisions.HEEL_BLEND).value());
    return new NeckShape(
        head,
        thickness,
        back,
        taper,
        inputs.get(Decisions.PROFILE_EXPONENT),
        inputs.get(Decisions.SHAFT_THICKNESS),
        joint,
        heelEnd,
        heel,
        switch (inputs.get(BodyDecisions.NECK_JOINT)) {
          case THROUGH -> true;
          case BOLT_ON, SET_NECK -> false;
        },
        tenonHalf(inputs),
        coreSide,
        ThroughCore.thickness(inputs),
        inputs.get(NeckDecisions.EXPONENT_TREBLE),
        inputs.get(NeckDecisions.SHOULDER),
        Provenance.NONE);
  }

  private static double tenonHalf(EffectiveInputs inputs) {
    return switch (inputs.get(BodyDecisions.NECK_JOINT)) {
      case SET_NECK -> {
        double width = inputs.get(BodyDecisions.TENON_WIDTH).value();
        yield width > 0 ? width / 2 : Double.POSITIVE_INFINITY;
      }
      case BOLT_ON, THROUGH -> Double.POSITIVE_INFINITY;
    };
  }

  private NeckShape on(Provenance shaping) {
    return new NeckShape(
        head,
        thickness,
        back,
        taper,
        exponent,
        shaft,
        joint,
        heelEnd,
        heelThickness,
        through,
        tenonHalf,
        coreSide,
        coreThickness,
        trebleDiffers,
        shoulder,
        shaping);
  }

  /**
   * Half the neck's width at x: the taper, and behind the body's edge a tenon or a through-neck's
   * whole core.
   */
  public double halfWidth(double x) {
    return x > joint.value() ? halfInBody(x) : taper.halfWidth(x);
  }

  /** Half the width at x of what of the neck is in the body, the body's edge with it. */
  public double halfInBody(double x) {
    return through ? coreSide.at(x) : Math.min(tenonHalf, taper.halfWidth(x));
  }

  /** Half its width where it is widest, in or before the body. */
  public double widestHalf() {
    return Math.max(halfWidth(joint.value()), halfWidth(heelEnd.value()));
  }

  /**
   * How far the wood's top lies below the glue line at x, mm: behind the fretboard a through-neck's
   * core is planed down to the body, or to what is glued on it; less than 0 where it stands higher.
   */
  public double topBelow(double x) {
    return through && x >= taper.end().value() ? back.depth(x) - coreThickness : 0;
  }

  /** The treble side's exponent; never so small that the section would be hollow. */
  public double trebleExponent() {
    return Math.max(LEAST_EXPONENT, exponent.value() + trebleDiffers.value());
  }

  /** Whether both sides are carved alike. */
  public boolean symmetrical() {
    return trebleExponent() == exponent.value();
  }

  /** Area of the wood's section at x between two offsets from the centre line, mm². */
  public double woodArea(double x, double from, double to) {
    double half = halfWidth(x);
    double a = Math.max(-half, from);
    double b = Math.min(half, to);
    if (b <= a) {
      return 0;
    }
    if (!carved(x)) {
      return (b - a) * (back.depth(x) - topBelow(x));
    }
    NeckProfile profile = profile(x);
    double sum = 0;
    for (int i = 0; i < AREA_PIECES; i++) {
      sum += profile.depthAt(a + (b - a) * (i + 0.5) / AREA_PIECES);
    }
    return sum * (b - a) / AREA_PIECES;
  }

  /** The carved section at x, from the nut to the heel. */
  public NeckProfile profile(double x) {
    return new NeckProfile(
        Math.max(SLIVER, halfWidth(x)),
        Math.max(SLIVER, back.depth(x)),
        exponent.value(),
        trebleExponent(),
        shoulder.value());
  }

  /** Whether the section at x is carved round; the heel beyond the body's edge is left square. */
  public boolean carved(double x) {
    return x < back.straightTo() + (joint.value() - back.straightTo()) / 2;
  }
}
