package roughcut.command;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;
import picocli.CommandLine.Spec;
import roughcut.finding.Search;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.plan.PlanSearch;

/** Answers a plain question with a number, as the search in the window does. */
@Command(
    name = "find",
    description = "Answers a question such as “where does the bridge go”, best answer first.",
    mixinStandardHelpOptions = true)
final class FindCommand implements Callable<Integer> {
  private static final int MOST = 10;

  @Parameters(arity = "1..*", paramLabel = "WORDS", description = "a question, or a few words")
  private List<String> words;

  @Option(
      names = "--in",
      paramLabel = "FILE",
      description = "a build (*.roughcut.json); the demo's Heron if left out")
  private Path file;

  @ParentCommand private RoughCut program;

  @Spec private CommandSpec spec;

  @Override
  public Integer call() throws Exception {
    Plan plan = Source.opened(file, program.now());
    List<PlanSearch.Answer> found = Search.find(PlanSearch.entries(plan), String.join(" ", words));
    PrintWriter out = spec.commandLine().getOut();
    found.stream()
        .limit(MOST)
        .forEach(a -> out.printf("%14s  %s (%s)%n", a.number().in(Units.MM), a.name(), a.id()));
    if (found.isEmpty()) {
      RoughCut.tell(spec, Text.of("no results"));
    }
    return found.isEmpty() ? 1 : 0;
  }
}
