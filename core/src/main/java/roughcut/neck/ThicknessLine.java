package roughcut.neck;

import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.layout.FretLayout;
import roughcut.measure.Value;
import roughcut.record.Givens;
import roughcut.record.Measurables;

/**
 * The neck's thickness, fretboard included: straight through the thickness at fret 1 and at the
 * octave fret, and on to both sides (handbook page 4). The wood below the glue line is that less
 * the fretboard at its crown. Where less was read than the line, less is there: the line dips by
 * what is missing, in a straight way from one station to the other, and as much beyond them.
 *
 * @param first at fret 1: as decided, or less when less was read
 * @param octave the same at the octave fret
 * @param missingFirst what was read less than decided at fret 1, mm
 * @param missingOctave the same at the octave fret
 */
public record ThicknessLine(
    Value first,
    Value octave,
    Value fretboard,
    double firstX,
    double octaveX,
    double missingFirst,
    double missingOctave) {

  public static ThicknessLine of(Givens givens, FretLayout frets) {
    Value decidedFirst = givens.get(Decisions.THICKNESS_1);
    Value decidedOctave = givens.get(Decisions.THICKNESS_12);
    Value first = real(decidedFirst, givens.read(Measurables.NECK_1, decidedFirst));
    Value octave = real(decidedOctave, givens.read(Measurables.NECK_12, decidedOctave));
    return new ThicknessLine(
        first,
        octave,
        givens.get(Decisions.FRETBOARD_THICKNESS),
        frets.at(1),
        frets.octave(),
        decidedFirst.value() - first.value(),
        decidedOctave.value() - octave.value());
  }

  /** What was read below the line is how thick the neck is: no carving puts wood back. */
  private static Value real(Value line, Optional<Value> read) {
    return read.filter(r -> r.value() < line.value()).orElse(line);
  }

  /** Whether the line dips because less was read. */
  public boolean dips() {
    return missingFirst > 0 || missingOctave > 0;
  }

  /** How much the neck gains per mm towards the body, as decided. */
  public double slope() {
    return (octave.value() + missingOctave - first.value() - missingFirst) / (octaveX - firstX);
  }

  /** Neck with fretboard at x. */
  public double thickness(double x) {
    double share = Math.max(0, Math.min(1, (x - firstX) / (octaveX - firstX)));
    return first.value()
        + missingFirst
        + slope() * (x - firstX)
        - (missingFirst + (missingOctave - missingFirst) * share);
  }

  /** Wood below the glue line at x on the straight part of the back. */
  public double depth(double x) {
    return thickness(x) - fretboard.value();
  }
}
