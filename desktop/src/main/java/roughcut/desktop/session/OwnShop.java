package roughcut.desktop.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import roughcut.file.FileTrouble;
import roughcut.file.ShopFile;
import roughcut.shop.Shop;

/**
 * The maker's own shop, apart from the demo's from the first minute: it begins with the usual saws
 * and cutters, and no boards.
 */
public final class OwnShop {
  private final Path folder;

  /**
   * The own shop in that data folder.
   *
   * @param data the person's data folder
   */
  public OwnShop(Path data) {
    this.folder = data.resolve("shop").toAbsolutePath().normalize();
  }

  /**
   * Its folder, laid out when it isn't there.
   *
   * @throws FileTrouble in words
   */
  public Path folder() throws FileTrouble {
    Path file = folder.resolve(ShopFile.NAME);
    if (!Files.exists(file)) {
      ShopFile.at(file).save(Shop.usual("My shop"));
    }
    return folder;
  }

  /**
   * Where its builds lie.
   *
   * @throws FileTrouble in words
   */
  public Path builds() throws FileTrouble {
    Path builds = ShopFile.builds(folder());
    try {
      return Files.createDirectories(builds);
    } catch (IOException e) {
      throw new FileTrouble("can't make the folder " + builds + ": " + e.getMessage(), e);
    }
  }
}
