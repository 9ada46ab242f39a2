package roughcut.file;

import java.io.IOException;

/**
 * A file that can't be read or written; the message tells the maker what, where, and what to do.
 */
public class FileTrouble extends IOException {
  private static final long serialVersionUID = 1L;

  public FileTrouble(String message) {
    super(message);
  }

  public FileTrouble(String message, Throwable cause) {
    super(message, cause);
  }

  /** The file on disk is not the one that was read or saved last: somebody else changed it. */
  public static final class ChangedOnDisk extends FileTrouble {
    private static final long serialVersionUID = 1L;

    public ChangedOnDisk(String message) {
      super(message);
    }
  }
}
