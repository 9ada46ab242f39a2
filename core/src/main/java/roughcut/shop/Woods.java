package roughcut.shop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * The woods that a shop knows: those of the book, and the maker's own. One of a book's id stands in
 * its place, with the maker's own name and numbers.
 *
 * @param own the maker's, by name
 */
public record Woods(List<Species> own) {
  /** Those of the book alone. */
  public static final Woods BOOK = new Woods(List.of());

  public static final int LONGEST_NAME = 40;

  /** How the id of a wood begins that isn't of the book. */
  public static final String OWN = "own-";

  /** A shop has no more of its own. */
  private static final int MOST = 200;

  public Woods {
    own = own.stream().sorted(Comparator.comparing(Species::name)).toList();
    if (own.size() > MOST) {
      throw new InvalidValue(Text.of("a shop has at most {most} woods of its own", MOST));
    }
    Set<String> ids = new HashSet<>();
    Set<String> names = new HashSet<>();
    for (Species wood : own) {
      if (wood.name().isBlank() || wood.name().length() > LONGEST_NAME) {
        throw new InvalidValue(
            Text.of("a wood needs a name of at most {most} letters", LONGEST_NAME));
      }
      if (!ids.add(wood.id()) || !names.add(wood.name())) {
        throw new InvalidValue(Text.of("two woods are called “{name}”", wood.name()));
      }
    }
  }

  /** Every wood, by name. */
  public List<Species> all() {
    Map<String, Species> all = new LinkedHashMap<>();
    SpeciesBook.all().forEach(s -> all.put(s.id(), s));
    own.forEach(s -> all.put(s.id(), s));
    return all.values().stream().sorted(Comparator.comparing(Species::name)).toList();
  }

  public Optional<Species> find(String id) {
    return own.stream().filter(s -> s.id().equals(id)).findFirst().or(() -> SpeciesBook.find(id));
  }

  /** The wood of that id; an uncertain one under it where nobody knows it, which is no error. */
  public Species get(String id) {
    return find(id).orElseGet(() -> SpeciesBook.get(id));
  }

  /** Whether an id is that of a wood that isn't of the book. */
  public static boolean isOwnId(String id) {
    return id != null && id.matches(OWN + "[\\p{L}\\p{N}-]{1,60}");
  }

  /** Whether the maker gave it a name or numbers. */
  public boolean isOwn(String id) {
    return own.stream().anyMatch(s -> s.id().equals(id));
  }

  /**
   * With a wood as it is now, in the place of the one of its id.
   *
   * @throws IllegalArgumentException in words: no name, or one that another wood has
   */
  public Woods with(Species wood) {
    if (all().stream().anyMatch(s -> !s.id().equals(wood.id()) && s.name().equals(wood.name()))) {
      throw new InvalidValue(Text.of("another wood is called “{name}”", wood.name()));
    }
    List<Species> next = new ArrayList<>(without(wood.id()).own());
    if (!SpeciesBook.find(wood.id()).equals(Optional.of(wood))) {
      next.add(wood);
    }
    return new Woods(next);
  }

  /** Without the maker's own of that id; one of the book is as the book has it again. */
  public Woods without(String id) {
    return new Woods(own.stream().filter(Predicate.not(s -> s.id().equals(id))).toList());
  }

  /** Another wood with the numbers of one, under a name and an id that aren't taken. */
  public Species another(Species like) {
    Set<String> taken = new HashSet<>();
    all().forEach(s -> taken.addAll(List.of(s.id(), s.name())));
    String base = like.name().substring(0, Math.min(like.name().length(), LONGEST_NAME - 4));
    int number = 2;
    String id = OWN + like.id().replaceAll("^" + OWN + "|-\\d+$", "") + "-";
    while (taken.contains(base + " " + number) || taken.contains(id + number)) {
      number++;
    }
    return like.called(id + number, base + " " + number);
  }
}
