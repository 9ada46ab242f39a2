package roughcut.design;

import java.util.List;
import java.util.Optional;
import roughcut.measure.Text;
import roughcut.shop.Species;
import roughcut.shop.SpeciesBook;
import roughcut.shop.Woods;

/** A wood, to be decided on: of the species book, or a shop's own. */
public record WoodChoice(String name, Text label) implements Choice {

  /** Every wood of the book. */
  public static List<WoodChoice> all() {
    return SpeciesBook.all().stream().map(WoodChoice::of).toList();
  }

  /** A wood of the book, or of a shop under the name that its maker gave it. */
  static WoodChoice of(Species wood) {
    return new WoodChoice(
        wood.id(), Woods.isOwnId(wood.id()) ? Text.raw(wood.name()) : Text.word(wood.name()));
  }

  /** A wood that some shop has of its own; what it is called there only that shop knows. */
  static Optional<WoodChoice> own(String word) {
    return Woods.isOwnId(word)
        ? Optional.of(new WoodChoice(word, Text.raw(word)))
        : Optional.empty();
  }
}
