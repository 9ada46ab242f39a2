package roughcut.shop;

import static roughcut.shop.CsvTable.number;

import java.util.List;

/** Kinds of bridges in general sizes that ship with the program. */
public final class BridgeBook {
  private static final List<BridgeKind> ALL =
      CsvTable.read("bridges.csv").stream()
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
                      row.get("note")))
          .toList();

  private BridgeBook() {}

  public static List<BridgeKind> all() {
    return ALL;
  }

  /** The bridge of that id; the first in the book when there is none. */
  public static BridgeKind get(String id) {
    return ALL.stream().filter(b -> b.id().equals(id)).findFirst().orElse(ALL.get(0));
  }
}
