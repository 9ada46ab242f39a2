package roughcut.file;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** A disk without room: the kernel's own device that is always full stands in for it. */
final class FullDisk {
  /** Saves are counted for the whole program, and other tests save meanwhile. */
  private static final int SAVES = 2000;

  private FullDisk() {}

  /** From here on nothing can be written beside a file any more. */
  static void at(Path file) throws IOException {
    long next = SafeFile.COUNT.get() + 1;
    for (long count = next; count < next + SAVES; count++) {
      Files.createSymbolicLink(SafeFile.beside(file, count), Path.of("/dev/full"));
    }
  }
}
