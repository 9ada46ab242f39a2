package roughcut.design;

import java.util.List;
import roughcut.shop.BridgeBook;

/** A bridge of the book, to be decided on. */
public record BridgeChoice(String name, String label) implements Choice {

  /** Every bridge that the program knows. */
  public static List<BridgeChoice> all() {
    return BridgeBook.all().stream().map(b -> new BridgeChoice(b.id(), b.name())).toList();
  }
}
