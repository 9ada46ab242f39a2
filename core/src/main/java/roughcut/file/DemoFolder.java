package roughcut.file;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import roughcut.demo.Demo;
import roughcut.record.Build;

/** The demo shop on disk: a throw-away copy that can be played with and laid out anew. */
public final class DemoFolder {
  /**
   * The demo's files as they were before it was laid out anew; null where there was none.
   *
   * @param files what each held
   */
  public record Before(Map<Path, byte[]> files) {
    /**
     * Puts all of them back: shop and builds.
     *
     * @throws FileTrouble in words
     */
    public void bringBack() throws FileException {
      for (Map.Entry<Path, byte[]> file : files.entrySet()) {
        SafeFile.writeKeepingVersions(file.getKey(), file.getValue());
      }
    }
  }

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
  public static void ensure(Path folder, LocalDate today) throws FileException {
    if (!Files.exists(folder.resolve(ShopFile.NAME))) {
      ShopFile.at(folder.resolve(ShopFile.NAME)).save(Demo.shop());
    }
    for (Build build : lastFirst(today)) {
      Path file = build(folder, build.name());
      if (!Files.exists(file)) {
        BuildFile.at(file).save(build);
      }
    }
  }

  /**
   * Lays the demo's own builds and shop out anew; nothing else in its folder is touched, and what
   * was there stays among the versions.
   *
   * @return what was there, to be brought back
   * @throws FileTrouble in words
   */
  public static Before reset(Path folder, LocalDate today) throws FileException {
    Map<Path, byte[]> before = new LinkedHashMap<>();
    Path shop = folder.resolve(ShopFile.NAME);
    note(before, shop);
    ShopFile.at(shop).save(Demo.shop());
    for (Build build : lastFirst(today)) {
      Path file = build(folder, build.name());
      note(before, file);
      BuildFile.at(file).save(build);
    }
    return new Before(before);
  }

  /**
   * The one that the demo opens with is written last, so that lists of what is newest begin with
   * it.
   */
  private static List<Build> lastFirst(LocalDate today) {
    List<Build> builds = new ArrayList<>(Demo.builds(today));
    Collections.reverse(builds);
    return builds;
  }

  private static void note(Map<Path, byte[]> before, Path file) throws FileException {
    if (Files.exists(file)) {
      before.put(file, SafeFile.read(file));
    }
  }
}
