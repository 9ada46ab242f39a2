package roughcut.file;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;

/** Where a build's sheets are written. */
public final class SheetFolder {
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
  public static Path read(String typed, Path home) throws FileTrouble {
    String text = typed.strip();
    if (text.isEmpty()) {
      throw new FileTrouble("say which folder");
    }
    try {
      return text.equals("~") || text.startsWith("~/")
          ? home.resolve(text.substring(Math.min(2, text.length())))
          : home.resolve(text);
    } catch (InvalidPathException e) {
      throw new FileTrouble("“" + text + "” can be no folder's name", e);
    }
  }
}
