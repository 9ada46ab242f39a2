package roughcut.file;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import roughcut.design.Build;
import roughcut.design.Decisions;

/** A build on disk. */
public final class BuildFile {
  /** What a build's file name ends with. */
  public static final String ENDING = ".roughcut.json";

  private final KeptFile file;

  private BuildFile(KeptFile file) {
    this.file = file;
  }

  /** A build and the file that it came from. */
  public record Opened(BuildFile file, Build build) {}

  /**
   * Opens a build.
   *
   * @throws FileTrouble in words
   */
  public static Opened open(Path path) throws FileTrouble {
    KeptFile file = KeptFile.open(path);
    return new Opened(
        new BuildFile(file), BuildJson.read(file.tree(), path.getFileName().toString()));
  }

  /** A file that isn't there yet, or is to be replaced because the maker said so. */
  public static BuildFile at(Path path) {
    return new BuildFile(KeptFile.at(path));
  }

  public Path path() {
    return file.path();
  }

  /**
   * Saves a build, keeping the version before.
   *
   * @throws FileTrouble.ChangedOnDisk when the file isn't as it was last seen here
   * @throws FileTrouble when it can't be written; the file is then as it was
   */
  public void save(Build build) throws FileTrouble {
    file.save(
        BuildJson.write(build), file.tree() == null ? null : forgetRemoved(file.tree(), build));
  }

  /** What was taken back is known, and so must not come back as an unknown field. */
  private static ObjectNode forgetRemoved(ObjectNode tree, Build build) {
    ObjectNode copy = tree.deepCopy();
    if (copy.get("measured") instanceof ObjectNode measured) {
      measured
          .properties()
          .removeIf(
              e ->
                  Decisions.find(build.design(), e.getKey()).isPresent()
                      && !build.measured().containsKey(e.getKey()));
    }
    if (copy.get("decisions") instanceof ObjectNode decisions) {
      decisions
          .properties()
          .removeIf(
              e ->
                  Decisions.find(build.design(), e.getKey()).isPresent()
                      && !build.design().numbers().containsKey(e.getKey())
                      && !build.design().choices().containsKey(e.getKey()));
    }
    for (String named : BuildJson.NAMED_BY_THE_MAKER) {
      copy.remove(named);
    }
    return copy;
  }
}
