package roughcut.desktop.shell;

import static roughcut.desktop.words.Words.say;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import roughcut.bench.BuildSummary;
import roughcut.drawing.Drawing;
import roughcut.drawing.InstrumentPortrait;
import roughcut.file.FileException;
import roughcut.file.ShopBuilds;
import roughcut.file.ShopFile;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.plan.Plan;
import roughcut.record.CurrentTime;
import roughcut.schedule.ShopWork;
import roughcut.shop.Shop;

/**
 * A build as the home card lists it.
 *
 * @param from the builds that it is one of
 * @param portrait its picture; empty when it can't be read
 * @param stopped what stops it or is to be got; empty for neither
 * @param stops whether something stops it, rather than being to get
 */
record HomeRow(
    ShopBuilds from,
    ShopBuilds.Entry entry,
    boolean demo,
    Optional<Drawing> portrait,
    String stands,
    String stopped,
    boolean stops) {
  /**
   * All of a shop, worked out together, since they share boards and days.
   *
   * @param units the maker's
   * @param unlisted is told why not all can be listed, where they can't
   */
  static List<HomeRow> of(
      Path folder,
      boolean isDemo,
      Units units,
      CurrentTime clock,
      Consumer<FileException> unlisted) {
    List<HomeRow> into = new ArrayList<>();
    ShopBuilds builds = new ShopBuilds(folder);
    try {
      Shop shop = shop(folder, unlisted);
      Map<ShopBuilds.Entry, Plan> plans = new LinkedHashMap<>();
      List<ShopBuilds.Entry> entries = builds.all();
      for (ShopBuilds.Entry entry : entries) {
        plan(entry, shop).ifPresent(p -> plans.put(entry, p));
      }
      LocalDateTime now = clock.minute();
      Optional<ShopWork> work =
          plans.isEmpty()
              ? Optional.empty()
              : Optional.of(ShopWork.of(List.copyOf(plans.values()), now, clock.zone()));
      for (ShopBuilds.Entry entry : entries) {
        into.add(
            row(builds, entry, isDemo, Optional.ofNullable(plans.get(entry)), work, now, units));
      }
    } catch (FileException e) {
      unlisted.accept(e);
    }
    return into;
  }

  /** Builds are listed with a usual shop where theirs can't be read; that is told. */
  private static Shop shop(Path folder, Consumer<FileException> unlisted) {
    try {
      return ShopFile.open(folder).shop();
    } catch (FileException e) {
      unlisted.accept(e);
      return Shop.usual("My shop");
    }
  }

  private static Optional<Plan> plan(ShopBuilds.Entry entry, Shop shop) {
    try {
      return entry.build().map(b -> Plan.of(b, shop));
    } catch (RuntimeException e) {
      System.getLogger("roughcut").log(System.Logger.Level.WARNING, entry.path().toString(), e);
      return Optional.empty();
    }
  }

  private static HomeRow row(
      ShopBuilds from,
      ShopBuilds.Entry entry,
      boolean demo,
      Optional<Plan> plan,
      Optional<ShopWork> work,
      LocalDateTime now,
      Units units) {
    Optional<BuildSummary> glance = plan.map(p -> BuildSummary.of(p, now));
    Optional<Text> broken = plan.flatMap(p -> work.flatMap(w -> w.broken(p, units)));
    return new HomeRow(
        from,
        entry,
        demo,
        plan.map(InstrumentPortrait::of),
        glance
            .map(g -> g.words().in(units))
            .orElse(entry.trouble().isEmpty() ? say("can't be calculated") : say(entry.trouble())),
        glance
            .map(g -> Text.joined(List.of(g.stopped(), broken.orElse(Text.NONE)), " · ").in(units))
            .orElse(""),
        broken.isPresent() || glance.filter(g -> g.stops() > 0).isPresent());
  }
}
