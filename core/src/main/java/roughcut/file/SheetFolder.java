package roughcut.file;

import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import roughcut.measure.Text;

/** Where a build's sheets are written. */
public final class SheetFolder {
  /** So many folders may be made where there were none: one for all sheets, one for a build's. */
  private static final int MOST_NEW = 2;

  private SheetFolder() {}

  /**
   * Where they go unless the maker says otherwise: in the shop, under the build's own name; of a
   * build that lies in no shop, beside it.
   */
  public static Path usual(Path build) {
    String name = BuildFile.stem(build);
    return ShopFile.around(build)
        .map(shop -> shop.resolve("sheets").resolve(name))
        .orElseGet(() -> build.toAbsolutePath().resolveSibling(name + " sheets"));
  }

  /**
   * The folder that was typed.
   *
   * @param typed a whole path, or one from home on, with or without ~ before it
   * @throws FileTrouble when that can be no folder's name
   */
  public static Path read(String typed, Path home) throws FileException {
    String text = typed.strip();
    if (text.isEmpty()) {
      throw new FileException(Text.of("choose a folder"));
    }
    try {
      return text.equals("~") || text.startsWith("~/")
          ? home.resolve(text.substring(Math.min(2, text.length())))
          : home.resolve(text);
    } catch (InvalidPathException e) {
      throw new FileException(Text.of("“{text}” can't be a folder name", text), e);
    }
  }

  /**
   * Refuses a folder of which nothing is there: a shop on a disk that was taken out is not made
   * anew where the disk was.
   *
   * @throws FileTrouble when neither it nor the two folders above it are there
   */
  public static void check(Path folder) throws FileException {
    Path at = folder.toAbsolutePath().normalize();
    for (int up = 0; up <= MOST_NEW && at != null; up++) {
      if (Files.exists(at)) {
        return;
      }
      at = at.getParent();
    }
    throw new FileException(
        Text.of("can't write to: {folder} doesn't exist; is its disk connected?", folder));
  }
}
