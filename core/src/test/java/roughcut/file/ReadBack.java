package roughcut.file;

import roughcut.record.Build;

/** A build written out and read again, without a file between. */
public final class ReadBack {
  private ReadBack() {}

  /** What is read from what is written. */
  public static Build of(Build build) throws FileException {
    return BuildJson.read(Json.parse(bytes(build), "build"), "build");
  }

  /** A build as it lies in its file. */
  public static byte[] bytes(Build build) {
    return Json.bytes(BuildJson.write(build));
  }

  /** A build read from bytes that may be anything. */
  public static Build of(byte[] bytes) throws FileException {
    return BuildJson.read(Json.parse(bytes, "build"), "build");
  }
}
