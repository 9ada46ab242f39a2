package roughcut.file;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/**
 * A JSON file that somebody works on, and what it looked like when it was last read or saved here.
 * Saving over one that somebody else has changed since is refused; fields that this program doesn't
 * know are kept; the last versions are kept beside it.
 */
final class KeptFile {
  private final Path path;
  private ObjectNode lastTree;
  private byte[] lastBytes;

  private KeptFile(Path path, ObjectNode tree, byte[] bytes) {
    this.path = path;
    this.lastTree = tree;
    this.lastBytes = bytes;
  }

  /**
   * Reads a file.
   *
   * @throws FileTrouble in words
   */
  static KeptFile open(Path path) throws FileTrouble {
    byte[] bytes = SafeFile.read(path);
    return new KeptFile(path, Json.parse(bytes, path.getFileName().toString()), bytes);
  }

  /** A file that isn't there yet, or is to be replaced because the maker said so. */
  static KeptFile at(Path path) {
    return new KeptFile(path, null, null);
  }

  Path path() {
    return path;
  }

  /** What the file held; null while it isn't there. */
  ObjectNode tree() {
    return lastTree;
  }

  /**
   * Saves, keeping the version before.
   *
   * @param known what was read, without what was taken away on purpose and must not come back as an
   *     unknown field; null for a new file
   * @throws FileTrouble.ChangedOnDisk when the file isn't as it was last seen here
   * @throws FileTrouble when it can't be written; the file is then as it was
   */
  void save(ObjectNode tree, ObjectNode known) throws FileTrouble {
    if (lastBytes != null && Files.exists(path) && !Arrays.equals(lastBytes, SafeFile.read(path))) {
      throw new FileTrouble.ChangedOnDisk(
          path.getFileName()
              + " was changed by another window or program since it was opened here. Nothing was overwritten.");
    }
    if (known != null) {
      Json.keepUnknown(tree, known);
    }
    byte[] bytes = Json.bytes(tree);
    if (lastBytes != null && Arrays.equals(bytes, lastBytes) && Files.exists(path)) {
      return;
    }
    SafeFile.writeKeepingVersions(path, bytes);
    lastTree = tree;
    lastBytes = bytes;
  }
}
