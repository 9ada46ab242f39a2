package roughcut.rout;

import roughcut.design.StringDecisions;
import roughcut.measure.Basis;
import roughcut.record.Givens;
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
 * @param aside how far off the body's centre line the string line is there, treble positive, mm
 */
public record Seated(double joint, double saddle, double shortening, double aside, Basis basis) {

  static Seated of(Givens givens, Heights heights, double joint, double saddle) {
    return new Seated(
        joint,
        saddle,
        heights.shortening().value(),
        givens.get(StringDecisions.STRING_LINE_OFF).value(),
        Basis.of(heights.shortening(), givens.get(StringDecisions.STRING_LINE_OFF)));
  }

  /** What lies at the saddle line or beyond moves with it; in plan, from the nut line, mm. */
  public double atBridge(double along) {
    return along - shortening;
  }

  /** How far off the body's centre line the string line is, so far from the nut in plan. */
  public double asideAt(double x) {
    return aside * (x - joint) / Math.max(1, saddle - shortening - joint);
  }
}
