package roughcut.rout;

import roughcut.design.StringDecisions;
import roughcut.measure.Provenance;
import roughcut.record.EffectiveInputs;
import roughcut.strings.Heights;

/**
 * How what is placed along the neck and its strings lies on the body, seen in plan. A neck that
 * leans back brings it nearer the nut (handbook page 2: the saddle line by (L − x_j)·(1 − cos α) +
 * stack·sin α, whatever lies between by its share), and one that points aside turns it about the
 * middle of the joint.
 *
 * @param joint the body's edge, from the nut line, mm
 * @param saddle the saddle line along the neck, from the nut line, mm
 * @param shortening how much nearer the nut the saddle line is in plan, mm
 * @param offsetFromCentre how far off the body's centre line the string line is there, treble
 *     positive, mm
 */
public record NeckSeating(
    double joint,
    double saddle,
    double shortening,
    double offsetFromCentre,
    Provenance provenance) {

  static NeckSeating of(EffectiveInputs inputs, Heights heights, double joint, double saddle) {
    return new NeckSeating(
        joint,
        saddle,
        heights.shortening().value(),
        inputs.get(StringDecisions.STRING_LINE_OFF).value(),
        Provenance.of(heights.shortening(), inputs.get(StringDecisions.STRING_LINE_OFF)));
  }

  /** What lies at the saddle line or beyond moves with it; in plan, from the nut line, mm. */
  public double atBridge(double along) {
    return along - shortening;
  }

  /** How far off the body's centre line the string line is, so far from the nut in plan. */
  public double offsetAt(double x) {
    return offsetFromCentre * (x - joint) / Math.max(1, saddle - shortening - joint);
  }
}
