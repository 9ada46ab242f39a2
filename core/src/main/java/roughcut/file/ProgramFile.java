package roughcut.file;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

/** A machine's program on disk. */
public final class ProgramFile {
  private ProgramFile() {}

  /**
   * Its text; signs that aren't UTF-8, as old machines write them in comments, are replaced.
   *
   * @throws FileException in words when it is missing, too large or unreadable
   */
  public static String read(Path file) throws FileException {
    return new String(SafeFile.read(file), StandardCharsets.UTF_8);
  }

  /**
   * Writes one; what was there is replaced whole or not at all.
   *
   * @throws FileException in words
   */
  public static void write(Path file, String text) throws FileException {
    SafeFile.write(file, text.getBytes(StandardCharsets.US_ASCII));
  }
}
