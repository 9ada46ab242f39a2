package roughcut.rout;

import static roughcut.measure.ComputedValue.in;

import roughcut.geometry.Outline;
import roughcut.geometry.Point;
import roughcut.layout.BodyOutline;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;

/**
 * What moving the body along the neck changes: which fret the treble cutaway meets and how far away
 * fret 1 gets (handbook page 6, "How far in"); floor area and balance are worked out elsewhere.
 *
 * @param access the last fret before the treble cutaway
 * @param cutaway where that cutaway ends, from the nut line
 * @param first from the front of the longer horn to fret 1
 */
public record FretAccess(Value access, Value cutaway, Value first) {
  /** Room that a hand wants beside the fretboard, mm. */
  private static final double HAND = 16;

  private static final double STEP = 0.5;

  static FretAccess of(
      Value joint,
      BodyOutline outline,
      FretLayout frets,
      FretboardTaper taper,
      ValueRegistry registry) {
    Outline body = outline.shape();
    Provenance provenance = outline.provenance().and(taper.provenance());
    double x = joint.value();
    double end = body.bounds().right();
    while (x < end && !body.contains(new Point(x, taper.halfWidth(x) + HAND))) {
      x += STEP;
    }
    int fret = 0;
    for (FretLayout.Fret one : frets.frets()) {
      if (one.x() <= x) {
        fret = one.number();
      }
    }
    Value cutaway =
        registry.find(
            RoutKeys.REACH_CUTAWAY,
            x,
            Text.of("found by following the outline beside the fretboard, a hand width away"),
            provenance.with(joint));
    Value horn =
        SearchedValue.of(
            RoutKeys.BODY_FRONT,
            body.bounds().left(),
            Text.of("found at the outline"),
            outline.provenance());
    return new FretAccess(
        registry.find(
            RoutKeys.REACH_ACCESS_FRET,
            fret,
            Text.of("found by counting the frets before it"),
            frets.provenance().with(cutaway)),
        cutaway,
        registry.put(
            RoutKeys.REACH_FIRST_FRET,
            "x_f − d_1",
            in("x_f", horn),
            in("d_1", frets.frets().get(0).fromNut())));
  }
}
