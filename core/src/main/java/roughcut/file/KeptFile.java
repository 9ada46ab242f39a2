package roughcut.file;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.Arrays;
import java.util.function.UnaryOperator;
import roughcut.measure.Text;

/**
 * A JSON file that somebody works on, and what it looked like when it was last read or saved here.
 * Saving over one that somebody else has changed since is refused; fields that this program doesn't
 * know are kept, to whatever place it is saved; earlier versions are kept beside it.
 */
final class KeptFile {
  private final Path path;
  private ObjectNode lastTree;
  private byte[] lastBytes;
  private Stamp seen;

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
  static KeptFile open(Path path) throws FileException {
    byte[] bytes = SafeFile.read(path);
    return new KeptFile(path, Json.parse(bytes, path.getFileName().toString()), bytes);
  }

  /** A file that isn't there yet, or is to be replaced because the maker said so. */
  static KeptFile at(Path path) {
    return new KeptFile(path, null, null);
  }

  /**
   * The same content under another path, or over what somebody else wrote there: fields that this
   * program doesn't know go along.
   */
  KeptFile to(Path other) {
    return new KeptFile(other, lastTree, null);
  }

  Path path() {
    return path;
  }

  /** What the file held; null while it isn't there. */
  ObjectNode tree() {
    return lastTree;
  }

  /** Whether it was written by somebody else since it was last read or saved here. */
  boolean changed() {
    Stamp now = Stamp.of(path);
    if (lastBytes == null || now == null || now.equals(seen)) {
      return false; // not there any more is told when it is saved
    }
    try {
      boolean other = !Arrays.equals(lastBytes, SafeFile.read(path));
      seen = other ? seen : now;
      return other;
    } catch (FileException e) {
      return false;
    }
  }

  /** When it was written, and how long it is: as long as both stay nobody wrote there. */
  private record Stamp(FileTime at, long size) {
    static Stamp of(Path path) {
      try {
        return new Stamp(Files.getLastModifiedTime(path), Files.size(path));
      } catch (IOException e) {
        return null;
      }
    }
  }

  /**
   * Saves, keeping the version before.
   *
   * @param known makes, of what was read, that without what was taken away on purpose and must not
   *     come back as an unknown field
   * @throws FileTrouble.ChangedOnDisk when the file isn't as it was last seen here
   * @throws FileTrouble when it can't be written; the file is then as it was
   */
  void save(ObjectNode tree, UnaryOperator<ObjectNode> known) throws FileException {
    boolean there = Files.exists(path);
    if (lastBytes != null && there && !Arrays.equals(lastBytes, SafeFile.read(path))) {
      throw new FileException.ChangedOnDisk(
          Text.of(
              "{file} was changed by another window or program since you opened it. Nothing was "
                  + "overwritten.",
              path.getFileName()));
    }
    Path folder = path.toAbsolutePath().getParent();
    if (lastBytes != null && folder != null && !Files.isDirectory(folder)) {
      // Making the folder anew would write to the place where a stick or a disk was.
      throw new FileException(
          Text.of(
              "the folder {folder} no longer exists. Was it moved, or its disk or stick removed?",
              folder));
    }
    if (lastTree != null) {
      Json.keepUnknown(tree, known.apply(lastTree.deepCopy()));
    }
    byte[] bytes = Json.bytes(tree);
    if (lastBytes != null && Arrays.equals(bytes, lastBytes) && there) {
      return;
    }
    SafeFile.writeKeepingVersions(path, bytes);
    lastTree = tree;
    lastBytes = bytes;
    seen = Stamp.of(path);
  }
}
