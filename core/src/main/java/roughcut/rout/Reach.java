package roughcut.rout;

import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;

/**
 * What moving the body along the neck changes: which fret the treble cutaway meets and how far away
 * fret 1 gets (handbook page 6, "How far in"); floor area and balance are worked out elsewhere.
 *
 * @param access the last fret before the treble cutaway
 * @param cutaway where that cutaway ends, from the nut line
 * @param first from the front of the longer horn to fret 1
 */
public record Reach(Worked access, Worked cutaway, Worked first) {
  /** Room that a hand wants beside the fretboard, mm. */
  private static final double HAND = 16;

  private static final double STEP = 0.5;

  static Reach of(
      Given joint, Outline body, FretLayout frets, FretboardTaper taper, Ledger ledger) {
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
    Worked cutaway =
        ledger.put(
            "reach.cutaway",
            "Treble cutaway ends, from the nut line",
            LENGTH,
            x,
            "found by following the outline beside the fretboard, a hand's room from it",
            in("x_j", joint));
    Given horn =
        Given.decided("body.front", "Front of the longer horn", body.bounds().left(), LENGTH);
    return new Reach(
        ledger.put(
            "reach.access-fret",
            "Last fret before the treble cutaway",
            COUNT,
            fret,
            "found by counting the frets before it",
            in("x_c", cutaway)),
        cutaway,
        ledger.put(
            "reach.first-fret",
            "Fret 1 from the front of the longer horn",
            LENGTH,
            horn.value() - frets.frets().get(0).fromNut().value(),
            "x_f − d_1",
            in("x_f", horn),
            in("d_1", frets.frets().get(0).fromNut())));
  }
}
