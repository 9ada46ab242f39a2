package roughcut.blank;

import static roughcut.measure.Quantity.COUNT;
import static roughcut.measure.Worked.in;

import java.util.List;
import java.util.Optional;
import roughcut.design.BlankDecisions;
import roughcut.design.Clamping;
import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.design.Strip;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;
import roughcut.shop.SpeciesBook;

/**
 * Gluing the neck's strips together, and the pins that keep them from creeping.
 *
 * @param pins where pins stand in waste; empty when there is none
 */
public record GlueUp(GlueJob job, Optional<Pins> pins) {
  /**
   * Locating pins, one at each end, through the stack from side to side.
   *
   * @param fromHeadEnd from the blank's head end, mm
   * @param fromHeelEnd from the blank's heel end, mm
   * @param diameter mm
   */
  public record Pins(double fromHeadEnd, double fromHeelEnd, double diameter) {}

  /** Wood that a pin's bore leaves to the blank's end and to the outline, mm. */
  private static final double PIN_CLEAR = 2;

  public static GlueUp of(Givens givens, Worked length, Worked depth, Ledger ledger) {
    List<Strip> strips = givens.design().neckStack().strips();
    Given count = Given.decided("strips.count", "Strips in the stack", strips.size(), COUNT);
    Worked faces =
        ledger.put(
            "glue.faces", "Faces to glue", COUNT, strips.size() - 1, "n − 1", in("n", count));
    double outer = Math.min(strips.get(0).thickness(), strips.get(strips.size() - 1).thickness());
    GlueJob job =
        GlueJob.of(
            givens,
            new GlueJob.Faces(
                "glue", "clamps", faces, length, depth, densest(strips), outer, Clamping.CLAMPS),
            ledger);
    return new GlueUp(job, strips.size() == 1 ? Optional.empty() : pins(givens));
  }

  static double densest(List<Strip> strips) {
    return strips.stream()
        .mapToDouble(s -> SpeciesBook.get(s.species()).density())
        .max()
        .orElse(600);
  }

  /**
   * Waste is what is trimmed off: the end trim at the heel, and at the head the end trim and the
   * tip's.
   */
  private static Optional<Pins> pins(Givens givens) {
    double diameter = givens.get(BlankDecisions.PIN_DIAMETER).value();
    double end = givens.get(BlankDecisions.END_TRIM).value();
    double tip = end + givens.get(Decisions.SCARF_TRIM).value();
    double needed = diameter + 2 * PIN_CLEAR;
    return end < needed ? Optional.empty() : Optional.of(new Pins(tip / 2, end / 2, diameter));
  }
}
