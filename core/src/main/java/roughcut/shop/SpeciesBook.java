package roughcut.shop;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The woods that ship with the program; where their numbers come from is said in the table itself.
 */
public final class SpeciesBook {
  private static final Map<String, Species> ALL = load();

  private SpeciesBook() {}

  private static Map<String, Species> load() {
    Map<String, Species> all = new LinkedHashMap<>();
    for (Species species : CsvTable.read("species.csv", Species.class)) {
      all.put(species.id(), species);
    }
    return all;
  }

  /** Every wood that the program knows, by name. */
  public static List<Species> all() {
    return ALL.values().stream().sorted(Comparator.comparing(Species::name)).toList();
  }

  public static Optional<Species> find(String id) {
    return Optional.ofNullable(ALL.get(id));
  }

  /**
   * The wood of that id, or an uncertain wood under the same id: a species that this program
   * doesn't know is no error.
   */
  public static Species get(String id) {
    return find(id)
        .orElseGet(
            () ->
                new Species(
                    id, id, 400, 600, 900, 5000, 0.045, 0.085, "#CFC2AC", "#B3A68F", "", ""));
  }
}
