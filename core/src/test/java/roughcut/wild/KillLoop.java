package roughcut.wild;

import java.nio.file.Path;
import java.time.LocalDateTime;
import roughcut.demo.Demo;
import roughcut.file.Autosave;
import roughcut.file.BuildFile;
import roughcut.file.RescueCopies;
import roughcut.file.ShopFile;
import roughcut.record.Build;
import roughcut.record.DoneOperation;
import roughcut.record.Log;
import roughcut.record.Note;
import roughcut.record.Reading;
import roughcut.shop.Shop;

/**
 * A program that is edited without a pause, until it is killed: says each edit when it is made, one
 * a line, with the clock.
 */
final class KillLoop {
  private KillLoop() {}

  /** The build's file. */
  public static void main(String[] args) throws Exception {
    Path path = Path.of(args[0]);
    BuildFile.Opened opened = BuildFile.open(path);
    ShopFile.Opened shop = ShopFile.openFor(opened.file());
    Autosave autosave =
        new Autosave(
            opened.file(),
            opened.build(),
            shop.file(),
            shop.shop(),
            new RescueCopies(path.resolveSibling("data")),
            state -> {});
    Build build = opened.build();
    Shop owned = shop.shop();
    for (int i = 0; ; i++) {
      build = build.withName("edit " + i).withLog(worked(build.log(), i));
      if (i % 7 == 0) {
        owned = i % 2 == 0 ? Demo.shop() : owned.withoutBoard(owned.boards().get(0).id());
      }
      autosave.keep(build, owned);
      System.out.println(i + " " + System.currentTimeMillis());
      System.out.flush();
      Thread.sleep(3);
    }
  }

  /**
   * A while at the bench: something read, something done, something noted, each with its number.
   */
  private static Log worked(Log log, int i) {
    LocalDateTime at = LocalDateTime.now();
    Log read = log.with(Reading.of("nut.width", 40 + i / 1000.0, at));
    return read.with(DoneOperation.of("work." + i % 20, at))
        .with(new Note(at, "", "edit " + i, ""));
  }
}
