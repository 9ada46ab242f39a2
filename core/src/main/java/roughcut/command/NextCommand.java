package roughcut.command;

import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import roughcut.bench.Bench;
import roughcut.bench.OutdatedCut;
import roughcut.bench.Risk;
import roughcut.bench.Verdict;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.whatif.RecoveryOptions;
import roughcut.whatif.SeatWays;

/** What can be done now at the bench, what is owed, and what has to be known first. */
@Command(
    name = "next",
    description = "Lists what can be done now, what comes first, and what waits.",
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
    out.println(
        Text.of("{build}: {done} of {all} operations done", plan.name(), done, bench.steps().size())
            .in(Units.MM));
    Verdict verdict = bench.verdict();
    out.println(counted(verdict).in(Units.MM));
    verdict.stops().forEach(i -> out.println("  stop: " + i.words()));
    bench.suspiciousEntries().forEach(w -> out.println("look: " + w.in(Units.MM)));
    for (Bench.State state :
        new Bench.State[] {
          Bench.State.READY, Bench.State.OWES, Bench.State.WAITS, Bench.State.NOT_YET
        }) {
      heading(out, bench, state);
    }
    for (OutdatedCut outdated : bench.outdatedCuts()) {
      out.println();
      out.println("Made differently: " + outdated.sentence(Units.MM));
      RecoveryOptions.of(plan, outdated).forEach(w -> out.println("  fix: " + w.words()));
    }
    List<SeatWays.Way> seat = SeatWays.of(plan);
    if (!seat.isEmpty()) {
      out.println();
      out.println("The neck doesn't sit as planned:");
      seat.forEach(
          w ->
              out.println(
                  "  "
                      + Text.of(
                              "fix: {fix}; the saddle is then at {saddle}",
                              w.proposal().text(),
                              Text.length(w.saddle(), 2))
                          .in(Units.MM)));
    }
    out.flush();
    return 0;
  }

  private static Text counted(Verdict verdict) {
    int stops = verdict.stops().size();
    int looks = verdict.items().size() - stops;
    Text word = verdict.state().word();
    return verdict.items().isEmpty()
        ? Text.of("verdict: {verdict}", word)
        : Text.of(
            stops == 1
                ? "verdict: {verdict}, {stops} problem, {looks} to check"
                : "verdict: {verdict}, {stops} problems, {looks} to check",
            word,
            stops,
            looks);
  }

  private static void heading(PrintWriter out, Bench bench, Bench.State state) {
    boolean first = true;
    for (Bench.OperationStatus step : bench.steps()) {
      if (step.state() != state) {
        continue;
      }
      if (first) {
        out.println();
        out.println(state.words().in(Units.MM) + ":");
        first = false;
      }
      out.println(
          "  "
              + step.operation().title().in(Units.MM)
              + " ("
              + step.operation().id()
              + ", "
              + step.operation().minutes()
              + " min)");
      step.why().forEach(w -> out.println("    " + w.in(Units.MM)));
      for (Risk risk : bench.risks(step.operation())) {
        if (risk.kind() != Risk.Kind.FINAL && step.why().stream().noneMatch(risk.text()::equals)) {
          out.println("    first – " + risk.kind().word().in(Units.MM) + ": " + risk.words());
        }
      }
    }
  }
}
