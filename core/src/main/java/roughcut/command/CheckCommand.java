package roughcut.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import roughcut.finding.Finding;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.thin.ThinSpot;

/** Lists the thin spots, worst first, of the wood as it is. */
@Command(
    name = "check",
    description =
        "Lists what can't be, what isn't ready and the thin spots, worst first; exit status 1 when anything stops.",
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
    for (ThinSpot spot : plan.thinSpots()) {
      stop |= spot.state() == ThinSpot.State.STOP;
      out.printf(
          "%-9s  %8s  %s (%s)%n",
          spot.state().word(), spot.left().text(Units.MM), spot.what(), limits(spot));
    }
    return stop ? 1 : 0;
  }

  private static String limits(ThinSpot spot) {
    String better = "better " + NumberWriter.fixed(spot.limit().warn(), 1);
    return Double.isNaN(spot.limit().fail())
        ? better
        : better + ", least " + NumberWriter.fixed(spot.limit().fail(), 1);
  }
}
