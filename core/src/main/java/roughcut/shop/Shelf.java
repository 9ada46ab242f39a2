package roughcut.shop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * The shop's shelves: sets of strings and hardware in hand, kept under names and used by many
 * builds. Each name stands once in its shelf.
 */
public record Shelf(List<StringSet> strings, List<ShelfItem> pieces) {
  public static final Shelf EMPTY = new Shelf(List.of(), List.of());
  public static final int MOST = 500;
  public static final int LONGEST_NAME = 60;

  public Shelf {
    strings = List.copyOf(strings);
    pieces = List.copyOf(pieces);
    once(strings, StringSet::name);
    once(pieces, p -> p.group() + ", " + p.name());
  }

  private static <T> void once(List<T> all, Function<T, String> name) {
    if (all.size() > MOST) {
      throw new InvalidValue(Text.of("the inventory holds at most {most} items of a kind", MOST));
    }
    if (all.stream().map(name).distinct().count() < all.size()) {
      throw new InvalidValue(Text.of("two items in the inventory have the same name"));
    }
  }

  static void checkName(String name) {
    if (name == null || name.isBlank() || name.length() > LONGEST_NAME) {
      throw new InvalidValue(
          Text.of("an item in the inventory needs a name of at most {most} letters", LONGEST_NAME));
    }
  }

  /** Those of one group, in the order in which they were put there. */
  public List<ShelfItem> of(String group) {
    return pieces.stream().filter(p -> p.group().equals(group)).toList();
  }

  public Optional<ShelfItem> piece(String group, String name) {
    return of(group).stream().filter(p -> p.name().equals(name)).findFirst();
  }

  /** With a piece, in the place of one of its group and name. */
  public Shelf with(ShelfItem item) {
    return new Shelf(
        strings,
        put(pieces, item, p -> p.group().equals(item.group()) && p.name().equals(item.name())));
  }

  /** With a set of strings, in the place of one of its name. */
  public Shelf with(StringSet set) {
    return new Shelf(put(strings, set, s -> s.name().equals(set.name())), pieces);
  }

  private static <T> List<T> put(List<T> all, T one, Function<T, Boolean> same) {
    List<T> next = new ArrayList<>(all);
    for (int i = 0; i < next.size(); i++) {
      if (same.apply(next.get(i))) {
        next.set(i, one);
        return next;
      }
    }
    next.add(one);
    return next;
  }

  public Shelf without(ShelfItem item) {
    return new Shelf(strings, pieces.stream().filter(p -> !p.equals(item)).toList());
  }

  public Shelf without(StringSet set) {
    return new Shelf(strings.stream().filter(s -> !s.equals(set)).toList(), pieces);
  }

  /** With another in the place of one, such as the same under another name. */
  public Shelf changed(ShelfItem from, ShelfItem to) {
    return new Shelf(strings, pieces.stream().map(p -> p.equals(from) ? to : p).toList());
  }

  /** With another in the place of one, such as the same under another name. */
  public Shelf changed(StringSet from, StringSet to) {
    return new Shelf(strings.stream().map(s -> s.equals(from) ? to : s).toList(), pieces);
  }
}
