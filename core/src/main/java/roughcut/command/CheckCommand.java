package roughcut.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** Lists the thin spots, worst first, of the wood as it is. */
@Command(
    name = "check",
    description =
        "Lists what can't be done, what isn't ready and the clearances, tightest "
            + "first. Exit status 1 when anything stops.",
    mixinStandardHelpOptions = true)
final class CheckCommand implements Callable<Integer> {
  @Mixin private Source source;

  @Mixin private Measured measured;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() throws Exception {
    Plan plan = source.plan(measured.count());
    measured.say(plan, spec);
    PrintWriter out = spec.commandLine().getOut();
    boolean stop = false;
    for (Finding finding : Finding.sorted(plan.findings())) {
      stop |= finding.stops();
      String beside = finding.where().isEmpty() ? "" : " (" + finding.where() + ")";
      out.printf(
          "%-9s  %s: %s%s%n",
          finding.severity().word(), finding.topic().words(), finding.words(), beside);
    }
    for (Clearance clearance : plan.clearances()) {
      stop |= clearance.state() == Clearance.State.STOP;
      out.printf(
          "%-9s  %8s  %s (%s)%n",
          clearance.state().word(),
          clearance.left().text(Units.MM),
          clearance.what(),
          limits(clearance));
      if (clearance.state() != Clearance.State.CLEAR) {
        out.printf("%-9s  %8s  %s%n", "", "", clearance.kind().risk());
      }
    }
    return stop ? 1 : 0;
  }

  private static String limits(Clearance clearance) {
    String better = "target " + NumberWriter.fixed(clearance.limit().warn(), 1);
    return Double.isNaN(clearance.limit().fail())
        ? better
        : better + ", minimum " + NumberWriter.fixed(clearance.limit().fail(), 1);
  }
}
