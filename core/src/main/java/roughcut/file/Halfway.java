package roughcut.file;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Properties;
import java.util.function.Supplier;

/**
 * What is begun at the bench and not entered yet, in words under keys: a reading half typed, a note
 * for what isn't done, the minutes of a timer. It lies beside the builds and not in them: nothing
 * is planned by it. Kept on disk, so that it is there again after the program ended.
 */
public final class Halfway {
  private final Path data;
  private final Supplier<Path> build;
  private final Properties kept = new Properties();

  /**
   * What was begun at a build's bench; a file that can't be read counts as nothing.
   *
   * @param data the person's data folder
   * @param build where the build lies now
   */
  public Halfway(Path data, Supplier<Path> build) {
    this.data = data;
    this.build = build;
    try {
      if (Files.exists(place())) {
        kept.load(new StringReader(new String(SafeFile.read(place()), StandardCharsets.UTF_8)));
      }
    } catch (IOException | IllegalArgumentException e) {
      kept.clear();
    }
  }

  private Path place() {
    return data.resolve("halfway").resolve(Rescue.own(build.get()) + ".properties");
  }

  /** What stands under a key; empty for nothing. */
  public String text(String key) {
    return kept.getProperty(key, "");
  }

  /** Puts words under a key; empty words take what stood there away. {@link #save} keeps them. */
  public void put(String key, String words) {
    if (words.isEmpty()) {
      kept.remove(key);
    } else {
      kept.setProperty(key, words);
    }
  }

  /** Writes it down; when that fails the work goes on without. */
  public void save() {
    try {
      if (kept.isEmpty()) {
        Files.deleteIfExists(place());
        return;
      }
      StringWriter text = new StringWriter();
      kept.store(text, null);
      SafeFile.write(place(), text.toString().getBytes(StandardCharsets.UTF_8));
    } catch (IOException e) {
      System.getLogger("roughcut")
          .log(System.Logger.Level.INFO, "what is half done isn't kept: " + e.getMessage());
    }
  }
}
