package roughcut.fretboard;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import roughcut.design.Decisions;
import roughcut.layout.FretboardTaper;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * The curve across the fretboard's face, single or conical: the radius runs linearly from the nut
 * line to the fretboard's end, the crown keeps the full thickness (handbook page 5).
 */
public record FretboardRadius(
    Value atNut,
    Value atEnd,
    Value crown,
    Value edgeAtNut,
    Value edgeAtEnd,
    double end,
    FretboardTaper taper) {

  /** What its curve hangs on along the board. */
  public Provenance provenance() {
    return Provenance.of(atNut, atEnd, taper.end());
  }

  public static FretboardRadius of(
      EffectiveInputs inputs, FretboardTaper taper, ValueRegistry registry) {
    Value nut = inputs.get(Decisions.RADIUS_NUT);
    Value end = inputs.get(Decisions.RADIUS_END);
    Value crown = inputs.get(Decisions.FRETBOARD_THICKNESS);
    Value endWidth =
        registry.put(
            FretboardKeys.FRETBOARD_END_WIDTH,
            "w_nut + (w_2 − w_nut) · x_end / x_2",
            in("w_nut", taper.nutWidth()),
            in("w_2", taper.secondWidth()),
            in("x_end", taper.end()),
            in("x_2", taper.secondAt()));
    return new FretboardRadius(
        nut,
        end,
        crown,
        edge(registry, "nut", crown, nut, taper.nutWidth()),
        edge(registry, "end", crown, end, endWidth),
        taper.end().value(),
        taper);
  }

  private static Value edge(
      ValueRegistry registry, String where, Value crown, Value radius, Value width) {
    return registry.put(
        FretboardKeys.FRETBOARD_EDGE.id(where),
        Text.of("Fretboard edge thickness at the {where}", Text.of(where)),
        FINE_LENGTH,
        "t_b − (R − √(max(0, R^2 − (w / 2)^2)))",
        in("t_b", crown),
        in("R", radius),
        in("w", width));
  }

  /**
   * How far a face of that radius has fallen at the offset y from its crown: R − √(R² − y²), y
   * within R.
   */
  public static double drop(double radius, double y) {
    return radius - Math.sqrt(Math.max(0, radius * radius - y * y));
  }

  /** Half the fretboard's width at its end, mm. */
  double atEndHalf() {
    return taper.halfWidth(end);
  }

  /** The radius at x; beyond the fretboard's ends it stays as it is there. */
  public double radius(double x) {
    double t = Math.max(0, Math.min(1, x / end));
    return atNut.value() + (atEnd.value() - atNut.value()) * t;
  }

  /** Mean height of the face over the glue line across the fretboard at x. */
  public double meanHeight(double x) {
    // The drop grows with y²; its mean over the width is a third of the edge's.
    return crown.value() - drop(radius(x), taper.halfWidth(x)) / 3;
  }

  /** Height of the face over the glue line at x and y. */
  public double height(double x, double y) {
    return crown.value() - drop(radius(x), y);
  }
}
