package roughcut.blank;

import java.util.List;
import roughcut.design.BlankDecisions;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Message;
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
          Message.of(
                  Text.of(
                      "The piece is {from} thick, thinner already than the target of {to}.",
                      Text.length(from, 1),
                      Text.length(to, 1)))
              .fix(Text.of("Correct one of the two, or use another piece.")));
    }
    if (width > planer.width()) {
      all.stop(
          Message.of(
                  Text.of(
                      "The piece is {length} wider than the planer.",
                      Text.length(width - planer.width(), 0)))
              .fix(Text.of("Plane it by hand, or with a router on rails.")));
    }
    if (length < planer.leastLength()) {
      all.stop(
          Message.of(
                  Text.of(
                      "The piece is {length} long, under the planer's minimum of {least}.",
                      Text.length(length, 0),
                      Text.length(planer.leastLength(), 0)))
              .why(Text.of("Between the rollers nothing holds it, and it is thrown."))
              .fix(Text.of("Never feed it alone. Use a long carrier, or plane it by hand.")));
    }
    if (bite > planer.mostBite()) {
      all.stop(
          Message.of(
                  Text.of(
                      "A pass of {bite} is more than the planer takes: {most}.",
                      Text.length(bite, 1),
                      Text.length(planer.mostBite(), 1)))
              .fix(Text.of("Take less in one pass.")));
    }
    if (carrier) {
      all.look(
          Message.of(
                  Text.of(
                      "The piece ends up thinner than {below}.",
                      Text.length(planer.carrierBelow(), 0)))
              .why(Text.of("It flutters over the bed and breaks under the knives."))
              .fix(Text.of("Use a carrier board.")));
    } else if (planer.snipe() > 0) {
      all.look(
          Message.of(
                  Text.of(
                      "The last {snipe} at each end can come out thinner.",
                      Text.length(planer.snipe(), 0)))
              .fix(Text.of("Trim them off later, or use a carrier.")));
    }
    return all.list();
  }
}
