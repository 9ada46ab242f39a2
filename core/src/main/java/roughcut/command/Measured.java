package roughcut.command;

import java.util.stream.Collectors;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import roughcut.measure.NumberWriter;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.Measurable;
import roughcut.record.Measurables;

/**
 * Whether measured values stand in the place of decided ones: in every command they do, unless they
 * are left out on purpose; and each command says which.
 */
final class Measured {
  @Option(names = "--as-designed", description = "as planned, ignoring measured values")
  private boolean asDesigned;

  @Option(names = "--as-built", description = "measured values replace planned ones (the default)")
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
      RoughCut.tell(spec, Text.of("measured values that replace planned ones: {values}", which));
    } else if (!count()) {
      RoughCut.tell(spec, Text.of("as designed, ignoring measured values"));
    }
  }
}
