package roughcut.fretboard;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import roughcut.design.Decisions;
import roughcut.design.FretboardDecisions;
import roughcut.layout.FretLayout;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * Dots between the frets, drilled flat before the radius: how deep a bore may be so that the dot
 * reaches the surface at its inner edge, is not sanded away at its outer one, and leaves wood below
 * (handbook page 5, "Markers").
 *
 * @param dots by fret
 */
public record Markers(List<Dot> dots) {
  private static final Set<Integer> SINGLE = Set.of(3, 5, 7, 9, 15, 17, 19, 21);

  /**
   * A dot, or two at an octave.
   *
   * @param x from the nut line, on the centre line
   * @param slant halfway between those of its two frets
   * @param y offset from the centre line; two dots stand at ± y
   * @param least shallowest bore
   * @param most deepest bore
   */
  public record Dot(int fret, double x, double slant, double y, Value least, Value most) {
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
      EffectiveInputs inputs,
      FretLayout frets,
      FretboardTaper taper,
      FretboardRadius radius,
      ValueRegistry registry) {
    List<Dot> dots = new ArrayList<>();
    Value aside = inputs.get(FretboardDecisions.MARKER_ASIDE);
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
      double y = twice ? aside.value() > 0 ? aside.value() : taper.width(x) / 6 : 0;
      Provenance provenance = radius.provenance().and(frets.provenance());
      provenance =
          twice
              ? aside.value() > 0 ? provenance.with(aside) : provenance.and(taper.provenance())
              : provenance;
      dots.add(dot(inputs, k, x, slant, y, radius, provenance, registry));
    }
    return new Markers(dots);
  }

  private static Dot dot(
      EffectiveInputs inputs,
      int k,
      double x,
      double slant,
      double y,
      FretboardRadius radius,
      Provenance provenance,
      ValueRegistry registry) {
    Value thickness = inputs.get(FretboardDecisions.MARKER_THICKNESS);
    Value diameter = inputs.get(FretboardDecisions.MARKER_DIAMETER);
    Value sanding = inputs.get(FretboardDecisions.SANDING);
    Value crown = inputs.get(Decisions.FRETBOARD_THICKNESS);
    Value spur = inputs.get(FretboardDecisions.MARKER_SPUR);
    double r = radius.radius(x);
    double half = diameter.value() / 2;
    Value outer =
        SearchedValue.of(
            "marker." + k + ".outer-drop",
            Text.of("Face drop at the outer edge of the dot"),
            FretboardRadius.drop(r, Math.abs(y) + half),
            FINE_LENGTH,
            Text.of("found from the radius there"),
            provenance.with(diameter));
    Value inner =
        SearchedValue.of(
            "marker." + k + ".inner-drop",
            Text.of("Face drop at the inner edge of the dot"),
            FretboardRadius.drop(r, Math.max(0, Math.abs(y) - half)),
            FINE_LENGTH,
            Text.of("found from the radius there"),
            provenance.with(diameter));
    return new Dot(
        k,
        x,
        slant,
        y,
        registry.put(
            FretboardKeys.MARKER_DEPTH_MIN.id(k),
            Text.of("Dot {k}, minimum depth", k),
            FINE_LENGTH,
            "s_o + e + σ",
            in("s_o", outer),
            in("e", inputs.get(FretboardDecisions.MARKER_LEDGE)),
            in("σ", sanding)),
        registry.put(
            FretboardKeys.MARKER_DEPTH_MAX.id(k),
            Text.of("Dot {k}, maximum depth", k),
            FINE_LENGTH,
            "min(m + s_i + σ, t_b + σ − p − 1)",
            in("m", thickness),
            in("s_i", inner),
            in("σ", sanding),
            in("t_b", crown),
            in("p", spur)));
  }

  /** Wood between a side dot and the nearest slot's bottom, the least; mm. */
  public static Value sideDots(
      EffectiveInputs inputs, Slots slots, Provenance frets, ValueRegistry registry) {
    Value dot = inputs.get(FretboardDecisions.SIDE_DOT);
    double least = Double.POSITIVE_INFINITY;
    double before = 0;
    for (Slots.Slot slot : slots.slots()) {
      if (slot.number() == 0) {
        continue;
      }
      least = Math.min(least, (slot.x() - before) / 2);
      before = slot.x();
    }
    return registry.put(
        FretboardKeys.MARKER_SIDE_CLEARANCE,
        "l / 2 − d / 2 − t / 2",
        in(
            "l",
            SearchedValue.of(
                FretboardKeys.FRET_CLOSEST, 2 * least, Text.of("found at the last frets"), frets)),
        in("d", dot),
        in("t", inputs.get(FretboardDecisions.WIRE_TANG_WIDTH)));
  }
}
