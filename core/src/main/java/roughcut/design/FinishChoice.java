package roughcut.design;

import java.util.List;
import roughcut.shop.FinishBook;

/** A finish of the book, to be decided on. */
public record FinishChoice(String name, String label) implements Choice {

  /** Every finish that the program knows. */
  public static List<FinishChoice> all() {
    return FinishBook.all().stream().map(f -> new FinishChoice(f.id(), f.name())).toList();
  }
}
