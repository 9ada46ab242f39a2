package roughcut.shop;

import static roughcut.shop.CsvTable.number;

import java.util.List;

/** The cutters of a usual drawer. */
public final class CutterBook {
  private static final List<Cutter> ALL =
      CsvTable.read("cutters.csv").stream()
          .map(
              row ->
                  new Cutter(
                      row.get("name"),
                      CutterKind.of(row.get("kind")),
                      number(row, "diameter"),
                      number(row, "cutting"),
                      number(row, "shank"),
                      number(row, "bearing"),
                      number(row, "bearing_height"),
                      (int) number(row, "flutes"),
                      number(row, "stick_out"),
                      number(row, "speed"),
                      number(row, "spur"),
                      Cutter.Condition.SHARP))
          .toList();

  private CutterBook() {}

  public static List<Cutter> all() {
    return ALL;
  }
}
