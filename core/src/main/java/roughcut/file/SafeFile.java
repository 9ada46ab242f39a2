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
import java.nio.file.attribute.PosixFileAttributeView;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import roughcut.measure.Text;

/**
 * Saving that never loses: the new content is written beside the file, flushed to disk, and renamed
 * over it, so that a crash at any moment leaves the old file or the new one. What it held before
 * goes among its {@link Versions}.
 */
public final class SafeFile {
  /** Nothing that a person made by hand is larger, bytes. */
  public static final long LARGEST = 32L << 20;

  private static final int MOST_LINKS = 20;

  static final AtomicLong COUNT = new AtomicLong();

  private SafeFile() {}

  /**
   * Reads a whole file.
   *
   * @throws FileTrouble in words when it is missing, too large or unreadable
   */
  public static byte[] read(Path file) throws FileException {
    try {
      if (Files.isDirectory(file)) {
        throw new FileException(Text.of("{file} is a folder, not a file", file));
      }
      if (Files.size(file) > LARGEST) {
        throw new FileException(
            Text.of(
                "{file} is larger than {most} MB, so it is not a Rough Cut file",
                file,
                LARGEST >> 20));
      }
      return Files.readAllBytes(file);
    } catch (FileException trouble) {
      throw trouble;
    } catch (IOException e) {
      throw trouble(false, file, e);
    }
  }

  /**
   * Replaces a file, or makes it. A link stays a link, and a file keeps who may read it.
   *
   * @throws FileTrouble in words; what was there before is still there
   */
  public static void write(Path file, byte[] content) throws FileException {
    write(file, content, false);
  }

  /** Like {@link #write}; what was there before goes among the versions. */
  public static void writeKeepingVersions(Path file, byte[] content) throws FileException {
    write(file, content, true);
  }

  private static void write(Path file, byte[] content, boolean keep) throws FileException {
    if (content.length > LARGEST) {
      // What is saved can be opened again.
      throw new FileException(
          Text.of(
              "{file} would be larger than {most} MB, too large to open again: shorten its "
                  + "notes, or remove old measurements. The file is unchanged",
              file,
              LARGEST >> 20));
    }
    Path beside = null;
    try {
      Path target = linked(file.toAbsolutePath());
      Files.createDirectories(target.getParent());
      forgetLeftovers(target);
      beside = beside(target, COUNT.incrementAndGet());
      fill(beside, content);
      if (Files.exists(target)) {
        keepMode(target, beside);
      }
      if (keep) {
        // Only now that the new content is on disk, so that a write that fails makes no version.
        Versions.keep(target, written(beside));
      }
      Files.move(
          beside, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
      flushFolder(target.getParent());
    } catch (IOException e) {
      if (beside != null) {
        forget(beside);
      }
      throw trouble(true, file, e);
    }
  }

  /** When a file was written, by the clock of the disk that it lies on. */
  private static LocalDateTime written(Path file) throws IOException {
    return LocalDateTime.ofInstant(
        Files.getLastModifiedTime(file).toInstant(), ZoneId.systemDefault());
  }

  private static void fill(Path file, byte[] content) throws IOException {
    try (FileChannel channel =
        FileChannel.open(
            file,
            StandardOpenOption.CREATE,
            StandardOpenOption.TRUNCATE_EXISTING,
            StandardOpenOption.WRITE)) {
      ByteBuffer buffer = ByteBuffer.wrap(content);
      while (buffer.hasRemaining()) {
        channel.write(buffer);
      }
      channel.force(true);
    }
  }

  /** Where new content is written first. */
  static Path beside(Path target, long count) {
    return target.resolveSibling(
        "." + target.getFileName() + "." + ProcessHandle.current().pid() + "-" + count + ".new");
  }

  /** What a link leads to; the path itself when it is none. */
  static Path linked(Path path) throws IOException {
    Path at = path;
    for (int i = 0; i < MOST_LINKS && Files.isSymbolicLink(at); i++) {
      at = at.resolveSibling(Files.readSymbolicLink(at)).normalize();
    }
    return at;
  }

  private static void keepMode(Path from, Path to) throws IOException {
    PosixFileAttributeView view = Files.getFileAttributeView(from, PosixFileAttributeView.class);
    if (view != null) {
      Files.setPosixFilePermissions(to, view.readAttributes().permissions());
    }
  }

  /** What a program that was killed while saving left beside the file. */
  private static void forgetLeftovers(Path target) throws IOException {
    Pattern name =
        Pattern.compile(Pattern.quote("." + target.getFileName() + ".") + "(\\d+)(-\\d+)?\\.new");
    try (Stream<Path> all = Files.list(target.getParent())) {
      for (Path path : (Iterable<Path>) all::iterator) {
        Matcher m = name.matcher(path.getFileName().toString());
        if (m.matches() && ProcessHandle.of(Long.parseLong(m.group(1))).isEmpty()) {
          forget(path);
        }
      }
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

  private static FileException trouble(boolean saving, Path file, IOException e) {
    if (e instanceof NoSuchFileException) {
      return new FileException(Text.of("there is no file {file}", file), e);
    }
    if (e instanceof AccessDeniedException) {
      return new FileException(
          Text.of(
              saving
                  ? "can't save {file}: you can't write to this folder or file; choose another "
                      + "place"
                  : "can't read {file}: you may not read this folder or file",
              file),
          e);
    }
    String reason =
        e instanceof FileSystemException fs && fs.getReason() != null
            ? fs.getReason()
            : e.getMessage();
    return new FileException(
        Text.of(
            saving ? "can't save {file}: {reason}" : "can't read {file}: {reason}",
            file,
            reason == null ? e.getClass().getSimpleName() : reason),
        e);
  }
}
