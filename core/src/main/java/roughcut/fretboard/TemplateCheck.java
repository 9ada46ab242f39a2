package roughcut.fretboard;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.FretboardDecisions;
import roughcut.layout.FretLayout;
import roughcut.layout.MultiscaleLayout;
import roughcut.record.EffectiveInputs;

/**
 * A slotting template of another scale held against this one: frets of L2 are those of a longer L1
 * from fret j on only if L2 = L1 · 2^(−j/n); otherwise each fret is off by so much (handbook page
 * 2).
 *
 * @param scale of the template, mm
 * @param from the template's fret that is taken as the nut
 * @param errors by fret of this scale: towards the bridge positive, mm
 * @param cents what each does to its note
 */
public record TemplateCheck(double scale, int from, List<Double> errors, List<Double> cents) {
  /** Errors up to this don't count, mm. */
  private static final double SERVES = 0.05;

  public TemplateCheck {
    errors = List.copyOf(errors);
    cents = List.copyOf(cents);
  }

  static Optional<TemplateCheck> of(EffectiveInputs inputs, FretLayout frets) {
    double scale = inputs.get(FretboardDecisions.TEMPLATE).value();
    if (scale <= 0) {
      return Optional.empty();
    }
    double own = MultiscaleLayout.drawn(inputs);
    double n = frets.divisions().value();
    int from = (int) Math.max(0, Math.rint(n * Math.log(scale / own) / Math.log(2)));
    double nut = FretLayout.position(scale, n, from);
    List<Double> errors = new ArrayList<>();
    List<Double> cents = new ArrayList<>();
    for (FretLayout.Fret fret : frets.frets()) {
      double there = FretLayout.position(scale, n, fret.number() + from) - nut;
      double drawn = FretLayout.position(own, n, fret.number());
      double error = there - drawn;
      errors.add(error);
      cents.add(PitchError.fretMoved(error, own - drawn));
    }
    return Optional.of(new TemplateCheck(scale, from, errors, cents));
  }

  /** Whether it serves for this scale. */
  public boolean serves() {
    return errors.stream().allMatch(e -> Math.abs(e) <= SERVES);
  }

  /** The worst error, mm. */
  public double worst() {
    return errors.stream().mapToDouble(Math::abs).max().orElse(0);
  }
}
