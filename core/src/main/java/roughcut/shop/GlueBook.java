package roughcut.shop;

import java.util.List;

/** The glues that ship with the program. */
public final class GlueBook {
  private static final List<Glue> ALL = CsvTable.read("glues.csv", Glue.class);

  private GlueBook() {}

  public static List<Glue> all() {
    return ALL;
  }

  /** The glue of that id; the first in the book when there is none. */
  public static Glue get(String id) {
    return ALL.stream().filter(g -> g.id().equals(id)).findFirst().orElse(ALL.get(0));
  }
}
