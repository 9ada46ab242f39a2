package roughcut.shop;

import java.util.List;

/** The finishes that ship with the program. */
public final class FinishBook {
  private static final List<Finish> ALL = CsvTable.read("finishes.csv", Finish.class);

  private FinishBook() {}

  public static List<Finish> all() {
    return ALL;
  }

  /** The finish of that id; the first in the book when there is none. */
  public static Finish get(String id) {
    return ALL.stream().filter(f -> f.id().equals(id)).findFirst().orElse(ALL.get(0));
  }
}
