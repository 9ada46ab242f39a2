package roughcut.file;

import java.io.IOException;
import roughcut.measure.Refused;
import roughcut.measure.Text;

/** A file that can't be read or written; it tells the maker what, where, and what to do. */
public class FileException extends IOException implements Refused {
  private static final long serialVersionUID = 1L;

  private final transient Text told;

  public FileException(Text told) {
    this(told, null);
  }

  public FileException(Text told, Throwable cause) {
    super(told.toString(), cause);
    this.told = told;
  }

  @Override
  public Text told() {
    return told;
  }

  /** The file on disk is not the one that was read or saved last: somebody else changed it. */
  public static final class ChangedOnDisk extends FileException {
    private static final long serialVersionUID = 1L;

    public ChangedOnDisk(Text told) {
      super(told);
    }
  }
}
