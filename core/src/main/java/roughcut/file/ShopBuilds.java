package roughcut.file;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import roughcut.measure.Refused;
import roughcut.measure.Text;
import roughcut.record.Build;
import roughcut.record.Log;

/**
 * The builds of a shop's folder: listed, begun, copied, and put into the shop's bin. Nothing is
 * ever written over and nothing is ever deleted.
 */
public final class ShopBuilds {
  private static final String BIN = "bin";

  private final Path shop;

  /** Those of the shop in that folder. */
  public ShopBuilds(Path shop) {
    this.shop = shop.toAbsolutePath().normalize();
  }

  /**
   * One of them.
   *
   * @param changed when it was last written
   * @param build what it holds; empty when it can't be read
   * @param trouble why it can't be read; empty when it can
   */
  public record Entry(Path path, Instant changed, Optional<Build> build, Text trouble) {
    /** What it is called: by its own name, or its file's when it can't be read. */
    public String name() {
      return build.map(Build::name).orElse(BuildFile.stem(path));
    }
  }

  /**
   * All of them, the one worked on last first; one that can't be read stands among them.
   *
   * @throws FileTrouble when the folder can't be listed
   */
  public List<Entry> all() throws FileException {
    return list(ShopFile.builds(shop));
  }

  /**
   * Those that can be read, besides the one in that file.
   *
   * @throws FileTrouble when the folder can't be listed
   */
  public List<Build> besides(Path file) throws FileException {
    Path here = file.toAbsolutePath().normalize();
    return all().stream()
        .filter(e -> !e.path().toAbsolutePath().normalize().equals(here))
        .flatMap(e -> e.build().stream())
        .toList();
  }

  /** What lies in the bin, the last put there first. */
  public List<Entry> deletedBuilds() throws FileException {
    return list(shop.resolve(BIN));
  }

  private static List<Entry> list(Path folder) throws FileException {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      List<Entry> all = new ArrayList<>();
      for (Path path : files.filter(p -> p.toString().endsWith(BuildFile.ENDING)).toList()) {
        all.add(entry(path));
      }
      all.sort(Comparator.comparing(Entry::changed).reversed().thenComparing(Entry::path));
      return all;
    } catch (IOException e) {
      throw new FileException(
          Text.of("the builds in {folder} can't be listed: {why}", folder, Refused.why(e)), e);
    }
  }

  private static Entry entry(Path path) throws IOException {
    Instant changed = Files.getLastModifiedTime(path).toInstant();
    try {
      return new Entry(path, changed, Optional.of(BuildFile.open(path).build()), Text.NONE);
    } catch (FileException e) {
      return new Entry(path, changed, Optional.empty(), e.told());
    }
  }

  /**
   * Begins a build in a file of its own, named after it.
   *
   * @return the file
   * @throws FileTrouble in words
   */
  public Path begin(Build build) throws FileException {
    Path path = free(ShopFile.builds(shop), build.name());
    try {
      Files.createDirectories(path.getParent());
    } catch (IOException e) {
      throw new FileException(
          Text.of("can't create the folder {parent}: {why}", path.getParent(), Refused.why(e)), e);
    }
    BuildFile.at(path).save(build);
    return path;
  }

  /**
   * A copy under another name, with everything that was read and done.
   *
   * @throws FileTrouble in words
   */
  public Path duplicate(Path path) throws FileException {
    Build build = BuildFile.open(path).build();
    return begin(build.withName(another(build.name())));
  }

  /**
   * A new instrument like that one: its design only, nothing read and nothing done.
   *
   * @throws FileTrouble in words
   */
  public Path like(Path path) throws FileException {
    Build build = BuildFile.open(path).build();
    return begin(new Build(another(build.name()), build.design(), Log.NONE));
  }

  /** The first name with a number that no build of the shop has. */
  private String another(String name) throws FileException {
    String base = name.replaceFirst(" \\d{1,4}$", "");
    List<String> taken = all().stream().map(Entry::name).toList();
    int number = 2;
    while (taken.contains(base + " " + number)) {
      number++;
    }
    return base + " " + number;
  }

  /**
   * Puts a build into the shop's bin, from which it can be taken back.
   *
   * @return where it lies now
   * @throws FileTrouble in words; it stays where it was
   */
  public Path bin(Path path) throws FileException {
    return move(path, shop.resolve(BIN));
  }

  /** Takes a build out of the bin. */
  public Path back(Path binned) throws FileException {
    return move(binned, ShopFile.builds(shop));
  }

  private static Path move(Path from, Path folder) throws FileException {
    Path to = free(folder, BuildFile.stem(from));
    try {
      Files.createDirectories(folder);
      Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
      return to;
    } catch (IOException e) {
      throw new FileException(
          Text.of(
              "{file} can't be moved to {folder}: {why}",
              from.getFileName(),
              folder,
              Refused.why(e)),
          e);
    }
  }

  /** A file of that name that isn't there yet; letters that a file can't have are left out. */
  private static Path free(Path folder, String name) {
    String clean = name.replaceAll("[^\\p{L}\\p{N} ._()-]", "").strip();
    String stem = clean.isEmpty() || clean.startsWith(".") ? "build " + clean : clean;
    Path path = folder.resolve(stem + BuildFile.ENDING);
    for (int i = 2; Files.exists(path); i++) {
      path = folder.resolve(stem + " " + i + BuildFile.ENDING);
    }
    return path;
  }
}
