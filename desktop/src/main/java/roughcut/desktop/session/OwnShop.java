package roughcut.desktop.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import roughcut.file.FileException;
import roughcut.file.ShopFile;
import roughcut.measure.Refused;
import roughcut.measure.Text;
import roughcut.shop.Shop;

/**
 * The maker's own shop, apart from the demo's from the first minute: it begins with the usual saws
 * and cutters, and no boards.
 */
public final class OwnShop {
  private static final String FOLDER = "shop.folder";

  private final Path folder;
  private final boolean elsewhere;

  /**
   * The own shop in that data folder.
   *
   * @param data the person's data folder
   */
  public OwnShop(Path data) {
    Optional<Path> chosen = Preferences.in(data).text(FOLDER).map(Path::of);
    this.elsewhere = chosen.isPresent();
    this.folder = chosen.orElse(data.resolve("shop")).toAbsolutePath().normalize();
  }

  /** Where it lies, there or not. */
  public Path place() {
    return folder;
  }

  /**
   * Keeps it in another folder from here on: the shop that lies there already, or a new one. The
   * old one stays where it is.
   *
   * @throws FileTrouble in words, when that folder can't be used; nothing changes then
   */
  public static void keepIn(Path folder, Preferences preferences) throws FileException {
    Path file = folder.resolve(ShopFile.NAME);
    if (Files.exists(file)) {
      ShopFile.open(folder);
    } else {
      ShopFile.at(file).save(Shop.usual("My shop"));
    }
    preferences.remember(FOLDER, folder.toAbsolutePath().normalize().toString());
    preferences.save();
  }

  /**
   * Its folder, laid out when it isn't there.
   *
   * @throws FileTrouble in words
   */
  public Path folder() throws FileException {
    Path file = folder.resolve(ShopFile.NAME);
    if (elsewhere && !Files.exists(file)) {
      // A stick that isn't plugged in: a new empty shop in its place would hide the real one.
      throw new FileException(
          Text.of(
              "Your shop is no longer in {folder}. Is its disk connected? Preferences show its "
                  + "folder.",
              folder));
    }
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
  public Path builds() throws FileException {
    Path builds = ShopFile.builds(folder());
    try {
      return Files.createDirectories(builds);
    } catch (IOException e) {
      throw new FileException(
          Text.of("Can't create the folder {builds}: {why}", builds, Refused.why(e)), e);
    }
  }
}
