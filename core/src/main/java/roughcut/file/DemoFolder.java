package roughcut.file;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import roughcut.demo.Demo;

/** The demo shop on disk: a throw-away copy that can be played with and laid out anew. */
public final class DemoFolder {
  private DemoFolder() {}

  /** The seven-string that is at the boards. */
  public static Path bittern(Path folder) {
    return ShopFile.builds(folder).resolve("Bittern" + BuildFile.ENDING);
  }

  /** The build that the demo opens with. */
  public static Path heron(Path folder) {
    return ShopFile.builds(folder).resolve("Heron" + BuildFile.ENDING);
  }

  /**
   * Lays out what is missing and leaves the rest as it was left.
   *
   * @throws FileTrouble in words
   */
  public static void ensure(Path folder, LocalDate today) throws FileTrouble {
    if (!Files.exists(heron(folder)) || !Files.exists(bittern(folder))) {
      reset(folder, today);
    }
  }

  /**
   * Lays the demo out anew; what was there stays among the versions.
   *
   * @throws FileTrouble in words
   */
  public static void reset(Path folder, LocalDate today) throws FileTrouble {
    ShopFile.write(folder.resolve(ShopFile.NAME), Demo.shop());
    BuildFile.at(heron(folder)).save(Demo.heron(today));
    BuildFile.at(bittern(folder)).save(Demo.bittern());
  }
}
