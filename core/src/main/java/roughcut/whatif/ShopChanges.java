package roughcut.whatif;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import roughcut.clearance.ClearanceKind;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.shop.Board;
import roughcut.shop.Cutter;
import roughcut.shop.Saw;
import roughcut.shop.Shop;
import roughcut.shop.StringSet;
import roughcut.shop.Template;

/** What happened to what a maker owns between two moments, a line each and in words. */
public final class ShopChanges {
  private final List<Text> lines = new ArrayList<>();

  private ShopChanges() {}

  /** Everything that is other than it was; empty where nothing is. */
  public static List<Text> between(Shop before, Shop after) {
    ShopChanges changes = new ShopChanges();
    if (!before.name().equals(after.name())) {
      changes.lines.add(Text.of("renamed “{before}” → “{after}”", before.name(), after.name()));
    }
    changes.things(Text.of("board"), before.boards(), after.boards(), Board::id);
    changes.things(Text.of("cutter"), before.cutters(), after.cutters(), Cutter::name);
    changes.things(Text.of("template"), before.templates(), after.templates(), Template::name);
    changes.things(Text.of("saw"), before.saws(), after.saws(), Saw::name);
    if (!before.planer().equals(after.planer())) {
      changes.lines.add(Text.of("the planer changed"));
    }
    changes.things(
        Text.of("limit"),
        List.copyOf(before.limits().entrySet()),
        List.copyOf(after.limits().entrySet()),
        e ->
            ClearanceKind.find(e.getKey())
                .map(k -> k.words().small().in(Units.MM))
                .orElse(e.getKey()));
    changes.things(
        Text.of("set of strings"),
        before.shelf().strings(),
        after.shelf().strings(),
        StringSet::name);
    changes.things(
        Text.of("item in the inventory"),
        before.shelf().pieces(),
        after.shelf().pieces(),
        p -> p.name() + ", " + p.group());
    return List.copyOf(changes.lines);
  }

  private <T> void things(Text kind, List<T> before, List<T> after, Function<T, String> name) {
    Map<String, T> was = named(before, name);
    Map<String, T> is = named(after, name);
    is.forEach(
        (n, thing) -> {
          if (!was.containsKey(n)) {
            lines.add(Text.of("new {kind}: {n}", kind, n));
          } else if (!was.get(n).equals(thing)) {
            lines.add(Text.of("{kind} changed: {n}", kind, n));
          }
        });
    was.keySet().stream()
        .filter(n -> !is.containsKey(n))
        .forEach(n -> lines.add(Text.of("{kind} removed: {n}", kind, n)));
  }

  private static <T> Map<String, T> named(List<T> things, Function<T, String> name) {
    Map<String, T> all = new LinkedHashMap<>();
    things.forEach(t -> all.put(name.apply(t), t));
    return all;
  }
}
