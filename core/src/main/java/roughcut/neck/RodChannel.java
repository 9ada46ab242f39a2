package roughcut.neck;

import static roughcut.measure.Quantity.FINE_LENGTH;
import static roughcut.measure.Quantity.LENGTH;
import static roughcut.measure.Worked.in;

import java.util.function.DoubleUnaryOperator;
import roughcut.design.Decisions;
import roughcut.design.Givens;
import roughcut.geometry.Minimum;
import roughcut.measure.Given;
import roughcut.measure.Ledger;
import roughcut.measure.Worked;

/**
 * The truss rod channel on the centre line, and what wood remains between it and the carved back
 * (handbook page 4, "What remains"): straight down under its middle, straight down under a lower
 * corner, and the shortest way to the carved surface, which is the one that limits are held
 * against. Each is the least along the whole channel.
 */
public record RodChannel(
    Given start,
    Given length,
    Given width,
    Given depth,
    Worked end,
    Worked underCentre,
    Worked underCorner,
    Worked least,
    Worked leastX) {
  private static final int SAMPLES = 12;
  private static final double TOLERANCE = 1e-3;

  public static RodChannel of(Givens givens, NeckShape neck, Ledger ledger) {
    Given start = givens.get(Decisions.ROD_START);
    Given length = givens.get(Decisions.ROD_LENGTH);
    Given width = givens.get(Decisions.ROD_WIDTH);
    Given depth = givens.get(Decisions.ROD_DEPTH);
    Worked end =
        ledger.put(
            "rod.end.from-nut",
            "Rod channel ends, from the nut line",
            LENGTH,
            start.value() + length.value(),
            "x_s + ℓ",
            in("x_s", start),
            in("ℓ", length));
    double half = width.value() / 2;
    Minimum centre = along(start, end, neck, x -> neck.profile(x).depth() - depth.value());
    Minimum corner = along(start, end, neck, x -> neck.profile(x).depthAt(half) - depth.value());
    Minimum least =
        along(
            start,
            end,
            neck,
            x -> neck.profile(x).distanceToChannel(0, width.value(), depth.value()));
    return new RodChannel(
        start,
        length,
        width,
        depth,
        end,
        put(
            ledger,
            "rod.under-centre",
            "Under the rod channel, straight down at its middle",
            centre.value(),
            UNDER_CENTRE,
            neck,
            width,
            depth),
        put(
            ledger,
            "rod.under-corner",
            "Under the rod channel's lower corner, straight down",
            corner.value(),
            UNDER_CORNER,
            neck,
            width,
            depth),
        put(
            ledger,
            "rod.least",
            "From the rod channel to the carved back, the shortest way",
            least.value(),
            LEAST,
            neck,
            width,
            depth),
        ledger.put(
            "rod.least.x",
            "Where that is, from the nut line",
            LENGTH,
            least.at(),
            "found with rod.least"));
  }

  private static final String UNDER_CENTRE = "least along the channel of B(x) − d";
  private static final String UNDER_CORNER =
      "least along the channel of P(w / 2) − d, P the carved back's depth at that offset";
  private static final String LEAST =
      "least along the channel from its corners to |y / a|^p + |z / B|^p = 1";

  private static Worked put(
      Ledger ledger,
      String id,
      String label,
      double value,
      String formula,
      NeckShape neck,
      Given width,
      Given depth) {
    return ledger.put(
        id,
        label,
        FINE_LENGTH,
        value,
        formula,
        in("T_1", neck.thickness().first()),
        in("T_12", neck.thickness().octave()),
        in("t_b", neck.thickness().fretboard()),
        in("w_nut", neck.taper().nutWidth()),
        in("w_2", neck.taper().secondWidth()),
        in("p", neck.exponent()),
        in("w", width),
        in("d", depth));
  }

  /** Searched piece by piece, so that no corner of the back line is stepped over. */
  private static Minimum along(Given start, Worked end, NeckShape neck, DoubleUnaryOperator left) {
    Minimum best = new Minimum(start.value(), Double.POSITIVE_INFINITY);
    double[] ends = {
      Double.NEGATIVE_INFINITY,
      neck.back().straightFrom(),
      neck.back().straightTo(),
      Double.POSITIVE_INFINITY
    };
    for (int i = 1; i < ends.length; i++) {
      double from = Math.max(start.value(), Math.min(end.value(), ends[i - 1]));
      double to = Math.max(start.value(), Math.min(end.value(), ends[i]));
      if (to > from) {
        Minimum here = Minimum.of(left, from, to, SAMPLES, TOLERANCE);
        best = here.value() < best.value() ? here : best;
      }
    }
    return best;
  }
}
