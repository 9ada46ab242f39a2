package roughcut.command;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.InvalidPathException;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import roughcut.file.FileException;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.record.CurrentTime;

/**
 * The command line's entrance: {@code report}, {@code check}, {@code export} and {@code reference}.
 */
@Command(
    name = "roughcut",
    description =
        "Plans a scratch-built electric guitar or bass, and goes to the bench with its maker.",
    mixinStandardHelpOptions = true,
    footer = {
      "",
      "Windows:",
      "  (no arguments)        where you left off; the demo shop the first time",
      "  open FILE             a build of your own",
      "  --reset               reset the demo; your own shop isn't touched",
      "  screenshots --to DIR  a picture of each main view, from the demo"
    },
    version = "Rough Cut " + RoughCut.VERSION,
    subcommands = {
      NewCommand.class,
      ReportCommand.class,
      FindCommand.class,
      CheckCommand.class,
      NextCommand.class,
      ExportCommand.class,
      MillCommand.class,
      SimulateCommand.class,
      ReferenceCommand.class
    })
public final class RoughCut {
  /** Of the program, as it is told to people. */
  public static final String VERSION = "0.1";

  private final CurrentTime now;

  private RoughCut(CurrentTime now) {
    this.now = now;
  }

  CurrentTime now() {
    return now;
  }

  public static void main(String[] args) {
    PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
    PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
    System.exit(run(CurrentTime.ofThisMachine(), out, err, args));
  }

  /**
   * Runs one command.
   *
   * @param now the clock that it goes by
   * @return 0 when all is well, 1 when a check found a stop, 2 when it was asked for something that
   *     can't be done
   */
  public static int run(CurrentTime now, PrintWriter out, PrintWriter err, String... args) {
    CommandLine line = new CommandLine(new RoughCut(now));
    line.setOut(out).setErr(err);
    line.setExecutionExceptionHandler(
        (e, command, result) -> {
          if (e instanceof InvalidPathException path) {
            tell(err, Text.of("“{name}” can't be a file name here", path.getInput()));
            return 2;
          }
          if (e instanceof FileException || e instanceof BadSetting) {
            tell(err, Text.raw(e.getMessage()));
            return 2;
          }
          tell(
              err,
              Text.of(
                  "this should not have happened. It is a fault in the program: {fault}",
                  e.toString()));
          return 3;
        });
    int status = args.length == 0 ? line.execute("--help") : line.execute(args);
    if (out.checkError()) {
      tell(err, Text.of("the output couldn't be written completely. Is the disk full?"));
      err.flush();
      return 2;
    }
    return status;
  }

  /** Says something of a command beside what it writes. */
  static void tell(CommandSpec spec, Text words) {
    tell(spec.commandLine().getErr(), words);
  }

  private static void tell(PrintWriter err, Text words) {
    err.println("roughcut: " + words.in(Units.MM));
  }
}
