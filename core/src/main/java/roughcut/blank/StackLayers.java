package roughcut.blank;

import static roughcut.measure.ComputedValue.in;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import roughcut.design.BlankDecisions;
import roughcut.design.BlankStep;
import roughcut.design.Decisions;
import roughcut.design.PartDecisions;
import roughcut.design.Strip;
import roughcut.measure.ComputedValue;
import roughcut.measure.DecidedValue;
import roughcut.measure.Precision;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;

/**
 * The strips of the neck blank as they lie side by side at last, after resawing, opening and
 * turning, and the sum of their widths as a formula.
 *
 * @param layers from the bass side
 * @param width formula of the width at the nut line
 * @param widthAtHeel formula of the width at the heel's end; the same when nothing is tapered
 */
record StackLayers(
    List<Layer> layers, String width, String widthAtHeel, List<ComputedValue.Input> terms) {
  /**
   * A strip, possibly only part of its width.
   *
   * @param nut its thickness at the nut line, mm
   * @param heel its thickness at the heel's end, mm
   */
  record Layer(Strip strip, int number, double nut, double heel) {
    /** End for end: what was at the heel is at the nut line now. */
    Layer turned() {
      return new Layer(strip.withGrain(strip.grain().other()), number, heel, nut);
    }
  }

  static StackLayers of(EffectiveInputs inputs) {
    List<Strip> stack = inputs.neckStrips();
    List<Layer> layers = new ArrayList<>();
    List<ComputedValue.Input> terms = new ArrayList<>();
    List<String> nut = new ArrayList<>();
    List<String> heel = new ArrayList<>();
    for (int i = 1; i <= stack.size(); i++) {
      Value t = inputs.get(PartDecisions.stripThickness(i));
      terms.add(in("t_" + i, t));
      nut.add("t_" + i);
      double atHeel = t.value();
      if (stack.get(i - 1).tapered()) {
        Value u = inputs.get(PartDecisions.stripHeelThickness(i));
        terms.add(in("u_" + i, u));
        heel.add("u_" + i);
        atHeel = u.value();
      } else {
        heel.add("t_" + i);
      }
      layers.add(new Layer(stack.get(i - 1), i, t.value(), atHeel));
    }
    StackLayers all =
        new StackLayers(layers, String.join(" + ", nut), String.join(" + ", heel), terms);
    int number = 1;
    for (BlankStep step : inputs.design().neckSteps()) {
      all = all.after(step, number++, inputs);
    }
    return all;
  }

  private StackLayers after(BlankStep step, int number, EffectiveInputs inputs) {
    return switch (step.kind()) {
      case OPENED -> opened(step, number);
      case TURNED -> turned(inputs);
      case CAPPED, WINGED, HEEL_BLOCK -> this;
    };
  }

  /** The leaves lie like an open book: mirrored about their joint. */
  private StackLayers opened(BlankStep step, int number) {
    List<Layer> next = new ArrayList<>(layers);
    Collections.reverse(next);
    List<ComputedValue.Input> more = new ArrayList<>(terms);
    String centre = "";
    if (step.thickness() >= Strip.LEAST) {
      Value c =
          DecidedValue.of(
              "neck.step." + number + ".thickness",
              Text.of("Centre strip"),
              step.thickness(),
              Quantity.LENGTH);
      more.add(in("c_" + number, c));
      centre = " + c_" + number;
      Strip strip = new Strip(step.species(), c.value(), Strip.Grain.TO_HEEL);
      next.add(new Layer(strip, 0, c.value(), c.value()));
    }
    next.addAll(layers);
    return new StackLayers(
        next, "2 · (" + width + ")" + centre, "2 · (" + widthAtHeel + ")" + centre, more);
  }

  /** Sawn in two along the middle; the treble half is turned end for end where it lies. */
  private StackLayers turned(EffectiveInputs inputs) {
    Value kerf = inputs.get(Decisions.SAW_KERF);
    Value allowance = inputs.get(BlankDecisions.SAW_ALLOWANCE);
    double lost = kerf.value() / 2 + allowance.value();
    double nut = layers.stream().mapToDouble(Layer::nut).sum() / 2;
    double heel = layers.stream().mapToDouble(Layer::heel).sum() / 2;
    List<Layer> bass = cut(0, nut - lost, 0, heel - lost);
    List<Layer> treble = cut(nut + lost, 2 * nut, heel + lost, 2 * heel);
    if (bass.isEmpty() && treble.isEmpty()) {
      return this; // the saw leaves nothing of it, which is a problem of its own
    }
    Collections.reverse(treble);
    List<Layer> next = new ArrayList<>(bass);
    treble.forEach(layer -> next.add(layer.turned()));
    List<ComputedValue.Input> more = new ArrayList<>(terms);
    if (more.stream().noneMatch(i -> i.symbol().equals("k"))) {
      more.add(in("k", kerf));
      more.add(in("q", allowance));
    }
    String whole =
        width.equals(widthAtHeel)
            ? "(" + width + ")"
            : "((" + width + ") + (" + widthAtHeel + ")) / 2";
    return new StackLayers(next, whole + " − k − 2 · q", whole + " − k − 2 · q", more);
  }

  /** What lies between two offsets from the bass side, given at the nut line and at the heel. */
  private List<Layer> cut(double fromNut, double toNut, double fromHeel, double toHeel) {
    List<Layer> kept = new ArrayList<>();
    double nut = 0;
    double heel = 0;
    for (Layer layer : layers) {
      double atNut = Math.max(0, Math.min(nut + layer.nut(), toNut) - Math.max(nut, fromNut));
      double atHeel = Math.max(0, Math.min(heel + layer.heel(), toHeel) - Math.max(heel, fromHeel));
      // A tapered strip that the saw leaves at one end only runs out to nothing there.
      if (atNut > Precision.SAME || atHeel > Precision.SAME) {
        kept.add(new Layer(layer.strip(), layer.number(), atNut, atHeel));
      }
      nut += layer.nut();
      heel += layer.heel();
    }
    return kept;
  }
}
