package roughcut.shop;

import java.util.List;
import java.util.Optional;

/**
 * The woods that ship with the program. Tints are chosen for telling woods apart on paper, not
 * measured.
 */
public final class SpeciesBook {
  private static final List<Species> ALL =
      List.of(
          new Species("cherry", "cherry", "#D9A684", "#BD8663"),
          new Species("hornbeam", "hornbeam", "#EFE3C4", "#D6C69E"),
          new Species("robinia", "robinia", "#A98B5A", "#8A6E40"),
          new Species("elm", "elm", "#B98F63", "#96704A"),
          new Species("pear", "pear", "#DDB29A", "#C3937A"),
          new Species("plum", "plum", "#B97C6C", "#955A50"),
          new Species("lime", "lime", "#EADDBD", "#D2C299"),
          new Species("larch", "larch", "#D8AE74", "#B9874C"),
          new Species("bog-oak", "bog oak", "#5B5148", "#40382F"),
          new Species("yew", "yew", "#CE8E58", "#AB6C3B"),
          new Species("boxwood", "boxwood", "#EBD48B", "#CFB766"));

  private static final Species UNKNOWN =
      new Species("uncertain", "uncertain", "#CFC2AC", "#B3A68F");

  private SpeciesBook() {}

  public static List<Species> all() {
    return ALL;
  }

  public static Optional<Species> find(String id) {
    return ALL.stream().filter(s -> s.id().equals(id)).findFirst();
  }

  /**
   * The wood of that id, or the uncertain wood under the same id: a species that this program
   * doesn't know is no error.
   */
  public static Species get(String id) {
    return find(id).orElseGet(() -> new Species(id, id, UNKNOWN.tint(), UNKNOWN.figure()));
  }
}
