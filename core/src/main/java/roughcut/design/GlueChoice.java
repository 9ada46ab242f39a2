package roughcut.design;

import java.util.List;
import roughcut.shop.GlueBook;

/** A glue of the book, to be decided on. */
public record GlueChoice(String name, String label) implements Choice {

  /** Every glue that the program knows. */
  public static List<GlueChoice> all() {
    return GlueBook.all().stream().map(g -> new GlueChoice(g.id(), g.name())).toList();
  }
}
