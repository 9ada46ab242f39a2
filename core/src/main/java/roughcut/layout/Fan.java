package roughcut.layout;

import static roughcut.measure.Worked.in;

import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.design.StringDecisions;
import roughcut.measure.Basis;
import roughcut.measure.Found;
import roughcut.measure.Precision;
import roughcut.measure.Value;
import roughcut.measure.Worked;
import roughcut.record.Givens;

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
 * @param basis the values that shape it
 */
public record Fan(
    double bass,
    double treble,
    double square,
    double squareShare,
    double nutSpread,
    double bridgeSpread,
    Basis basis) {

  /** The fan that was decided; one scale on both sides is none. */
  public static Fan of(Givens givens) {
    double scale = givens.get(Decisions.SCALE_LENGTH).value();
    double bass = givens.get(StringDecisions.SCALE_BASS).value();
    double treble = givens.get(StringDecisions.SCALE_TREBLE).value();
    double square = givens.get(StringDecisions.SCALE_SQUARE).value();
    double n = givens.get(Decisions.DIVISIONS).value();
    double own = usable(bass) ? bass : scale;
    double other = usable(treble) ? treble : scale;
    double drawn = drawn(givens);
    // Slots that are sawn stand where they stand: the real neck is drawn out or shrunk evenly.
    double real = realScale(givens, drawn).map(r -> r.value() / drawn).orElse(1.0);
    return new Fan(
        own * real,
        other * real,
        square,
        FretLayout.position(1, n, square),
        givens.get(Decisions.NUT_WIDTH).value() - 2 * givens.get(Decisions.NUT_EDGE_MARGIN).value(),
        givens.get(Decisions.BRIDGE_SPREAD).value(),
        own == other
            ? straight(givens)
            : straight(givens)
                .with(
                    givens.get(StringDecisions.SCALE_SQUARE),
                    givens.get(Decisions.DIVISIONS),
                    givens.get(Decisions.NUT_WIDTH),
                    givens.get(Decisions.NUT_EDGE_MARGIN),
                    givens.get(Decisions.BRIDGE_SPREAD)));
  }

  /** What gives it its scales. */
  private static Basis straight(Givens givens) {
    return drawnBasis(givens).with(givens.get(StringDecisions.NUT_TO_OCTAVE));
  }

  /** The drawn scale on the centre line, whatever the real neck came out as. */
  public static double drawn(Givens givens) {
    double scale = givens.get(Decisions.SCALE_LENGTH).value();
    double bass = givens.get(StringDecisions.SCALE_BASS).value();
    double treble = givens.get(StringDecisions.SCALE_TREBLE).value();
    return ((usable(bass) ? bass : scale) + (usable(treble) ? treble : scale)) / 2;
  }

  /** What the drawn scale hangs on; the real neck's apart. */
  public static Basis drawnBasis(Givens givens) {
    return Basis.of(
        givens.get(Decisions.SCALE_LENGTH),
        givens.get(StringDecisions.SCALE_BASS),
        givens.get(StringDecisions.SCALE_TREBLE));
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
  private static Optional<Value> realScale(Givens givens, double drawn) {
    Value octave = givens.get(StringDecisions.NUT_TO_OCTAVE);
    double real = 2 * octave.value();
    return octave.value() == 0 || !ofThisNeck(real, drawn)
        ? Optional.empty()
        : Optional.of(Worked.of(LayoutKeys.SCALE_REAL, "2 · o", in("o", octave)));
  }

  /** Whether a neck of that real scale can be the one that was drawn. */
  public static boolean ofThisNeck(double real, double drawn) {
    return Math.abs(real / drawn - 1) <= FURTHEST_OFF;
  }

  /** The scale on the centre line, which lies halfway between the outer strings. */
  Value centre(Givens givens) {
    Value scale = givens.get(Decisions.SCALE_LENGTH);
    double middle = (bass + treble) / 2;
    Value octave = givens.get(StringDecisions.NUT_TO_OCTAVE);
    if (octave.value() > 0 && Math.abs(middle - 2 * octave.value()) < Precision.SAME) {
      return realScale(givens, drawn(givens)).orElseThrow();
    }
    return middle == scale.value()
        ? scale
        : Found.of(
            LayoutKeys.SCALE_CENTRE, middle, "found halfway between the outer strings", basis);
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
