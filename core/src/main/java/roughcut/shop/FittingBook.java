package roughcut.shop;

import static roughcut.shop.CsvTable.number;

import java.util.List;

/** Pickups, controls, jacks and the rest in general sizes, as they ship with the program. */
public final class FittingBook {
  private static final List<FittingKind> ALL =
      CsvTable.read("fittings.csv").stream()
          .map(
              row ->
                  new FittingKind(
                      row.get("type"),
                      row.get("id"),
                      row.get("name"),
                      number(row, "length"),
                      number(row, "width"),
                      number(row, "height"),
                      number(row, "tab_length"),
                      number(row, "tab_width"),
                      number(row, "tab_deeper"),
                      number(row, "spread"),
                      number(row, "shaft"),
                      number(row, "bushing"),
                      number(row, "plate_length"),
                      number(row, "plate_width"),
                      number(row, "mass"),
                      row.get("note")))
          .toList();

  private FittingBook() {}

  public static List<FittingKind> all() {
    return ALL;
  }

  /** Those of one type, the usual one first. */
  public static List<FittingKind> of(String type) {
    return ALL.stream().filter(k -> k.type().equals(type)).toList();
  }

  /** The kind of that id, or the usual one of the type when the book doesn't have it. */
  public static FittingKind get(String type, String id) {
    return ALL.stream()
        .filter(k -> k.type().equals(type) && k.id().equals(id))
        .findFirst()
        .orElseGet(() -> of(type).get(0));
  }
}
