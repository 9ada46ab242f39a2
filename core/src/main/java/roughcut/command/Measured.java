package roughcut.command;

import java.util.stream.Collectors;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Measurable;
import roughcut.record.Measurables;

/**
 * Whether measured values stand in the place of decided ones: in every command they do, unless they
 * are left out on purpose; and each command says which.
 */
final class Measured {
  @Option(names = "--as-designed", description = "as drawn, measured values left out")
  private boolean asDesigned;

  @Option(
      names = "--as-built",
      description = "measured values in place of decided ones, as they are without this too")
  private boolean asBuilt;

  boolean count() {
    return asBuilt || !asDesigned;
  }

  /** Says, beside the output, what was measured and counts. */
  void say(Plan plan, CommandSpec spec) {
    String which =
        plan.build().measured().entrySet().stream()
            .filter(e -> !e.getValue().looked())
            .map(
                e ->
                    e.getKey()
                        + " "
                        + Measurables.find(plan.build().design(), e.getKey())
                            .map(Measurable::quantity)
                            .map(q -> NumberWriter.text(e.getValue().value(), q, Units.MM))
                            .orElse(Double.toString(e.getValue().value())))
            .collect(Collectors.joining(", "));
    if (!which.isEmpty()) {
      spec.commandLine()
          .getErr()
          .println("roughcut: measured, in place of what was decided: " + which);
    } else if (!count()) {
      spec.commandLine().getErr().println("roughcut: as designed; measured values are left out");
    }
  }
}
