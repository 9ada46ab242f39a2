package roughcut.neck;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.design.BlankDecisions;
import roughcut.design.BlankStep;
import roughcut.geometry.Point;
import roughcut.measure.Precision;
import roughcut.measure.Provenance;
import roughcut.measure.Value;
import roughcut.record.EffectiveInputs;

/**
 * How deep the blank's wood reaches below the glue line, seen from the side: as deep as it was
 * planed, and deeper where a block is glued under its end. A blank laid level with the body has its
 * top above the glue line, the more the nearer to the nut.
 *
 * @param base below the glue line at the place {@code top}, mm
 * @param lean how much deeper it reaches for each mm towards the body's end
 * @param top where the blank's top is the glue line, from the nut line, mm
 * @param block thickness of what is glued under, mm; 0 for nothing
 * @param blockFrom where that begins, from the nut line, mm
 * @param blankEnd where the blank ends, its trim included, mm
 */
public record BlankReach(
    double base,
    double lean,
    double top,
    double block,
    double blockFrom,
    double blankEnd,
    Provenance provenance) {

  /**
   * Wood over the finished back where that is least.
   *
   * @param left in depth; less than 0 where wood is missing, mm
   * @param x where
   */
  public record Least(double left, double x) {}

  /**
   * The reach of a blank.
   *
   * @param base how deep it is without a block
   * @param core of a through-neck, by which its blank is laid
   */
  public static BlankReach of(
      EffectiveInputs inputs, Value base, Value end, Optional<ThroughCore> core) {
    Block block = Block.of(inputs, end);
    double lean = core.map(ThroughCore::lean).orElse(0.0);
    double top = core.map(ThroughCore::top).orElse(0.0);
    Provenance provenance = Provenance.of(base, end, inputs.get(BlankDecisions.END_TRIM));
    return new BlankReach(
        base.value(),
        lean,
        top,
        block.thickness,
        block.from,
        block.blankEnd,
        core.map(c -> provenance.and(c.provenance())).orElse(provenance));
  }

  /**
   * What is glued under a blank's end, flush with it before the end is trimmed.
   *
   * @param thickness of all that is glued under, mm; 0 for nothing
   * @param from where it begins, from the nut line, mm
   */
  record Block(double thickness, double from, double blankEnd) {
    static Block of(EffectiveInputs inputs, Value end) {
      List<BlankStep> blocks = inputs.design().neckSteps(BlankStep.Kind.HEEL_BLOCK);
      double blankEnd = end.value() + inputs.get(BlankDecisions.END_TRIM).value();
      // Of several the shortest tells where all of them lie.
      double length =
          blocks.stream()
              .mapToDouble(b -> b.length() > 0 ? b.length() : Double.POSITIVE_INFINITY)
              .min()
              .orElse(0);
      return new Block(
          blocks.stream().mapToDouble(BlankStep::thickness).sum(), blankEnd - length, blankEnd);
    }
  }

  /** Depth of the wood below the glue line at x, block included, mm. */
  public double at(double x) {
    return strips(x) + (x >= blockFrom ? block : 0);
  }

  /** The same without the block. */
  public double strips(double x) {
    return base + lean * (x - top);
  }

  /** Where a finished back has least wood over it, between two places. */
  public Least least(BackLine back, double from, double to) {
    Least least = new Least(at(from) - back.depth(from), from);
    List<Double> places = new ArrayList<>(List.of(to));
    back.line().stream().map(Point::x).filter(x -> x > from && x < to).forEach(places::add);
    if (blockFrom > from && blockFrom < to) {
      places.add(blockFrom);
      least = less(least, strips(blockFrom) - back.depth(blockFrom), blockFrom);
    }
    for (double x : places) {
      least = less(least, at(x) - back.depth(x), x);
    }
    return least;
  }

  private static Least less(Least a, double left, double x) {
    return left < a.left - Precision.SAME ? new Least(left, x) : a;
  }

  /** How long the block would have to be for the heel's curve to lie in it; 0 without a block. */
  public double blockWanted(BackLine back) {
    if (block == 0) {
      return 0;
    }
    double x = back.straightTo();
    while (x < blankEnd && strips(x) >= back.depth(x) - Precision.SAME) {
      x += STEP;
    }
    return Math.ceil(blankEnd - x);
  }

  private static final double STEP = 0.25;
}
