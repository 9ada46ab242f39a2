package roughcut.layout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.Decisions;
import roughcut.design.WidthStation;
import roughcut.geometry.Point;
import roughcut.measure.ComputedValue;
import roughcut.measure.Provenance;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * The straight taper of fretboard and neck: linear from the nut's width at x = 0 through the second
 * width at the place where it is given (handbook page 2), and on in the same line to the heel's
 * end.
 *
 * @param secondAt where the second width is given, from the nut line
 * @param end the fretboard's end, from the nut line
 * @param fretWidths width at each fret, fret 1 first
 */
public record FretboardTaper(
    Value nutWidth, Value secondWidth, Value secondAt, Value end, List<Value> fretWidths) {
  public FretboardTaper {
    fretWidths = List.copyOf(fretWidths);
  }

  /** What its width hangs on, anywhere. */
  public Provenance provenance() {
    return Provenance.of(nutWidth, secondWidth, secondAt);
  }

  public static FretboardTaper of(
      EffectiveInputs inputs, FretLayout frets, ValueRegistry registry) {
    Value nut = inputs.get(Decisions.NUT_WIDTH);
    Value second = inputs.get(Decisions.FRETBOARD_END_WIDTH);
    Value past = inputs.get(Decisions.FRETBOARD_PAST_LAST);
    Value end =
        registry.put(
            LayoutKeys.FRETBOARD_END_FROM_NUT,
            "d_last + past",
            in("d_last", frets.last().fromNut()),
            in("past", past));
    Value at = secondAt(inputs.get(Decisions.FRETBOARD_WIDTH_AT), frets, end, registry);
    List<Value> widths = new ArrayList<>(frets.frets().size());
    for (FretLayout.Fret fret : frets.frets()) {
      widths.add(
          registry.put(
              LayoutKeys.FRET_WIDTH.id(fret.number()),
              Text.of("Fretboard width at fret {fret}", fret.number()),
              FINE_LENGTH,
              "w_nut + (w_2 − w_nut) · d_k / x_2",
              in("w_nut", nut),
              in("w_2", second),
              in("d_k", fret.fromNut()),
              in("x_2", at)));
    }
    return new FretboardTaper(nut, second, at, end, widths);
  }

  private static Value secondAt(
      WidthStation station, FretLayout frets, Value end, ValueRegistry registry) {
    String id = "fretboard.second-width.from-nut";
    Text label = Text.of("Fretboard width measured at, from the nut line");
    return switch (station) {
      case OCTAVE_FRET -> registry.put(id, label, FINE_LENGTH, "L / 2", in("L", frets.scale()));
      case LAST_FRET ->
          registry.put(id, label, FINE_LENGTH, "d_last", in("d_last", frets.last().fromNut()));
      case END -> registry.put(id, label, FINE_LENGTH, "x_end", in("x_end", end));
    };
  }

  /** Width at the fretboard's end. */
  public Value endWidth() {
    return ComputedValue.of(
        LayoutKeys.FRETBOARD_WIDTH_END,
        "w_nut + (w_2 − w_nut) · x / x_2",
        in("w_nut", nutWidth),
        in("w_2", secondWidth),
        in("x", end),
        in("x_2", secondAt));
  }

  private static double width(double nut, double second, double at, double x) {
    return nut + (second - nut) * x / at;
  }

  /** Width of fretboard and neck at x; the line goes on beyond the fretboard's end. */
  public double width(double x) {
    return width(nutWidth.value(), secondWidth.value(), secondAt.value(), x);
  }

  public double halfWidth(double x) {
    return width(x) / 2;
  }

  /** The point furthest to the head of a leaning line across the fretboard. */
  public double headmost(double x, double slant) {
    return Math.min(edge(x, slant, -1).x(), edge(x, slant, 1).x());
  }

  /**
   * Where a line that crosses the centre line at x meets the fretboard's edge.
   *
   * @param slant along for each millimetre to the treble side
   * @param side 1 for treble, −1 for bass
   */
  public Point edge(double x, double slant, int side) {
    return edge(secondAt.value(), x, slant, side);
  }

  private Point edge(double at, double x, double slant, int side) {
    // |y| = half(x + slant · y), and half is linear in its place.
    double perMm = (secondWidth.value() - nutWidth.value()) / at / 2;
    double y = width(nutWidth.value(), secondWidth.value(), at, x) / 2 / (1 - side * slant * perMm);
    return new Point(x + slant * side * y, side * y);
  }

  /**
   * How far a leaning slot would reach beyond the fretboard's end, mm, were the end elsewhere; at 0
   * or less it leaves by the side.
   *
   * @param station where the second width is given: at the end, it goes along with it
   * @param elsewhere the end, mm from the nut line
   * @param half half the slot's width, mm
   * @param side 1 for treble, −1 for bass
   */
  public double beyond(
      WidthStation station, double elsewhere, FretLayout.Fret fret, double half, int side) {
    double at =
        switch (station) {
          case END -> elsewhere;
          case OCTAVE_FRET, LAST_FRET -> secondAt.value();
        };
    double along = half * Math.hypot(1, fret.slant());
    return edge(at, fret.x(), fret.slant(), side).x() + along - elsewhere;
  }
}
