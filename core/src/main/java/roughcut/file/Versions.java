package roughcut.file;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Earlier versions of a file, in a folder {@code .versions} beside it. They are numbered, so that a
 * clock that was wrong once puts none before another; and thinned by age: the last {@value
 * #KEPT_WHOLE} stay, of older ones the first in every five minutes, hour, day and week.
 */
public final class Versions {
  /** So many of the newest are kept whatever their age. */
  public static final int KEPT_WHOLE = 20;

  /** More than this are never kept: a year of weeks and all that is finer. */
  public static final int MOST = 150;

  private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss");

  /**
   * One version.
   *
   * @param number grows from version to version
   * @param at when the next one took its place, by the clock of then
   */
  public record Version(Path path, long number, LocalDateTime at) {}

  private Versions() {}

  /** Earlier versions of a file, the newest first. */
  public static List<Version> of(Path file) throws IOException {
    return ofTarget(SafeFile.linked(file.toAbsolutePath()));
  }

  private static List<Version> ofTarget(Path file) throws IOException {
    Path folder = folder(file);
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    Pattern name =
        Pattern.compile(
            Pattern.quote(file.getFileName().toString()) + "\\.(?:(\\d{6,})\\.)?(\\d{8}-\\d{6}).*");
    List<Version> versions = new ArrayList<>();
    try (Stream<Path> all = Files.list(folder)) {
      for (Path path : (Iterable<Path>) all::iterator) {
        Matcher m = name.matcher(path.getFileName().toString());
        if (m.matches()) {
          long number = m.group(1) == null ? 0 : Long.parseLong(m.group(1));
          versions.add(new Version(path, number, stamp(m.group(2))));
        }
      }
    }
    versions.sort(
        Comparator.comparingLong(Version::number)
            .thenComparing(v -> v.path().getFileName().toString())
            .reversed());
    return versions;
  }

  private static LocalDateTime stamp(String text) {
    try {
      return LocalDateTime.parse(text, STAMP);
    } catch (DateTimeParseException e) {
      return LocalDateTime.MIN;
    }
  }

  private static Path folder(Path file) {
    return file.toAbsolutePath().resolveSibling(".versions");
  }

  /**
   * Puts what a file holds now among its versions, once; the newest version may be it already, when
   * the write that was to follow failed.
   */
  static void keep(Path file, LocalDateTime now) throws IOException {
    if (!Files.exists(file)) {
      return;
    }
    List<Version> before = ofTarget(file);
    if (!before.isEmpty() && Files.mismatch(before.get(0).path(), file) < 0) {
      return;
    }
    long number = before.isEmpty() ? 1 : before.get(0).number() + 1;
    Path version =
        Files.createDirectories(folder(file))
            .resolve(String.format("%s.%06d.%s", file.getFileName(), number, STAMP.format(now)));
    try {
      // The file is renamed over, never written into, so a second name for it is a whole version.
      Files.createLink(version, file);
    } catch (UnsupportedOperationException | IOException e) {
      Files.copy(file, version, StandardCopyOption.REPLACE_EXISTING);
    }
    List<Version> all = new ArrayList<>(before);
    all.add(0, new Version(version, number, now));
    for (Version old : outdated(all)) {
      Files.deleteIfExists(old.path());
    }
  }

  /**
   * Those that are thinned out.
   *
   * @param all the newest first
   */
  static List<Version> outdated(List<Version> all) {
    List<Version> gone = new ArrayList<>();
    Set<String> buckets = new HashSet<>();
    int kept = 0;
    // A version made while the clock was ahead counts as made when the next one was.
    LocalDateTime[] at = new LocalDateTime[all.size()];
    for (int i = 0; i < all.size(); i++) {
      LocalDateTime own = all.get(i).at();
      at[i] = i > 0 && own.isAfter(at[i - 1]) ? at[i - 1] : own;
    }
    // From the oldest, so that the first of a stretch stays and goes on staying in longer ones.
    List<Version> stay = new ArrayList<>();
    for (int i = all.size() - 1; i >= KEPT_WHOLE; i--) {
      Duration age = Duration.between(at[i], at[0]);
      long stretch =
          age.toHours() < 1 ? 300 : age.toDays() < 1 ? 3600 : age.toDays() < 30 ? 86400 : 604800;
      if (buckets.add(
          stretch + " " + Math.floorDiv(at[i].toEpochSecond(ZoneOffset.UTC), stretch))) {
        stay.add(all.get(i));
        kept++;
      } else {
        gone.add(all.get(i));
      }
    }
    int over = kept + KEPT_WHOLE - MOST;
    gone.addAll(stay.subList(0, Math.max(0, over)));
    return gone;
  }
}
