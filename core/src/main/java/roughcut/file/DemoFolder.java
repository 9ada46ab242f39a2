package roughcut.file;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import roughcut.demo.Demo;
import roughcut.design.Build;

/** The demo shop on disk: a throw-away copy that can be played with and laid out anew. */
public final class DemoFolder {
  private DemoFolder() {}

  /** Where the demo's build of that name lies. */
  public static Path build(Path folder, String name) {
    return ShopFile.builds(folder).resolve(name + BuildFile.ENDING);
  }

  /** The build that the demo opens with. */
  public static Path heron(Path folder) {
    return build(folder, "Heron");
  }

  /**
   * Lays out what is missing and leaves the rest as it was left.
   *
   * @throws FileTrouble in words
   */
  public static void ensure(Path folder, LocalDate today) throws FileTrouble {
    if (!Files.exists(folder.resolve(ShopFile.NAME))) {
      ShopFile.at(folder.resolve(ShopFile.NAME)).save(Demo.shop());
    }
    for (Build build : Demo.builds(today)) {
      Path file = build(folder, build.name());
      if (!Files.exists(file)) {
        BuildFile.at(file).save(build);
      }
    }
  }

  /**
   * Lays the demo out anew; what was there stays among the versions.
   *
   * @throws FileTrouble in words
   */
  public static void reset(Path folder, LocalDate today) throws FileTrouble {
    ShopFile.at(folder.resolve(ShopFile.NAME)).save(Demo.shop());
    for (Build build : Demo.builds(today)) {
      BuildFile.at(build(folder, build.name())).save(build);
    }
  }
}
