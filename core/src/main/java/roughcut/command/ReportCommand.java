package roughcut.command;

import java.io.PrintWriter;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import roughcut.bench.Bench;
import roughcut.bench.PlanAtStage;
import roughcut.file.ReportWriter;
import roughcut.finding.Finding;
import roughcut.measure.Text;
import roughcut.plan.Plan;
import roughcut.schedule.ShopWork;
import roughcut.whatif.Comparison;

/** Lists every worked value with its sum. */
@Command(
    name = "report",
    description = "Lists every calculated value with its sum.",
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
          "try a different decision and list only the numbers that would change: id, "
              + "kept and tried, separated by tabs")
  private List<String> tries = new ArrayList<>();

  @Option(
      names = "--stage",
      paramLabel = "OPERATION",
      description = "the stage of the work: now, finished, or after an operation",
      defaultValue = "now")
  private String stage;

  @Mixin private Measured measured;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() throws Exception {
    LocalDateTime now = source.now().minute();
    Plan plan = at(source.plan(measured.count()), now);
    measured.say(plan, spec);
    PrintWriter out = spec.commandLine().getOut();
    if (!tries.isEmpty()) {
      out.print(ReportWriter.comparison(new Comparison(plan, Source.tried(plan, tries))));
      out.flush();
      return 0;
    }
    Bench bench = Bench.of(plan, now);
    ShopWork work = source.work(plan, now);
    out.print(
        format == Format.json
            ? ReportWriter.json(plan, bench, work)
            : ReportWriter.text(plan, bench, work));
    out.flush();
    for (Finding problem : plan.problems()) {
      RoughCut.tell(spec, Text.of("{place}: {problem}", problem.where(), problem.text()));
    }
    return 0;
  }

  private Plan at(Plan plan, LocalDateTime now) throws BadSetting {
    return switch (stage) {
      case "now" -> plan;
      case "finished" -> PlanAtStage.finished(plan, now);
      default ->
          PlanAtStage.after(plan, stage, now)
              .orElseThrow(
                  () ->
                      new BadSetting(
                          "--stage",
                          stage,
                          Text.of("there is no such operation. roughcut next lists them")));
    };
  }
}
