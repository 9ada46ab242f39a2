package roughcut.shop;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import roughcut.measure.InvalidValue;
import roughcut.measure.Text;

/**
 * What the maker owns and holds to.
 *
 * @param boards the rack; each has a name of its own
 * @param limits the maker's own limits by the kind of thin spot; kinds not named stand at the
 *     handbook's
 * @param cutters the drawer: router cutters and bits
 * @param templates those that are made already
 * @param shelf string sets and hardware in hand
 * @param hours when it is open
 * @param woods the woods it knows, with the maker's own names
 */
public record Shop(
    String name,
    List<Saw> saws,
    Planer planer,
    List<Board> boards,
    Map<String, Limit> limits,
    List<Cutter> cutters,
    List<Template> templates,
    Shelf shelf,
    ShopHours hours,
    Woods woods) {
  public static final int LONGEST_NAME = 80;

  public Shop {
    cutters = List.copyOf(cutters);
    templates = List.copyOf(templates);
    saws = List.copyOf(saws);
    boards = List.copyOf(boards);
    limits = Collections.unmodifiableMap(new TreeMap<>(limits));
    Set<String> names = new HashSet<>();
    for (Board board : boards) {
      if (!names.add(board.id())) {
        throw new InvalidValue(Text.of("two boards are called {id}", board.id()));
      }
    }
  }

  /** A shop with the usual saws (handbook page 3) and no limits of its own. */
  public static Shop usual(String name) {
    return new Shop(
        name,
        List.of(
            new Saw("table saw", 3.0, 0.5, Saw.USUAL_WANDER, 80),
            new Saw("bandsaw", 1.0, 1.0, Saw.USUAL_WANDER, 230),
            new Saw("hand saw", 0.8, 1.0, 2, 400)),
        Planer.USUAL,
        List.of(),
        Map.of(),
        CutterBook.all(),
        List.of(),
        Shelf.EMPTY,
        ShopHours.USUAL,
        Woods.BOOK);
  }

  public Limit limit(String kind, Limit handbook) {
    return limits.getOrDefault(kind, handbook);
  }

  public Optional<Board> board(String id) {
    return boards.stream().filter(b -> b.id().equals(id)).findFirst();
  }

  /**
   * This shop under another name.
   *
   * @throws IllegalArgumentException in words, when it can't be called so
   */
  public Shop withName(String next) {
    if (next.isBlank() || next.length() > LONGEST_NAME) {
      throw new InvalidValue(
          Text.of("a shop needs a name of at most {most} letters", LONGEST_NAME));
    }
    return new Shop(
        next.strip(), saws, planer, boards, limits, cutters, templates, shelf, hours, woods);
  }

  public Shop withBoards(List<Board> next) {
    return new Shop(name, saws, planer, next, limits, cutters, templates, shelf, hours, woods);
  }

  public Shop withLimits(Map<String, Limit> next) {
    return new Shop(name, saws, planer, boards, next, cutters, templates, shelf, hours, woods);
  }

  public Shop withSaws(List<Saw> next) {
    return new Shop(name, next, planer, boards, limits, cutters, templates, shelf, hours, woods);
  }

  public Shop withPlaner(Planer next) {
    return new Shop(name, saws, next, boards, limits, cutters, templates, shelf, hours, woods);
  }

  public Shop withCutters(List<Cutter> next) {
    return new Shop(name, saws, planer, boards, limits, next, templates, shelf, hours, woods);
  }

  public Shop withTemplates(List<Template> next) {
    return new Shop(name, saws, planer, boards, limits, cutters, next, shelf, hours, woods);
  }

  public Shop withHours(ShopHours next) {
    return new Shop(name, saws, planer, boards, limits, cutters, templates, shelf, next, woods);
  }

  public Shop withWoods(Woods next) {
    return new Shop(name, saws, planer, boards, limits, cutters, templates, shelf, hours, next);
  }

  /**
   * Without the maker's own wood of that id; one of the book is as the book has it again.
   *
   * @param parts what the instrument in hand has of it, by name
   * @throws IllegalArgumentException in words, for a wood that only this shop knows while something
   *     is of it
   */
  public Shop withoutWood(String id, List<String> parts) {
    if (Woods.isOwnId(id)) {
      List<String> of = new ArrayList<>(parts);
      boards.stream().filter(b -> b.species().equals(id)).forEach(b -> of.add("board " + b.id()));
      if (!of.isEmpty()) {
        throw new InvalidValue(
            Text.of("still of {wood}: {things}", woods.get(id).name(), String.join(", ", of)));
      }
    }
    return withWoods(woods.without(id));
  }

  public Shop withShelf(Shelf next) {
    return new Shop(name, saws, planer, boards, limits, cutters, templates, next, hours, woods);
  }

  /** The template made for that rout. */
  public Optional<Template> template(String rout) {
    return templates.stream().filter(t -> t.name().equals(rout)).findFirst();
  }

  /**
   * This shop with one board changed.
   *
   * @throws IllegalArgumentException when there is no such board, or its new name is taken
   */
  public Shop changeBoard(String id, UnaryOperator<Board> change) {
    List<Board> next = new ArrayList<>(boards);
    for (int i = 0; i < next.size(); i++) {
      if (next.get(i).id().equals(id)) {
        next.set(i, change.apply(next.get(i)));
        return withBoards(next);
      }
    }
    throw new InvalidValue(Text.of("there is no board {id}", id));
  }

  /** This shop with a template for another rout; as it is when there is one for that already. */
  public Shop withTemplateRenamed(String from, String to) {
    return template(to).isPresent()
        ? this
        : withTemplates(
            templates.stream().map(t -> t.name().equals(from) ? t.withName(to) : t).toList());
  }

  public Shop withoutBoard(String id) {
    return withBoards(boards.stream().filter(b -> !b.id().equals(id)).toList());
  }

  public Shop addBoard(Board board) {
    List<Board> next = new ArrayList<>(boards);
    next.add(board);
    return withBoards(next);
  }

  /** Whether a board still has the name that was given to it for its wood. */
  public static boolean namedByWood(Board board) {
    return board.id().matches(Pattern.quote(board.species()) + "-\\d+");
  }

  /** A name for a new board of that wood that isn't taken: cherry-1, cherry-2 … */
  public String freeName(String species) {
    for (int i = 1; ; i++) {
      String name = species + "-" + i;
      if (board(name).isEmpty()) {
        return name;
      }
    }
  }

  /** This shop with a limit of its own for a kind of thin spot. */
  public Shop withLimit(String kind, Limit own) {
    Map<String, Limit> next = new TreeMap<>(limits);
    next.put(kind, own);
    return new Shop(name, saws, planer, boards, next, cutters, templates, shelf, hours, woods);
  }

  /** This shop with the usual limit for a kind of thin spot. */
  public Shop withoutLimit(String kind) {
    Map<String, Limit> next = new TreeMap<>(limits);
    next.remove(kind);
    return new Shop(name, saws, planer, boards, next, cutters, templates, shelf, hours, woods);
  }
}
