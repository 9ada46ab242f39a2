package roughcut.command;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import roughcut.file.Reference;
import roughcut.file.SafeFile;

/** Writes the reference pages from the code. */
@Command(
    name = "reference",
    description = "Writes docs/values.md and docs/build.schema.json from the code.",
    mixinStandardHelpOptions = true)
final class ReferenceCommand implements Callable<Integer> {
  @Option(names = "--to", paramLabel = "DIR", required = true)
  private Path folder;

  @Override
  public Integer call() throws Exception {
    SafeFile.write(folder.resolve("values.md"), Reference.values());
    SafeFile.write(folder.resolve("build.schema.json"), Reference.buildSchema());
    return 0;
  }
}
