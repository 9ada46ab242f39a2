package roughcut.shop;

import static roughcut.shop.CsvTable.number;

import java.util.List;
import java.util.Map;

/** Kinds of bridges in general sizes that ship with the program. */
public final class BridgeBook {
  private static final List<BridgeKind> ALL =
      CsvTable.rows("bridges.csv").stream()
          .map(
              row ->
                  new BridgeKind(
                      row.get("id"),
                      row.get("name"),
                      row.get("datum"),
                      number(row, "forward"),
                      number(row, "rear"),
                      number(row, "posts"),
                      number(row, "slant"),
                      number(row, "height_least"),
                      number(row, "height_most"),
                      number(row, "anchor_back"),
                      number(row, "anchor_height"),
                      row.get("angled").equals("yes"),
                      row.get("tunes").equals("yes"),
                      cuts(row),
                      row.get("note")))
          .toList();

  private BridgeBook() {}

  private static BridgeCuts cuts(Map<String, String> row) {
    return new BridgeCuts(
        number(row, "post_bore"),
        number(row, "post_depth"),
        area(row, "plate", 0),
        new BridgeCuts.Tail(
            number(row, "tail_back"),
            number(row, "tail_posts"),
            number(row, "tail_bore"),
            number(row, "tail_depth")),
        area(row, "top", number(row, "top_depth")),
        area(row, "block", 0),
        new BridgeCuts.Area(
            0,
            number(row, "spring_length"),
            number(row, "spring_width"),
            number(row, "spring_depth")));
  }

  private static BridgeCuts.Area area(Map<String, String> row, String name, double depth) {
    return new BridgeCuts.Area(
        number(row, name + "_from"),
        number(row, name + "_to"),
        number(row, name + "_width"),
        depth);
  }

  public static List<BridgeKind> all() {
    return ALL;
  }

  /** The bridge of that id; the first in the book when there is none. */
  public static BridgeKind get(String id) {
    return ALL.stream().filter(b -> b.id().equals(id)).findFirst().orElse(ALL.get(0));
  }
}
