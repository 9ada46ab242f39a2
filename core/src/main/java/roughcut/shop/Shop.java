package roughcut.shop;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What the maker owns and holds to.
 *
 * @param boards the rack
 * @param limits the maker's own limits by the kind of thin spot; kinds not named stand at the
 *     handbook's
 */
public record Shop(String name, List<Saw> saws, List<Board> boards, Map<String, Limit> limits) {
  public Shop {
    saws = List.copyOf(saws);
    boards = List.copyOf(boards);
    limits = Collections.unmodifiableMap(new TreeMap<>(limits));
  }

  /** A shop with the usual saws (handbook page 3) and no limits of its own. */
  public static Shop usual(String name) {
    return new Shop(
        name,
        List.of(
            new Saw("table saw", 3.0, 0.5),
            new Saw("bandsaw", 1.0, 1.0),
            new Saw("hand saw", 0.8, 1.0)),
        List.of(),
        Map.of());
  }

  public Limit limit(String kind, Limit handbook) {
    return limits.getOrDefault(kind, handbook);
  }

  public Optional<Board> board(String id) {
    return boards.stream().filter(b -> b.id().equals(id)).findFirst();
  }

  public Shop withBoards(List<Board> next) {
    return new Shop(name, saws, next, limits);
  }
}
