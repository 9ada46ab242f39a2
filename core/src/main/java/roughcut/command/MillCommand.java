package roughcut.command;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import roughcut.bench.Caution;
import roughcut.design.BodyFace;
import roughcut.file.ProgramFile;
import roughcut.machining.BodyPrograms;
import roughcut.machining.MachineProgram;
import roughcut.machining.SimulationFault;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;

/** Writes programs for a CNC router, each run on simulated stock before it is written. */
@Command(
    name = "mill",
    description =
        "Writes G-code programs for the body's routs and bores with level floors, one for each "
            + "cutter, and runs each on simulated stock. Exit status 1 when one would go wrong.",
    mixinStandardHelpOptions = true)
final class MillCommand implements Callable<Integer> {
  @Mixin private Source source;

  @Option(
      names = "--face",
      paramLabel = "FACE",
      defaultValue = "TOP",
      description = "${COMPLETION-CANDIDATES}: the face of the body that lies up")
  private BodyFace face;

  @Option(
      names = "--to",
      paramLabel = "DIR",
      required = true,
      description = "the folder to write into; created if it doesn't exist")
  private Path folder;

  @Mixin private Measured measured;

  @Mixin private MachineOptions machine;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() throws Exception {
    Plan plan = source.plan(measured.count());
    measured.say(plan, spec);
    BodyPrograms programs;
    try {
      programs = BodyPrograms.of(plan, face, machine.machine());
    } catch (InvalidValue e) {
      throw new BadSetting(e.told());
    }
    PrintWriter out = spec.commandLine().getOut();
    boolean stops = false;
    for (MachineProgram program : programs.programs()) {
      Path path = folder.resolve(program.file());
      ProgramFile.write(path, program.text());
      out.println(path);
      say(
          Text.of(
              "{cutter}: {cuts}. {minutes} min.",
              program.cutter().name(),
              Text.joined(program.cuts(), "; "),
              Text.fixed(program.report().seconds() / 60, 1)));
      for (SimulationFault fault : program.report().faults()) {
        say(Text.of("Line {line}: {fault}", fault.line(), fault.words()));
      }
      stops |= program.report().stops();
    }
    programs
        .leftByReason()
        .forEach(
            (why, what) -> say(Text.of("By hand: {what}. {why}", Text.joined(what, "; "), why)));
    say(programs.setting());
    RoughCut.tell(spec, Caution.CNC_ROUTER.words());
    RoughCut.tell(spec, Caution.STANDING);
    return stops ? 1 : 0;
  }

  private void say(Text words) {
    spec.commandLine().getOut().println("  " + words.in(Units.MM));
  }
}
