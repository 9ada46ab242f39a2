package roughcut.design;

import java.util.List;
import roughcut.measure.Text;
import roughcut.shop.FinishBook;

/** A finish of the book, to be decided on. */
public record FinishChoice(String name, Text label) implements Choice {

  /** Every finish that the program knows. */
  public static List<FinishChoice> all() {
    return FinishBook.all().stream()
        .map(f -> new FinishChoice(f.id(), Text.word(f.name())))
        .toList();
  }
}
