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
      all.stop("the piece is thinner than wanted already: " + Text.mm(from, 1));
    }
    if (width > planer.width()) {
      all.stop(
          "wider than the planer by "
              + Text.mm(width - planer.width(), 0)
              + ": plane by hand, or with a router on rails");
    }
    if (length < planer.leastLength()) {
      all.stop(
          "shorter than the planer's least of "
              + Text.mm(planer.leastLength(), 0)
              + ": never fed alone; on a long carrier, or by hand");
    }
    if (bite > planer.mostBite()) {
      all.stop("a pass of " + Text.mm(bite, 1) + " is more than the planer takes");
    }
    if (carrier) {
      all.look(
          "on a carrier board: the piece ends thinner than " + Text.mm(planer.carrierBelow(), 0));
    } else if (planer.snipe() > 0) {
      all.look(
          "the last "
              + Text.mm(planer.snipe(), 0)
              + " at each end may come out thinner; leave them to be trimmed, or use a carrier");
    }
    return all.list();
  }
}
