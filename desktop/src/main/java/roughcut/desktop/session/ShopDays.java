package roughcut.desktop.session;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import roughcut.file.FileException;
import roughcut.file.ShopBuilds;
import roughcut.file.ShopFile;
import roughcut.plan.Plan;
import roughcut.record.Build;
import roughcut.schedule.Schedule;
import roughcut.schedule.ScheduleSavings;
import roughcut.schedule.ShopWork;
import roughcut.shop.Shop;
import roughcut.whatif.LastResult;

/**
 * The days of a shop: the build that is worked on here and the shop's others share one pair of
 * hands. The others are read in the background, and again when they are asked for.
 */
public final class ShopDays {
  private static final Background READING = new Background("days");

  private final Session session;
  private final Supplier<Path> own;
  private final Supplier<Path> shop;
  private final List<Runnable> changed = new ArrayList<>();
  private Path readFor;
  private Map<Path, FileTime> read = Map.of();
  private boolean looking;
  private List<Build> others = List.of();
  private Map<String, LastResult> lastTime = Map.of();
  private List<Plan> otherPlans = List.of();
  private Plan planned;
  private LocalDateTime at;
  private ShopWork work;

  /**
   * Makes it.
   *
   * @param own where the build that is worked on lies
   * @param shop the shop's folder
   */
  public ShopDays(Session session, Supplier<Path> own, Supplier<Path> shop) {
    this.session = session;
    this.own = own;
    this.shop = shop;
  }

  /** What to do when the others were read. */
  public void onChanged(Runnable action) {
    changed.add(action);
  }

  /** Reads the shop's other builds, where any of their files isn't as it was last read. */
  public void readOthers() {
    if (looking) {
      return;
    }
    looking = true;
    Path folder = shop.get();
    Path here = own.get().toAbsolutePath().normalize();
    Shop of = session.shop().get();
    Map<Path, FileTime> then = here.equals(readFor) ? read : null;
    READING.run(
        () -> {
          Map<Path, FileTime> now = files(folder, here);
          if (now.equals(then)) {
            Platform.runLater(() -> looking = false);
            return;
          }
          List<Build> found = besides(folder, here);
          Map<String, LastResult> last =
              LastResult.of(found.stream().map(b -> Plan.of(b, of)).toList());
          Platform.runLater(() -> took(here, now, found, last));
        });
  }

  private void took(
      Path here, Map<Path, FileTime> files, List<Build> found, Map<String, LastResult> last) {
    looking = false;
    readFor = here;
    read = files;
    if (!found.equals(others)) {
      others = List.copyOf(found);
      lastTime = last;
      planned = null;
      changed.forEach(Runnable::run);
    }
  }

  /** When each build of the shop was written last, but for the one that is worked on here. */
  private static Map<Path, FileTime> files(Path folder, Path here) {
    Map<Path, FileTime> files = new TreeMap<>();
    try (Stream<Path> all = Files.list(ShopFile.builds(folder))) {
      for (Path file : all.toList()) {
        if (!file.getFileName().equals(here.getFileName())) {
          files.put(file, Files.getLastModifiedTime(file));
        }
      }
    } catch (IOException | UncheckedIOException e) {
      files.clear(); // a shop that is gone has no other builds to tell of
    }
    return files;
  }

  private static List<Build> besides(Path folder, Path here) {
    try {
      return new ShopBuilds(folder).besides(here);
    } catch (FileException e) {
      System.getLogger("roughcut").log(System.Logger.Level.INFO, e.getMessage());
      return List.of();
    }
  }

  /** The whole shop's work from now on, for what is kept or tried. */
  private ShopWork work() {
    Plan plan = session.plan().get();
    LocalDateTime now = session.now().minute();
    if (planned != plan || !now.equals(at)) {
      if (planned == null || !planned.shop().equals(plan.shop())) {
        otherPlans = others.stream().map(b -> Plan.of(b, plan.shop())).toList();
      }
      List<Plan> all = new ArrayList<>(otherPlans);
      all.add(plan);
      work = ShopWork.of(all, now, session.now().zone());
      planned = plan;
      at = now;
    }
    return work;
  }

  public Schedule schedule() {
    return work().schedule();
  }

  /** Names of the builds, in the schedule's order. */
  public List<String> names() {
    return plans().stream().map(Plan::name).toList();
  }

  /** Plans of the builds, in the same order. */
  public List<Plan> plans() {
    return work().plans();
  }

  /** Which of them is worked on here. */
  public int own() {
    return work().place(session.plan().get());
  }

  /** What came out otherwise in the shop's other builds, by the ids of what is read. */
  public Map<String, LastResult> lastTime() {
    return lastTime;
  }

  /** How the build that is worked on here comes out. */
  public Optional<Schedule.Outcome> outcome() {
    return work().outcome(session.plan().get());
  }

  /**
   * What would buy days for it: each is tried on a whole plan and a whole schedule, so it is worked
   * out in the background and handed over when it is there.
   */
  public void savings(Consumer<List<ScheduleSavings>> then) {
    ShopWork tried = work();
    Plan plan = session.plan().get();
    LocalDateTime from = at;
    READING.work(() -> tried.savings(plan, from, session.now().zone()), then);
  }
}
