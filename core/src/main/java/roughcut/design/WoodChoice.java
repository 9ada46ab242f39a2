package roughcut.design;

import java.util.List;
import java.util.Optional;
import roughcut.shop.SpeciesBook;
import roughcut.shop.Woods;

/** A wood, to be decided on: of the species book, or a shop's own. */
public record WoodChoice(String name, String label) implements Choice {

  /** Every wood of the book. */
  public static List<WoodChoice> all() {
    return SpeciesBook.all().stream().map(s -> new WoodChoice(s.id(), s.name())).toList();
  }

  /** A wood that some shop has of its own; what it is called there only that shop knows. */
  static Optional<WoodChoice> own(String word) {
    return Woods.isOwnId(word) ? Optional.of(new WoodChoice(word, word)) : Optional.empty();
  }
}
