package roughcut.file;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import roughcut.design.Build;
import roughcut.design.Decisions;

/**
 * A build on disk, and what it looked like when it was last read or saved here. Saving over a file
 * that somebody else has changed since is refused; fields that this program doesn't know are kept.
 */
public final class BuildFile {
  /** What a build's file name ends with. */
  public static final String ENDING = ".roughcut.json";

  private final Path path;
  private ObjectNode lastTree;
  private byte[] lastBytes;

  private BuildFile(Path path, ObjectNode tree, byte[] bytes) {
    this.path = path;
    this.lastTree = tree;
    this.lastBytes = bytes;
  }

  /** A build and the file that it came from. */
  public record Opened(BuildFile file, Build build) {}

  /**
   * Opens a build.
   *
   * @throws FileTrouble in words
   */
  public static Opened open(Path path) throws FileTrouble {
    byte[] bytes = SafeFile.read(path);
    String name = path.getFileName().toString();
    ObjectNode tree = Json.parse(bytes, name);
    return new Opened(new BuildFile(path, tree, bytes), BuildJson.read(tree, name));
  }

  /** A file that isn't there yet, or is to be replaced because the maker said so. */
  public static BuildFile at(Path path) {
    return new BuildFile(path, null, null);
  }

  public Path path() {
    return path;
  }

  /**
   * Saves a build, keeping the version before.
   *
   * @throws FileTrouble.ChangedOnDisk when the file isn't as it was last seen here
   * @throws FileTrouble when it can't be written; the file is then as it was
   */
  public void save(Build build) throws FileTrouble {
    if (lastBytes != null && Files.exists(path) && !Arrays.equals(lastBytes, SafeFile.read(path))) {
      throw new FileTrouble.ChangedOnDisk(
          path.getFileName()
              + " was changed by another window or program since it was opened here. Nothing was overwritten.");
    }
    ObjectNode tree = BuildJson.write(build);
    if (lastTree != null) {
      Json.keepUnknown(tree, forgetRemoved(lastTree, build));
    }
    byte[] bytes = Json.bytes(tree);
    if (lastBytes != null && Arrays.equals(bytes, lastBytes) && Files.exists(path)) {
      return;
    }
    SafeFile.writeKeepingVersions(path, bytes);
    lastTree = tree;
    lastBytes = bytes;
  }

  /** Readings that were taken back are known fields, and so must not come back as unknown ones. */
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
    return copy;
  }
}
