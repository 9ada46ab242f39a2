package roughcut.shop;

import static roughcut.shop.CsvTable.number;

import java.util.List;

/** Truss rods in general sizes that ship with the program. */
public final class RodBook {
  private static final List<RodKind> ALL =
      CsvTable.read("rods.csv").stream()
          .map(
              row ->
                  new RodKind(
                      row.get("id"),
                      row.get("name"),
                      row.get("acting").equals("single"),
                      RodKind.Segment.read(row.get("body")),
                      RodKind.Segment.read(row.get("adjuster")),
                      number(row, "deeper"),
                      row.get("bottom").equals("round")))
          .toList();

  private RodBook() {}

  public static List<RodKind> all() {
    return ALL;
  }
}
