package roughcut.design;

import java.util.List;
import roughcut.shop.SpeciesBook;

/** A wood of the species book, to be decided on. */
public record WoodChoice(String name, String label) implements Choice {

  /** Every wood that the program knows. */
  public static List<WoodChoice> all() {
    return SpeciesBook.all().stream().map(s -> new WoodChoice(s.id(), s.name())).toList();
  }
}
