package roughcut.file;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import roughcut.design.Decisions;
import roughcut.record.Build;

/**
 * A build on disk. It belongs to the shop in whose folder it lies; one that lies elsewhere says in
 * its field {@code shop} which it is.
 */
public final class BuildFile {
  /** What a build's file name ends with. */
  public static final String ENDING = ".roughcut.json";

  static final String SHOP = "shop";

  private final KeptFile file;
  private final Path shop;

  private BuildFile(KeptFile file, Path shop) {
    this.file = file;
    this.shop = shop;
  }

  /** A build and the file that it came from. */
  public record Opened(BuildFile file, Build build) {}

  /**
   * Opens a build.
   *
   * @throws FileTrouble in words
   */
  public static Opened open(Path path) throws FileException {
    KeptFile file = KeptFile.open(path);
    return new Opened(
        new BuildFile(file, shop(file.tree()).orElse(null)),
        BuildJson.read(file.tree(), path.getFileName().toString()));
  }

  private static Optional<Path> shop(ObjectNode root) {
    try {
      return root.path(SHOP).isTextual()
          ? Optional.of(Path.of(root.path(SHOP).asText()))
          : Optional.empty();
    } catch (InvalidPathException e) {
      return Optional.empty(); // a path of another system
    }
  }

  /** Whether it was written by somebody else since it was last read or saved here. */
  boolean changed() {
    return file.changed();
  }

  /** A file that isn't there yet, or is to be replaced because the maker said so. */
  public static BuildFile at(Path path) {
    return new BuildFile(KeptFile.at(path), null);
  }

  /**
   * The same build under another path, with all that this program doesn't know in it.
   *
   * @param shopFolder the shop that it belongs to from there on
   */
  public BuildFile to(Path path, Path shopFolder) {
    boolean lies =
        ShopFile.around(path)
            .map(f -> f.equals(shopFolder.toAbsolutePath().normalize()))
            .orElse(false);
    return new BuildFile(file.to(path), lies ? null : shopFolder.toAbsolutePath().normalize());
  }

  /** This file, to be replaced whatever somebody else wrote there meanwhile. */
  public BuildFile overwriting() {
    return new BuildFile(file.to(file.path()), shop);
  }

  /** A copy for when this one can't be written. */
  public BuildFile rescue(Path path) {
    return new BuildFile(file.to(path), shop);
  }

  public Path path() {
    return file.path();
  }

  /** The shop's folder that the build names, when it doesn't lie in it. */
  public Optional<Path> shop() {
    return Optional.ofNullable(shop);
  }

  /** A name as a file's: with the ending, once, whatever was typed over it. */
  public static String named(String typed) {
    String stem = typed.strip();
    boolean cut = true;
    while (cut) {
      cut = false;
      for (String end : new String[] {ENDING, ".roughcut", ".json"}) {
        if (stem.length() > end.length() && stem.toLowerCase(Locale.ROOT).endsWith(end)) {
          stem = stem.substring(0, stem.length() - end.length());
          cut = true;
        }
      }
    }
    return stem + ENDING;
  }

  /** What a build's file is called without its ending. */
  public static String stem(Path path) {
    String file = path.getFileName().toString();
    return file.endsWith(ENDING) ? file.substring(0, file.length() - ENDING.length()) : file;
  }

  /**
   * Saves a build, keeping the version before.
   *
   * @throws FileTrouble.ChangedOnDisk when the file isn't as it was last seen here
   * @throws FileTrouble when it can't be written; the file is then as it was
   */
  public void save(Build build) throws FileException {
    ObjectNode tree = BuildJson.write(build);
    if (shop != null) {
      tree.put(SHOP, shop.toString());
    }
    file.save(tree, before -> forgetRemoved(before, build));
  }

  /** What was taken back is known, and so must not come back as an unknown field. */
  private static ObjectNode forgetRemoved(ObjectNode tree, Build build) {
    // What the first format had elsewhere is in the log now.
    tree.remove(LogJson.MEASURED);
    tree.remove(LogJson.FRETS);
    if (tree.get(LogJson.FIELD) instanceof ObjectNode log) {
      log.remove(LogJson.FRETS);
    }
    if (tree.get("decisions") instanceof ObjectNode decisions) {
      decisions
          .properties()
          .removeIf(
              e ->
                  (Decisions.knows(e.getKey()) || BeforeStages.had(e.getKey()))
                      && !build.design().numbers().containsKey(e.getKey())
                      && !build.design().choices().containsKey(e.getKey()));
    }
    for (String named : BuildJson.NAMED_BY_THE_MAKER) {
      tree.remove(named);
    }
    tree.remove(SHOP);
    tree.remove(BuildJson.BRIEF);
    return tree;
  }
}
