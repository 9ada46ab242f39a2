package roughcut.blank;

import java.util.List;
import roughcut.design.BlankDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Topic;
import roughcut.measure.Text;
import roughcut.record.EffectiveInputs;
import roughcut.shop.Planer;

/**
 * Whether the planer can take the piece, and how: least length, width, a carrier board under thin
 * stock, snipe (handbook page 3, "Milling passes").
 */
public final class PlanerAdvice {
  private PlanerAdvice() {}

  /** What is to be said, what stops first. */
  public static List<Finding> of(EffectiveInputs inputs, Planer planer) {
    double length = inputs.get(BlankDecisions.MILL_LENGTH).value();
    double width = inputs.get(BlankDecisions.MILL_WIDTH).value();
    double to = inputs.get(BlankDecisions.MILL_TO).value();
    double from = inputs.get(BlankDecisions.MILL_FROM).value();
    double bite = inputs.get(BlankDecisions.MILL_BITE).value();
    Findings all = new Findings(Topic.PLANER);
    boolean carrier = to < planer.carrierBelow();
    if (from < to) {
      all.stop(
          Text.of("the piece is already thinner than the target: {from}", Text.length(from, 1)));
    }
    if (width > planer.width()) {
      all.stop(
          Text.of(
              "wider than the planer by {length}: plane it by hand, or with a router on rails",
              Text.length(width - planer.width(), 0)));
    }
    if (length < planer.leastLength()) {
      all.stop(
          Text.of(
              "shorter than the planer minimum of {least}: never feed it alone. Use a "
                  + "long carrier, or plane it by hand",
              Text.length(planer.leastLength(), 0)));
    }
    if (bite > planer.mostBite()) {
      all.stop(Text.of("a pass of {bite} is more than the planer takes", Text.length(bite, 1)));
    }
    if (carrier) {
      all.look(
          Text.of(
              "use a carrier board: the piece ends up thinner than {below}",
              Text.length(planer.carrierBelow(), 0)));
    } else if (planer.snipe() > 0) {
      all.look(
          Text.of(
              "the last {snipe} at each end can come out thinner: trim them off later, or "
                  + "use a carrier",
              Text.length(planer.snipe(), 0)));
    }
    return all.list();
  }
}
