package roughcut.design;

import java.util.List;
import roughcut.measure.Text;
import roughcut.shop.BridgeBook;

/** A bridge of the book, to be decided on. */
public record BridgeChoice(String name, Text label) implements Choice {

  /** Every bridge that the program knows. */
  public static List<BridgeChoice> all() {
    return BridgeBook.all().stream()
        .map(b -> new BridgeChoice(b.id(), Text.word(b.name())))
        .toList();
  }
}
