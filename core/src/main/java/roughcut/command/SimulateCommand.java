package roughcut.command;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import roughcut.file.ProgramFile;
import roughcut.geometry.Point3;
import roughcut.machining.SetUp;
import roughcut.machining.Simulation;
import roughcut.machining.SimulationFault;
import roughcut.machining.SimulationReport;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;
import roughcut.measure.Units;

/** Runs a machine's program on stock that is made up, before any is clamped. */
@Command(
    name = "simulate",
    description =
        "Runs a G-code program on simulated stock and lists what would go wrong, by line. Exit "
            + "status 1 when anything stops.",
    mixinStandardHelpOptions = true)
final class SimulateCommand implements Callable<Integer> {
  @Parameters(index = "0", paramLabel = "FILE", description = "the program, for example body.nc")
  private Path file;

  @Mixin private SetUpOptions options;

  @Option(
      names = "--skip-marked",
      description = "leave out lines that begin with /, as a machine's switch does")
  private boolean skip;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() throws Exception {
    SetUp setUp = options.setUp();
    SimulationReport report;
    try {
      report = Simulation.run(ProgramFile.read(file), setUp, skip);
    } catch (InvalidValue e) {
      throw new BadSetting(e.told());
    }
    PrintWriter out = spec.commandLine().getOut();
    for (SimulationFault fault : report.faults()) {
      String place = fault.at().map(p -> " " + place(p).in(Units.MM)).orElse("");
      out.printf(
          "%-4s  line %5d  %s%s%n",
          fault.stops() ? "stop" : "look", fault.line(), fault.words().in(Units.MM), place);
    }
    out.println(
        Text.of(
                "Time {minutes} min, fed {cut}, rapid {rapid}, removed {removed} cm³, lowest "
                    + "{deepest}.",
                Text.fixed(report.seconds() / 60, 1),
                Text.length(report.cut(), 0),
                Text.length(report.rapid(), 0),
                Text.fixed(report.removed() / 1000, 1),
                Text.length(report.deepest(), 2))
            .in(Units.MM));
    return report.stops() ? 1 : 0;
  }

  private static Text place(Point3 at) {
    return Text.of(
        "At X {right}, Y {back}, Z {up}.",
        Text.fixed(at.x(), 2),
        Text.fixed(at.y(), 2),
        Text.fixed(at.z(), 2));
  }
}
