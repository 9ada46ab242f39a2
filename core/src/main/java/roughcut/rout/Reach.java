package roughcut.rout;

import static roughcut.measure.Worked.in;

import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.layout.BodyOutline;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Basis;
import roughcut.measure.Found;
import roughcut.measure.Ledger;
import roughcut.measure.Value;

/**
 * What moving the body along the neck changes: which fret the treble cutaway meets and how far away
 * fret 1 gets (handbook page 6, "How far in"); floor area and balance are worked out elsewhere.
 *
 * @param access the last fret before the treble cutaway
 * @param cutaway where that cutaway ends, from the nut line
 * @param first from the front of the longer horn to fret 1
 */
public record Reach(Value access, Value cutaway, Value first) {
  /** Room that a hand wants beside the fretboard, mm. */
  private static final double HAND = 16;

  private static final double STEP = 0.5;

  static Reach of(
      Value joint, BodyOutline outline, FretLayout frets, FretboardTaper taper, Ledger ledger) {
    Outline body = outline.shape();
    Basis basis = outline.basis().and(taper.basis());
    double x = joint.value();
    double end = body.bounds().right();
    while (x < end && !body.holds(new Point(x, taper.halfWidth(x) + HAND))) {
      x += STEP;
    }
    int fret = 0;
    for (FretLayout.Fret one : frets.frets()) {
      if (one.x() <= x) {
        fret = one.number();
      }
    }
    Value cutaway =
        ledger.find(
            RoutKeys.REACH_CUTAWAY,
            x,
            "found by following the outline beside the fretboard, a hand's room from it",
            basis.with(joint));
    Value horn =
        Found.of(
            RoutKeys.BODY_FRONT, body.bounds().left(), "found at the outline", outline.basis());
    return new Reach(
        ledger.find(
            RoutKeys.REACH_ACCESS_FRET,
            fret,
            "found by counting the frets before it",
            frets.basis().with(cutaway)),
        cutaway,
        ledger.put(
            RoutKeys.REACH_FIRST_FRET,
            "x_f − d_1",
            in("x_f", horn),
            in("d_1", frets.frets().get(0).fromNut())));
  }
}
