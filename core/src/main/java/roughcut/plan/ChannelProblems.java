package roughcut.plan;

import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import roughcut.design.NeckDecisions;
import roughcut.design.OperationId;
import roughcut.finding.Finding;
import roughcut.finding.Findings;
import roughcut.finding.Message;
import roughcut.finding.Topic;
import roughcut.measure.Precision;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.neck.ChannelRouting;
import roughcut.neck.MachineStops;
import roughcut.record.EffectiveInputs;

/** A fence that was tried and isn't right yet, and a bore that went too far (handbook page 4). */
final class ChannelProblems {
  /** A fence nearer than this is as near as it is set, mm. */
  private static final double SET = 0.15;

  private ChannelProblems() {}

  static List<Finding> fences(EffectiveInputs inputs, ChannelRouting routing) {
    Findings found = new Findings(Topic.NECK);
    for (MachineStops run : routing.runs()) {
      if (run.routs().filter(inputs::done).isEmpty()) {
        tried(run, found);
      }
    }
    return found.list();
  }

  /**
   * A way to the rod's adjuster that is bored already, and came out of the back.
   *
   * @param accessBack wood between the two; empty where there is no such bore
   */
  static List<Finding> access(EffectiveInputs inputs, Optional<Value> accessBack) {
    Findings found = new Findings(Topic.NECK);
    if (inputs.done(OperationId.ROD_ACCESS) && accessBack.filter(b -> b.value() < 0).isPresent()) {
      found.stop(
          NeckDecisions.ACCESS_BORE.id(),
          Message.of(
                  Text.of(
                      "The access hole went {value} through the back of the neck.",
                      Text.length(-accessBack.get().value(), 1)))
              .why(Text.of("The hole shows, and the neck is weakest there."))
              .fix(
                  Text.of(
                      "Glue in a plug of the same wood, grain along the neck, carve the back "
                          + "over it and drill again. A fuller volute or a back veneer covers "
                          + "what shows.")));
    }
    return found.list();
  }

  /** Off by the same all along the fence is moved; off by more at one end it is turned. */
  private static void tried(MachineStops run, Findings found) {
    List<MachineStops.Trial> tried =
        run.trials().stream().filter(t -> t.off().isPresent()).toList();
    DoubleSummaryStatistics off =
        tried.stream().mapToDouble(t -> t.off().get().value()).summaryStatistics();
    if (tried.isEmpty() || Math.max(off.getMax(), -off.getMin()) <= SET) {
      return;
    }
    Text where =
        Text.joined(
            tried.stream()
                .map(t -> Text.of("{off} {place}", way(t.off().get().value()), t.place().words()))
                .toList(),
            ", ");
    found.stop(
        tried.get(0).off().get().id(),
        Message.of(Text.of("{run}: the trial cut is {where}.", run.name(), where))
            .why(Text.of("The channel would be off the centre line by as much."))
            .fix(
                Text.of(
                    off.getMax() - off.getMin() > SET
                        ? "Set the fence parallel or true the edge, and make another trial cut."
                        : "Move the fence by that, and make another trial cut.")));
  }

  private static Text way(double off) {
    return Math.abs(off) < Precision.SHOWN
        ? Text.of("right")
        : Text.of(
            off > 0 ? "{size} too far from the edge" : "{size} too near the edge",
            Text.length(Math.abs(off), 2));
  }
}
