package roughcut.shop;

import java.util.Optional;
import roughcut.measure.InvalidValue;
import roughcut.measure.NamedKind;
import roughcut.measure.Text;

/**
 * A template of the shop. Lengths in mm.
 *
 * @param name of the rout or outline that it is for
 * @param thickness of the board
 * @param use what it may be used for
 * @param master whether copies are made from it rather than routs
 * @param opening width of its opening as last measured; empty until it was
 * @param treble whether it was made for the treble side up; its witness mark shows on that face
 * @param registered by what it is put in place: index holes, the centre line, an earlier rout
 */
public record Template(
    String name,
    double thickness,
    String material,
    Use use,
    boolean master,
    Optional<Double> opening,
    boolean treble,
    String registered) {
  /** What a template may be used for. */
  public enum Use implements NamedKind {
    ROUTING,
    LAYOUT_ONLY
  }

  public Template {
    if (name == null || name.isBlank() || name.length() > 60) {
      throw new InvalidValue(Text.of("a template needs a name of at most 60 letters"));
    }
    if (!(thickness >= 1 && thickness <= 50)) {
      throw new InvalidValue(
          Text.of(
              "{name} is between {least} and {most} thick",
              name,
              Text.length(1, 0),
              Text.length(50, 0)));
    }
    if (opening.isPresent() && !(opening.get() > 0 && opening.get() < 1000)) {
      throw new InvalidValue(Text.of("the opening of {name} can't be that wide", name));
    }
  }

  /** Thin acrylic melts at a hot bearing: it is for layout, or copied to a board first. */
  public boolean melts() {
    return material.toLowerCase(java.util.Locale.ROOT).contains("acrylic") && thickness < 10;
  }

  /** The same, for another rout. */
  public Template withName(String next) {
    return new Template(next, thickness, material, use, master, opening, treble, registered);
  }

  /** Whether a bearing may run on it. */
  public boolean routs() {
    return use == Use.ROUTING && !melts() && !master;
  }
}
