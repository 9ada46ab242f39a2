package roughcut.command;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import roughcut.file.ReportWriter;
import roughcut.finding.Finding;
import roughcut.plan.Plan;
import roughcut.whatif.Comparison;

/** Lists every worked value with its sum. */
@Command(
    name = "report",
    description = "Lists every worked-out value with its sum.",
    mixinStandardHelpOptions = true)
final class ReportCommand implements Callable<Integer> {
  enum Format {
    json,
    text
  }

  @Mixin private Source source;

  @Option(names = "--format", description = "json or text", defaultValue = "text")
  private Format format;

  @Option(
      names = "--what-if",
      paramLabel = "ID=VALUE",
      description =
          "try deciding differently, and list only the numbers that would change: id, kept and"
              + " tried, between tabs")
  private List<String> tries = new ArrayList<>();

  @Mixin private Measured measured;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() throws Exception {
    Plan plan = source.plan(measured.count());
    measured.say(plan, spec);
    PrintWriter out = spec.commandLine().getOut();
    if (!tries.isEmpty()) {
      out.print(ReportWriter.comparison(new Comparison(plan, Source.tried(plan, tries))));
      out.flush();
      return 0;
    }
    out.print(format == Format.json ? ReportWriter.json(plan) : ReportWriter.text(plan));
    out.flush();
    for (Finding problem : plan.problems()) {
      spec.commandLine().getErr().println("roughcut: " + problem.where() + ": " + problem.words());
    }
    return 0;
  }
}
