package roughcut.desktop.session;

import java.nio.file.Path;
import java.util.Optional;

/**
 * Where the maker was in a build when its window was closed.
 *
 * @param station its name
 * @param page its name; empty where the station has one page only
 * @param knife the section knife's place, mm from the nut line
 * @param scroll how far the panel was scrolled, 0 to 1
 */
public record LeftOff(String station, String page, double knife, double scroll) {
  private static final String PREFIX = "left.";
  private static final String BETWEEN = "|";

  /** Where that build was left; empty for one that was never closed here. */
  public static Optional<LeftOff> of(Preferences preferences, Path build) {
    String[] parts = preferences.text(name(build)).orElse("").split("\\|", -1);
    try {
      return parts.length == 4
          ? Optional.of(
              new LeftOff(
                  parts[0], parts[1], Double.parseDouble(parts[2]), Double.parseDouble(parts[3])))
          : Optional.empty();
    } catch (NumberFormatException e) {
      return Optional.empty();
    }
  }

  /** Keeps it for the next time; whoever calls this saves the preferences. */
  public void remember(Preferences preferences, Path build) {
    preferences.remember(
        name(build),
        String.join(BETWEEN, station, page, Double.toString(knife), Double.toString(scroll)));
  }

  private static String name(Path build) {
    return PREFIX + build.toAbsolutePath().normalize();
  }
}
