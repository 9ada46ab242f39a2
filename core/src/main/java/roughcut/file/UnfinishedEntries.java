package roughcut.file;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Properties;
import java.util.Set;
import java.util.function.Supplier;

/**
 * What is begun at the bench and not entered yet, in words under keys: a reading half typed, a note
 * for what isn't done, the minutes of a timer. It lies beside the builds and not in them: nothing
 * is planned by it. Kept on disk, so that it is there again after the program ended.
 */
public final class UnfinishedEntries {
  private final Path data;
  private final Supplier<Path> build;
  private final Properties kept = new Properties();

  /** What was changed here, so that what another window changed meanwhile stays as it is. */
  private final Set<String> changed = new HashSet<>();

  /**
   * What was begun at a build's bench; a file that can't be read counts as nothing.
   *
   * @param data the person's data folder
   * @param build where the build lies now
   */
  public UnfinishedEntries(Path data, Supplier<Path> build) {
    this.data = data;
    this.build = build;
    kept.putAll(onDisk());
  }

  private Properties onDisk() {
    Properties read = new Properties();
    try {
      if (Files.exists(place())) {
        read.load(new StringReader(new String(SafeFile.read(place()), StandardCharsets.UTF_8)));
      }
    } catch (IOException | IllegalArgumentException e) {
      read.clear();
    }
    return read;
  }

  private Path place() {
    return data.resolve("halfway").resolve(RescueCopies.own(build.get()) + ".properties");
  }

  /** What stands under a key; empty for nothing. */
  public String text(String key) {
    return kept.getProperty(key, "");
  }

  /** Puts words under a key; empty words take what stood there away. {@link #save} keeps them. */
  public void put(String key, String words) {
    set(kept, key, words);
    changed.add(key);
  }

  private static void set(Properties all, String key, String words) {
    if (words.isEmpty()) {
      all.remove(key);
    } else {
      all.setProperty(key, words);
    }
  }

  /** Writes it down; when that fails the work goes on without. */
  public void save() {
    Properties all = onDisk();
    changed.forEach(key -> set(all, key, text(key)));
    try {
      if (all.isEmpty()) {
        Files.deleteIfExists(place());
      } else {
        StringWriter text = new StringWriter();
        all.store(text, null);
        SafeFile.write(place(), text.toString().getBytes(StandardCharsets.UTF_8));
      }
      changed.clear();
    } catch (IOException e) {
      System.getLogger("roughcut")
          .log(System.Logger.Level.INFO, "unfinished entries can't be saved: " + e.getMessage());
    }
  }
}
