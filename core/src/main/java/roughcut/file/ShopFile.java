package roughcut.file;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roughcut.measure.Text;
import roughcut.shop.Shop;

/** The shop on disk, {@code shop.json} in the shop folder. */
public final class ShopFile {
  public static final String NAME = "shop.json";
  static final String KIND = "rough-cut-shop";
  static final int FORMAT = 1;

  private final KeptFile file;

  private ShopFile(KeptFile file) {
    this.file = file;
  }

  /**
   * A shop and the file that it came from, or that it will be saved to.
   *
   * @param trouble what is to be said of it; empty for nothing
   */
  public record Opened(ShopFile file, Shop shop, Optional<Text> trouble) {
    Opened(ShopFile file, Shop shop) {
      this(file, shop, Optional.empty());
    }
  }

  /** Where the builds of a shop folder lie. */
  public static Path builds(Path folder) {
    return folder.resolve("builds");
  }

  /** The shop folder that a file lies in: beside it or one above, the first with a shop in it. */
  public static Optional<Path> around(Path file) {
    Path folder = file.toAbsolutePath().normalize().getParent();
    for (Path candidate : folder == null ? new Path[0] : new Path[] {folder, folder.getParent()}) {
      if (candidate != null && Files.isRegularFile(candidate.resolve(NAME))) {
        return Optional.of(candidate);
      }
    }
    return Optional.empty();
  }

  /**
   * The shop that a build belongs to: the one that it names, or the one in whose folder it lies; or
   * a usual one, to be saved beside the build.
   *
   * @throws FileTrouble when there is a shop file that can't be read
   */
  public static Opened openFor(BuildFile build) throws FileException {
    Optional<Path> named = build.shop();
    boolean isThere = named.map(f -> Files.isRegularFile(f.resolve(NAME))).orElse(false);
    Optional<Path> folder = isThere ? named : around(build.path());
    Optional<Text> trouble =
        named.isPresent() && !isThere
            ? Optional.of(
                Text.of(
                    folder.isPresent()
                        ? "The shop of this build no longer exists ({place}). It was opened with "
                            + "the shop in its folder."
                        : "The shop of this build no longer exists ({place}). It was opened with "
                            + "a default shop without boards.",
                    named.get()))
            : Optional.empty();
    if (folder.isPresent()) {
      Opened there = open(folder.get());
      return new Opened(there.file(), there.shop(), trouble.or(there::trouble));
    }
    return new Opened(
        new ShopFile(KeptFile.at(build.path().toAbsolutePath().resolveSibling(NAME))),
        Shop.usual("My shop"),
        trouble);
  }

  /**
   * The shop of a folder.
   *
   * @throws FileTrouble in words
   */
  public static Opened open(Path folder) throws FileException {
    KeptFile file = KeptFile.open(folder.resolve(NAME));
    checked(file.tree(), NAME);
    List<String> aside = new ArrayList<>();
    Shop shop = ShopJson.salvaged(file.tree(), NAME, aside);
    return new Opened(
        new ShopFile(file),
        shop,
        aside.isEmpty()
            ? Optional.empty()
            : Optional.of(
                Text.of(
                    "In {file}, these entries can't be read and were skipped: {entries}. "
                        + "Everything else is loaded. The original file stays among the versions "
                        + "of the shop after the next save.",
                    file.path(),
                    String.join("; ", aside))));
  }

  /** The shop that a build belongs to, for reading only. */
  public static Shop shopOf(BuildFile build) throws FileException {
    return openFor(build).shop();
  }

  /** A shop file that isn't there yet, or is to be replaced because the maker said so. */
  public static ShopFile at(Path path) {
    return new ShopFile(KeptFile.at(path));
  }

  /** Whether it was written by somebody else since it was last read or saved here. */
  boolean changed() {
    return file.changed();
  }

  public Path path() {
    return file.path();
  }

  /** The shop's folder. */
  public Path folder() {
    return path().toAbsolutePath().normalize().getParent();
  }

  /** This file, to be replaced whatever somebody else wrote there meanwhile. */
  public ShopFile overwriting() {
    return new ShopFile(file.to(file.path()));
  }

  /** A copy elsewhere, with all that this program doesn't know in it. */
  public ShopFile to(Path path) {
    return new ShopFile(file.to(path));
  }

  /**
   * Reads a shop.
   *
   * @throws FileTrouble in words
   */
  public static Shop read(Path path) throws FileException {
    return read(KeptFile.open(path).tree(), path.getFileName().toString());
  }

  static Shop read(ObjectNode root, String file) throws FileException {
    checked(root, file);
    return ShopJson.read(root, file);
  }

  private static void checked(ObjectNode root, String file) throws FileException {
    if (!KIND.equals(root.path("kind").asText())) {
      throw new FileException(Text.of("{file} is not a Rough Cut shop", file));
    }
    if (root.path("format").asInt() > FORMAT) {
      throw new FileException(
          Text.of(
              "{file} was saved by a newer version of Rough Cut (format {format})",
              file,
              root.path("format").asInt()));
    }
  }

  /**
   * Saves a shop, keeping the version before; fields that this program doesn't know are kept.
   *
   * @throws FileTrouble.ChangedOnDisk when the file isn't as it was last seen here
   * @throws FileTrouble in words
   */
  public void save(Shop shop) throws FileException {
    file.save(tree(shop), ShopJson::withoutEmptied);
  }

  static ObjectNode tree(Shop shop) {
    ObjectNode root = Json.object();
    root.put("kind", KIND);
    root.put("format", FORMAT);
    root.setAll(ShopJson.write(shop));
    return root;
  }

  /**
   * Writes a shop over whatever is there.
   *
   * @throws FileTrouble in words
   */
  public static void write(Path path, Shop shop) throws FileException {
    (Files.exists(path) ? new ShopFile(KeptFile.open(path)) : at(path)).save(shop);
  }
}
