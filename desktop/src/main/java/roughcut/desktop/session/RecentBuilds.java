package roughcut.desktop.session;

import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The builds that were opened last, the newest first. */
public final class RecentBuilds {
  private static final String NAME = "build.recent";
  private static final int MOST = 8;

  private RecentBuilds() {}

  /** Those of them that are still there. */
  public static List<Path> of(Preferences preferences) {
    List<Path> all = new ArrayList<>();
    for (String line : preferences.text(NAME).orElse("").split("\n")) {
      try {
        if (!line.isBlank() && Files.isRegularFile(Path.of(line))) {
          all.add(Path.of(line));
        }
      } catch (InvalidPathException e) {
        // Written by another program, or on another system.
        continue;
      }
    }
    return all;
  }

  /** One was opened: it is the newest now. */
  public static void opened(Preferences preferences, Path build) {
    Path path = build.toAbsolutePath().normalize();
    List<Path> all = new ArrayList<>(of(preferences));
    all.remove(path);
    all.add(0, path);
    preferences.remember(
        NAME, String.join("\n", all.stream().limit(MOST).map(Path::toString).toList()));
    preferences.save();
  }
}
