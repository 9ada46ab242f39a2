package roughcut.file;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Copies of work that couldn't be saved to its place, in a folder of the person's own, each with a
 * note of where it belongs. They stay until the work is saved, or the maker lets them go.
 */
public final class RescueCopies {
  private static final String NOTE = "belongs-to.txt";

  private final Path folder;

  /**
   * Copies in that folder.
   *
   * @param data the person's data folder
   */
  public RescueCopies(Path data) {
    this.folder = data.resolve("rescue");
  }

  /**
   * One copy.
   *
   * @param copy where it lies
   * @param belongs where it couldn't be saved
   * @param at when it was made
   */
  public record Copy(Path copy, Path belongs, Instant at) {}

  /** Where the copy of a file is put. */
  Path place(Path file) {
    return folder.resolve(own(file)).resolve(file.getFileName());
  }

  /** A name for what is kept of a file elsewhere; files of one name in two places have two. */
  static String own(Path file) {
    String whole = file.toAbsolutePath().normalize().toString();
    return UUID.nameUUIDFromBytes(whole.getBytes(StandardCharsets.UTF_8)).toString();
  }

  /** Notes where a copy belongs. */
  void note(Path file) throws FileException {
    SafeFile.write(
        place(file).resolveSibling(NOTE),
        file.toAbsolutePath().normalize().toString().getBytes(StandardCharsets.UTF_8));
  }

  /** The copy of a file, if there is one. */
  public Optional<Copy> of(Path file) {
    return copy(place(file).getParent());
  }

  private static Optional<Copy> copy(Path own) {
    try {
      Path belongs = Path.of(Files.readString(own.resolve(NOTE)).strip());
      Path copy = own.resolve(belongs.getFileName());
      return Files.isRegularFile(copy)
          ? Optional.of(new Copy(copy, belongs, Files.getLastModifiedTime(copy).toInstant()))
          : Optional.empty();
    } catch (IOException | InvalidPathException e) {
      return Optional.empty(); // no copy, or one that tells nobody where it belongs
    }
  }

  /** All copies of builds, the newest first. */
  public List<Copy> builds() {
    List<Copy> all = new ArrayList<>();
    try (Stream<Path> folders = Files.list(folder)) {
      folders.forEach(f -> copy(f).ifPresent(all::add));
    } catch (IOException e) {
      return List.of(); // none was ever made
    }
    all.removeIf(c -> !c.copy().toString().endsWith(BuildFile.ENDING));
    all.sort(Comparator.comparing(Copy::at).reversed());
    return all;
  }

  /** Lets the copy of a file go, because it was saved or isn't wanted. */
  public void letGo(Path file) {
    Path copy = place(file);
    try {
      Files.deleteIfExists(copy);
      Files.deleteIfExists(copy.resolveSibling(NOTE));
    } catch (IOException e) {
      System.getLogger("roughcut").log(System.Logger.Level.INFO, "a rescue copy remains: " + copy);
    }
  }
}
