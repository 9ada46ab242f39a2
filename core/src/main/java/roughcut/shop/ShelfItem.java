package roughcut.shop;

import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * A piece of hardware in hand: the kind that it is of, its sizes as listed, and those that were
 * measured, which stand before the listed ones. Used by many builds, measured once.
 *
 * @param group what it is: rod, bridge, tuners, or the type of a fitting
 * @param kind id of its kind in the book; empty where the group has none
 * @param choices words of what isn't a number, by what it is
 * @param listed sizes by what they are, mm or as the group has them
 * @param measured the same, of the one in hand
 * @param on when it was measured last
 */
public record ShelfItem(
    String name,
    String group,
    String kind,
    Map<String, String> choices,
    Map<String, Double> listed,
    Map<String, Double> measured,
    LocalDate on) {
  public ShelfItem {
    Shelf.checkName(name);
    if (group == null || group.isBlank() || on == null) {
      throw new InvalidValue(Text.of("{name} needs a kind and a date", name));
    }
    choices = Collections.unmodifiableMap(new TreeMap<>(choices));
    listed = Collections.unmodifiableMap(new TreeMap<>(listed));
    measured = Collections.unmodifiableMap(new TreeMap<>(measured));
    for (Map<String, Double> sizes : List.of(listed, measured)) {
      if (sizes.values().stream().anyMatch(v -> v == null || !Double.isFinite(v))) {
        throw new InvalidValue(Text.of("a size of {name} isn't a number", name));
      }
    }
  }

  /** The same under another name. */
  public ShelfItem withName(String next) {
    return new ShelfItem(next, group, kind, choices, listed, measured, on);
  }

  /** With one of its sizes measured on that day; empty takes what was measured back. */
  public ShelfItem measured(String key, OptionalDouble size, LocalDate day) {
    Map<String, Double> next = new TreeMap<>(measured);
    if (size.isPresent()) {
      next.put(key, size.getAsDouble());
    } else {
      next.remove(key);
    }
    return new ShelfItem(name, group, kind, choices, listed, next, day);
  }

  /** With one of its sizes listed otherwise. */
  public ShelfItem listed(String key, double size) {
    Map<String, Double> next = new TreeMap<>(listed);
    next.put(key, size);
    return new ShelfItem(name, group, kind, choices, next, measured, on);
  }
}
