package roughcut.file;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Saving that never loses: the new content is written beside the file, flushed to disk, and renamed
 * over it, so that a crash at any moment leaves the old file or the new one. The last versions are
 * kept in a folder {@code .versions} beside it.
 */
public final class SafeFile {
  /** How many earlier versions of a file are kept. */
  public static final int VERSIONS_KEPT = 20;

  /** Nothing that a person made by hand is larger, bytes. */
  public static final long LARGEST = 8L << 20;

  private static final DateTimeFormatter STAMP =
      DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSSSSS");

  private SafeFile() {}

  /**
   * Reads a whole file.
   *
   * @throws FileTrouble in words when it is missing, too large or unreadable
   */
  public static byte[] read(Path file) throws FileTrouble {
    try {
      if (Files.isDirectory(file)) {
        throw new FileTrouble(file + " is a folder, not a file");
      }
      if (Files.size(file) > LARGEST) {
        throw new FileTrouble(
            file + " is larger than " + (LARGEST >> 20) + " MB; that is no file of this program");
      }
      return Files.readAllBytes(file);
    } catch (FileTrouble trouble) {
      throw trouble;
    } catch (IOException e) {
      throw trouble("read", file, e);
    }
  }

  /**
   * Replaces a file, or makes it.
   *
   * @throws FileTrouble in words; what was there before is still there
   */
  public static void write(Path file, byte[] content) throws FileTrouble {
    Path target = file.toAbsolutePath();
    Path beside =
        target.resolveSibling(
            "." + target.getFileName() + "." + ProcessHandle.current().pid() + ".new");
    try {
      Files.createDirectories(target.getParent());
      try (FileChannel channel =
          FileChannel.open(
              beside,
              StandardOpenOption.CREATE,
              StandardOpenOption.TRUNCATE_EXISTING,
              StandardOpenOption.WRITE)) {
        ByteBuffer buffer = ByteBuffer.wrap(content);
        while (buffer.hasRemaining()) {
          channel.write(buffer);
        }
        channel.force(true);
      }
      Files.move(
          beside, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
      flushFolder(target.getParent());
    } catch (IOException e) {
      forget(beside);
      throw trouble("save", file, e);
    }
  }

  /** Like {@link #write}, after putting what is there now among the versions. */
  public static void writeKeepingVersions(Path file, byte[] content) throws FileTrouble {
    try {
      keepVersion(file.toAbsolutePath());
    } catch (IOException e) {
      throw trouble("keep the earlier version of", file, e);
    }
    write(file, content);
  }

  /** Earlier versions of a file, the newest first. */
  public static List<Path> versions(Path file) throws IOException {
    Path folder = versionFolder(file.toAbsolutePath());
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    String prefix = file.getFileName() + ".";
    try (Stream<Path> all = Files.list(folder)) {
      return all.filter(p -> p.getFileName().toString().startsWith(prefix))
          .sorted(Comparator.comparing((Path p) -> p.getFileName().toString()).reversed())
          .toList();
    }
  }

  private static Path versionFolder(Path file) {
    return file.resolveSibling(".versions");
  }

  private static void keepVersion(Path file) throws IOException {
    if (!Files.exists(file)) {
      return;
    }
    Path folder = Files.createDirectories(versionFolder(file));
    Path version = folder.resolve(file.getFileName() + "." + STAMP.format(LocalDateTime.now()));
    Files.deleteIfExists(version);
    try {
      // The file that is renamed over is not touched, so a second name for it is a whole version at
      // once.
      Files.createLink(version, file);
    } catch (UnsupportedOperationException | IOException e) {
      Files.copy(file, version, StandardCopyOption.REPLACE_EXISTING);
    }
    List<Path> kept = versions(file);
    for (Path old : kept.subList(Math.min(VERSIONS_KEPT, kept.size()), kept.size())) {
      forget(old);
    }
  }

  /**
   * So that the rename itself survives a power cut; some systems can't, and then the rename is as
   * safe as they make it.
   */
  private static void flushFolder(Path folder) {
    try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
      channel.force(true);
    } catch (IOException ignored) {
      // Not every file system lets a folder be opened; the content is already on disk.
    }
  }

  private static void forget(Path file) {
    try {
      Files.deleteIfExists(file);
    } catch (IOException ignored) {
      // A leftover beside the file harms nothing and is overwritten next time.
    }
  }

  private static FileTrouble trouble(String what, Path file, IOException e) {
    if (e instanceof NoSuchFileException) {
      return new FileTrouble("there is no file " + file, e);
    }
    if (e instanceof AccessDeniedException) {
      return new FileTrouble(
          "can't "
              + what
              + " "
              + file
              + ": this folder or file may not be written here; choose another place",
          e);
    }
    String reason =
        e instanceof FileSystemException fs && fs.getReason() != null
            ? fs.getReason()
            : e.getMessage();
    return new FileTrouble("can't " + what + " " + file + (reason == null ? "" : ": " + reason), e);
  }
}
