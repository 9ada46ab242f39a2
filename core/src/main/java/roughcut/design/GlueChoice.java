package roughcut.design;

import java.util.List;
import roughcut.measure.Text;
import roughcut.shop.GlueBook;

/** A glue of the book, to be decided on. */
public record GlueChoice(String name, Text label) implements Choice {

  /** Every glue that the program knows. */
  public static List<GlueChoice> all() {
    return GlueBook.all().stream().map(g -> new GlueChoice(g.id(), Text.word(g.name()))).toList();
  }
}
