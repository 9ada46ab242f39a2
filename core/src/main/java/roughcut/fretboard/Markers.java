package roughcut.fretboard;

import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.design.Givens;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;

/**
 * Dots between the frets, drilled flat before the radius: how deep a bore may be so that the dot
 * reaches the surface at its inner edge, is not sanded away at its outer one, and leaves wood below
 * (handbook page 5, "Markers").
 *
 * @param dots by fret
 */
public record Markers(List<Dot> dots) {
  private static final Set<Integer> SINGLE = Set.of(3, 5, 7, 9, 15, 17, 19, 21);

  /** What of a dot is to stay at its outer edge, mm. */
  private static final double LEAST = 0.5;

  /** Wood under the bit's point, mm. */
  private static final double BELOW = 1;

  /**
   * A dot, or two at an octave.
   *
   * @param x from the nut line, on the centre line
   * @param slant halfway between those of its two frets
   * @param y offset from the centre line; two dots stand at ± y
   * @param least shallowest bore
   * @param most deepest bore
   */
  public record Dot(int fret, double x, double slant, double y, Worked least, Worked most) {
    /** Where a dot stands along the neck; between leaning frets its side matters. */
    public double along(int side) {
      return x + slant * side * y;
    }

    /** Whether any depth will do. */
    public boolean possible() {
      return least.value() <= most.value();
    }

    /** The middle of the window. */
    public double proposed() {
      return (least.value() + most.value()) / 2;
    }
  }

  public Markers {
    dots = List.copyOf(dots);
  }

  public static Markers of(
      Givens givens,
      FretLayout frets,
      FretboardTaper taper,
      FretboardRadius radius,
      Ledger ledger) {
    List<Dot> dots = new ArrayList<>();
    double aside = givens.get(FretboardDecisions.MARKER_ASIDE).value();
    int octave = (int) frets.divisions().value();
    for (FretLayout.Fret fret : frets.frets()) {
      int k = fret.number();
      boolean twice = k % octave == 0;
      if (!twice && !(octave == 12 && SINGLE.contains(k))) {
        continue;
      }
      double before = k == 1 ? 0 : frets.frets().get(k - 2).x();
      double slantBefore = k == 1 ? frets.fan().slant(0) : frets.frets().get(k - 2).slant();
      double slant = (slantBefore + fret.slant()) / 2;
      double x = (before + fret.x()) / 2;
      double y = twice ? aside > 0 ? aside : taper.width(x) / 6 : 0;
      dots.add(dot(givens, k, x, slant, y, radius, ledger));
    }
    return new Markers(dots);
  }

  private static Dot dot(
      Givens givens,
      int k,
      double x,
      double slant,
      double y,
      FretboardRadius radius,
      Ledger ledger) {
    Given thickness = givens.get(FretboardDecisions.MARKER_THICKNESS);
    Given diameter = givens.get(FretboardDecisions.MARKER_DIAMETER);
    Given sanding = givens.get(FretboardDecisions.SANDING);
    Given crown = givens.get(Decisions.FRETBOARD_THICKNESS);
    Given spur = givens.get(FretboardDecisions.MARKER_SPUR);
    double r = radius.radius(x);
    double half = diameter.value() / 2;
    Given outer =
        Given.decided(
            "marker." + k + ".outer-drop",
            "Face lower at the dot's outer edge",
            FretboardRadius.drop(r, Math.abs(y) + half),
            FINE_LENGTH);
    Given inner =
        Given.decided(
            "marker." + k + ".inner-drop",
            "Face lower at the dot's inner edge",
            FretboardRadius.drop(r, Math.max(0, Math.abs(y) - half)),
            FINE_LENGTH);
    return new Dot(
        k,
        x,
        slant,
        y,
        ledger.put(
            "marker." + k + ".depth-min",
            "Marker " + k + ", least depth",
            FINE_LENGTH,
            outer.value() + LEAST + sanding.value(),
            "s_o + 0.5 + σ",
            in("s_o", outer),
            in("σ", sanding)),
        ledger.put(
            "marker." + k + ".depth-max",
            "Marker " + k + ", most depth",
            FINE_LENGTH,
            Math.min(
                thickness.value() + inner.value() + sanding.value(),
                crown.value() + sanding.value() - spur.value() - BELOW),
            "min(m + s_i + σ, t_b + σ − p − 1)",
            in("m", thickness),
            in("s_i", inner),
            in("σ", sanding),
            in("t_b", crown),
            in("p", spur)));
  }

  /** Wood between a side dot and the nearest slot's bottom, the least; mm. */
  public static Worked sideDots(Givens givens, Slots slots, Ledger ledger) {
    Given dot = givens.get(FretboardDecisions.SIDE_DOT);
    double least = Double.POSITIVE_INFINITY;
    double before = 0;
    for (Slots.Slot slot : slots.slots()) {
      if (slot.number() == 0) {
        continue;
      }
      least = Math.min(least, (slot.x() - before) / 2);
      before = slot.x();
    }
    return ledger.put(
        "marker.side-clearance",
        "Side dot to the nearest slot",
        LENGTH,
        least - dot.value() / 2 - givens.get(FretboardDecisions.WIRE_TANG_WIDTH).value() / 2,
        "l / 2 − d / 2 − t / 2",
        in("l", Given.decided("fret.closest", "Closest two frets", 2 * least, LENGTH)),
        in("d", dot),
        in("t", givens.get(FretboardDecisions.WIRE_TANG_WIDTH)));
  }
}
