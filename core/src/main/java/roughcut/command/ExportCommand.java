package roughcut.command;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import roughcut.drawing.Shading;
import roughcut.file.Exports;
import roughcut.file.PageSetup;
import roughcut.file.Paper;
import roughcut.finding.Finding;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** Writes the fret table and the full-size sheets. */
@Command(
    name = "export",
    description = "Writes frets.csv, plan.svg, plan.dxf and plan.pdf (full size, tiled).",
    mixinStandardHelpOptions = true)
final class ExportCommand implements Callable<Integer> {
  @Mixin private Source source;

  @Option(
      names = "--to",
      paramLabel = "DIR",
      required = true,
      description = "the folder to write into; created if it doesn't exist")
  private Path folder;

  @Option(names = "--paper", description = "${COMPLETION-CANDIDATES}", defaultValue = "A4")
  private Paper paper;

  @Mixin private Measured measured;

  @Option(names = "--inch", description = "show dimensions in decimal inches")
  private boolean inch;

  @Option(names = "--wood-colours", description = "show wood in its colour, not in lines only")
  private boolean coloured;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() throws Exception {
    Plan plan = source.plan(measured.count());
    measured.say(plan, spec);
    PageSetup setup =
        new PageSetup(
            paper, coloured ? Shading.WOOD : Shading.LINES, inch ? Units.DECIMAL_INCH : Units.MM);
    for (Path path : Exports.write(plan, setup, folder)) {
      spec.commandLine().getOut().println(path);
    }
    for (Finding problem : plan.problems()) {
      RoughCut.tell(
          spec,
          Text.of(
              "drawn although it can't be made: {place}: {problem}",
              problem.where(),
              problem.text()));
    }
    return plan.problems().isEmpty() ? 0 : 1;
  }
}
