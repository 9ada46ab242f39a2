package roughcut.shop;

import java.util.List;

/** Truss rods in general sizes that ship with the program. */
public final class RodBook {
  private static final List<RodKind> ALL = CsvTable.read("rods.csv", RodKind.class);

  private RodBook() {}

  public static List<RodKind> all() {
    return ALL;
  }
}
