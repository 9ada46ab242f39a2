package roughcut.layout;

import static roughcut.measure.ComputedValue.in;

import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.StringDecisions;
import roughcut.measure.ComputedValue;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.SearchedValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;

/**
 * Two scales, one along each outer string, and the fret that stays square between them (handbook
 * page 2, "Two scales"). With both alike nothing is fanned.
 *
 * @param bass scale along the outer bass string, mm
 * @param treble scale along the outer treble string, mm
 * @param square the fret that stays square to the centre line, a real number
 * @param squareShare where that fret lies on each line, as a share of it
 * @param nutSpread between the outer strings at the nut
 * @param bridgeSpread between them at the saddles
 * @param provenance the values that shape it
 */
public record MultiscaleLayout(
    double bass,
    double treble,
    double square,
    double squareShare,
    double nutSpread,
    double bridgeSpread,
    Provenance provenance) {

  /** The fan that was decided; one scale on both sides is none. */
  public static MultiscaleLayout of(EffectiveInputs inputs) {
    double scale = inputs.get(Decisions.SCALE_LENGTH).value();
    double bass = inputs.get(StringDecisions.SCALE_BASS).value();
    double treble = inputs.get(StringDecisions.SCALE_TREBLE).value();
    double square = inputs.get(StringDecisions.SCALE_SQUARE).value();
    double n = inputs.get(Decisions.DIVISIONS).value();
    double own = usable(bass) ? bass : scale;
    double other = usable(treble) ? treble : scale;
    double drawn = drawn(inputs);
    // Slots that are sawn stand where they stand: the real neck is drawn out or shrunk evenly.
    double real = realScale(inputs, drawn).map(r -> r.value() / drawn).orElse(1.0);
    return new MultiscaleLayout(
        own * real,
        other * real,
        square,
        FretLayout.position(1, n, square),
        inputs.get(Decisions.NUT_WIDTH).value() - 2 * inputs.get(Decisions.NUT_EDGE_MARGIN).value(),
        inputs.get(Decisions.BRIDGE_SPREAD).value(),
        own == other
            ? straight(inputs)
            : straight(inputs)
                .with(
                    inputs.get(StringDecisions.SCALE_SQUARE),
                    inputs.get(Decisions.DIVISIONS),
                    inputs.get(Decisions.NUT_WIDTH),
                    inputs.get(Decisions.NUT_EDGE_MARGIN),
                    inputs.get(Decisions.BRIDGE_SPREAD)));
  }

  /** What gives it its scales. */
  private static Provenance straight(EffectiveInputs inputs) {
    return drawnProvenance(inputs).with(inputs.get(StringDecisions.NUT_TO_OCTAVE));
  }

  /** The drawn scale on the centre line, whatever the real neck came out as. */
  public static double drawn(EffectiveInputs inputs) {
    double scale = inputs.get(Decisions.SCALE_LENGTH).value();
    double bass = inputs.get(StringDecisions.SCALE_BASS).value();
    double treble = inputs.get(StringDecisions.SCALE_TREBLE).value();
    return ((usable(bass) ? bass : scale) + (usable(treble) ? treble : scale)) / 2;
  }

  /** What the drawn scale hangs on; the real neck's apart. */
  public static Provenance drawnProvenance(EffectiveInputs inputs) {
    return Provenance.of(
        inputs.get(Decisions.SCALE_LENGTH),
        inputs.get(StringDecisions.SCALE_BASS),
        inputs.get(StringDecisions.SCALE_TREBLE));
  }

  /** 0 stands for the one scale, and what is too short for any is a problem and no scale. */
  private static boolean usable(double scale) {
    return scale >= Decisions.SCALE_LENGTH.least();
  }

  public boolean fanned() {
    return bass != treble;
  }

  /** A neck measured so much longer or shorter than drawn is another neck, or a slip. */
  private static final double FURTHEST_OFF = 0.05;

  /**
   * The real neck's scale on the centre line, twice from nut to octave fret once that was measured;
   * empty before, or where it can't be of this neck.
   *
   * @param drawn the drawn scale on the centre line, mm
   */
  private static Optional<Value> realScale(EffectiveInputs inputs, double drawn) {
    Value octave = inputs.get(StringDecisions.NUT_TO_OCTAVE);
    double real = 2 * octave.value();
    return octave.value() == 0 || !ofThisNeck(real, drawn)
        ? Optional.empty()
        : Optional.of(ComputedValue.of(LayoutKeys.SCALE_REAL, "2 · o", in("o", octave)));
  }

  /** Whether a neck of that real scale can be the one that was drawn. */
  public static boolean ofThisNeck(double real, double drawn) {
    return Math.abs(real / drawn - 1) <= FURTHEST_OFF;
  }

  /** The scale on the centre line, which lies halfway between the outer strings. */
  Value centre(EffectiveInputs inputs) {
    Value scale = inputs.get(Decisions.SCALE_LENGTH);
    double middle = (bass + treble) / 2;
    Value octave = inputs.get(StringDecisions.NUT_TO_OCTAVE);
    if (octave.value() > 0 && Math.abs(middle - 2 * octave.value()) < Precision.SAME) {
      return realScale(inputs, drawn(inputs)).orElseThrow();
    }
    return middle == scale.value()
        ? scale
        : SearchedValue.of(
            LayoutKeys.SCALE_CENTRE,
            middle,
            Text.of("found halfway between the outer strings"),
            provenance);
  }

  /**
   * How much a line across all strings leans at a share of the strings' length: along for each
   * millimetre to the treble side; 0 is square. The share is 0 for the nut, 1 for the saddles.
   */
  public double slant(double share) {
    double across = nutSpread + (bridgeSpread - nutSpread) * share;
    return across == 0 ? 0 : -(bass - treble) * (share - squareShare) / across;
  }

  /** Scale of a string that stands so far across: 0 at the bass string, 1 at the treble one. */
  public double scale(double across) {
    return bass + across * (treble - bass);
  }
}
