package roughcut.file;

import java.io.IOException;

/**
 * A file that can't be read or written; the message tells the maker what, where, and what to do.
 */
public class FileException extends IOException {
  private static final long serialVersionUID = 1L;

  public FileException(String message) {
    super(message);
  }

  public FileException(String message, Throwable cause) {
    super(message, cause);
  }

  /** The file on disk is not the one that was read or saved last: somebody else changed it. */
  public static final class ChangedOnDisk extends FileException {
    private static final long serialVersionUID = 1L;

    public ChangedOnDisk(String message) {
      super(message);
    }
  }
}
