package roughcut.command;

import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import roughcut.blank.BlankReadiness;
import roughcut.measure.NumberWriter;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.plan.Problem;
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
    for (Problem problem : plan.problems()) {
      out.println("can't be  " + problem.decisionId() + ": " + problem.message());
    }
    boolean stop = !plan.problems().isEmpty();
    stop |= tell(out, "neck blank", plan.openForBlank());
    stop |= tell(out, "body blank", plan.openForBody());
    for (ThinSpot spot : plan.thinSpots()) {
      stop |= spot.state() == ThinSpot.State.STOP;
      out.printf(
          "%-8s  %8s  %s (%s)%n",
          spot.state().word(), spot.left().text(Units.MM), spot.what(), limits(spot));
    }
    return stop ? 1 : 0;
  }

  /** Whether something stands between the maker and a blank; what only wants a look is told too. */
  private static boolean tell(
      PrintWriter out, String what, List<BlankReadiness.Question> questions) {
    boolean stop = false;
    for (BlankReadiness.Question question : questions) {
      out.printf("%-8s  %s: %s%n", question.stops() ? "not ready" : "look", what, question.words());
      stop |= question.stops();
    }
    return stop;
  }

  private static String limits(ThinSpot spot) {
    String better = "better " + NumberWriter.fixed(spot.limit().warn(), 1);
    return Double.isNaN(spot.limit().fail())
        ? better
        : better + ", least " + NumberWriter.fixed(spot.limit().fail(), 1);
  }
}
