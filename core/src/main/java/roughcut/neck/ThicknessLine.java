package roughcut.neck;

import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.layout.FretLayout;
import roughcut.measure.Given;

/**
 * The neck's thickness, fretboard included: straight through the thickness at fret 1 and at the
 * octave fret, and on to both sides (handbook page 4). The wood below the glue line is that less
 * the fretboard at its crown.
 */
public record ThicknessLine(
    Given first, Given octave, Given fretboard, double firstX, double octaveX) {

  public static ThicknessLine of(Givens givens, FretLayout frets) {
    return new ThicknessLine(
        givens.get(Decisions.THICKNESS_1),
        givens.get(Decisions.THICKNESS_12),
        givens.get(Decisions.FRETBOARD_THICKNESS),
        frets.at(1),
        frets.octave());
  }

  /** How much the neck gains per mm towards the body. */
  public double slope() {
    return (octave.value() - first.value()) / (octaveX - firstX);
  }

  /** Neck with fretboard at x. */
  public double thickness(double x) {
    return first.value() + slope() * (x - firstX);
  }

  /** Wood below the glue line at x on the straight part of the back. */
  public double depth(double x) {
    return thickness(x) - fretboard.value();
  }
}
