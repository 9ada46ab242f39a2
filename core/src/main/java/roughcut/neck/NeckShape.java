package roughcut.neck;

import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Given;

/**
 * The finished neck as a solid: how wide and how deep it is at every place along it, and the
 * section's shape there.
 */
public record NeckShape(
    HeadLine head,
    ThicknessLine thickness,
    BackLine back,
    FretboardTaper taper,
    Given exponent,
    Given shaft,
    Given joint,
    Given heelEnd,
    Given heelThickness) {

  /**
   * A taper that runs out of wood is a problem told elsewhere; its section is a sliver rather than
   * nothing, mm.
   */
  private static final double SLIVER = 0.1;

  public static NeckShape of(Givens givens, FretLayout frets, FretboardTaper taper) {
    HeadLine head = HeadLine.of(givens);
    ThicknessLine thickness = ThicknessLine.of(givens, frets);
    Given joint = givens.get(Decisions.JOINT_X);
    Given heelEnd = givens.get(Decisions.HEEL_END);
    Given heel = givens.get(Decisions.HEEL_THICKNESS);
    BackLine back =
        BackLine.of(
            head,
            thickness,
            givens.get(Decisions.DRUM_RADIUS).value(),
            joint.value(),
            heelEnd.value(),
            heel.value(),
            givens.get(Decisions.HEEL_BLEND).value());
    return new NeckShape(
        head,
        thickness,
        back,
        taper,
        givens.get(Decisions.PROFILE_EXPONENT),
        givens.get(Decisions.SHAFT_THICKNESS),
        joint,
        heelEnd,
        heel);
  }

  /** The carved section at x, from the nut to the heel. */
  public NeckProfile profile(double x) {
    return new NeckProfile(
        Math.max(SLIVER, taper.halfWidth(x)), Math.max(SLIVER, back.depth(x)), exponent.value());
  }

  /** Whether the section at x is carved round; the heel beyond the body's edge is left square. */
  public boolean carved(double x) {
    return x < back.straightTo() + (joint.value() - back.straightTo()) / 2;
  }
}
