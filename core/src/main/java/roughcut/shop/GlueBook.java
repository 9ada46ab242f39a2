package roughcut.shop;

import static roughcut.shop.CsvTable.number;

import java.util.List;

/** The glues that ship with the program. */
public final class GlueBook {
  private static final List<Glue> ALL =
      CsvTable.read("glues.csv").stream()
          .map(
              row ->
                  new Glue(
                      row.get("id"),
                      row.get("name"),
                      number(row, "open"),
                      number(row, "clamp"),
                      number(row, "cure"),
                      number(row, "coverage"),
                      number(row, "least"),
                      number(row, "gap"),
                      row.get("warmth").equals("lengthens"),
                      row.get("note")))
          .toList();

  private GlueBook() {}

  public static List<Glue> all() {
    return ALL;
  }

  /** The glue of that id; the first in the book when there is none. */
  public static Glue get(String id) {
    return ALL.stream().filter(g -> g.id().equals(id)).findFirst().orElse(ALL.get(0));
  }
}
