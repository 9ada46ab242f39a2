package roughcut.command;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import roughcut.bench.Bench;
import roughcut.bench.Spoiled;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.whatif.Amends;

/** What can be done now at the bench, what is owed, and what has to be known first. */
@Command(
    name = "next",
    description = "Lists what can be done now, what is owed before a face goes, and what waits.",
    mixinStandardHelpOptions = true)
final class NextCommand implements Callable<Integer> {
  @Mixin private Source source;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() throws Exception {
    Plan plan = source.plan(true);
    Bench bench = Bench.of(plan, source.now().minute());
    PrintWriter out = spec.commandLine().getOut();
    long done = bench.steps().stream().filter(s -> s.state() == Bench.State.DONE).count();
    out.println(plan.name() + ": " + done + " of " + bench.steps().size() + " operations done");
    bench.oddities().forEach(w -> out.println("look: " + w));
    for (Bench.State state :
        new Bench.State[] {Bench.State.READY, Bench.State.OWES, Bench.State.WAITS}) {
      heading(out, bench, state);
    }
    for (Spoiled spoiled : Spoiled.of(plan, bench.route())) {
      out.println();
      out.println("Made already, and wants another number now: " + spoiled.told(Units.MM));
      Amends.of(plan, spoiled).forEach(w -> out.println("  way out: " + w.words()));
    }
    out.flush();
    return 0;
  }

  private static void heading(PrintWriter out, Bench bench, Bench.State state) {
    boolean first = true;
    for (Bench.Step step : bench.steps()) {
      if (step.state() != state) {
        continue;
      }
      if (first) {
        out.println();
        out.println(state.words() + ":");
        first = false;
      }
      out.println(
          "  "
              + step.operation().title()
              + " ("
              + step.operation().id()
              + ", "
              + step.operation().minutes()
              + " min)");
      step.why().forEach(w -> out.println("    " + w));
      for (Bench.Held held : bench.held(step.operation())) {
        if (held.state() != roughcut.bench.HoldPoint.State.HOLDS) {
          out.println("    first: " + held.hold().what() + " – " + held.state().word());
        }
      }
    }
  }
}
