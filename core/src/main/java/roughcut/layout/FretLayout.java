package roughcut.layout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.ArrayList;
import java.util.List;
import roughcut.design.Decisions;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.Quantity;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * Where the frets stand. In equal temperament with n divisions to the octave fret k stands at L ·
 * (1 − 2^(−k/n)) from the nut line (handbook page 2); every position comes from that alone, never
 * from adding up spacings.
 *
 * @param frets fret 1 first
 * @param saddle the saddle line before compensation, on the centre line
 * @param fan how frets lean when the two sides have scales of their own
 */
public record FretLayout(
    Value scale, Value divisions, List<Fret> frets, Value saddle, MultiscaleLayout fan) {
  /**
   * One fret.
   *
   * @param number counted from the nut, 1 first
   * @param fromNut along the centre line
   * @param fromPrevious from the fret before, or from the nut line
   * @param slant how far the fret leans: along for each millimetre to the treble side
   */
  public record Fret(int number, Value fromNut, Value fromPrevious, double slant) {
    /** Where the fret lies at an offset from the centre line. */
    public double at(double y) {
      return x() + slant * y;
    }

    public double x() {
      return fromNut.value();
    }
  }

  /** What shapes it. */
  public Provenance provenance() {
    return fan.provenance().with(scale, divisions);
  }

  public FretLayout {
    frets = List.copyOf(frets);
  }

  /** Distance of fret k from the nut line, in the scale's unit. */
  public static double position(double scale, double divisions, double k) {
    return scale * -Math.expm1(-k / divisions * Math.log(2));
  }

  public static FretLayout of(EffectiveInputs inputs, ValueRegistry registry) {
    MultiscaleLayout fan = MultiscaleLayout.of(inputs);
    Value scale = fan.centre(inputs);
    Value divisions = inputs.get(Decisions.DIVISIONS);
    int count = (int) inputs.get(Decisions.FRETS).value();
    List<Fret> frets = new ArrayList<>(count);
    Value previous = TableValue.of(LayoutKeys.NUT_LINE, 0, Text.of("at the nut line"));
    for (int k = 1; k <= count; k++) {
      Value number =
          TableValue.of("fret." + k, Text.of("Fret"), k, Quantity.COUNT, Text.of("counted"));
      Value fromNut =
          registry.put(
              LayoutKeys.FRET_FROM_NUT.id(k),
              Text.of("Fret {k} from the nut line", k),
              FINE_LENGTH,
              "L · (1 − 2^(−k / n))",
              in("L", scale),
              in("k", number),
              in("n", divisions));
      Value fromPrevious =
          registry.put(
              "fret." + k + ".from-previous",
              k == 1
                  ? Text.of("Fret 1 from the nut line")
                  : Text.of("Fret {k} from fret {value}", k, k - 1),
              FINE_LENGTH,
              "d_k − d_before",
              in("d_k", fromNut),
              in("d_before", previous));
      frets.add(new Fret(k, fromNut, fromPrevious, fan.slant(position(1, divisions.value(), k))));
      if (fan.fanned()) {
        putEnds(k, fromNut, fan, divisions, registry);
      }
      previous = fromNut;
    }
    Value saddle = registry.put(LayoutKeys.SADDLE_FROM_NUT, "L", in("L", scale));
    return new FretLayout(scale, divisions, frets, saddle, fan);
  }

  /** Where a leaning fret crosses the outer strings, and by how much it leans. */
  private static void putEnds(
      int k, Value fromNut, MultiscaleLayout fan, Value divisions, ValueRegistry registry) {
    double share = position(1, divisions.value(), k);
    double lean = (fan.bass() - fan.treble()) * (share - fan.squareShare()) / 2;
    Value aside =
        SearchedValue.of(
            "fret." + k + ".lean",
            Text.of("Half its slant"),
            lean,
            FINE_LENGTH,
            Text.of("found where it crosses both outer strings"),
            fan.provenance().with(divisions));
    registry.put(
        "fret." + k + ".at-bass",
        Text.of("Fret {k} at the outer bass string, from the nut line", k),
        FINE_LENGTH,
        "d + a",
        in("d", fromNut),
        in("a", aside));
    registry.put(
        "fret." + k + ".at-treble",
        Text.of("Fret {k} at the outer treble string, from the nut line", k),
        FINE_LENGTH,
        "d − a",
        in("d", fromNut),
        in("a", aside));
    registry.put(
        "fret." + k + ".angle",
        Text.of("Slant of fret {k}", k),
        Quantity.ANGLE,
        "atan(2 · a / s)",
        in("a", aside),
        in(
            "s",
            SearchedValue.of(
                LayoutKeys.STRINGS_SPREAD,
                fan.nutSpread() + (fan.bridgeSpread() - fan.nutSpread()) * share,
                Text.of("found along the outer strings"),
                fan.provenance().with(divisions))));
  }

  /**
   * Where any fret number would stand, whole or not; the octave fret exists on paper even when the
   * fretboard ends before it.
   */
  public double at(double k) {
    return position(scale.value(), divisions.value(), k);
  }

  /** Where the octave fret stands: half the scale. */
  public double octave() {
    return scale.value() / 2;
  }

  /** Whether the scale is the real neck's, as measured from nut to octave fret. */
  public boolean real() {
    return scale.id().equals(LayoutKeys.SCALE_REAL.id());
  }

  public Fret last() {
    return frets.get(frets.size() - 1);
  }

  /** The fret, or the nut line as 0, nearest to a place. */
  public int nearest(double x) {
    int nearest = 0;
    for (Fret fret : frets) {
      if (Math.abs(fret.x() - x) < Math.abs((nearest == 0 ? 0 : frets.get(nearest - 1).x()) - x)) {
        nearest = fret.number();
      }
    }
    return nearest;
  }

  /** Whether a place is that of a fret, as near as it is shown. */
  public boolean isAtFret(double x) {
    return Math.abs(at(nearest(x)) - x) < Precision.SHOWN;
  }

  /** Where a cut across the neck is: at a fret, or between which two. */
  public Text across(double x) {
    int nearest = nearest(x);
    if (isAtFret(x)) {
      return near(x);
    }
    int before = at(nearest) < x ? nearest : nearest - 1;
    if (before < 0) {
      return Text.of("before the nut line");
    }
    if (before == last().number()) {
      return Text.of("behind fret {fret}", before);
    }
    return before == 0
        ? Text.of("between nut and fret 1")
        : Text.of("between frets {before} and {after}", before, before + 1);
  }

  /** A place in the maker's words: the nut, or the nearest fret. */
  public Text near(double x) {
    int nearest = nearest(x);
    return nearest == 0 ? Text.of("nut") : Text.of("fret {nearest}", nearest);
  }
}
