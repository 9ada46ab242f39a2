package roughcut.shop;

import java.util.List;

/** Pickups, controls, jacks and the rest in general sizes, as they ship with the program. */
public final class FittingBook {
  private static final List<FittingKind> ALL = CsvTable.read("fittings.csv", FittingKind.class);

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
