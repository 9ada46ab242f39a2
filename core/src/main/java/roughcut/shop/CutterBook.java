package roughcut.shop;

import java.util.List;

/** The cutters of a usual drawer. */
public final class CutterBook {
  private static final List<Cutter> ALL = CsvTable.read("cutters.csv", Cutter.class);

  private CutterBook() {}

  public static List<Cutter> all() {
    return ALL;
  }
}
